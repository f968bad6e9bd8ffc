<?php

declare(strict_types=1);

namespace Aglyca\Core\Writing;

use Aglyca\Core\Larder\Label\InvalidLabel;
use Aglyca\Core\Larder\Label\Label;
use Aglyca\Core\Larder\Label\LabelReader;
use Aglyca\Core\Larder\LabelLaw;

/** What a package's label says of 100 g, with what its rounding and its law leave open. */
final readonly class LabelReport
{
    /** Of the 95 % range. */
    private const COVERAGE = 2;

    public function __construct(private LabelReader $reader) {}

    /**
     * @param  array<string, mixed>  $asked  law, serving, printed, polyol
     * @return array<string, float|bool|string>
     *
     * @throws InvalidLabel with a sentence for each figure that cannot be one
     */
    public function of(array $asked): array
    {
        $law = LabelLaw::tryFrom(self::text($asked['law'] ?? ''));
        if ($law === null) {
            throw new InvalidLabel(['law' => 'The law is one of: '.
                implode(', ', array_column(LabelLaw::cases(), 'value')).'.']);
        }
        $printed = is_array($asked['printed'] ?? null) ? $asked['printed'] : [];
        $label = $this->reader->named(Label::of(
            $law,
            (float) self::text($asked['serving'] ?? ''),
            array_map(self::text(...), array_filter($printed, is_string(...), ARRAY_FILTER_USE_KEY)),
            self::text($asked['polyol'] ?? ''),
        ));
        $n = $label->per100();
        $u = self::COVERAGE * hypot($label->netCarbsU(), $this->reader->netCarbsU($label));

        return [
            'law' => $law->value,
            'carbohydrate' => round($n->carbohydrate, 2),
            'fibre' => round($n->fibre, 2),
            'polyols' => round($n->polyolGrams(), 2),
            'net' => round($n->digestible(), 2),
            'u2' => round($u, 2),
            'low' => round(max(0.0, $n->digestible() - $u), 2),
            'high' => round($n->digestible() + $u, 2),
            'kcal' => round($n->energy, 1),
        ];
    }

    private static function text(mixed $value): string
    {
        return is_string($value) || is_int($value) || is_float($value) ? (string) $value : '';
    }
}

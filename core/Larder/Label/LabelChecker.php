<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder\Label;

use Aglyca\Core\Larder\Constants;

/** Finds labels whose figures contradict each other, and shows the arithmetic. */
final class LabelChecker
{
    public function __construct(private readonly LabelReader $reader, private readonly Constants $constants) {}

    /** @return list<string> sentences; none where the label holds together */
    public function contradictions(Label $label): array
    {
        $named = $this->reader->named($label);

        return [
            ...$this->parts($label),
            ...$this->mass($label),
            ...$this->energy($named),
            ...$named->polyol === $label->polyol ? [] : [$this->unnamed($label, $named->polyol)],
        ];
    }

    /** @return list<string> */
    private function parts(Label $label): array
    {
        $inside = array_filter(
            ['fibre', 'sugars', 'polyols', 'allulose'],
            static fn (string $part): bool => $label->prints($part) &&
                ! ($part === 'fibre' && ! $label->law->carbohydrateHasFibre()) &&
                ! ($part === 'polyols' && ! $label->law->carbohydrateHasPolyols()),
        );
        $least = array_sum(array_map($label->low(...), $inside));
        if ($least <= $label->high('carbohydrate') + 1e-9 || $inside === []) {
            return [];
        }
        $sum = implode(' + ', array_map(static fn (string $p): string => self::g($label->middle($p)).' '.$p, $inside));

        return [
            sprintf(
                'The parts are more than the whole: %s = %s g, but the carbohydrate is %s g.',
                $sum,
                self::g(array_sum(array_map($label->middle(...), $inside))),
                self::g($label->middle('carbohydrate')),
            ),
        ];
    }

    /** @return list<string> */
    private function mass(Label $label): array
    {
        $n = $label->per100();
        $sum = (($n->carbohydrate + $n->fat + $n->protein) * $label->servingGrams) / 100;
        $least =
            $label->low('fat') +
            $label->low('protein') +
            $label->law->totalCarbohydrate($label->low('carbohydrate'), $label->low('fibre'), $label->low('polyols'));

        return $least <= $label->servingGrams + 1e-9
            ? []
            : [
                sprintf(
                    'A serving of %s g cannot hold %s g of carbohydrate, fat and protein.',
                    self::g($label->servingGrams),
                    self::g($sum),
                ),
            ];
    }

    /** @return list<string> */
    private function energy(Label $label): array
    {
        if (! $label->prints('energy')) {
            return [];
        }
        $f = $this->reader->energy($label->law);
        $n = $label->per100()->times($label->servingGrams / 100);
        $terms = [
            'protein' => [$n->protein, $f->of('protein')],
            'fat' => [$n->fat, $f->of('fat')],
            'carbohydrate' => [max(0.0, $n->digestible()), $f->of('carbohydrate')],
            'fibre' => [$n->fibre, $f->of('fibre')],
            'sugar alcohol' => [$n->polyolGrams(), $f->of($label->polyol)],
            'allulose' => [$n->allulose, $f->of('allulose')],
        ];
        $sum = array_sum(array_map(static fn (array $t): float => $t[0] * $t[1], $terms));
        // Fibre may be printed at nothing to what carbohydrate gives, and each rounded figure may be off by half its
        // step.
        $half = static fn (string $figure): float => ($label->high($figure) - $label->low($figure)) / 2;
        $slack =
            $f->of('fibre') * $n->fibre +
            $f->of('carbohydrate') * $half('carbohydrate') +
            $f->of('fat') * $half('fat') +
            $f->of('protein') * $half('protein') +
            $half('energy') +
            $this->constants->get('label-energy-differs') * $sum;
        if (abs($sum - $label->middle('energy')) <= $slack) {
            return [];
        }
        $shown = implode(
            ' + ',
            array_map(
                static fn (string $name, array $t): string => self::g($t[0])." g $name × ".self::g($t[1]),
                array_keys(array_filter($terms, static fn (array $t): bool => $t[0] > 0)),
                array_filter($terms, static fn (array $t): bool => $t[0] > 0),
            ),
        );

        return [
            sprintf(
                'The energy does not fit: %s = %.0f kcal, but the label prints %s.',
                $shown === '' ? 'nothing' : $shown,
                $sum,
                self::g($label->middle('energy')),
            ),
        ];
    }

    private function unnamed(Label $label, string $polyol): string
    {
        return $label->prints('energy')
            ? "The label does not say which sugar alcohol it holds. Its energy fits $polyol best, and so it is counted: check the list of ingredients."
            : "The label does not say which sugar alcohol it holds: it is counted as $polyol. Check the list of ingredients.";
    }

    private static function g(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Family\Solubility;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Tables;

/**
 * What a baked dessert shows beside its judgement: signs in the formula, in the oven's time and heat, and on the
 * scale.
 */
final readonly class Portrait
{
    public const LOW = 'low';

    public const OK = 'ok';

    public const HIGH = 'high';

    /** Signs that the forecast gives better, because it knows what the dessert was before. */
    private const FORESEEN = [
        'brown' => 'browning',
        'grain' => 'grain',
        'cool' => 'cool',
        'wet' => 'moisture',
        'fat' => 'fat',
        'hold' => 'structure',
        'sweet' => 'sweetness',
    ];

    /** @var array<string, array<string, array<string, string>>> sign => pattern => row */
    private array $rows;

    public function __construct(
        Tables $tables,
        private Assayer $assayer,
        private Larder $larder,
        private Constants $constants,
    ) {
        $rows = [];
        foreach ($tables->rows('signs') as $row) {
            $rows[$row['sign']][$row['pattern']] = $row;
        }
        $this->rows = $rows;
    }

    /** @return array<string, Sign> those that are known, by their key */
    public function of(Baked $baked): array
    {
        $signs = [];
        foreach ([...$this->measured($baked), ...$this->found($baked)] as $key => $value) {
            $row = $this->rows[$key][$baked->family->pattern] ?? $this->rows[$key]['*'] ?? null;
            if ($row !== null && $value !== null) {
                $signs[$key] = new Sign(
                    $key,
                    $row['name'],
                    $row['unit'],
                    $value,
                    (float) $row['low'],
                    (float) $row['high'],
                    $this->level($baked, $key, $value, $row),
                );
            }
        }

        return $signs;
    }

    /** @param  array<string, string>  $row */
    private function level(Baked $baked, string $key, float $value, array $row): string
    {
        $property = $baked->forecast[self::FORESEEN[$key] ?? ''] ?? null;
        if ($property !== null && $property->isOutside()) {
            return $property->low !== null && $property->after < $property->low ? self::LOW : self::HIGH;
        }

        return $value < (float) $row['low'] ? self::LOW : ($value > (float) $row['high'] ? self::HIGH : self::OK);
    }

    /** @return array<string, ?float> */
    private function measured(Baked $baked): array
    {
        $formula = $baked->formula;
        $mix = $this->assayer->mix($formula->doses);
        if ($mix->mass <= 0) {
            return [];
        }
        $solubility = Solubility::at($baked->family, $this->constants);
        $lost = $baked->family->bakeLoss * $mix->mass;
        $flour = $this->massOf($formula, static fn (Dose $d): bool => $d->food?->role === Role::Body);
        $strong = 0.0;
        foreach ($formula->doses as $dose) {
            $strong += $dose->food?->role === Role::Sweet && $this->larder->isConcentrate($dose->food)
                ? $this->larder->typical($dose->food, 'sweetness') * $dose->mass()
                : 0.0;
        }
        $lift = $formula->gramsOf('baking-powder') + $this->constants->get('soda-as-powder') * $formula->gramsOf('baking-soda');
        $isFloury = $flour > 0.05 * $mix->mass;

        return [
            'brown' => $mix->reducing / $mix->mass,
            'allulose' => $mix->allulose / $mix->mass,
            'grain' => $mix->grain($solubility, $lost),
            'cool' => $mix->cool($solubility, $lost, $this->constants->get('erythritol-heat')),
            'wet' => $isFloury ? $mix->moisture() : null,
            'fat' => $mix->fatShare(),
            'hold' => $isFloury ? $mix->hold / $flour : null,
            'lift' => $isFloury ? 100 * $lift / $flour : null,
            'egg' => $this->massOf($formula, static fn (Dose $d): bool => $d->food?->role === Role::Egg) / $mix->mass,
            'sweet' => $mix->sweetness / $mix->mass,
            'coconut' => $isFloury ? $formula->gramsOf('coconut-flour') / $flour : null,
            'strong' => $mix->sweetness > 0 ? $strong / $mix->sweetness : null,
        ];
    }

    /** @return array<string, ?float> */
    private function found(Baked $baked): array
    {
        $notes = $baked->notes;
        $mass = $baked->formula->mass();

        return [
            'time' => $notes->minutes !== null && $baked->minutes > 0 ? $notes->minutes / $baked->minutes : null,
            'heat' => $notes->heat !== null && $baked->heat !== null ? $notes->heat - $baked->heat : null,
            'loss' => $notes->mass !== null && $mass > 0 && $baked->family->bakeLoss > 0
                    ? (1 - $notes->mass / $mass) / $baked->family->bakeLoss
                    : null,
        ];
    }

    /** @param  callable(Dose): bool  $is */
    private function massOf(Formula $formula, callable $is): float
    {
        return array_sum(array_map(static fn (Dose $d): float => $is($d) ? $d->mass() : 0.0, $formula->doses));
    }
}

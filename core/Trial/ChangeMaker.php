<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Method\NewNames;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Tables;

/**
 * Works out one change by the properties that the swap itself uses: as small as moves what it is for, with nothing
 * newly out of its band.
 */
final readonly class ChangeMaker
{
    /** Shares that are tried, the smallest first. */
    private const STEPS = [0.1, 0.15, 0.2, 0.3, 0.45, 0.6];

    /** @var array<string, array<string, string>> */
    private array $rows;

    public function __construct(
        Tables $tables,
        private Larder $larder,
        private Snapper $snapper,
        private Outlook $outlook,
        private Constants $constants,
    ) {
        $this->rows = $tables->keyed('changes', 'change');
    }

    public function of(string $key, Baked $baked): ?Change
    {
        $row = $this->rows[$key] ?? null;
        if ($row === null) {
            return null;
        }
        $before = $this->outlook->of($baked, $baked->formula);
        if ($row['does'] === 'advice') {
            return new Change($key, $row['sentence'].'.', null, []);
        }
        $best = null;
        foreach (self::STEPS as $share) {
            $change = $this->tried($row, $baked, $share, $before);
            if ($change === null || $this->isNewlyOut($change->properties)) {
                continue;
            }
            if ($this->moves($row, $change, $before)) {
                return $change;
            }
            $best = $this->isRight($row, $change) ? $change : $best;
        }

        return $best;
    }

    /**
     * @param  array<string, string>  $row
     * @param  array<string, Property>  $before
     */
    private function tried(array $row, Baked $baked, float $share, array $before): ?Change
    {
        [$does, $how] = [...explode(':', $row['does'], 2), ''];
        [$formula, $grams, $food, $cooler, $longer] = [$baked->formula, 0.0, '', 0.0, 0.0];
        if ($does === 'oven') {
            if ($baked->heat === null) {
                return new Change($row['change'], $row['sentence'].'.', null, [], -(float) $how);
            }
            $cooler = -(float) $how;
        } elseif ($does === 'time') {
            [$longer, $share] = [(float) $how, abs((float) $how)];
        } else {
            $changed = match ($does) {
                'sweet' => $this->sweetened($formula, $how, $share),
                'strong' => $this->lessStrong($formula, $share),
                'scale' => $this->scaled(
                    $formula,
                    Role::from($row['role']),
                    str_starts_with($row['change'], 'more') ? 1 + $share : 1 - $share,
                ),
                'add' => $this->added($formula, $how, $share),
                'wet', 'fat', 'lift' => $this->amount(
                    $formula,
                    Role::from($row['role']),
                    $how === 'more' ? $share : -$share,
                ),
                'egg' => $this->eggless($formula),
                default => null,
            };
            if ($changed === null) {
                return null;
            }
            [$formula, $grams, $food] = $changed;
        }
        $after = $this->outlook->of($baked, $formula, $cooler, $longer);
        $moved = [];
        foreach ($after as $key => $property) {
            if (
                abs($property->after - $before[$key]->after) > 0.01 * max(1e-9, abs($before[$key]->after)) &&
                is_finite($property->after)
            ) {
                $moved[$key] = [$before[$key], $property];
            }
        }
        $sentence =
            strtr($row['sentence'], [
                '{grams}' => (string) round($grams, $grams < 10 ? 1 : 0),
                '{percent}' => (string) round($share * 100),
                '{food}' => $food,
            ]).'.';

        return new Change(
            $row['change'],
            $sentence,
            $formula === $baked->formula ? null : $formula,
            $moved,
            $cooler,
            $longer,
        );
    }

    /**
     * @param  array<string, array{Property, Property}>  $moved
     */
    private function isNewlyOut(array $moved): bool
    {
        $anyway = $this->constants->get('change-anyway');
        foreach ($moved as $key => [$was, $is]) {
            // What is out already is not to go further out.
            $isFurther =
                ($is->high !== null && $is->after > $is->high && $is->after > $was->after * (1 + $anyway)) ||
                ($is->low !== null && $is->after < $is->low && $is->after < $was->after * (1 - $anyway));
            if ($is->isOutside() && (! $was->isOutside() || $isFurther)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, string>  $row
     * @param  array<string, Property>  $before
     */
    private function moves(array $row, Change $change, array $before): bool
    {
        if ($row['property'] === '' || $row['direction'] === 'same') {
            return true;
        }
        $moved = $change->properties[$row['property']] ?? null;

        return $moved !== null &&
            $this->isRight($row, $change) &&
            abs($moved[1]->after - $moved[0]->after) >= $this->constants->get('change-moves') * abs($moved[0]->after);
    }

    /** @param  array<string, string>  $row */
    private function isRight(array $row, Change $change): bool
    {
        $moved = $change->properties[$row['property']] ?? null;

        return $row['property'] === '' ||
            $row['direction'] === 'same' ||
            ($moved !== null && ($row['direction'] === 'up') === $moved[1]->after > $moved[0]->after);
    }

    /** @return ?array{Formula, float, string} */
    private function sweetened(Formula $formula, string $how, float $share): ?array
    {
        [$from, $to] = explode('>', $how);
        $new = $this->larder->get($to);
        [$moved, $doses] = [0.0, []];
        foreach ($formula->doses as $dose) {
            $holds = match (true) {
                $dose->food === null || $dose->food->role !== Role::Sweet => 0.0,
                $from === 'allulose' => $dose->food->per100->allulose,
                default => $dose->food->per100->polyols['erythritol'] ?? 0.0,
            };
            if (
                $holds < $this->constants->get('change-sweetener-holds') ||
                $dose->food === null ||
                $dose->mass() <= 0
            ) {
                $doses[] = $dose;

                continue;
            }
            $grams = $this->snapper->snap($dose->food, $dose->mass() * $share);
            $moved += $grams;
            $doses[] = self::weighing($dose, $dose->mass() - $grams);
            $sweet = $this->larder->typical($dose->food, 'sweetness') / $this->larder->typical($new, 'sweetness');
            $doses[] = new Dose(
                $new->name,
                $new,
                Estimate::of($this->snapper->snap($new, $grams * $sweet), 0.0),
                $dose->component,
            );
        }

        return $moved > 0 ? [$formula->with($doses), $moved, ''] : null;
    }

    /** @return ?array{Formula, float, string} */
    private function lessStrong(Formula $formula, float $share): ?array
    {
        $allulose = $this->larder->get('allulose');
        [$less, $doses] = [0.0, []];
        foreach ($formula->doses as $dose) {
            $isStrong = $dose->food?->role === Role::Sweet && $this->larder->isConcentrate($dose->food);
            $doses[] = $dose;
            if ($isStrong && $dose->mass() > 0) {
                $grams = $dose->mass() * $share;
                $sweetness = $this->larder->typical($dose->known(), 'sweetness');
                $less += $grams;
                $doses[array_key_last($doses)] = self::weighing($dose, $dose->mass() - $grams);
                $doses[] = new Dose(
                    $allulose->name,
                    $allulose,
                    Estimate::of(
                        $this->snapper->snap(
                            $allulose,
                            ($grams * $sweetness) / $this->larder->typical($allulose, 'sweetness'),
                        ),
                        0.0,
                    ),
                    $dose->component,
                );
            }
        }

        return $less > 0 ? [$formula->with($doses), $less, ''] : null;
    }

    /** @return ?array{Formula, float, string} */
    private function scaled(Formula $formula, Role $role, float $factor): ?array
    {
        $doses = array_map(
            static fn (Dose $d): Dose => $d->food?->role === $role && $d->mass() > 0
                ? self::weighing($d, $d->mass() * $factor)
                : $d,
            $formula->doses,
        );

        return $doses === $formula->doses ? null : [$formula->with($doses), 0.0, ''];
    }

    /** @return ?array{Formula, float, string} */
    private function added(Formula $formula, string $food, float $share): ?array
    {
        $binder = $this->heaviest($formula, Role::Binder)->food ?? $this->larder->get($food);
        $flour = array_sum(
            array_map(static fn (Dose $d): float => $d->food?->role === Role::Body ? $d->mass() : 0.0, $formula->doses),
        );
        if ($flour <= 0) {
            return null;
        }
        // By what it holds: a share of what the flour's weight of wheat would.
        $grams = $this->snapper->snap($binder, $share * $flour / $this->larder->typical($binder, 'holding'));

        return [
            $formula->with([
                ...$formula->doses,
                new Dose($binder->name, $binder, Estimate::of($grams, 0.0), $formula->heaviest()),
            ]),
            $grams,
            NewNames::name($binder),
        ];
    }

    /** @return ?array{Formula, float, string} */
    private function amount(Formula $formula, Role $role, float $share): ?array
    {
        $dose = $this->heaviest($formula, $role);
        if ($dose === null || $dose->food === null) {
            return $share > 0 ? $this->poured($formula, $role, $share) : null;
        }
        $grams = $this->snapper->snap($dose->food, $dose->mass() * abs($share));
        $doses = array_map(
            static fn (Dose $d): Dose => $d === $dose
                ? self::weighing($d, max(0.0, $d->mass() + ($share > 0 ? $grams : -$grams)))
                : $d,
            $formula->doses,
        );

        return [$formula->with($doses), $grams, NewNames::name($dose->food)];
    }

    /**
     * Some of what there is none of yet.
     *
     * @return ?array{Formula, float, string}
     */
    private function poured(Formula $formula, Role $role, float $share): ?array
    {
        $food = match ($role) {
            Role::Wet => $this->larder->get('water'),
            Role::Fat => $this->larder->get('butter'),
            Role::Lift => $this->larder->get('baking-powder'),
            default => null,
        };
        if ($food === null) {
            return null;
        }
        $grams = $this->snapper->snap($food, $formula->mass() * $share * ($role === Role::Lift ? 0.02 : 0.1));

        return [
            $formula->with([
                ...$formula->doses,
                new Dose($food->name, $food, Estimate::of($grams, 0.0), $formula->heaviest()),
            ]),
            $grams,
            NewNames::name($food),
        ];
    }

    /** @return ?array{Formula, float, string} */
    private function eggless(Formula $formula): ?array
    {
        $dose = $this->heaviest($formula, Role::Egg);
        $one = $dose?->food === null ? null : $this->larder->portion($dose->food, '');
        if (
            $dose === null ||
            $dose->food === null ||
            $one === null ||
            $dose->mass() < $this->constants->get('change-egg-left') * $one->value
        ) {
            return null;
        }
        $water = $this->larder->get('water');
        $grams = round(($one->value * $dose->food->per100->water) / 100 / 5) * 5;
        $doses = array_map(
            static fn (Dose $d): Dose => $d === $dose ? self::weighing($d, $d->mass() - $one->value) : $d,
            $formula->doses,
        );

        return [
            $formula->with([...$doses, new Dose($water->name, $water, Estimate::of($grams, 0.0), $dose->component)]),
            $grams,
            '',
        ];
    }

    private function heaviest(Formula $formula, Role $role): ?Dose
    {
        $found = null;
        foreach ($formula->doses as $dose) {
            if (
                $dose->food?->role === $role &&
                $dose->mass() > 0 &&
                ($found === null || $dose->mass() > $found->mass())
            ) {
                $found = $dose;
            }
        }

        return $found;
    }

    private static function weighing(Dose $dose, float $grams): Dose
    {
        return $dose->of($dose->food, Estimate::of($grams, $dose->grams->u ?? 0.0), $dose->text);
    }
}

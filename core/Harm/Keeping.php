<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Forecast\WaterActivity;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\Said;
use Aglyca\Core\Tables;

/**
 * How a dessert keeps: by what is in it and by the water activity after the bake, taken too low; the most perishable
 * part rules. What its kind usually bears stands where that is no longer, and the recipe's own shorter word.
 */
final readonly class Keeping
{
    private const ORDER = ['fridge', 'room', 'tin'];

    /** @var array<string, array<string, string>> rows of `data/keeping.csv` by kind */
    private array $rows;

    public function __construct(
        Tables $tables,
        private WaterActivity $activity,
        private KeepReader $reader,
        private Constants $constants,
    ) {
        $this->rows = $tables->keyed('keeping', 'kind');
    }

    /**
     * @param  list<Family>  $families  by component
     * @param  list<Said>  $said
     */
    public function of(Formula $formula, array $families, array $said): Keep
    {
        $worst = null;
        foreach (array_keys($formula->components) as $component) {
            $kind = $this->kindOf($formula, $component, $families[$component]);
            if ($kind !== null && ($worst === null || $this->rank($kind) < $this->rank($worst))) {
                $worst = $kind;
            }
        }
        $row = $this->rows[$worst ?? 'unknown'];

        return $this->asUsual($row, $families[$formula->heaviest()], $said);
    }

    private function rank(string $kind): int
    {
        $row = $this->rows[$kind];

        return 1000 * (int) array_search($row['place'], self::ORDER, true) + (int) $row['days'];
    }

    /** @return ?string null for what has no weight, or nothing that could go off */
    private function kindOf(Formula $formula, int $component, Family $family): ?string
    {
        $doses = array_values(array_filter(
            $formula->doses,
            static fn (Dose $d): bool => $d->component === $component && $d->mixed() > 0,
        ));
        $mass = array_sum(array_map(static fn (Dose $d): float => $d->mixed(), $doses));
        $unknown = array_sum(array_map(static fn (Dose $d): float => $d->food === null ? $d->mixed() : 0.0, $doses));
        if ($mass <= 0) {
            return null;
        }
        $isBaked = $family->minutes > 0;
        if ($unknown / $mass > $this->constants->get('unknown-little')) {
            return 'unknown';
        }
        $water = array_sum(array_map(
            static fn (Dose $d): float => $d->mixed() * ($d->food->per100->water ?? 0.0) / 100,
            $doses,
        ));
        $lost = min($family->bakeLoss * $mass, (1 - $this->constants->get('water-kept')) * $water);
        if ($isBaked && $this->isDryByKind($family) && ($water - $lost) / $mass < $this->constants->get('dry-water')) {
            return 'dry';
        }
        $activity = min(1.0, $this->activity->of($doses, $lost) + $this->constants->get('activity-margin'));
        $isPerishable = array_filter($doses, $this->isPerishable(...)) !== [];

        return match (true) {
            $isPerishable && ! $isBaked && ! $family->hot => 'cream',
            $this->dairy($doses) / $mass > $this->constants->get('dairy-cold') => 'perishable',
            $isPerishable && $activity > (float) $this->rows['perishable']['from_aw'] => 'perishable',
            $activity > (float) $this->rows['moist']['from_aw'] => $family->cold ? 'perishable' : 'moist',
            $activity > (float) $this->rows['soft']['from_aw'] => 'soft',
            $activity > (float) $this->rows['firm']['from_aw'] => 'firm',
            default => 'dry',
        };
    }

    /** A biscuit, a meringue, a brittle: what is crisp holds no water to speak of. */
    private function isDryByKind(Family $family): bool
    {
        $isBiscuit = $family->crisp || ($family->fragile && $family->holder === 'sheet');

        return $isBiscuit && $family->bakeLoss > 0 && ! $family->cold;
    }

    /**
     * Grams of cream, soft cheese, milk: where it is much, it stays a filling of its own that no sugar protects.
     *
     * @param  list<Dose>  $doses
     */
    private function dairy(array $doses): float
    {
        $isDairy = fn (Dose $d): bool => $this->isPerishable($d) && in_array('milk', $d->food->allergens ?? [], true);

        return array_sum(array_map(static fn (Dose $d): float => $isDairy($d) ? $d->mixed() : 0.0, $doses));
    }

    /** Milk, cream, egg or soft cheese as they are poured and spooned; fruit and vegetables full of water. */
    private function isPerishable(Dose $dose): bool
    {
        $food = $dose->food;
        if ($food === null || $food->per100->water < $this->constants->get('perishable-water')) {
            return false;
        }
        $kinds = array_map(static fn (string $a): string => explode(':', $a)[0], $food->allergens);

        return array_intersect($kinds, ['milk', 'egg']) !== [] ||
            ($food->role === Role::Mixin && $food->per100->water > $this->constants->get('moist-fruit'));
    }

    /**
     * What is usual for its kind, where that asks for no less care; else the row's own word.
     *
     * @param  array<string, string>  $row
     * @param  list<Said>  $said
     */
    private function asUsual(array $row, Family $family, array $said): Keep
    {
        $usual = $this->reader->read($family->keeping);
        $keep = new Keep($row['place'], (int) $row['days'], $row['text']);
        if (! $keep->isCold() || $usual->isCold()) {
            // Who knows the kind knows it better than its water does, but for what must stand in the cold.
            $keep = $usual;
        } elseif ($usual->days === 0) {
            $keep = new Keep($keep->place, $keep->days, "$usual->text; what is left: $keep->text");
        } elseif ($usual->frozen() !== '') {
            $keep = new Keep($keep->place, $keep->days, "$keep->text; ".$usual->frozen());
        }
        foreach ($said as $each) {
            $own = $each->topic === 'stored' ? $this->reader->read($each->sentence) : null;
            if ($own !== null && $own->isCold() && $own->days > 0 && $own->days < $keep->days) {
                $keep = new Keep($keep->place, $own->days, sprintf(
                    '%d %s in the fridge, as the recipe says', $own->days, $own->days === 1 ? 'day' : 'days',
                ));
            }
        }

        return $keep;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Making;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Tables;
use OutOfBoundsException;

/** The sweetener mixes, the flour schools and the single swaps, as the tables give them. */
final class Schools
{
    /** @var array<string, list<array<string, string>>> */
    private array $mixes;

    /** @var array<string, list<array<string, string>>> */
    private array $singles;

    /** @var array<string, array<string, string>> */
    private array $schools;

    /** @var array<string, list<array<string, string>>> */
    private array $parts;

    /** @var array<string, array<string, list<array<string, string>>>> allergen => food => rows */
    private array $free;

    /** @var array<string, list<array<string, string>>> */
    private array $families;

    /** @var array<string, string> food => mix that it is best made with; "" for any */
    private array $prepared;

    /** @var array<string, string> */
    private array $fallbacks;

    /** @var array<string, list<array<string, string>>> */
    private array $sliced;

    /** @var array<string, list<array<string, string>>> rows of `data/unbaked_swaps.csv` by food */
    private array $unbaked;

    /** @var array<string, list<array<string, string>>> rows of `data/mashed_swaps.csv` by food */
    private array $mashed;

    /** @var list<array<string, string>> rows of `data/thickened_swaps.csv` */
    private array $thickened;

    /** @var array<string, string> family => mix */
    private array $familyMixes;

    public function __construct(Tables $tables)
    {
        $this->free = $tables->worked('free swaps', static function () use ($tables): array {
            $free = [];
            foreach ($tables->rows('free_swaps') as $row) {
                $free[$row['without']][$row['from']][] = $row;
            }

            return $free;
        });
        $this->mixes = $tables->grouped('sweetener_mixes', 'mix');
        $this->singles = $tables->grouped('single_swaps', 'from');
        $this->unbaked = $tables->grouped('unbaked_swaps', 'from');
        $this->mashed = $tables->grouped('mashed_swaps', 'from');
        $this->sliced = $tables->grouped('sliced_swaps', 'from');
        $this->thickened = $tables->rows('thickened_swaps');
        $this->schools = $tables->keyed('flour_schools', 'school');
        $this->families = $tables->grouped('family_parts', 'family');
        $this->parts = $tables->grouped('flour_school_parts', 'school');
        $this->familyMixes = $tables->pairs('family_sweeteners', 'mix', 'family');
        $this->fallbacks = $tables->pairs('fallbacks', 'instead', 'food');
        $this->prepared = $tables->pairs('preparations', 'mix', 'food');
    }

    /**
     * @return list<array<string, string>> rows of `data/family_parts.csv`: what a kind of dough needs beside its
     *     flours
     */
    public function partsOf(string $family): array
    {
        return $this->families[$family] ?? [];
    }

    /** What stands in for a food that may not be used, itself perhaps not allowed either; null where nothing does. */
    public function insteadOf(string $food): ?string
    {
        return $this->fallbacks[$food] ?? null;
    }

    /** What takes its place is cooked or mixed apart, before the rest. */
    public function isPrepared(string $food): bool
    {
        return isset($this->prepared[$food]);
    }

    /** The mix that what is made apart is best made with; null for any. */
    public function preparedWith(string $food): ?string
    {
        return ($this->prepared[$food] ?? '') === '' ? null : $this->prepared[$food];
    }

    /** @return array<string, string> key => name */
    public function sweeteners(): array
    {
        return array_map(static fn (array $rows): string => $rows[0]['name'], $this->mixes);
    }

    /** @return array<string, string> key => name */
    public function flours(): array
    {
        return array_map(static fn (array $row): string => $row['name'], $this->schools);
    }

    /** @return list<array<string, string>> rows of `data/sweetener_mixes.csv` */
    public function mix(string $key): array
    {
        return $this->mixes[$key] ??
            throw new OutOfBoundsException(
                "No sweetener '$key'. Known: ".implode(', ', array_keys($this->mixes)).'.',
            );
    }

    /** The mix that a family is usually made with; null where any will do. */
    public function mixOf(string $family): ?string
    {
        return $this->familyMixes[$family] ?? null;
    }

    /**
     * The sweeteners of a blend that the baker put together, each with the forms that some mix has it in.
     *
     * @param  list<string>  $foods
     * @return list<array<string, string>> rows like those of `data/sweetener_mixes.csv`
     */
    public function corners(array $foods, string $mix): array
    {
        // The mix's own rows say best what each is for; else the first mix that has the food.
        $known = array_column(
            array_reverse([...$this->mix($mix), ...array_merge(...array_values($this->mixes))]),
            null,
            'food',
        );
        $shares = array_column($this->mix($mix), 'share', 'food');

        return array_map(
            static fn (string $food): array => [
                'share' => $shares[$food] ?? '0',
                ...array_intersect_key(
                    $known[$food] ?? throw new OutOfBoundsException("No sweetener '$food' for a blend."),
                    ['why' => 1, ...array_fill_keys(array_column(SugarForm::cases(), 'value'), 1)],
                ),
            ],
            $foods,
        );
    }

    /** @return list<string> food keys that a blend can be made of */
    public function blendable(): array
    {
        return array_values(array_unique(array_column(array_merge(...array_values($this->mixes)), 'food')));
    }

    /** @return array<string, string> a row of `data/flour_schools.csv` */
    public function school(string $key): array
    {
        return $this->schools[$key] ??
            throw new OutOfBoundsException(
                "No flour school '$key'. Known: ".implode(', ', array_keys($this->schools)).'.',
            );
    }

    /** @return list<array<string, string>> rows of `data/flour_school_parts.csv` */
    public function parts(string $school): array
    {
        return $this->parts[$school] ?? [];
    }

    /**
     * What takes the place of a food that has a swap of its own: of one that must not be in it, the swap without it.
     *
     * @param  list<string>  $without  allergens
     * @return list<array<string, string>> rows of `data/free_swaps.csv` or `data/single_swaps.csv`; none where there
     *     is no such swap
     */
    public function single(string $food, array $without = []): array
    {
        foreach ($without as $allergen) {
            if (isset($this->free[$allergen][$food])) {
                return $this->free[$allergen][$food];
            }
        }

        return $this->singles[$food] ?? [];
    }

    /**
     * What takes the place of a line. Fruit that lies sliced on what is not baked has another fruit, and dried
     * fruit that is mashed into the mix has something to mash.
     *
     * @param  list<string>  $without
     * @return list<array<string, string>> rows of `data/sliced_swaps.csv`, `data/mashed_swaps.csv` or
     *     `data/unbaked_swaps.csv`, or as `single()`
     */
    public function insteadOfLine(Dose $dose, Making $making, array $without = []): array
    {
        $key = $dose->known()->key;
        if ($dose->isThickener()) {
            $own = $this->single($key, $without);

            return ($own[0]['to'] ?? '') === 'xanthan' ? $own : $this->thickened;
        }
        if ($making->isWhole($dose)) {
            // An apple on a stick is an apple, or another dessert.
            return [];
        }
        $isSliced =
            isset($this->sliced[$key]) &&
            ! $making->isBaked &&
            (preg_match('~\b(?:sliced|slices|rounds|wedges|halved|chunks|diced)\b~iu', $dose->text) === 1 ||
                array_intersect(FoodIndex::words($dose->known()->name), $making->sliced) !== []);

        $isMashed =
            isset($this->mashed[$key]) &&
            ($making->isBaked || $making->isSteamed) &&
            array_intersect(FoodIndex::words($dose->known()->name), $making->mashed) !== [];
        $isRaw = $making->isKnown && ! $making->isBaked && ! $making->isMicrowaved && ! $making->isSteamed;

        return match (true) {
            $isSliced => $this->sliced[$key],
            $isMashed => $this->mashed[$key],
            $isRaw && isset($this->unbaked[$key]) => $this->unbaked[$key],
            default => $this->single($key, $without),
        };
    }

    /** @return list<array<string, string>> rows of `data/single_swaps.csv` in which it is what goes in instead */
    public function takenBy(string $food): array
    {
        return array_values(
            array_filter(
                array_merge([], ...array_values($this->singles)),
                static fn (array $row): bool => $row['to'] === $food,
            ),
        );
    }

    /**
     * Whether a food that must not be in it has a swap: it is then swapped whatever it costs.
     *
     * @param  list<string>  $without
     */
    public function isBarred(string $food, array $without): bool
    {
        foreach ($without as $allergen) {
            if (isset($this->free[$allergen][$food])) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Family\Signs;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Reading\FoodIndex;

/** The names by which a method may call the doses of one formula. */
final readonly class DoseNames
{
    /** Words that end many names, and alone name nothing. */
    private const ENDINGS = ['powder', 'extract', 'essence', 'isolate', 'flake', 'paste', 'sauce', 'seed'];

    private const NEVER = [
        'x',
        'piece',
        'mixture',
        'mix',
        'temperature',
        'taste',
        'large',
        'medium',
        'small',
        'cup',
        'tin',
        'can',
        'g',
        'ml',
        'tsp',
        'tbsp',
        'oz',
        'lb',
    ];

    /** What a thing is cut into: "peach slices" are the peaches. */
    private const CUT = ['slice', 'half', 'halve', 'chunk', 'segment', 'quarter', 'ring', 'cube', 'piece'];

    /** Amounts in words, before a name. */
    private const VAGUE = ['teaspoon', 'tablespoon', 'few', 'some', 'little', 'drop', 'dash', 'pinch'];

    /** One word for any of a kind: "the sugar" may be the brown sugar; "the butter" is never the peanut butter. */
    private const KINDS = [
        'sugar',
        'sweetener',
        'flour',
        'milk',
        'cream',
        'chocolate',
        'oil',
        'syrup',
        'nut',
        'egg',
        'spice',
        'fruit',
    ];

    /** @var array<int, list<list<string>>> by dose: its names in words */
    private array $names;

    public function __construct(public Formula $formula, private FoodIndex $foods, private Constants $constants)
    {
        $this->names = array_map(self::namesOf(...), $formula->doses);
    }

    /**
     * @param  list<string>  $words  in normal form
     * @return list<int> doses that may be meant; those whose whole name it is, where there are any
     */
    public function called(array $words): array
    {
        if ($words === ['whipped', 'cream'] && ! $this->has('heavy-cream')) {
            // Of whichever cream the list has.
            $words = ['cream'];
        }
        if ($words === ['cc'] && $this->has('cream-cheese')) {
            $words = ['cream', 'cheese'];
        }
        if ($words === ['slurry']) {
            return $this->slurry();
        }
        if ($words === ['egg', 'wash'] || $words === ['eggwash']) {
            return $this->wash();
        }
        $phrase = implode(' ', $words);
        $match = $this->foods->find($phrase);
        $whole = $part = $loose = [];
        foreach ($this->names as $i => $names) {
            $food = $this->formula->doses[$i]->food?->key;
            foreach ($names as $name) {
                if ($name === $words || ($food !== null && $match->sure && $match->food === $food)) {
                    $whole[] = $i;
                } elseif (
                    count($words) < count($name) &&
                    (array_slice($name, -count($words)) === $words || ($words === ['egg'] && $name[0] === 'egg')) &&
                    ! in_array(end($words), self::NEVER, true)
                ) {
                    in_array(end($words), self::ENDINGS, true) ? ($loose[] = $i) : ($part[] = $i);
                } elseif (
                    $words === ['flour'] &&
                    in_array('flour', $name, true) &&
                    $this->formula->doses[$i]->food?->role === Role::Body
                ) {
                    // "GF flour blend"
                    $part[] = $i;
                } elseif (
                    count($words) > 1 &&
                    in_array(end($words), ['juice', 'zest', 'rind'], true) &&
                    array_slice($words, 0, -1) === $name
                ) {
                    // The juice of the lime that the list has whole.
                    $part[] = $i;
                } elseif (
                    ($words === ['nut'] && $this->isNut($i)) ||
                    ($words === ['starch'] && $this->isStarch($i)) ||
                    ($words === ['fat'] && $this->formula->doses[$i]->food?->role === Role::Fat) ||
                    ($words === ['slice'] && $this->isSliced($i)) ||
                    ($words === ['fruit'] && $this->isFruit($i))
                ) {
                    $part[] = $i;
                } elseif (
                    ($words === ['sweetener'] && $this->isSweetener($i)) ||
                    (count($words) === 1 && count($name) === 2 && $name === [$words[0], 'juice'])
                ) {
                    $part[] = $i;
                } elseif ($words === ['chocolate'] && $this->isChips($i)) {
                    $loose[] = $i;
                } elseif ($words === ['coffee'] && $food === 'espresso') {
                    $part[] = $i;
                } elseif ($words === ['berry'] && preg_match('~berr(?:y|ies)$~u', (string) end($name)) === 1) {
                    $part[] = $i;
                } elseif (
                    count($words) === 1 &&
                    in_array($words[0], array_slice($name, 0, 2), true) &&
                    preg_match(
                        '~^(?!(?:pinch|dash|few|some|little|the|fine|finely|fruit|ground|dried|fresh|instant|pure|whole)$)\pL{3,}$~u',
                        $words[0],
                    ) === 1 &&
                    $this->formula->doses[$i]->food?->role === Role::Flavour
                ) {
                    $part[] = $i;
                }
            }
        }

        if ($whole === [] && $part === [] && $loose === []) {
            $loose = $this->beginning($words);
        }
        if ($whole === [] && $part === []) {
            $loose = array_values(array_unique($loose));
            if ($words === ['nut']) {
                // Where none are whole or chopped, "the nuts" are those that the list has ground.
                return array_keys(array_filter($this->formula->doses, self::isGroundNut(...)));
            }

            return count($loose) === 1 || ($loose !== [] && $words === ['extract'])
                ? $loose
                : $this->partsOfEggs($words);
        }
        $found = array_unique(
            $whole === [] ? $part : (in_array($phrase, self::KINDS, true) ? [...$whole, ...$part] : $whole),
        );
        if ($whole !== [] && $found === array_unique($whole) && count($words) === 1) {
            array_push($found, ...$this->likeIn($part, $whole));
        }
        sort($found);

        // "The milk" is the milk, before what is condensed of it.
        return $words === ['milk'] ? [...array_intersect($found, $whole), ...array_diff($found, $whole)] : $found;
    }

    /**
     * Of other parts what is nearly the same: "the butter" may be the salted butter of the base.
     *
     * @param  list<int>  $others
     * @param  list<int>  $named
     * @return list<int>
     */
    private function likeIn(array $others, array $named): array
    {
        $of = $this->formula->doses[$named[0]];
        $parts = array_map(fn (int $d): int => $this->formula->doses[$d]->component, $named);

        return array_values(array_filter($others, function (int $d) use ($of, $parts): bool {
            $dose = $this->formula->doses[$d];

            return ! in_array($dose->component, $parts, true) && $dose->food !== null && $of->food !== null &&
                $dose->food->role === $of->food->role && $dose->food->texture === $of->food->texture &&
                abs($dose->food->per100->fat - $of->food->per100->fat) < $this->constants->get('like-fat');
        }));
    }

    /**
     * "Flax" of the flaxseed that the list has.
     *
     * @param  list<string>  $words
     * @return list<int>
     */
    private function beginning(array $words): array
    {
        if (count($words) !== 1 || strlen($words[0]) < 4) {
            return [];
        }
        $begins = static fn (string $of): bool => $of !== $words[0] && str_starts_with($of, $words[0]) &&
            in_array(substr($of, strlen($words[0])), ['seed', 'nut', 'berry', 'meal', 'flour'], true);

        $isGround = static fn (array $name): bool => count($name) === 2 && $name[0] === $words[0] &&
            in_array($name[1], ['flour', 'meal'], true);
        // Cake flour is no cake.
        $isWheat = fn (int $dose): bool => in_array(
            'gluten:wheat', $this->formula->doses[$dose]->food->allergens ?? [], true,
        );

        return array_keys(
            array_filter(
                $this->names,
                static fn (array $names, int $dose): bool => array_filter(array_merge([], ...$names), $begins) !== [] ||
                    // "Almonds" of a list that has them ground.
                    (array_filter($names, $isGround) !== [] && ! $isWheat($dose)),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    /**
     * Yolks and whites of eggs that the list has whole, "2 eggs, separated".
     *
     * @param  list<string>  $words
     * @return list<int>
     */
    private function partsOfEggs(array $words): array
    {
        $isPart = in_array($words, [['yolk'], ['white'], ['egg', 'yolk'], ['egg', 'white']], true);

        return $isPart
            ? array_keys(array_filter($this->formula->doses, static fn (Dose $d): bool => $d->food?->key === 'egg'))
            : [];
    }

    /**
     * Whether the words are a food that is not among them: "coconut milk" is not the milk.
     *
     * @param  list<string>  $words
     */
    public function isAnother(array $words): bool
    {
        if (count($words) < 2 || ! $this->foods->isName(implode(' ', $words)) || $this->called($words) !== []) {
            return false;
        }
        // "Browned butter" of a list that has "butter, browned".
        $said = array_filter(
            $this->called([end($words)]),
            fn (int $d): bool => preg_match(
                '~\b'.preg_quote($words[0], '~').'~iu',
                $this->formula->doses[$d]->text,
            ) === 1,
        );

        return $said === [];
    }

    /** Bread, of which "the slices" are. */
    private function isSliced(int $dose): bool
    {
        $of = $this->formula->doses[$dose];

        return $of->food?->role === Role::Body && preg_match('~\bslic|\bloaf\b|\bstale\b~iu', $of->text) === 1;
    }

    /** "Chocolate" of a list that has it in drops alone. */
    private function isChips(int $dose): bool
    {
        $key = $this->formula->doses[$dose]->food->key ?? '';

        return preg_match('~chocolate-chips$~u', $key) === 1 && array_filter(
            $this->formula->doses,
            static fn (Dose $d): bool => preg_match('~chocolate(?!-chips)~u', $d->food->key ?? '') === 1,
        ) === [];
    }

    private function isStarch(int $dose): bool
    {
        $food = $this->formula->doses[$dose]->food;

        return $food?->role === Role::Body &&
            $food->per100->digestible() > $this->constants->get('starchy') &&
            $food->per100->protein < $this->constants->get('starch-protein');
    }

    /** @return list<int> a starch with the water of the same line */
    private function slurry(): array
    {
        foreach ($this->formula->doses as $i => $dose) {
            $line = explode('_', $dose->key)[0];
            $together = array_filter(
                $this->formula->doses,
                static fn (Dose $d): bool => explode('_', $d->key)[0] === $line,
            );
            $hasLiquid = array_filter($together, static fn (Dose $d): bool => $d->food?->isLiquid() === true) !== [];
            if ($hasLiquid && ($this->isStarch($i) || $dose->isThickener())) {
                return array_keys($together);
            }
        }

        return [];
    }

    /** @return list<int> eggs that stand in a line with what is poured, or all of them */
    private function wash(): array
    {
        $eggs = array_keys(
            array_filter($this->formula->doses, static fn (Dose $d): bool => $d->food?->role === Role::Egg),
        );
        foreach ($eggs as $egg) {
            $line = explode('_', $this->formula->doses[$egg]->key)[0];
            $poured = array_keys(
                array_filter(
                    $this->formula->doses,
                    static fn (Dose $d): bool => explode('_', $d->key)[0] === $line && $d->food?->isLiquid() === true,
                ),
            );
            if ($line !== '' && $poured !== []) {
                return [$egg, ...$poured];
            }
        }

        return $eggs;
    }

    private function has(string $food): bool
    {
        return array_filter($this->formula->doses, static fn (Dose $d): bool => $d->food?->key === $food) !== [];
    }

    /** What sweetens and is no sugar. */
    private function isSweetener(int $dose): bool
    {
        $food = $this->formula->doses[$dose]->food;

        return $food?->role === Role::Sweet && $food->per100->sugars < $this->constants->get('sugar-food');
    }

    /** Fresh, or dried as whole or in pieces. */
    private function isFruit(int $dose): bool
    {
        $food = $this->formula->doses[$dose]->food;

        // Jam is made of fruit and is none.
        return (Signs::isFruit($this->formula->doses[$dose], $this->constants) &&
                ! in_array($food?->role, [Role::Sweet, Role::Flavour], true)) ||
            ($food?->role === Role::Mixin &&
                in_array($food->texture, [Texture::Whole, Texture::Chopped], true) &&
                $food->per100->sugars > $this->constants->get('sugar-food') &&
                $food->per100->fat < $this->constants->get('fruit-rest'));
    }

    /** Whole or chopped nuts; the flour that is milled of them goes by its own name. */
    private function isNut(int $dose): bool
    {
        $food = $this->formula->doses[$dose]->food;

        return $food !== null &&
            in_array($food->texture, [Texture::Whole, Texture::Chopped], true) &&
            array_filter(
                $food->allergens,
                static fn (string $a): bool => str_starts_with($a, 'nuts') || $a === 'peanut',
            ) !== [];
    }

    private static function isGroundNut(Dose $dose): bool
    {
        return preg_match('~\bflour\b~iu', $dose->text) !== 1 &&
            array_filter(
                $dose->food->allergens ?? [],
                static fn (string $a): bool => str_starts_with($a, 'nuts'),
            ) !== [];
    }

    /** @return list<list<string>> */
    private static function namesOf(Dose $dose): array
    {
        $text = preg_replace('~\([^)]*\)~u', ' ', $dose->text) ?? $dose->text;
        $typed = preg_split('~[,;]|\s(?:for|to|in)\s~u', $text) ?: [''];
        $first = self::words($typed[0]);
        while (
            count($first) > 1 &&
            in_array($first[0], [...self::NEVER, ...self::VAGUE], true)
        ) {
            array_shift($first);
        }
        $names = [$first];
        if (count($first) > 1 && in_array(end($first), self::CUT, true)) {
            $names[] = array_slice($first, 0, -1);
        }
        if ($dose->food !== null) {
            $names[] = self::words($dose->food->name);
        }

        return array_values(array_filter($names));
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return array_values(
            array_filter(FoodIndex::words($text), static fn (string $w): bool => preg_match('~\d|%~', $w) !== 1),
        );
    }
}

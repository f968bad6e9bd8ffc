<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;

/** Words of a method that mean several things: "everything", "the dry ingredients", "the icing", "the fruit". */
final readonly class Groups
{
    private const GROUPS = '~\b(?<all>all\s+in\s+one(?=\s*[,.;:])|(?:all\s+(?:of\s+)?)?(?:the\s+)?(?:other\s+|remaining\s+)?(?:ingredients|ingreds?\b|(?<=\w\s)(?:things|stuff(?!\s+(?:it\b|them\b|the\b|each\b|into\b|with\b|inside\b))|bits))(?:\s+together)?(?!\s*,?\s*except)|everything(?:\s+else)?|the\s+(?:whole\s+)?lot\b|(?<=\s)etc\b|(?<=\bmelt\s|\bheat\s|\bwarm\s|\bboil\s|\bmix\s|\bstir\s|\bbeat\s|\bwhisk\s|\bblend\s|\bblitz\s|\bwhizz\s|\bput\s)(?:it\s+)?all(?=\s+(?:in|together|up|until|till|it|but|except)\b|\s*[.,;]|\s*$|\b(?<=it\sall))|the\s+rest(?!\s+of\b)|(?<=\badd\s)rest(?!\s+(?:of|for|at|in|\d))|(?<=\bin\s)rest(?!\s+(?:of|for|at|in|\d)))\b|(?<bare>(?:^|(?<=[.;!]\s))(?:mix|combine|whisk|stir|beat|blend|blitz|whizz|pur[eé]e)(?:\s+(?:well|up|together))?(?=\s*[,.;]|\s*$|\s+(?:until|till)\b))|\b(?<dry>(?:all\s+)?(?:the\s+)?(?:remaining\s+)?dry(?:\s+(?:(?:\pL+\s+)?ingredients|mix(?:ture)?|things|stuff))?)\b(?!\s*(?:out|and\s+cool|them|it))|\b(?<lift>(?:the\s+)?(?:raising|leavening)(?:\s+agents?)?|(?:the\s+)?leaveners?)\b|\b(?<spice>(?:all\s+)?(?:the\s+)?spices?)\b|\b(?<wet>(?:all\s+)?(?:the\s+)?(?:wet|liquid)(?:\s+(?:(?:\pL+\s+)?ingredients|mix(?:ture)?))?|(?:the\s+)?liquids)\b~iu';

    private const ICED = '~\b(?:drizzle|ice|spread|top|cover|coat|pipe|spoon|pour)\w*\s+(?:\pL+\s+){0,4}?(?:with|over|on)?\s*(?:the\s+)?(?<part>icing|glaze|frosting|drizzle)\b~iu';

    /** A whole part made in a word: "mix the icing", "knead a soft dough". */
    private const REST = '~^the\s+rest$~iu';

    private const PART_BEFORE = '~(?:\b(?:bit|little|some|half|part|third|quarter|splash|tbsp|tablespoons?|spoons?|ml|g)\s+of\s+(?:the\s+)?\pL+|\b(?:half|most|thirds?|quarters?)\s+the\s+\pL+)[^.;!?]*[.;!?]?\s*[^.;!?]*$~iu';

    private const NUMBERS = [
        'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6,
        'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
    ];

    private const FIRST = '~(?:\bthe\s+)?\bfirst\s+(?<n>[2-9]|1\d|two|three|four|five|six|seven|eight|nine|ten)\b(?!\s*(?:min|hour|sec|days?|weeks?))(?:\s+(?:ingredients?|things|items|lines))?~iu';

    private const WHOLE = '~\b(?:mix|make|toss|prepare|combine|beat|whisk|blend|stir|knead|simmer|bring)\s+(?:up\s+|together\s+)?(?:the\s+|an?\s+|your\s+)?(?:\pL+\s+){0,2}?(?<part>%s)\b(?!\s*(?:ingredients|mixture|of\s+tartar\b))~iu';

    /** What is dry and needs no making: "sprinkle topping". */
    private const USED = '~\b(?:sprinkl|scatter|strew|dust|roll|coat|toss|top)\w*\s+(?:\pL+\s+){0,3}?(?:in|on|over|with)?\s*(?:the\s+)?(?<part>%s)\b~iu';

    /** "Crust: mix and press into the tin." */
    private const LABELLED = '~(?:^|[.;!]\s+)(?:for\s+)?(?:the\s+)?(?<part>%s)\s*[:–-]\s*(?:mix|combine|beat|whisk|blend|stir|knead|blitz|whizz)(?=\s*(?:$|[.,;]|and\b|together\b|until?\b|till\b|well\b|all\b|everything\b))~iu';

    public function __construct(private Constants $constants) {}

    /**
     * Parts of which hardly anything has gone in yet, and that a step makes by their name alone.
     *
     * @param  list<int>  $seen
     * @return list<Mention>
     */
    public function wholes(Formula $formula, string $text, ?int $component, array $seen): array
    {
        $wholes = [];
        foreach ($formula->components as $c => $name) {
            $all = array_keys(
                array_filter($formula->doses, static fn ($d): bool => $d->component === $c && $d->food !== null),
            );
            $own = array_values(array_diff($all, $seen));
            $called = $name === '' ? [] : [$name, ...$this->otherNames($formula, $c, $seen)];
            if ($c === ($component ?? $formula->heaviest())) {
                $called = [...$called, 'dough', 'batter'];
            }
            $words = implode('|', array_map(static fn (string $w): string => preg_quote($w, '~'), $called));
            if (
                $name !== '' && $own === $all && $own !== [] && $this->isDry($formula, $own) &&
                preg_match(sprintf(self::USED, preg_quote($name, '~')), $text, $m, PREG_OFFSET_CAPTURE) === 1
            ) {
                $wholes[] = new Mention($m['part'][1], strlen($m['part'][0]), $own, true);

                continue;
            }
            if (
                $words === '' ||
                count($own) < 2 ||
                2 * count($own) <= count($all) ||
                (preg_match(sprintf(self::WHOLE, $words), $text, $m, PREG_OFFSET_CAPTURE) !== 1 &&
                    preg_match(sprintf(self::LABELLED, $words), $text, $m, PREG_OFFSET_CAPTURE) !== 1)
            ) {
                continue;
            }
            $wholes[] = new Mention($m['part'][1], strlen($m['part'][0]), $own, true);
        }
        $taken = array_merge($seen, ...array_map(static fn (Mention $w): array => $w->doses, $wholes));

        return [...$wholes, ...$this->icing($formula, $text, $taken)];
    }

    /**
     * "Drizzle with the icing": fine sugar that no part of that name holds, with what it is stirred into.
     *
     * @param  list<int>  $seen
     * @return list<Mention>
     */
    private function icing(Formula $formula, string $text, array $seen): array
    {
        if (preg_match(self::ICED, $text, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return [];
        }
        $open = array_diff(array_keys($formula->doses), $seen);
        $isFine = static fn (Dose $d): bool => $d->food?->role === Role::Sweet &&
            $d->food->texture === Texture::Powder && ! $d->isDusted();
        $sugar = array_values(array_filter($open, static fn (int $i): bool => $isFine($formula->doses[$i])));
        $isNamed = array_filter(
            $formula->components,
            static fn (string $name): bool => preg_match('~\b'.preg_quote($m['part'][0], '~').'$~iu', $name) === 1,
        ) !== [];
        if (count($sugar) !== 1 || $isNamed) {
            return [];
        }
        $of = $formula->doses[$sugar[0]]->component;
        $stirred = array_filter($open, static fn (int $i): bool => $formula->doses[$i]->component === $of &&
            in_array($formula->doses[$i]->food?->role, [Role::Wet, Role::Flavour], true));
        $doses = array_values(array_unique([...$sugar, ...($of === 0 ? [] : $stirred)]));

        return [new Mention($m['part'][1], strlen($m['part'][0]), $doses, true)];
    }

    /**
     * @param  list<int>  $seen
     * @param  list<int>  $named  doses that some step names
     * @return list<Mention>
     */
    public function groups(Formula $formula, string $text, ?int $component, array $seen, array $named): array
    {
        preg_match_all(self::GROUPS, $text, $m, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $groups = $this->first($formula, $text, $seen);
        $seen = array_merge($seen, ...array_map(static fn (Mention $g): array => $g->doses, $groups));
        foreach ($m as $group) {
            [$words, $at] = $group[0];
            $before = substr($text, 0, $at);
            if (preg_match(self::REST, (string) $words) === 1 && preg_match(self::PART_BEFORE, $before) === 1) {
                // "With a bit of the water. Boil the rest": of the water.
                continue;
            }
            // "Toss filling ingredients", "the dry topping ingredients": of the part that is named before them or in them.
            $component = $this->namedBefore($formula, $before)
                ?? $this->namedBefore($formula, preg_replace('~\s+ingredients$~iu', '', (string) $words) ?? '')
                ?? $component ?? 0;
            $called = preg_replace('~^(?:all\s+)?(?:the\s+)?|\s+ingredients$~u', '', mb_strtolower((string) $words));
            $part = array_search($called, array_map(mb_strtolower(...), $formula->components), true);
            if (in_array($called, ['dry', 'wet'], true) && $part !== false) {
                // "Mix wet", where the list has all of that below "Wet".
                $doses = $this->open($formula, (int) $part, $seen);
                if ($doses !== []) {
                    $groups[] = new Mention($at, strlen((string) $words), $doses, true);
                }
                $seen = [...$seen, ...$doses];

                continue;
            }
            if (($group['all'][0] ?? null) !== null && $this->open($formula, $component, $seen) === []) {
                // "Beat everything, top with balls": of what the balls are nothing is left.
                $component = array_key_first(array_filter(
                    $formula->components,
                    fn (int $c): bool => count($this->open($formula, $c, $seen)) > 1,
                    ARRAY_FILTER_USE_KEY,
                )) ?? $component;
            }
            $hasFlour = fn (int $c): bool => array_filter(
                $this->open($formula, $c, $seen),
                static fn (int $i): bool => $formula->doses[$i]->food?->role === Role::Body,
            ) !== [];
            if ($group['dry'][0] !== null && ! $hasFlour($component)) {
                // "Cook the dates. Rub butter into the dry": of the part that has flour.
                $component = array_key_first(array_filter($formula->components, $hasFlour, ARRAY_FILTER_USE_KEY))
                    ?? $component;
            }
            if ($group['bare'][0] !== null && $groups !== []) {
                // "Whisk the dry. Whisk the wet. Combine": those two.
                continue;
            }
            if ($group['bare'][0] !== null) {
                // "Mix, cook half": the first part of which nothing is in yet.
                $component = array_key_first(array_filter(
                    $formula->components,
                    fn (int $c): bool => count($this->open($formula, $c, $seen)) > 1 &&
                        $this->open($formula, $c, $seen) === $this->open($formula, $c, []),
                    ARRAY_FILTER_USE_KEY,
                ));
                if ($component === null) {
                    continue;
                }
            }
            $roles = match (true) {
                $group['dry'][0] !== null => [
                    Role::Body,
                    Role::Lift,
                    Role::Binder,
                    Role::Sweet,
                    Role::Flavour,
                    Role::Mixin,
                    Role::Fat,
                ],
                $group['lift'][0] !== null => [Role::Lift],
                $group['wet'][0] !== null => [Role::Wet, Role::Egg, Role::Fat, Role::Flavour, Role::Sweet, Role::Mixin],
                $group['spice'][0] !== null => [Role::Flavour],
                default => Role::cases(),
            };
            $doses = [];
            // "Mix, cook half": all that no sentence names; what another part has too may be that one's.
            $isElsewhere = static fn (int $i): bool => in_array($i, $named, true) && array_filter(
                $formula->doses,
                static fn (Dose $d): bool => $d->component !== $component &&
                    $d->food?->key === $formula->doses[$i]->food?->key,
            ) === [];
            foreach ($formula->doses as $i => $dose) {
                $isHere = $dose->component === $component && ($group['bare'][0] === null || ! $isElsewhere($i));
                if (
                    $isHere &&
                    ! in_array($i, $seen, true) &&
                    // "Coconut for rolling" waits until it is rolled in.
                    ! (Unnamed::isForTop($dose) && in_array($i, $named, true)) &&
                    $dose->food !== null &&
                    in_array($dose->food->role, $roles, true) &&
                    ! (($group['dry'][0] ?? $group['spice'][0]) !== null && $dose->food->isLiquid()) &&
                    ! ($group['wet'][0] !== null && ! $this->isWet($dose)) &&
                    ! ($group['dry'][0] !== null &&
                        in_array($dose->food->role, [Role::Mixin, Role::Fat], true) &&
                        ! $this->isMilled($dose->food) &&
                        (in_array($i, $named, true) || ! self::isEverythingDry($text, (string) $words)))
                ) {
                    $doses[] = $i;
                }
            }
            if ($doses !== []) {
                $groups[] = new Mention($at, strlen((string) $words), $doses, true);
                $seen = [...$seen, ...$doses];
            }
        }

        return $groups;
    }

    /** It is poured, or was mashed; fat, egg and what is wet by its kind always are. */
    private function isWet(Dose $dose): bool
    {
        return ! in_array($dose->food?->role, [Role::Flavour, Role::Sweet, Role::Mixin], true) ||
            $dose->food->isLiquid() || preg_match('~\b(?:mashed|pur[eé]ed?)\b~iu', $dose->text) === 1;
    }

    /**
     * "Beat the first 7 together", "the first five ingredients": so many lines from the top.
     *
     * @param  list<int>  $seen
     * @return list<Mention>
     */
    private function first(Formula $formula, string $text, array $seen): array
    {
        if (preg_match(self::FIRST, $text, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return [];
        }
        $many = (int) (self::NUMBERS[mb_strtolower($m['n'][0])] ?? $m['n'][0]);
        $lines = [];
        foreach ($formula->doses as $i => $dose) {
            $line = explode('_', $dose->key)[0];
            if (isset($lines[$line]) || count($lines) < $many) {
                $lines[$line][] = $i;
            }
        }
        $doses = array_values(array_diff(array_merge([], ...array_values($lines)), $seen));

        return $doses === [] ? [] : [new Mention($m[0][1], strlen($m[0][0]), $doses, true)];
    }

    /**
     * @param  list<int>  $seen
     * @return list<int> what is still to go in of a part of that name
     */
    public function partNamed(Formula $formula, string $name, array $seen): array
    {
        $of = array_search(mb_strtolower($name), array_map(mb_strtolower(...), $formula->components), true);

        return $of === false || $name === '' ? [] : array_values(array_filter(
            $this->open($formula, (int) $of, $seen),
            static fn (int $d): bool => ! $formula->doses[$d]->isDusted(),
        ));
    }

    /**
     * @param  list<int>  $doses
     * @param  list<int>  $seen
     * @return list<int> with the flour, lift and salt of the same part that are still to go in
     */
    public function dryWith(Formula $formula, array $doses, array $seen): array
    {
        $component = $formula->doses[$doses[0] ?? 0]->component;
        $isBody = static fn (int $d): bool => $formula->doses[$d]->food?->role === Role::Body;
        foreach (array_filter($doses, $isBody) !== [] ? $formula->doses : [] as $d => $dose) {
            $isDry =
                in_array($dose->food?->role, [Role::Body, Role::Lift, Role::Binder], true) ||
                ($dose->food?->role === Role::Flavour && ! $dose->food->isLiquid());
            if ($dose->component === $component && $isDry && ! in_array($d, [...$doses, ...$seen], true)) {
                $doses[] = $d;
            }
        }
        // "Roll in the cinnamon mix": the cinnamon with the sugar that is still to come.
        $isOther = static fn (int $d): bool => $formula->doses[$d]->food?->role !== Role::Flavour;
        $isSpice = array_filter($doses, $isOther) === [];
        foreach ($isSpice ? $formula->doses : [] as $d => $dose) {
            $isSweet = $dose->food?->role === Role::Sweet && ! $dose->food->isLiquid();
            if ($dose->component === $component && $isSweet && ! in_array($d, $seen, true)) {
                $doses[] = $d;
            }
        }

        return $doses;
    }

    /**
     * @param  list<int>  $seen
     * @return list<int> doses of a part that are still to go in
     */
    public function open(Formula $formula, int $component, array $seen): array
    {
        return array_values(array_filter(
            array_keys($formula->doses),
            static fn (int $d): bool => $formula->doses[$d]->component === $component &&
                $formula->doses[$d]->food !== null && ! in_array($d, $seen, true),
        ));
    }

    /**
     * What else a part is called: "the pastry" of a sweet pastry, "the buttercream" of the one filling that is to come.
     *
     * @param  list<int>  $seen
     * @return list<string>
     */
    private function otherNames(Formula $formula, int $component, array $seen): array
    {
        $last = static fn (string $name): string => mb_strtolower((string) preg_replace('~^.*\s~u', '', trim($name)));
        $own = $last($formula->components[$component]);
        $isAlone = count(array_filter($formula->components, static fn (string $n): bool => $last($n) === $own)) === 1;
        $toCome = array_filter(
            array_keys($formula->components),
            fn (int $c): bool => $c > 0 &&
                2 * count($this->open($formula, $c, $seen)) > count($this->open($formula, $c, [])),
        );

        return [
            ...$isAlone && $own !== mb_strtolower($formula->components[$component]) ? [$own] : [],
            ...array_values($toCome) === [$component] ? ['buttercream', 'frosting', 'icing', 'glaze'] : [],
        ];
    }

    /** "the sponge ingredients", "Sauce: melt it all": the part of the dessert that is named before the words. */
    private function namedBefore(Formula $formula, string $before): ?int
    {
        $found = [];
        foreach ($formula->components as $c => $name) {
            // The toffee sauce is "the sauce" where there is one.
            $words = preg_split('~\s+~u', trim($name)) ?: [];
            foreach (array_unique([$name, (string) end($words)]) as $rank => $called) {
                if (
                    mb_strlen($called) > 2 &&
                    preg_match('~\b'.preg_quote($called, '~').'(?:\s+mix)?(?:\s*[-–—:]\s*\pL+)?\s*$~iu', $before) === 1
                ) {
                    $found[$rank][] = $c;
                }
            }
        }
        foreach ($found as $components) {
            if (count($components) === 1) {
                return $components[0];
            }
        }

        return null;
    }

    /** @param  list<int>  $doses */
    private function isDry(Formula $formula, array $doses): bool
    {
        $dry = [Role::Sweet, Role::Flavour, Role::Mixin];
        $isWet = static fn (int $d): bool => ! in_array($formula->doses[$d]->food?->role, $dry, true) ||
            $formula->doses[$d]->food->isLiquid();

        return array_filter($doses, $isWet) === [];
    }

    /** Oats and grated coconut are whisked with the flour; nuts and fruit are folded in. */
    private function isMilled(Food $food): bool
    {
        return $food->per100->water < $this->constants->get('milled-water') &&
            ($food->key === 'oats' || str_contains($food->key, 'desiccated'));
    }

    /** Suet and dried fruit that no step names are mixed with "all the dry ingredients"; they are not sifted. */
    private static function isEverythingDry(string $text, string $words): bool
    {
        return preg_match('~^all\b~iu', $words) === 1 &&
            preg_match('~\b(?:rub|cream|melt|cut|sift|sieve|whisk)\b~iu', $text) !== 1;
    }
}

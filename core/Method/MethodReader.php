<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\Step;

/** Understands each step of a method: what is done, and which things of the list go in at it. */
final readonly class MethodReader
{
    private const LONGEST = 4;

    private const GROUPS = '~\b(?<all>(?:all\s+(?:of\s+)?)?(?:the\s+)?(?:other\s+|remaining\s+)?(?:ingredients|ingreds?\b|(?<=\w\s)(?:things|stuff|bits))(?:\s+together)?(?!\s*,?\s*except)|everything(?:\s+else)?|(?<=\s)etc\b|(?<=\bmelt\s|\bheat\s|\bwarm\s|\bboil\s|\bmix\s|\bstir\s|\bbeat\s|\bwhisk\s|\bblend\s|\bblitz\s|\bwhizz\s)(?:it\s+)?all(?=\s+(?:in|together|up|until|till|it|but|except)\b|\s*[.,;]|\s*$|\b(?<=it\sall))|the\s+rest(?!\s+of\b)|(?<=\bin\s)rest(?!\s+(?:of|for|at|in|\d)))\b|(?<bare>(?:^|(?<=[.;!]\s))(?:mix|combine|whisk|stir|beat|blend)(?:\s+(?:well|up|together))?(?=\s*[,.;]|\s*$|\s+(?:until|till)\b))|\b(?<dry>(?:all\s+)?(?:the\s+)?(?:remaining\s+)?dry(?:\s+(?:ingredients|mix(?:ture)?|things|stuff))?)\b(?!\s*(?:out|and\s+cool|them|it))|\b(?<lift>(?:the\s+)?(?:raising|leavening)(?:\s+agents?)?|(?:the\s+)?leaveners?)\b|\b(?<spice>(?:all\s+)?(?:the\s+)?spices?)\b|\b(?<wet>(?:all\s+)?(?:the\s+)?(?:wet|liquid)(?:\s+(?:ingredients|mix(?:ture)?))?|(?:the\s+)?liquids)\b~iu';

    private const MIXTURE = '~^\s*(?:mixture|mix|batter|dough|mass|syrup)\b~iu';

    /** Work that puts things on the outside, and lines that are kept for it. */
    private const ON_TOP = '~\b(?:sprinkl|dust|dredg|roll|toss|coat|scatter)\w*\b[^.;]*$~iu';

    private const FOR_TOP = '~\b(?:sprinkl|dust|dredg|roll|coat|finish|decorat|top)~iu';

    /** A sentence behind others that makes something, up to what goes in. */
    private const MAKES_NEXT = '~[.!?;]\s+(?:(?:then|meanwhile|next|now)\s+)?(?:mix|boil|whisk|whip|heat|melt|combine|warm|simmer|dissolve|make)\b(?!\s+(?:in|into|through|back|it|them)\b)[^.!?;]{0,60}$~iu';

    /** A whole part made in a word: "mix the icing", "knead a soft dough". */
    private const WHOLE = '~\b(?:mix|make|toss|prepare|combine|beat|whisk|blend|stir|knead|simmer|bring)\s+(?:up\s+|together\s+)?(?:the\s+|an?\s+|your\s+)?(?:\pL+\s+){0,2}?(?<part>%s)\b(?!\s*(?:ingredients|mixture))~iu';

    /** What is dry and needs no making: "sprinkle topping". */
    private const USED = '~\b(?:sprinkl|scatter|strew|dust|roll|coat|toss|top)\w*\s+(?:\pL+\s+){0,3}?(?:in|on|over|with)?\s*(?:the\s+)?(?<part>%s)\b~iu';

    /** "Crust: mix and press into the tin." */
    private const LABELLED = '~(?:^|[.;!]\s+)(?:for\s+)?(?:the\s+)?(?<part>%s)\s*[:–-]\s*(?:mix|combine|beat|whisk|blend|stir|knead|blitz|whizz)(?=\s*(?:$|[.,;]|and\b|together\b|until?\b|till\b|well\b))~iu';

    private const BRUSHED = '~\bbrush(?:ing|ed)?\b(?=\s+(?:each|every|all|the|between|well|over|\pL+\s+sheet))~iu';

    private const BUTTERS = ['butter', 'salted-butter', 'ghee', 'margarine'];

    private const STREWN = '~(?:^|[.;,!]\s+|\b(?:and|then)\s+)(?<verb>dust|dredge|sprinkle)(?:\s+(?:well|lightly|generously|thickly|heavily|all\s+over|over|before\s+serving|to\s+serve|when\s+cold|while\s+warm))*(?=\s*(?:[.,;!]|$))~iu';

    /** What is left out of "everything". */
    private const SAVE = '~\b(?:all|everything|ingredients)\s*,?\s*(?:but|except(?:\s+for)?|apart\s+from|save)\s+(?:the\s+)?(?:\pL+\s+(?:and|&)\s+(?:the\s+)?)?$~iu';

    private const NO_FOOD = '~^\s*(?:thermometer|knife|paper|papers|shell\b|cutter|bowl|wash)\b~iu';

    public function __construct(private Actions $actions, private FoodIndex $foods, private Constants $constants) {}

    /**
     * @param  list<Step>  $steps
     * @return list<Operation>
     */
    public function read(Formula $formula, array $steps): array
    {
        $names = new DoseNames($formula, $this->foods, $this->constants);
        $found = array_map(fn (Step $s): array => $this->found($names, $s->text), $steps);
        $named = array_merge([], ...array_map(static fn (array $f): array => $f[2], array_merge([], ...$found)));
        $operations = [];
        $component = null;
        $seen = [];
        foreach ($steps as $i => $step) {
            $component = $this->component($formula, $step->text, $found[$i], $seen) ?? $component;
            $mentions = [];
            foreach ($found[$i] as [$at, $length, $doses, $isPlural, $isMixture]) {
                if (preg_match(self::SAVE, substr($step->text, 0, $at)) === 1) {
                    // "Stir all but the berries": they come later.
                    continue;
                }
                $ofPart = $this->partNamed($formula, substr($step->text, $at, $length), $seen);
                if ($ofPart !== []) {
                    // "Fold in fruit" where a heading says what that is; the marzipan below it has its own words.
                    $apart = array_diff($named, $doses);
                    [$doses, $isPlural] = [array_values(array_diff($ofPart, $apart)) ?: $doses, true];
                } elseif (preg_match('~^(?:fruits?|nuts)$~iu', substr($step->text, $at, $length)) === 1) {
                    // "The fruit and peel": the peel is named by itself.
                    $others = array_merge(
                        [],
                        ...array_map(static fn (array $f): array => $f[0] === $at ? [] : $f[2], $found[$i]),
                    );
                    $doses = array_values(array_diff($doses, $others)) ?: $doses;
                }
                $chosen = $isMixture
                    ? $this->known($doses, $seen)
                    : $this->choose(
                        $formula,
                        $this->ofParts(
                            $formula, $doses, $component, $seen, $found[$i], substr($step->text, 0, $at), $isPlural,
                        ),
                        $component,
                        $seen,
                        $isPlural,
                        preg_match(self::ON_TOP, substr($step->text, 0, $at)) === 1,
                    );
                if ($isMixture && array_intersect($doses, $seen) === []) {
                    // "Fold in the flour mixture" that no sentence mixed: the flour with what is dry.
                    $words = preg_match(self::MIXTURE, substr($step->text, $at + $length), $m) === 1 ? $m[0] : '';
                    $mentions[] = new Mention(
                        $at,
                        $length + strlen($words),
                        $this->dryWith($formula, $chosen, $seen),
                        true,
                    );
                    $seen = [...$seen, ...$mentions[count($mentions) - 1]->doses];

                    continue;
                }
                $mentions[] = new Mention($at, $length, $chosen, false, $isMixture);
                $seen = $isMixture ? $seen : [...$seen, ...$chosen];
            }
            foreach ($this->wholes($formula, $step->text, $component, $seen) as $group) {
                $mentions[] = $group;
                $seen = [...$seen, ...$group->doses];
            }
            foreach ($this->groups($formula, $step->text, $component, $seen, $named) as $group) {
                $mentions[] = $group;
                $seen = [...$seen, ...$group->doses];
            }
            usort($mentions, static fn (Mention $a, Mention $b): int => $a->at <=> $b->at);
            $operations[] = new Operation($step, $this->actions->main($step->text), $mentions, $component);
        }

        return $this->strewn(
            $formula, $this->buttered($formula, $this->withSiblings($formula, $operations, $seen), $seen), $seen,
        );
    }

    /**
     * Of a line that names two things, "espresso powder dissolved in hot water", the one that no step names goes in with
     * the other.
     *
     * @param  list<Operation>  $operations
     * @param  list<int>  $seen
     * @return list<Operation>
     */
    private function withSiblings(Formula $formula, array $operations, array $seen): array
    {
        $lines = array_count_values(array_map(static fn ($d): string => explode('_', $d->key)[0], $formula->doses));
        foreach ($formula->doses as $d => $dose) {
            $line = explode('_', $dose->key)[0];
            if ($line === '' || $lines[$line] !== 2 || in_array($d, $seen, true)) {
                continue;
            }
            foreach ($operations as $i => $operation) {
                $with = $operation->with($d, static fn (int $o): bool => $o !== $d &&
                    explode('_', $formula->doses[$o]->key)[0] === $line);
                if ($with !== null) {
                    $operations[$i] = $with;

                    break;
                }
            }
        }

        return $operations;
    }

    /**
     * "Butter the dish": a little butter that no other sentence takes is for that; what is melted, for "brush each sheet".
     *
     * @param  list<Operation>  $operations
     * @param  list<int>  $seen
     * @return list<Operation>
     */
    private function buttered(Formula $formula, array $operations, array $seen): array
    {
        $most = $this->constants->get('butter-for-tin') * $formula->mass();
        $left = static fn (bool $isMelted): array => array_values(array_filter(
            array_keys($formula->doses),
            static fn (int $d): bool => ! in_array($d, $seen, true) &&
                in_array($formula->doses[$d]->food?->key, self::BUTTERS, true) &&
                ($isMelted
                    ? preg_match('~\bmelted\b~iu', $formula->doses[$d]->text) === 1
                    : $formula->doses[$d]->mass() <= $most),
        ));
        $outside = [self::BRUSHED => $left(true), '~\bbutter\b~iu' => $left(false)];
        foreach (array_filter($outside) as $pattern => $doses) {
            foreach ($operations as $i => $operation) {
                preg_match_all($pattern, $operation->step->text, $m, PREG_OFFSET_CAPTURE);
                foreach ($m[0] as [$word, $at]) {
                    $isVerb = mb_strtolower($word) !== 'butter' ||
                        FoodVerb::is('butter', $operation->step->text, $at, $at + strlen($word));
                    if ($isVerb) {
                        $operations[$i] = $operation->taking(new Mention($at, strlen($word), $doses, true));

                        return array_values($operations);
                    }
                }
            }
        }

        return $operations;
    }

    /**
     * "Leave in the tin. Dust.": what is for dusting and no sentence names goes on there.
     *
     * @param  list<Operation>  $operations
     * @param  list<int>  $seen
     * @return list<Operation>
     */
    private function strewn(Formula $formula, array $operations, array $seen): array
    {
        $left = array_values(array_filter(
            array_keys($formula->doses),
            static fn (int $d): bool => ! in_array($d, $seen, true) &&
                $formula->doses[$d]->food?->role === Role::Sweet &&
                (preg_match(self::FOR_TOP, $formula->doses[$d]->text) === 1 ||
                    $formula->doses[$d]->isDusted()),
        ));
        foreach ($left === [] ? [] : $operations as $i => $operation) {
            if (preg_match(self::STREWN, $operation->step->text, $m, PREG_OFFSET_CAPTURE) === 1) {
                $operations[$i] = $operation->taking(new Mention($m['verb'][1], strlen($m['verb'][0]), $left, true));

                break;
            }
        }

        return array_values($operations);
    }

    /**
     * Where a step works on two parts and the one's butter is in, it is the other's.
     *
     * @param  list<int>  $doses
     * @param  list<int>  $seen
     * @param  list<array{int, int, list<int>, bool, bool}>  $found  of the step
     * @param  string  $before  the step's text as far as the mention
     * @return list<int>
     */
    private function ofParts(
        Formula $formula,
        array $doses,
        ?int $component,
        array $seen,
        array $found,
        string $before,
        bool $isPlural,
    ): array {
        $here = array_filter($doses, static fn (int $d): bool => $formula->doses[$d]->component === $component);
        $fresh = array_values(array_diff($doses, $seen));
        if ($here === [] || array_diff($here, $seen) !== [] || $fresh === []) {
            return $doses;
        }
        $parts = [];
        foreach ($found as [, , $named]) {
            $of = array_unique(array_map(static fn (int $d): int => $formula->doses[$d]->component, $named));
            if (count($of) === 1) {
                $parts[] = reset($of);
            }
        }
        $others = array_values(
            array_filter($fresh, static fn (int $d): bool => in_array($formula->doses[$d]->component, $parts, true)),
        );

        $of = array_unique(array_map(static fn (int $d): int => $formula->doses[$d]->component, $fresh));
        if ($isPlural && count($fresh) > 1 && count($of) === 1) {
            // "Stir milks together": those of the part of which nothing is in yet, with what else it has to pour.
            $pours = static fn (int $d): bool => (bool) $formula->doses[$d]->food?->isLiquid();

            return [...$fresh, ...array_filter(array_diff($this->open($formula, reset($of), $seen), $fresh), $pours)];
        }

        if ($others === [] && preg_match(self::MAKES_NEXT, $before) === 1) {
            // A later sentence, "Boil the sugar and water", makes the next part with its own.
            $next = min(array_map(static fn (int $d): int => $formula->doses[$d]->component, $fresh));

            return array_values(
                array_filter($fresh, static fn (int $d): bool => $formula->doses[$d]->component === $next),
            );
        }

        return $others === [] ? $doses : $others;
    }

    /** @return list<array{int, int, list<int>, bool, bool}> byte, length, doses that may be meant, plural, mixture */
    private function found(DoseNames $names, string $text): array
    {
        preg_match_all('~[\pL’\']+~u', $text, $m, PREG_OFFSET_CAPTURE);
        $words = array_map(static fn (array $w): string => implode('', FoodIndex::words($w[0])), $m[0]);
        $found = [];
        for ($i = 0, $count = count($words); $i < $count; $i++) {
            for ($length = min(self::LONGEST, $count - $i); $length > 0; $length--) {
                $phrase = array_slice($words, $i, $length);
                $at = $m[0][$i][1];
                $last = $m[0][$i + $length - 1];
                $end = $last[1] + strlen($last[0]);
                $between = substr($text, $at, $end - $at);
                // "eggs and yolk" are two things, "half and half" is one.
                $isTwo =
                    $length > 2 &&
                    array_intersect(['and', 'or', 'with'], array_slice($phrase, 1, -1)) !== [] &&
                    ! $this->foods->isName(implode(' ', $phrase));
                $isLoose =
                    $isTwo ||
                    ($length > 1 &&
                        ($this->actions->in($phrase[0]) !== [] ||
                            ! $this->foods->isName(implode(' ', $phrase))) &&
                        ($this->foods->isIgnored($phrase[0]) || $this->foods->isIgnored($phrase[$length - 1])));
                if ($isLoose || preg_match('~[.,;:()]~', $between) === 1 || in_array('', $phrase, true)) {
                    continue;
                }
                if ($phrase[0] !== 'whip' && $names->isAnother($phrase)) {
                    $i += $length - 1;

                    continue 2;
                }
                $doses = $names->called($phrase);
                if (
                    $doses === [] ||
                    ($length === 1 && FoodVerb::is($words[$i], $text, $at, $end)) ||
                    preg_match(self::NO_FOOD, substr($text, $end)) === 1
                ) {
                    continue;
                }
                $found[] = [
                    $at,
                    $end - $at,
                    $doses,
                    $this->isAllOf($last[0], substr($text, 0, $at)),
                    preg_match(self::MIXTURE, substr($text, $end)) === 1,
                ];
                $i += $length - 1;

                continue 2;
            }
        }

        return $found;
    }

    /** "both sugars", "the sugars", "all the sugar": more than one of a kind. */
    private function isAllOf(string $word, string $before): bool
    {
        return preg_match('~\b(?:both|all)\s+(?:of\s+)?(?:the\s+)?$~iu', $before) === 1 ||
            preg_match('~^(?:eggs|sugars|flours|fruits?|nuts|spices|chocolates|milks|syrups|creams|extracts|chips)$~iu', $word) === 1;
    }

    /**
     * The part of the dessert that a step works on: the one that it names, or that most of what it takes belongs to.
     *
     * @param  list<array{int, int, list<int>, bool, bool}>  $found
     * @param  list<int>  $seen
     */
    private function component(Formula $formula, string $text, array $found, array $seen): ?int
    {
        $votes = [];
        foreach ($found as [, , $doses]) {
            $of = array_values(
                array_unique(array_map(static fn (int $d): int => $formula->doses[$d]->component, $doses)),
            );
            if (count($of) === 1) {
                $isFresh = array_diff($doses, $seen) !== [];
                $votes[$of[0]] = ($votes[$of[0]] ?? 0.0) + ($isFresh ? 1.0 : 0.25);
            }
        }
        foreach ($formula->components as $c => $name) {
            // "for the crumble", "rub crumble butter into flour"
            $own = preg_quote($name, '~');
            $isSaid = $name !== '' &&
                preg_match("~\\b(?:for\\s+the\\s+$own\\b|$own\\s+(?:butter|sugar|flour|eggs?|milk|cream)\\b)~iu", $text) === 1;
            if ($isSaid) {
                $votes[$c] = ($votes[$c] ?? 0.0) + 10.0;
            }
        }
        arsort($votes);

        return array_key_first($votes);
    }

    /**
     * @param  list<int>  $doses
     * @param  list<int>  $seen
     * @return list<int>
     */
    private function choose(
        Formula $formula,
        array $doses,
        ?int $component,
        array $seen,
        bool $isPlural,
        bool $isOnTop,
    ): array {
        $here = array_values(
            array_filter($doses, static fn (int $d): bool => $formula->doses[$d]->component === $component),
        );
        $doses = $here === [] ? $doses : $here;
        if ($isPlural || count($doses) < 2) {
            return $doses;
        }
        $fitting = array_values(
            array_filter(
                $doses,
                static fn (int $d): bool => (preg_match(self::FOR_TOP, $formula->doses[$d]->text) === 1) === $isOnTop,
            ),
        );
        $doses = $fitting === [] ? $doses : $fitting;
        $fresh = array_values(array_diff($doses, $seen));

        return $this->ofOneLine($formula, $fresh[0] ?? $doses[0], $doses);
    }

    /**
     * A line that named two things, "zest and juice of a lemon", is both of them where its fruit is named.
     *
     * @param  list<int>  $doses
     * @return list<int>
     */
    private function ofOneLine(Formula $formula, int $chosen, array $doses): array
    {
        $line = explode('_', $formula->doses[$chosen]->key)[0];
        $ofLine = array_filter($formula->doses, static fn (Dose $d): bool => explode('_', $d->key)[0] === $line);
        if (count($ofLine) > 2) {
            // A list on one line is no line of two things.
            return [$chosen];
        }

        return array_values(
            array_filter(
                $doses,
                // "100 g icing sugar, plus 50 g to coat" is the same twice, each at its time.
                static fn (int $d): bool => $d === $chosen ||
                    ($line !== '' && explode('_', $formula->doses[$d]->key)[0] === $line &&
                        $formula->doses[$d]->food?->key !== $formula->doses[$chosen]->food?->key),
            ),
        );
    }

    /**
     * @param  list<int>  $doses
     * @param  list<int>  $seen
     * @return list<int>
     */
    private function known(array $doses, array $seen): array
    {
        return array_values(array_intersect($doses, $seen)) ?: $doses;
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

    /**
     * Parts of which hardly anything has gone in yet, and that a step makes by their name alone.
     *
     * @param  list<int>  $seen
     * @return list<Mention>
     */
    private function wholes(Formula $formula, string $text, ?int $component, array $seen): array
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

        return $wholes;
    }

    /**
     * @param  list<int>  $seen
     * @return list<int> what is still to go in of a part of that name
     */
    private function partNamed(Formula $formula, string $name, array $seen): array
    {
        $of = array_search(mb_strtolower($name), array_map(mb_strtolower(...), $formula->components), true);

        return $of === false || $name === '' ? [] : array_values(array_filter(
            $this->open($formula, (int) $of, $seen),
            static fn (int $d): bool => ! $formula->doses[$d]->isDusted(),
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

    /** @param  list<int>  $doses */
    private function isDry(Formula $formula, array $doses): bool
    {
        $dry = [Role::Sweet, Role::Flavour, Role::Mixin];
        $isWet = static fn (int $d): bool => ! in_array($formula->doses[$d]->food?->role, $dry, true) ||
            $formula->doses[$d]->food->isLiquid();

        return array_filter($doses, $isWet) === [];
    }

    /**
     * @param  list<int>  $doses
     * @param  list<int>  $seen
     * @return list<int> with the flour, lift and salt of the same part that are still to go in
     */
    private function dryWith(Formula $formula, array $doses, array $seen): array
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

    /** Suet and dried fruit that no step names are mixed with "all the dry ingredients"; they are not sifted. */
    private static function isEverythingDry(string $text, string $words): bool
    {
        return preg_match('~^all\b~iu', $words) === 1 &&
            preg_match('~\b(?:rub|cream|melt|cut|sift|sieve|whisk)\b~iu', $text) !== 1;
    }

    /** Oats and grated coconut are whisked with the flour; nuts and fruit are folded in. */
    private function isMilled(Food $food): bool
    {
        return $food->per100->water < $this->constants->get('milled-water') &&
            ($food->key === 'oats' || str_contains($food->key, 'desiccated'));
    }

    /**
     * @param  list<int>  $seen
     * @param  list<int>  $named  doses that some step names
     * @return list<Mention>
     */
    private function groups(Formula $formula, string $text, ?int $component, array $seen, array $named): array
    {
        preg_match_all(self::GROUPS, $text, $m, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        $groups = [];
        foreach ($m as $group) {
            [$words, $at] = $group[0];
            $component = $this->namedBefore($formula, substr($text, 0, $at)) ?? $component ?? 0;
            if (($group['all'][0] ?? null) !== null && $this->open($formula, $component, $seen) === []) {
                // "Beat everything, top with balls": of what the balls are nothing is left.
                $component = array_key_first(array_filter(
                    $formula->components,
                    fn (int $c): bool => count($this->open($formula, $c, $seen)) > 1,
                    ARRAY_FILTER_USE_KEY,
                )) ?? $component;
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
                $group['wet'][0] !== null => [Role::Wet, Role::Egg, Role::Fat, Role::Flavour],
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
                    $dose->food !== null &&
                    in_array($dose->food->role, $roles, true) &&
                    ! (($group['dry'][0] ?? $group['spice'][0]) !== null && $dose->food->isLiquid()) &&
                    ! ($group['wet'][0] !== null && $dose->food->role === Role::Flavour && ! $dose->food->isLiquid()) &&
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

    /**
     * @param  list<int>  $seen
     * @return list<int> doses of a part that are still to go in
     */
    private function open(Formula $formula, int $component, array $seen): array
    {
        return array_values(array_filter(
            array_keys($formula->doses),
            static fn (int $d): bool => $formula->doses[$d]->component === $component &&
                $formula->doses[$d]->food !== null && ! in_array($d, $seen, true),
        ));
    }
}

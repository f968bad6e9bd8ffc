<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\NoFood;
use Aglyca\Core\Reading\Span;
use Aglyca\Core\Reading\Step;

/** Understands each step of a method: what is done, and which things of the list go in at it. */
final readonly class MethodReader
{
    private const DIPPED = '~\b(?:fork|glass|tumbler|cutter|knife|spoon|spatula|hands?|fingers?|fingertips)\b[^.;]{0,20}\bdipped\s+in\s+(?:a\s+little\s+)?$~iu';

    private const DUSTED_WITH = '~\b(?:sprinkl|dust|cover)\w*\s+(?:\pL+\s+){0,4}?(?:with|in)\s+$~iu';

    private const LONGEST = 4;

    private const MIXTURE = '~^\s*(?:mixture|mix|batter|dough|mass|syrup)\b~iu';

    /** Work that puts things on the outside, and lines that are kept for it. */
    private const ON_TOP = '~\b(?:sprinkl|dust|dredg|roll|toss|coat|scatter)\w*\b[^.;]*$~iu';

    /** A sentence behind others that makes something, up to what goes in. */
    private const MAKES_NEXT = '~[.!?;]\s+(?:(?:then|meanwhile|next|now)\s+)?(?:mix|boil|whisk|whip|heat|melt|combine|warm|simmer|dissolve|make)\b(?!\s+(?:in|into|through|back|it|them)\b)[^.!?;]{0,60}$~iu';

    /** What is left out of "everything". */
    private const SAVE = '~\b(?:all|everything|ingredients)\s*,?\s*(?:but|except(?:\s+for)?|apart\s+from|save)\s+(?:the\s+)?(?:\pL+\s+(?:and|&)\s+(?:the\s+)?)?$~iu';

    private const CHOCOLATES = '~^(?<kind>white|milk|dark|plain)\s+(?:and|&|\+)\s+(?:white|milk|dark|plain)\s+choc(?:olate)?s?\b~iu';

    private const NO_FOOD = '~^\s*(?:thermometer|knife|paper|papers|shell\b|cutter|bowl|wash)\b~iu';

    private const OF_FRUIT = '~^(?:\pL+\s+)?(?:juice|zest|rind)\s+of\s+(?:(?:the|both|all|remaining|other|\d+|an?|one|two|three|half)\s+)*$~iu';

    private Groups $groups;

    private Unnamed $unnamed;

    public function __construct(
        private Actions $actions,
        private FoodIndex $foods,
        private Constants $constants,
        private NoFood $noFood,
    ) {
        $this->groups = new Groups($constants);
        $this->unnamed = new Unnamed($constants);
    }

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
        $meant = new Meant($formula, $named);
        foreach ($steps as $i => $step) {
            $component = $this->component($formula, $step->text, $found[$i], $seen) ?? $component;
            $mentions = [];
            foreach ($found[$i] as [$at, $length, $doses, $isPlural, $isMixture]) {
                if (preg_match(self::SAVE, substr($step->text, 0, $at)) === 1) {
                    // "Stir all but the berries": they come later.
                    continue;
                }
                $ofPart = $this->groups->partNamed($formula, substr($step->text, $at, $length), $seen);
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
                $before = substr($step->text, 0, $at);
                $doses = $meant->of($doses, substr($step->text, $at, $length), $before);
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
                if (preg_match(self::DUSTED_WITH, $before) === 1 && $this->isBorrowed($formula, $chosen, $seen)) {
                    // "A towel sprinkled with icing sugar": a little more of what a later part is made of.
                    continue;
                }
                if ($isMixture && array_intersect($doses, $seen) === []) {
                    // "Fold in the flour mixture" that no sentence mixed: the flour with what is dry.
                    $words = preg_match(self::MIXTURE, substr($step->text, $at + $length), $m) === 1 ? $m[0] : '';
                    $mentions[] = new Mention(
                        $at,
                        $length + strlen($words),
                        $this->groups->dryWith($formula, $chosen, $seen),
                        true,
                    );
                    $seen = [...$seen, ...$mentions[count($mentions) - 1]->doses];

                    continue;
                }
                $mentions[] = new Mention($at, $length, $chosen, false, $isMixture);
                $meant->take($chosen, $before);
                $seen = $isMixture ? $seen : [...$seen, ...$chosen];
            }
            foreach ($this->groups->wholes($formula, $step->text, $component, $seen) as $group) {
                $mentions[] = $group;
                $seen = [...$seen, ...$group->doses];
            }
            foreach ($this->groups->groups($formula, $step->text, $component, $seen, $named) as $group) {
                $mentions[] = $group;
                $seen = [...$seen, ...$group->doses];
            }
            usort($mentions, static fn (Mention $a, Mention $b): int => $a->at <=> $b->at);
            $operations[] = new Operation($step, $this->actions->main($step->text), $mentions, $component);
        }

        return $this->unnamed->into($formula, $operations, $seen);
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

            $more = array_diff($this->groups->open($formula, reset($of), $seen), $fresh);

            return [...$fresh, ...array_filter($more, $pours)];
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

    /**
     * Fine sugar of a part that is stirred with something moist, of which nothing is in yet.
     *
     * @param  list<int>  $doses
     * @param  list<int>  $seen
     */
    private function isBorrowed(Formula $formula, array $doses, array $seen): bool
    {
        foreach ($doses as $d) {
            $of = $formula->doses[$d];
            $isFine = $of->food?->role === Role::Sweet && $of->food->texture === Texture::Powder && ! $of->isDusted();
            $part = array_keys(array_filter(
                $formula->doses,
                static fn (Dose $o): bool => $o->component === $of->component,
            ));
            $isMoist = static fn (int $i): bool => in_array(
                $formula->doses[$i]->food?->role, [Role::Wet, Role::Fat, Role::Egg], true,
            );
            if (! $isFine || array_intersect($part, $seen) !== [] || array_filter($part, $isMoist) === []) {
                return false;
            }
        }

        return $doses !== [];
    }

    /** @return list<array{int, int, list<int>, bool, bool}> byte, length, doses that may be meant, plural, mixture */
    private function found(DoseNames $names, string $text): array
    {
        preg_match_all('~[\pL’\']+~u', $text, $m, PREG_OFFSET_CAPTURE);
        $silent = $this->noFood->in($text);
        $isSilent = static fn (int $at): bool => array_filter(
            $silent,
            static fn (Span $s): bool => $s->covers($at),
        ) !== [];
        $words = array_map(
            static fn (array $w): string => $isSilent($w[1]) ? '' : implode('', FoodIndex::words($w[0])),
            $m[0],
        );
        $found = [];
        for ($i = 0, $count = count($words); $i < $count; $i++) {
            for ($length = min(self::LONGEST, $count - $i); $length > 0; $length--) {
                $phrase = array_slice($words, $i, $length);
                $at = $m[0][$i][1];
                $final = $m[0][$i + $length - 1];
                $end = $final[1] + strlen($final[0]);
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
                if ($isLoose || preg_match('~[,;:()&+]|\.(?!\s\p{Ll})~u', $between) === 1 || in_array('', $phrase, true)) {
                    continue;
                }
                if ($length === 1 && preg_match(self::CHOCOLATES, substr($text, $at), $kind) === 1) {
                    // "Chop white and milk chocolate"
                    $phrase = [mb_strtolower($kind['kind']), 'chocolate'];
                }
                if (preg_match(self::DIPPED, substr($text, 0, $at)) === 1) {
                    // "A fork dipped in flour" takes none of the list.
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
                $last = end($found);
                if ($last !== false && preg_match(self::OF_FRUIT, substr($text, $last[0], $at - $last[0])) === 1) {
                    // "Zest and juice of the 2 oranges": one thing to the end.
                    array_pop($found);
                    $found[] = [$last[0], $end - $last[0], $last[2], $last[3], $last[4]];
                    $i += $length - 1;

                    continue 2;
                }
                $found[] = [
                    $at,
                    $end - $at,
                    $doses,
                    $this->isAllOf($final[0], substr($text, 0, $at)),
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
            preg_match('~^(?:eggs|sugars|flours|fruits?|nuts|spices|chocolates|milks|syrups|creams|extracts|chips|wash)$~iu', $word) === 1;
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
        $parts = static fn (array $doses): array => array_values(
            array_unique(array_map(static fn (int $d): int => $formula->doses[$d]->component, $doses)),
        );
        $left = [];
        foreach ($found as [, , $doses]) {
            $of = $parts($doses);
            $fresh = array_diff($doses, $seen);
            if (count($of) === 1) {
                $votes[$of[0]] = ($votes[$of[0]] ?? 0.0) + ($fresh !== [] ? 1.0 : 0.25);
            } elseif (count($parts($fresh)) === 1) {
                $left[] = $parts($fresh)[0];
            }
        }
        if ($votes === [] && count($left) > 1 && count(array_unique($left)) === 1) {
            // Of "cream, sugar and vanilla" that two parts have, what is not in yet says which.
            $votes[$left[0]] = 1.0;
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
                static fn (int $d): bool => Unnamed::isForTop($formula->doses[$d]) === $isOnTop,
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
}

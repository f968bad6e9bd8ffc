<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** Says each sentence of a method again for what is really in the bowl. */
final readonly class MethodWriter
{
    /** Words before a name that belong to what is gone: "white granulated sugar". */
    private const LEADING = '~(?:\b(?:both|two|three|four|white|brown|caster|castor|granulated|icing|powdered|confectioner\'?s\'?|soft|light|dark|plain|self[- ]rais(?:ing|ed)|all[- ]purpose|whole|wheat|superfine|golden|demerara|muscovado|strong|bread|rolled|porridge)[\s-]+)+$~iu';

    private const AMOUNT = '~(?<!\d)(?!\d{2,3}\s?[CF]\b)(?:\d+\s+\d/\d|\d/\d|\d+(?:[.,]\d+)?\s*[½¼¾⅓⅔]?|[½¼¾⅓⅔])\s*(?:cups?|tablespoons?|tbsp|c|tbs|teaspoons?|tsp|g|grams?|ml|oz|ounces?)?\.?\s+(?:of\s+)?(?:the\s+)?$~iu';

    private const SAID_GRAMS = '~(?<n>\d+(?:[.,]\d+)?)\s?(?:g|grams?)\b\s+(?:of\s+)?(?:the\s+)?(?:\pL+\s+){0,2}$~iu';

    private const SOAKING = '~,?\s*(?:and\s+|then\s+)*(?:leave|let|stand|soak|set\s+aside|simmer|cook)\b[^.!?;]*?(?:\b(?:min|minutes?|mins|hours?|hrs?|overnight|soft|softened|absorbed|cool)\b)(?:[^.!?;]*?\b(?:mash|mashed|pur[ée]e|blend|blitz|process|smooth)\b)?~iu';

    private const SOAK = '~\b(?<verb>soak|steep|simmer|cook|boil)\s+(?:the\s+)?(?:\pL+\s+)?$~iu';

    private const SOAKED = '~,?\s+(?:(?:for\s+)?(?:about\s+)?[\d½¼][^.!?;]*?\b(?:min(?:ute)?s?|hours?|hrs?)\b|overnight\b)(?:[^.!?;]*?\b(?:mash|blend|blitz|pur[ée]e)\b(?:\s+(?:with\s+(?:an?\s+|the\s+)?fork|(?:un)?til\s+smooth))?)?~iu';

    private const MIX_WITH = '~\b(?<verb>mix|dissolve|stir|combine)\s+(?:the\s+)?$~iu';

    private const SIEVED = 'Shake the xanthan gum in from a sieve while you whisk, or rub it through a little of the sweetener first: dropped into water it clumps.';

    private const MASH = '~\b(?<verb>(?:peel\s+and\s+)?(?:mash|pur[ée]e|crush))\s+(?:up\s+)?(?:the\s+|your\s+)?(?:(?:ripe|very\s+ripe|peeled|soft)\s+)*$~iu';

    private const STIRRED = '~\b(?:stir|fold|beat|mix)\b.*\b(?:in|into|through|with)\b|\bback\b~iu';

    private const CRUSH = '~\b(?<verb>crush|blitz|bash|crumble|pulse|whizz|grind|process)\s+(?:up\s+)?(?:the\s+)?$~iu';

    private const SUGAR = '~\bsugar(?<kind>ed|s|y)?\b(?<tool>[\s-]+thermometer)?~iu';

    private const NO_SUGAR = '~(?:\b(?:without|no|any|blood)\s+)$~iu';

    public function __construct(
        private Preparations $preparations,
        private Latecomers $latecomers,
        private Constants $constants,
    ) {}

    /** @param  list<Operation>  $operations */
    public function write(Swap $swap, array $operations): Rewriting
    {
        $rewriting = new Rewriting;
        $exchangeOf = self::exchanges($swap);
        $redirected = $this->redirected($swap, $operations, $exchangeOf);
        $taken = $this->madeFirst($swap);
        foreach ($operations as $i => $operation) {
            foreach ($operation->mentions as $mention) {
                $of = array_values(
                    array_unique(
                        array_map(
                            static fn (int $d): int => $exchangeOf[$d],
                            array_intersect($mention->doses, array_keys($exchangeOf)),
                        ),
                    ),
                );
                if ($mention->isGroup) {
                    $this->group($swap, $rewriting, $i, $mention, $of, $redirected);
                } else {
                    $this->named($swap, $rewriting, $i, $operation, $mention, $of, $redirected);
                }
                $this->take($swap, $rewriting, $i, $mention, $of, $redirected, $taken);
            }
            $this->leftOver($swap, $rewriting, $i, $operation);
            $this->keeping($swap, $rewriting, $i, $operation);
        }
        $this->eggs($swap, $rewriting, $operations, $exchangeOf, $redirected, $taken);
        $this->latecomers->place($swap, $rewriting, $operations, $redirected, $taken);

        return $rewriting;
    }

    /** @return array<string, true> what went into what was made before the method begins, as `take` keeps it */
    private function madeFirst(Swap $swap): array
    {
        $taken = [];
        foreach ($swap->exchanges as $e => $exchange) {
            foreach ($this->preparations->isMade($swap, $exchange) ? array_keys($exchange->to) : [] as $p) {
                $taken["e$e-$p"] = true;
            }
        }

        return $taken;
    }

    /** @return array<int, int> dose => exchange */
    private static function exchanges(Swap $swap): array
    {
        $of = [];
        foreach ($swap->exchanges as $e => $exchange) {
            foreach ($exchange->from as $dose) {
                $of[$dose] = $e;
            }
        }

        return $of;
    }

    /**
     * Parts that go in with others of their kind: an egg that came for flour goes in with the eggs.
     *
     * @param  list<Operation>  $operations
     * @param  array<int, int>  $exchangeOf
     * @return array<int, list<Part>> by exchange: the parts that go in at its own mention
     */
    private function redirected(Swap $swap, array $operations, array $exchangeOf): array
    {
        $own = [];
        foreach ($swap->exchanges as $e => $exchange) {
            $parts = NewNames::added($swap->before, $exchange);
            $own[$e] = array_values(
                array_filter($parts, function (Part $p) use ($swap, $operations, $exchange, $exchangeOf): bool {
                    if ($p->food->key === 'baking-powder' && $this->isWetted($swap, $operations, $exchange)) {
                        return false;
                    }

                    return ! self::isEggBeside($exchange, $p) ||
                        $this->withEgg($swap, $operations, $exchange->component, $exchangeOf) === null;
                }),
            );
        }

        return $own;
    }

    /**
     * Baking soda that is stirred into something wet, without flour: baking powder would spend itself there.
     *
     * @param  list<Operation>  $operations
     */
    private function isWetted(Swap $swap, array $operations, Exchange $exchange): bool
    {
        $role = static fn (int $d): ?Role => $swap->before->doses[$d]->food?->role;
        foreach ($operations as $operation) {
            foreach ($operation->mentions as $mention) {
                if (! $mention->isGroup && array_intersect($exchange->from, $mention->doses) !== []) {
                    $roles = array_map($role, $operation->ofSentence($mention));

                    return in_array(Role::Wet, $roles, true) && ! in_array(Role::Body, $roles, true);
                }
            }
        }

        return false;
    }

    private static function isEggBeside(Exchange $exchange, Part $part): bool
    {
        return $part->food->role === Role::Egg && $exchange->role !== Role::Egg;
    }

    /**
     * Where an egg that came for the flour goes in: with the eggs, else with what is wet, else with the fat.
     *
     * @param  list<Operation>  $operations
     * @param  array<int, int>  $exchangeOf
     * @return ?array{int, Mention, Role} operation, what is named in it, and of which role
     */
    private function withEgg(Swap $swap, array $operations, int $component, array $exchangeOf): ?array
    {
        foreach ([Role::Egg, Role::Wet, Role::Fat] as $role) {
            foreach ($operations as $i => $operation) {
                foreach ($operation->mentions as $mention) {
                    foreach ($mention->isMixture ? [] : $mention->doses as $d) {
                        $dose = $swap->before->doses[$d];
                        if ($dose->food?->role === $role && $dose->component === $component && isset($exchangeOf[$d])) {
                            return [$i, $mention, $role];
                        }
                    }
                }
            }
        }

        return null;
    }

    /**
     * @param  list<Operation>  $operations
     * @param  array<int, int>  $exchangeOf
     * @param  array<int, list<Part>>  $own
     * @param  array<string, true>  $taken
     */
    private function eggs(
        Swap $swap,
        Rewriting $rewriting,
        array $operations,
        array $exchangeOf,
        array $own,
        array &$taken,
    ): void {
        foreach ($swap->exchanges as $e => $exchange) {
            foreach ($exchange->changed ? $exchange->to : [] as $p => $part) {
                $with = self::isEggBeside($exchange, $part) && ! in_array($part, $own[$e], true)
                    ? $this->withEgg($swap, $operations, $exchange->component, $exchangeOf)
                    : null;
                if ($with !== null && ! isset($taken["e$e-$p"])) {
                    [$i, $mention, $role] = $with;
                    $taken["e$e-$p"] = true;
                    $rewriting->uses[$i][] = new StepUse($part->food, $part->grams);
                    if ($role !== Role::Egg && ! $mention->isGroup) {
                        $rewriting->edit($i, $mention->end(), 0, ' (now with '.NewNames::name($part->food).')');
                    }
                }
            }
        }
    }

    /**
     * @param  list<int>  $of
     * @param  array<int, list<Part>>  $own
     */
    private function group(Swap $swap, Rewriting $rewriting, int $i, Mention $mention, array $of, array $own): void
    {
        $names = [];
        foreach ($of as $e) {
            if (
                ! isset($rewriting->named[$e]) &&
                $own[$e] !== [] &&
                $this->preparations->nameOf($swap->before->doses[$swap->exchanges[$e]->from[0]] ?? null) === ''
            ) {
                $rewriting->named[$e] = true;
                array_push($names, ...array_map(static fn (Part $p): string => NewNames::name($p->food), $own[$e]));
            }
        }
        if ($names !== []) {
            $rewriting->edit($i, $mention->end(), 0, ' (now with '.NewNames::list($names).')');
        }
    }

    /**
     * @param  list<int>  $of
     * @param  array<int, list<Part>>  $own
     */
    private function named(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        Operation $operation,
        Mention $mention,
        array $of,
        array $own,
    ): void {
        $changed = array_values(
            array_filter(
                $of,
                fn (int $e): bool => $swap->exchanges[$e]->changed &&
                    ($own[$e] !== [] || NewNames::isGone($swap->before, $swap->exchanges[$e])),
            ),
        );
        if ($changed === []) {
            $this->uncounted($swap, $rewriting, $i, $operation->step->text, $mention);
            $this->amount($swap, $rewriting, $i, $operation->step->text, $mention, $of);

            return;
        }
        $words = [];
        foreach ($changed as $e) {
            $exchange = $swap->exchanges[$e];
            $prepared = $this->preparations->nameOf($swap->before->doses[$exchange->from[0]] ?? null);
            if ($prepared !== '') {
                // What was made before the method began has its old name again, or the one that it was given there.
                $rewriting->named[$e] = true;
                $words[] =
                    mb_stripos(substr($operation->step->text, $mention->at, $mention->length), $prepared) === false
                        ? $prepared
                        : substr($operation->step->text, $mention->at, $mention->length);
                $this->uncrushed($rewriting, $i, $operation->step->text, $mention, $prepared);

                continue;
            }
            $words[] =
                $mention->isMixture || isset($rewriting->named[$e])
                    ? ($own[$e] === [] || Said::isJust($operation, $mention, $exchange)
                        ? ''
                        : ($mention->isMixture
                            ? NewNames::ofMixture($exchange, $own[$e])
                            : NewNames::short($exchange, $own[$e])))
                    : $this->inFull(
                        $swap,
                        $exchange,
                        Said::unsaid($swap, $operation, $mention, $exchange->component, $own[$e]),
                    );
            if (! $mention->isMixture) {
                $rewriting->named[$e] = true;
            }
        }
        if ($this->isAgain($swap, $operation, $mention, $changed)) {
            return;
        }
        if (
            preg_match('~^(?:fruits?|nuts)$~iu', substr($operation->step->text, $mention->at, $mention->length)) === 1
        ) {
            // "The fruit" of which one stayed as it was.
            $stayed = array_diff(
                $mention->doses,
                ...array_map(static fn (int $e): array => $swap->exchanges[$e]->from, $changed),
            );
            array_push(
                $words,
                ...array_map(
                    static fn (int $d): string => $swap->before->doses[$d]->food === null
                        ? ''
                        : NewNames::name($swap->before->doses[$d]->food),
                    array_values($stayed),
                ),
            );
        }
        $this->replace(
            $rewriting,
            $i,
            $operation->step->text,
            $mention,
            $this->inList(
                $operation->step->text,
                $mention,
                $this->besides($swap, $operation, $mention, array_values(array_filter($words))),
            ),
        );
        $this->unsoaked($swap, $rewriting, $i, $operation->step->text, $mention, $changed);
        $this->unmashed($swap, $rewriting, $i, $operation->step->text, $mention, $changed);
        $this->sieved($swap, $rewriting, $i, $operation, $mention, $changed);
    }

    /**
     * Starch is slaked in a little water; gum clumps there.
     *
     * @param  list<int>  $changed
     */
    private function sieved(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        Operation $operation,
        Mention $mention,
        array $changed,
    ): void {
        $to = array_merge([], ...array_map(static fn (int $e): array => $swap->exchanges[$e]->to, $changed));
        $with = array_map(
            static fn (int $d): ?Role => $swap->before->doses[$d]->food?->role,
            array_diff($operation->ofSentence($mention), $mention->doses),
        );
        if (
            count($to) === 1 &&
            $to[0]->food->key === 'xanthan' &&
            $with !== [] &&
            array_diff(array_map(static fn (?Role $r): string => $r->value ?? '', $with), [Role::Wet->value]) === [] &&
            ($rewriting->before[$i] ?? []) === []
        ) {
            $rewriting->before[$i][] = PlannedStep::added(self::SIEVED);
        }
    }

    /**
     * A purée that came for fruit needs no mashing: "mash the bananas".
     *
     * @param  list<int>  $changed
     */
    private function unmashed(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        string $text,
        Mention $mention,
        array $changed,
    ): void {
        $isPuree = array_filter(
            $changed,
            static fn (int $e): bool => count($swap->exchanges[$e]->to) > 0 &&
                $swap->exchanges[$e]->to[0]->food->texture === Texture::Paste,
        ) !== [];
        if (
            $isPuree &&
            preg_match(self::MASH, substr($text, 0, $mention->at), $m, PREG_OFFSET_CAPTURE) === 1
        ) {
            $isCapital = $m['verb'][0] !== mb_strtolower($m['verb'][0]);
            $rewriting->edit($i, $m['verb'][1], strlen($m['verb'][0]), $isCapital ? 'Take' : 'take');
        }
    }

    /**
     * Pecans that came for the raisins of a sentence that has pecans already are more pecans.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    private function besides(Swap $swap, Operation $operation, Mention $mention, array $words): array
    {
        $there = [];
        foreach (array_diff($operation->ofSentence($mention), $mention->doses) as $d) {
            $food = $swap->before->doses[$d]->food;
            $there[] = $food?->role === Role::Mixin ? NewNames::name($food) : '';
        }

        return count($words) === 1 && in_array($words[0], $there, true) ? ["more $words[0]"] : $words;
    }

    /** Crumbs that were made first are not crushed again. */
    private function uncrushed(Rewriting $rewriting, int $i, string $text, Mention $mention, string $prepared): void
    {
        if (
            $prepared !== 'crumbs' ||
            preg_match(self::CRUSH, substr($text, 0, $mention->at), $m, PREG_OFFSET_CAPTURE) !== 1
        ) {
            return;
        }
        $isCapital = $m['verb'][0] !== mb_strtolower($m['verb'][0]);
        $rewriting->edit($i, $m['verb'][1], strlen($m['verb'][0]), $isCapital ? 'Take' : 'take');
        if (preg_match('~^\s+(?:in)?to\s+(?:\pL+\s+)?(?:crumbs?|rubble|dust)\b|^\s+finely\b~iu', substr($text, $mention->end()), $tail) === 1) {
            $rewriting->edit($i, $mention->end(), strlen($tail[0]), '');
        }
    }

    /**
     * A thing that was made of sweetener and more, a jelly, keeps its name where it is spoken of again.
     *
     * @param  list<int>  $changed
     */
    private function isAgain(Swap $swap, Operation $operation, Mention $mention, array $changed): bool
    {
        $isMade = array_filter(
            $changed,
            static fn (int $e): bool => $swap->exchanges[$e]->role === Role::Sweet &&
                array_filter(
                    $swap->exchanges[$e]->to,
                    static fn (Part $p): bool => ! in_array($p->food->role, [Role::Sweet, Role::Wet], true),
                ) !== [],
        ) !== [];

        $isBefore = static fn (Mention $m): bool => $m->at < $mention->at &&
            array_intersect($m->doses, $mention->doses) !== [];

        return $isMade && array_filter($operation->mentions, $isBefore) !== [];
    }

    /**
     * Dried fruit was soaked and mashed; the nuts that are there instead are not.
     *
     * @param  list<int>  $changed
     */
    private function unsoaked(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        string $text,
        Mention $mention,
        array $changed,
    ): void {
        $isFruit = array_filter(
            $changed,
            fn (int $e): bool => $swap->exchanges[$e]->role === Role::Mixin &&
                array_filter(
                    $swap->exchanges[$e]->to,
                    fn (Part $p): bool => $p->food->per100->fat > $this->constants->get('nuts-fat'),
                ) !== [],
        );
        if ($isFruit === []) {
            return;
        }
        $lead = preg_split('~[.!?;]~', substr($text, 0, $mention->at)) ?: [''];
        if (preg_match(self::STIRRED, (string) end($lead)) === 1) {
            // "Stir back in with the raisins, cook 2 minutes more": all of it cooks.
            return;
        }
        $isSoaked = preg_match(self::SOAK, substr($text, 0, $mention->at), $verb, PREG_OFFSET_CAPTURE) === 1;
        $goes = $isSoaked ? self::SOAKED : self::SOAKING;
        if (
            preg_match($goes, $text, $m, PREG_OFFSET_CAPTURE, $mention->end()) !== 1 ||
            preg_match('~[.!?;]~', substr($text, $mention->end(), $m[0][1] - $mention->end())) === 1
        ) {
            return;
        }
        $rewriting->edit($i, $m[0][1], strlen($m[0][0]), '');
        if ($isSoaked) {
            $mix = $this->beginsSentence($text, $verb['verb'][1]) ? 'Mix' : 'mix';
            $rewriting->edit($i, $verb['verb'][1], strlen($verb['verb'][0]), $mix);
        }
    }

    /**
     * Grams that the method says of a thing of which there is another amount now, "100 g melted butter".
     *
     * @param  list<int>  $of
     */
    private function amount(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        string $text,
        Mention $mention,
        array $of,
    ): void {
        $exchange = count($of) === 1 ? $swap->exchanges[$of[0]] : null;
        if (
            $exchange === null ||
            ! $exchange->changed ||
            count($exchange->from) !== 1 ||
            count($exchange->to) !== 1 ||
            preg_match(self::SAID_GRAMS, substr($text, 0, $mention->at), $m, PREG_OFFSET_CAPTURE) !== 1
        ) {
            return;
        }
        $was = $swap->before->doses[$exchange->from[0]]->mass();
        if (abs((float) str_replace(',', '.', $m['n'][0]) - $was) < 0.5) {
            $rewriting->edit($i, $m['n'][1], strlen($m['n'][0]), (string) round($exchange->to[0]->grams));
        }
    }

    /**
     * Sugar without an amount, "icing sugar to finish", is left in the list and out of the count; in the method it is
     * a sweetener.
     */
    private function uncounted(Swap $swap, Rewriting $rewriting, int $i, string $text, Mention $mention): void
    {
        foreach ($mention->doses as $d) {
            $dose = $swap->before->doses[$d];
            if (
                $dose->grams === null &&
                $dose->food?->role === Role::Sweet &&
                $dose->food->per100->sugars > $this->constants->get('sugar-food') &&
                $swap->exchanges !== []
            ) {
                $this->replace(
                    $rewriting,
                    $i,
                    $text,
                    $mention,
                    ($dose->food->texture === Texture::Powder ? 'powdered ' : '').'sweetener',
                );

                return;
            }
        }
    }

    /**
     * In a list of the baker's the names go on with commas; alone they end with "and".
     *
     * @param  list<string>  $words
     */
    private function inList(string $text, Mention $mention, array $words): string
    {
        $names = NewNames::list($words);
        $goesOn = preg_match('~^(?:\s+and\b|,)~u', substr($text, $mention->end())) === 1;
        $isInList = preg_match('~(?:,|\band)\s+(?:the\s+)?$~u', substr($text, 0, $mention->at)) === 1;

        return $goesOn || $isInList ? str_replace(' and ', $goesOn ? ', ' : ' and ', $names) : $names;
    }

    /** @param  list<Part>  $parts */
    private function inFull(Swap $swap, Exchange $exchange, array $parts): string
    {
        if ($parts === []) {
            return '';
        }
        $stayed = array_filter(
            $exchange->to,
            static fn (Part $p): bool => ! in_array($p, $parts, true) && ! in_array($p->food->role, [Role::Egg], true),
        );
        $foods = array_filter(
            $stayed,
            static fn (Part $p): bool => in_array(
                $p->food->key,
                array_map(static fn (int $d): ?string => $swap->before->doses[$d]->food?->key, $exchange->from),
                true,
            ),
        );

        return NewNames::full($exchange, [...array_values($foods), ...$parts]);
    }

    private function replace(Rewriting $rewriting, int $i, string $text, Mention $mention, string $words): void
    {
        [$at, $length] = [$mention->at, $mention->length];
        if (! $mention->isMixture && preg_match(self::AMOUNT, substr($text, 0, $at), $m) === 1) {
            // "6 tablespoons sugar": so much of what is gone; the new grams stand beside the step.
            [$at, $length] = [$at - strlen($m[0]), $length + strlen($m[0])];
            if ($words !== '' && preg_match('~\pL.*\bof\s+the\s+$~iu', $m[0]) === 1) {
                $words = "part of the $words";
            }
        }
        if (preg_match(self::LEADING, substr($text, 0, $at), $m) === 1) {
            [$at, $length] = [$at - strlen($m[0]), $length + strlen($m[0])];
        }
        if ($words === '') {
            $end = $at + $length;
            [$at, $length] = $this->struck($text, $at, $length);
            $this->unmixed($rewriting, $i, $text, $at, $end);
        } elseif ($this->beginsSentence($text, $at)) {
            $words = ucfirst($words);
        }
        if (! $rewriting->isEdited($i, $at, $at + $length)) {
            $rewriting->edit($i, $at, $length, $words);
        }
    }

    /** "Mix the soda with the water, add it": of the two the water is left, and nothing froths. */
    private function unmixed(Rewriting $rewriting, int $i, string $text, int $at, int $end): void
    {
        if (
            preg_match(self::MIX_WITH, substr($text, 0, $at), $m, PREG_OFFSET_CAPTURE) !== 1 ||
            preg_match('~^\s+(?:with|in|into)\b~iu', substr($text, $end)) !== 1
        ) {
            return;
        }
        $isCapital = $m['verb'][0] !== mb_strtolower($m['verb'][0]);
        $rewriting->edit($i, $m['verb'][1], strlen($m['verb'][0]), $isCapital ? 'Take' : 'take');
        if (preg_match('~\s*\([^()]*\b(?:froth|foam|fizz|bubbl)\w*[^()]*\)~iu', $text, $m, PREG_OFFSET_CAPTURE, $end) === 1) {
            $rewriting->edit($i, $m[0][1], strlen($m[0][0]), '');
        }
    }

    private function beginsSentence(string $text, int $at): bool
    {
        return $at === 0 || preg_match('~[.!?]\s+$~u', substr($text, 0, $at)) === 1;
    }

    /**
     * What goes with a name that goes: its joining word, or else the whole sentence.
     *
     * @return array{int, int}
     */
    private function struck(string $text, int $at, int $length): array
    {
        [$before, $behind] = [substr($text, 0, $at), substr($text, $at + $length)];
        $article = preg_match('~\b(?:the|some|a|an)\s+$~iu', $before, $m) === 1 ? strlen($m[0]) : 0;
        $rest = substr($before, 0, strlen($before) - $article);
        if (
            preg_match('~(?:,?\s+and|,|,?\s+with|\s+or|\s+plus)\s+$~iu', $rest, $m) === 1 &&
            preg_match('~\pL\s*$~u', substr($rest, 0, -strlen($m[0]))) === 1
        ) {
            $from = $at - $article - strlen($m[0]);

            return [$from, $at + $length - $from];
        }
        if (preg_match('~^(?:,\s*and|,|\s+and)\s+(?:the\s+)?~iu', $behind, $m) === 1) {
            return [$at, $length + strlen($m[0])];
        }
        if (preg_match('~^\s+(?:with|in|into)\s+(?=(?:the\s+|boiling\s+|hot\s+)?\pL)~iu', $behind, $m) === 1) {
            return [$at - $article, $length + $article + strlen($m[0])];
        }
        $start = preg_match('~^.*[.!?;]\s+~us', $before, $m) === 1 ? strlen($m[0]) : 0;
        $end = preg_match('~^[^.!?;]*[.!?;]?\s*~u', $behind, $m) === 1 ? $at + $length + strlen($m[0]) : strlen($text);

        return [$start, $end - $start];
    }

    /**
     * @param  list<int>  $of
     * @param  array<int, list<Part>>  $own
     * @param  array<string, true>  $taken  what has gone in already
     */
    private function take(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        Mention $mention,
        array $of,
        array $own,
        array &$taken,
    ): void {
        if ($mention->isMixture) {
            return;
        }
        foreach ($of as $e) {
            $exchange = $swap->exchanges[$e];
            if (! $exchange->changed) {
                foreach (array_intersect($exchange->from, $mention->doses) as $d) {
                    $this->use($rewriting, $i, "d$d", $swap->before->doses[$d], $taken);
                }

                continue;
            }
            foreach ($exchange->to as $p => $part) {
                $isNew =
                    NewNames::isGone($swap->before, $exchange) ||
                    in_array($part, NewNames::added($swap->before, $exchange), true);
                if (
                    ! isset($taken["e$e-$p"]) &&
                    (! $isNew || in_array($part, $own[$e], true)) &&
                    ! (self::isEggBeside($exchange, $part) && ! in_array($part, $own[$e], true))
                ) {
                    $taken["e$e-$p"] = true;
                    $rewriting->uses[$i][] = new StepUse($part->food, $part->grams);
                }
            }
        }
    }

    /** @param  array<string, true>  $taken */
    private function use(Rewriting $rewriting, int $i, string $key, Dose $dose, array &$taken): void
    {
        if (! isset($taken[$key]) && $dose->food !== null && $dose->grams !== null) {
            $taken[$key] = true;
            $rewriting->uses[$i][] = new StepUse($dose->food, $dose->mass());
        }
    }

    /** What set and kept by its sugar is done by other signs now, and keeps for less long. */
    private function keeping(Swap $swap, Rewriting $rewriting, int $i, Operation $operation): void
    {
        $family = $swap->families[$operation->component ?? $swap->before->heaviest()];
        if (! $family->sugarKeeps || $rewriting->named === []) {
            return;
        }
        $text = $operation->step->text;
        if (preg_match('~\bkeeps?\b[^.;]*~iu', $text, $m, PREG_OFFSET_CAPTURE) === 1) {
            $rewriting->edit(
                $i,
                $m[0][1],
                strlen($m[0][0]),
                ($this->beginsSentence($text, $m[0][1]) ? 'Keeps ' : 'keeps ').$family->keeping,
            );
        }
        foreach ($family->key === 'jam' ? $operation->step->heats : [] as $heat) {
            $at = strlen(preg_replace('~\s*\b(?:to|until|at|reaches)\s*$~iu', '', substr($text, 0, $heat->at)) ?? '');
            if (! $heat->isOven) {
                $rewriting->edit($i, $at, $heat->at + $heat->length - $at, '');
            }
        }
    }

    /** Sugar that the sentence names and the list does not: a sugared paper, a spoon of sugar. */
    private function leftOver(Swap $swap, Rewriting $rewriting, int $i, Operation $operation): void
    {
        foreach ($swap->after->doses as $dose) {
            if (
                $dose->food !== null &&
                $dose->grams !== null &&
                $dose->food->role === Role::Sweet &&
                preg_match('~\bsugar\b(?!-free)~i', $dose->food->name.' '.$dose->text) === 1
            ) {
                return;
            }
        }
        $text = $operation->step->text;
        preg_match_all(self::SUGAR, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        foreach ($found as $m) {
            [$words, $at] = [(string) $m[0][0], $m[0][1]];
            $isFree =
                preg_match('~^[- ]?(?:free|alcohol|substitute)~i', substr($text, $at + strlen($words))) === 1 ||
                preg_match(self::NO_SUGAR, substr($text, 0, $at)) === 1;
            if ($isFree || $rewriting->isEdited($i, $at, $at + strlen($words))) {
                continue;
            }
            $new = match (true) {
                $m['tool'][0] !== null => 'thermometer',
                $m['kind'][0] === 'ed', $m['kind'][0] === 'y' => 'sweetened',
                default => 'sweetener',
            };
            $rewriting->edit($i, $at, strlen($words), $this->beginsSentence($text, $at) ? ucfirst($new) : $new);
        }
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\NoFood;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** Says each sentence of a method again for what is really in the bowl. */
final readonly class MethodWriter
{
    private Phrasing $phrasing;

    private Handling $handling;

    private Remains $remains;

    private Beside $beside;

    private const LIQUOR = '~^(?:\pL+\s+)?(?:syrup|juice|liquid|liquor)s?$~iu';

    public function __construct(
        private Preparations $preparations,
        private Latecomers $latecomers,
        private BagShares $shares,
        private Divided $divided,
        Constants $constants,
        NoFood $noFood,
    ) {
        $this->phrasing = new Phrasing;
        $this->handling = new Handling($this->phrasing, $constants);
        $this->remains = new Remains($this->phrasing, $constants, $noFood);
        $this->beside = new Beside;
    }

    /** @param  list<Operation>  $operations */
    public function write(Swap $swap, array $operations): Rewriting
    {
        $rewriting = new Rewriting;
        $exchangeOf = self::exchanges($swap);
        $redirected = $this->redirected($swap, $operations, $exchangeOf);
        $taken = $this->madeFirst($swap);
        $places = $this->shares->of($swap, $operations);
        $taken += $this->shared($swap, $places, $redirected);
        foreach ($operations as $i => $operation) {
            foreach ($operation->mentions as $m => $mention) {
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
                $this->takeShares($swap, $rewriting, [$i, $m], $places, $redirected);
            }
            $this->remains->leftOver($swap, $rewriting, $i, $operation);
            $this->remains->dipped($swap, $rewriting, $i, $operation);
            $this->remains->saved($swap, $rewriting, $i, $operation);
            $this->remains->keeping($swap, $rewriting, $i, $operation);
        }
        $this->beside->place($swap, $rewriting, $operations, $exchangeOf, $redirected, $taken);
        $this->latecomers->place($swap, $rewriting, $operations, $redirected, $taken);
        $this->divided->share($swap, $rewriting, $operations);

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

                    return ! Beside::isBeside($exchange, $p) ||
                        $this->beside->with($swap, $operations, $exchange->component, $exchangeOf, $p) === null;
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
            $this->remains->uncounted($swap, $rewriting, $i, $operation->step->text, $mention);
            $this->remains->amount($swap, $rewriting, $i, $operation->step->text, $mention, $of);

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
                    preg_match('~\b'.preg_quote($prepared, '~').'~iu', $mention->in($operation->step->text)) !== 1
                        ? $prepared
                        : $mention->in($operation->step->text);
                $this->handling->uncrushed($rewriting, $i, $operation->step->text, $mention, $prepared);

                continue;
            }
            $isOfFruit = $exchange->role === Role::Mixin;
            if ($isOfFruit && preg_match(self::LIQUOR, $mention->in($operation->step->text)) === 1) {
                // What the fruit of a tin lay in went with it.
                $words[] = 'sweetened water';

                continue;
            }
            if ($this->isSameAgain($swap, $operation, $mention, $exchange)) {
                $rewriting->named[$e] = true;
                $words[] = '';

                continue;
            }
            $isShort = isset($rewriting->named[$e]) ||
                preg_match('~\bcinnamon\s+$~iu', substr($operation->step->text, 0, $mention->at)) === 1;
            $words[] =
                $mention->isMixture || $isShort
                    ? ($own[$e] === [] || Said::isJust($operation, $mention, $exchange)
                        ? ''
                        : ($mention->isMixture
                            ? NewNames::ofMixture($exchange, $own[$e])
                            : NewNames::short($exchange, $own[$e])))
                    : $this->inFull(
                        $swap,
                        $exchange,
                        Said::unsaid(
                            $swap,
                            $operation,
                            $mention,
                            $exchange->component,
                            $this->handling->dry($rewriting, $i, $operation->step->text, $mention, $exchange, $own[$e]),
                            array_values(array_filter(
                                $swap->exchanges,
                                fn (Exchange $x): bool => $this->preparations->isMade($swap, $x),
                            )),
                        ),
                    );
            if (! $mention->isMixture) {
                $rewriting->named[$e] = true;
            }
        }
        if ($this->isAgain($swap, $operation, $mention, $changed)) {
            return;
        }
        if (
            preg_match('~^(?:fruits?|nuts)$~iu', $mention->in($operation->step->text)) === 1
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
        $this->phrasing->replace(
            $rewriting,
            $i,
            $operation->step->text,
            $mention,
            $this->phrasing->inList(
                $operation->step->text,
                $mention,
                $this->phrasing->besides($swap, $operation, $mention, array_values(array_filter($words))),
            ),
        );
        $this->handling->unsoaked($swap, $rewriting, $i, $operation->step->text, $mention, $changed);
        $this->handling->unmashed($swap, $rewriting, $i, $operation->step->text, $mention, $changed);
        $this->handling->sieved($swap, $rewriting, $i, $operation, $mention, $changed);
    }

    /** "Cornflour, custard powder" that one and the same gum replaces: it is said once. */
    private function isSameAgain(Swap $swap, Operation $operation, Mention $mention, Exchange $exchange): bool
    {
        if (count($exchange->to) !== 1 || $mention->isMixture) {
            return false;
        }
        foreach ($operation->mentions as $other) {
            foreach ($swap->exchanges as $earlier) {
                $isBefore = $other->at < $mention->at && ! $other->isGroup && $earlier !== $exchange &&
                    array_intersect($earlier->from, $other->doses) !== [];
                $isSame = $earlier->changed && count($earlier->to) === 1 &&
                    $earlier->to[0]->food->key === $exchange->to[0]->food->key;
                $between = substr($operation->step->text, $other->end(), max(0, $mention->at - $other->end()));
                $isListed = preg_match('~[.;!]~', $between) !== 1;
                if ($isBefore && $isSame && $isListed && $exchange->role === Role::Body) {
                    return true;
                }
            }
        }

        return false;
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
                    ! (Beside::isBeside($exchange, $part) && ! in_array($part, $own[$e], true))
                ) {
                    $taken["e$e-$p"] = true;
                    $rewriting->uses[$i][] = new StepUse($part->food, $part->grams);
                }
            }
        }
    }

    /**
     * What of a bag that is shared out goes in here.
     *
     * @param  array{int, int}  $here  the operation and the mention
     * @param  array<int, non-empty-list<array{int, int, float}>>  $places
     * @param  array<int, list<Part>>  $own
     */
    private function takeShares(Swap $swap, Rewriting $rewriting, array $here, array $places, array $own): void
    {
        foreach ($places as $e => $at) {
            foreach ($at as $n => [$operation, $mention]) {
                foreach ([$operation, $mention] === $here ? $own[$e] : [] as $part) {
                    $grams = $this->shares->grams($part, $at, $n);
                    if ($grams > 0) {
                        $rewriting->uses[$operation][] = new StepUse($part->food, $grams);
                    }
                }
            }
        }
    }

    /**
     * Parts that go in by their shares, and so are not taken at once.
     *
     * @param  array<int, non-empty-list<array{int, int, float}>>  $places
     * @param  array<int, list<Part>>  $own
     * @return array<string, true>  as `take` keeps it
     */
    private function shared(Swap $swap, array $places, array $own): array
    {
        $shared = [];
        foreach (array_keys($places) as $e) {
            foreach ($swap->exchanges[$e]->to as $p => $part) {
                if (in_array($part, $own[$e], true)) {
                    $shared["e$e-$p"] = true;
                }
            }
        }

        return $shared;
    }

    /** @param  array<string, true>  $taken */
    private function use(Rewriting $rewriting, int $i, string $key, Dose $dose, array &$taken): void
    {
        if (! isset($taken[$key]) && $dose->food !== null && $dose->grams !== null) {
            $taken[$key] = true;
            $rewriting->uses[$i][] = new StepUse($dose->food, $dose->mass());
        }
    }
}

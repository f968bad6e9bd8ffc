<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Forecast\AcidBalance;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;

/** Soda and baking powder of what was chosen: soda finds its acid, and the flours that are there hold the lift. */
final readonly class Leavening
{
    public function __construct(
        private Larder $larder,
        private Exchanger $exchanger,
        private PartMaker $parts,
        private Constants $constants,
        private AcidBalance $acids,
    ) {}

    /**
     * Soda whose acid went with the sugar, the buttermilk or the fruit only tastes: baking powder brings its own.
     *
     * @param  list<Exchange>  $exchanges
     * @return list<Exchange>
     */
    public function balanced(Formula $formula, array $exchanges, Wishes $wishes): array
    {
        if ($formula->gramsOf('baking-soda') <= 0) {
            return $this->held($formula, $exchanges);
        }
        $after = $this->exchanger->after($formula, $exchanges);
        $left = $this->acids->leftOverSoda($after);
        $allowed = $this->constants->get('leftover-soda') * $after->mass() / $this->constants->get('leftover-mass');
        if ($left <= $allowed || $left <= $this->acids->leftOverSoda($formula) + $this->constants->get('least-soda')) {
            return $this->held($formula, $exchanges);
        }
        foreach ($exchanges as $e => $exchange) {
            $dose = $formula->doses[$exchange->from[0] ?? -1] ?? null;
            $isHeld =
                $dose === null ||
                $exchange->changed ||
                count($exchange->from) !== 1 ||
                $dose->food?->key !== 'baking-soda' ||
                in_array($dose->key, $wishes->left, true) ||
                $wishes->amount(new AmountKey($exchange->component, 'baking-soda', $dose->key)) !== null;
            if (! $isHeld) {
                $gone = min($dose->mass(), $left);
                $stays = $dose->mass() - $gone < $allowed ? 0.0 : $dose->mass() - $gone;
                $why = 'its acid went: baking powder brings its own';
                // Above what flours can hold it only tastes.
                $flour = array_sum(
                    array_map(
                        static fn (Dose $d): float => $d->food?->role === Role::Body ? $d->mass() : 0.0,
                        $after->doses,
                    ),
                );
                $room = ($this->constants->get('lift-most') / 100) * $flour - $after->gramsOf('baking-powder');
                $powder = $this->constants->get('soda-as-powder') * ($dose->mass() - $stays);
                // Where other baking powder lifts already, as much as the flours still hold; it may be none.
                $least = $after->gramsOf('baking-powder') > 0 ? 0.0 : $dose->mass();
                $grams = $flour > 0 ? max($least, min($powder, $room)) : $powder;
                $own = $grams > 0 ? $this->ownPowder($formula, $exchanges, $exchange->component) : null;
                if ($own !== null) {
                    // One tin of powder is one line.
                    $exchanges[$own] = $this->powderedBy($formula, $exchanges[$own], $grams);
                }
                $parts =
                    $own !== null || $grams < $this->constants->get('lift-weighed')
                        ? []
                        : [$this->parts->part($this->larder->get('baking-powder'), $grams, $why)];
                $exchanges[$e] = Exchange::swapped(
                    $exchange->role,
                    $exchange->component,
                    $exchange->from,
                    $stays > 0
                        ? [$this->parts->part($dose->known(), $stays, 'as much as finds an acid'), ...$parts]
                        : $parts,
                    $why,
                );

                return $this->held($formula, array_values($exchanges));
            }
        }

        return $this->held($formula, $exchanges);
    }

    /**
     * The recipe's own line of baking powder, where the swap may change it.
     *
     * @param  array<int, Exchange>  $exchanges
     */
    private function ownPowder(Formula $formula, array $exchanges, int $component): ?int
    {
        foreach ($exchanges as $e => $exchange) {
            if (
                $exchange->changed &&
                $exchange->component === $component &&
                count($exchange->from) === 1 &&
                $formula->doses[$exchange->from[0]]->food?->key === 'baking-powder' &&
                count($exchange->to) === 1 &&
                ! $exchange->to[0]->isTyped
            ) {
                return $e;
            }
        }

        return null;
    }

    private function powderedBy(Formula $formula, Exchange $exchange, float $grams): Exchange
    {
        [$part, $dose] = [$exchange->to[0], $formula->doses[$exchange->from[0]]];
        $more = $part->grams + $grams - $dose->mass();
        if (abs($more) < $this->constants->get('lift-weighed')) {
            return Exchange::left($exchange->role, $exchange->component, $exchange->from[0], 'unchanged');
        }
        $said =
            $more > 0
                ? 'also for the soda, whose acid went'
                : preg_replace('~^\d+ g less~', sprintf('%.0f g less', -$more), $part->why) ?? $part->why;

        return Exchange::swapped(
            $exchange->role,
            $exchange->component,
            $exchange->from,
            [$this->parts->part($part->food, $part->grams + $grams, $said)],
            $said,
        );
    }

    /**
     * More powder than the flours that were chosen hold only tastes: the recipe's own line gives way, then what came
     * for self-raising flour.
     *
     * @param  list<Exchange>  $exchanges
     * @return list<Exchange>
     */
    private function held(Formula $formula, array $exchanges): array
    {
        $isPowder = static fn (Exchange $e): bool => $e->changed && $e->indexOf('baking-powder') !== null;
        if (array_filter($exchanges, $isPowder) === []) {
            return array_values($exchanges);
        }
        $after = $this->exchanger->after($formula, array_values($exchanges));
        foreach (array_keys($formula->components) as $component) {
            [$flour, $powder] = [0.0, 0.0];
            foreach ($after->doses as $dose) {
                $isHere = $dose->component === $component;
                $flour += $isHere && $dose->food?->role === Role::Body ? $dose->mass() : 0.0;
                $powder += $isHere && $dose->food?->key === 'baking-powder' ? $dose->mass() : 0.0;
            }
            foreach ($exchanges as $exchange) {
                // Nuts and coconut that came for oats are lifted too.
                $isBody = $exchange->component === $component && $exchange->role === Role::Body;
                foreach ($isBody ? $exchange->to : [] as $part) {
                    $flour += $part->food->role === Role::Mixin ? $part->grams : 0.0;
                }
            }
            $over = $powder - ($this->constants->get('lift-most') / 100) * $flour;
            $own = array_filter($exchanges, static fn (Exchange $e): bool => $e->role === Role::Lift);
            foreach ($flour > 0 ? $own + $exchanges : [] as $e => $exchange) {
                $isHere = $exchange->changed && $exchange->component === $component;
                $at = $isHere ? $exchange->indexOf('baking-powder') : null;
                if ($at === null || $exchange->to[$at]->isTyped || $over < $this->constants->get('lift-weighed')) {
                    continue;
                }
                $part = $exchange->to[$at];
                $less = min($over, $part->grams);
                $over -= $less;
                $exchanges[$e] = $part->grams - $less < $this->constants->get('lift-weighed')
                    ? $exchange->withoutPart($at)
                    : $exchange->withPart(
                        $at,
                        $this->parts->part(
                            $part->food, $part->grams - $less, 'as much as the new flours hold', $part->slot,
                        ),
                    );
            }
        }

        return array_values($exchanges);
    }
}

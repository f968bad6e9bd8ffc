<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\Flag;

/** What comes of the amounts that were chosen: for each line what takes its place, and the dessert after it. */
final readonly class Exchanger
{
    public function __construct(
        private Larder $larder,
        private Schools $schools,
        private PartMaker $parts,
        private Reasons $reasons,
        private Constants $constants,
    ) {}

    /**
     * @param  list<float>  $costs  net carbs a piece of each line as written
     * @return list<Exchange>
     */
    public function exchanges(Formula $formula, Chosen $choice, array $costs, Wishes $wishes): array
    {
        $sorting = $choice->problem->component->sorting;
        $component = $sorting->component;
        [$sweet, $over, $flour, $egg, $lines, $exchanges] = [[], [], [], 0.0, [], []];
        foreach ($choice->problem->component->candidates->offers as $j => $offer) {
            $grams = $choice->grams($j);
            $isTyped = $wishes->amount(new AmountKey($component, $offer->food->key)) !== null && $offer->most === 0.0;
            if ($offer->purpose === Purpose::Added) {
                $part = $this->parts->typed($offer->food, $grams, $offer->why, AmountKey::ADDED);
                $exchanges[] = Exchange::swapped($offer->food->role, $component, [], [$part], 'added by you');
            } elseif ($offer->purpose === Purpose::Egg) {
                $egg = $grams;
            } elseif ($offer->dose !== null) {
                $lines[$offer->dose] = [$offer, $grams];
            } elseif ($isTyped || ! $this->isNothing($offer, $grams)) {
                $why = $this->reasons->why($choice, $j);
                $part = $isTyped
                    ? $this->parts->typed($offer->food, $grams, $why)
                    : $this->parts->part($offer->food, $grams, $why);
                $isSweet = $offer->purpose === Purpose::Sweet;
                if ($isSweet && ! $isTyped && $this->isSpeck($offer->food, $grams, $part->grams)) {
                    $form = $offer->form->value;
                    $over[$form] = ($over[$form] ?? 0.0) - $grams * $this->larder->typical($offer->food, 'sweetness');
                } elseif ($isSweet) {
                    $sweet[$offer->form->value][] = $part;
                    $over[$offer->form->value] =
                        ($over[$offer->form->value] ?? 0.0) + $this->over($offer->food, $part->grams - $grams);
                } else {
                    $flour[] = $part;
                }
            }
        }
        foreach ($sweet as $form => $parts) {
            $excess = $over[$form] ?? 0.0;
            $parts = $wishes->blend->shares === [] && $excess !== 0.0 ? $this->evened($parts, $excess) : $parts;
            $sweet[$form] = $wishes->blend->shares === [] ? $this->withoutTraces($parts) : $parts;
        }
        $waters = $choice->problem->component->candidates->waters;
        $sugars = array_filter($sorting->sugars);
        // The water of a syrup stays where the syrup was.
        $hasLiquid = static fn (array $from): bool => array_filter(
            $from,
            static fn (int $i): bool => $formula->doses[$i]->known()->isLiquid(),
        ) !== [];
        $wet = array_key_first(array_filter($sugars, $hasLiquid)) ?? array_key_first($sugars);
        foreach ($sugars as $form => $from) {
            $exchanges[] = Exchange::swapped(
                Role::Sweet,
                $component,
                $from,
                [...$sweet[$form] ?? [], ...$form === $wet ? $waters : []],
                'sweetness for sweetness',
            );
        }
        $eggLine = $this->eggLine($formula, $sorting);
        if ($sorting->flours !== []) {
            $added = $this->brought($formula, $sorting, $wishes);
            if ($eggLine === null && $egg > 0) {
                $added[] = $this->parts->part($this->larder->get('egg'), $egg, 'holds what the flour held');
            }
            $exchanges[] = Exchange::swapped(
                Role::Body,
                $component,
                $sorting->flours,
                [...$flour, ...$added],
                $this->schools->school($wishes->school)['sentence'],
            );
        }
        foreach ($choice->problem->component->candidates->singles as $i => $parts) {
            $role = $formula->doses[$i]->known()->role;
            $why = isset($parts[0]) ? $parts[0]->why : '';
            $exchanges[] = $parts === []
                ? Exchange::left($role, $component, $i, 'nothing allowed takes its place: left as it is')
                : Exchange::swapped($role, $component, [$i], $parts, $why);
        }
        foreach ($sorting->kept as $i) {
            $exchanges[] = $this->kept(
                $formula->doses[$i],
                $i,
                $costs[$i],
                $lines[$i] ?? null,
                $i === $eggLine ? $egg : 0.0,
                $wishes,
            );
        }

        return $exchanges;
    }

    /** The least that a scale gives of an intense sweetener is far more than what was wanted. */
    private function isSpeck(Food $food, float $wanted, float $given): bool
    {
        return $given > $this->constants->get('speck') * $wanted && $this->larder->isConcentrate($food);
    }

    /** Grams of sugar that an intense sweetener is sweeter by, as the scale gives it. */
    private function over(Food $food, float $more): float
    {
        return $this->larder->isConcentrate($food)
            ? max(0.0, $more) * $this->larder->typical($food, 'sweetness')
            : 0.0;
    }

    /**
     * The least that a scale gives of an intense sweetener may be too sweet: the bulk sweeteners give way, all alike.
     *
     * @param  list<Part>  $parts
     * @return list<Part>
     */
    private function evened(array $parts, float $over): array
    {
        $isBulk = fn (Part $p): bool => ! $p->isTyped &&
            ! $this->larder->isConcentrate($p->food);
        $bulk = array_sum(
            array_map(
                fn (Part $p): float => $isBulk($p) ? $p->grams * $this->larder->typical($p->food, 'sweetness') : 0.0,
                $parts,
            ),
        );
        $left = $bulk > 0 ? max(0.5, 1 - $over / $bulk) : 1.0;

        return array_map(
            fn (Part $p): Part => $isBulk($p) ? $this->parts->part($p->food, $p->grams * $left, $p->why) : $p,
            $parts,
        );
    }

    /** @param  ?array{Offer, float}  $varied  what the programme made of it, and its grams */
    private function kept(Dose $dose, int $i, float $cost, ?array $varied, float $egg, Wishes $wishes): Exchange
    {
        $component = $dose->component;
        $role = $dose->food->role ?? Role::Flavour;
        $part = null;
        if ($egg > 0) {
            $each = $this->larder->each($dose->known()->key);
            $count = (int) round($egg / $each);
            $part = $this->parts->part(
                $dose->known(),
                (max(1.0, round($dose->mass() / $each)) + $count) * $each,
                $count === 1 ? 'one more to hold the crumb' : "$count more to hold the crumb",
            );
        } elseif ($varied !== null && abs($varied[1] - $dose->mass()) > $this->constants->get('scale-step') / 2) {
            $less = $dose->mass() - $varied[1];
            $part = $this->parts->part(
                $dose->known(),
                $varied[1],
                $less > 0 ? sprintf('%.0f g less: %s', $less, $varied[0]->why) : $varied[0]->why,
            );
        }
        $typed = $dose->food === null ? null : $wishes->amount(new AmountKey($component, $dose->food->key));
        if ($typed !== null && $dose->grams !== null) {
            $part = $this->parts->typed($dose->food, $typed);
        }

        return $part === null
            ? Exchange::left($role, $component, $i, $this->reasons->leftAlone($dose, $cost, $wishes))
            : Exchange::swapped($role, $component, [$i], [$part], $part->why);
    }

    /**
     * A bag is not opened for a few per cent of the sweetness: the bulk sweetener that there is most of takes it over.
     *
     * @param  list<Part>  $parts
     * @return list<Part>
     */
    private function withoutTraces(array $parts): array
    {
        $sweetness = fn (Part $p): float => $p->grams * $this->larder->typical($p->food, 'sweetness');
        $isBulk = fn (Part $p): bool => ! $this->larder->isConcentrate($p->food);
        $bulk = array_filter($parts, $isBulk);
        $least = $this->constants->get('trace-sweetness') * array_sum(array_map($sweetness, $parts));
        uasort($bulk, static fn (Part $a, Part $b): int => $b->grams <=> $a->grams);
        $main = array_key_first($bulk);
        foreach ($bulk as $i => $part) {
            $isOurs = $main !== null && $i !== $main && ! $part->isTyped && ! $parts[$main]->isTyped;
            if ($isOurs && $sweetness($part) < $least) {
                $more = $sweetness($part) / $this->larder->typical($parts[$main]->food, 'sweetness');
                $parts[$main] = $this->parts->part(
                    $parts[$main]->food,
                    $parts[$main]->grams + $more,
                    $parts[$main]->why,
                );
                unset($parts[$i]);
            }
        }

        return array_values($parts);
    }

    /** Too little to be worth a spoon. */
    private function isNothing(Offer $offer, float $grams): bool
    {
        return $grams < $this->constants->get($offer->food->role === Role::Wet ? 'nothing-wet-below' : 'nothing-below');
    }

    /** @return list<Part> what a flour brings along of its own, as the lift in self-raising flour */
    private function brought(Formula $formula, Sorting $sorting, Wishes $wishes): array
    {
        $parts = [];
        foreach ($sorting->flours as $i) {
            $rows = $this->schools->single($formula->doses[$i]->known()->key);
            // Starch in a crumb is flour, and thickens nothing.
            foreach (($rows[0]['to'] ?? '') === 'xanthan' ? [] : $rows as $row) {
                $dose = $formula->doses[$i];
                if ($row['to'] === '~sweet') {
                    array_push($parts, ...$this->sweetened($dose, (float) $row['ratio'], $wishes));

                    continue;
                }
                $food = $this->larder->get($row['to']);
                $typed = $wishes->amount(new AmountKey($sorting->component, $food->key, $dose->key));
                $parts[] = $typed === null
                    ? $this->parts->part($food, $dose->mass() * (float) $row['ratio'], $row['why'], $dose->key)
                    : $this->parts->typed($food, $typed, slot: $dose->key);
            }
        }

        return $parts;
    }

    /**
     * What a packet of cake mix is sweetened with.
     *
     * @return list<Part>
     */
    private function sweetened(Dose $dose, float $ratio, Wishes $wishes): array
    {
        $sweet = new SweetOffers($this->larder, $this->schools);
        $parts = [];
        $wanted = $dose->mass() * $ratio * $wishes->sweetness;
        foreach ($sweet->sweeteners($wanted, SugarForm::Granulated, $wishes) as $offer) {
            $typed = $wishes->amount(new AmountKey($dose->component, $offer->food->key, $dose->key));
            if ($typed !== null) {
                $parts[] = $this->parts->typed($offer->food, $typed, slot: $dose->key);
            } elseif ($offer->practice > 0) {
                $parts[] = $this->parts->part($offer->food, $offer->practice, $offer->why, $dose->key);
            }
        }

        return $parts;
    }

    private function eggLine(Formula $formula, Sorting $sorting): ?int
    {
        foreach ($sorting->kept as $i) {
            if ($formula->doses[$i]->food?->key === 'egg' && $formula->doses[$i]->grams !== null) {
                return $i;
            }
        }

        return null;
    }

    /** @param  list<Exchange>  $exchanges */
    public function after(Formula $formula, array $exchanges): Formula
    {
        $doses = [];
        foreach ($exchanges as $exchange) {
            if (! $exchange->changed) {
                array_push($doses, ...array_map(static fn (int $i): Dose => $formula->doses[$i], $exchange->from));

                continue;
            }
            $used = self::used(array_map(static fn (int $i): Dose => $formula->doses[$i], $exchange->from));
            $first = $formula->doses[$exchange->from[0] ?? -1] ?? null;
            $isOutside = $first?->food !== null &&
                SugarForm::of($formula, $first)->isOutside();
            foreach ($exchange->to as $part) {
                $dose = $this->parts->dose($part, $exchange->component, $used);
                $doses[] = $isOutside && $part->food->role === Role::Sweet ? $dose->flagged(Flag::Outside) : $dose;
            }
        }

        return $formula->with($doses);
    }

    /**
     * What takes the place of lines is used up as far as they were.
     *
     * @param  list<Dose>  $from
     */
    private static function used(array $from): float
    {
        $mass = array_sum(array_map(static fn (Dose $d): float => $d->mass(), $from));

        return $mass > 0
            ? array_sum(array_map(static fn (Dose $d): float => $d->mass() * $d->used, $from)) / $mass
            : 1.0;
    }
}

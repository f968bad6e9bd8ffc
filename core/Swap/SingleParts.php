<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Formula\Making;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;

/** What comes for a line that has a swap of its own. */
final readonly class SingleParts
{
    public function __construct(
        private Larder $larder,
        private Schools $schools,
        private Allowed $allowed,
        private SweetOffers $sweet,
        private PartMaker $parts,
        private Constants $constants,
    ) {}

    /** @return list<Part> */
    public function single(
        Dose $dose,
        Wishes $wishes,
        float $drinks,
        float $water,
        bool $isDust,
        Making $making,
        SugarForm $form,
        bool $isSoakGone,
    ): array {
        $parts = [];
        foreach ($this->schools->insteadOfLine($dose, $making, $wishes->without) as $row) {
            $grams = $dose->mass() * (float) $row['ratio'];
            if ($row['to'] === '~sweet') {
                $isPrepared = $this->schools->isPrepared($dose->known()->key);
                $offers = $this->sweet->sweeteners(
                    $grams * $wishes->sweetness,
                    $isPrepared ? SugarForm::Granulated : $form,
                    $isPrepared ? $this->sweet->preparedAs($dose->known()->key, $wishes) : $wishes,
                );
                $more = $this->withoutSpecks($offers);
                foreach ($offers as $offer) {
                    $grams = $this->isSpeck($offer) ? 0.0 : $offer->practice * $more;
                    if ($this->allowed->allows($offer->food, $wishes) && $grams > 0) {
                        $parts[] = $this->part(
                            $offer->food->key,
                            $grams,
                            $offer->why,
                            $dose->component,
                            $dose->key,
                            $wishes,
                        );
                    }
                }

                continue;
            }
            if ($row['to'] === 'xanthan' && $isDust) {
                // It only keeps things from sticking: powder does that.
                $parts[] = $this->part(
                    'erythritol-powdered',
                    $dose->mass(),
                    'keeps the outside from sticking',
                    $dose->component,
                    $dose->key,
                    $wishes,
                );

                continue;
            }
            $grams = $row['to'] === 'xanthan' ? min($grams, $this->constants->get('xanthan-most') * $water) : $grams;
            $grams *= $dose->known()->role === Role::Wet && $dose->known()->isLiquid() ? $drinks : 1.0;
            $grams *= $isSoakGone ? $this->constants->get('soak-left') : 1.0;
            $food = $this->larder->get(
                $row['to'] === '~flour' ? $this->schools->parts($this->allowed->school($wishes))[0]['food'] : $row['to'],
            );
            $food = $this->allowed->allowed($food, $wishes);
            if ($food !== null) {
                $parts[] = $this->part($food->key, $grams, $row['why'], $dose->component, $dose->key, $wishes);
            }
        }
        $instead = $parts === [] && ! $this->allowed->allows($dose->known(), $wishes)
                ? $this->allowed->allowed($dose->known(), $wishes)
                : null;

        return $instead === null
            ? $parts
            : [
                $this->part(
                    $instead->key,
                    $dose->mass(),
                    'stands in for what may not be used',
                    $dose->component,
                    $dose->key,
                    $wishes,
                ),
            ];
    }

    /** Far less of an intense sweetener than a kitchen's scale gives. */
    private function isSpeck(Offer $offer): bool
    {
        return $offer->practice < $this->constants->get('concentrate-least') / $this->constants->get('speck') &&
            $this->larder->isConcentrate($offer->food);
    }

    /**
     * By how much the others grow where specks are left out.
     *
     * @param  list<Offer>  $offers
     */
    private function withoutSpecks(array $offers): float
    {
        $sweetness = fn (Offer $o): float => $o->practice * $this->larder->typical($o->food, 'sweetness');
        $all = array_sum(array_map($sweetness, $offers));
        $rest = array_sum(array_map($sweetness, array_filter($offers, fn (Offer $o): bool => ! $this->isSpeck($o))));

        return $rest > 0 ? $all / $rest : 1.0;
    }

    /** A part as is usual, or as the baker typed it. */
    public function part(string $food, float $grams, string $why, int $component, string $slot, Wishes $wishes): Part
    {
        $typed = $wishes->amount(new AmountKey($component, $food, $slot));

        return $typed === null
            ? $this->parts->part($this->larder->get($food), $grams, $why, $slot)
            : $this->parts->typed($this->larder->get($food), $typed, slot: $slot);
    }

    /** Where gelatine sets, and on the outside, starch thickens nothing. */
    public function isDust(Formula $formula, Dose $starch): bool
    {
        if (SugarForm::of($formula, $starch)->isOutside()) {
            return true;
        }
        foreach ($formula->doses as $dose) {
            if ($dose->component === $starch->component && $dose->food?->key === 'gelatin') {
                return true;
            }
        }

        return false;
    }

    /** Grams of water in a part of the dessert as written, which a gum has to hold. */
    public function water(Formula $formula, int $component): float
    {
        $here = array_filter(
            $formula->doses,
            static fn (Dose $d): bool => $d->component === $component && $d->food !== null,
        );
        $water = static fn (array $doses): float => array_sum(
            array_map(static fn (Dose $d): float => $d->known()->nutrients($d->mass())->water, $doses),
        );
        $isPoured = static fn (Dose $d): bool => $d->known()->isLiquid() || $d->known()->role === Role::Egg;
        $poured = array_filter($here, $isPoured);
        $isWet = array_filter($poured, static fn (Dose $d): bool => $d->known()->role === Role::Wet) !== [];

        // Fruit that is laid on a custard gives it no water; where nothing is poured, its own is what thickens.
        return $water($isWet ? $poured : $here);
    }
}

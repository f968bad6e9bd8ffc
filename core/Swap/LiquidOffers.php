<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Formula\Soaking;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Role;

/** Liquids of the recipe that may go down, where what drank them went. */
final readonly class LiquidOffers
{
    public function __construct(
        private Assayer $assayer,
        private Constants $constants,
    ) {}

    /**
     * Water of the recipe's own may go down by half where the starch that bound it went; of a dough that nothing but
     * cream wets, the cream may.
     *
     * @param  list<Offer>  $flours
     * @return list<Offer>
     */
    public function liquids(Formula $formula, Sorting $sorting, Family $family, array $flours): array
    {
        if ($sorting->flours === []) {
            return [];
        }
        $usual = $this->constants->get('liquid-cut-most');
        $carried = $this->carried($formula, $sorting, $family, $this->thirst($flours));
        // What dried fruit was soaked in went into the fruit: it may go with it.
        $isFruitGone = self::isSoakedFruitGone($formula, $sorting);
        $wet = fn (string $least): array => array_filter(
            $sorting->kept,
            fn (int $i): bool => $formula->doses[$i]->mass() > 0 &&
                $formula->doses[$i]->food !== null &&
                $this->isWetting($formula->doses[$i]->food, $this->constants->get($least)),
        );
        $offers = [];
        foreach ($wet('plain-liquid-water') ?: $wet('cream-water') as $i) {
            $dose = $formula->doses[$i];
            $isSoak = $isFruitGone && $dose->soaking === Soaking::Liquid;
            $most = $isSoak ? $this->constants->get('soak-cut-most') : $usual;
            $room = $dose->mass() * max(0.0, $most - 1 + $carried);
            $offers[] = new Offer(
                $dose->known(), Purpose::Liquid, $room, $room, 0.0,
                $isSoak ? 'the fruit that drank it went' : 'the starch that bound it went', base: $dose->mass() * (1 - $most), dose: $i,
            );
        }

        return $offers;
    }

    public static function isSoakedFruitGone(Formula $formula, Sorting $sorting): bool
    {
        return array_filter(
            $sorting->singles,
            static fn (int $i): bool => $formula->doses[$i]->soaking === Soaking::Fruit,
        ) !== [];
    }

    private function isWetting(Food $food, float $least): bool
    {
        return $food->role === Role::Wet && $food->isLiquid() && $food->per100->water > $least;
    }

    /**
     * How much the new flours drink of what the old ones did, as moist as the family may be: at least half, at most
     * all.
     *
     * @param  list<Offer>  $offers
     */
    public function drinks(Formula $formula, Sorting $sorting, Family $family, array $offers): float
    {
        $flours = array_map(static fn (int $i): Dose => $formula->doses[$i], $sorting->flours);
        $old = $this->assayer->mix($flours)->thirst;
        if ($old <= 0) {
            return 1.0;
        }
        $new = $this->thirst($offers);
        $most = min(1.0, $family->band('moisture')->high);

        return min(
            $most,
            max(1 - $this->constants->get('liquid-cut-most'), $most * $new / $old),
            $this->carried($formula, $sorting, $family, $new),
        );
    }

    /** @param  list<Offer>  $offers */
    private function thirst(array $offers): float
    {
        $thirst = 0.0;
        foreach ($offers as $offer) {
            $thirst +=
                $offer->purpose === Purpose::Flour
                    ? $offer->practice * $this->assayer->gram($offer->food)->thirst
                    : 0.0;
        }

        return $thirst;
    }

    /** The share of what is poured in that the new flours carry: no practised formula of the kind pours more. */
    private function carried(Formula $formula, Sorting $sorting, Family $family, float $thirst): float
    {
        $water = function (array $lines, callable $is) use ($formula): float {
            $doses = array_filter(array_map(static fn (int $i): Dose => $formula->doses[$i], $lines), $is);

            return $this->assayer->mix(array_values($doses))->water;
        };
        $isLiquid = static fn (Dose $d): bool => $d->food !== null && $d->food->isLiquid();
        $poured = $water(
            [...$sorting->kept, ...$sorting->singles],
            static fn (Dose $d): bool => $isLiquid($d) && $d->known()->role === Role::Wet,
        );
        $most = $family->band('poured')->high * $thirst - $water($sorting->allSugars(), $isLiquid);

        return $poured > 0 ? max(1 - $this->constants->get('liquid-cut-most'), min(1.0, $most / $poured)) : 1.0;
    }
}

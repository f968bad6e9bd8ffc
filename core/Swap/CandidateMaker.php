<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Formula\Making;
use Aglyca\Core\Formula\Soaking;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;

/** What a component's lines could become, in the proportions that are usual: the variables of its programme. */
final readonly class CandidateMaker
{
    public function __construct(
        private Larder $larder,
        private Schools $schools,
        private PartMaker $parts,
        private Assayer $assayer,
        private Constants $constants,
    ) {}

    public function candidates(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes): Candidates
    {
        $offers = $this->offers($formula, $sorting, $family, $wishes);
        $singles = [];
        $drinks = $this->drinks($formula, $sorting, $family, $offers);
        foreach ($sorting->singles as $i) {
            $singles[$i] = $this->single(
                $formula->doses[$i],
                $wishes,
                $drinks,
                $this->water($formula, $sorting->component),
                $this->isSet($formula, $sorting->component),
                $formula->making,
                $this->mainForm($formula, $sorting),
                $formula->doses[$i]->soaking === Soaking::Liquid && self::isSoakedFruitGone($formula, $sorting),
            );
        }
        $waters = $this->waters($formula, $sorting, $wishes);
        $forms = array_map(fn (Offer $o): Traits => $this->assayer->gram($o->food), $offers);

        return new Candidates(
            $offers,
            $forms,
            $singles,
            $waters,
            $this->fixed($formula, $sorting, $offers, $singles, $waters),
        );
    }

    /** What nothing may stand in for stays, rather than going without a word. */
    public function possible(Sorting $sorting, Family $family, Wishes $wishes): Sorting
    {
        $sweet = $this->sweeteners(1.0, SugarForm::Granulated, $this->sweetenedAs($family, $wishes));
        $isSweetened = array_filter($sweet, fn (Offer $o): bool => $this->allows($o->food, $wishes)) !== [];
        $isFloured = array_filter(
            $this->schools->parts($this->school($wishes)),
            fn (array $row): bool => $this->larder->get($row['food'])->role === Role::Body &&
                $this->allowed($this->larder->get($row['food']), $wishes) !== null,
        ) !== [];
        $sorting = $sorting->allSugars() === [] || $isSweetened ? $sorting : $sorting->keepingSugars();

        return $sorting->flours === [] || $isFloured ? $sorting : $sorting->keepingFlours();
    }

    /**
     * All that is in the mix whatever is chosen: lines that stay, singles, waters, and the base of each offer.
     *
     * @param  list<Offer>  $offers
     * @param  array<int, list<Part>>  $singles
     * @param  list<Part>  $waters
     */
    private function fixed(Formula $formula, Sorting $sorting, array $offers, array $singles, array $waters): Traits
    {
        $varied = array_flip(array_filter(array_column($offers, 'dose'), is_int(...)));
        $kept = array_filter($sorting->kept, static fn (int $i): bool => ! isset($varied[$i]));
        $sum = $this->assayer->mix(array_map(static fn (int $i): Dose => $formula->doses[$i], $kept));
        foreach ([...array_merge(...array_values($singles) ?: [[]]), ...$waters] as $part) {
            $sum = $sum->plus($this->assayer->gram($part->food), $part->grams);
        }
        foreach ($offers as $offer) {
            $sum = $sum->plus($this->assayer->gram($offer->food), $offer->base);
        }

        return $sum;
    }

    /** @return list<Offer> */
    private function offers(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes): array
    {
        $variables = [];
        foreach (SugarForm::cases() as $form) {
            $lines = $sorting->sugars[$form->value];
            if ($lines !== []) {
                $wished = $this->sweetnessOf($formula, $lines) * $wishes->sweetness;
                array_push($variables, ...$this->sweeteners($wished, $form, $this->sweetenedAs($family, $wishes)));
            }
        }
        $flours = $this->flours($formula, $sorting, $family, $wishes);
        array_push(
            $variables,
            ...$flours,
            ...$this->fats($formula, $sorting, $flours, $wishes),
            ...$this->lifts($formula, $sorting, $flours, $wishes),
            ...$this->liquids($formula, $sorting),
        );
        $offered = array_map(
            fn (Offer $v): Offer => $this->typed($v, $wishes, $sorting->component),
            array_values(array_filter($variables, fn (Offer $v): bool => $this->allows($v->food, $wishes))),
        );
        foreach ($wishes->added($sorting->component) as $food => $grams) {
            $offered[] = new Offer(
                $this->larder->get($food),
                Purpose::Added,
                0.0,
                0.0,
                0.0,
                'added by you',
                base: $grams,
            );
        }

        return $offered;
    }

    public function allows(Food $food, Wishes $wishes): bool
    {
        if (in_array($food->key, $wishes->kitchen->refused, true)) {
            return false;
        }
        foreach ($food->allergens as $allergen) {
            if (in_array(explode(':', $allergen)[0], $wishes->without, true)) {
                return false;
            }
        }

        return true;
    }

    /** The food, or the first that stands in for it and is allowed. */
    private function allowed(Food $food, Wishes $wishes): ?Food
    {
        $seen = [];
        while (! $this->allows($food, $wishes)) {
            $seen[$food->key] = true;
            $instead = $this->schools->insteadOf($food->key);
            if ($instead === null || isset($seen[$instead])) {
                return null;
            }
            $food = $this->larder->get($instead);
        }

        return $food;
    }

    /** The school that was asked for, or where its main flour is not allowed the first whose main flour is. */
    public function school(Wishes $wishes): string
    {
        foreach ([$wishes->school, 'seed', 'coconut', ...array_keys($this->schools->flours())] as $school) {
            if ($this->allows($this->larder->get($this->schools->parts($school)[0]['food']), $wishes)) {
                return $school;
            }
        }

        return $wishes->school;
    }

    /** @param  list<int>  $lines */
    public function sweetnessOf(Formula $formula, array $lines): float
    {
        return array_sum(
            array_map(
                fn (int $i): float => $formula->doses[$i]->mass() *
                    $this->larder->typical($formula->doses[$i]->known(), 'sweetness'),
                $lines,
            ),
        );
    }

    /** @return list<Part> the water that was in the syrups */
    private function waters(Formula $formula, Sorting $sorting, Wishes $wishes): array
    {
        $water = 0.0;
        foreach ($sorting->allSugars() as $i) {
            $dose = $formula->doses[$i];
            $water += $dose->known()->isLiquid() ? $dose->known()->nutrients($dose->mass())->water : 0.0;
        }

        return $water >= $this->constants->get('scale-step')
            ? [
                $this->part(
                    'water',
                    $water,
                    'the water that was in the syrup',
                    $sorting->component,
                    AmountKey::SYRUP,
                    $wishes,
                ),
            ]
            : [];
    }

    /** Gelatine sets that part of the dessert. */
    private function isSet(Formula $formula, int $component): bool
    {
        foreach ($formula->doses as $dose) {
            if ($dose->component === $component && $dose->food?->key === 'gelatin') {
                return true;
            }
        }

        return false;
    }

    /** Of the sugars of a part the one that sweetens most: what sweetens its fruit comes out of the same bag. */
    private function mainForm(Formula $formula, Sorting $sorting): SugarForm
    {
        $sweetness = array_filter(
            array_map(fn (array $lines): float => $this->sweetnessOf($formula, $lines), $sorting->sugars),
        );
        arsort($sweetness);

        return SugarForm::tryFrom((string) array_key_first($sweetness)) ?? SugarForm::Granulated;
    }

    /** Grams of water in a part of the dessert as written, which a gum has to hold. */
    private function water(Formula $formula, int $component): float
    {
        $water = 0.0;
        foreach ($formula->doses as $dose) {
            $water +=
                $dose->component === $component && $dose->food !== null
                    ? $dose->food->nutrients($dose->mass())->water
                    : 0.0;
        }

        return $water;
    }

    /** @return list<Part> */
    private function single(
        Dose $dose,
        Wishes $wishes,
        float $drinks,
        float $water,
        bool $isSet,
        Making $making,
        SugarForm $form,
        bool $isSoakGone,
    ): array {
        $parts = [];
        foreach ($this->schools->insteadOfLine($dose, $making, $wishes->without) as $row) {
            $grams = $dose->mass() * (float) $row['ratio'];
            if ($row['to'] === '~sweet') {
                foreach ($this->sweeteners($grams * $wishes->sweetness, $form, $wishes) as $offer) {
                    $grams = $offer->practice;
                    if ($this->allows($offer->food, $wishes) && $grams > 0) {
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
            if ($row['to'] === 'xanthan' && $isSet) {
                // Where gelatine sets, starch only keeps things from sticking: powder does that.
                $parts[] = $this->part(
                    'erythritol-powdered',
                    $dose->mass(),
                    'dusts what is set by gelatine',
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
                $row['to'] === '~flour' ? $this->schools->parts($this->school($wishes))[0]['food'] : $row['to'],
            );
            $food = $this->allowed($food, $wishes);
            if ($food !== null) {
                $parts[] = $this->part($food->key, $grams, $row['why'], $dose->component, $dose->key, $wishes);
            }
        }
        $instead = $parts === [] && ! $this->allows($dose->known(), $wishes)
                ? $this->allowed($dose->known(), $wishes)
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

    /** A part as is usual, or as the baker typed it. */
    private function part(string $food, float $grams, string $why, int $component, string $slot, Wishes $wishes): Part
    {
        $typed = $wishes->amount(new AmountKey($component, $food, $slot));

        return $typed === null
            ? $this->parts->part($this->larder->get($food), $grams, $why, $slot)
            : $this->parts->typed($this->larder->get($food), $typed, slot: $slot);
    }

    /** Where nobody asked for another, a family that only one sweetener can make has that. */
    private function sweetenedAs(Family $family, Wishes $wishes): Wishes
    {
        $mix = $this->schools->mixOf($family->key);

        return $mix === null || $wishes->sweetener !== Wishes::SWEETENER || $wishes->blend->corners !== []
            ? $wishes
            : $wishes->but(sweetener: $mix);
    }

    /** @return list<Offer> */
    private function sweeteners(float $sweetness, SugarForm $form, Wishes $wishes): array
    {
        $variables = [];
        foreach (
            $wishes->blend->corners === []
                ? $this->schools->mix($wishes->sweetener)
                : $this->schools->corners($wishes->blend->corners, $wishes->sweetener) as $n => $row
        ) {
            $food = $this->larder->get($row[$form->value]);
            $share = $wishes->blend->shares[$n] ?? (float) $row['share'];
            $grams = $sweetness * $share / $this->larder->typical($food, 'sweetness');
            $variables[] = $wishes->blend->shares === []
                ? new Offer($food, Purpose::Sweet, INF, $grams, 0.0, $row['why'], $form)
                : new Offer($food, Purpose::Sweet, 0.0, 0.0, 0.0, $row['why'], $form, $grams);
        }

        return $variables;
    }

    /** @return list<Offer> */
    private function flours(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes): array
    {
        $flour = 0.0;
        foreach ($sorting->flours as $i) {
            $flour +=
                $formula->doses[$i]->mass() * $this->larder->typical($formula->doses[$i]->known(), 'flour-equivalent');
        }
        if ($flour <= 0) {
            return [];
        }
        $variables = [];
        $purposes = [];
        $given = $this->eggGiven($formula, $sorting, $family, $wishes);
        $hasEggs = ($sorting->hasEggs && ! self::isFoamOfWhites($formula, $sorting, $family)) || $given > 0;
        foreach ($this->schools->parts($this->school($wishes)) as $row) {
            $food = $this->allowed($this->larder->get($row['food']), $wishes);
            if (
                $food !== null &&
                ! isset($variables[$food->key]) &&
                in_array($row['when'], ['always', $hasEggs ? 'with-eggs' : 'without-eggs'], true) &&
                // What holds a crumb has none to hold in what is rolled raw.
                ($row['when'] !== 'without-eggs' || $family->minutes > 0)
            ) {
                $purpose = match ($row['food']) {
                    'egg' => Purpose::Egg,
                    'water' => Purpose::Water,
                    default => Purpose::Flour,
                };
                $usual = $flour / 100 * (float) $row['grams_per_100g_flour'];
                $most = $this->most($purpose, $flour, $family);
                $base = $purpose === Purpose::Egg ? $given * $this->larder->each('egg') : 0.0;
                $variables[$food->key] = new Offer(
                    $food, $purpose, $most - $base, max(0.0, $usual - $base), 0.0, $row['why'], base: $base,
                );
                $purposes[] = $purpose;
            }
        }
        $variables = array_values($variables);
        array_push($variables, ...$this->doughParts($family, $flour, $wishes));
        if (! in_array(Purpose::Egg, $purposes, true) && $hasEggs) {
            $variables[] = new Offer(
                $this->larder->get('egg'), Purpose::Egg,
                $this->most(Purpose::Egg, $flour, $family) - $given * $this->larder->each('egg'), 0.0,
                $this->constants->get('egg-cost'), 'holds the crumb', base: $given * $this->larder->each('egg'),
            );
        }
        if (! in_array(Purpose::Water, $purposes, true)) {
            $variables[] = new Offer(
                $this->larder->get('water'), Purpose::Water, $this->most(Purpose::Water, $flour, $family), 0.0,
                $this->constants->get('water-cost'), 'for the thirst of the new flour',
            );
        }

        return $variables;
    }

    /** A whole egg would flatten what is whipped of whites alone. */
    private static function isFoamOfWhites(Formula $formula, Sorting $sorting, Family $family): bool
    {
        $isYolky = static fn (Dose $dose): bool => $dose->component === $sorting->component &&
            in_array($dose->food?->key, ['egg', 'egg-yolk'], true);

        return $family->foam && array_filter($formula->doses, $isYolky) === [];
    }

    /**
     * How many eggs go into a family that holds without in wheat alone: who uses milk or cream is not taken to shun
     * them.
     */
    private function eggGiven(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes): int
    {
        $grams = array_column($this->schools->partsOf($family->key), 'grams_per_100g_flour', 'food')['egg'] ?? null;
        $allergens = array_map(static fn (Dose $dose): array => $dose->food->allergens ?? [], $formula->doses);
        if (
            $grams === null ||
            $sorting->hasEggs ||
            ! $this->allows($this->larder->get('egg'), $wishes) ||
            array_intersect(['milk', 'egg'], array_merge([], ...$allergens)) === []
        ) {
            return 0;
        }
        $flour = array_sum(array_map(static fn (int $i): float => $formula->doses[$i]->mass(), $sorting->flours));

        return (int) max(1.0, round($flour / 100 * (float) $grams / $this->larder->each('egg')));
    }

    /**
     * What a kind of dough needs beside its flours; what may not be in it makes room for what stands instead.
     *
     * @return list<Offer>
     */
    private function doughParts(Family $family, float $flour, Wishes $wishes): array
    {
        $offers = [];
        foreach ($this->schools->partsOf($family->key) as $row) {
            $isInstead = $row['instead_of'] !== '' && $this->allows($this->larder->get($row['instead_of']), $wishes);
            if (! $isInstead && $row['food'] !== 'egg') {
                $grams = ($flour / 100) * (float) $row['grams_per_100g_flour'];
                $offers[] = new Offer(
                    $this->larder->get($row['food']),
                    Purpose::Flour,
                    $grams,
                    $grams,
                    0.0,
                    $row['why'],
                );
            }
        }

        return $offers;
    }

    private function most(Purpose $purpose, float $flour, Family $family): float
    {
        return match ($purpose) {
            Purpose::Egg => min($family->eggsMost, $this->constants->get('extra-eggs-most')) *
                $this->larder->each('egg'),
            Purpose::Water => $this->constants->get('water-most') * $flour,
            default => INF,
        };
    }

    /**
     * Added fat may go down by as much as nut flour brings.
     *
     * @param  list<Offer>  $flours
     * @return list<Offer>
     */
    private function fats(Formula $formula, Sorting $sorting, array $flours, Wishes $wishes): array
    {
        $brought = 0.0;
        foreach ($flours as $offer) {
            $brought +=
                $this->allows($offer->food, $wishes) && $this->larder->property($offer->food, 'brings-fat') !== null
                    ? $offer->food->nutrients($offer->practice)->fat
                    : 0.0;
        }
        $added = array_filter(
            $sorting->kept,
            fn (int $i): bool => $formula->doses[$i]->food !== null && $this->isAddedFat($formula->doses[$i]->food),
        );
        $fat = array_sum(
            array_map(
                static fn (int $i): float => $formula->doses[$i]->known()->nutrients($formula->doses[$i]->mass())->fat,
                $added,
            ),
        );
        if ($fat <= 0 || $brought <= 0) {
            return [];
        }
        $most = $this->constants->get('butter-cut-most');
        $cut = min($most, $brought * $this->constants->get('butter-cut-share') / $fat);
        $variables = [];
        foreach ($added as $i) {
            $grams = $formula->doses[$i]->mass();
            $variables[] = new Offer(
                $formula->doses[$i]->known(), Purpose::Fat, $grams * $most, $grams * ($most - $cut), 0.0,
                sprintf('the new flour brings %.0f g of fat', $brought), base: $grams * (1 - $most), dose: $i,
            );
        }

        return $variables;
    }

    /**
     * Water of the recipe's own may go down by half where the starch that bound it went; of a dough that nothing but
     * cream wets, the cream may.
     *
     * @return list<Offer>
     */
    private function liquids(Formula $formula, Sorting $sorting): array
    {
        if ($sorting->flours === []) {
            return [];
        }
        $usual = $this->constants->get('liquid-cut-most');
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
            $offers[] = new Offer(
                $dose->known(), Purpose::Liquid, $dose->mass() * $most, $dose->mass() * $most, 0.0,
                $isSoak ? 'the fruit that drank it went' : 'the starch that bound it went', base: $dose->mass() * (1 - $most), dose: $i,
            );
        }

        return $offers;
    }

    private static function isSoakedFruitGone(Formula $formula, Sorting $sorting): bool
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
    private function drinks(Formula $formula, Sorting $sorting, Family $family, array $offers): float
    {
        $flours = array_map(static fn (int $i): Dose => $formula->doses[$i], $sorting->flours);
        $old = $this->assayer->mix($flours)->thirst;
        if ($old <= 0) {
            return 1.0;
        }
        $new = 0.0;
        foreach ($offers as $offer) {
            $new +=
                $offer->purpose === Purpose::Flour
                    ? $offer->practice * $this->assayer->gram($offer->food)->thirst
                    : 0.0;
        }

        $most = min(1.0, $family->band('moisture')->high);

        return min($most, max(1 - $this->constants->get('liquid-cut-most'), $most * $new / $old));
    }

    /**
     * @param  list<Offer>  $flours
     * @return list<Offer>
     */
    private function lifts(Formula $formula, Sorting $sorting, array $flours, Wishes $wishes): array
    {
        $factor = $sorting->flours === [] ? 1.0 : (float) $this->schools->school($wishes->school)['lift_factor'];
        $variables = [];
        foreach ($factor === 1.0 ? [] : $sorting->kept as $i) {
            $dose = $formula->doses[$i];
            if ($dose->food?->key === 'baking-powder') {
                // Soda lifts as three times as much powder; above what flours can hold it only tastes.
                $soda = $this->constants->get('soda-as-powder') * $formula->gramsOf('baking-soda');
                $room =
                    ($this->constants->get('lift-most') / 100) *
                        array_sum(
                            array_map(
                                static fn (Offer $o): float => $o->purpose === Purpose::Flour ? $o->practice : 0.0,
                                $flours,
                            ),
                        ) -
                    $soda -
                    $this->powderBrought($formula, $sorting);
                $most = max($dose->mass() * $this->constants->get('lift-least'), min($dose->mass() * $factor, $room));
                $base = min($dose->mass(), $most);
                $variables[] = new Offer(
                    $dose->food,
                    Purpose::Lift,
                    $most - $base,
                    $most - $base,
                    0.0,
                    $most < $dose->mass()
                        ? 'more than the new flours hold would only taste'
                        : 'the new flours are heavier to lift',
                    base: $base,
                    dose: $i,
                );
            }
        }

        return $variables;
    }

    /** Grams of baking powder that self-raising flour brings along. */
    private function powderBrought(Formula $formula, Sorting $sorting): float
    {
        $grams = 0.0;
        foreach ($sorting->flours as $i) {
            foreach ($this->schools->single($formula->doses[$i]->known()->key) as $row) {
                $grams += $row['to'] === 'baking-powder' ? $formula->doses[$i]->mass() * (float) $row['ratio'] : 0.0;
            }
        }

        return $grams;
    }

    private function isAddedFat(Food $food): bool
    {
        return $food->per100->fat > $this->constants->get('fat-food') &&
            $food->role->value === 'fat' &&
            $food->per100->protein < $this->constants->get('fat-food-protein');
    }

    /** An amount that the baker typed holds, whatever else is decided. */
    private function typed(Offer $v, Wishes $wishes, int $component): Offer
    {
        $grams = $wishes->amount(new AmountKey($component, $v->food->key));

        return $grams === null || $v->dose !== null || $v->purpose === Purpose::Egg ? $v : $v->heldAt($grams);
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Formula\Soaking;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;

/** What a component's lines could become, in the proportions that are usual: the variables of its programme. */
final readonly class CandidateMaker
{
    private Allowed $allowed;

    private SweetOffers $sweet;

    private FlourOffers $flourOffers;

    private LiquidOffers $liquid;

    private FatOffers $fat;

    private LiftOffers $lift;

    private SingleParts $singleParts;

    public function __construct(
        private Larder $larder,
        private Schools $schools,
        PartMaker $parts,
        private Assayer $assayer,
        private Constants $constants,
    ) {
        $this->allowed = new Allowed($larder, $schools);
        $this->sweet = new SweetOffers($larder, $schools);
        $this->flourOffers = new FlourOffers($larder, $schools, $this->allowed, $constants);
        $this->liquid = new LiquidOffers($assayer, $constants);
        $this->fat = new FatOffers($larder, $this->allowed, $constants);
        $this->lift = new LiftOffers($schools, $constants);
        $this->singleParts = new SingleParts($larder, $schools, $this->allowed, $this->sweet, $parts, $constants);
    }

    public function candidates(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes): Candidates
    {
        $offers = $this->offers($formula, $sorting, $family, $wishes);
        $singles = [];
        $drinks = $this->liquid->drinks($formula, $sorting, $family, $offers);
        foreach ($sorting->singles as $i) {
            $singles[$i] = $this->singleParts->single(
                $formula->doses[$i],
                $wishes,
                $drinks,
                $this->singleParts->water($formula, $sorting->component),
                $this->singleParts->isDust($formula, $formula->doses[$i]),
                $formula->making,
                $this->sweet->mainForm($formula, $sorting),
                $formula->doses[$i]->soaking === Soaking::Liquid && LiquidOffers::isSoakedFruitGone($formula, $sorting),
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
        $sweet = $this->sweet->sweeteners(1.0, SugarForm::Granulated, $this->sweet->sweetenedAs($family, $wishes));
        $isSweetened = array_filter($sweet, fn (Offer $o): bool => $this->allowed->allows($o->food, $wishes)) !== [];
        $isFloured = array_filter(
            $this->schools->parts($this->allowed->school($wishes)),
            fn (array $row): bool => $this->larder->get($row['food'])->role === Role::Body &&
                $this->allowed->allowed($this->larder->get($row['food']), $wishes) !== null,
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
        $gram = $this->assayer->gram(...);
        $shares = [[$this->assayer->mix(array_map(static fn (int $i): Dose => $formula->doses[$i], $kept)), 1.0]];
        foreach ($singles as $i => $parts) {
            // What thickens a filling holds no crumb.
            $isFilling = $formula->doses[$i]->food?->role === Role::Mixin;
            foreach ($parts as $part) {
                $of = $gram($part->food);
                $shares[] = [$isFilling ? $of->withoutHold() : $of, $part->grams];
            }
        }
        foreach ($waters as $part) {
            $shares[] = [$gram($part->food), $part->grams];
        }
        foreach ($offers as $offer) {
            $shares[] = [$gram($offer->food), $offer->base];
        }

        return Traits::sum($shares);
    }

    /** @return list<Offer> */
    private function offers(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes): array
    {
        $variables = [];
        foreach (SugarForm::cases() as $form) {
            $lines = $sorting->sugars[$form->value];
            if ($lines !== []) {
                $wished = $this->sweet->sweetnessOf($formula, $lines) * $wishes->sweetness;
                $as = $this->sweet->sweetenedAs($family, $wishes);
                array_push($variables, ...$this->sweet->sweeteners($wished, $form, $as));
            }
        }
        $flours = $this->flourOffers->flours($formula, $sorting, $family, $wishes);
        array_push(
            $variables,
            ...$flours,
            ...$this->fat->fats($formula, $sorting, $flours, $wishes),
            ...$this->lift->lifts($formula, $sorting, $flours, $wishes),
            ...$this->liquid->liquids($formula, $sorting, $family, $flours),
        );
        $offered = array_map(
            fn (Offer $v): Offer => $this->typed($v, $wishes, $sorting->component),
            array_values(array_filter($variables, fn (Offer $v): bool => $this->allowed->allows($v->food, $wishes))),
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
                $this->singleParts->part(
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

    /** An amount that the baker typed holds, whatever else is decided. */
    private function typed(Offer $v, Wishes $wishes, int $component): Offer
    {
        $grams = $wishes->amount(new AmountKey($component, $v->food->key));

        return $grams === null || $v->dose !== null || $v->purpose === Purpose::Egg ? $v : $v->heldAt($grams);
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\PricedSweetener;
use Aglyca\Core\Account\Serving;
use Aglyca\Core\Forecast\PictureBook;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Label\Label;
use Aglyca\Core\Larder\Package;
use Aglyca\Core\Larder\Ways;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Reading\FoodMatch;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Swap\Replacements;
use Aglyca\Core\Swap\Replacing;
use Aglyca\Core\Writing\LabelReport;

/** What there is to choose from, by name: foods, packages, mixes, schools, families. */
final readonly class Catalogue
{
    public function __construct(private Wiring $core) {}

    /** @return array<string, string> food key => name */
    public function foodNames(): array
    {
        return $this->core->larder->names();
    }

    /** @return array<string, Food> by key */
    public function foods(): array
    {
        return $this->core->larder->all();
    }

    /** The food as this kitchen has it; null where the larder does not know the key. */
    public function food(string $key): ?Food
    {
        return $this->core->larder->find($key);
    }

    /** The food without any package. */
    public function plainFood(string $key): ?Food
    {
        return $this->core->larder->plain($key);
    }

    /** @return list<string> other names that it is read by */
    public function aliases(Food $food): array
    {
        return $this->core->larder->aliases($food->key);
    }

    public function find(string $name): FoodMatch
    {
        return $this->core->reading()->foods->find($name);
    }

    /** @return list<string> names of foods that look most like this one */
    public function suggestions(string $name, int $most): array
    {
        return array_map(
            fn (string $key): string => $this->core->larder->get($key)->name,
            $this->core->reading()->foods->suggest($name, $most),
        );
    }

    public function package(string $id): ?Food
    {
        return $this->core->larder->fromPackage($id);
    }

    /** @return list<Package> */
    public function packagesOf(string $food): array
    {
        return $this->core->larder->packagesOf($food);
    }

    /** So many grams of what a package holds; null where the kitchen does not have it. */
    public function bought(string $package, float $grams): ?Serving
    {
        $food = $this->package($package);
        $doses = $food === null ? [] : [new Dose($food->name, $food, Estimate::exactly($grams))];

        return $food === null ? null : $this->core->accountant->serve($food->name, $doses, [1.0]);
    }

    /** @return array<string, string> key => name */
    public function sweeteners(): array
    {
        return $this->core->schools->sweeteners();
    }

    /** @return array<string, string> key => name */
    public function schools(): array
    {
        return $this->core->schools->flours();
    }

    /** @return list<string> food keys that a blend can be made of */
    public function blendable(): array
    {
        return $this->core->schools->blendable();
    }

    /** @return array<string, string> key => name */
    public function families(): array
    {
        return $this->core->families->names();
    }

    /** @return array<array-key, string> key => name */
    public function scoops(): array
    {
        return array_column($this->core->tables->rows('scoops'), 'name', 'key');
    }

    /** Grams of dough that a scoop holds of a family. */
    public function scoopful(string $scoop, string $family): float
    {
        return $this->core->layouts->scoopful($scoop, $family);
    }

    public function measure(Food $food, float $grams): string
    {
        return $this->core->measures->say($food, $grams);
    }

    /** Grams of a level teaspoon. */
    public function teaspoon(Food $food): float
    {
        return $this->core->units->get('tsp')->size * $this->core->larder->density($food)->gramsPerMl;
    }

    /** How this kitchen measures. */
    public function ways(): Ways
    {
        return $this->core->ways;
    }

    /** @return list<string> what a label says against itself */
    public function contradictions(Label $label): array
    {
        return $this->core->labels()->contradictions($label);
    }

    public function insteadOf(string $key): Replacements
    {
        $named = fn (string $food, string $why): Replacing => new Replacing($this->core->larder->get($food), $why);

        return new Replacements(
            array_map(
                static fn (array $row): Replacing => $named($row['to'], $row['why']),
                $this->core->schools->single($key),
            ),
            array_map(
                static fn (array $row): Replacing => $named($row['from'], $row['why']),
                $this->core->schools->takenBy($key),
            ),
        );
    }

    public function pictures(): PictureBook
    {
        return $this->core->pictures();
    }

    /** @return list<PricedSweetener> for as much sweetness as so many grams of sugar, cheapest first */
    public function sweetenerPrices(float $grams, Convention $convention): array
    {
        return $this->core->sweetenerPrices()->forSugar($grams, $convention);
    }

    /** @return list<float> factors near the one asked for at which whole eggs stay whole; none where they are */
    public function wholeEggFactors(Recipe $recipe, float $factor): array
    {
        return $this->core->scaler->wholeEggFactors(Formula::asWritten($recipe, 1.0, $this->core->constants), $factor);
    }

    /** The recipe as written, so many times. */
    public function scaled(Recipe $recipe, float $factor): Formula
    {
        return $this->core->scaler->scaled(Formula::asWritten($recipe, 1.0, $this->core->constants), $factor);
    }

    /** Of a dough that is rolled or dusted in something, the share that usually stays on. */
    public function usedRolling(): float
    {
        return $this->core->constants->get('used-rolling');
    }

    /** How far weighed pieces may be off the baked mass reckoned before it is asked about. */
    public function unequalOff(): float
    {
        return $this->core->constants->get('unequal-off');
    }

    /** @return array<string, string> what a dessert may be asked to be without: kind => name */
    public function allergens(): array
    {
        return $this->core->harm()->allergens->names();
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return array<string, float|bool|string>
     */
    public function label(array $asked): array
    {
        return (new LabelReport($this->core->larder->labels))->of($asked);
    }
}

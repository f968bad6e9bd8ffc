<?php

declare(strict_types=1);

namespace Aglyca\Core\Bench;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Accountant;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\NetCarbs;
use Aglyca\Core\Account\Serving;
use Aglyca\Core\Account\Sharer;
use Aglyca\Core\Account\SweetenerPrices;
use Aglyca\Core\Account\WhatIf;
use Aglyca\Core\Forecast\AcidBalance;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Forecast\Cautioner;
use Aglyca\Core\Forecast\Forecaster;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Formula\Batch;
use Aglyca\Core\Formula\Cut;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Formula\LayoutMaker;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Formula\Sharing;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\KitchenMeasure;
use Aglyca\Core\Larder\Label\LabelChecker;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Plan\BakeChange;
use Aglyca\Core\Plan\BakePlanner;
use Aglyca\Core\Plan\PanChange;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Reading\AmountParser;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\LineReader;
use Aglyca\Core\Reading\LineSorter;
use Aglyca\Core\Reading\Pan;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\RecipeReader;
use Aglyca\Core\Reading\StepReader;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Reading\Weigher;
use Aglyca\Core\Reading\YieldReader;
use Aglyca\Core\Swap\Families;
use Aglyca\Core\Swap\Family;
use Aglyca\Core\Swap\Offers;
use Aglyca\Core\Swap\Oven;
use Aglyca\Core\Swap\PartMaker;
use Aglyca\Core\Swap\ProblemMaker;
use Aglyca\Core\Swap\ProgrammeSwapper;
use Aglyca\Core\Swap\Reasons;
use Aglyca\Core\Swap\Schools;
use Aglyca\Core\Swap\Sorter;
use Aglyca\Core\Swap\Swap;
use Aglyca\Core\Tables;

/** The whole way from a text to a swapped, counted and planned dessert; the only place that wires the core. */
final readonly class Workshop
{
    private function __construct(
        public Tables $tables,
        public Larder $larder,
        public Constants $constants,
        public Schools $schools,
        public FoodIndex $foods,
        public RecipeReader $recipes,
        public LineReader $lines,
        public Accountant $accountant,
        public ProgrammeSwapper $swapper,
        public Families $families,
        public Forecaster $forecaster,
        public Cautioner $cautioner,
        public BakePlanner $planner,
        public KitchenMeasure $measures,
        public LabelChecker $labels,
        public Scaler $scaler,
        public LayoutMaker $layouts,
        public Sharer $sharer,
        public WhatIf $whatIf,
        public SweetenerPrices $sweetenerPrices,
        private UnitTable $units,
    ) {}

    /** @param  ?array{names: array<string, string>, ignored: array<string, true>}  $index what `FoodIndex::compile()` gave */
    public static function open(Tables $tables, ?array $index = null, Stock $stock = new Stock): self
    {
        $units = new UnitTable($tables);
        $constants = Constants::from($tables);
        $larder = new Larder($tables, $units, $stock);
        $foods = $index === null ? FoodIndex::from($tables) : new FoodIndex($index);
        $foods = $stock->names === [] ? $foods : $foods->knowing($stock->names);
        $amounts = new AmountParser($units, $constants, $tables);
        $lines = new LineReader($larder, $foods, $amounts, new Weigher($larder, $units, $constants), $constants, $tables);
        $yields = new YieldReader;
        $recipes = new RecipeReader($lines, new StepReader($constants), $yields, new LineSorter($units, $yields));
        $netCarbs = new NetCarbs($tables, $constants);
        $accountant = new Accountant($netCarbs, $constants);
        $schools = new Schools($tables);
        $measures = new KitchenMeasure($larder, $units);
        $snapper = new Snapper($larder, $units, $constants);
        $scaler = new Scaler($larder, $snapper, $constants);
        $parts = new PartMaker($snapper, $measures, $scaler);
        $assayer = new Assayer($tables, $larder, $constants);
        $families = new Families($tables);

        return new self(
            $tables, $larder, $constants, $schools, $foods, $recipes, $lines, $accountant,
            new ProgrammeSwapper($larder, $schools, $families, $accountant, new Sorter($larder, $schools, $constants), new ProblemMaker($assayer, new Offers($larder, $schools, $parts, $constants), $constants), $parts, new Reasons($tables, $constants), $constants),
            $families,
            new Forecaster($assayer, $constants), new Cautioner($tables, new AcidBalance($tables), $constants), new BakePlanner($schools, $constants), $measures,
            new LabelChecker($tables, $constants), $scaler, new LayoutMaker($tables, $units), new Sharer($accountant), new WhatIf($accountant), new SweetenerPrices($larder, $netCarbs),
            $units,
        );
    }

    /** @throws UnreadableRecipe */
    public function read(Document $document): Recipe
    {
        $corrections = [];
        foreach ($document->corrections as $key => $said) {
            $corrections[$key] = new Correction(isset($said['food']) ? $this->larder->find($said['food']) : null, $said['grams'] ?? null, $said['package'] ?? null, $said['left_out'] ?? false);
        }

        return $this->recipes->read($document->text, $corrections);
    }

    /** @throws UnreadableRecipe */
    public function account(Document $document): Account
    {
        $recipe = $this->read($document);
        $written = $this->written($document, $recipe);
        $families = $this->swapper->familiesOf($written, $document->wishes());

        return $this->accountant->count($this->laidOut($written, $document->sharing, $families, $families[$written->heaviest()]));
    }

    /** Grams of a level teaspoon. */
    public function spoon(string $food): float
    {
        return $this->units->get('tsp')->size * $this->larder->density($this->larder->get($food))->gramsPerMl;
    }

    /** Grams of net carbs that so much of a food would add to a piece. */
    public function costOf(Account $account, string $food, float $grams, Convention $convention): float
    {
        $more = new Dose('', $this->larder->get($food), Estimate::exactly($grams / $account->formula->pieces));

        return $this->accountant->plus($account->serving, [$more], '')->netCarbs($convention)->value - $account->netCarbs($convention)->value;
    }

    /** @throws UnreadableRecipe */
    public function work(Document $document): Worked
    {
        return $this->swapped($document, $this->read($document));
    }

    /** As much of the recipe as is made, of which so much is eaten. */
    private function written(Document $document, Recipe $recipe): Formula
    {
        $pieces = $document->pieces ?? ($recipe->pieces === null ? null : Scaler::pieces($recipe->pieces, $document->scale));

        return $this->scaler->scaled(Formula::asWritten($recipe, $pieces)->using($document->sharing->used), $document->scale);
    }

    /** @param  list<Family>  $families  by component */
    private function laidOut(Formula $formula, Sharing $sharing, array $families, Family $family, ?Cut $like = null): Formula
    {
        return $sharing->isPlain() ? $formula : $formula->laidOut($this->layouts->layout($formula, $sharing, array_column($families, 'key'), $family->key, $family->bakeLoss, $like));
    }

    private function swapped(Document $document, Recipe $recipe): Worked
    {
        $pan = $this->panChange($document, $recipe);
        $wishes = $document->wishes($pan->timeFactor ?? 1.0);
        $written = $this->written($document, $recipe);
        $families = $this->swapper->familiesOf($written, $wishes);
        $family = $families[$written->heaviest()];
        // The swap is of all that is mixed; where it goes is the account's business.
        $before = $written->cutInto($this->laidOut($written, $document->sharing, $families, $family)->pieces);
        $swap = $this->swapper->swap($before, $wishes, Oven::of($recipe->steps));
        $shared = $this->laidOut($swap->after, $document->sharing, $families, $family);
        $after = $this->accountant->count($shared);
        $isPlain = $shared->layout === null;
        $bake = $this->planner->change($swap, $recipe->steps, $pan);

        return new Worked(
            $document, $document->title !== '' ? $document->title : $recipe->title, $recipe,
            $isPlain ? $swap->account : $this->accountant->count($this->laidOut($before, $document->sharing, $families, $family, $shared->layout->cut)), $after, $swap,
            $this->forecast($swap, Oven::of($recipe->steps), $bake), $this->cautioner->cautions($after, array_map(static fn (Family $f): bool => $f->minutes > 0, $swap->families), $document->bodyMass),
            $bake, $this->planner->steps($bake, $recipe->steps), $pan,
        );
    }

    /** Another pan than the recipe's; null where the baker has the recipe's, or neither says how large that is. */
    private function panChange(Document $document, Recipe $recipe): ?PanChange
    {
        $from = isset($document->pan['from']) ? Pan::fromArray($document->pan['from']) : $recipe->pan;

        return $document->pan === null || $from === null ? null : PanChange::of($from, Pan::fromArray($document->pan['to']), $document->scale, $this->constants);
    }

    /**
     * Toppings as they are read: each with its doses, and the lines that were not understood.
     *
     * @return list<array{name: string, doses: list<Dose>, unread: list<string>}>
     */
    public function toppings(Document $document): array
    {
        return array_map(fn (array $topping): array => ['name' => $topping['name'], ...$this->topping($topping['text'])], $document->sharing->toppings);
    }

    /** @return array{doses: list<Dose>, unread: list<string>} of a few ingredient lines */
    public function topping(string $text): array
    {
        [$doses, $unread] = [[], []];
        foreach (array_filter(array_map(trim(...), preg_split('~\R~u', $text) ?: [])) as $row) {
            foreach ($this->lines->read($row, 'topping') as $line) {
                $line->food !== null && $line->grams !== null ? $doses[] = new Dose($line->text, $line->food, $line->grams) : $unread[] = $line->text;
            }
        }

        return ['doses' => $doses, 'unread' => $unread];
    }

    /** The piece as it is eaten: with its toppings, as often as it is eaten. */
    public function eaten(Worked $worked, bool $swapped): Serving
    {
        $account = $worked->account($swapped);
        $times = $worked->document->sharing->eaten;
        $more = array_merge(...array_column($this->toppings($worked->document), 'doses'), ...[[]]);
        $piece = $this->accountant->plus($account->serving, $more, 'a piece');

        return $times === 1.0 ? $piece : $this->accountant->times($piece, $times, 'eaten');
    }

    /** Carbohydrate choices, by the total that a dose of insulin goes by. */
    public function choices(Serving $serving): float
    {
        return $serving->sum->carbohydrate / $this->constants->get('carb-choice');
    }

    /** Grams of one food that do the work of a gram of another: sweeteners by their sweetness, all else by weight. */
    public function exchangeRatio(Food $was, Food $food): float
    {
        [$a, $b] = [$this->larder->typical($was, 'sweetness'), $this->larder->typical($food, 'sweetness')];

        return $was->role === Role::Sweet && $food->role === Role::Sweet && $a > 0 && $b > 0 ? $a / $b : 1.0;
    }

    /** A hundred grams of it as it is served: what went into the air is gone. */
    public function hundred(Worked $worked, bool $swapped): ?Serving
    {
        $account = $worked->account($swapped);
        $baked = $account->pieceMass() * (1 - $this->batch($worked, $swapped)->loss());

        return $baked > 0 ? $this->accountant->times($account->serving, 100 / $baked, '100 g') : null;
    }

    /** So many grams of what a package holds; null where the kitchen does not have it. */
    public function bought(string $package, float $grams): ?Serving
    {
        $food = $this->larder->fromPackage($package);

        return $food === null ? null : $this->accountant->serve($food->name, [new Dose($food->name, $food, Estimate::exactly($grams))], [1.0]);
    }

    public function batch(Worked $worked, bool $swapped): Batch
    {
        $formula = $worked->account($swapped)->formula;

        return $formula->layout->cut->batch ?? Batch::of(max(1e-6, $formula->batchMass()), $worked->family()->bakeLoss);
    }

    /**
     * Up to three clearly different swaps, each named by what a baker would notice.
     *
     * @return array<string, Worked> name => the dessert so swapped
     *
     * @throws UnreadableRecipe
     */
    public function proposals(Document $document): array
    {
        $free = $document->with(['shares' => [], 'corners' => [], 'amounts' => []]);
        $recipe = $this->read($document);
        $found = [];
        foreach (['Softest' => ['sweetener' => 'allulose'], 'Sets firmest' => ['sweetener' => 'erythritol'], 'Nearest to wheat' => ['school' => 'starch-tolerant']] as $name => $change) {
            $found[$name] = $this->swapped($free->with($change), $recipe);
        }
        $fewest = null;
        foreach (['almond', 'coconut', 'protein'] as $school) {
            $worked = $this->swapped($free->with(['school' => $school]), $recipe);
            if ($worked->swap->collisions() === [] && $this->failures($worked) <= $this->failures($found['Softest']) && ($fewest === null || $worked->after->netCarbs($document->convention)->value < $fewest->after->netCarbs($document->convention)->value)) {
                $fewest = $worked;
            }
        }
        $found = $fewest === null ? $found : ['Fewest carbs' => $fewest, ...$found];
        $now = $this->swapped($document, $recipe);
        $cheapest = $this->cheapest($free, $recipe, $now);
        $found = $cheapest === null ? $found : ['Cheapest' => $cheapest, ...$found];

        return array_slice(array_filter($found, fn (Worked $w): bool => $this->differs($w, $now)), 0, 3);
    }

    /** By the prices in the Pantry; null where they do not say enough to tell two blends apart. */
    private function cheapest(Document $free, Recipe $recipe, Worked $now): ?Worked
    {
        $best = $this->price($now) === null ? null : [$this->price($now), null];
        $known = $best === null ? 0 : 1;
        foreach (array_keys($this->schools->sweeteners()) as $sweetener) {
            $priced = array_filter($this->schools->mix($sweetener), fn (array $row): bool => (float) $row['share'] < 0.3 || $this->larder->get($row['food'])->pricePerGram !== null);
            if (count($priced) === count($this->schools->mix($sweetener))) {
                $worked = $this->swapped($free->with(['sweetener' => $sweetener]), $recipe);
                $price = $this->price($worked);
                $known += $price === null ? 0 : 1;
                $best = $price !== null && $worked->swap->collisions() === [] && ($best === null || $price < $best[0]) ? [$price, $worked] : $best;
            }
        }

        return $known > 1 ? $best[1] : null;
    }

    /** What the sweeteners cost, whole; null where one that weighs something has no price. */
    private function price(Worked $worked): ?float
    {
        $sum = 0.0;
        foreach ($worked->swap->after->doses as $dose) {
            if ($dose->food?->role === Role::Sweet) {
                if ($dose->food->pricePerGram === null && $dose->mass() > 2 * $this->constants->get('weighed')) {
                    return null;
                }
                $sum += ($dose->food->pricePerGram ?? 0.0) * $dose->mass();
            }
        }

        return $sum;
    }

    private function failures(Worked $worked): int
    {
        return count(array_filter($worked->properties, static fn (Property $p): bool => $p->isOutside()));
    }

    /** Clearly: enough of the mix is something else. */
    private function differs(Worked $a, Worked $b): bool
    {
        $grams = static function (Worked $w): array {
            $sum = [];
            foreach ($w->swap->after->doses as $dose) {
                $sum[$dose->food->key ?? ''] = ($sum[$dose->food->key ?? ''] ?? 0.0) + $dose->mass();
            }

            return $sum;
        };
        [$x, $y] = [$grams($a), $grams($b)];
        $moved = 0.0;
        foreach (array_keys($x + $y) as $food) {
            $moved += abs(($x[$food] ?? 0.0) - ($y[$food] ?? 0.0)) / 2;
        }

        return $moved > $this->constants->get('clearly-different') * $b->swap->after->mass();
    }

    /** @return array<string, Property> by the bands of the family of the heaviest component */
    private function forecast(Swap $swap, Oven $oven, BakeChange $bake): array
    {
        $family = $swap->families[$swap->before->heaviest()];
        [$reference, $doubling] = [$this->constants->get('browning-reference'), $this->constants->get('browning-doubling')];
        $bands = [];
        foreach (['bulk', 'moisture', 'fat', 'structure', 'browning', 'grain', 'cool'] as $row) {
            $bands[$row] = [$family->band($row)->low, $family->band($row)->high];
        }
        $sweet = $family->band('sweetness');
        $bands['sweetness'] = [$sweet->low * $swap->wishes->sweetness, $sweet->high * $swap->wishes->sweetness];

        return $this->forecaster->compare(
            $swap->before, $swap->after, $family->bakeLoss,
            $oven->minutesAt($family, $reference, $doubling, 0.0, 1.0), $oven->minutesAt($family, $reference, $doubling, $bake->lowerBy, $bake->timeFactor), $bands,
            ($swap->wishes->bodyMass ?? $this->constants->get('default-body-mass')) / $this->constants->get('default-body-mass'),
        );
    }
}

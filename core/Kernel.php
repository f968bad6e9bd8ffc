<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Serving;
use Aglyca\Core\Family\Family;
use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Family\PanChange;
use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\Cut;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Formula\LastReadings;
use Aglyca\Core\Formula\Portioning;
use Aglyca\Core\Formula\PortionPlan;
use Aglyca\Core\Formula\Readings;
use Aglyca\Core\Formula\ReadTopping;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Formula\Topping;
use Aglyca\Core\Formula\Written;
use Aglyca\Core\Harm\Circumstances;
use Aglyca\Core\Harm\Safety;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Method\MethodPlan;
use Aglyca\Core\Method\PlannedStep;
use Aglyca\Core\Plan\DayAsked;
use Aglyca\Core\Plan\DayPlan;
use Aglyca\Core\Plan\Dish;
use Aglyca\Core\Plan\Holding;
use Aglyca\Core\Plan\Places;
use Aglyca\Core\Plan\ShoppingItem;
use Aglyca\Core\Quantity\Point;
use Aglyca\Core\Reading\Kept\Difference;
use Aglyca\Core\Reading\Kept\Differences;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\Timing;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Swap\Blend;
use Aglyca\Core\Swap\Swap;
use Aglyca\Core\Swap\Wishes;
use Aglyca\Core\Trial\Baked;
use Aglyca\Core\Trial\BakeNotes;
use Aglyca\Core\Trial\Change;
use Aglyca\Core\Trial\Curve;
use Aglyca\Core\Trial\Doing;
use Aglyca\Core\Trial\Experience;
use Aglyca\Core\Trial\FoundCause;
use Aglyca\Core\Trial\Heating;
use Aglyca\Core\Trial\Judged;
use Aglyca\Core\Trial\Lesson;
use Aglyca\Core\Trial\Meal;
use Aglyca\Core\Trial\MeterFile;
use Aglyca\Core\Trial\NextTry;
use Aglyca\Core\Trial\Probed;
use Aglyca\Core\Trial\Remedy;
use Aglyca\Core\Writing\Pace;
use DateTimeZone;
use InvalidArgumentException;

/** The whole way from a text to a swapped, counted and planned dessert: what the shell asks of the core. */
final readonly class Kernel
{
    private const MENDINGS = 4;

    private function __construct(
        private Wiring $core,
        public Catalogue $catalogue,
        private Readings $readings,
    ) {}

    /** @param  ?Readings  $readings  where the host keeps them; they hold for these tables and this stock alone */
    public static function open(Tables $tables, Stock $stock = new Stock, ?Readings $readings = null): self
    {
        return self::over(new Wiring($tables, $stock), $readings);
    }

    /** Opens every room: what each works out of the tables stays with them, and is exported with them. */
    public static function workOut(Tables $tables): void
    {
        $core = new Wiring($tables);
        $core->reading();
        $core->method();
        $core->day();
        $core->trial();
    }

    public static function over(Wiring $core, ?Readings $readings = null): self
    {
        return new self($core, new Catalogue($core), new LastReadings($readings));
    }

    /** @throws UnreadableRecipe */
    public function read(Brief $brief): Recipe
    {
        return $this->reading($brief)->recipe;
    }

    /**
     * How it is read, to be kept with it.
     *
     * @throws UnreadableRecipe
     */
    public function keep(Brief $brief): KeptReading
    {
        return $this->core->keeper()->keep($brief, $this->read($brief));
    }

    /**
     * What would be read otherwise if its text were read anew.
     *
     * @return list<Difference>
     */
    public function readAnew(Brief $brief): array
    {
        try {
            return $brief->kept === null
                ? []
                : Differences::of($this->read($brief), $this->read($brief->but(kept: null)));
        } catch (UnreadableRecipe) {
            return [];
        }
    }

    /** @throws UnreadableRecipe */
    public function account(Brief $brief): Account
    {
        $reading = $this->reading($brief);
        $recipe = $reading->recipe;
        $written = $this->written($brief, $reading);
        $families = $this->families($brief, $reading, $written, $this->wished($brief, $reading));

        return $this->core->accountant->count($this->laidOut($written, $brief->portions, $families));
    }

    /** @throws UnreadableRecipe */
    public function convert(Brief $brief): Conversion
    {
        $reading = $this->reading($brief);
        $recipe = $reading->recipe;
        $pan = $this->panChange($brief, $recipe);
        $written = $this->written($brief, $reading);
        $wishes = $this->wished($brief, $reading);
        $families = $this->families($brief, $reading, $written, $wishes);
        // The swap is of all that is mixed; where it goes is the account's business.
        $before = $written->cutInto($this->laidOut($written, $brief->portions, $families)->pieces);
        $swap = $this->core->swapper->swap(
            $before,
            $families,
            $wishes,
            OvenPlan::asWritten($recipe->steps, $this->core->ovens),
            $pan,
        );
        $shared = $this->laidOut($swap->after, $brief->portions, $families);
        $after = $this->core->accountant->count($shared);
        $like = $shared->layout?->cut;
        $safety = $this->safety($reading, $swap, $after, $brief);

        return new Conversion(
            $brief,
            $recipe,
            $like === null
                ? $swap->account
                : $this->core->accountant->count($this->laidOut($before, $brief->portions, $families, $like)),
            $after,
            $swap,
            $this->core->prospect->of($swap),
            $this->warnings($brief, $reading, $swap, $after),
            new MethodPlan(fn (): array => $this->steps($swap, $recipe, $brief, $safety)),
            $pan,
            array_map($this->topping(...), $brief->portions->toppings), $this->core->desk, $safety,
        );
    }

    /**
     * Up to three clearly different swaps, each named by what a baker would notice.
     *
     * @return array<string, Conversion> name => the dessert so swapped
     *
     * @throws UnreadableRecipe
     */
    public function propose(Brief $brief): array
    {
        return (new Proposals($this, $this->core))->of($brief);
    }

    /** @return list<?Family> what else each part of the dessert could be */
    public function runnersUp(Conversion $conversion): array
    {
        return $this->core->swapper->runnersUp($conversion->before->formula, $conversion->swap->families);
    }

    /**
     * In what a dessert can be baked: the keys of `Wishes::APPLIANCES` that its family or its recipe allows.
     *
     * @return list<string>
     */
    public function appliances(Conversion $conversion): array
    {
        $isBaked = $conversion->swap->before->making->isBaked;

        return ['', ...$isBaked ? ['air-fryer'] : [], ...$this->core->appliances->of($conversion->swap->families)];
    }

    /** @return list<Gain> what could still be gained of a dessert that is low-carb as it is written */
    public function gains(Conversion $conversion): array
    {
        return (new Gains($this, $this->core))->of($conversion);
    }

    /**
     * The dessert with each other mix, or each other school.
     *
     * @return array<string, Conversion> by the key of the mix or the school
     *
     * @throws UnreadableRecipe
     */
    public function alternatives(Brief $brief, Role $role): array
    {
        $found = [];
        if ($role === Role::Sweet) {
            foreach (array_diff(array_keys($this->catalogue->sweeteners()), [$brief->wishes->sweetener]) as $key) {
                $found[$key] = $this->convert($brief->wishing(sweetener: $key, blend: Blend::free()));
            }
        } elseif ($role === Role::Body) {
            foreach (array_diff(array_keys($this->catalogue->schools()), [$brief->wishes->school]) as $key) {
                $found[$key] = $this->convert($brief->wishing(school: $key));
            }
        }

        return $found;
    }

    /**
     * A dessert as it can be planned.
     *
     * @param  int  $number  among those that are planned together
     */
    public function dish(Conversion $conversion, int $number = 1, Side $side = Side::Swapped): Dish
    {
        $account = $conversion->account($side);
        $steps =
            $side === Side::Written && $conversion->recipe->steps !== []
                ? $this->core->method()->planner->written($conversion->swap->before, $conversion->recipe->steps)
                : $conversion->steps();
        $tasks = $this->core->method()->tasks->tasks(
            $conversion->swap,
            $account->formula,
            $steps,
            $conversion->title,
            "$number-",
        );

        return new Dish(
            $conversion->title, $tasks, $conversion->family(), $account->formula->pieces, $conversion->keep($side),
        );
    }

    /** How long it takes, made alone and without a break. */
    public function pace(Conversion $conversion, Side $side): Pace
    {
        $day = $this->day(
            [$this->dish($conversion, 1, $side)],
            new DayAsked(null, 0, new Places, new DateTimeZone('UTC'), wantsAdvice: false),
        );

        return new Pace($day->handsOn, $day->ovenMinutes, $day->span());
    }

    /** @param  list<Dish>  $dishes */
    public function day(array $dishes, DayAsked $asked): DayPlan
    {
        return $this->core->day()->planner->plan($dishes, $asked);
    }

    /**
     * @param  list<Conversion>  $conversions
     * @param  list<Holding>  $pantry
     * @return list<ShoppingItem>
     */
    public function shopping(array $conversions, array $pantry): array
    {
        return $this->core->day()->shopping->of(
            array_map(static fn (Conversion $c): Formula => $c->after->formula, $conversions),
            $pantry,
        );
    }

    /** The dessert as it was really weighed. */
    public function weighed(Conversion $conversion, Dish $dish, Doing $doing): Account
    {
        return $this->core->trial()->weighing->counted($conversion->after->formula, $dish->tasks, $doing);
    }

    /** How nearly a thing has to be weighed, in grams more or less. */
    public function tolerance(Conversion $conversion, Food $food, float $grams): float
    {
        return $this->core->trial()->weighing->tolerance(
            $food,
            $grams,
            $conversion->after->formula->pieces,
            $conversion->brief->convention,
        );
    }

    /**
     * What a probe in the middle of a bake says.
     *
     * @param  ?float  $oven  °C
     * @return ?Probed null where nobody measures such a bake so
     */
    public function probe(Conversion $conversion, Doing $doing, ?float $oven): ?Probed
    {
        $done = $this->core->trial()->heating->doneness($conversion->family());
        if ($done === null) {
            return null;
        }
        $start = $doing->probe[0][1] ?? 0;
        $readings = array_map(
            static fn (array $r): Point => new Point(($r[1] - $start) / 60_000, $r[0]),
            $doing->probe,
        );

        return new Probed($done, $oven === null ? null : Heating::minutesUntil($readings, $oven, $done->low));
    }

    /** @return list<Remedy> for the whole batch */
    public function remedies(Conversion $conversion): array
    {
        return $this->core->trial()->remedies->of($conversion->family(), $conversion->after->formula->mass());
    }

    /**
     * Why a bake came out as it did.
     *
     * @param  Side  $side  which of the two was baked
     * @param  array<string, Experience>  $tried  by cause
     * @return list<FoundCause>
     */
    public function diagnose(Conversion $conversion, Side $side, BakeNotes $notes, array $tried = []): array
    {
        return $this->core->trial()->diagnosis->of($this->baked($conversion, $side, $notes), $tried);
    }

    /** The brief of a next version that tries one change. */
    public function trying(Conversion $conversion, Change $change): Brief
    {
        $brief = NextTry::brief($conversion, $change);
        for ($round = 0; $round < self::MENDINGS; $round++) {
            $mended = NextTry::mended($this->convert($brief), $change);
            if ($mended->wishes->amounts === $brief->wishes->amounts) {
                break;
            }
            $brief = $mended;
        }

        return $brief;
    }

    /** @param  list<float>  $ovens  as `ovensTaken` says */
    public function baked(Conversion $conversion, Side $side, BakeNotes $notes, array $ovens = []): Baked
    {
        $isSwapped = $side === Side::Swapped;
        $bakes = array_merge([], ...array_map(static fn (Step $s): array => $s->bakes(), $conversion->recipe->steps));
        $minutes = max([0.0, ...array_map(static fn (Timing $t): float => ($t->low + $t->high) / 2, $bakes)]);
        $heat = null;
        foreach ($conversion->recipe->steps as $step) {
            foreach ($step->heats as $named) {
                $heat ??= $named->isOven ? $named->temperature->celsius : null;
            }
        }
        $oven = $conversion->swap->oven;

        return new Baked(
            $isSwapped ? $conversion->swap->after : $conversion->swap->before, $conversion->family(),
            $minutes > 0 ? $minutes * ($isSwapped ? $oven->timeFactor() : 1.0) : null,
            $heat === null ? null : $heat - ($isSwapped ? $oven->loweredByCelsius : 0.0),
            $isSwapped ? $conversion->properties : [], $notes, $isSwapped ? $conversion->swap->before : null,
            count($bakes) <= 1, $ovens,
        );
    }

    /** @return list<Lesson> what this kitchen has taught */
    public function lessons(Taught $taught): array
    {
        return $this->core->trial()->lessons->of($taught);
    }

    /**
     * How sweet a kitchen likes it, against the sugar.
     *
     * @param  list<float>  $values
     */
    public function likedSweetness(array $values): float
    {
        return $this->core->trial()->lessons->likedSweetness($values)->value;
    }

    /**
     * What of a meter's file is one meal.
     *
     * @param  ?float  $bite  minute of the file at which eating began
     *
     * @throws InvalidArgumentException where too little is left of it
     */
    public function meal(MeterFile $file, ?float $bite = null): Meal
    {
        return Meal::of($file, $this->core->constants, $bite);
    }

    /** A reading at which it is usual to act; "" where there is none. */
    public function cautionOf(Curve $curve): string
    {
        return $curve->caution($this->core->constants);
    }

    /** How long hands took, against what is usual; null where too little was ticked. */
    public function handsTaken(Dish $dish, Doing $doing): ?float
    {
        return $this->core->trial()->lessons->handsTaken($dish->tasks, $doing);
    }

    /** @return list<float> how long each timed bake took, against what the method says */
    public function ovensTaken(Dish $dish, Doing $doing): array
    {
        $own = $this->core->taught->factor(Taught::OVEN, $this->core->constants);

        return $this->core->trial()->lessons->ovensTaken($dish->tasks, $doing, $own);
    }

    /** @return array<string, ?float> what a bake says of its kitchen, by the keys of `Taught` */
    public function observed(Baked $baked): array
    {
        return $this->core->trial()->lessons->observed($baked);
    }

    /** How sweet was right, where so sweet was judged so. */
    public function sweetnessLiked(float $sweetness, Judged $judged): float
    {
        $step = $this->core->constants->get('liked-sweetness-step');

        return match ($judged) {
            Judged::Little => $sweetness + $step,
            Judged::Right => $sweetness,
            Judged::Much => $sweetness - $step,
        };
    }

    public function topping(Topping $topping): ReadTopping
    {
        [$doses, $unread] = [[], []];
        foreach (array_filter(array_map(trim(...), preg_split('~\R~u', $topping->text) ?: [])) as $row) {
            foreach ($this->core->reading()->lines->read($row, 'topping') as $line) {
                $line->food !== null && $line->grams !== null
                    ? $doses[] = new Dose($line->text, $line->food, $line->grams)
                    : $unread[] = $line->text;
            }
        }

        return new ReadTopping($topping->name, $doses, $unread);
    }

    /** What a topping holds. */
    public function served(ReadTopping $topping): Serving
    {
        return $this->core->accountant->serve(
            $topping->name,
            $topping->doses,
            array_fill(0, count($topping->doses), 1.0),
        );
    }

    /** As much of the recipe as is made, of which so much is eaten. */
    /** @throws UnreadableRecipe */
    private function reading(Brief $brief): Written
    {
        return $this->readings->of(
            sha1($brief->text.serialize($brief->corrections).json_encode($brief->kept?->json())),
            function () use ($brief): Written {
                $recipe = $this->core->keeper()->read($brief);
                $said = $this->core->reading()->tellings->of($recipe);
                $written = Written::of($recipe, $this->core->constants, $said);
                $families = $this->core->swapper->familiesOf($written->formula, new Wishes);

                return $written->ofKinds(array_map(static fn (Family $f): string => $f->key, $families));
            },
        );
    }

    /** @return list<Family> by component, as the baker wishes, else as the formula says */
    private function families(Brief $brief, Written $reading, Formula $written, Wishes $wishes): array
    {
        // So many times it is the same kind; what is used in part may be another.
        $known = $brief->batch->scale === 1.0 && $brief->portions->used === [] ? $reading->kinds : [];

        return $this->core->swapper->familiesOf($written, $wishes->but(families: $wishes->families + $known));
    }

    /** The formula as the baker makes it: so many times, of lines that are used in part, in so many pieces. */
    private function written(Brief $brief, Written $reading): Formula
    {
        $scale = $brief->batch->scale;
        $recipe = $reading->recipe;
        $pieces =
            $brief->portions->pieces ?? ($recipe->pieces === null ? null : Scaler::pieces($recipe->pieces, $scale));
        $formula = $this->core->scaler->scaled(
            $reading->formula->cutInto($pieces ?? $reading->formula->pieces)->using($brief->portions->used),
            $scale,
        );

        return self::isYieldAssumed($brief, $recipe)
            ? $formula->cutInto($this->usualPieces($formula, $brief))
            : $formula;
    }

    /**
     * What a title says that a dessert is free of is as good as asked for; a recipe whose flours hold no gluten gets
     * none. Where a swap could hurt, nothing is.
     */
    private function wished(Brief $brief, Written $reading): Wishes
    {
        $harm = $this->core->harm();
        $free = array_merge([], ...array_values($harm->claims->freeOf($reading->said)));
        if ($this->isWithoutGluten($reading->formula)) {
            $free[] = 'gluten';
        }
        $left = $harm->untouched->why($reading->said, $reading->formula) === ''
            ? $brief->wishes->left
            : array_column($reading->formula->doses, 'key');

        return $brief->wishes->but(
            without: array_values(array_unique([...$brief->wishes->without, ...$free])),
            left: $left,
        );
    }

    /** It is made with flour, and none of it holds gluten. */
    private function isWithoutGluten(Formula $formula): bool
    {
        $hasFlour = false;
        foreach ($formula->doses as $dose) {
            $kinds = [...$dose->food->allergens ?? [], ...$dose->possibleAllergens];
            if (array_filter($kinds, static fn (string $a): bool => str_starts_with($a, 'gluten')) !== []) {
                return false;
            }
            $hasFlour = $hasFlour ||
                ($dose->food !== null && $this->core->larder->typical($dose->food, 'flour-equivalent') > 0);
        }

        return $hasFlour;
    }

    /** Neither the text nor the baker says how many pieces it makes. */
    private static function isYieldAssumed(Brief $brief, Recipe $recipe): bool
    {
        return $recipe->pieces === null && $brief->portions->pieces === null && ! $brief->portions->isByMass();
    }

    /** As many as the family's usual piece makes of it. */
    private function usualPieces(Formula $formula, Brief $brief): float
    {
        $whole = $formula->making->wholes($formula->doses);
        if ($whole > 0) {
            return max(1.0, round($whole * $brief->batch->scale));
        }
        $families = $this->core->swapper->familiesOf($formula, $brief->wishes);
        $loss = $families[$formula->heaviest()]->bakeLoss;
        // A filling by itself goes by the spoon: the dessert is shared by the part that makes the largest piece.
        $grams = max([1.0, ...array_map(static fn (Family $f): float => $f->pieceGrams, $families)]);

        return max(1.0, min((float) Portioning::MOST, round(($formula->mass() * (1 - $loss)) / $grams)));
    }

    /**
     * @param  list<Family>  $families  by component
     * @param  ?Cut  $like  shares it out as this other batch was
     */
    private function laidOut(Formula $formula, PortionPlan $plan, array $families, ?Cut $like = null): Formula
    {
        $family = $families[$formula->heaviest()];

        return $plan->isPlain()
            ? $formula
            : $formula->laidOut(
                $this->core->layouts->layout(
                    $formula,
                    $plan,
                    array_column($families, 'key'),
                    $family->key,
                    $family->bakeLoss,
                    $like,
                ),
            );
    }

    /** Another pan than the recipe's; null where the baker has the recipe's, or neither says how large that is. */
    private function panChange(Brief $brief, Recipe $recipe): ?PanChange
    {
        $from = $brief->batch->recipesPan ?? $recipe->pan;
        $to = $brief->batch->pan;

        return $to === null || $from === null
            ? null
            : PanChange::of($from, $to, $brief->batch->scale, $this->core->constants);
    }

    /** @return list<Warning> */
    private function warnings(Brief $brief, Written $reading, Swap $swap, Account $after): array
    {
        $harm = $this->core->harm();
        $why = $harm->untouched->why($reading->said, $reading->formula);
        $cautions = $this->cautions($brief, $after, $swap, $reading);
        if ($why !== '') {
            // What is left as it is has nothing to be advised of.
            return [...$cautions, ...$this->assumed($brief, $reading, $swap)];
        }

        return [
            ...$this->assumed($brief, $reading, $swap),
            ...$this->core->advisor->advice($after, $swap, $harm->atLeast->isSure($swap->account)),
            ...$cautions,
        ];
    }

    private function safety(Written $reading, Swap $swap, Account $after, Brief $brief): Safety
    {
        $harm = $this->core->harm();
        $keep = $harm->keeping->of($swap->after, $swap->families, $reading->said);
        $circumstances = $this->circumstances($brief, $after, $swap, $reading);
        $isSwapped = $circumstances->isSwapped();

        return new Safety(
            $keep,
            $isSwapped ? $harm->keeping->of($swap->before, $swap->families, $reading->said) : $keep,
            $isSwapped ? $harm->claims->struck($reading->said, $swap->before, $swap->after, $keep) : [],
            $harm->allergens->in($swap->before),
            $harm->allergens->in($swap->after),
            $isSwapped ? $harm->allergens->brought($swap->before, $swap->after) : [],
            $harm->allergens->possible($swap->after),
            $harm->atLeast->because($after),
            $harm->atLeast->because($swap->account),
        );
    }

    private function circumstances(Brief $brief, Account $after, Swap $swap, Written $reading): Circumstances
    {
        return new Circumstances(
            $reading->recipe, $reading->said, $swap, $after,
            $this->core->cares->of($swap, $reading->recipe->components), $swap->wishes->kitchen->bodyMass,
            $brief->convention,
        );
    }

    /** @return list<Warning> */
    private function assumed(Brief $brief, Written $reading, Swap $swap): array
    {
        $recipe = $reading->recipe;
        $warnings = [];
        if (self::isYieldAssumed($brief, $recipe)) {
            $warnings[] = new Warning(
                'yield-assumed',
                sprintf(
                    'The recipe does not say how many pieces it makes: %d of about %.0f g each are assumed. Say how many, and the figures follow.',
                    $swap->before->pieces,
                    ($swap->before->mass() * (1 - $swap->family()->bakeLoss)) / $swap->before->pieces,
                ),
            );
        }
        $free = $this->core->harm()->claims->freeOf($reading->said);
        if ($free !== []) {
            $warnings[] = new Warning(
                'free-by-title',
                sprintf(
                    'The recipe says %s: nothing with %s is put in. Change its words to have it otherwise.',
                    implode(' and ', array_keys($free)),
                    implode(' or ', array_unique(array_merge(...array_values($free)))),
                ),
            );
        }

        return $warnings;
    }

    /** @return list<Warning> */
    private function cautions(Brief $brief, Account $after, Swap $swap, Written $reading): array
    {
        return $this->core->harm()->cautioner->cautions($this->circumstances($brief, $after, $swap, $reading));
    }

    /** @return list<PlannedStep> */
    private function steps(Swap $swap, Recipe $recipe, Brief $brief, Safety $safety): array
    {
        $room = $this->core->method();
        $steps = $this->core->harm()->without($recipe->steps, $safety->struck);

        return $room->corrector->corrected($room->planner->steps($swap, $steps), $brief->corrections->steps);
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Accountant;
use Aglyca\Core\Account\Desk;
use Aglyca\Core\Account\NetCarbs;
use Aglyca\Core\Account\Sharer;
use Aglyca\Core\Account\Spreads;
use Aglyca\Core\Account\SweetenerPrices;
use Aglyca\Core\Account\WhatIf;
use Aglyca\Core\Family\Appliances;
use Aglyca\Core\Family\Families;
use Aglyca\Core\Family\OvenRules;
use Aglyca\Core\Forecast\AcidBalance;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Forecast\Forecaster;
use Aglyca\Core\Forecast\PictureBook;
use Aglyca\Core\Forecast\WaterActivity;
use Aglyca\Core\Formula\LayoutMaker;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Label\LabelChecker;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Snapper;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Larder\Ways;
use Aglyca\Core\Method\Cares;
use Aglyca\Core\Method\Preparations;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Swap\Advisor;
use Aglyca\Core\Swap\CandidateMaker;
use Aglyca\Core\Swap\PartMaker;
use Aglyca\Core\Swap\ProblemMaker;
use Aglyca\Core\Swap\ProgrammeSwapper;
use Aglyca\Core\Swap\Prospect;
use Aglyca\Core\Swap\Reasons;
use Aglyca\Core\Swap\Rule;
use Aglyca\Core\Swap\Schools;
use Aglyca\Core\Swap\Sorter;
use Aglyca\Core\Swap\SweetOffers;
use Aglyca\Core\Writing\KitchenMeasure;

/**
 * Puts the rooms of the core together; only the kernel, the tools and the tests look inside. What every swap needs
 * stands ready, and the rooms beside it open when somebody enters.
 */
final class Wiring
{
    public readonly UnitTable $units;

    public readonly Constants $constants;

    public readonly Larder $larder;

    public readonly NetCarbs $netCarbs;

    public readonly Accountant $accountant;

    public readonly Desk $desk;

    public readonly Families $families;

    public readonly OvenRules $ovens;

    public readonly Schools $schools;

    public readonly Scaler $scaler;

    public readonly LayoutMaker $layouts;

    public readonly ProgrammeSwapper $swapper;

    public readonly Forecaster $forecaster;

    public readonly Advisor $advisor;

    public readonly Preparations $preparations;

    public readonly Assayer $assayer;

    public readonly Cares $cares;

    public readonly Appliances $appliances;

    public readonly Prospect $prospect;

    public readonly Snapper $snapper;

    public readonly KitchenMeasure $measures;

    public readonly Ways $ways;

    public readonly Taught $taught;

    private ?Keeper $keeper = null;

    private ?ReadingRoom $reading = null;

    private ?MethodRoom $method = null;

    private ?HarmRoom $harm = null;

    private ?DayRoom $day = null;

    private ?TrialRoom $trial = null;

    /**
     * @param  list<class-string<Rule\Rule>>  $without  rules of the swap that are left out, to see what they decide
     */
    public function __construct(
        public readonly Tables $tables,
        private readonly Stock $stock = new Stock(),
        array $without = [],
    ) {
        $this->ways = $stock->ways;
        $this->taught = $stock->taught;
        $this->units = new UnitTable($tables);
        $this->constants = Constants::from($tables);
        $this->larder = new Larder($tables, $this->units, $this->constants, $stock);
        $this->appliances = new Appliances($tables);
        $this->families = new Families($tables, $this->taught, $this->constants);
        $this->ovens = OvenRules::from($this->constants);
        $this->schools = new Schools($tables);
        $this->measures = KitchenMeasure::of($this->larder, $this->units, $tables, $stock->ways->measures);
        $this->netCarbs = new NetCarbs($tables, $this->constants);
        $this->accountant = new Accountant($this->netCarbs, new Spreads($tables), $this->constants);
        $this->desk = new Desk(
            $this->accountant,
            new Sharer($this->accountant),
            new WhatIf($this->accountant, $this->larder),
            $this->constants,
        );
        $this->layouts = new LayoutMaker($tables, $this->units);
        $this->snapper = new Snapper($this->larder, $this->units, $this->constants, $stock->ways->step());
        $this->scaler = new Scaler($this->larder, $this->snapper, $this->constants);
        $this->assayer = new Assayer($tables, $this->larder, $this->constants);
        $this->swapper = $this->swapper(new PartMaker($this->snapper, $this->scaler), $without);
        $this->forecaster = new Forecaster($this->assayer, new WaterActivity($tables), $this->constants);
        $this->prospect = new Prospect($this->forecaster, $this->larder, $this->constants);
        $this->advisor = new Advisor($this->families, $this->constants);
        $this->preparations = new Preparations($tables, $this->scaler);
        $this->cares = new Cares($this->preparations, $this->constants);
    }

    public function reading(): ReadingRoom
    {
        return $this->reading ??= new ReadingRoom($this, $this->stock);
    }

    public function keeper(): Keeper
    {
        return $this->keeper ??= new Keeper($this, array_keys($this->stock->names));
    }

    public function method(): MethodRoom
    {
        return $this->method ??= new MethodRoom($this, $this->stock);
    }

    public function harm(): HarmRoom
    {
        return $this->harm ??= new HarmRoom($this);
    }

    public function day(): DayRoom
    {
        return $this->day ??= new DayRoom($this);
    }

    public function trial(): TrialRoom
    {
        return $this->trial ??= new TrialRoom($this);
    }

    public function pictures(): PictureBook
    {
        return new PictureBook($this->larder, $this->constants);
    }

    public function labels(): LabelChecker
    {
        return new LabelChecker($this->larder->labels, $this->constants);
    }

    public function sweetenerPrices(): SweetenerPrices
    {
        return new SweetenerPrices($this->larder, $this->netCarbs);
    }

    /** @param  list<class-string<Rule\Rule>>  $without */
    private function swapper(PartMaker $parts, array $without): ProgrammeSwapper
    {
        $candidates = new CandidateMaker($this->larder, $this->schools, $parts, $this->assayer, $this->constants);
        $rules = array_values(
            array_filter(
                [
                    new Rule\Sweetness(),
                    new Rule\Bulk(),
                    new Rule\Body(),
                    new Rule\Moisture(),
                    new Rule\Fat($this->constants),
                    new Rule\Structure(),
                    new Rule\Browning(),
                    new Rule\Draw(),
                    new Rule\Grain($this->constants),
                    new Rule\CoolTaste($this->constants),
                    new Rule\Practice(),
                    new Rule\Tolerance($this->constants),
                    new Rule\CarbLimit($this->constants),
                ],
                static fn (Rule\Rule $rule): bool => ! in_array($rule::class, $without, true),
            ),
        );

        return new ProgrammeSwapper(
            $this->larder,
            $this->schools,
            $this->families,
            $this->accountant,
            new Sorter($this->larder, $this->schools, $this->constants),
            new ProblemMaker(
                $this->assayer,
                $candidates,
                new SweetOffers($this->larder, $this->schools),
                $this->constants,
                $rules,
            ),
            $parts,
            new Reasons($this->tables, $this->constants),
            $this->constants,
            new AcidBalance($this->tables),
            $this->appliances,
        );
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Plan\Advice;
use Aglyca\Core\Plan\Batches;
use Aglyca\Core\Plan\DayPlanner;
use Aglyca\Core\Plan\JobSheetMaker;
use Aglyca\Core\Plan\ShoppingList;

/** What plans a day of baking and buys for it. */
final readonly class DayRoom
{
    public DayPlanner $planner;

    public ShoppingList $shopping;

    public function __construct(Wiring $core)
    {
        $this->shopping = new ShoppingList($core->scaler);
        $this->planner = new DayPlanner(
            new Batches($core->constants),
            new JobSheetMaker($core->constants),
            new Advice($core->constants),
            $core->constants,
        );
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Method\Actions;
use Aglyca\Core\Method\BagShares;
use Aglyca\Core\Method\BakePlanner;
use Aglyca\Core\Method\Clauses;
use Aglyca\Core\Method\Divided;
use Aglyca\Core\Method\Extras;
use Aglyca\Core\Method\Latecomers;
use Aglyca\Core\Method\MethodReader;
use Aglyca\Core\Method\MethodWriter;
use Aglyca\Core\Method\OtherAppliance;
use Aglyca\Core\Method\Patterns;
use Aglyca\Core\Method\Portions;
use Aglyca\Core\Method\StepCorrector;
use Aglyca\Core\Method\TaskLinker;
use Aglyca\Core\Method\TaskMaker;

/** What writes a method and the tasks of it. Opened when somebody looks at one. */
final readonly class MethodRoom
{
    public BakePlanner $planner;

    public StepCorrector $corrector;

    public TaskMaker $tasks;

    public function __construct(Wiring $core, Stock $stock)
    {
        $tables = $core->tables;
        $reading = $core->reading();
        $patterns = new Patterns($tables, $core->constants);
        $actions = new Actions($tables);
        $this->planner = new BakePlanner(
            $core->preparations,
            new MethodReader($actions, $reading->foods, $core->constants, $reading->noFood),
            new MethodWriter(
                $core->preparations,
                new Latecomers($patterns),
                new BagShares($core->larder, $core->snapper),
                new Divided(
                    new Portions($tables, $reading->lexer, $reading->lines, $core->constants), $core->larder,
                    $core->constants,
                ),
                $core->constants,
                $reading->noFood,
            ),
            $patterns,
            new Extras($tables, $core->constants),
            $core->constants,
            new OtherAppliance($core->appliances),
        );
        $this->corrector = new StepCorrector($reading->steps);
        $this->tasks = new TaskMaker(
            new Clauses($actions, $reading->steps),
            $actions,
            $reading->steps,
            new TaskLinker($core->constants),
            $core->constants,
            $stock->taught,
        );
    }
}

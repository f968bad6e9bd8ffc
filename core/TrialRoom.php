<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Trial\ChangeMaker;
use Aglyca\Core\Trial\Diagnosis;
use Aglyca\Core\Trial\Heating;
use Aglyca\Core\Trial\Lessons;
use Aglyca\Core\Trial\Outlook;
use Aglyca\Core\Trial\Portrait;
use Aglyca\Core\Trial\Remedies;
use Aglyca\Core\Trial\Weighing;

/** What weighs a bake, says why it came out as it did, and learns from it. */
final readonly class TrialRoom
{
    public Weighing $weighing;

    public Heating $heating;

    public Remedies $remedies;

    public Lessons $lessons;

    public Diagnosis $diagnosis;

    public function __construct(Wiring $core)
    {
        $tables = $core->tables;
        $this->weighing = new Weighing($core->accountant, $core->netCarbs, $core->larder, $core->constants);
        $this->heating = new Heating($tables);
        $this->remedies = new Remedies($tables, $core->larder, $core->snapper, $core->measures);
        $this->lessons = new Lessons($core->larder, $core->families, $core->constants);
        $this->diagnosis = new Diagnosis(
            $tables,
            new Portrait($tables, $core->assayer, $core->larder, $core->constants),
            new ChangeMaker(
                $tables,
                $core->larder,
                $core->snapper,
                new Outlook($core->forecaster, $core->constants),
                $core->constants,
            ),
            $core->constants,
        );
    }
}

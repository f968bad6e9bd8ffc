<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Accountant;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\NetCarbs;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Method\Task;
use Aglyca\Core\Quantity\Estimate;

/** What was really weighed, counted; and how nearly each thing has to be weighed. */
final readonly class Weighing
{
    public function __construct(
        private Accountant $accountant,
        private NetCarbs $netCarbs,
        private Larder $larder,
        private Constants $constants,
    ) {}

    /**
     * The dessert as it lies in the bowl.
     *
     * @param  Formula  $planned  as it goes out
     * @param  list<Task>  $tasks
     */
    public function counted(Formula $planned, array $tasks, Doing $doing): Account
    {
        return $this->accountant->count($this->formula($planned, $tasks, $doing));
    }

    /** @param  list<Task>  $tasks */
    public function formula(Formula $planned, array $tasks, Doing $doing): Formula
    {
        [$were, $are] = [[], []];
        foreach ($planned->doses as $dose) {
            if ($dose->food !== null) {
                $were[$dose->food->key] = ($were[$dose->food->key] ?? 0.0) + $dose->mass();
            }
        }
        foreach ($were as $food => $grams) {
            $are[$food] = $grams * $doing->factor;
        }
        foreach ($tasks as $task) {
            foreach ($task->uses as $use) {
                $weighed = $doing->weighed[$task->id][$use->food->key] ?? null;
                if ($weighed !== null && isset($are[$use->food->key])) {
                    $are[$use->food->key] += $weighed - $use->grams * $doing->factor;
                }
            }
        }
        $doses = array_map(function (Dose $dose) use ($were, $are): Dose {
            $key = $dose->food->key ?? '';
            if ($dose->grams === null || ($were[$key] ?? 0.0) <= 0.0) {
                return $dose;
            }

            return $dose->of($dose->food, $dose->grams->times(max(0.0, $are[$key]) / $were[$key]), $dose->text);
        }, $planned->doses);

        return $planned
            ->with([...$doses, ...$this->added($planned, $tasks, $doing)])
            ->cutInto($planned->pieces * $doing->factor);
    }

    /**
     * How many grams more or less are as good as none: by the share that a mix forgives, and by what a piece's count
     * shows.
     *
     * @param  float  $pieces  that the dessert makes
     */
    public function tolerance(Food $food, float $grams, float $pieces, Convention $convention): float
    {
        $fine = in_array($food->role, [Role::Binder, Role::Lift, Role::Sweet, Role::Flavour], true);
        $share = $grams * $this->constants->get($fine ? 'weigh-share-fine' : 'weigh-share');
        $net = $this->netCarbs->of($convention, $food->per100, $food->per100) / 100 / max(1.0, $pieces);
        $shown = $net > 0 ? $this->constants->get('weigh-shown') / $net : INF;
        $step =
            $grams < $this->constants->get('fine-below')
                ? $this->constants->get('weighed-fine')
                : $this->constants->get('weighed');

        return max($step, min($share, $shown));
    }

    /**
     * What went in to taste, or was forgotten by the recipe.
     *
     * @param  list<Task>  $tasks
     * @return list<Dose>
     */
    private function added(Formula $planned, array $tasks, Doing $doing): array
    {
        $known = [];
        foreach ($tasks as $task) {
            foreach ($task->uses as $use) {
                $known["$task->id {$use->food->key}"] = true;
            }
        }
        $doses = [];
        foreach ($doing->weighed as $task => $foods) {
            foreach ($foods as $key => $grams) {
                $food = isset($known["$task $key"]) ? null : $this->larder->find($key);
                if ($food !== null) {
                    $doses[] = new Dose($food->name, $food, Estimate::of($grams, 0.0), $planned->heaviest());
                }
            }
        }

        return $doses;
    }
}

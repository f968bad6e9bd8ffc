<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Forecast\Assayer;
use Aglyca\Core\Forecast\Traits;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Linear\Row;

/** Lays a component's choice out as rows: the bands of its family as linear forms in the grams of the candidates. */
final readonly class ProblemMaker
{
    public function __construct(private Assayer $assayer, private Offers $offers, private Constants $constants) {}

    /** @param  float  $lowerBy °C that the oven goes down, and @param  float  $timeFactor what that makes of the time */
    public function problem(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes, OvenPlan $oven, float $lowerBy, float $timeFactor): Problem
    {
        $variables = $this->offers->variables($formula, $sorting, $wishes);
        $singles = [];
        foreach ($sorting->singles as $i) {
            $singles[$i] = $this->offers->single($formula->doses[$i], $wishes);
        }
        $waters = $this->offers->waters($formula, $sorting, $wishes);
        $before = $this->assayer->mix(array_filter($formula->doses, static fn (Dose $d): bool => $d->component === $sorting->component));
        $fixed = $this->fixed($formula, $sorting, $variables, $singles, $waters);
        $browned = $oven->minutesAt($family, $this->constants->get('browning-reference'), $this->constants->get('browning-doubling'), $lowerBy, $timeFactor);
        $forms = array_map(fn (Variable $v): Traits => $this->assayer->gram($v->food), $variables);
        $rows = [
            ...$this->sweetness($formula, $sorting, $family, $wishes, $variables, $forms),
            ...$this->bulk($formula, $sorting, $family, $variables, $forms),
            ...($sorting->flours === [] ? [] : [...$this->moisture($family, $before, $fixed, $forms), ...$this->fat($family, $before, $fixed, $forms), ...$this->hold($family, $before, $fixed, $forms)]),
            ...$this->browning($family, $before, $fixed, $forms, $browned),
            ...$this->crystals($family, $before, $fixed, $variables, $forms),
            ...$this->practice($family, $variables),
        ];

        return new Problem($sorting, $family, $variables, $rows, $singles, $waters, $before, $fixed, $browned);
    }

    /**
     * The limits a piece, which all components share in the proportion of what is usual in each.
     *
     * @param  list<Problem>  $problems
     * @return list<Problem>
     */
    public function withLimits(Formula $formula, array $problems, Wishes $wishes): array
    {
        $usual = array_map($this->usual(...), $problems);
        $load = array_sum(array_column($usual, 'load'));
        $net = array_sum(array_column($usual, 'net'));

        return array_map(function (Problem $p, Traits $u) use ($formula, $load, $net, $wishes): Problem {
            $forms = array_map(fn (Variable $v): Traits => $this->assayer->gram($v->food), $p->variables);
            $rows = $p->rows;
            $weight = $this->constants->get('hard-weight');
            if ($load > 0) {
                $rows[] = new Row('tolerance', array_column($forms, 'load'), -INF, $formula->pieces * $this->doses($wishes) * $u->load / $load - $p->fixed->load, $weight, $formula->pieces, true);
            }
            if ($wishes->limit !== null && $net > 0) {
                $rows[] = new Row('carbs', array_column($forms, 'net'), -INF, $formula->pieces * $wishes->limit * $u->net / $net - $p->fixed->net, $weight, $formula->pieces * $wishes->limit, true);
            }

            return new Problem($p->sorting, $p->family, $p->variables, $rows, $p->singles, $p->waters, $p->before, $p->fixed, $p->browned);
        }, $problems, $usual);
    }

    /** What the body of whom it is for takes, against the usual one. */
    private function doses(Wishes $wishes): float
    {
        return ($wishes->bodyMass ?? $this->constants->get('default-body-mass')) / $this->constants->get('default-body-mass');
    }

    /** With each variable as is usual. */
    private function usual(Problem $p): Traits
    {
        $sum = $p->fixed;
        foreach ($p->variables as $v) {
            $sum = $sum->plus($this->assayer->gram($v->food), $v->practice);
        }

        return $sum;
    }

    /**
     * All that is in the mix whatever is chosen: lines that stay, singles, waters, and the base of each variable.
     *
     * @param  list<Variable>  $variables
     * @param  array<int, list<Part>>  $singles
     * @param  list<Part>  $waters
     */
    private function fixed(Formula $formula, Sorting $sorting, array $variables, array $singles, array $waters): Traits
    {
        $varied = [];
        foreach ($variables as $v) {
            if (str_contains($v->use, ':')) {
                $varied[(int) explode(':', $v->use)[1]] = true;
            }
        }
        $sum = $this->assayer->mix(array_map(static fn (int $i): Dose => $formula->doses[$i], array_filter($sorting->kept, static fn (int $i): bool => ! isset($varied[$i]))));
        foreach ([...array_merge(...array_values($singles) ?: [[]]), ...$waters] as $part) {
            $sum = $sum->plus($this->assayer->gram($part->food), $part->grams);
        }
        foreach ($variables as $v) {
            $sum = $sum->plus($this->assayer->gram($v->food), $v->base);
        }

        return $sum;
    }

    /**
     * @param  list<Variable>  $variables
     * @param  list<Traits>  $forms
     * @return list<Row>
     */
    private function sweetness(Formula $formula, Sorting $sorting, Family $family, Wishes $wishes, array $variables, array $forms): array
    {
        $rows = [];
        $band = $family->band('sweetness');
        $first = array_key_first(array_filter($sorting->sugars));
        foreach ($sorting->sugars as $form => $lines) {
            $wished = $lines === [] ? 0.0 : $this->offers->sweetnessOf($formula, $lines) * $wishes->sweetness;
            $mine = array_map(static fn (Variable $v): bool => ($v->use === 'sweet' && $v->form === $form) || ($v->use === 'added' && $form === $first), $variables);
            if ($wished > 0 && in_array(true, $mine, true)) {
                $coefficients = array_map(static fn (Traits $t, bool $m): float => $m ? $t->sweetness : 0.0, $forms, $mine);
                $base = array_sum(array_map(static fn (Variable $v, Traits $t, bool $m): float => $m ? $v->base * $t->sweetness : 0.0, $variables, $forms, $mine));
                $rows[] = new Row('sweetness', $coefficients, $band->low * $wished - $base, $band->high * $wished - $base, $band->weight, $wished / 10);
            }
        }

        return $rows;
    }

    /**
     * @param  list<Variable>  $variables
     * @param  list<Traits>  $forms
     * @return list<Row>
     */
    private function bulk(Formula $formula, Sorting $sorting, Family $family, array $variables, array $forms): array
    {
        $was = $this->assayer->mix(array_map(static fn (int $i): Dose => $formula->doses[$i], [...$sorting->allSugars(), ...$sorting->flours]))->solids;
        if ($was <= 0) {
            return [];
        }
        $band = $family->band('bulk');
        $counts = array_map(static fn (Variable $v): bool => $v->use === 'sweet' || $v->use === 'flour', $variables);
        $coefficients = array_map(static fn (Traits $t, bool $c): float => $c ? $t->solids : 0.0, $forms, $counts);
        $base = array_sum(array_map(static fn (Variable $v, Traits $t, bool $c): float => $c ? $v->base * $t->solids : 0.0, $variables, $forms, $counts));

        $rows = [new Row('bulk', $coefficients, $band->low * $was - $base, $band->high * $was - $base, $band->weight, $was / 10)];
        $sugar = $this->assayer->mix(array_map(static fn (int $i): Dose => $formula->doses[$i], $sorting->allSugars()))->solids;
        if ($sugar > 0) {
            $band = $family->band('body');
            $coefficients = array_map(static fn (Variable $v, Traits $t): float => $v->use === 'sweet' ? $t->solids : 0.0, $variables, $forms);
            $base = array_sum(array_map(static fn (Variable $v, Traits $t): float => $v->use === 'sweet' ? $v->base * $t->solids : 0.0, $variables, $forms));
            $rows[] = new Row('body', $coefficients, $band->low * $sugar - $base, $band->high * $sugar - $base, $band->weight, $sugar / 10);
        }

        return $rows;
    }

    /**
     * @param  list<Traits>  $forms
     * @return list<Row>
     */
    private function moisture(Family $family, Traits $before, Traits $fixed, array $forms): array
    {
        $was = $before->moisture();
        if ($was <= 0) {
            return [];
        }
        $band = $family->band('moisture');
        $row = static function (float $ratio, bool $isLow) use ($forms, $fixed, $band, $before): Row {
            $bound = -($fixed->water - $ratio * $fixed->thirst);

            return new Row('moisture', array_map(static fn (Traits $t): float => $t->water - $ratio * $t->thirst, $forms), $isLow ? $bound : -INF, $isLow ? INF : $bound, $band->weight, max(1.0, $before->water / 10));
        };

        return [$row($band->low * $was, true), $row($band->high * $was, false)];
    }

    /**
     * @param  list<Traits>  $forms
     * @return list<Row>
     */
    private function fat(Family $family, Traits $before, Traits $fixed, array $forms): array
    {
        $was = $before->fatShare();
        if ($was <= 0) {
            return [];
        }
        $band = $family->band('fat');
        // Of the mass as written: fat is not thinned with water.
        $row = static fn (float $share, bool $isLow): Row => new Row('fat', array_column($forms, 'fat'), $isLow ? $share * $before->mass - $fixed->fat : -INF, $isLow ? INF : $share * $before->mass - $fixed->fat, $band->weight, max(1.0, $before->fat / 10));

        return [$row($band->low * $was, true), $row(max($band->high * $was, $this->constants->get('lean-fat')), false)];
    }

    /**
     * @param  list<Traits>  $forms
     * @return list<Row>
     */
    private function hold(Family $family, Traits $before, Traits $fixed, array $forms): array
    {
        $band = $family->band('structure');

        return $before->hold <= 0 ? [] : [new Row('structure', array_column($forms, 'hold'), $band->low * $before->hold - $fixed->hold, $band->high * $before->hold - $fixed->hold, $band->weight, $before->hold / 10)];
    }

    /**
     * @param  list<Traits>  $forms
     * @return list<Row>
     */
    private function browning(Family $family, Traits $before, Traits $fixed, array $forms, float $minutes): array
    {
        $band = $family->band('browning');
        if ($minutes <= 0 || $band->weight <= 0 || max([0.0, ...array_column($forms, 'reducing')]) <= 0) {
            return [];
        }
        // What was written browned too: a dessert that was dark may stay as dark.
        $most = max($band->high, $before->browning($minutes));
        // Of the mass as written: more dough would thin the sugar out, but nobody bakes a larger loaf for that.
        $coefficients = array_map(static fn (Traits $t): float => $t->reducing * $minutes, $forms);

        return [new Row('browning', $coefficients, -INF, $most * $before->mass - $fixed->reducing * $minutes, $band->weight, max(1.0, $before->mass * $most / 10))];
    }

    /**
     * Grain and cool taste both come of the erythritol that the water left does not dissolve. The water is taken as
     * is usual: nobody thins a dough to dissolve its sweetener.
     *
     * @param  list<Variable>  $variables
     * @param  list<Traits>  $forms
     * @return list<Row>
     */
    private function crystals(Family $family, Traits $before, Traits $fixed, array $variables, array $forms): array
    {
        if (max([0.0, ...array_column($forms, 'erythritol')]) <= 0) {
            return [];
        }
        $solubility = $this->constants->get('erythritol-solubility');
        $water = $fixed->water - $family->bakeLoss * $before->mass + array_sum(array_map(static fn (Variable $v, Traits $t): float => $v->practice * $t->water, $variables, $forms));
        $grain = $family->band('grain');
        $cool = $family->band('cool');
        $heat = $this->constants->get('erythritol-heat');
        $share = $grain->high * $solubility;
        // Where crystals are wanted there is no such row.
        $rows = $grain->weight <= 0 ? [] : [new Row('grain', array_column($forms, 'erythritol'), -INF, $share * max(0.0, $water) - $fixed->erythritol, $grain->weight, max(1.0, $before->mass / 25))];
        $coefficients = array_map(static fn (Traits $t): float => $heat * $t->erythritol, $forms);
        $rows[] = new Row('cool', $coefficients, -INF, $cool->high * $before->mass * (1 - $family->bakeLoss) - $heat * ($fixed->erythritol - $solubility * max(0.0, $water)), $cool->weight, max(1.0, $before->mass * $cool->high / 10));

        return $rows;
    }

    /**
     * @param  list<Variable>  $variables
     * @return list<Row>
     */
    private function practice(Family $family, array $variables): array
    {
        $rows = [];
        foreach ($variables as $j => $v) {
            if ($v->practice > 0) {
                $band = $family->band($v->use === 'sweet' ? 'practice-sweet' : 'practice');
                $coefficients = array_fill(0, count($variables), 0.0);
                $coefficients[$j] = 1.0;
                $rows[] = new Row('practice', $coefficients, $band->low * $v->practice, $band->high * $v->practice, $band->weight, $v->practice, false, $j);
                if ($v->use === 'flour' || str_starts_with($v->use, 'lift')) {
                    $wide = $family->band('practice-flour');
                    $rows[] = new Row('practice', $coefficients, $wide->low * $v->practice, $wide->high * $v->practice, $wide->weight, $v->practice, false, $j);
                }
            }
        }

        return $rows;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Linear;

/** Minimise what leaving the rows' bounds costs, over grams between nothing and each variable's most. */
final readonly class Programme
{
    /**
     * @param  array<int, float>  $costs  of a gram of each variable
     * @param  array<int, float>  $most  of each variable; INF where there is no bound
     * @param  list<Row>  $rows
     */
    public function __construct(public array $costs, public array $most, public array $rows) {}

    /** In the CPLEX LP format, so that any solver can check the optimum. */
    public function lp(): string
    {
        $term = static fn (float $c, string $v): string => sprintf('%s %.17g %s ', $c < 0 ? '-' : '+', abs($c), $v);
        $goal = '';
        $body = '';
        $bounds = '';
        foreach ($this->costs as $j => $cost) {
            $goal .= $term($cost, "x$j");
            $bounds .= is_finite($this->most[$j])
                ? sprintf(" 0 <= x%d <= %.17g\n", $j, $this->most[$j])
                : " x$j >= 0\n";
        }
        foreach ($this->rows as $i => $row) {
            $penalty = $row->weight / $row->scale;
            $goal .= $term($penalty, "b$i").$term($penalty, "a$i");
            $form = '';
            foreach ($row->coefficients as $j => $a) {
                $form .= $a === 0.0 ? '' : $term($a, "x$j");
            }
            $form .= "+ b$i - a$i ";
            $body .= is_finite($row->low) ? sprintf(" l%d: %s >= %.17g\n", $i, $form, $row->low) : '';
            $body .= is_finite($row->high) ? sprintf(" h%d: %s <= %.17g\n", $i, $form, $row->high) : '';
        }

        return "Minimize\n obj: $goal\nSubject To\n$body"."Bounds\n$bounds"."End\n";
    }
}

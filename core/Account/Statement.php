<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

/** Several servings side by side: net carbs in the convention chosen, then every figure, each with its range. */
final readonly class Statement
{
    /**
     * @param  list<Serving>  $servings
     * @param  list<StatementRow>  $rows
     */
    private function __construct(public array $servings, public array $rows, public float $coverage) {}

    /** @param  list<Serving>  $servings */
    public static function of(Accountant $accountant, array $servings, Convention $convention): self
    {
        $rows = [
            new StatementRow(
                'net',
                'Net carbs',
                'g',
                array_map(static fn (Serving $s) => $s->netCarbs($convention), $servings),
            ),
        ];
        foreach (Figure::cases() as $figure) {
            $rows[] = new StatementRow(
                $figure->value,
                $figure->label(),
                $figure->unit(),
                array_map(static fn (Serving $s) => $accountant->figure($s, $figure), $servings),
            );
            if ($figure === Figure::Polyols) {
                foreach (self::polyols($servings) as $polyol) {
                    $rows[] = new StatementRow(
                        $polyol,
                        ucfirst($polyol),
                        'g',
                        array_map(static fn (Serving $s) => $accountant->polyol($s, $polyol), $servings),
                        true,
                    );
                }
            }
        }

        return new self($servings, $rows, $servings[0]->coverage);
    }

    public function row(string $key): ?StatementRow
    {
        foreach ($this->rows as $row) {
            if ($row->key === $key) {
                return $row;
            }
        }

        return null;
    }

    /**
     * @param  list<Serving>  $servings
     * @return list<string> by name, those that are there
     */
    private static function polyols(array $servings): array
    {
        $names = [];
        foreach ($servings as $serving) {
            foreach ($serving->sum->polyols as $name => $grams) {
                if ($grams > 0) {
                    $names[$name] = true;
                }
            }
        }

        return array_keys($names);
    }
}

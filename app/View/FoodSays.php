<?php

declare(strict_types=1);

namespace App\View;

/** What a food does in a dough and what it weighs, in everyday words. */
final readonly class FoodSays
{
    /** What is measured, and what a figure of it is of. */
    private const WORDS = [
        'sweetness' => ['How sweet it is', 'times white sugar'],
        'thirst' => ['How much water a gram of it drinks', 'g'],
        'holding' => ['How it holds a crumb together', 'times wheat flour'],
        'reducing' => ['How fast it browns', 'times allulose'],
        'flour-equivalent' => ['A gram of it stands for', 'g of wheat flour'],
        'solution-heat' => ['How it cools the tongue where it dissolves', 'J a gram'],
    ];

    public function __construct(private Sources $sources) {}

    /**
     * @param  array<string, string>  $row  of `data/properties.csv`
     * @return array{what: string, typical: string, of: string, range: string, from: string}
     */
    public function property(array $row): array
    {
        [$what, $of] = self::WORDS[$row['property']] ?? [ucfirst(str_replace('-', ' ', $row['property'])), ''];

        if ($row['property'] === 'brings-fat') {
            $what = 'It brings fat of its own, so less is put in';

            return ['what' => $what, 'typical' => '', 'of' => '', 'range' => '', 'from' => $this->from($row)];
        }
        // Heat that it takes is written below zero, and said as cold.
        $figures = array_map(
            static fn (string $column): string => Figures::grams((float) ltrim($row[$column], '-')),
            str_starts_with($row['typical'], '-') ? ['typical', 'high', 'low'] : ['typical', 'low', 'high'],
        );

        return [
            'what' => $what,
            'typical' => $figures[0],
            'of' => $of,
            'range' => "$figures[1] to $figures[2]",
            'from' => $this->from($row),
        ];
    }

    /** @param  array<string, string>  $row  with its provenance and perhaps a note */
    public function from(array $row): string
    {
        $kind = $this->sources->get($row['provenance'])['kind'];
        $kind = $row['provenance'] === 'design' ? 'our own choice' : $kind;

        return implode(', ', array_filter([$kind, $row['note']], static fn (string $words): bool => $words !== ''));
    }
}

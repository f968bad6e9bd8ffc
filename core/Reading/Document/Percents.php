<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

use Aglyca\Core\Reading\Fate;

/** A formula in baker's percents, the flour being a hundred: weighed by what the text says that the flour weighs. */
final readonly class Percents
{
    private const SHARE = '~^\W*(?<food>\pL[^%\d]*?)[^\pL%\d)]*(?<share>\d+(?:[.,]\d+)?)\s*%\W*$~u';

    private const FLOUR = '~\bflour\b\D{0,20}?(?<amount>\d+(?:[.,]\d+)?)\s?(?<unit>k?g)\b~iu';

    private const DOUGH = '~\b(?:dough|batter|batch|total)\b\D{0,20}?(?<amount>\d+(?:[.,]\d+)?)\s?(?<unit>k?g)\b~iu';

    private const FEWEST = 3;

    /**
     * @param  list<Cell>  $cells
     * @return list<Cell>
     */
    public function cells(array $cells): array
    {
        $shares = [];
        foreach ($cells as $i => $cell) {
            if (preg_match(self::SHARE, $cell->text, $m) === 1) {
                $shares[$i] = ['food' => trim($m['food']), 'share' => (float) str_replace(',', '.', $m['share'])];
            }
        }
        $isWhole = array_filter($shares, static fn (array $s): bool => $s['share'] === 100.0) !== [];
        if (count($shares) < self::FEWEST || ! $isWhole) {
            return $cells;
        }
        [$at, $one] = $this->weighed(array_diff_key($cells, $shares), array_sum(array_column($shares, 'share')));
        if ($at === null) {
            return $cells;
        }
        foreach ($shares as $i => $share) {
            $cells[$i] = new Cell(rtrim(rtrim(sprintf('%.1f', $share['share'] * $one), '0'), '.')." g $share[food]");
        }
        $cells[$at] = new Cell($cells[$at]->text, Fate::Note);

        return array_values($cells);
    }

    /**
     * @param  array<int, Cell>  $cells
     * @return array{?int, float} the row that says what is weighed, and grams of a percent
     */
    private function weighed(array $cells, float $sum): array
    {
        foreach ([[self::FLOUR, 100.0], [self::DOUGH, $sum]] as [$pattern, $percent]) {
            foreach ($cells as $i => $cell) {
                if (preg_match($pattern, $cell->text, $m) === 1) {
                    $grams = (float) str_replace(',', '.', $m['amount']) * (strtolower($m['unit']) === 'kg' ? 1000 : 1);

                    return [$i, $grams / $percent];
                }
            }
        }

        return [null, 0.0];
    }
}

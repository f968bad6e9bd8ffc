<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Tables;

/** What a tin holds, and what of it goes in: rows of `data/tins.csv`. */
final readonly class Tins
{
    private const TIN = '~\b(?:tins?|cans?)\b~iu';

    private const DRAINED = '~\bdrained\b~iu';

    private const SOLIDS = '~\b(?:solids?|thick\s+(?:part|cream|top)|cream)\s+(?:only|part|from\s+the\s+top)\b|\bonly\s+the\s+(?:thick|solid|cream|hard)\w*|\b(?:solid|thick)\s+(?:white\s+)?(?:part|cream)\b~iu';

    private const SAID = '~(\d+(?:\.\d+)?)\s?g(?:rams?)?\s+(?:of\s+\pL+\s+)?drained\b|\bdrained\s+weight\s*:?\s*(\d+(?:\.\d+)?)\s?g\b~iu';

    /** @var array<string, array<string, array<string, string>>> food => what is said => row */
    private array $rows;

    public function __construct(Tables $tables)
    {
        $rows = [];
        foreach ($tables->rows('tins') as $row) {
            $rows[$row['food']][$row['said']] = $row;
        }
        $this->rows = $rows;
    }

    /** What goes in where a line speaks of a tin; null where it goes in as it is. */
    public function of(string $food, string $text): ?TinContents
    {
        if (preg_match(self::TIN, $text) !== 1) {
            return null;
        }
        [$is, $share] = [$food, 1.0];
        foreach (['tin' => self::TIN, 'drained' => self::DRAINED, 'solids' => self::SOLIDS] as $said => $pattern) {
            $row = $this->rows[$is][$said] ?? null;
            if ($row !== null && preg_match($pattern, $text) === 1) {
                [$is, $share] = [$row['becomes'], $share * (float) $row['share']];
            }
        }
        $stated = preg_match(self::SAID, $text, $m) === 1 ? (float) ($m[1] !== '' ? $m[1] : $m[2]) : null;

        return $is === $food && $share === 1.0 && $stated === null ? null : new TinContents($is, $share, $stated);
    }
}

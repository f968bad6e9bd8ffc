<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Tables;

/** What the heads of a table's columns say (`data/language/en/column_heads.csv`). */
final readonly class ColumnHeads
{
    private const TOTAL = 'total';

    public const PERCENT = '%';

    /** @var array<string, string> */
    private array $words;

    public function __construct(Tables $tables, private UnitTable $units)
    {
        $this->words = $tables->pairs('language/en/column_heads', 'column', 'word');
    }

    /**
     * @param  list<string>  $cells
     * @return array<int, string> a unit, "food", "%", or "" where nothing of them; none where they head no columns
     */
    public function of(array $cells): array
    {
        $heads = array_map($this->head(...), $cells);
        $said = array_filter($heads, static fn (?string $head): bool => $head !== null && $head !== '');
        $isRest = array_filter($heads, static fn (?string $head): bool => $head === null) === [];

        return $isRest && count($said) > 0 ? array_map(strval(...), $heads) : [];
    }

    public function isTotal(string $cell): bool
    {
        return ($this->words[mb_strtolower(trim($cell, " \t()[]*:."))] ?? '') === self::TOTAL;
    }

    public function isUnit(string $head): bool
    {
        return $head !== '' && $this->units->named($head) !== null;
    }

    private function head(string $cell): ?string
    {
        $word = mb_strtolower(trim($cell, " \t()[]*:."));
        if ($word === '') {
            return '';
        }
        if (preg_match('~[(\[]\s*(?<unit>\pL+|%)\s*[)\]]~u', $cell, $m) === 1) {
            $word = mb_strtolower($m['unit']);
        }

        return $this->words[$word] ?? $this->units->named($word)?->key;
    }
}

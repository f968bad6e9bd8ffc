<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Tables;
use OutOfBoundsException;

/** The families of desserts, and which of them a title or a component's name speaks of. */
final class Families
{
    private const FALLBACK = 'butter-cake';

    private const FILLING = 'fruit-filling';

    /** @var array<string, array<string, string>> */
    private array $rows;

    /** @var array<string, array<string, Band>> family or "*" => row => band */
    private array $bands = [];

    public function __construct(Tables $tables)
    {
        $this->rows = array_column($tables->rows('families'), null, 'family');
        foreach ($tables->rows('family_bands') as $row) {
            $this->bands[$row['family']][$row['row']] = new Band((float) $row['low'], (float) $row['high'], (float) $row['weight']);
        }
    }

    /** @return array<string, string> key => name */
    public function names(): array
    {
        return array_map(static fn (array $row): string => $row['name'], $this->rows);
    }

    /** @throws OutOfBoundsException for a family that the table does not hold */
    public function get(string $key): Family
    {
        $row = $this->rows[$key] ?? throw new OutOfBoundsException("No family '$key'. Known: ".implode(', ', array_keys($this->rows)).'.');

        return new Family(
            $key, $row['name'], (float) $row['bake_loss'], (float) $row['heat_c'], (float) $row['minutes'], (float) $row['piece_g'], $row['crisp'] === 'yes',
            $row['doneness'], $row['cooling'], $row['keeping'], $row['fragile'] === 'yes', $row['foam'] === 'yes', $row['cold'] === 'yes', $row['hot'] === 'yes', [...$this->bands['*'], ...$this->bands[$key] ?? []],
        );
    }

    /**
     * The family that a component is of: its own name speaks first, then the title for the first component.
     *
     * @param  string  $component  its name, "" where it has none
     */
    public function propose(string $title, string $component, bool $isFirst): string
    {
        // A filling is what the title says that it is filled with: "coffee custard tart", "cheesecake squares".
        if (preg_match('~\b(?:filling|layer)$~iu', $component) === 1) {
            return $this->spokenOf($component) ?? $this->spokenOf($title, true) ?? self::FILLING;
        }

        return ($component === '' ? null : $this->spokenOf($component))
            ?? ($isFirst || $component === '' ? $this->spokenOf($title) : null)
            ?? ($component !== '' && ! $isFirst ? 'frosting' : self::FALLBACK);
    }

    /** The longest word that matches wins, and of equal ones the last in the text: "raspberry cheesecake bars" are bars. */
    private function spokenOf(string $text, bool $fills = false): ?string
    {
        $text = mb_strtolower($text);
        [$best, $found] = [[0, -1], null];
        foreach ($this->rows as $key => $row) {
            if ($fills && $row['fills'] !== 'yes') {
                continue;
            }
            foreach (array_filter(explode('|', $row['words'])) as $word) {
                if (preg_match('~(?<!\pL)'.preg_quote($word, '~').'(?!\pL)~u', $text, $m, PREG_OFFSET_CAPTURE) === 1 && [strlen($word), $m[0][1]] > $best) {
                    [$best, $found] = [[strlen($word), $m[0][1]], $key];
                }
            }
        }

        return $found;
    }
}

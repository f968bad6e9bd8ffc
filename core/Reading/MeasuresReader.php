<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Tables;
use OutOfBoundsException;

/** Tells by words, units and spellings whose cups and spoons a recipe means (`data/country_words.csv`). */
final readonly class MeasuresReader
{
    /** What a baker calls a system => its key in the tables. */
    public const SAID = ['us' => 'us', 'metric' => 'metric', 'au' => 'australia', 'imperial' => 'british'];

    /** @var array<string, array<string, float>> system => unit => ml */
    private array $sizes;

    /** @var array<string, array<string, float>> word => system => weight */
    private array $words;

    public function __construct(Tables $tables)
    {
        $sizes = [];
        foreach ($tables->rows('measuring_systems') as $row) {
            $sizes[$row['system']][$row['unit']] = (float) $row['ml'];
        }
        $words = [];
        foreach ($tables->rows('country_words') as $row) {
            $words[$row['pattern']][$row['system']] = (float) $row['weight'];
        }
        [$this->sizes, $this->words] = [$sizes, $words];
    }

    /** @throws OutOfBoundsException for a name that is none of `SAID` */
    public function named(string $name): Measures
    {
        $system =
            self::SAID[$name] ??
            throw new OutOfBoundsException(
                "No measures '$name'. Known: ".implode(', ', array_keys(self::SAID)).'.',
            );

        return new Measures($system, $this->sizes[$system] ?? [], '', true);
    }

    /** As they were told from a text, and kept. */
    public function kept(string $system, string $evidence, bool $isSaid): Measures
    {
        return new Measures($system, $this->sizes[$system] ?? [], $evidence, $isSaid);
    }

    /** @param  list<string>  $rows */
    public function of(array $rows): Measures
    {
        $text = implode("\n", $rows);
        $votes = ['us' => 0.0];
        $heard = [];
        foreach ($this->words as $pattern => $weights) {
            if (preg_match("~$pattern~iu", $text, $m) === 1) {
                foreach ($weights as $system => $weight) {
                    $votes[$system] = ($votes[$system] ?? 0.0) + $weight;
                    $heard[$system][] = trim($m[0]);
                }
            }
        }
        arsort($votes);
        $system = (string) array_key_first($votes);
        // Half a vote is no evidence: then it is as most are.
        $system = $votes[$system] > $votes['us'] ? $system : 'us';

        return new Measures(
            $system,
            $this->sizes[$system] ?? [],
            implode(', ', array_slice(array_unique($heard[$system] ?? []), 0, 3)),
        );
    }
}

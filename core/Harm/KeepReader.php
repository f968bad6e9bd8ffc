<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Tables;

/** Reads how long something keeps, and where, of words such as "two weeks in a tin; 2 months frozen". */
final readonly class KeepReader
{
    /** @var array<string, float> */
    private array $numbers;

    /** @var array<string, array<string, string>> rows of `data/language/en/storage.csv` by word */
    private array $words;

    public function __construct(Tables $tables, private Lexer $lexer)
    {
        $this->numbers = $tables->numbers('number_words', 'value', 'word');
        $this->words = $tables->keyed('language/en/storage', 'word');
    }

    /** Of what stands before a semicolon, the shortest time and the coldest place. */
    public function read(string $text): Keep
    {
        [$days, $place, $number] = [null, 'room', null];
        foreach ($this->lexer->tokens(explode(';', $text)[0]) as $token) {
            $said = $token->number ?? $this->numbers[$token->word] ?? null;
            foreach ($token->forms as $form => $is) {
                $row = $this->words[$form] ?? null;
                if ($row !== null && $row['days'] !== '') {
                    if ($number === null && $row['bare'] === 'no') {
                        // "The same day" is no time; "a year" is one.
                        continue;
                    }
                    $stretch = (int) round(($number ?? 1.0) * (float) $row['days']);
                    $days = min($days ?? $stretch, $stretch);
                    $number = null;
                } elseif ($row !== null && $place !== 'fridge') {
                    $place = $row['place'];
                }
            }
            // Of "two to three weeks" the shorter.
            $number ??= $said;
        }

        return new Keep($place, $days ?? 0, $text);
    }
}

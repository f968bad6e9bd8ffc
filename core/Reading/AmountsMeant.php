<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Found;
use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Tables;

/** What a text says of all its amounts, and a row of its own (`data/language/en/amounts_meant.csv`). */
final readonly class AmountsMeant
{
    private const LONGEST = 200;

    private Phrasebook $phrases;

    public function __construct(Tables $tables, private Lexer $lexer)
    {
        $this->phrases = new Phrasebook($tables, 'language/en/amounts_meant', 'topic');
    }

    /** @return "grams"|"one"|"" a row that says nothing else: amounts are grams, or for one piece */
    public function of(string $row): string
    {
        // No such row begins with figures.
        foreach (ctype_digit($row[0] ?? '') ? [] : $this->found($row) as $found) {
            if ($found->topic === 'grams' || $found->topic === 'one') {
                return $found->topic;
            }
        }

        return '';
    }

    /** @return array{string, bool} the row without the words that its amount is for each piece,
        and whether they stood */
    public function each(string $row): array
    {
        foreach ($this->found($row) as $found) {
            if ($found->topic === 'each' && $found->at > 0) {
                return [rtrim(substr(trim($row), 0, $found->at), ' ,(–-'), true];
            }
        }

        return [$row, false];
    }

    /** @return list<Found> */
    private function found(string $row): array
    {
        $row = trim($row);
        $tokens = strlen($row) > self::LONGEST ? [] : $this->lexer->tokens($row);

        return $tokens === [] ? [] : $this->phrases->in(Sentence::of($row, $tokens));
    }
}

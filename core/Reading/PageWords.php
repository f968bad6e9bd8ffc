<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Tables;

/** Rows of the page on which a recipe stood that are none of its own (`data/language/en/page_words.csv`). */
final readonly class PageWords
{
    private const LONGEST = 80;

    private Phrasebook $phrases;

    public function __construct(Tables $tables, private Lexer $lexer)
    {
        $this->phrases = new Phrasebook($tables, 'language/en/page_words', 'page');
    }

    /** Several of them beside each other: "Jump to recipe · Print · Pin" */
    public function allAre(string $row): bool
    {
        $parts = strlen($row) > self::LONGEST ? [] : preg_split('~\s*[·|•/]\s*~u', $row);

        return $parts !== false && count($parts) > 1 &&
            array_filter($parts, fn (string $part): bool => ! $this->are($part)) === [];
    }

    public function are(string $row): bool
    {
        if (strlen($row) > self::LONGEST) {
            return false;
        }
        $sentences = $this->lexer->sentences($row);
        foreach ($sentences as $sentence) {
            // "Photo by us. 200 g flour" holds more than that.
            if ($this->phrases->in($sentence) === []) {
                return false;
            }
        }

        return $sentences !== [];
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Tables;

/** Whether words begin with what is done, as a step does (`data/language/en/doing.csv`). */
final class Doing
{
    /** Words that say so, at the beginning. */
    private const WORDS = 14;

    private const BYTES = 120;

    /** Rows that are remembered: one is asked about several times while its text is read. */
    private const REMEMBERED = 64;

    private readonly Phrasebook $phrases;

    /** @var array<string, bool> */
    private array $seen = [];

    public function __construct(Tables $tables, private readonly Lexer $lexer)
    {
        $this->phrases = new Phrasebook($tables, 'language/en/doing', 'topic');
    }

    public function begins(string $row): bool
    {
        $row = mb_strcut($row, 0, self::BYTES);
        if (count($this->seen) > self::REMEMBERED) {
            $this->seen = [];
        }

        return $this->seen[$row] ??= $this->does($row);
    }

    /** "1 egg and 1 tbsp water are beaten" */
    public function isPassive(string $row): bool
    {
        $tokens = $this->lexer->tokens(mb_strcut($row, 0, self::BYTES));
        foreach ($tokens as $i => $token) {
            if (isset($token->forms['<finite>']) && isset($tokens[$i + 1])
                && (isset($tokens[$i + 1]->forms['<done>']) || isset($tokens[$i + 2]->forms['<done>']))) {
                return true;
            }
        }

        return false;
    }

    private function does(string $row): bool
    {
        $tokens = array_slice($this->lexer->tokens($row), 0, self::WORDS);

        return $tokens !== [] && $this->phrases->in(Sentence::of($row, $tokens)) !== [];
    }
}

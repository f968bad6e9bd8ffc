<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Tables;

/** Whether words begin with what is done, as a step does (`data/language/en/doing.csv`). */
final readonly class Doing
{
    /** Words that say so, at the beginning. */
    private const WORDS = 14;

    private const BYTES = 120;

    private Phrasebook $phrases;

    public function __construct(Tables $tables, private Lexer $lexer)
    {
        $this->phrases = new Phrasebook($tables, 'language/en/doing', 'topic');
    }

    public function begins(string $row): bool
    {
        $tokens = array_slice($this->lexer->tokens(mb_strcut($row, 0, self::BYTES)), 0, self::WORDS);

        return $tokens !== [] && $this->phrases->in(Sentence::of($row, $tokens)) !== [];
    }
}

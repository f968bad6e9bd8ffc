<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Tables;

/** Words that name no thing of the list though a food's name is in them: "blood sugar", "your sugar intake". */
final readonly class NoFood
{
    private const TOPIC = 'no-food';

    private Phrasebook $meanings;

    public function __construct(Tables $tables, private Lexer $lexer)
    {
        $this->meanings = new Phrasebook($tables, 'language/en/meanings', 'topic');
    }

    /** @return list<Span> where such words stand */
    public function in(string $text): array
    {
        $spans = [];
        foreach ($this->lexer->sentences($text) as $sentence) {
            foreach ($this->meanings->in($sentence) as $found) {
                if ($found->topic === self::TOPIC) {
                    $spans[] = new Span($sentence->at + $found->at, $found->length);
                }
            }
        }

        return $spans;
    }
}

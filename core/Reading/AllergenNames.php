<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Tables;

/**
 * Allergens that a line names beside its food's own: "peanut oil" counts as any oil and holds peanut
 * (`data/language/en/allergen_names.csv`).
 */
final readonly class AllergenNames
{
    private Phrasebook $phrases;

    public function __construct(Tables $tables, private Lexer $lexer)
    {
        $this->phrases = new Phrasebook($tables, 'language/en/allergen_names', 'allergen');
    }

    /**
     * @return array{named: list<string>, possible: list<string>, guessed: list<string>} what it names, what such a
     *     thing may hold, and what its words usually mean where nobody knows the thing
     */
    public function in(string $line): array
    {
        $found = ['named' => [], 'possible' => [], 'guessed' => []];
        $tokens = $this->lexer->tokens($line);
        foreach ($tokens === [] ? [] : $this->phrases->in(Sentence::of($line, $tokens)) as $phrase) {
            $found[$phrase->gives][$phrase->topic] = $phrase->topic;
        }

        return [
            'named' => array_values($found['named']),
            'possible' => array_values($found['possible']),
            'guessed' => array_values($found['guessed']),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Tables;

/** What a recipe's text says beside its work: for whom it is, what it claims, how it keeps. */
final readonly class Tellings
{
    private Phrasebook $meanings;

    public function __construct(Tables $tables, private Lexer $lexer)
    {
        $this->meanings = new Phrasebook($tables, 'language/en/meanings', 'topic');
    }

    /** @return list<Said> */
    public function of(Recipe $recipe): array
    {
        $found = [];
        foreach ($recipe->rows as $row) {
            if ($row->fate !== Fate::Step) {
                array_push($found, ...$this->in($row->text, $row->fate));
            }
        }
        foreach ($recipe->steps as $i => $step) {
            array_push($found, ...$this->in($step->text, Fate::Step, $i));
        }

        return $found;
    }

    /** @return list<Said> */
    private function in(string $text, Fate $fate, ?int $step = null): array
    {
        $said = [];
        foreach ($this->lexer->sentences($text) as $sentence) {
            foreach ($this->meanings->in($sentence) as $found) {
                $said[] = new Said(
                    $found->topic, $sentence->text, $sentence->at, $found->at,
                    substr($sentence->text, $found->at, $found->length), $fate, $step,
                );
            }
        }

        return $said;
    }
}

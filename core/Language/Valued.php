<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** A sentence in which each time and each heat is one token. */
final readonly class Valued
{
    /**
     * @param  array<int, Duration>  $durations  by token of the sentence
     * @param  array<int, Degree>  $degrees  by token of the sentence
     */
    public function __construct(public Sentence $sentence, public array $durations, public array $degrees) {}

    public function has(int $i, string $form): bool
    {
        return isset($this->sentence->tokens[$i]) && isset($this->sentence->tokens[$i]->forms[$form]);
    }

    public function word(int $i): string
    {
        return $this->sentence->tokens[$i]->word ?? '';
    }

    /** Behind all the tokens from here that have one of these forms. */
    public function past(int $i, string ...$forms): int
    {
        while (isset($this->sentence->tokens[$i])
            && array_intersect_key($this->sentence->tokens[$i]->forms, array_flip($forms)) !== []) {
            $i++;
        }

        return $i;
    }
}

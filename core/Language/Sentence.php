<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** A sentence of a text, with its words. */
final readonly class Sentence
{
    /** @param  list<Token>  $tokens */
    private function __construct(public string $text, public int $at, public array $tokens) {}

    /** @return array<string, true> of all its words */
    public function forms(): array
    {
        $forms = [];
        foreach ($this->tokens as $token) {
            $forms += $token->forms;
        }

        return $forms;
    }

    public function has(string $form): bool
    {
        foreach ($this->tokens as $token) {
            if (isset($token->forms[$form])) {
                return true;
            }
        }

        return false;
    }

    /** @param  non-empty-list<Token>  $tokens */
    public static function of(string $text, array $tokens): self
    {
        $at = $tokens[0]->at;

        return new self(substr($text, $at, $tokens[count($tokens) - 1]->end() - $at), $at, $tokens);
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Token;

/** What one phrase says of how many. */
final readonly class SaidYield
{
    /**
     * @param  string  $topic  of its table
     * @param  string  $gives  which of its counts
     * @param  int  $row  of its table: the surest stand first
     * @param  list<Token>  $tokens  that it found
     */
    public function __construct(
        public Yielded $made,
        public string $topic,
        public string $gives,
        public int $row,
        private array $tokens,
    ) {}

    public function has(string ...$forms): bool
    {
        foreach ($this->tokens as $token) {
            foreach ($forms as $form) {
                if (isset($token->forms[$form])) {
                    return true;
                }
            }
        }

        return false;
    }
}

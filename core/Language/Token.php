<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** A word, a number or a sign of a text, where it stands. */
final readonly class Token
{
    /**
     * @param  string  $word  in small letters without marks
     * @param  array<string, true>  $forms  the word, and what it may be an inflected form of
     * @param  int  $at  byte in the text
     * @param  ?float  $number  what figures say
     */
    public function __construct(
        public string $raw,
        public string $word,
        public array $forms,
        public int $at,
        public ?float $number = null,
    ) {}

    /** Of one more kind. */
    public function as(string $form): self
    {
        return new self($this->raw, $this->word, [...$this->forms, $form => true], $this->at, $this->number);
    }

    public function end(): int
    {
        return $this->at + strlen($this->raw);
    }
}

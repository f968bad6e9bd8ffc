<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** What a phrase found in a sentence. */
final readonly class Found
{
    /**
     * @param  string  $gives  what the row makes of it; "" where its table has one meaning
     * @param  int  $row  of the table, the first being 0
     * @param  int  $at  byte in the sentence's own text
     */
    public function __construct(
        public string $topic,
        public string $gives,
        public int $row,
        public int $at,
        public int $length,
    ) {}

    public function movedBy(int $bytes): self
    {
        return new self($this->topic, $this->gives, $this->row, $this->at + $bytes, $this->length);
    }

    public function giving(string $gives): self
    {
        return new self($this->topic, $gives, $this->row, $this->at, $this->length);
    }

    public function end(): int
    {
        return $this->at + $this->length;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** One thing of an ingredient line, taken apart but not yet known. */
final readonly class Split
{
    /**
     * A record: the pieces that a line falls into.
     *
     * @param  string  $body  the part of the line that it stands in
     * @param  string  $written  the amount as written
     * @param  string  $name  of the food that is meant: "lemon juice"
     * @param  string  $named  what the line calls it: "lemon"
     * @param  string  $other  what "or" offers instead
     * @param  int  $from  the byte of the line from which its words stand
     */
    public function __construct(
        public string $body,
        public ?Amount $amount,
        public string $written,
        public string $name,
        public string $named,
        public string $prep,
        public string $other = '',
        public bool $negative = false,
        public int $from = 0,
    ) {}

    public function called(string $body, string $name, string $named): self
    {
        return new self(
            $body,
            $this->amount,
            $this->written,
            $name,
            $named,
            $this->prep,
            $this->other,
            $this->negative,
            $this->from,
        );
    }

    public function from(int $byte): self
    {
        return new self(
            $this->body,
            $this->amount,
            $this->written,
            $this->name,
            $this->named,
            $this->prep,
            $this->other,
            $this->negative,
            $byte,
        );
    }

    /** The same with another amount, said in other words. */
    public function holding(Amount $amount, string $body): self
    {
        return new self(
            $body,
            $amount,
            $this->written,
            $this->name,
            $this->named,
            $this->prep,
            $this->other,
            $this->negative,
            $this->from,
        );
    }

    /** For what the thing joined to it is. */
    public function doneAs(string $prep): self
    {
        return new self(
            "$this->body, $prep", $this->amount, $this->written, $this->name, $this->named, $prep, $this->other,
            $this->negative, $this->from,
        );
    }

    /** Where some of its words stand in the line. */
    public function span(string $words, string $line): ?Span
    {
        return Span::of($words, $line, min($this->from, strlen($line))) ?? Span::of($words, $line);
    }

    /** The same thing, and a second measure of it. */
    public function withPlus(Measure $more, string $body): self
    {
        if ($this->amount === null) {
            return $this;
        }
        $measures = array_map(static fn (Measure $m): Measure => $m->withPlus($more), $this->amount->measures);

        return new self(
            $body,
            new Amount($measures, $this->amount->from, $this->amount->end),
            $this->written,
            $this->name,
            $this->named,
            $this->prep,
            $this->other,
            $this->negative,
            $this->from,
        );
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** What the baker said of the lines of a recipe. */
final readonly class Corrections
{
    /**
     * @param  array<string, Correction>  $byLine  by line key
     * @param  array<string, Fate>  $fates  by row key: what a row of the text is
     * @param  ?string  $measures  whose cups and spoons are meant, a key of `MeasuresReader::SAID`; null reads it from
     *     the text
     * @param  array<string, StepCorrection>  $steps  by `StepCorrection::key()`
     */
    public function __construct(
        public array $byLine = [],
        public array $fates = [],
        public ?string $measures = null,
        public array $steps = [],
    ) {}

    public function of(string $line): ?Correction
    {
        return $this->byLine[$line] ?? null;
    }

    public function with(string $line, Correction $correction): self
    {
        return new self([...$this->byLine, $line => $correction], $this->fates, $this->measures, $this->steps);
    }

    public function without(string $line): self
    {
        return new self(array_diff_key($this->byLine, [$line => true]), $this->fates, $this->measures, $this->steps);
    }

    /** @param  ?Fate  $fate  null takes the word back */
    public function saying(string $row, ?Fate $fate): self
    {
        $fates = array_diff_key($this->fates, [$row => true]);

        $fates = $fate === null ? $fates : [...$fates, $row => $fate];

        return new self($this->byLine, $fates, $this->measures, $this->steps);
    }

    public function measuring(?string $measures): self
    {
        return new self($this->byLine, $this->fates, $measures, $this->steps);
    }

    /** One that says nothing takes the word back. */
    public function ofStep(string $key, StepCorrection $said): self
    {
        $steps = array_diff_key($this->steps, [$key => true]);

        return new self(
            $this->byLine,
            $this->fates,
            $this->measures,
            $said->isNothing() ? $steps : [...$steps, $key => $said],
        );
    }
}

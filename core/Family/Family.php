<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

/** A kind of dessert, with what it allows to differ and how it is baked, cooled and kept. */
final readonly class Family
{
    /**
     * A record: a row of `data/families.csv` with its bands.
     *
     * A row of `data/families.csv`, a parameter a column.
     *
     * @param  array<string, Band>  $bands  by row key
     * @param  float  $bakeLoss  share of the mixed mass
     * @param  float  $heat  usual °C; 0 where it is not baked
     * @param  float  $minutes  usual
     * @param  float  $pieceGrams  what a piece usually weighs, baked
     * @param  int  $eggsMost  that may come for the flour that went
     * @param  bool  $cold  kept in the fridge
     * @param  bool  $hot  boils far above 100 °C
     * @param  bool  $fragile  breaks while it is hot where sweetener takes the place of sugar
     * @param  bool  $sugarKeeps  it set and kept by its sugar
     * @param  string  $pattern  of its usual method, in `data/patterns.csv`
     * @param  string  $holder  in which its pieces are baked, so many at a time: sheet, tin, iron or ""
     * @param  bool  $foam  stands up by the air whipped in, and falls while it waits
     */
    public function __construct(
        public string $key,
        public string $name,
        public float $bakeLoss,
        public float $heat,
        public float $minutes,
        public float $pieceGrams,
        public int $eggsMost,
        public bool $crisp,
        public string $doneness,
        public string $cooling,
        public string $keeping,
        public bool $fragile,
        public bool $foam,
        public bool $cold,
        public bool $hot,
        public bool $sugarKeeps,
        public string $pattern,
        public string $holder,
        private array $bands,
    ) {}

    /** @param  float  $share  of the mixed mass */
    public function losing(float $share): self
    {
        return new self(...[...get_object_vars($this), 'bakeLoss' => $share]);
    }

    public function band(string $row): Band
    {
        return $this->bands[$row];
    }
}

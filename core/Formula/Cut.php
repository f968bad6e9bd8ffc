<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** A batch shared out: how much of it each piece is, and what is in none. */
final readonly class Cut
{
    /**
     * @param  float  $count  full pieces; may be broken, as "serves 2.5"
     * @param  list<float>  $shares  of the batch, a piece each where they differ; empty where all full pieces are alike
     * @param  float  $small  share of one small piece more; 0 where there is none
     * @param  float  $aside  share that is in no piece
     */
    private function __construct(
        public Batch $batch,
        public float $count,
        public array $shares = [],
        public float $small = 0.0,
        public float $aside = 0.0,
    ) {}

    public static function equal(Batch $batch, float $count): self
    {
        return new self($batch, $count);
    }

    /** @param  float  $share  of the batch, which makes one small piece more */
    public static function withSmallPiece(Batch $batch, float $count, float $share): self
    {
        return new self($batch, $count, small: $share);
    }

    /** @param  float  $share  of the batch, which is in no piece */
    public static function withSetAside(Batch $batch, float $count, float $share): self
    {
        return new self($batch, $count, aside: $share);
    }

    /**
     * The pieces together are the whole, whatever the scale said of each.
     *
     * @param  list<float>  $masses
     */
    public static function unequal(Batch $batch, array $masses): self
    {
        $sum = array_sum($masses);

        return new self($batch, (float) count($masses), array_map(static fn (float $m): float => $m / $sum, $masses));
    }

    /** Another batch, shared out alike. */
    public function over(Batch $batch): self
    {
        return new self($batch, $this->count, $this->shares, $this->small, $this->aside);
    }

    /** Share of the batch that a full piece is; of unequal ones their mean. */
    public function share(): float
    {
        return (1 - $this->small - $this->aside) / $this->count;
    }

    /** Pieces, a small one among them. */
    public function all(): float
    {
        return $this->count + ($this->small > 0 ? 1 : 0);
    }

    /** Grams of dough to weigh off for a full piece. */
    public function mixedEach(): float
    {
        return $this->batch->mixed * $this->share();
    }

    public function bakedEach(): float
    {
        return $this->batch->baked * $this->share();
    }

    /** Grams of dough in no full piece. */
    public function mixedRest(): float
    {
        return $this->batch->mixed * ($this->small + $this->aside);
    }

    /** @return list<float> the share of the batch in each piece, one after another */
    public function pieces(): array
    {
        $whole = (int) floor($this->count + 1e-9);
        $shares = $this->shares !== [] ? $this->shares : array_fill(0, $whole, $this->share());
        if ($this->shares === [] && $this->count - $whole > 1e-6) {
            $shares[] = ($this->count - $whole) * $this->share();
        }

        return $this->small > 0 ? [...$shares, $this->small] : $shares;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use InvalidArgumentException;

/** The way in which a baker shares a batch out, as said; `cut()` says what that makes of a batch. */
final readonly class Portioning
{
    public const MOST = 1000;

    private const HEAVIEST = 20_000.0;

    /**
     * @param  float  $each  grams of a piece, of dough or baked
     * @param  list<float>  $masses  of unequal pieces, as weighed
     */
    private function __construct(
        public Way $way,
        public float $count = 0.0,
        public int $across = 0,
        public int $along = 0,
        public float $each = 0.0,
        public MassOf $of = MassOf::Dough,
        public Leftover $leftover = Leftover::Spread,
        public array $masses = [],
    ) {}

    /** @throws InvalidArgumentException */
    public static function pieces(float $count): self
    {
        return $count > 0 && $count <= self::MOST
            ? new self(Way::Pieces, $count)
            : throw new InvalidArgumentException('Pieces: a number above 0 and up to '.self::MOST.'.');
    }

    /** @throws InvalidArgumentException */
    public static function grid(int $across, int $along): self
    {
        return $across >= 1 && $along >= 1 && $across <= 40 && $along <= 40
            ? new self(Way::Grid, $across * $along, $across, $along)
            : throw new InvalidArgumentException('A grid has 1 to 40 pieces each way.');
    }

    /**
     * Pieces of a mass of dough, as it is weighed off or scooped.
     *
     * @throws InvalidArgumentException
     */
    public static function ofDough(Way $way, float $each, Leftover $leftover): self
    {
        return new self($way, each: self::mass($each), leftover: $leftover);
    }

    /**
     * Pieces of a mass of the baked whole.
     *
     * @throws InvalidArgumentException
     */
    public static function ofBaked(float $each, Leftover $leftover): self
    {
        return new self(Way::Target, each: self::mass($each), of: MassOf::Baked, leftover: $leftover);
    }

    private static function mass(float $each): float
    {
        return $each > 0 && $each <= self::HEAVIEST
            ? $each
            : throw new InvalidArgumentException('A piece weighs more than 0 g and less than 20 kg.');
    }

    /**
     * @param  list<float>  $masses
     *
     * @throws InvalidArgumentException
     */
    public static function unequal(array $masses): self
    {
        if ($masses === [] || count($masses) > self::MOST || min($masses) <= 0 || max($masses) > self::HEAVIEST) {
            throw new InvalidArgumentException('Type the grams of each piece, such as 62, 58, 71.');
        }

        return new self(Way::Unequal, count($masses), masses: $masses);
    }

    public function cut(Batch $batch): Cut
    {
        return match ($this->way) {
            Way::Pieces, Way::Grid => Cut::equal($batch, $this->count),
            Way::Scoop, Way::Target => $this->weighedOff($batch),
            Way::Unequal => Cut::unequal($batch, $this->masses),
        };
    }

    private function weighedOff(Batch $batch): Cut
    {
        $whole = $this->of === MassOf::Baked ? $batch->baked : $batch->mixed;
        // A hair under a whole piece is a whole piece: no scale sees it.
        $count = min((float) self::MOST, floor($whole / $this->each + 0.02));
        if ($count < 1) {
            return Cut::equal($batch, 1.0);
        }
        $rest = max(0.0, 1 - $count * $this->each / $whole);

        return match (true) {
            $this->leftover === Leftover::Spread, $rest * $whole < 1.0 => Cut::equal($batch, $count),
            $this->leftover === Leftover::Small => Cut::withSmallPiece($batch, $count, $rest),
            default => Cut::withSetAside($batch, $count, $rest),
        };
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** A heat as it stands in a text: degrees of a scale, bare figures, or the mark of a gas oven. */
final readonly class Degree
{
    /**
     * @param  string  $scale  "F", "C", "gas", or "" where it is not said
     * @param  bool  $isSigned  a sign or word says that it is degrees
     * @param  bool  $isRange  two bounds, of which `number` is the lower
     * @param  int  $end  the token behind it
     */
    public function __construct(
        public float $number,
        public string $scale,
        public bool $isSigned,
        public bool $isFan,
        public bool $isRange,
        public int $end,
    ) {}
}

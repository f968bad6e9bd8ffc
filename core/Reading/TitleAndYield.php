<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** "Banana muffins - makes 12" parted; the yield is "" where the title does not say. */
final readonly class TitleAndYield
{
    public function __construct(public string $title, public string $yield) {}
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\ThingReader;

/** "Maple syrup and berries, to serve", "50 g butter and icing sugar to finish": two foods beside the rest. */
final readonly class ServedWith implements LineForm
{
    private const PATTERN = '~^(?<first>(?:\d[\d.,/]*\s*(?:g|ml|oz|tbsp|tsp|cups?)\b\s+)?\pL[\pL\s\'’-]*?)\s+(?:and|&|\+|with)\s+(?<second>\pL[\pL\s\'’-]*?)(?<how>\s*,?\s+(?:to\s+(?:serve|finish|decorate|garnish|top)|for\s+(?:serving|decorating|decoration))\W*)$~iu';

    public function __construct(private ThingReader $things, private FoodIndex $foods) {}

    public function things(string $body): ?array
    {
        if (
            preg_match(self::PATTERN, $body, $m) !== 1 ||
            $this->foods->find($this->things->one($body)->name)->sure ||
            ! $this->foods->find($this->things->one($m['first'])->name)->sure ||
            ! $this->foods->find($m['second'])->sure
        ) {
            return null;
        }

        return [
            $this->things->one($m['first'].$m['how']),
            $this->things->one($m['second'].$m['how'])->from((int) strrpos($body, $m['second'])),
        ];
    }
}

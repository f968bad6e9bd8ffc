<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Reading\Split;
use Aglyca\Core\Reading\ThingReader;
use Aglyca\Core\Reading\Words;

/** "½ tsp each cinnamon and nutmeg", "1 tsp each of cinnamon, cloves and nutmeg" */
final readonly class EachOf implements LineForm
{
    private string $pattern;

    public function __construct(private ThingReader $things, Words $words)
    {
        $name = '[\pL\s\'’-]+';
        $this->pattern =
            '~^(?<amount>.*?'.
            $words->digit.
            '.*?|(?:half|quarter|an?|one|two|three|four|five|six)\s.*?|(?:big\s+|good\s+|small\s+)?(?:pinch|dash))\s+each\s*:?\s+(?:of\s+)?'.
            '(?<names>'.
            $name.
            '?(?:,'.
            $name.
            '?)*\s*(?:\band\b|&|,)'.
            $name.
            ')$~iu';
    }

    public function things(string $body): ?array
    {
        if (preg_match($this->pattern, $body, $m) !== 1) {
            return null;
        }
        $names = preg_split('~\s*(?:,|\band\b|&)\s*~iu', $m['names'], -1, PREG_SPLIT_NO_EMPTY) ?: [];
        if (count($names) < 2 || $this->things->one("{$m['amount']} $names[0]")->amount?->measures[0]->unit === null) {
            return null;
        }

        return array_map(fn (string $name): Split => $this->things->one("{$m['amount']} $name"), $names);
    }
}

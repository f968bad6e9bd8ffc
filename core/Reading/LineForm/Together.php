<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Reading\Amount;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\Measure;
use Aglyca\Core\Reading\Split;
use Aglyca\Core\Reading\ThingReader;

/** "¼ cup cashews and raisins": one amount of two foods, half of it each as far as anybody knows. */
final readonly class Together implements LineForm
{
    private const HALF = 0.5;

    /** Relative standard uncertainty of a half that nobody measured. */
    private const SPREAD = 0.25;

    private const PATTERN = '~^(?<first>[^,(]*\d[^,(]*?|(?:an?|half|one|two|three)\s[^,(]+?)\s+(?:and|&)\s+(?<second>(?!(?:an?|half|one|two|three|the)\s)\pL[\pL\s\'’-]+)$~iu';

    public function __construct(private ThingReader $things, private FoodIndex $foods) {}

    public function things(string $body): ?array
    {
        if (preg_match(self::PATTERN, $body, $m) !== 1 || $this->foods->find($this->things->one($body)->name)->sure) {
            return null;
        }
        $first = $this->things->one($m['first']);
        if (
            $first->amount === null ||
            $first->amount->measures[0]->unit === null ||
            ! $this->foods->find($first->name)->sure ||
            ! $this->foods->find($m['second'])->sure
        ) {
            return null;
        }
        $half = new Amount(
            array_map(
                static fn (Measure $measure): Measure => $measure->scaled(self::HALF, self::SPREAD),
                $first->amount->measures,
            ),
            $first->amount->from,
            $first->amount->end,
        );

        return array_map(
            fn (string $name): Split => $first->called("half of $body: $name", $name, $name)->holding($half, "half of $body: $name"),
            [$first->name, $m['second']],
        );
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Reading\Amount;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\Measure;
use Aglyca\Core\Reading\ThingReader;

/** "2 eggs, made up to 300 ml with milk" */
final readonly class MadeUpTo implements LineForm
{
    private const PATTERN = '~^(?<first>.+?)[,\s]+(?:made|topped|filled)\s+up\s+to\s+(?<total>.+?)\s+with\s+(?<more>[\pL\s-]+?)\s*$~iu';

    public function __construct(private ThingReader $things, private FoodIndex $foods, private Larder $larder) {}

    public function things(string $body): ?array
    {
        if (preg_match(self::PATTERN, $body, $m) !== 1) {
            return null;
        }
        $first = $this->things->one($m['first']);
        $total = $this->things->one("{$m['total']} {$m['more']}");
        $measure = $total->amount?->measures[0];
        $food = $this->foods->find($first->name)->food;
        if (
            $first->amount === null ||
            $measure?->unit === null ||
            $food === null ||
            $measure->unit->kind === UnitKind::Count
        ) {
            return null;
        }
        $one = $this->larder->portion($this->larder->get($food), '')->value ?? 0.0;
        $is = $first->amount->measures[0]->count->value * $one;
        $room =
            $measure->unit->kind === UnitKind::Volume
                ? $is / $this->larder->density($this->larder->get($food))->gramsPerMl
                : $is;
        $left = max(0.0, $measure->count->value - $room / $measure->unit->size);
        $amount = new Amount([new Measure(Estimate::of($left, $left * 0.03), $measure->unit, 1)], 0, 1);
        $text = round($left, 1).' '.$measure->unit->key.' '.trim($m['more']);

        return [$first, $total->holding($amount, $text)];
    }
}

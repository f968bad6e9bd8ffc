<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Swap\Swap;
use Aglyca\Core\Tables;

/** Work that the swap asks for and the recipe did not, at its moment and with its reason: rows of `data/extras.csv`. */
final readonly class Extras
{
    /** @var list<array<string, string>> */
    private array $rows;

    public function __construct(Tables $tables, private Constants $constants)
    {
        $this->rows = $tables->rows('extras');
    }

    /** @param  list<Operation>  $operations */
    public function of(Swap $swap, array $operations): Additions
    {
        [$before, $behind] = [[], []];
        $text = implode(' ', array_map(static fn (Operation $o): string => $o->step->text, $operations));
        foreach ($this->rows as $row) {
            $at = $this->isWanted($swap, $row, $text) ? $this->placeOf($swap, $operations, $row) : null;
            if ($at === null) {
                continue;
            }
            if ($row['where'] === 'bake') {
                $part = $this->part($swap, $operations[$at]->step);
                $behind[$at] = [
                    ...$behind[$at] ?? [],
                    ...$part === null ? [] : [strtr($row['text'], ['{part}' => $part])],
                ];
            } else {
                $before[$at][] = $row['text'];
            }
        }

        return new Additions($before, array_filter($behind));
    }

    /** @param  array<string, string>  $row */
    private function isWanted(Swap $swap, array $row, string $text): bool
    {
        $has = static fn (string $key): bool => array_filter(
            $swap->after->doses,
            static fn (Dose $d): bool => $d->food?->key === $key && $d->mass() > 0,
        ) !== [];

        return $has($row['food']) && ($row['with'] === '' || $has($row['with']))
            && ($row['family'] === '' || $swap->family()->pattern === $row['family'])
            && preg_match("~\\b(?:{$row['unless']})~iu", $text) !== 1;
    }

    /**
     * @param  list<Operation>  $operations
     * @param  array<string, string>  $row
     */
    private function placeOf(Swap $swap, array $operations, array $row): ?int
    {
        foreach ($operations as $i => $operation) {
            if (
                $row['where'] === 'bake' &&
                $operation->step->isBake &&
                $operation->step->bakeMinutes() >= $this->constants->get('foil-least-minutes')
            ) {
                return $i;
            }
            foreach ($row['where'] === 'bake' ? [] : $operation->doses() as $d) {
                $food = $swap->before->doses[$d]->food?->key;
                if ($row['where'] === 'first' || $food === $row['food']) {
                    return $i;
                }
            }
        }

        return null;
    }

    /** Two thirds of a bake, in fives; null where it is short. */
    private function part(Swap $swap, Step $step): ?string
    {
        $minutes = $step->bakeMinutes() * $swap->oven->timeFactor();

        return $minutes < $this->constants->get('foil-least-minutes')
            ? null
            : (string) (round(($minutes * $this->constants->get('foil-share')) / 5) * 5);
    }
}

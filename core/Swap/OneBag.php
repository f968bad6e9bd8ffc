<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;

/** What sweetens the things of a part comes out of the same bag as what sweetens the part. */
final readonly class OneBag
{
    public function __construct(
        private Larder $larder,
        private Schools $schools,
        private PartMaker $parts,
    ) {}

    /**
     * One bag of a sweetener is one line of a part: what came for a single food goes in with the sugar's, unless it
     * is cooked apart first.
     *
     * @param  list<Exchange>  $exchanges
     * @return list<Exchange>
     */
    public function of(Formula $formula, array $exchanges): array
    {
        foreach ($exchanges as $s => $single) {
            $from = $formula->doses[$single->from[0] ?? -1] ?? null;
            if (
                ! $single->changed ||
                $single->role === Role::Sweet ||
                $from?->food === null ||
                $this->schools->isPrepared($from->food->key)
            ) {
                continue;
            }
            foreach (count($single->to) > 1 ? $single->to : [] as $part) {
                if ($part->food->role !== Role::Sweet || $part->isTyped) {
                    continue;
                }
                [$b, $at] = $this->bagFor($formula, $exchanges, $single->component, $part);
                if ($b === null) {
                    continue;
                }
                $own = $exchanges[$b]->to[$at];
                // Out of another bag it is as much as sweetens alike.
                $more = $part->grams * $this->larder->typical($part->food, 'sweetness') /
                    $this->larder->typical($own->food, 'sweetness');
                $grown = $this->parts->part($own->food, $own->grams + $more, $own->why);
                $exchanges[$b] = $exchanges[$b]->withPart($at, $grown);
                $single = $single->withoutPart((int) $single->indexOf($part->food->key));
                $exchanges[$s] = $single;
                $exchanges = array_values($exchanges);
            }
        }

        return array_values($exchanges);
    }

    /**
     * The bag of a part that a sweetener comes out of: its own, or for a bulk sweetener the one that there is most of.
     *
     * @param  list<Exchange>  $exchanges
     * @return array{?int, int} exchange and part of it
     */
    private function bagFor(Formula $formula, array $exchanges, int $component, Part $part): array
    {
        $isBulk = fn (Part $p): bool => $p->food->role === Role::Sweet &&
            ! $this->larder->isConcentrate($p->food);
        $other = [null, 0];
        $most = 0.0;
        foreach ($exchanges as $b => $bag) {
            $from = $formula->doses[$bag->from[0] ?? -1] ?? null;
            $isBag =
                $bag->role === Role::Sweet && $bag->changed &&
                $bag->component === $component && $from?->food !== null &&
                ! $this->schools->isPrepared($from->food->key) &&
                ! SugarForm::of($formula, $from)->isNarrow();
            foreach ($isBag ? $bag->to : [] as $at => $own) {
                if ($own->food->key === $part->food->key) {
                    return $own->isTyped ? [null, 0] : [$b, $at];
                }
                if (! $own->isTyped && $isBulk($own) && $isBulk($part) && $own->grams > $most) {
                    [$other, $most] = [[$b, $at], $own->grams];
                }
            }
        }

        return $other;
    }
}

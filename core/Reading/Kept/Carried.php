<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Kept;

use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\TextRow;
use Aglyca\Core\Reading\Yielded;

/**
 * A kept reading, carried over a change of its text or of what the baker said of it. What the change alters by the
 * reader of today is taken as today's; all else stays as it was kept, whatever the reader has learnt since.
 */
final readonly class Carried
{
    /**
     * @param  Recipe  $kept  the reading that was kept
     * @param  Recipe  $then  how today's reader reads what it was kept of
     * @param  Recipe  $now  how today's reader reads what stands there now
     * @param  list<string>  $told  names of foods that the kitchen said what they are, in normal form
     */
    private function __construct(
        private Recipe $kept,
        private Recipe $then,
        private Recipe $now,
        private array $told,
    ) {}

    /** @param  list<string>  $told */
    public static function of(Recipe $kept, Recipe $then, Recipe $now, array $told = []): Recipe
    {
        return (new self($kept, $then, $now, $told))->recipe();
    }

    private function recipe(): Recipe
    {
        $made = static fn (Recipe $r): Yielded => new Yielded($r->pieces, $r->pieceName);
        $parts = $this->then->components == $this->now->components ? $this->kept->components : $this->now->components;

        return new Recipe(
            $this->then->title === $this->now->title ? $this->kept->title : $this->now->title,
            $made($this->then) == $made($this->now) ? $made($this->kept) : $made($this->now),
            $parts,
            $this->lines($parts),
            $this->steps(),
            $this->rows(),
            $this->then->measures == $this->now->measures ? $this->kept->measures : $this->now->measures,
            $this->then->pan == $this->now->pan ? $this->kept->pan : $this->now->pan,
        );
    }

    /**
     * @param  list<string>  $parts
     * @return list<Line>
     */
    private function lines(array $parts): array
    {
        [$kept, $then] = [self::byKey($this->kept), self::byKey($this->then)];
        [$lines, $written] = [[], implode("\n", array_map(static fn (TextRow $r): string => $r->text,
            $this->now->rows))];
        foreach ($this->now->lines as $line) {
            $isSame = isset($then[$line->key]) && self::isSame($then[$line->key], $this->then, $line, $this->now);
            // What the kitchen said since of a name holds for every dessert.
            $isTold = in_array(FoodIndex::normal($line->name), $this->told, true);
            if (! $isSame || $isTold) {
                $lines[$line->key] = self::inPart($line, $this->now, $parts);
            } elseif (isset($kept[$line->key])) {
                $lines[$line->key] = self::safe(self::inPart($kept[$line->key], $this->kept, $parts), $line);
            }
        }
        $all = [];
        // What was an ingredient when it was kept is one, as long as its words stand there.
        foreach ($this->kept->lines as $line) {
            $isLost = ! isset($lines[$line->key]) && ! isset($then[$line->key]) && str_contains($written, $line->typed);
            if ($isLost) {
                $all[$line->key] = self::inPart($line, $this->kept, $parts);
            } elseif (isset($lines[$line->key])) {
                $all[$line->key] = $lines[$line->key];
            }
        }

        return array_values($all + $lines);
    }

    /** @return list<Step> */
    private function steps(): array
    {
        $texts = static fn (Recipe $r): array => array_map(static fn (Step $s): string => $s->text, $r->steps);
        if ($texts($this->then) === $texts($this->now)) {
            return $this->kept->steps;
        }
        [$kept, $then] = [array_column($this->kept->steps, null, 'text'), array_flip($texts($this->then))];

        return array_map(
            static fn (Step $s): Step => isset($then[$s->text]) ? $kept[$s->text] ?? $s : $s,
            $this->now->steps,
        );
    }

    /** @return list<TextRow> */
    private function rows(): array
    {
        [$kept, $then] = [array_column($this->kept->rows, null, 'key'), array_column($this->then->rows, null, 'key')];
        $isSame = static fn (TextRow $r): bool => isset($then[$r->key], $kept[$r->key]) && $then[$r->key] == $r
            && $kept[$r->key]->text === $r->text;

        return array_map(static fn (TextRow $r): TextRow => $isSame($r) ? $kept[$r->key] : $r, $this->now->rows);
    }

    /** @return array<string, Line> */
    private static function byKey(Recipe $recipe): array
    {
        return array_column($recipe->lines, null, 'key');
    }

    private static function isSame(Line $a, Recipe $of, Line $b, Recipe $in): bool
    {
        return $of->components[$a->component] === $in->components[$b->component] && $a->food == $b->food
            && $a->grams == $b->grams && $a->flags === $b->flags && $a->text === $b->text;
    }

    /** @param  list<string>  $parts */
    private static function inPart(Line $line, Recipe $of, array $parts): Line
    {
        $part = array_search($of->components[$line->component] ?? '', $parts, true);

        return $line->but(component: $part === false ? 0 : (int) $part);
    }

    /**
     * What may harm is never kept back: allergens that today's reader finds in the same words are added. A food is
     * what the larder and the kitchen's packages say of it today.
     */
    private static function safe(Line $line, Line $today): Line
    {
        $isOne = $line->food !== null && $line->food->key === $today->food?->key;

        return $line->but(
            food: $isOne ? $today->food?->holding($line->food->allergens) : $line->food,
            possibleAllergens: array_values(array_unique([
                ...$line->possibleAllergens, ...$today->possibleAllergens, ...$isOne ? []
                    : $today->food->allergens ?? [],
            ])),
        );
    }
}

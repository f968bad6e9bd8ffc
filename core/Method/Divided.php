<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Swap\Swap;

/** What goes in at several places, "half the sugar" here and "the rest" there, is weighed for each of them. */
final readonly class Divided
{
    public function __construct(private Portions $portions, private Larder $larder, private Constants $constants) {}

    /** @param  list<Operation>  $operations */
    public function share(Swap $swap, Rewriting $rewriting, array $operations): void
    {
        foreach ($swap->before->doses as $d => $dose) {
            if ($dose->food === null || $dose->grams === null || $dose->mass() <= 0) {
                continue;
            }
            $shares = $this->shares($operations, $d, $dose->food->name, $dose->mass());
            foreach ($shares === [] ? [] : $this->parts($swap, $d) as [$part, $grams]) {
                $this->move($rewriting, $part, $grams, $shares);
            }
        }
    }

    /**
     * @param  list<Operation>  $operations
     * @return array<int, float> by operation; none where it is not divided, or nobody can tell how
     */
    private function shares(array $operations, int $dose, string $name, float $grams): array
    {
        [$said, $aside] = [[], 0.0];
        foreach ($operations as $i => $operation) {
            foreach ($operation->mentions as $mention) {
                if ($mention->isGroup || $mention->isMixture || ! in_array($dose, $mention->doses, true)) {
                    continue;
                }
                $portion = $this->portions->of($operation->step->text, $mention, $name, $grams);
                if ($portion !== null && $portion[0] === 'aside') {
                    $aside += $portion[1];
                } else {
                    $said[] = [$i, $portion];
                }
            }
        }
        if (array_filter($said, static fn (array $s): bool => $s[1] !== null) === []) {
            return [];
        }

        return $this->resolved($said, $aside);
    }

    /**
     * @param  list<array{int, array{string, float}|null}>  $said
     * @return array<int, float>
     */
    private function resolved(array $said, float $aside): array
    {
        [$shares, $rest, $plain] = [[], [], []];
        foreach ($said as [$i, $portion]) {
            match (true) {
                $portion === null => $plain[] = $i,
                $portion[0] === Portions::RESERVED && $aside > 0 => $shares[$i] = ($shares[$i] ?? 0.0) + $aside,
                $portion[0] === 'share' => $shares[$i] = ($shares[$i] ?? 0.0) + $portion[1],
                default => $rest[] = $i,
            };
        }
        $left = 1 - array_sum($shares);
        if ($rest === [] && $left > 0 && $plain !== []) {
            // "The sugar" beside "2 tablespoons of the sugar" is what is left of it.
            $rest = [$plain[0]];
        }
        if ($left > 0 && $rest !== []) {
            $shares[$rest[0]] = ($shares[$rest[0]] ?? 0.0) + $left;
        }
        $isWhole = abs(array_sum($shares) - 1) < $this->constants->get('shares-differ');

        return count($shares) > 1 && $isWhole ? $shares : [];
    }

    /** @return list<array{string, float}> foods that a dose has become, and the grams of each that are its own */
    private function parts(Swap $swap, int $dose): array
    {
        foreach ($swap->exchanges as $exchange) {
            if (! $exchange->changed || ! in_array($dose, $exchange->from, true)) {
                continue;
            }
            $mass = static fn (int $d): float => $swap->before->doses[$d]->mass();
            $share = $mass($dose) / max(1e-9, array_sum(array_map($mass, $exchange->from)));
            $parts = [];
            foreach ($exchange->to as $part) {
                // What is too little to be weighed twice stays where it was.
                if (! $this->larder->isConcentrate($part->food)) {
                    $parts[] = [$part->food->key, $part->grams * $share];
                }
            }

            return $parts;
        }

        return [[(string) $swap->before->doses[$dose]->food?->key, $swap->before->doses[$dose]->mass()]];
    }

    /** @param  array<int, float>  $shares  by operation */
    private function move(Rewriting $rewriting, string $food, float $grams, array $shares): void
    {
        $at = null;
        foreach ([...array_keys($shares), ...array_keys($rewriting->uses)] as $i) {
            foreach ($rewriting->uses[$i] ?? [] as $n => $use) {
                if ($at === null && $use->food->key === $food
                    && $use->grams > $grams - $this->constants->get('share-left')) {
                    $at = [$i, $n];
                }
            }
        }
        if ($at === null) {
            return;
        }
        [$i, $n] = $at;
        $use = $rewriting->uses[$i][$n];
        $left = $use->grams - $grams;
        $others = $left > $this->constants->get('share-left') ? [new StepUse($use->food, $left)] : [];
        array_splice($rewriting->uses[$i], $n, 1, $others);
        foreach ($shares as $operation => $share) {
            $rewriting->uses[$operation][] = new StepUse($use->food, $grams * $share);
        }
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** What came for the flour or for a grain and does not go in with it: an egg, the gum that thickens. */
final readonly class Beside
{
    /** What is poured or whipped once it is baked is asked last. */
    private const LATE = 1e-6;

    /** What is brushed on wets no dough. */
    private const BRUSHED = '~\b(?:brush|glaze|paint)\w*\b[^.;]*$~iu';

    public static function isBeside(Exchange $exchange, Part $part): bool
    {
        $isGrain = array_filter(
            $exchange->to,
            static fn (Part $p): bool => in_array($p->food->role, [Role::Body, Role::Mixin], true) &&
                in_array($p->food->texture, [Texture::Whole, Texture::Chopped], true),
        ) !== [];

        return ($part->food->role === Role::Egg && $exchange->role !== Role::Egg) ||
            ($part->food->role === Role::Binder && $isGrain) ||
            ($part->food->role === Role::Wet && $exchange->role === Role::Body);
    }

    /**
     * With what it goes in: an egg with the eggs, all else with what is wet, else with the fat.
     *
     * @param  list<Operation>  $operations
     * @param  array<int, int>  $exchangeOf
     * @return ?array{int, Mention, Role} operation, what is named in it, and of which role
     */
    public function with(Swap $swap, array $operations, int $component, array $exchangeOf, Part $part): ?array
    {
        $roles = match ($part->food->role) {
            Role::Egg => [Role::Egg, Role::Wet, Role::Fat],
            // Water for a thirsty flour is poured with what is poured, or beaten with the eggs.
            Role::Wet => [Role::Wet, Role::Egg],
            default => [Role::Wet, Role::Fat],
        };
        $baking = array_filter($operations, static fn (Operation $o): bool => $o->step->isBake);
        $bakes = array_key_first($baking) ?? count($operations);
        foreach ($roles as $role) {
            [$found, $most] = [null, 0.0];
            foreach ($operations as $i => $operation) {
                foreach ($operation->mentions as $mention) {
                    $isNamed = ! $mention->isMixture && ($part->food->role !== Role::Wet || (! $mention->isGroup &&
                        preg_match(self::BRUSHED, substr($operation->step->text, 0, $mention->at)) !== 1));
                    foreach ($isNamed ? $mention->doses : [] as $d) {
                        $dose = $swap->before->doses[$d];
                        // Water goes to the recipe's own, else to what there is most of before it bakes; all else to
                        // the first.
                        $more = $part->food->role !== Role::Wet ? 1.0 : match (true) {
                            $dose->food?->key === $part->food->key => INF,
                            $i > $bakes => $dose->mass() * self::LATE,
                            default => $dose->mass(),
                        };
                        if (
                            $dose->food?->role === $role && $dose->component === $component && isset($exchangeOf[$d]) &&
                            $more > $most
                        ) {
                            [$found, $most] = [[$i, $mention, $role], $more];
                        }
                    }
                }
            }
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /**
     * @param  list<Operation>  $operations
     * @param  array<int, int>  $exchangeOf
     * @param  array<int, list<Part>>  $own
     * @param  array<string, true>  $taken
     */
    public function place(
        Swap $swap,
        Rewriting $rewriting,
        array $operations,
        array $exchangeOf,
        array $own,
        array &$taken,
    ): void {
        foreach ($swap->exchanges as $e => $exchange) {
            foreach ($exchange->changed ? $exchange->to : [] as $p => $part) {
                $with = self::isBeside($exchange, $part) && ! in_array($part, $own[$e], true)
                    ? $this->with($swap, $operations, $exchange->component, $exchangeOf, $part)
                    : null;
                if ($with !== null && ! isset($taken["e$e-$p"])) {
                    [$i, $mention] = $with;
                    $taken["e$e-$p"] = true;
                    $rewriting->uses[$i][] = new StepUse($part->food, $part->grams);
                    $there = array_map(
                        static fn (int $d): ?string => $swap->before->doses[$d]->food?->key, $mention->doses,
                    );
                    // "Milk", which is now cream and water, says the water.
                    foreach (array_intersect_key($exchangeOf, array_flip($mention->doses)) as $x) {
                        $said = $x !== $e && $swap->exchanges[$x]->changed ? $swap->exchanges[$x]->to : [];
                        $there = [...$there, ...array_map(static fn (Part $p): string => $p->food->key, $said)];
                    }
                    // A yolk is no egg: what comes beside it is said; with what else comes, where all go in at once.
                    if (! in_array($part->food->key, $there, true)) {
                        $rewriting->addNew($i, $mention->end(), NewNames::name($part->food), ! $mention->isGroup);
                    }
                }
            }
        }
    }
}

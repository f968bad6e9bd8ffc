<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Role;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** Where an egg that came for the flour goes in. */
final readonly class NewEggs
{
    public static function isBeside(Exchange $exchange, Part $part): bool
    {
        return $part->food->role === Role::Egg && $exchange->role !== Role::Egg;
    }

    /**
     * Where an egg that came for the flour goes in: with the eggs, else with what is wet, else with the fat.
     *
     * @param  list<Operation>  $operations
     * @param  array<int, int>  $exchangeOf
     * @return ?array{int, Mention, Role} operation, what is named in it, and of which role
     */
    public function withEgg(Swap $swap, array $operations, int $component, array $exchangeOf): ?array
    {
        foreach ([Role::Egg, Role::Wet, Role::Fat] as $role) {
            foreach ($operations as $i => $operation) {
                foreach ($operation->mentions as $mention) {
                    foreach ($mention->isMixture ? [] : $mention->doses as $d) {
                        $dose = $swap->before->doses[$d];
                        if ($dose->food?->role === $role && $dose->component === $component && isset($exchangeOf[$d])) {
                            return [$i, $mention, $role];
                        }
                    }
                }
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
                    ? $this->withEgg($swap, $operations, $exchange->component, $exchangeOf)
                    : null;
                if ($with !== null && ! isset($taken["e$e-$p"])) {
                    [$i, $mention, $role] = $with;
                    $taken["e$e-$p"] = true;
                    $rewriting->uses[$i][] = new StepUse($part->food, $part->grams);
                    if ($role !== Role::Egg && ! $mention->isGroup) {
                        $rewriting->edit($i, $mention->end(), 0, ' (now with '.NewNames::name($part->food).')');
                    }
                }
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Forecast\Care;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** What of a part of a dessert asks for care: egg that may be raw, standing cold, sugar that is boiled high. */
final readonly class Cares
{
    public function __construct(private Preparations $preparations, private Constants $constants) {}

    /**
     * @param  list<string>  $components  names
     * @return list<Care> one a component
     */
    public function of(Swap $swap, array $components): array
    {
        return array_map(
            fn (Family $f, string $name, int $c): Care => new Care(
                $name,
                $f->minutes > 0 || $swap->before->making->isEggCooked || $this->isMadeBefore($swap, $c) ||
                    $this->isWash($swap, $c),
                $f->cold,
                $swap->before->making->isHeated && ($f->hot
                    ? $f->key !== 'caramel' || $swap->before->making->isCaramel
                    : $f->sugarKeeps && $swap->before->making->isBoiledHigh),
            ),
            $swap->families,
            $components,
            array_keys($components),
        );
    }

    /** Whether a part's egg is what the dessert is brushed with before it is baked. */
    private function isWash(Swap $swap, int $component): bool
    {
        $eggs = array_filter(
            $swap->before->doses,
            static fn (Dose $d): bool => $d->component === $component && $d->food?->role === Role::Egg,
        );
        $grams = array_sum(array_map(static fn (Dose $d): float => $d->mass(), $eggs));

        return $swap->before->making->isEggBrushed && $grams <= $this->constants->get('wash-most');
    }

    /** Whether all egg of a part is in what is cooked before the method begins: a custard from a tin, a sponge. */
    private function isMadeBefore(Swap $swap, int $component): bool
    {
        foreach ($swap->before->doses as $dose) {
            if ($dose->component === $component && $dose->food?->role === Role::Egg) {
                return false;
            }
        }
        foreach ($swap->exchanges as $exchange) {
            $eggs = array_filter(
                $exchange->component === $component ? $exchange->to : [],
                static fn (Part $p): bool => $p->food->role === Role::Egg,
            );
            $from = $swap->before->doses[$exchange->from[0] ?? -1] ?? null;
            if ($eggs !== [] && $this->preparations->nameOf($from) === '') {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Harm\Circumstances;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Step;

/** Egg that is nowhere hot enough, raw flour, and a middle that is meant to stay soft. */
final readonly class RawEgg implements Rule
{
    public function __construct(private Constants $constants) {}

    public function of(Circumstances $all): array
    {
        $eaten = [];
        $isPasteurised = $all->speaksOf('pasteurised');
        $isCooked = $this->isCookedByTheThermometer($all);
        $isSoft = $all->speaksOf('liquid-middle');
        foreach ($all->after->doses as $dose) {
            $isHeated = $all->care[$dose->component]->isHeated ?? true;
            if (self::isEgg($dose) && ! $isPasteurised && ! $isCooked && ! $isHeated) {
                $eaten['egg'] = 'pasteurised egg';
            } elseif (self::isFlour($dose) && ! $isHeated) {
                $eaten['flour'] = 'flour that was heated';
            }
        }
        if ($eaten !== []) {
            return [new Warning('raw', sprintf(
                'It is not baked, and holds raw %s: use %s, above all for the young, the old and the pregnant.',
                implode(' and ', array_keys($eaten)),
                implode(' and ', $eaten),
            ), true)];
        }
        $eggs = array_filter($all->after->doses, self::isEgg(...));

        return $isSoft && $eggs !== [] && ! $isPasteurised
            ? [new Warning('raw', 'Its middle stays liquid, so the egg in it is not cooked through: use pasteurised egg, above all for the young, the old and the pregnant.', true)]
            : [];
    }

    private static function isEgg(Dose $dose): bool
    {
        return $dose->mass() > 0 && $dose->food?->texture === Texture::Egg &&
            in_array('egg', $dose->food->allergens, true);
    }

    private static function isFlour(Dose $dose): bool
    {
        $kinds = array_map(static fn (string $a): string => explode(':', $a)[0], $dose->food->allergens ?? []);

        return $dose->mass() > 0 && $dose->food?->role === Role::Body && in_array('gluten', $kinds, true);
    }

    /** A custard is stirred to a heat at which egg is safe: below that of a syrup, and of no oven. */
    private function isCookedByTheThermometer(Circumstances $all): bool
    {
        [$safe, $syrup] = [$this->constants->get('egg-safe'), $this->constants->get('burning-syrup')];
        $heats = array_merge([], ...array_map(static fn (Step $s): array => $s->heats, $all->recipe->steps));

        return array_filter(
            $heats,
            static fn (Heat $h): bool => ! $h->isOven &&
                $h->temperature->celsius >= $safe && $h->temperature->celsius < $syrup,
        ) !== [];
    }
}

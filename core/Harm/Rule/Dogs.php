<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Harm\Circumstances;

/** Xylitol, and whatever else poisons a dog where the text speaks of one. */
final readonly class Dogs implements Rule
{
    /** @param  array<string, string>  $foods  key => what a dog gets of it, in words */
    public function __construct(private array $foods) {}

    public function of(Circumstances $all): array
    {
        $hasXylitol = array_filter(
            $all->after->doses,
            static fn (Dose $d): bool => $d->mass() > 0 && ($d->food->per100->polyols['xylitol'] ?? 0.0) > 0,
        ) !== [];
        $isForDogs = $all->speaksOf('dog');
        $warnings = [];
        if ($hasXylitol) {
            $warnings[] = new Warning('xylitol-dogs', $isForDogs
                ? 'Xylitol kills dogs, even a little of it: never give this to a dog, whatever the recipe says.'
                : 'Contains xylitol, which is dangerous to dogs even in small amounts: keep it and the crumbs out of reach.', true);
        }
        $others = array_unique(array_intersect_key(
            $this->foods,
            array_flip(array_map(static fn (Dose $d): string => $d->food->key ?? '', $all->after->doses)),
        ));
        if ($isForDogs && $others !== []) {
            $warnings[] = new Warning('dogs', sprintf(
                'Never give this to a dog: %s poisonous to dogs.',
                implode(' and ', $others).(count($others) > 1 ? ' are' : ' is'),
            ), true);
        }

        return $warnings;
    }
}

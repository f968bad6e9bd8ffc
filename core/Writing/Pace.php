<?php

declare(strict_types=1);

namespace Aglyca\Core\Writing;

/** How long a dessert takes, in minutes: of hands, in the oven, and from its first step to its last. */
final readonly class Pace
{
    public function __construct(public int $hands, public int $oven, public int $whole) {}

    /** @return array<string, string> the durations of a schema.org Recipe, those that are any */
    public function durations(): array
    {
        $iso = static fn (int $minutes): string => sprintf(
            'P%sT%s%s',
            $minutes >= 1440 ? intdiv($minutes, 1440).'D' : '',
            $minutes % 1440 >= 60 ? intdiv($minutes % 1440, 60).'H' : '',
            $minutes % 60 > 0 || $minutes % 1440 === 0 ? ($minutes % 60).'M' : '',
        );
        $times = ['prepTime' => $this->hands, 'cookTime' => $this->oven, 'totalTime' => $this->whole];

        return array_map($iso, array_filter($times, static fn (int $minutes): bool => $minutes > 0));
    }
}

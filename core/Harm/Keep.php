<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

/** How long a dessert keeps, and where. */
final readonly class Keep
{
    /**
     * @param  string  $place  "fridge", "room", "tin" or "freezer"
     * @param  int  $days  0 where it is eaten the same day
     * @param  string  $text  "3 days in the fridge; 2 months frozen"
     */
    public function __construct(public string $place, public int $days, public string $text) {}

    public function isCold(): bool
    {
        return in_array($this->place, ['fridge', 'freezer'], true);
    }

    /** What is said of freezing it; "" where nothing is. */
    public function frozen(): string
    {
        foreach (array_slice(explode(';', $this->text), 1) as $part) {
            if (str_contains($part, 'frozen')) {
                return trim($part);
            }
        }

        return '';
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

/** What an amount that the baker typed is kept under. */
final readonly class AmountKey
{
    /** Put in on top of the swap. */
    public const ADDED = 'added';

    /** The water that was in a syrup. */
    public const SYRUP = 'syrup';

    /**
     * @param  string  $slot  tells parts of one food apart: the line's key, `ADDED` or `SYRUP`; "" for what the
     *     programme chose
     */
    public function __construct(public int $component, public string $food, public string $slot = '') {}

    public static function parse(string $key): self
    {
        [$component, $food, $slot] = [...explode(':', $key, 3), '', ''];

        return new self((int) $component, $food, $slot);
    }

    public function __toString(): string
    {
        return "$this->component:$this->food".($this->slot === '' ? '' : ":$this->slot");
    }
}

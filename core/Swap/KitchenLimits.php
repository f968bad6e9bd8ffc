<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Quantity\Altered;

/** What a kitchen keeps to with every dessert; it is not kept with the dessert. */
final readonly class KitchenLimits
{
    use Altered;

    public const HEATS = [
        '' => 'as the recipe says them',
        'celsius' => '°C',
        'fahrenheit' => '°F',
        'fan' => '°C of a fan oven',
        'gas' => 'gas mark',
    ];

    /**
     * @param  ?float  $netCarbs  grams a piece
     * @param  ?float  $bodyMass  of whom it bakes for, kg; null for the usual
     * @param  list<string>  $refused  foods never to be used
     * @param  string  $heats  how heats are said: one of `HEATS`
     */
    public function __construct(
        public ?float $netCarbs = null,
        public ?float $bodyMass = null,
        public array $refused = [],
        public string $heats = '',
    ) {}
}

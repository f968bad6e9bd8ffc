<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Quantity\Altered;
use InvalidArgumentException;

/** What the baker asks of a swap. */
final readonly class Wishes
{
    use Altered;

    public const SWEETNESS_LEAST = 0.6;

    public const SWEETNESS_MOST = 1.1;

    public const SWEETENER = 'allulose-erythritol';

    public const SCHOOL = 'almond-coconut';

    /** What a dessert of an oven may be baked in instead. */
    public const APPLIANCES = [
        '' => 'as the recipe says',
        'oven' => 'the oven',
        'air-fryer' => 'an air fryer',
        'microwave' => 'a microwave',
        'waffle-iron' => 'a waffle iron',
        'hob' => 'a pan on the hob',
    ];

    public Blend $blend;

    /**
     * Ten things that a baker says independently of one another; what the kitchen keeps to stands beside them.
     *
     * @param  string  $sweetener  a mix of `data/sweetener_mixes.csv`
     * @param  string  $school  a school of `data/flour_schools.csv`
     * @param  float  $sweetness  against the dessert as written
     * @param  ?Blend  $blend  null where the mix decides
     * @param  array<int, string>  $families  by component, where the baker chose one
     * @param  array<string, float>  $amounts  by `AmountKey`: grams typed in
     * @param  list<string>  $left  keys of lines to leave as they are
     * @param  list<string>  $without  allergens never to be used: nuts, egg, milk, …
     * @param  string  $appliance  one of `APPLIANCES`
     * @param  float  $cooler  °C that the oven may go lower than the flour asks
     *
     * @throws InvalidArgumentException
     */
    public function __construct(
        public string $sweetener = self::SWEETENER,
        public string $school = self::SCHOOL,
        public float $sweetness = 0.9,
        ?Blend $blend = null,
        public array $families = [],
        public array $amounts = [],
        public array $left = [],
        public array $without = [],
        public float $cooler = 0.0,
        public KitchenLimits $kitchen = new KitchenLimits,
        public string $appliance = '',
    ) {
        if ($sweetness < self::SWEETNESS_LEAST - 1e-9 || $sweetness > self::SWEETNESS_MOST + 1e-9) {
            throw new InvalidArgumentException(
                sprintf(
                    'Sweetness goes from %d to %d %% of the dessert as written.',
                    self::SWEETNESS_LEAST * 100,
                    self::SWEETNESS_MOST * 100,
                ),
            );
        }
        $this->blend = $blend ?? Blend::free();
    }

    /** Grams typed in for a food of a component; null where the programme may choose. */
    public function amount(AmountKey $key): ?float
    {
        return $this->amounts[(string) $key] ?? null;
    }

    /** @return array<string, float> foods that the baker put into a component on top of the swap => grams */
    public function added(int $component): array
    {
        $found = [];
        foreach ($this->amounts as $key => $grams) {
            $of = AmountKey::parse($key);
            if ($of->slot === AmountKey::ADDED && $of->component === $component) {
                $found[$of->food] = $grams;
            }
        }

        return $found;
    }

    public function percent(): float
    {
        return round($this->sweetness * 100, 2);
    }

    public static function ratioOf(float $percent): float
    {
        return round($percent / 100, 4);
    }
}

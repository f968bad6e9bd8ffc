<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use InvalidArgumentException;

/** What the baker asks of a swap. */
final readonly class Wishes
{
    public const SWEETNESS_LEAST = 0.6;

    public const SWEETNESS_MOST = 1.1;

    /**
     * @param  string  $sweetener  a mix of `data/sweetener_mixes.csv`
     * @param  string  $school  a school of `data/flour_schools.csv`
     * @param  float  $sweetness  against the dessert as written
     * @param  list<float>  $shares  of the sweetness by each sweetener of the mix; empty where the programme may choose
     * @param  array<int, string>  $families  by component, where the baker chose one
     * @param  array<string, float>  $amounts  by `amountKey()`: grams typed in
     * @param  list<string>  $left  keys of lines to leave as they are
     * @param  list<string>  $refused  foods never to be used
     * @param  list<string>  $without  allergens never to be used: nuts, egg, milk, …
     * @param  ?float  $limit  net carbs a piece
     * @param  list<string>  $corners  three sweeteners in place of the mix's own; empty for the mix
     * @param  float  $cooler  °C that the oven may go lower than the flour asks
     * @param  float  $longer  what another pan makes of the time
     * @param  ?float  $bodyMass  kg of whom it is for; null for the usual
     */
    private function __construct(
        public string $sweetener,
        public string $school,
        public float $sweetness,
        public array $shares = [],
        public array $families = [],
        public array $amounts = [],
        public array $left = [],
        public array $refused = [],
        public array $without = [],
        public ?float $limit = null,
        public float $cooler = 0.0,
        public array $corners = [],
        public float $longer = 1.0,
        public ?float $bodyMass = null,
    ) {}

    /** What an amount that the baker typed is kept under. */
    public static function amountKey(int $component, string $food, string $slot = ''): string
    {
        return "$component:$food".($slot === '' ? '' : ":$slot");
    }

    /** Grams typed in for a food of a component; null where the programme may choose. */
    public function amount(int $component, string $food, string $slot = ''): ?float
    {
        return $this->amounts[self::amountKey($component, $food, $slot)] ?? null;
    }

    /** @return array<string, float> foods that the baker put into a component on top of the swap => grams */
    public function added(int $component): array
    {
        $found = [];
        foreach ($this->amounts as $key => $grams) {
            [$of, $food, $slot] = [...explode(':', $key), '', ''];
            if ($slot === 'added' && (int) $of === $component) {
                $found[$food] = $grams;
            }
        }

        return $found;
    }

    /**
     * Shares that are 1 together, of numbers in any proportion.
     *
     * @param  list<float>  $parts
     * @return ?list<float> null where all are nothing
     */
    public static function shares(array $parts): ?array
    {
        $sum = array_sum($parts);

        return $sum <= 0 ? null : array_map(static fn (float $p): float => round($p / $sum, 6), $parts);
    }

    public static function ratioOf(float $percent): float
    {
        return round($percent / 100, 4);
    }

    /**
     * @param  array{shares?: list<float>, families?: array<int, string>, amounts?: array<string, float>, left?: list<string>, refused?: list<string>, without?: list<string>, limit?: ?float, cooler?: float, corners?: list<string>, longer?: float, bodyMass?: ?float}  $more
     *
     * @throws InvalidArgumentException
     */
    public static function of(string $sweetener, string $school, float $sweetness, array $more = []): self
    {
        if ($sweetness < self::SWEETNESS_LEAST - 1e-9 || $sweetness > self::SWEETNESS_MOST + 1e-9) {
            throw new InvalidArgumentException(sprintf('Sweetness goes from %d to %d %% of the dessert as written.', self::SWEETNESS_LEAST * 100, self::SWEETNESS_MOST * 100));
        }
        $shares = $more['shares'] ?? [];
        if ($shares !== [] && (min($shares) < -1e-9 || abs(array_sum($shares) - 1) > 0.01)) {
            throw new InvalidArgumentException('The shares of a blend are none below 0 and 1 together.');
        }

        return new self(
            $sweetener, $school, $sweetness, $shares, $more['families'] ?? [], $more['amounts'] ?? [], $more['left'] ?? [],
            $more['refused'] ?? [], $more['without'] ?? [], $more['limit'] ?? null, $more['cooler'] ?? 0.0, $more['corners'] ?? [], $more['longer'] ?? 1.0, $more['bodyMass'] ?? null,
        );
    }
}

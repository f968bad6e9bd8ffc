<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Reading\Flag;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\Recipe;
use InvalidArgumentException;

/** A dessert as doses in components, the pieces that it makes, and where in them each component goes. */
final readonly class Formula
{
    private const FRYING = '~\b(?:for|to)\s+(?:(?:deep|shallow|pan)[- ]?)?fry~iu';

    /**
     * @param  list<string>  $components  names
     * @param  list<Dose>  $doses
     * @param  ?Layout  $layout  null where everything is shared alike among the pieces
     */
    private function __construct(
        public string $title,
        public array $components,
        public array $doses,
        public float $pieces,
        public ?Layout $layout = null,
        public Making $making = new Making(),
    ) {}

    /**
     * @param  list<string>  $components
     * @param  list<Dose>  $doses
     *
     * @throws InvalidArgumentException where the pieces are not more than zero
     */
    public static function of(
        string $title,
        array $components,
        array $doses,
        float $pieces,
        Making $making = new Making(),
    ): self {
        if (! ($pieces > 0)) {
            throw new InvalidArgumentException('A dessert is cut into at least one piece.');
        }

        return new self($title, $components, $doses, $pieces, null, $making);
    }

    /** @param  ?float  $pieces  null takes what the recipe says; where it does not say, it is counted whole */
    public static function asWritten(Recipe $recipe, ?float $pieces, Constants $constants): self
    {
        $doses = array_map(
            static fn (Line $l): Dose => new Dose(
                $l->text,
                $l->food,
                $l->grams,
                $l->component,
                $l->flags,
                $l->key,
                possibleAllergens: $l->possibleAllergens,
            ),
            $recipe->lines,
        );

        $soaking = Soaking::in($doses, $recipe->steps, $constants);
        $doses = array_map(
            static fn (Dose $d, int $i): Dose => isset($soaking[$i]) ? $d->soaking($soaking[$i]) : $d,
            $doses,
            array_keys($doses),
        );

        $doses = self::fried($doses, $constants);
        $making = Making::of($recipe->steps, $constants);
        foreach (Caramelled::in(array_values($doses), $recipe->steps, $making) as $i) {
            $doses[$i] = $doses[$i]->flagged(Flag::Caramel);
        }
        foreach (LaidSyrup::in(array_values($doses), $recipe->steps) as $i) {
            $doses[$i] = $doses[$i]->flagged(Flag::Laid);
        }
        foreach (Thickening::in(array_values($doses), $making, $constants) as $i) {
            $doses[$i] = $doses[$i]->flagged(Flag::Thickens);
        }

        return self::of(
            $recipe->title, $recipe->components, array_values($doses), $pieces ?? $recipe->pieces ?? 1, $making,
        );
    }

    /**
     * Of the fat that something is fried in, what fries takes up so much; the rest stays in the pan.
     *
     * @param  list<Dose>  $doses
     * @return list<Dose>
     */
    private static function fried(array $doses, Constants $constants): array
    {
        $isPan = static fn (Dose $d): bool => preg_match(self::FRYING, $d->text) === 1 &&
            ($d->food->per100->fat ?? 0.0) > $constants->get('fat-food');
        $rest = static fn (int $component): float => array_sum(array_map(
            static fn (Dose $d): float => $isPan($d) || $d->component !== $component ? 0.0 : $d->mass(), $doses,
        ));

        return array_map(
            static fn (Dose $d): Dose => $isPan($d) && $d->mass() > 0
                ? $d->friedIn(min(1.0, $constants->get('frying-uptake') * $rest($d->component) / $d->mass()))
                : $d,
            $doses,
        );
    }

    /** @param  list<Dose>  $doses */
    public function with(array $doses): self
    {
        return new self($this->title, $this->components, $doses, $this->pieces, $this->layout, $this->making);
    }

    public function cutInto(float $pieces): self
    {
        return self::of($this->title, $this->components, $this->doses, $pieces, $this->making);
    }

    public function laidOut(Layout $layout): self
    {
        return new self($this->title, $this->components, $this->doses, $layout->cut->count, $layout, $this->making);
    }

    /** @param  array<string, float>  $shares  by line key: what of the line is eaten */
    public function using(array $shares): self
    {
        return $shares === []
            ? $this
            : $this->with(
                array_map(
                    static fn (Dose $d): Dose => isset($shares[$d->key]) ? $d->usedBy($shares[$d->key]) : $d,
                    $this->doses,
                ),
            );
    }

    /** Grams mixed, of all doses whose grams are known. */
    public function mass(): float
    {
        return array_sum(array_map(static fn (Dose $d): float => $d->mixed(), $this->doses));
    }

    /**
     * Grams of a component that are in the pieces or are left of it: what is rolled in or drained off does not weigh.
     */
    public function componentMass(int $component): float
    {
        return array_sum(
            array_map(
                static fn (Dose $d): float => $d->component === $component ? $d->mass() * $d->used : 0.0,
                $this->doses,
            ),
        );
    }

    /** The component with most grams: what the dessert is. */
    public function heaviest(): int
    {
        $mass = array_fill(0, count($this->components), 0.0);
        foreach ($this->doses as $dose) {
            $mass[$dose->component] += $dose->mixed();
        }

        arsort($mass);

        return array_key_first($mass) ?? 0;
    }

    /** Grams of what is shared out among the pieces: the dough with all that goes over it alike. */
    public function batchMass(): float
    {
        $sum = 0.0;
        foreach (array_keys($this->components) as $component) {
            $sum +=
                ($this->layout?->placement($component)->spread ?? Spread::All) === Spread::All
                    ? $this->componentMass($component)
                    : 0.0;
        }

        return $sum;
    }

    /** @return list<float> share of each dose in the mean full piece */
    public function shares(): array
    {
        $byComponent = [];
        foreach (array_keys($this->components) as $component) {
            $byComponent[$component] =
                $this->layout === null
                    ? 1 / $this->pieces
                    : $this->layout->share($component, $this->componentMass($component));
        }

        return array_map(static fn (Dose $d): float => $d->used * ($byComponent[$d->component] ?? 0.0), $this->doses);
    }

    public function gramsOf(string $foodKey): float
    {
        $grams = 0.0;
        foreach ($this->doses as $dose) {
            $grams += $dose->food?->key === $foodKey ? $dose->mass() : 0.0;
        }

        return $grams;
    }
}

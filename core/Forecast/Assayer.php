<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Soaking;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Tables;

/** Gives the traits of a gram of a food, and of what a mix holds. */
final class Assayer
{
    /** @var array<string, Traits> */
    private array $known = [];

    /** @var array<string, array<string, float>> polyol => property => value */
    private array $polyols;

    private readonly float $bodyMass;

    public function __construct(Tables $tables, private readonly Larder $larder, private readonly Constants $constants)
    {
        $this->bodyMass = $constants->get('default-body-mass');
        $this->polyols = $tables->worked('polyols', static function () use ($tables): array {
            $polyols = [];
            foreach ($tables->rows('polyols') as $row) {
                $polyols[$row['polyol']][$row['property']] = (float) $row['value'];
            }

            return $polyols;
        });
        $this->polyols['erythritol']['solubility'] = $constants->get('erythritol-solubility');
        $this->polyols['erythritol']['heat-of-solution'] = $constants->get('erythritol-heat');
    }

    /** Of one gram. */
    public function gram(Food $food): Traits
    {
        return $this->known[$food->key.'|'.$food->package] ??= $this->assay($food);
    }

    /** @param  iterable<Dose>  $doses */
    public function mix(iterable $doses): Traits
    {
        $shares = [];
        foreach ($doses as $dose) {
            $mass = $dose->mass();
            if ($dose->food === null || $mass <= 0) {
                continue;
            }
            $gram = $this->gram($dose->food);
            $shares[] = [$dose->isOutside() ? $gram->withoutCrystals() : $gram, $dose->mixed()];
            if ($dose->soaking === Soaking::Fruit) {
                $shares[] = [new Traits(thirst: $this->constants->get('soaked-thirst')), $mass];
            }
        }

        return Traits::sum($shares);
    }

    private function assay(Food $food): Traits
    {
        $n = $food->per100;
        $load = 0.0;
        foreach ([...$n->polyols, 'allulose' => $n->allulose] as $name => $grams) {
            $tolerance = $this->polyols[$name]['tolerance'] ?? 0.0;
            $load += $tolerance > 0 ? $grams / 100 / ($tolerance * $this->bodyMass) : 0.0;
        }
        // What a chocolate is sweetened with was ground finer than a tongue feels, and stays in its fat.
        $isFelt = $food->role !== Role::Mixin;
        $isDry = in_array($food->role, [Role::Sweet, Role::Body, Role::Binder], true);

        return new Traits(
            1.0,
            $n->water / 100,
            $this->larder->typical($food, 'thirst'),
            $n->fat / 100,
            $this->larder->typical($food, 'holding'),
            $this->larder->typical($food, 'sweetness'),
            $isDry ? 1 - $n->water / 100 + $this->larder->typical($food, 'thirst') : 0.0,
            $this->larder->typical($food, 'reducing'),
            $isFelt ? $this->like($food, 'solubility', true) : 0.0,
            max(0.0, $n->digestible()) / 100,
            $load,
            $n->allulose / 100,
            $isFelt ? $this->like($food, 'heat-of-solution', false) : 0.0,
        );
    }

    /**
     * Sugar alcohols in a gram as so much erythritol, by a property of each; those whose property is not known are
     * left out.
     *
     * @param  bool  $isInverse  the less of it dissolves, the more it counts
     */
    private function like(Food $food, string $property, bool $isInverse): float
    {
        $sum = 0.0;
        $reference = $this->polyols['erythritol'][$property];
        foreach ($food->per100->polyols as $name => $grams) {
            $value = $this->polyols[$name][$property] ?? 0.0;
            $sum += $value > 0 ? $grams / 100 * ($isInverse ? $reference / $value : $value / $reference) : 0.0;
        }

        return $sum;
    }
}

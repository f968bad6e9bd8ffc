<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;

/** What a component is made of and what is done to it, as far as it tells its family. */
final readonly class Signs
{
    /** @param  array<string, float>  $values  by sign of `data/family_signs.csv`; what is not known is missing */
    private function __construct(private array $values) {}

    public static function unknown(): self
    {
        return new self([]);
    }

    public static function of(Formula $formula, int $component, Constants $constants): self
    {
        $doses = array_values(
            array_filter($formula->doses, static fn (Dose $d): bool => $d->component === $component && $d->isCounted()),
        );
        $mass = array_sum(array_map(static fn (Dose $d): float => $d->mass(), $doses));
        $values = [];
        if ($mass > 0) {
            $share = static fn (callable $is): float => array_sum(
                array_map(static fn (Dose $d): float => $is($d) ? $d->mass() : 0.0, $doses),
            ) / $mass;
            $values = [
                'flour' => $share(static fn (Dose $d): bool => $d->food?->role === Role::Body),
                'sweet' => $share(static fn (Dose $d): bool => $d->food?->role === Role::Sweet),
                'wet' => $share(static fn (Dose $d): bool => $d->food?->role === Role::Wet),
                'egg' => $share(static fn (Dose $d): bool => $d->food?->role === Role::Egg),
                'fat' => $share(static fn (Dose $d): bool => $d->food?->role === Role::Fat),
                'fruit' => $share(static fn (Dose $d): bool => self::isFruit($d, $constants)),
                'yeast' => $share(static fn (Dose $d): bool => str_contains($d->food->key ?? '', 'yeast')),
            ];
        }
        // Of several parts, the method seldom says which of them is baked; the first and the heaviest are meant.
        if ($formula->making->isKnown && ($component === 0 || $component === $formula->heaviest())) {
            $values['heated'] = (float) $formula->making->isBaked;
            // Starch that is cooked in much liquid sets as egg does.
            $isStarchCooked = $formula->making->isHeated && ($values['egg'] ?? 0.0) === 0.0 &&
                ($values['flour'] ?? 0.0) > $constants->get('starch-sets') &&
                ($values['wet'] ?? 0.0) > $constants->get('starch-liquid');
            $values['egg-heated'] =
                (float) ($formula->making->isBaked || $formula->making->isEggCooked || $isStarchCooked);
            $values['microwaved'] = (float) $formula->making->isMicrowaved;
            $values['steamed'] = (float) $formula->making->isSteamed;
            $values['creamed'] = (float) $formula->making->isCreamed;
            $values['fried'] = (float) $formula->making->isFried;
        }

        return new self($values);
    }

    public function get(string $sign): ?float
    {
        return $this->values[$sign] ?? null;
    }

    public static function isFruit(Dose $dose, Constants $constants): bool
    {
        $n = $dose->food?->per100;

        return $n !== null &&
            $dose->food->role !== Role::Body &&
            $n->sugars > $constants->get('fruit-sugars') &&
            $n->fibre > $constants->get('fruit-fibre') &&
            max($n->protein, $n->fat) < $constants->get('fruit-rest');
    }
}

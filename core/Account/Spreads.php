<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Tables;

/**
 * How far a food's carbohydrate, fibre, sugar alcohols and allulose each lie from what its table says. Net carbs are a
 * difference, so that their uncertainty is that of the parts and no share of what is left.
 */
final readonly class Spreads
{
    private const SEEDS = '~(?:^|-)(?:seeds?|sesame|flaxseed|tahini|poppy|hemp)(?:-|$)~';

    /** @var array<string, Spread> relative standard uncertainties by group */
    private array $groups;

    public function __construct(Tables $tables)
    {
        $groups = [];
        foreach ($tables->rows('spreads') as $row) {
            $share = static fn (string $part): float => (float) $row[$part.'_percent'] / 100;
            $groups[$row['group']] = new Spread(
                $share('carbohydrate'),
                $share('fibre'),
                $share('polyols'),
                $share('allulose'),
            );
        }
        $this->groups = $groups;
    }

    /** @return Spread in 100 g */
    public function of(Food $food): Spread
    {
        $n = $food->per100;
        $u = $this->groups[$this->group($food)] ?? Spread::alike($food->u);

        return new Spread(
            $u->carbohydrate * $n->carbohydrate,
            $u->fibre * $n->fibre,
            $u->polyols * $n->polyolGrams(),
            $u->allulose * $n->allulose,
        );
    }

    private function group(Food $food): string
    {
        $n = $food->per100;
        if ($food->role === Role::Sweet && $n->polyolGrams() + $n->allulose > $n->carbohydrate / 2) {
            return 'sweetener';
        }
        $isNut =
            array_filter(
                $food->allergens,
                static fn (string $a): bool => in_array(explode(':', $a)[0], ['nuts', 'peanut', 'sesame'], true),
            ) !== [];

        return ($isNut && $food->role !== Role::Wet && $n->sugars < 20) || preg_match(self::SEEDS, $food->key) === 1
            ? 'nuts'
            : '';
    }
}

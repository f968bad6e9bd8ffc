<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Larder\Nutrients;

/** What an account tells of a serving besides its net carbs, in the order in which it is told. */
enum Figure: string
{
    case Carbohydrate = 'carbohydrate';
    case Fibre = 'fibre';
    case Sugars = 'sugars';
    case Polyols = 'polyols';
    case Allulose = 'allulose';
    case Acids = 'organic-acids';
    case Energy = 'energy';
    case Fat = 'fat';
    case Protein = 'protein';
    case Salt = 'salt';

    public function of(Nutrients $n): float
    {
        return match ($this) {
            self::Carbohydrate => $n->carbohydrate,
            self::Fibre => $n->fibre,
            self::Sugars => $n->sugars,
            self::Polyols => $n->polyolGrams(),
            self::Allulose => $n->allulose,
            self::Acids => $n->organicAcids,
            self::Energy => $n->energy,
            self::Fat => $n->fat,
            self::Protein => $n->protein,
            self::Salt => $n->salt,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Carbohydrate => 'Total carbohydrate',
            self::Fibre => 'Fibre',
            self::Sugars => 'Sugars',
            self::Polyols => 'Sugar alcohols',
            self::Allulose => 'Allulose',
            self::Acids => 'Fruit and milk acids',
            self::Energy => 'Energy',
            self::Fat => 'Fat',
            self::Protein => 'Protein',
            self::Salt => 'Salt',
        };
    }

    public function unit(): string
    {
        return $this === self::Energy ? 'kcal' : 'g';
    }
}

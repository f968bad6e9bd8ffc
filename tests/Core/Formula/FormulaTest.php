<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Aglyca\Core\Larder\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class FormulaTest extends CoreCase
{
    /** Common practice: what is fried takes up about an eighth of its weight; the rest stays in the pan. */
    #[DataProvider('fats')]
    public function test_of_the_fat_for_frying_only_what_is_taken_up_counts(string $line, float $used): void
    {
        $formula = self::account("Ring doughnuts\nMakes 10\n300 g flour\n60 g sugar\n140 ml water\n$line")->formula;
        $fat = $formula->doses[3];
        self::assertEqualsWithDelta($used, $fat->mass() * $fat->used, 3.0);
        $isFat = $fat->food?->role === Role::Fat;
        self::assertEqualsWithDelta($isFat ? $used : $fat->mass(), $fat->mixed(), 3.0);
        self::assertEqualsWithDelta(500 + $fat->mixed(), $formula->mass(), 1.0, 'a pan of oil is no part of the mix');
    }

    /** @return iterable<string, array{string, float}> */
    public static function fats(): iterable
    {
        yield 'a pan of oil' => ['1000 g sunflower oil, for deep frying', 60.0];
        yield 'to fry' => ['800 g lard to fry', 60.0];
        yield 'no more than there is' => ['20 g butter for frying', 20.0];
        yield 'in the dough' => ['300 g sunflower oil', 300.0];
        yield 'for frying, but no fat' => ['300 g apples for frying', 300.0];
    }
}

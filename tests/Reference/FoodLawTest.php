<?php

declare(strict_types=1);

namespace Tests\Reference;

use Aglyca\Core\Larder\Label\LabelRounding;
use Aglyca\Core\Larder\LabelLaw;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Label rounding and energy factors against the texts of the law; the article stands beside each case. */
final class FoodLawTest extends CoreCase
{
    /** @return array<string, array{string, string, float}> */
    public static function polyolFactors(): array
    {
        $cases = [];
        // 21 CFR 101.9(c)(1)(i)(F)
        foreach (
            [
                'isomalt' => 2.0,
                'lactitol' => 2.0,
                'xylitol' => 2.4,
                'maltitol' => 2.1,
                'sorbitol' => 2.6,
                'mannitol' => 1.6,
                'erythritol' => 0.0,
            ] as $polyol => $factor
        ) {
            $cases["21 CFR 101.9(c)(1)(i)(F), $polyol"] = [$polyol, 'energy-us', $factor];
        }
        // Regulation (EU) No 1169/2011, annex XIV: polyols 2.4, erythritol 0
        foreach (
            [
                'isomalt' => 2.4,
                'lactitol' => 2.4,
                'xylitol' => 2.4,
                'maltitol' => 2.4,
                'sorbitol' => 2.4,
                'mannitol' => 2.4,
                'erythritol' => 0.0,
            ] as $polyol => $factor
        ) {
            $cases["1169/2011 annex XIV, $polyol"] = [$polyol, 'energy-eu', $factor];
        }

        return $cases;
    }

    #[DataProvider('polyolFactors')]
    public function test_a_polyols_energy(string $polyol, string $property, float $factor): void
    {
        $rows = array_filter(
            self::tables()->rows('polyols'),
            static fn (array $r): bool => $r['polyol'] === $polyol && $r['property'] === $property,
        );
        self::assertSame([$factor], array_map(static fn (array $r): float => (float) $r['value'], array_values($rows)));
    }

    /**
     * 21 CFR 101.9(c)(1)(i)(B): 4, 4 and 9; FDA guidance on allulose 2020: 0.4; 1169/2011 annex XIV: fibre 2, alcohol
     * 7, organic acids 3.
     */
    public function test_general_factors(): void
    {
        $factors = array_column(self::tables()->rows('energy_factors'), null, 'nutrient');
        foreach (['protein' => 4, 'fat' => 9, 'carbohydrate' => 4] as $nutrient => $kcal) {
            self::assertEquals([$kcal, $kcal], [$factors[$nutrient]['us'], $factors[$nutrient]['eu']]);
        }
        self::assertEquals(0.4, $factors['allulose']['us']);
        self::assertEquals(
            [2, 7, 3],
            [$factors['fibre']['eu'], $factors['alcohol']['eu'], $factors['organic-acid']['eu']],
        );
    }

    /**
     * @return array<string, array{LabelLaw, string, float, string, float, float}> printed text and what it may stand
     *     for
     */
    public static function roundings(): array
    {
        return [
            '101.9(c)(6): under 0.5 g may be 0' => [LabelLaw::UsCanada, 'carbohydrate', 0.49, '0', 0.0, 0.5],
            '101.9(c)(6): under 1 g is "less than 1 g"' => [LabelLaw::UsCanada, 'carbohydrate', 0.5, '<1', 0.5, 1.0],
            '101.9(c)(6): to the nearest gram' => [LabelLaw::UsCanada, 'carbohydrate', 12.4, '12', 11.5, 12.5],
            '101.9(c)(6)(i): fibre likewise' => [LabelLaw::UsCanada, 'fibre', 0.7, '<1', 0.5, 1.0],
            '101.9(c)(2): fat to half a gram under 5 g' => [LabelLaw::UsCanada, 'fat', 3.3, '3.5', 3.25, 3.75],
            '101.9(c)(2): fat to a gram from 5 g' => [LabelLaw::UsCanada, 'fat', 5.4, '5', 4.75, 5.5],
            '101.9(c)(2): fat under 0.5 g is 0' => [LabelLaw::UsCanada, 'fat', 0.4, '0', 0.0, 0.5],
            '101.9(c)(1): energy under 5 kcal may be 0' => [LabelLaw::UsCanada, 'energy', 4.9, '0', 0.0, 5.0],
            '101.9(c)(1): energy to 5 kcal up to 50' => [LabelLaw::UsCanada, 'energy', 43.0, '45', 42.5, 47.5],
            '101.9(c)(1): energy to 10 kcal above 50' => [LabelLaw::UsCanada, 'energy', 164.0, '160', 155.0, 165.0],
            'EU guidance of 2012: 10 g and more to 1 g' => [LabelLaw::EuUk, 'carbohydrate', 18.7, '19', 18.5, 19.5],
            'EU guidance of 2012: under 10 g to 0.1 g' => [LabelLaw::EuUk, 'carbohydrate', 9.94, '9.9', 9.85, 9.95],
            'EU guidance of 2012: 0.5 g and less is "<0.5"' => [LabelLaw::EuUk, 'carbohydrate', 0.3, '<0.5', 0.0, 0.5],
            'EU guidance of 2012: energy to 1 kcal' => [LabelLaw::EuUk, 'energy', 43.4, '43', 42.5, 43.5],
        ];
    }

    #[DataProvider('roundings')]
    public function test_a_label_is_rounded_and_read_back_by_its_law(
        LabelLaw $law,
        string $nutrient,
        float $true,
        string $printed,
        float $low,
        float $high,
    ): void {
        self::assertSame($printed, LabelRounding::printed($law, $nutrient, $true));
        $behind = LabelRounding::behind($law, $nutrient, $printed);
        self::assertEqualsWithDelta([$low, $high], [$behind->low, $behind->high], 1e-9);
        self::assertTrue($true >= $behind->low - 1e-9 && $true <= $behind->high + 1e-9);
    }
}

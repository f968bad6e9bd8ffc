<?php

declare(strict_types=1);

namespace Tests\Core\Account;

use Aglyca\Core\Account\Convention;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class AccountantTest extends CoreCase
{
    private const SWEETS = "Firm sweets\nMakes 10 pieces\n100 g erythritol\n50 g xylitol\n40 g allulose\n100 g almond flour\n20 g sugar";

    /**
     * By hand, whole recipe: carbohydrate 99.9 + 49.95 + 39.8 + 18.7 + 19.996 = 228.346; fibre 9.9;
     * erythritol 99.9, xylitol 49.95 at a glycaemic index of 13; allulose 39.8.
     */
    #[DataProvider('conventions')]
    public function test_each_convention_counts_as_written_out_by_hand(Convention $convention, float $whole): void
    {
        self::assertEqualsWithDelta($whole / 10, self::account(self::SWEETS)->net($convention), 1e-6);
    }

    /** @return array<string, array{Convention, float}> */
    public static function conventions(): array
    {
        return [
            'low-carb: 228.346 − 9.9 − 99.9 − 49.95 − 39.8' => [Convention::LowCarb, 28.796],
            'half-polyol: the other half of the xylitol stays' => [Convention::HalfPolyol, 28.796 + 24.975],
            'weighted: 13 % of the xylitol stays' => [Convention::Weighted, 28.796 + 0.13 * 49.95],
            'available: 228.346 − 9.9' => [Convention::Available, 218.446],
            'clinic: 15 g polyols a piece, so half off; 1 g fibre, so none off' => [
                Convention::Clinic,
                228.346 - 149.85 / 2,
            ],
        ];
    }

    /** Almond flour has 9.9 g fibre in 100 g: 5 g in a piece is reached at 50.5 g. */
    #[DataProvider('clinic')]
    public function test_the_clinic_takes_half_the_fibre_off_only_above_five_grams(float $grams, float $fibreOff): void
    {
        $piece = self::account("One\n$grams g almond flour", 1);
        self::assertEqualsWithDelta(0.187 * $grams - $fibreOff, $piece->net(Convention::Clinic), 1e-6);
    }

    /** @return array<string, array{float, float}> */
    public static function clinic(): array
    {
        return ['below' => [50, 0], 'above' => [51, 0.099 * 51 / 2]];
    }

    #[DataProvider('desserts')]
    public function test_contributions_add_up_and_none_is_negative(string $text): void
    {
        $account = self::account($text);
        foreach (Convention::cases() as $convention) {
            $parts = $account->contributions($convention);
            self::assertEqualsWithDelta($account->net($convention), array_sum($parts), 1e-9);
            self::assertGreaterThanOrEqual(0, min($parts));
            self::assertEqualsWithDelta(
                1,
                array_sum(array_column($account->serving->doubts($convention), 'share')),
                1e-9,
            );
            self::assertLessThanOrEqual($account->net($convention), $account->low($convention));
        }
        self::assertEqualsWithDelta(
            $account->whole()->carbohydrate,
            $account->piece->carbohydrate * $account->formula->pieces,
            1e-9,
        );
    }

    public function test_the_range_agrees_with_monte_carlo(): void
    {
        $account = self::account("Loaf\nMakes 10 slices\n2 cups sugar\n3 cups flour\n3 eggs");
        mt_srand(11);
        $normal = static fn (): float => sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_001)) *
            cos((2 * M_PI * mt_rand()) / mt_getrandmax());
        $draws = [];
        for ($i = 0; $i < 20_000; $i++) {
            $sum = 0.0;
            foreach ($account->formula->doses as $dose) {
                $n = $dose->food->per100;
                $sum +=
                    (($dose->grams->value + $dose->grams->u * $normal()) *
                        ($n->carbohydrate * (1 + $dose->food->u * $normal()) -
                            $n->fibre * (1 + $dose->food->u * $normal()))) /
                    100;
            }
            $draws[] = $sum / 10;
        }
        sort($draws);
        self::assertEqualsWithDelta($account->low(Convention::LowCarb), $draws[455], 0.25);
        self::assertEqualsWithDelta($account->high(Convention::LowCarb), $draws[19545], 0.25);
    }

    public function test_an_unknown_food_counts_as_nothing_and_is_named(): void
    {
        $account = self::account("Odd\n100 g sugar\n50 g moon cheese powder of unknown kind");
        self::assertSame([1], $account->uncounted);
        self::assertEqualsWithDelta(99.98, $account->whole()->carbohydrate, 1e-9);
        self::assertEqualsWithDelta(150, $account->formula->mass(), 1e-9);
    }

    public function test_the_same_food_on_two_lines_is_as_unsure_as_on_one(): void
    {
        $one = self::account("A\n200 g almond flour", 1)->netCarbs(Convention::LowCarb);
        $two = self::account("A\n100 g almond flour\n100 g almond flour", 1)->netCarbs(Convention::LowCarb);
        self::assertSame($one->value, $two->value);
        self::assertEqualsWithDelta($one->u, $two->u, 0.01);
    }
}

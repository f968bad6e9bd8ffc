<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Aglyca\Core\Brief;
use Aglyca\Core\Formula\Formula;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class ScalerTest extends CoreCase
{
    private const LOAF = "Loaf\nMakes 12 slices\n200 g sugar\n211 g flour\n3 large eggs\n2 tsp baking powder\n113 g butter\n1/2 tsp salt";

    private static function formula(string $text): Formula
    {
        return Formula::asWritten(self::kernel()->read(new Brief($text)), null, self::core()->constants);
    }

    /** Three eggs stay whole at thirds; of 1.5 the nearest are 4/3 and 5/3. */
    #[DataProvider('eggs')]
    public function test_factors_at_which_eggs_stay_whole(string $text, float $asked, array $factors): void
    {
        self::assertEqualsWithDelta(
            $factors,
            self::core()->scaler->wholeEggFactors(self::formula($text), $asked),
            1e-9,
        );
    }

    /** @return array<string, array{string, float, list<float>}> */
    public static function eggs(): array
    {
        return [
            'three eggs by 1.5' => [self::LOAF, 1.5, [4 / 3, 5 / 3]],
            'three eggs by 2: whole already' => [self::LOAF, 2.0, []],
            'one egg by a half: one is the least' => ["A\n100 g sugar\n1 egg", 0.5, [1.0]],
            'four eggs and two yolks go by halves' => ["A\n100 g sugar\n4 eggs\n2 egg yolks", 0.8, [0.5, 1.0]],
            'no eggs' => ["A\n100 g sugar", 0.7, []],
        ];
    }

    public function test_spoons_stay_measurable_the_scale_shows_grams_and_eggs_are_weighed(): void
    {
        $scaled = self::core()->scaler->scaled(self::formula(self::LOAF), 1.5);
        self::assertSame(300.0, $scaled->gramsOf('sugar'));
        self::assertSame(317.0, $scaled->gramsOf('wheat-flour'));
        self::assertSame(225.0, $scaled->gramsOf('egg'));
        self::assertSame('225 g Egg', $scaled->doses[2]->text);
        $spoons =
            $scaled->gramsOf('baking-powder') /
            self::kernel()->catalogue->teaspoon(self::core()->larder->get('baking-powder'));
        self::assertEqualsWithDelta(3.0, $spoons, 0.13);
        self::assertEqualsWithDelta(0, fmod($spoons * 4 + 1e-6, 1), 0.02, 'quarter teaspoons');
        self::assertSame('6 large eggs', self::core()->scaler->scaled(self::formula(self::LOAF), 2.0)->doses[2]->text);
    }

    /** As much more of everything, so the piece stays what it was, but for what scale and spoon round. */
    #[DataProvider('desserts')]
    public function test_a_larger_batch_makes_more_of_the_same_piece(string $text): void
    {
        foreach ([0.5, 2.0, 3.0] as $factor) {
            [$one, $more] = [self::work($text), self::work($text, ['scale' => $factor])];
            $pieces = max(1.0, round($one->before->formula->pieces * $factor));
            self::assertSame($pieces, $more->before->formula->pieces);
            $expected = $one->before->piece->carbohydrate * $one->before->formula->pieces * $factor / $pieces;
            self::assertEqualsWithDelta($expected, $more->before->piece->carbohydrate, 0.01 * $expected + 0.02);
        }
    }

    public function test_a_scaled_recipe_reads_back_to_the_same_account(): void
    {
        $before = self::work(self::LOAF, ['scale' => 1.5])->before;
        $again = self::account(
            "Again\n".implode("\n", array_column($before->formula->doses, 'text')),
            $before->formula->pieces,
        );
        self::assertEqualsWithDelta($before->piece->carbohydrate, $again->piece->carbohydrate, 1e-9);
    }
}

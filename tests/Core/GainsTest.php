<?php

declare(strict_types=1);

namespace Tests\Core;

use Aglyca\Core\Gain;
use Aglyca\Core\Larder\Role;

final class GainsTest extends CoreCase
{
    private const SHORTBREAD = "Almond fingers\nMakes 12\n250 g almond flour\n90 g erythritol\n100 g butter\n1 egg";

    /** @return list<Gain> */
    private static function gains(string $text): array
    {
        return self::kernel()->gains(self::work($text));
    }

    public function test_much_sugar_alcohol_is_offered_as_allulose_of_the_same_sweetness(): void
    {
        [$gain] = self::gains(self::SHORTBREAD);
        self::assertSame('allulose', $gain->food);
        $sweetness = static fn (string $food, float $grams): float => $grams *
            self::core()->larder->typical(self::core()->larder->get($food), 'sweetness');
        self::assertEqualsWithDelta($sweetness('erythritol', 90.0), $sweetness('allulose', $gain->grams), 1.0);
        self::assertSame(0.0, $gain->then->after->piece->polyolGrams());
        self::assertStringContainsString('sugar alcohol goes from 7.5 to 0.0 g', $gain->sentence);
    }

    public function test_what_carries_the_carbs_is_offered_by_half(): void
    {
        $gains = self::gains("Berry pots\nMakes 4\n300 g mascarpone\n200 g raspberries\n20 g erythritol");
        $half = array_values(array_filter($gains, static fn (Gain $g): bool => $g->what === 'Fewer carbs'));
        self::assertCount(1, $half);
        self::assertSame(['raspberries', 100.0], [$half[0]->food, $half[0]->grams]);
        self::assertStringStartsWith('100 g of the raspberries and not 200: of a piece net carbs go', $half[0]->sentence);
        self::assertSame(Role::Mixin, self::core()->larder->get('raspberries')->role);
    }

    public function test_nothing_is_offered_where_the_swap_has_work_to_do_or_nothing_shows(): void
    {
        self::assertSame([], self::gains("Cake\nMakes 8\n200 g flour\n200 g sugar\n3 eggs"));
        self::assertSame([], self::gains("Cream\nMakes 20\n300 g whipping cream\n10 g erythritol"));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class BakePlannerTest extends CoreCase
{
    public function test_the_oven_goes_lower_for_nut_flour_and_as_far_as_the_baker_wishes(): void
    {
        $lower = static fn (string $body, float $cooler): float => self::work("Cake\n$body\n200 g sugar\n2 eggs\n\nMethod\nBake at 180 °C for 40 minutes.", ['cooler' => $cooler])->bake->lowerBy;
        self::assertSame([10.0, 20.0, 0.0], [$lower('200 g flour', 0), $lower('200 g flour', 10), $lower('200 g ground almonds', 0)]);
    }

    #[DataProvider('steps')]
    public function test_a_step_says_the_new_heat_and_time_once_and_keeps_the_old(string $step, string $new): void
    {
        $steps = self::work("Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\n$step", ['sweetener' => 'erythritol', 'school' => 'almond'])->steps;
        self::assertSame($new, $steps[0]->text());
    }

    /** @return array<string, array{string, string}> */
    public static function steps(): array
    {
        return [
            'both scales' => ['Heat the oven to 350°F (175°C).', 'Heat the oven to 330 °F / 165 °C.'],
            'one scale' => ['Bake at 180 °C for 20-25 minutes.', 'Bake at 340 °F / 170 °C for 22 to 28 minutes.'],
            'fan' => ['Heat the oven to 160 °C fan.', 'Heat the oven to 340 °F / 170 °C.'],
            'gas mark' => ['Heat the oven to gas mark 4.', 'Heat the oven to 330 °F / 165 °C.'],
            'left in the oven to cool' => ['Leave in the oven with the door ajar for 1 hour, then chill overnight.', 'Leave in the oven with the door ajar for 1 hour, then chill overnight.'],
            'baked, then chilled' => ['Bake for 20 minutes, then chill for 2 hours.', 'Bake for 22 minutes, then chill for 2 hours.'],
            'let stand before baking' => ['Let it stand for 10 minutes, then bake 30 minutes.', 'Let it stand for 10 minutes, then bake 33 minutes.'],
            'no oven' => ['Chill for 2 hours.', 'Chill for 2 hours.'],
        ];
    }

    public function test_the_old_heat_is_struck_out_as_it_was_written(): void
    {
        foreach (['Heat the oven to 180 °C (160 °C fan).' => '180 °C (160 °C fan)', 'Heat the oven to 350°F (175°C).' => '350°F (175°C)'] as $step => $was) {
            $planned = self::work("Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\n$step", ['school' => 'almond'])->steps[0];
            self::assertSame($was, implode('', array_column($planned->pieces, 'was')));
            self::assertStringEndsWith('°C.', $planned->text());
        }
    }

    public function test_coconut_rests_and_sweetener_cools(): void
    {
        $steps = self::work("Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\nMix.\nBake at 180 °C for 30 minutes.", ['school' => 'coconut'])->steps;
        self::assertSame([false, true, false, true], array_map(static fn ($s): bool => $s->added, $steps));
        $cooled = self::work("Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\nMix.\nBake at 180 °C for 30 minutes.\nCool in the tin for 15 minutes.", ['school' => 'coconut'])->steps;
        self::assertSame([false, true, false, false], array_map(static fn ($s): bool => $s->added, $cooled), 'not said twice');
        $rolled = self::work("Walnut roulade\n100 g flour\n100 g sugar\n4 eggs\n\nMethod\nBake at 180 °C for 12 minutes.\nTurn out and roll up warm.", ['school' => 'almond'])->steps;
        self::assertSame([false, false], array_map(static fn ($s): bool => $s->added, $rolled), 'what is rolled warm does not wait');
    }
}

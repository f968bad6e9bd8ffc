<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class BakePlannerTest extends CoreCase
{
    /** Common practice: allulose is fine to 20 minutes; nut flour alone takes 10 °C off. */
    #[DataProvider('bakes')]
    public function test_the_oven_follows_sweetener_and_time(string $sweetener, int $minutes, float $lower): void
    {
        $worked = self::work("Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\nBake at 180 °C for $minutes minutes.", ['sweetener' => $sweetener]);
        self::assertSame($lower, $worked->bake->lowerBy);
    }

    /** @return array<string, array{string, int, float}> */
    public static function bakes(): array
    {
        return ['allulose, 19 min' => ['allulose', 19, 10.0], 'allulose, 20 min' => ['allulose', 20, 10.0], 'allulose, 21 min' => ['allulose', 21, 15.0], 'erythritol, 45 min' => ['erythritol', 45, 10.0]];
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
            'no oven' => ['Chill for 2 hours.', 'Chill for 2 hours.'],
        ];
    }

    public function test_coconut_rests_and_sweetener_cools(): void
    {
        $steps = self::work("Cake\n200 g flour\n200 g sugar\n2 eggs\n\nMethod\nMix.\nBake at 180 °C for 30 minutes.", ['school' => 'coconut'])->steps;
        self::assertSame([false, true, false, true], array_map(static fn ($s): bool => $s->added, $steps));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\BriefJson;
use Aglyca\Core\Conversion;
use Aglyca\Core\Method\PlannedStep;
use Aglyca\Core\Reading\StepCorrection;
use InvalidArgumentException;
use Tests\Core\CoreCase;

final class StepCorrectorTest extends CoreCase
{
    private const MIX = 'Cream the butter and sugar, beat in the eggs.';

    private const BAKE = 'Bake at 180 °C for 40 minutes.';

    private const CAKE = "Wharf cake\nServes 8\n200 g flour\n150 g sugar\n100 g butter\n3 eggs\n\nMethod\n".
        self::MIX."\nFold in the flour.\n".self::BAKE."\nLet it cool.";

    /** @param  array<string, array<string, mixed>>  $said  by the step's text */
    private static function corrected(array $said): Conversion
    {
        $steps = [];
        foreach ($said as $written => $one) {
            $steps[StepCorrection::key($written)] = $one;
        }
        $brief = BriefJson::changed(self::brief(self::CAKE, []), ['steps' => $steps]);
        self::assertEquals($brief, BriefJson::read(BriefJson::of($brief)), 'it is kept');

        return self::kernel()->convert($brief);
    }

    private static function step(Conversion $conversion, string $written): PlannedStep
    {
        foreach ($conversion->steps() as $step) {
            if ($step->written === $written) {
                return $step;
            }
        }
        self::fail($written);
    }

    public function test_the_bakers_minutes_stand_in_the_text_and_in_the_plan(): void
    {
        $step = self::step($conversion = self::corrected([self::BAKE => ['minutes' => 33]]), self::BAKE);
        self::assertStringContainsString('33 minutes', $step->text());
        self::assertSame([33.0, 33.0], [$step->minutes->low, $step->minutes->high]);
        $bakes = array_filter(
            self::kernel()->dish($conversion, 1, \Aglyca\Core\Side::Swapped)->tasks,
            static fn ($t): bool => $t->action->key === 'bake',
        );
        self::assertSame([33], array_values(array_map(static fn ($t): int => $t->typical, $bakes)));
        self::assertStringContainsString(
            '(20 minutes)',
            self::step(self::corrected(['Let it cool.' => ['minutes' => 20]]), 'Let it cool.')->text(),
        );
    }

    public function test_what_goes_in_at_a_step_goes_in_nowhere_else_and_nothing_is_lost(): void
    {
        $sum = static function (Conversion $c): array {
            $grams = [];
            foreach ($c->steps() as $step) {
                foreach ($step->uses as $use) {
                    $grams[$use->food->key] = ($grams[$use->food->key] ?? 0.0) + $use->grams;
                }
            }
            ksort($grams);

            return $grams;
        };
        $plain = self::corrected([]);
        $moved = self::corrected([self::MIX => ['takes' => ['almond-flour']]]);
        self::assertEqualsWithDelta($sum($plain), $sum($moved), 1e-9);
        $at = static fn (Conversion $c): array => array_keys(
            array_filter(
                $c->steps(),
                static fn (PlannedStep $s): bool => in_array(
                    'almond-flour',
                    array_map(static fn ($u): string => $u->food->key, $s->uses),
                    true,
                ),
            ),
        );
        self::assertCount(1, $at($moved));
        self::assertNotSame($at($plain), $at($moved));
        self::assertSame(self::MIX, $moved->steps()[$at($moved)[0]]->written);
    }

    public function test_no_step_runs_for_nothing_or_for_ever(): void
    {
        foreach ([0.0, -3.0, 5000.0] as $minutes) {
            try {
                new StepCorrection($minutes);
                self::fail((string) $minutes);
            } catch (InvalidArgumentException $fault) {
                self::assertStringContainsString('three days', $fault->getMessage());
            }
        }
    }
}

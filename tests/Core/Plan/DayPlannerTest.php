<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Aglyca\Core\Plan\DayAsked;
use Aglyca\Core\Plan\DayPlan;
use Aglyca\Core\Plan\Dish;
use Aglyca\Core\Plan\Night;
use Aglyca\Core\Plan\Places;
use Aglyca\Core\Plan\Slot;
use Aglyca\Core\Quantity\Stretch;
use Aglyca\Core\Side;
use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;
use Tests\Core\CoreCase;
use Tests\Core\KernelTest;

final class DayPlannerTest extends CoreCase
{
    private const COOKIES =
        "Hazel cookies\nMakes 24 cookies\n\n100 g butter, softened\n120 g sugar\n1 egg\n180 g flour\n1 tsp baking powder\n\n".
        "Heat the oven to 180 C. Cream the butter and sugar for 4 minutes. Beat in the egg. Stir in the flour and baking powder.\nChill for 30 minutes.\nScoop onto a lined sheet. Bake for 12 minutes.\nCool on the sheet for 10 minutes.";

    private const CAKE =
        "Orchard cake\nServes 8\n\n150 g butter\n150 g sugar\n3 eggs\n150 g flour\n2 tsp baking powder\n\n".
        'Preheat the oven to 160 C and line the tin. Melt the butter. Whisk in the sugar and eggs. Fold in the flour and baking powder. Bake for 40 minutes. Cool in the tin for 15 minutes.';

    public function test_every_day_keeps_what_must_be_kept(): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            mt_srand($seed);
            $dishes = [];
            for ($d = 1; $d <= mt_rand(1, 3); $d++) {
                $dishes[] = self::kernel()->dish(
                    self::kernel()->convert(KernelTest::thrown()),
                    $d,
                    mt_rand(0, 1) === 1 ? Side::Swapped : Side::Written,
                );
            }
            $dishes[] = $this->dish(mt_rand(0, 1) === 1 ? self::COOKIES : self::CAKE, 9);
            $places = new Places(
                bakers: mt_rand(1, 2),
                shelves: mt_rand(1, 3),
                sheets: mt_rand(1, 3),
                perSheet: mt_rand(0, 1) === 1 ? null : mt_rand(5, 16),
            );
            $at = self::minutes('2026-12-24T16:00Z') + mt_rand(0, 1000);
            $asked =
                mt_rand(0, 1) === 1
                    ? new DayAsked($at, null, $places, new DateTimeZone('UTC'), wantsAdvice: false)
                    : new DayAsked(null, $at, $places, new DateTimeZone('UTC'), wantsAdvice: false);
            $this->assertKept(self::kernel()->day($dishes, $asked), $asked, "seed $seed");
        }
    }

    /** By hand: butter out an hour; 4, 3 and 2 to mix; chill; two sheets of 12 by turns on two shelves. */
    public function test_the_cookies_stand_where_a_hand_would_draw_them(): void
    {
        $plan = $this->day([self::COOKIES], '2026-12-24T16:00Z', new Places());
        $of = static fn (string $action): array => array_values(
            array_filter($plan->slots, static fn (Slot $s): bool => $s->job->task->action->key === $action),
        );
        $clock = static fn (int $m): string => gmdate('H:i', $m * 60);
        self::assertCount(2, $of('bake'));
        self::assertSame('16:00', $clock($of('cool')[1]->end));
        self::assertSame('15:50', $clock($of('bake')[1]->end), 'the last sheet cools for ten minutes');
        self::assertSame($of('cream')[0]->start, $of('soften')[0]->end, 'soft just when it is creamed');
        self::assertSame($of('bake')[0]->start, $of('preheat')[0]->end);
        self::assertSame(30, $of('chill')[0]->end - $of('chill')[0]->start);
        self::assertSame([170.0], array_map(round(...), $plan->ovenHeats));
        self::assertSame(0.0, $plan->gap);
    }

    public function test_two_heats_never_meet_in_one_oven(): void
    {
        $plan = $this->day([self::COOKIES, self::CAKE], '2026-12-24T16:00Z', new Places(bakers: 2));
        $bakes = array_filter($plan->slots, static fn (Slot $s): bool => $s->job->task->action->key === 'bake');
        $cake = array_filter($bakes, static fn (Slot $s): bool => $s->job->task->dessert === 'Orchard cake');
        foreach ($cake as $one) {
            foreach (array_diff_key($bakes, $cake) as $other) {
                self::assertTrue($one->end <= $other->start || $other->end <= $one->start);
            }
        }
        self::assertCount(2, $plan->ovenHeats);
    }

    public function test_nothing_is_done_by_hand_while_the_kitchen_sleeps(): void
    {
        $plan = $this->day(
            [str_replace('Chill for 30 minutes', 'Chill overnight', self::COOKIES)],
            '2026-12-25T09:00Z',
            new Places(),
        );
        $chill = array_values(
            array_filter($plan->slots, static fn (Slot $s): bool => $s->job->task->action->key === 'chill'),
        )[0];
        self::assertGreaterThanOrEqual(480, $chill->end - $chill->start);
        self::assertLessThanOrEqual(self::minutes('2026-12-24T22:30Z'), $plan->start);
    }

    /** European summer time ended on 25 October 2026: that night has an hour more (EU directive 2000/84/EC). */
    public function test_the_night_in_which_clocks_change_is_as_long_as_it_is(): void
    {
        $zone = new DateTimeZone('Europe/Berlin');
        $nights = static fn (string $day): array => Night::between(
            self::minutes($day.'T12:00Z'),
            self::minutes($day.'T12:00Z') + 24 * 60,
            new Places(),
            $zone,
        );
        $length = static fn (Stretch $night): int => $night->length();
        self::assertSame(8 * 60, $length($nights('2026-10-20')[0]));
        self::assertSame(9 * 60, $length($nights('2026-10-24')[0]));
        self::assertSame(7 * 60, $length($nights('2026-03-28')[0]));
    }

    public function test_it_says_how_late_it_is_and_what_would_help(): void
    {
        $places = new Places(sheets: 1, perSheet: 6);
        $plan = self::kernel()->day(
            [$this->dish(self::COOKIES, 1)],
            new DayAsked(
                self::minutes('2026-12-24T16:00Z'),
                self::minutes('2026-12-24T15:00Z'),
                $places,
                new DateTimeZone('UTC'),
            ),
        );
        self::assertSame(self::minutes('2026-12-24T15:00Z') - $plan->start, $plan->lateBy);
        $advice = implode(' ', $plan->advice);
        self::assertStringContainsString('too little time', $advice);
        self::assertMatchesRegularExpression('~Another sheet saves .*minutes~', $advice);
        self::assertSame(
            $plan->span() - $this->day([self::COOKIES], '2026-12-24T16:00Z', $places->but(sheets: 2))->span(),
            (int) preg_replace('~.*Another sheet saves (?:(\d+) hour )?(\d+) minutes.*~', '$2', $advice) +
                60 * (int) preg_replace('~.*Another sheet saves (?:(\d+) hours? )?\d+ minutes.*~', '$1', $advice),
        );
    }

    public function test_an_air_fryer_is_offered_where_the_oven_is_what_is_waited_for(): void
    {
        $loaf =
            "Plum loaf\nMakes 10 slices\n200 g flour\n150 g sugar\n100 g melted butter\n3 eggs\n\nMethod\nHeat the oven to 160 °C.\nMix all.\nBake for 55 minutes.";
        $asked = new DayAsked(self::minutes('2026-12-24T16:00Z'), null, new Places(), new DateTimeZone('UTC'));
        $advice = static fn (Dish ...$dishes): string => implode(
            ' ',
            self::kernel()->day(array_values($dishes), $asked)->advice,
        );
        self::assertMatchesRegularExpression(
            '~Plum loaf in the air fryer, if its tin fits in, saves [1-9]~',
            $advice(
                $this->dish($loaf, 1),
                $this->dish(str_replace(['Plum loaf', '160', '55'], ['Pear loaf', '190', '40'], $loaf), 2),
            ),
        );
        self::assertStringNotContainsString(
            'air fryer',
            $advice($this->dish(self::COOKIES, 1)),
            'sheets of cookies do not go in',
        );
    }

    public function test_what_is_held_earlier_is_earlier_and_what_is_done_is_gone(): void
    {
        $asked = new DayAsked(
            self::minutes('2026-12-24T16:00Z'),
            null,
            new Places(),
            new DateTimeZone('UTC'),
            wantsAdvice: false,
        );
        $dish = $this->dish(self::COOKIES, 1);
        $plan = self::kernel()->day([$dish], $asked);
        $cream = array_values(
            array_filter($plan->slots, static fn (Slot $s): bool => $s->job->task->action->key === 'cream'),
        )[0];
        $held = self::kernel()->day(
            [$dish],
            new DayAsked(
                $asked->ready,
                null,
                $asked->places,
                $asked->zone,
                [$cream->job->key() => $cream->end - 45],
                wantsAdvice: false,
            ),
        );
        $moved = array_values(
            array_filter($held->slots, static fn (Slot $s): bool => $s->job->key() === $cream->job->key()),
        )[0];
        self::assertLessThanOrEqual($cream->end - 45, $moved->end);
        $rest = self::kernel()->day(
            [$dish],
            new DayAsked(null, $asked->ready, $asked->places, $asked->zone, [], [$cream->job->key() => true], false),
        );
        self::assertNotContains(
            $cream->job->key(),
            array_map(static fn (Slot $s): string => $s->job->key(), $rest->slots),
        );
        self::assertSame($asked->ready, $rest->begins());
    }

    public function test_a_kitchen_has_at_least_one_of_each(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new Places(sheets: 0);
    }

    private function assertKept(DayPlan $plan, DayAsked $asked, string $case): void
    {
        $by = [];
        foreach ($plan->slots as $slot) {
            $by[$slot->job->task->id][$slot->job->batch] = $slot;
            self::assertSame($slot->job->task->typical, $slot->end - $slot->start, $case);
            self::assertLessThanOrEqual($plan->ready, $slot->end, $case);
            if ($asked->now !== null) {
                self::assertGreaterThanOrEqual($asked->now, $slot->start, $case);
            }
        }
        foreach ($plan->tasks as $task) {
            self::assertCount($task->batches, $by[$task->id], $case);
            foreach ($task->after as $link) {
                foreach ($by[$task->id] as $b => $slot) {
                    $before = $by[$link->task];
                    $end =
                        count($before) === count($by[$task->id]) && count($before) > 1
                            ? $before[$b]->end
                            : max(array_column($before, 'end'));
                    self::assertGreaterThanOrEqual($end + $link->atLeast, $slot->start, "$case: $task->text");
                }
            }
        }
        $limits = [
            'hands' => $asked->places->bakers,
            'oven' => $asked->places->shelves,
            'mixer' => $asked->places->mixers,
            'hob' => $asked->places->rings,
            'iron' => 1,
        ];
        $used = [];
        foreach ($plan->slots as $slot) {
            $task = $slot->job->task;
            foreach ($task->hands->holds($task->typical) as $held) {
                foreach (Night::between($slot->start, $slot->end, $asked->places, $asked->zone) as $night) {
                    self::assertTrue(
                        $slot->start + $held->from >= $night->to || $slot->start + $held->to <= $night->from,
                        "$case: $task->text at night",
                    );
                }
                for ($m = $slot->start + $held->from; $m < $slot->start + $held->to; $m++) {
                    $used["hands $m"] = ($used["hands $m"] ?? 0) + 1;
                }
            }
            if (
                $task->action->key !== 'preheat' &&
                $task->action->key !== 'turn-down' &&
                isset($limits[$task->place]) &&
                $task->place !== 'hands'
            ) {
                for ($m = $slot->start; $m < $slot->end; $m++) {
                    $used["$task->place $m"] = ($used["$task->place $m"] ?? 0) + 1;
                }
            }
        }
        foreach ($used as $place => $count) {
            self::assertLessThanOrEqual($limits[explode(' ', $place)[0]], $count, "$case: $place");
        }
    }

    /** @param  list<string>  $texts */
    private function day(array $texts, string $ready, Places $places): DayPlan
    {
        return self::kernel()->day(
            array_map(fn (string $t, int $n): Dish => $this->dish($t, $n), $texts, range(1, count($texts))),
            new DayAsked(self::minutes($ready), null, $places, new DateTimeZone('UTC'), wantsAdvice: false),
        );
    }

    private function dish(string $text, int $number): Dish
    {
        return self::kernel()->dish(self::kernel()->convert(self::brief($text)), $number);
    }

    private static function minutes(string $moment): int
    {
        return Night::minutes(new DateTimeImmutable($moment));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Day;
use App\Models\User;
use Illuminate\Support\Carbon;
use Sabre\VObject\Reader;

final class DayTest extends KitchenCase
{
    private const BISCUITS = "Sesame biscuits\nMakes 30 biscuits\n120 g butter, softened\n80 g sugar\n200 g flour\n1 egg\n\nMethod\nHeat the oven to 170 °C.\nCream the butter and sugar.\nBeat in the egg.\nStir in the flour.\nChill for 1 hour.\nRoll out and cut.\nBake for 14 minutes.\nCool on the sheet for 10 minutes.";

    private User $baker;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-20T09:00:00Z');
        $this->baker = $this->baker();
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    private function day(string $zone = 'Europe/Berlin', string $day = '2026-12-24', string $time = '16:00'): Day
    {
        $ulids = [$this->recipeOf($this->baker)->ulid, $this->recipeOf($this->baker, self::BISCUITS)->ulid];
        $this->actingAs($this->baker)
            ->post('/day', ['desserts' => $ulids, 'mode' => 'ready', 'day' => $day, 'time' => $time, 'zone' => $zone])
            ->assertSessionHasNoErrors()
            ->assertRedirect();

        return Day::query()->latest('id')->firstOrFail();
    }

    public function test_a_day_is_planned_for_its_hour_in_its_zone(): void
    {
        $day = $this->day();
        $this->get("/day/$day->ulid")
            ->assertOk()
            ->assertSee('Thursday 24 December')
            ->assertSeeInOrder(['16:00', 'Stir in the']);
        $this->get('/day')->assertRedirect("/day/$day->ulid");
        $plan = $this->get("/day/$day->ulid/plan.json")->json();
        self::assertSame('2026-12-24T16:00:00+01:00', $plan['ready']);
        $this->get("/day/$day->ulid/plan.txt")->assertOk()->assertSee('Bake');
    }

    public function test_nothing_chosen_and_no_hour_are_said_beside_their_fields(): void
    {
        $ulid = $this->recipeOf($this->baker)->ulid;
        $this->actingAs($this->baker)
            ->from('/day/new')
            ->post('/day', ['mode' => 'ready', 'day' => '2026-12-24', 'time' => '16:00'])
            ->assertSessionHasErrors(['desserts' => 'Choose at least one dessert.']);
        $this->from('/day/new')
            ->post('/day', ['desserts' => [$ulid], 'mode' => 'ready', 'day' => 'soon', 'time' => ''])
            ->assertSessionHasErrors(['day', 'time']);
        self::assertSame(0, Day::query()->count());
    }

    public function test_the_flag_and_a_bar_are_moved_and_what_cannot_is_refused_with_its_reason(): void
    {
        $day = $this->day();
        $this->post(
            "/day/$day->ulid/when",
            ['mode' => 'ready', 'day' => '2026-12-24', 'time' => '18:30'],
            ['HX-Request' => 'true'],
        )
            ->assertOk()
            ->assertSee('18:30');
        $plan = $this->get("/day/$day->ulid/plan.json")->json();
        self::assertSame('2026-12-24T18:30:00+01:00', $plan['ready']);
        $egg = array_values(
            array_filter($plan['steps'], static fn (array $s): bool => str_starts_with($s['text'], 'Beat in')),
        )[0]['id'];
        $end = static fn (array $plan): int => intdiv(
            (int) strtotime(
                array_values(array_filter($plan['schedule'], static fn (array $s): bool => $s['step'] === $egg))[0][
                    'end'
                ],
            ),
            60,
        );
        $before = $end($plan);
        $this->post(
            "/day/$day->ulid/moves",
            ['key' => "$egg#1", 'from' => $before, 'at' => $before - 40],
            ['HX-Request' => 'true'],
        )
            ->assertOk()
            ->assertSee('Put everything back');
        self::assertSame($before - 40, $end($this->get("/day/$day->ulid/plan.json")->json()));
        $this->post(
            "/day/$day->ulid/moves",
            ['key' => "$egg#1", 'from' => $before, 'at' => $before + 90],
            ['HX-Request' => 'true'],
        )
            ->assertOk()
            ->assertSee('cannot be later');
        $this->post("/day/$day->ulid/moves/forget");
        self::assertSame($before, $end($this->get("/day/$day->ulid/plan.json")->json()));
    }

    public function test_who_is_late_goes_on_from_here_without_what_is_done(): void
    {
        $day = $this->day();
        $first = $this->get("/day/$day->ulid/plan.json")->json()['schedule'][0];
        $this->post("/day/$day->ulid/late", ['done' => ["$first[step]#1"]])->assertRedirect();
        $plan = $this->get("/day/$day->ulid/plan.json")->json();
        self::assertNotContains($first['step'], array_column($plan['schedule'], 'step'));
        self::assertSame(Carbon::now()->getTimestamp(), strtotime($plan['schedule'][0]['start']));
    }

    public function test_another_sheet_is_the_kitchens_from_then_on(): void
    {
        $day = $this->day();
        $this->post("/day/$day->ulid/places", ['sheets' => '0'], ['HX-Request' => 'true'])->assertRedirect();
        self::assertNull($this->baker->kitchen->refresh()->places);
        $this->post("/day/$day->ulid/places", ['sheets' => '3', 'bakers' => '2', 'shelves' => '2'])->assertRedirect();
        self::assertSame(
            [3, 2],
            [$this->baker->kitchen->refresh()->room()->sheets, $this->baker->kitchen->room()->bakers],
        );
    }

    /** RFC 5545, read back by sabre/vobject. The day goes through the night in which European summer time ends. */
    public function test_the_calendar_reads_back_and_keeps_its_names(): void
    {
        Carbon::setTestNow('2026-10-20T09:00:00Z');
        $day = $this->day('Europe/Berlin', '2026-10-25', '09:00');
        $read = fn (): array => iterator_to_array(
            Reader::read(
                (string) $this->get("/day/$day->ulid/plan.ics")
                    ->assertOk()
                    ->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
                    ->getContent(),
            )->select('VEVENT'),
        );
        $events = $read();
        $plan = $this->get("/day/$day->ulid/plan.json")->json();
        $worked = array_filter(
            $plan['schedule'],
            static fn (array $s): bool => array_column($plan['steps'], null, 'id')[$s['step']]['hands'] !== 'none',
        );
        self::assertCount(count($worked), $events);
        $starts = array_map(static fn ($e): int => $e->DTSTART->getDateTime()->getTimestamp(), $events);
        self::assertSame(
            array_values(array_map(static fn (array $s): int => (int) strtotime($s['start']), $worked)),
            array_values($starts),
        );
        self::assertSame('-PT5M', (string) $events[array_key_first($events)]->VALARM->TRIGGER);
        $uids = static fn (array $events): array => array_values(
            array_map(static fn ($e): string => (string) $e->UID, $events),
        );
        $names = $uids($events);
        self::assertSame($names, array_values(array_unique($names)));
        $this->post("/day/$day->ulid/when", ['mode' => 'ready', 'day' => '2026-10-25', 'time' => '10:00']);
        $moved = $read();
        self::assertEqualsCanonicalizing($names, $uids($moved));
        self::assertGreaterThan(
            (int) (string) $events[array_key_first($events)]->SEQUENCE,
            (int) (string) $moved[array_key_first($moved)]->SEQUENCE,
        );
    }

    public function test_the_shopping_list_is_less_what_the_pantry_holds(): void
    {
        $this->actingAs($this->baker)
            ->post('/pantry', [
                'name' => 'Blue bag',
                'food' => 'Butter',
                'law' => 'eu-uk',
                'serving_g' => '100',
                'printed' => ['carbohydrate' => '0.6', 'fat' => '82'],
                'is_default' => '1',
                'price' => '2.50',
                'size_g' => '100',
                'left_g' => '30',
                'best_before' => '2026-12-30',
            ])
            ->assertSessionHasNoErrors();
        $day = $this->day();
        $this->get("/day/$day->ulid/shopping")
            ->assertOk()
            ->assertSee('Blue bag')
            ->assertSee('30 December 2026')
            ->assertSee('in the Pantry');
        $rows = array_map(
            str_getcsv(...),
            array_filter(
                explode(
                    "\n",
                    (string) $this->get("/day/$day->ulid/shopping.csv")
                        ->assertOk()
                        ->getContent(),
                ),
            ),
        );
        $butter = array_values(
            array_filter(
                $rows,
                static fn (array $r): bool => stripos((string) $r[0], 'Blue bag') !== false ||
                    stripos((string) $r[0], 'butter') !== false,
            ),
        )[0];
        self::assertEqualsWithDelta((float) $butter[1] - 30.0, (float) $butter[3], 1.0);
        self::assertSame((int) ceil((float) $butter[3] / 100), (int) $butter[4]);
    }
}

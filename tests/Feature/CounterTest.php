<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bake;
use App\Models\Recipe;
use App\Models\Run;
use Illuminate\Database\QueryException;
use Illuminate\Testing\TestResponse;

final class CounterTest extends KitchenCase
{
    private Recipe $recipe;

    private Run $run;

    protected function setUp(): void
    {
        parent::setUp();
        $this->recipe = $this->recipeOf($this->baker());
        $this->post("/counter/{$this->recipe->ulid}/runs")->assertRedirect();
        $this->run = Run::query()->sole();
    }

    /** @param  list<array{string, array<string, mixed>}>  $events */
    private function hand(array $events, string $prefix = 'e', int $after = 0): TestResponse
    {
        return $this->postJson("/counter/run/{$this->run->ulid}/events", [
            'after' => $after,
            'events' => array_map(
                static fn (int $i, array $e): array => [
                    'id' => "$prefix-$i",
                    'kind' => $e[0],
                    'data' => $e[1],
                    'at' => 1_764_000_000_000 + $i * 60_000,
                ],
                array_keys($events),
                $events,
            ),
        ]);
    }

    /** @return list<array<string, mixed>> the tasks as the page has them */
    private function tasks(): array
    {
        preg_match(
            '~<script type="application/json" id="run">(.*?)</script>~s',
            (string) $this->get("/counter/run/{$this->run->ulid}")
                ->assertOk()
                ->getContent(),
            $m,
        );

        return json_decode($m[1], true, flags: JSON_THROW_ON_ERROR)['tasks'];
    }

    public function test_a_bake_that_runs_is_gone_on_with_and_not_begun_twice(): void
    {
        $this->post("/counter/{$this->recipe->ulid}/runs")->assertRedirect("/counter/run/{$this->run->ulid}");
        self::assertSame(1, Run::query()->count());
    }

    public function test_what_is_handed_in_twice_stands_once_and_in_its_order(): void
    {
        $this->hand([
            ['tick', ['task' => '1-1']],
            ['timer', ['timer' => 't', 'task' => '1-2', 'name' => 'Baking', 'ends' => 1_764_000_999_000]],
        ])
            ->assertOk()
            ->assertJsonCount(2, 'events');
        $again = $this->hand([
            ['tick', ['task' => '1-1']],
            ['timer', ['timer' => 't', 'task' => '1-2', 'name' => 'Baking', 'ends' => 1_764_000_999_000]],
            ['untick', ['task' => '1-1']],
        ])
            ->assertOk()
            ->json('events');
        self::assertSame(['tick', 'timer', 'untick'], array_column($again, 'kind'));
        self::assertSame([], $this->run->doing()->done);
        $this->getJson("/counter/run/{$this->run->ulid}/events?after=".$again[1]['id'])
            ->assertOk()
            ->assertJsonCount(1, 'events');
    }

    public function test_what_is_no_event_changes_nothing(): void
    {
        foreach (
            [
                ['events' => 'x'],
                ['events' => [['id' => 'a', 'kind' => 'explode', 'data' => [], 'at' => 1]]],
                ['events' => [['id' => '<b>', 'kind' => 'tick', 'data' => [], 'at' => 1]]],
                ['events' => [['id' => 'a', 'kind' => 'tick', 'data' => ['task' => str_repeat('x', 500)], 'at' => 1]]],
            ] as $body
        ) {
            $this->postJson("/counter/run/{$this->run->ulid}/events", $body)->assertStatus(422);
        }
        self::assertSame([], $this->run->eventsAfter(0));
    }

    public function test_too_much_that_is_kept_is_in_the_count_at_once(): void
    {
        $task = array_values(array_filter($this->tasks(), static fn (array $t): bool => $t['uses'] !== []))[0];
        $use = array_values(array_filter($task['uses'], static fn (array $u): bool => $u['food'] === 'almond-flour'))[0];
        $planned = $this->hand([
            ['weigh', ['task' => $task['id'], 'food' => $use['food'], 'grams' => $use['grams']]],
        ])->json('count');
        self::assertSame('as planned', $planned['said']);
        $more = $this->hand(
            [['weigh', ['task' => $task['id'], 'food' => $use['food'], 'grams' => $use['grams'] * 3]]],
            'f',
        )->json('count');
        self::assertStringContainsString('than planned', $more['said']);
        self::assertNotSame($planned['net'], $more['net']);
    }

    public function test_what_was_done_stands_with_the_bake_once(): void
    {
        $tasks = $this->tasks();
        $task = array_values(array_filter($tasks, static fn (array $t): bool => $t['uses'] !== []))[0];
        $bake = array_values(array_filter($tasks, static fn (array $t): bool => $t['action'] === 'bake'))[0];
        $this->hand([
            ['weigh', ['task' => $task['id'], 'food' => $task['uses'][0]['food'], 'grams' => 123.4]],
            ['timer', ['timer' => 't', 'task' => $bake['id'], 'name' => 'Baking', 'ends' => 1_764_000_999_000]],
            ['piece', ['grams' => 41]],
            ['piece', ['grams' => 43.5]],
            ['probe', ['celsius' => 94.5]],
            ['timer-stop', ['timer' => 't']],
        ])->assertOk();
        $this->post("/counter/run/{$this->run->ulid}/end")->assertRedirect();
        $this->post("/counter/run/{$this->run->ulid}/end")->assertRedirect();
        $kept = Bake::query()->sole();
        self::assertSame([41.0, 43.5], array_map(floatval(...), $kept->doing['pieces']));
        self::assertEquals(123.4, $kept->doing['weighed'][0]['grams']);
        self::assertEquals(4.0, (float) $kept->minutes);
        self::assertEquals(2.0, (float) $kept->pieces);
        self::assertEquals(94.5, $kept->doing['probe'][0][0]);
        self::assertSame($kept->id, $this->run->refresh()->bake_id);
    }

    public function test_a_baked_version_is_never_changed_not_even_by_hand(): void
    {
        $this->post("/counter/run/{$this->run->ulid}/end");
        $this->post("/bench/{$this->recipe->ulid}/wishes", $this->wishes(['sweetness' => '70']));
        self::assertSame(2, $this->recipe->versions()->count());
        $this->expectException(QueryException::class);
        $this->recipe->versions()->where('number', 1)->update(['document' => '{}']);
    }
}

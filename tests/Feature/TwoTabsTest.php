<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Recipe;
use App\Support\Dessert;
use App\Support\ThreeWay;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;

/** What is changed in two places at once is merged field by field, and nothing is dropped. */
final class TwoTabsTest extends KitchenCase
{
    public function test_twenty_who_all_began_with_the_same_page_keep_twenty_changes(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $began = array_map(
            static fn (): Dessert => Dessert::ofRecipe(
                Recipe::query()
                    ->with(['latest', 'kitchen'])
                    ->findOrFail($recipe->id),
            ),
            range(1, 20),
        );
        foreach ($began as $i => $dessert) {
            $dessert->keep(
                $dessert->brief->wishing(amounts: [...$dessert->brief->wishes->amounts, "food-$i" => 10.0 + $i]),
            );
        }
        self::assertCount(20, Recipe::query()->findOrFail($recipe->id)->brief()->wishes->amounts);
        self::assertSame(20, Recipe::query()->findOrFail($recipe->id)->revision);
    }

    public function test_an_old_tab_undoes_nothing_that_another_changed(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $at = "/bench/$recipe->ulid/wishes";
        $this->post($at, $this->wishes(['sweetness' => '60']), ['HX-Request' => 'true', 'X-Seen' => '0'])->assertOk();
        // The other tab still shows the sweetness of before, and sends the whole form.
        $this->post($at, $this->wishes(['school' => 'coconut']), ['HX-Request' => 'true', 'X-Seen' => '0'])->assertOk();
        $wishes = Recipe::query()->findOrFail($recipe->id)->brief()->wishes;
        self::assertSame([0.6, 'coconut'], [$wishes->sweetness, $wishes->school]);
        // What saw it changes it.
        $this->post($at, $this->wishes(['school' => 'coconut', 'sweetness' => '85']), [
            'HX-Request' => 'true',
            'X-Seen' => '2',
        ])->assertOk();
        self::assertSame(0.85, Recipe::query()->findOrFail($recipe->id)->brief()->wishes->sweetness);
        $this->post("/bench/$recipe->ulid/undo");
        $this->post("/bench/$recipe->ulid/undo");
        self::assertSame('almond-coconut', Recipe::query()->findOrFail($recipe->id)->brief()->wishes->school);
    }

    public function test_a_form_that_is_sent_twice_is_one(): void
    {
        $this->actingAs($this->baker());
        $form = ['text' => self::LOAF, '_once' => 'abcdefghij0123456789'];
        // A refusal is no success: it may be sent again.
        $this->post('/paste', [...$form, 'text' => ''])->assertStatus(422);
        $first = $this->post('/paste', $form)->assertRedirect()->headers->get('Location');
        self::assertSame($first, $this->post('/paste', $form)->assertRedirect()->headers->get('Location'));
        self::assertSame(1, Recipe::query()->count());
        $this->post('/paste', [...$form, '_once' => 'bbcdefghij0123456789']);
        self::assertSame(2, Recipe::query()->count());
        $this->get('/')->assertSee('name="_once"', false);
    }

    /** A guest's dessert lives in the session, which every request reads when it begins. */
    public function test_who_looks_while_a_guest_changes_something_undoes_nothing(): void
    {
        $this->post('/paste', ['text' => self::LOAF])->assertRedirect('/bench/draft');
        $row = DB::table('sessions');
        $this->withCookie('aglyca_session', (string) $row->value('id'));
        $before = (string) $row->value('payload');
        $this->post('/bench/draft/wishes', ['sweetness' => '60'])->assertRedirect();
        $changed = (string) $row->value('payload');
        self::assertNotSame($before, $changed);
        foreach (['/bench/draft', '/bench/draft/part/ladder', '/bench/draft/proposals'] as $looked) {
            $row->update(['payload' => $before, 'last_activity' => 1]);
            // The change is kept after this request has read the session.
            $hasRead = false;
            DB::listen(static function (QueryExecuted $query) use (&$hasRead, $row, $changed): void {
                if (! $hasRead && str_starts_with($query->sql, 'select * from `sessions`')) {
                    $hasRead = true;
                    $row->update(['payload' => $changed]);
                }
            });
            $this->get($looked)->assertOk();
            self::assertSame($changed, $row->value('payload'), $looked);
            self::assertGreaterThan(1, $row->value('last_activity'));
        }
    }

    public function test_two_changes_of_a_guest_come_one_after_the_other(): void
    {
        $this->post('/paste', ['text' => self::LOAF]);
        $this->withCookie('aglyca_session', (string) DB::table('sessions')->value('id'));
        $held = 0;
        DB::listen(static function () use (&$held): void {
            foreach (glob(config('cache.stores.file.lock_path').'/turns/*') ?: [] as $turn) {
                $file = fopen($turn, 'r');
                self::assertIsResource($file);
                $held = max($held, flock($file, LOCK_EX | LOCK_NB) ? 0 : 1);
            }
        });
        $this->get('/bench/draft')->assertOk();
        self::assertSame(0, $held);
        $this->post('/bench/draft/wishes', ['sweetness' => '60'])->assertRedirect();
        self::assertSame(1, $held);
        $held = 0;
        $this->get('/bench/draft')->assertOk();
        self::assertSame(0, $held, 'it is let go with the request');
    }

    public function test_changes_of_different_fields_are_all_kept_whatever_the_order(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 300; $i++) {
            $base = [
                'text' => 'a',
                'pieces' => null,
                'amounts' => ['x' => 1.0, 'y' => 2.0],
                'without' => ['milk', 'egg'],
                'sharing' => ['used' => ['k' => 0.5]],
            ];
            $mine = $theirs = $base;
            $edits = [
                static function (array &$d): void {
                    $d['text'] = 'b';
                }, static function (array &$d): void {
                    $d['pieces'] = 12;
                },
                static function (array &$d): void {
                    $d['amounts']['z'] = 3.0;
                }, static function (array &$d): void {
                    unset($d['amounts']['x']);
                },
                static function (array &$d): void {
                    $d['without'][] = 'nuts';
                }, static function (array &$d): void {
                    $d['without'] = array_values(array_diff($d['without'], ['egg']));
                },
                static function (array &$d): void {
                    $d['sharing']['used']['m'] = 2.0;
                },
            ];
            $all = $base;
            foreach ($edits as $edit) {
                $edit($all);
                mt_rand(0, 1) === 1 ? $edit($mine) : $edit($theirs);
            }
            $merged = ThreeWay::merged($base, $mine, $theirs);
            sort($merged['without']);
            sort($all['without']);
            self::assertEquals($all, $merged);
        }
        // The shares of a blend are one value: halves of two changes would be more than the whole.
        $blend = static fn (float $a): array => ['blend' => ['corners' => ['x', 'y', 'z'], 'shares' => [$a, 1 - $a, 0.0]]];
        $merged = ThreeWay::merged($blend(0.5), $blend(0.2), $blend(0.9));
        self::assertSame($blend(0.2), $merged);
        self::assertSame('mine', ThreeWay::merged(['t' => 'a'], ['t' => 'mine'], ['t' => 'theirs'])['t']);
    }
}

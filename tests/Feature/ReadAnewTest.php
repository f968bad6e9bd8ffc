<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\Timing;
use App\Models\Recipe;
use App\Models\User;
use App\Models\Version;
use App\Support\OlderReader;
use App\Support\StandingReadings;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A kept dessert stays as it was read, whatever the reader learns, until its baker has it read anew. */
final class ReadAnewTest extends KitchenCase
{
    /** What `standing/make.php` wrote by the code of `OlderReader::COMMIT`: documents, and the figures of each. */
    private const STANDING = 'tests/Feature/standing/desserts.json.gz';

    private User $maud;

    protected function setUp(): void
    {
        parent::setUp();
        $this->maud = $this->baker();
    }

    public function test_what_stood_before_keeps_its_figures_and_its_corrections(): void
    {
        if (OlderReader::open(base_path()) === null) {
            $this->markTestSkipped('The repository does not hold the older commit.');
        }
        $standing = json_decode((string) gzdecode((string) file_get_contents(base_path(self::STANDING))), true);
        $ids = array_map($this->stands(...), $standing);
        self::assertCount(200, $ids);

        app(StandingReadings::class)->keep();

        $kernel = app(Kernel::class);
        $changed = 0;
        foreach ($ids as $n => $id) {
            $recipe = Recipe::query()->findOrFail($id);
            $brief = $recipe->brief();
            self::assertEquals($standing[$n]['figures'], self::figures($kernel, $brief), $brief->text);
            self::assertEquals($standing[$n]['document'], $recipe->latest->document);
            $changed += (int) ($n < 60 && $standing[$n]['figures'] != self::figures($kernel, $brief->but(kept: null)));
        }
        self::assertGreaterThan(10, $changed, 'today they would be read otherwise, or the test says nothing');
        self::assertSame([0, true], app(StandingReadings::class)->keep(), 'once is enough');
        self::assertSame(1, DB::table('bakes')->where('recipe_id', $ids[0])->count());
        self::assertSame(1, DB::table('runs')->where('recipe_id', $ids[0])->count());
        $this->actingAs($this->maud)->get('/notebook')->assertOk();
        $this->actingAs($this->maud)->get('/bench/'.Recipe::query()->findOrFail($ids[0])->ulid)->assertOk();
    }

    public function test_a_correction_changes_its_line_and_nothing_else(): void
    {
        $recipe = $this->readOtherwise(self::LOAF, ['sugar' => ['honey', 50.0], 'egg' => ['egg-white', 90.0]]);
        $line = $this->lines($recipe)['honey'];

        $this->actingAs($this->maud)->post("/bench/$recipe->ulid/lines/$line->key", ['food' => 'erythritol', 'grams' => '60'])->assertRedirect();

        $lines = $this->lines($recipe->refresh());
        self::assertSame(60.0, $lines['erythritol']->grams?->value);
        self::assertSame(90.0, $lines['egg-white']->grams?->value, 'as it was kept');
        self::assertSame(250.0, $lines['wheat-flour']->grams?->value);
        $this->actingAs($this->maud)->post("/bench/$recipe->ulid/text", ['text' => str_replace('120 g butter', '140 g butter', self::LOAF)])->assertRedirect();
        $lines = $this->lines($recipe->refresh());
        self::assertSame([140.0, 90.0], [$lines['butter']->grams?->value, $lines['egg-white']->grams?->value]);
    }

    public function test_both_readings_stand_side_by_side_and_the_baker_takes_the_new_one(): void
    {
        $recipe = $this->readOtherwise(self::LOAF, ['sugar' => ['honey', 50.0]]);
        $kept = $this->actingAs($this->maud)->get("/bench/$recipe->ulid/part/reading")->assertOk()
            ->assertSee(__('reading.anew.heading'))->assertSee(__('reading.anew.take'));
        self::assertStringContainsString('50 g', $kept->getContent());
        self::assertArrayHasKey('honey', $this->lines($recipe), 'to look is not to take');

        $this->post("/bench/$recipe->ulid/anew")->assertRedirect();

        self::assertSame(200.0, $this->lines($recipe->refresh())['sugar']->grams?->value);
        self::assertSame(1, $recipe->versions()->count());
        $this->get("/bench/$recipe->ulid/part/reading")->assertDontSee(__('reading.anew.heading'));
    }

    public function test_what_was_baked_stays_as_it_was_read(): void
    {
        $recipe = $this->readOtherwise(self::LOAF, ['sugar' => ['honey', 50.0]]);
        DB::table('bakes')->insert($this->bake($recipe->id, $recipe->latest->id));

        $this->actingAs($this->maud)->post("/bench/$recipe->ulid/anew")->assertRedirect();

        $versions = $recipe->refresh()->versions()->orderBy('number')->get();
        self::assertCount(2, $versions);
        $foods = fn (Version $v): array => array_map(
            static fn (Line $l): ?string => $l->food?->key, app(Kernel::class)->read($recipe->briefOf($v))->lines,
        );
        self::assertContains('honey', $foods($versions[0]));
        self::assertContains('sugar', $foods($versions[1]));
        $this->actingAs($this->baker('eve@example.org'))->post("/bench/$recipe->ulid/anew")->assertNotFound();
    }

    public function test_what_a_copy_brings_in_without_a_reading_is_kept_as_it_is_read(): void
    {
        $recipe = $this->recipeOf($this->maud);
        DB::table('versions')->where('recipe_id', $recipe->id)->update(['reading' => null]);

        app(StandingReadings::class)->keepBroughtIn([$recipe->latest->id]);

        self::assertSame([], app(Kernel::class)->readAnew($recipe->refresh()->brief()));
        self::assertSame('Rye-less loaf', $recipe->latest->reading['recipe']['title'] ?? null);
    }

    public function test_a_damaged_reading_is_none(): void
    {
        $recipe = $this->recipeOf($this->maud);
        foreach (['[]', '{"of":{"text":"x"},"recipe":{"lines":[{"part":9}],"parts":[""]}}', '{"of":1}',
            '{"of":{"text":"x","corrections":{"a":"b"}},"recipe":{}}'] as $damaged) {
            DB::table('versions')->where('recipe_id', $recipe->id)->update(['reading' => $damaged]);
            $recipe->unsetRelation('latest');
            self::assertSame(200.0, $this->lines($recipe)['sugar']->grams?->value, $damaged);
            $this->actingAs($this->maud)->get("/bench/$recipe->ulid")->assertOk();
        }
    }

    /**
     * A dessert that was read by a reader who took some foods for others.
     *
     * @param  array<string, array{string, float}>  $otherwise  food => food and grams
     */
    private function readOtherwise(string $text, array $otherwise): Recipe
    {
        $recipe = $this->recipeOf($this->maud, $text);
        $reading = $recipe->latest->reading;
        foreach ($reading['recipe']['lines'] ?? [] as $n => $line) {
            if (isset($otherwise[$line['food']])) {
                [$food, $grams] = $otherwise[$line['food']];
                $reading['recipe']['lines'][$n] = [...$line, 'food' => $food, 'grams' => [$grams, 1.0]];
            }
        }
        $recipe->latest->update(['reading' => $reading]);

        return $recipe->refresh();
    }

    /** @return array<string, Line> by food */
    private function lines(Recipe $recipe): array
    {
        return array_column(
            array_map(static fn (Line $l): array => [$l->food->key ?? '', $l], app(Kernel::class)->read($recipe->brief())->lines),
            1,
            0,
        );
    }

    /**
     * A row as the older code stored it: no reading beside it. The first was baked, and is being baked.
     *
     * @param  array{document: array<string, mixed>}  $dessert
     */
    private function stands(array $dessert): int
    {
        $now = ['created_at' => now(), 'updated_at' => now()];
        $id = (int) DB::table('recipes')->insertGetId([
            'ulid' => strtolower((string) Str::ulid()), 'kitchen_id' => $this->maud->kitchen_id,
            'title' => $dessert['document']['title'], ...$now,
        ]);
        $version = (int) DB::table('versions')->insertGetId([
            'recipe_id' => $id, 'number' => 1, 'document' => json_encode($dessert['document'], JSON_PRESERVE_ZERO_FRACTION), ...$now,
        ]);
        if (DB::table('runs')->count() === 0) {
            DB::table('bakes')->insert($this->bake($id, $version));
            $run = DB::table('runs')->insertGetId([
                'ulid' => strtolower((string) Str::ulid()), 'kitchen_id' => $this->maud->kitchen_id, 'recipe_id' => $id,
                'version_id' => $version, ...$now,
            ]);
            DB::table('run_events')->insert([
                'run_id' => $run, 'sent_as' => 'a', 'kind' => 'begun', 'data' => '{}', 'at_ms' => 1,
            ]);
        }

        return $id;
    }

    /** @return array<string, mixed> */
    private function bake(int $recipe, int $version): array
    {
        return [
            'recipe_id' => $recipe, 'version_id' => $version, 'baked_on' => '2026-11-01', 'mark' => 4, 'words' => 'Good.',
            'created_at' => now(), 'updated_at' => now(),
        ];
    }

    /** @return array<string, mixed> as `standing/make.php` has them */
    private static function figures(Kernel $kernel, Brief $brief): array
    {
        [$recipe, $account] = [$kernel->read($brief), $kernel->account($brief)];
        $net = $account->netCarbs($brief->convention);

        return [
            'title' => $recipe->title,
            'pieces' => $recipe->pieces,
            'net' => [$net->value, $net->u, $account->pieceMass()],
            'lines' => array_map(static fn (Line $l): array => [$l->food?->key, $l->grams?->value], $recipe->lines),
            'steps' => array_map(static fn (Step $s): array => [
                $s->text, array_map(static fn (Heat $h): float => $h->temperature->celsius, $s->heats),
                array_map(static fn (Timing $t): array => [$t->low, $t->high, $t->isBaking], $s->times),
            ], $recipe->steps),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aglyca\Core\BriefJson;
use App\Models\Kitchen;
use App\Models\User;
use App\Support\KitchenCheck;
use App\Support\KitchenCopy;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use ZipArchive;

/** A kitchen taken along as a ZIP and brought into an empty one is the same kitchen. */
final class CopyTest extends KitchenCase
{
    private function zip(User $of): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'copy');
        file_put_contents($path, (string) $this->actingAs($of)->get('/you/kitchen.zip')->assertOk()->streamedContent());

        return $path;
    }

    public function test_the_demo_kitchen_comes_out_of_its_zip_as_it_was(): void
    {
        Artisan::call('db:seed', ['--force' => true]);
        $demo = User::query()->where('is_demo', true)->sole();
        // A line that is said to be a certain package, and a bake that goes on, with its numbers.
        $recipe = $demo->kitchen->recipes()->firstOrFail();
        $this->actingAs($demo)->post("/counter/$recipe->ulid/runs");
        $run = DB::table('runs')->sole();
        DB::table('run_events')->insert([
            'run_id' => $run->id,
            'sent_as' => 'x1',
            'kind' => 'tick',
            'data' => json_encode(['task' => "$recipe->id-3"]),
            'at_ms' => 5,
        ]);
        $package = (string) $demo->kitchen->packages()->orderByDesc('id')->firstOrFail()->id;
        $recipe->change(
            $recipe->brief(),
            BriefJson::changed($recipe->brief(), [
                'corrections' => ['0123456789-1' => ['food' => 'almond-flour', 'package' => $package]],
            ]),
        );
        $zip = $this->zip($demo);

        $empty = $this->baker();
        $this->actingAs($empty)
            ->post('/you/kitchen', ['copy' => new UploadedFile($zip, 'copy.zip', null, null, true)])
            ->assertRedirect('/shelf');
        $before = KitchenCopy::of($demo->kitchen->refresh());
        $after = KitchenCopy::of($empty->kitchen->refresh());
        self::assertNotSame([], $before['tables']['photos']);
        self::assertSame('0-3', $before['tables']['run_events'][0]['data']['task']);
        self::assertEquals($before, $after);
        // And what it names is its own, not the other's.
        $mine = $empty->kitchen->recipes()->where('title', $recipe->title)->firstOrFail();
        $event = json_decode(
            (string) DB::table('run_events')
                ->where('run_id', DB::table('runs')->where('kitchen_id', $empty->kitchen_id)->value('id'))
                ->value('data'),
            true,
        );
        self::assertSame("$mine->id-3", $event['task']);
        self::assertContains(
            (string) $mine->latest->document['corrections']['0123456789-1']['package'],
            $empty->kitchen->packages()->pluck('id')->map(strval(...))->all(),
        );
        foreach (['/shelf', '/pantry', '/notebook', '/notebook/response', '/day', "/bench/$mine->ulid"] as $page) {
            $this->actingAs($empty)->followingRedirects()->get($page)->assertOk();
        }
        // Into a kitchen with something in it goes nothing.
        $after = KitchenCopy::of($empty->kitchen->refresh());
        $this->post('/you/kitchen', [
            'copy' => new UploadedFile($zip, 'copy.zip', null, null, true),
        ])->assertSessionHasErrors('copy');
        self::assertEquals($after, KitchenCopy::of($empty->kitchen->refresh()));

        $archive = new ZipArchive;
        $archive->open($zip);
        $names = array_map(
            static fn (int $i): string => (string) $archive->getNameIndex($i),
            range(0, $archive->numFiles - 1),
        );
        foreach (
            [
                '~^kitchen\.json$~',
                '~^desserts/.*\.json$~',
                '~^desserts/.*\.md$~',
                '~^packages\.csv$~',
                '~^pictures/.*\.jpg$~',
            ] as $wanted
        ) {
            self::assertNotSame([], preg_grep($wanted, $names), $wanted);
        }
    }

    public function test_a_copy_with_anything_wrong_in_it_brings_in_nothing(): void
    {
        $baker = $this->baker();
        $this->recipeOf($baker);
        $this->post('/pantry', [
            'name' => 'Bag',
            'food' => 'Almond flour',
            'law' => 'eu-uk',
            'serving_g' => '100',
            'printed' => ['carbohydrate' => '4'],
            'is_default' => '1',
        ]);
        $good = KitchenCopy::of($baker->kitchen);
        KitchenCheck::of($good);
        $wrongs = [
            static fn (array $c): array => [...$c, 'format' => 'other'],
            static fn (array $c): array => [...$c, 'version' => 2],
            static function (array $c): array {
                $c['tables']['recipes'][0]['title'] = ['x'];

                return $c;
            },
            static function (array $c): array {
                $c['tables']['recipes'][0]['title'] = str_repeat('x', 161);

                return $c;
            },
            static function (array $c): array {
                $c['tables']['versions'][0]['document']['corrections'] = ['a' => 'b'];

                return $c;
            },
            static function (array $c): array {
                $c['tables']['packages'][0]['law'] = 'none';

                return $c;
            },
            static function (array $c): array {
                $c['tables']['packages'][0]['serving_g'] = 0.004;

                return $c;
            },
            static function (array $c): array {
                $c['tables']['packages'][0]['opened_on'] = 'yesterday';

                return $c;
            },
            static function (array $c): array {
                $c['tables']['bakes'] = [
                    [
                        'recipe_id' => 0,
                        'version_id' => 0,
                        'baked_on' => '2026-01-01',
                        'words' => '',
                        'judgement' => ['rise' => ['x']],
                    ],
                ];

                return $c;
            },
            static function (array $c): array {
                $c['tables']['packages'] = 'x';

                return $c;
            },
            static function (array $c): array {
                $c['kitchen']['zone'] = 'Nowhere';

                return $c;
            },
            static function (array $c): array {
                $c['kitchen']['convention'] = 'mine';

                return $c;
            },
        ];
        foreach ($wrongs as $n => $wrong) {
            try {
                KitchenCheck::of($wrong($good));
                self::fail("number $n was let pass");
            } catch (InvalidArgumentException $fault) {
                self::assertNotSame('', $fault->getMessage());
            }
        }
        $empty = $this->baker('empty@example.org');
        // What only the tables themselves notice brings in nothing either.
        foreach ([['versions', 'recipe_id', 7], ['packages', 'opened_on', '2026-02-31']] as [$table, $column, $value]) {
            $copy = $good;
            $copy['tables'][$table][0][$column] = $value;
            $file = (string) tempnam(sys_get_temp_dir(), 'bad');
            $zip = new ZipArchive;
            $zip->open($file, ZipArchive::OVERWRITE);
            $zip->addFromString('kitchen.json', (string) json_encode($copy));
            $zip->close();
            $this->actingAs($empty)
                ->post('/you/kitchen', ['copy' => new UploadedFile($file, 'bad.zip', null, null, true)])
                ->assertSessionHasErrors('copy');
            self::assertTrue(Kitchen::query()->findOrFail($empty->kitchen_id)->isEmpty(), "$table.$column");
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'bad');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString('kitchen.json', '{"format":');
        $zip->close();
        $this->actingAs($empty)
            ->post('/you/kitchen', ['copy' => new UploadedFile($path, 'bad.zip', null, null, true)])
            ->assertSessionHasErrors('copy');
        self::assertTrue(Kitchen::query()->findOrFail($empty->kitchen_id)->isEmpty());
    }
}

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

    /** Each value of a copy made wrong in each way: it is refused, or every page shows it. */
    public function test_a_value_of_the_wrong_kind_is_refused_or_shown(): void
    {
        $baker = $this->baker();
        $recipe = $this->recipeOf($baker);
        $this->post("/bench/$recipe->ulid/wishes", ['sweetness' => '85', 'pieces' => '9']);
        $this->post('/pantry', [
            'name' => 'Bag', 'food' => 'Almond flour', 'law' => 'eu-uk', 'serving_g' => '100',
            'printed' => ['carbohydrate' => '4', 'fat' => '50'], 'is_default' => '1',
        ]);
        $this->post('/notebook/response', [
            'name' => 'Curve', 'eaten_on' => '2026-11-01', 'readings' => "0 5.0\n30 7.1\n60 6.0",
        ]);
        $good = json_decode((string) json_encode(KitchenCopy::of($baker->kitchen->refresh())), true);
        self::assertIsArray($good);
        KitchenCheck::of($good);
        $wrong = [['fat' => 1], [[[]]], 1e308, -1, '', 'nonsense', "\0", true, null];
        [$tried, $taken] = [0, []];
        foreach (self::leaves($good) as $path) {
            foreach ($wrong as $value) {
                $copy = $good;
                $place = &$copy;
                foreach ($path as $key) {
                    $place = &$place[$key];
                }
                if ($place === $value) {
                    continue;
                }
                $place = $value;
                unset($place);
                $tried++;
                try {
                    KitchenCheck::of($copy);
                    $taken[implode('.', $path).' '.json_encode($value)] = $copy;
                } catch (InvalidArgumentException) {
                    // Refused in words.
                }
            }
        }
        self::assertGreaterThan(400, $tried);
        $pages = ['/shelf', '/pantry', '/notebook', '/notebook/response', '/kitchen', '/you', '/day/new'];
        // Of those that are let in, as many as a test has time for.
        ksort($taken);
        foreach (array_chunk($taken, max(1, intdiv(count($taken), 24)), true) as $n => $some) {
            $one = $this->baker("copy$n@example.org");
            $name = (string) array_key_first($some);
            try {
                KitchenCopy::into($one->kitchen, KitchenCheck::of(reset($some)));
            } catch (\Throwable) {
                // What only the tables notice brings in nothing.
                continue;
            }
            foreach ($pages as $page) {
                $this->actingAs($one->refresh())->get($page)->assertOk("$name on $page");
            }
            foreach ($one->kitchen->recipes()->pluck('ulid') as $ulid) {
                self::assertContains($this->get("/bench/$ulid")->status(), [200, 422], $name);
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @param  list<int|string>  $path
     * @return list<list<int|string>>
     */
    private static function leaves(array $of, array $path = []): array
    {
        $leaves = [];
        foreach ($of as $key => $value) {
            $here = [...$path, $key];
            $leaves[] = $here;
            if (is_array($value)) {
                array_push($leaves, ...self::leaves($value, $here));
            }
        }

        return $leaves;
    }
}

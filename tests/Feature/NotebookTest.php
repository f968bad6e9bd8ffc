<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bake;
use App\Models\Box;
use App\Models\CurveNote;
use App\Models\Photo;
use App\Models\Recipe;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use ZipArchive;

final class NotebookTest extends KitchenCase
{
    private User $baker;

    private Recipe $recipe;

    private Bake $bake;

    protected function setUp(): void
    {
        parent::setUp();
        $this->baker = $this->baker();
        $this->recipe = $this->recipeOf($this->baker);
        $this->post("/counter/{$this->recipe->ulid}/bakes", [
            'baked_on' => '2026-03-01',
            'mark' => 2,
            'words' => 'Far too dark.',
        ]);
        $this->bake = Bake::query()->sole();
    }

    /** @param  array<string, mixed>  $said */
    private function judge(array $said): void
    {
        $this->post("/notebook/bakes/{$this->bake->id}", [
            'baked_on' => '2026-03-01',
            'mark' => 2,
            'words' => 'Far too dark.',
            ...$said,
        ])
            ->assertSessionHasNoErrors()
            ->assertRedirect();
    }

    public function test_a_bake_is_judged_the_cause_is_named_and_its_change_becomes_the_next_version(): void
    {
        $this->judge(['judged' => ['browning' => 'much', 'grain' => 'right'], 'minutes' => '44,5', 'mass_g' => '830']);
        self::assertSame(['browning' => 'much', 'grain' => 'right'], $this->bake->refresh()->judgement);
        $page = $this->get("/notebook/{$this->recipe->ulid}")
            ->assertOk()
            ->assertSee('Try it:')
            ->assertSee('Browning: too much');
        preg_match('~name="cause"\s+value="([a-z-]+)"~', (string) $page->getContent(), $m);
        $this->post("/notebook/bakes/{$this->bake->id}/try", ['cause' => $m[1]])->assertRedirect(
            "/bench/{$this->recipe->ulid}",
        );
        $next = $this->recipe->versions()->orderByDesc('number')->firstOrFail();
        self::assertSame([2, $this->bake->version_id, $m[1]], [$next->number, $next->parent_id, $next->tries['cause']]);
        self::assertNotSame(json_encode($this->bake->version->document), json_encode($next->document));
        // The next bake says whether it helped.
        $this->post("/counter/{$this->recipe->ulid}/bakes", ['baked_on' => '2026-03-05', 'mark' => 4, 'words' => '']);
        $this->get("/notebook/{$this->recipe->ulid}")->assertOk()->assertSee('That helped: 2 of 5 before, 4 now.');
    }

    public function test_what_cannot_be_is_said_beside_its_field_and_changes_nothing(): void
    {
        $this->from("/notebook/bakes/{$this->bake->id}")
            ->post("/notebook/bakes/{$this->bake->id}", [
                'baked_on' => 'never',
                'mark' => 9,
                'minutes' => 'long',
                'judged' => ['browning' => 'sideways'],
            ])
            ->assertSessionHasErrors(['baked_on', 'mark', 'minutes', 'judged.browning']);
        self::assertSame([2, null], [$this->bake->refresh()->mark, $this->bake->judgement]);
    }

    public function test_two_bakes_lie_side_by_side_and_a_version_is_pinned_and_gone_back_to(): void
    {
        $this->post("/bench/{$this->recipe->ulid}/wishes", $this->wishes(['sweetness' => '70']));
        $this->post("/counter/{$this->recipe->ulid}/bakes", [
            'baked_on' => '2026-03-08',
            'mark' => 5,
            'words' => 'Right.',
        ]);
        $second = Bake::query()->orderByDesc('id')->firstOrFail();
        $this->get("/notebook/{$this->recipe->ulid}?bake={$second->id}&beside={$this->bake->id}")
            ->assertOk()
            ->assertSee('Sweetness, of the dessert as written')
            ->assertSee('1 Mar');
        $this->post("/notebook/{$this->recipe->ulid}/pin", ['version' => $second->version_id]);
        $this->get("/notebook/{$this->recipe->ulid}")->assertSee('house version');
        $this->post("/notebook/{$this->recipe->ulid}/back", ['version' => $this->bake->version_id])->assertRedirect();
        $latest = $this->recipe->versions()->orderByDesc('number')->firstOrFail();
        self::assertEquals($this->bake->version->document, $latest->document);
        self::assertSame($this->bake->version_id, $latest->parent_id);
    }

    public function test_what_is_learnt_is_used_said_and_forgotten(): void
    {
        $this->judge([
            'judged' => ['sweetness' => 'much', 'browning' => 'right', 'moistness' => 'right'],
            'minutes' => '60',
        ]);
        $this->get('/notebook/taught')->assertOk()->assertSee('You like it at')->assertSee('Your oven needs');
        self::assertLessThan(
            0.9,
            $this->recipeOf($this->baker, str_replace('Rye', 'Oat', self::LOAF))->brief()->wishes->sweetness,
        );
        // Written down again it counts once, and burnt it teaches no minutes.
        $this->judge(['judged' => ['browning' => 'much'], 'minutes' => '60']);
        $this->get('/notebook/taught')->assertDontSee('Your oven needs')->assertDontSee('You like it at');
        $this->post('/notebook/taught/cup', ['food' => 'Almond flour', 'grams' => '118'])->assertSessionHasNoErrors();
        $this->get('/notebook/taught')->assertSee('Your cup of almond flour weighs');
        $this->post('/notebook/taught/cup', ['food' => 'greeble', 'grams' => '118'])->assertSessionHasErrors('food');
        $this->post('/notebook/taught/forget', ['what' => 'cup:almond-flour']);
        $this->get('/notebook/taught')->assertDontSee('Your cup of');
    }

    /** EXIF orientation turned eight ways: the mark stands at the top left in each. */
    public function test_pictures_are_turned_upright_made_small_and_stripped(): void
    {
        foreach (range(1, 8) as $orientation) {
            $this->post("/notebook/bakes/{$this->bake->id}/photos", [
                'photo' => $this->picture($orientation),
            ])->assertSessionHasNoErrors();
            $photo = Photo::query()->latest('id')->firstOrFail();
            $jpeg = (string) base64_decode($photo->jpeg_base64, true);
            $image = imagecreatefromstring($jpeg);
            self::assertSame([1280, 960], [imagesx($image), imagesy($image)], "orientation $orientation");
            self::assertGreaterThan(
                180,
                (imagecolorat($image, 60, 60) >> 16) & 255,
                "orientation $orientation: the red corner is at the top left",
            );
            self::assertLessThan(90, (imagecolorat($image, 1200, 900) >> 16) & 255);
            self::assertStringNotContainsString('GPS-HERE', $jpeg);
            self::assertStringNotContainsString('Exif', $jpeg);
            $this->get("/notebook/photos/$photo->id")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
            $photo->delete();
        }
    }

    #[DataProvider('badPictures')]
    public function test_bad_pictures_are_refused_with_a_sentence(string $what): void
    {
        $file = match ($what) {
            'text' => UploadedFile::fake()->createWithContent('x.jpg', 'no picture'),
            'large' => UploadedFile::fake()->create('x.jpg', 20_000, 'image/jpeg'),
            'truncated' => UploadedFile::fake()->createWithContent(
                'x.png',
                substr((string) $this->picture(1)->get(), 0, 900),
            ),
            'bomb' => UploadedFile::fake()->createWithContent(
                'x.png',
                "\x89PNG\r\n\x1a\n\0\0\0\rIHDR".
                    pack('NN', 1_000_000, 1_000_000).
                    "\x08\x02\0\0\0".
                    str_repeat("\0", 40),
            ),
            default => null,
        };
        $this->post("/notebook/bakes/{$this->bake->id}/photos", ['photo' => $file])->assertSessionHasErrors('photo');
        self::assertSame(0, Photo::query()->count());
    }

    /** @return array<string, array{string}> */
    public static function badPictures(): array
    {
        return [
            'text' => ['text'],
            '20 MB' => ['large'],
            'truncated' => ['truncated'],
            'a million pixels a side' => ['bomb'],
            'none' => ['none'],
        ];
    }

    public function test_what_is_left_is_eaten_one_by_one(): void
    {
        $this->post("/notebook/bakes/{$this->bake->id}/boxes", [
            'place' => 'freezer',
            'pieces_left' => '2',
            'good_until' => '2099-01-01',
        ])->assertSessionHasNoErrors();
        $box = Box::query()->sole();
        $this->get('/notebook')->assertSee('in the freezer');
        foreach ([1, 0, 0] as $left) {
            $this->post("/notebook/boxes/$box->id/eat");
            self::assertSame($left, $box->refresh()->pieces_left);
        }
        $this->get('/notebook')->assertDontSee('in the freezer');
    }

    public function test_a_curve_is_typed_or_read_from_a_file_and_two_lie_over_each_other(): void
    {
        $this->post('/notebook/response', [
            'name' => 'Typed',
            'eaten_on' => '2026-03-01',
            'readings' => "0 5.0\n30 7.0\n60 5.0",
        ])->assertSessionHasNoErrors();
        $this->post('/notebook/response', [
            'name' => 'Filed',
            'eaten_on' => '2026-03-02',
            'file' => UploadedFile::fake()->createWithContent(
                'm.csv',
                "time;glucose mg/dL\n2026-03-02 10:00;90\n2026-03-02 10:30;60\n",
            ),
        ])->assertSessionHasNoErrors();
        [$a, $b] = CurveNote::query()->orderBy('id')->get()->all();
        $this->get("/notebook/response?a=$a->id&b=$b->id")
            ->assertOk()
            ->assertSeeText('mmol·min/L')
            ->assertSee('>60</td>', false)
            ->assertSee('under 3.9')
            ->assertSee('does not dose insulin');
        $this->from('/notebook/response')
            ->post('/notebook/response', ['name' => 'Bad', 'eaten_on' => '2026-03-01', 'readings' => 'hello'])
            ->assertSessionHasErrors('readings');
        self::assertSame(2, CurveNote::query()->count());
        // What a meter could not measure is a bound of what it was, and is said with the curve from then on.
        $this->post('/notebook/response', [
            'name' => 'Low',
            'eaten_on' => '2026-03-03',
            'readings' => "0 5.0\n30 LO\n60 5.0\n90 5.1",
        ])->assertSessionHasNoErrors();
        $low = CurveNote::query()->orderByDesc('id')->firstOrFail();
        self::assertNotEmpty($low->told);
        $this->get("/notebook/response?a=$low->id")->assertOk()->assertSeeText((string) $low->told[0]);
    }

    public function test_it_is_found_by_words_and_foods_and_leaves_whole(): void
    {
        $this->judge(['judged' => ['browning' => 'much']]);
        $this->get('/notebook?find=dark')->assertSee('Rye-less loaf');
        $this->get('/notebook?find=butter')->assertSee('Rye-less loaf');
        $this->get('/notebook?find=zebra')->assertSee('No bake fits that');
        $this->get('/notebook?mark=4')->assertSee('No bake fits that');
        $this->post("/notebook/bakes/{$this->bake->id}/photos", [
            'photo' => UploadedFile::fake()->image('z.png', 40, 30),
        ]);
        $path = $this->get('/notebook/export.zip')->assertOk()->baseResponse->getFile()->getPathname();
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path));
        $book = json_decode((string) $zip->getFromName('notebook.json'), true);
        self::assertSame(
            ['Far too dark.', ['browning' => 'much']],
            [$book['bakes'][0]['words'], $book['bakes'][0]['judgement']],
        );
        self::assertNotFalse($zip->getFromName($book['bakes'][0]['pictures'][0]));
        self::assertStringContainsString('Far too dark.', (string) $zip->getFromName('notebook.csv'));
        self::assertStringContainsString('Browning: too much', (string) $zip->getFromName('notebook.md'));
        $zip->close();
    }

    /** A picture whose red corner is at the top left once it is turned as its orientation says. */
    private function picture(int $orientation): UploadedFile
    {
        $upright = imagecreatetruecolor(1600, 1200);
        imagefilledrectangle($upright, 0, 0, 300, 300, (int) imagecolorallocate($upright, 250, 20, 20));
        // The inverse of what each orientation asks a viewer to do.
        $stored = match ($orientation) {
            3, 4 => imagerotate($upright, 180, 0),
            5, 6, 7 => imagerotate($upright, 90, 0),
            8 => imagerotate($upright, -90, 0),
            default => $upright,
        };
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($stored, $orientation === 5 ? IMG_FLIP_VERTICAL : IMG_FLIP_HORIZONTAL);
        }
        ob_start();
        imagejpeg($stored, null, 95);
        $jpeg = (string) ob_get_clean();
        $tiff =
            "II*\0\x08\0\0\0\x02\0\x12\x01\x03\0\x01\0\0\0".
            pack('v', $orientation).
            "\0\0\x0e\x01\x02\0\x09\0\0\0\x26\0\0\0\0\0\0\0GPS-HERE\0";
        $exif = "Exif\0\0$tiff";

        return UploadedFile::fake()->createWithContent(
            "o$orientation.jpg",
            substr($jpeg, 0, 2)."\xff\xe1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2),
        );
    }
}

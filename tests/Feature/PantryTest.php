<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Package;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;

final class PantryTest extends KitchenCase
{
    private const LABEL = [
        'name' => 'The blue bag',
        'food' => 'Almond flour',
        'law' => 'eu-uk',
        'serving_g' => '100',
        'printed' => ['carbohydrate' => '3.0', 'fibre' => '12', 'fat' => '50', 'protein' => '25', 'energy' => '586'],
        'polyol' => '',
        'price' => '7,90',
        'size_g' => '500',
        'is_default' => '1',
    ];

    public function test_a_label_is_kept_and_counts_wherever_the_food_stands(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $before = (string) $this->get("/bench/$recipe->ulid")->getContent();
        $this->post('/pantry', self::LABEL)->assertRedirect('/pantry')->assertSessionHas('undo');
        $package = Package::query()->sole();
        self::assertSame(['7.90', '500.00', true], [$package->price, $package->size_g, $package->is_default]);
        $this->get('/pantry')->assertSee('The blue bag')->assertSee('your usual')->assertSee('15.0');
        $after = (string) $this->get("/bench/$recipe->ulid")->assertSee('The blue bag')->getContent();
        self::assertNotSame(preg_match('~data-net="after">([\d.]+)<~', $before, $a), false);
        preg_match('~data-net="after">([\d.]+)<~', $after, $b);
        self::assertLessThan((float) $a[1], (float) $b[1]);
        $this->post('/pantry', ['name' => 'The red tin', 'is_default' => '1'] + self::LABEL);
        self::assertSame(['The red tin'], Package::query()->where('is_default', true)->pluck('name')->all());
        $this->post("/pantry/$package->id/remove");
        $this->get('/pantry')->assertDontSee('/pantry/'.$package->id.'"', false);
        $this->post("/pantry/$package->id/restore");
        self::assertSame(2, Package::query()->count());
    }

    public function test_faults_are_said_all_at_once_beside_their_fields_and_nothing_is_stored(): void
    {
        $this->actingAs($this->baker());
        $this->post(
            '/pantry',
            ['name' => '', 'food' => 'griffin', 'serving_g' => '-1'] + self::LABEL,
        )->assertSessionHasErrors(['name', 'food', 'serving_g']);
        $this->post(
            '/pantry',
            ['printed' => ['fat' => 'lots', 'carbohydrate' => '']] + self::LABEL,
        )->assertSessionHasErrors(['printed.fat', 'printed.carbohydrate']);
        self::assertSame('lots', session()->getOldInput('printed.fat'));
        self::assertSame(0, Package::query()->count());
    }

    public function test_what_is_left_is_written_down_at_once_and_undone(): void
    {
        $this->actingAs($this->baker());
        $this->post('/pantry', ['left_g' => '420'] + self::LABEL);
        $package = Package::query()->sole();
        $this->get('/pantry')->assertSee('420 g', false)->assertSee('aria-label="Left of The blue bag, grams"', false);
        $undo = $this->post("/pantry/$package->id/left", ['left_g' => '125,5'])->assertSessionHas('undo')->getSession()->get('undo');
        self::assertSame('125.50', $package->refresh()->left_g);
        $this->post($undo['to'], $undo['fields']);
        self::assertSame('420.00', $package->refresh()->left_g);
        $this->post("/pantry/$package->id/left", ['left_g' => 'half'])->assertSessionHasErrors('left_g');
        self::assertSame('420.00', $package->refresh()->left_g);
        $this->post('/pantry', ['name' => 'The red tin', 'size_g' => ''] + self::LABEL);
        $this->get('/pantry')->assertDontSee('Left of The red tin');
    }

    public function test_a_label_that_contradicts_itself_is_flagged_with_its_arithmetic(): void
    {
        $this->actingAs($this->baker());
        $this->post(
            '/pantry',
            ['printed' => ['carbohydrate' => '60', 'fat' => '20', 'protein' => '10', 'energy' => '100']] + self::LABEL,
        );
        $this->get('/pantry')->assertSee('The energy does not fit')->assertSee('but the label prints 100');
    }

    public function test_another_kitchens_package_neither_opens_nor_counts(): void
    {
        $this->actingAs($this->baker('theirs@example.org'))->post('/pantry', self::LABEL);
        $package = Package::query()->sole();
        $recipe = $this->recipeOf($this->baker());
        $this->get("/pantry/$package->id")->assertNotFound();
        foreach (["/pantry/$package->id", "/pantry/$package->id/remove", "/pantry/$package->id/restore"] as $path) {
            $this->post($path, self::LABEL)->assertNotFound();
        }
        $this->get("/bench/$recipe->ulid")->assertDontSee('The blue bag');
        preg_match('~data-line="([a-f0-9]{10}-1)"~', (string) $this->get("/bench/$recipe->ulid")->getContent(), $m);
        $this->post("/bench/$recipe->ulid/lines/$m[1]", ['package' => (string) $package->id])->assertStatus(422);
    }

    public function test_a_corrected_name_is_remembered_in_this_kitchen_only_until_forgotten(): void
    {
        $baker = $this->baker();
        $recipe = $this->recipeOf($baker, "Tart\n200 g granny's white dust\n100 g sugar");
        preg_match(
            '~data-line="([a-f0-9]{10}-1)">granny~',
            (string) $this->get("/bench/$recipe->ulid")->getContent(),
            $m,
        );
        $this->post("/bench/$recipe->ulid/lines/$m[1]", ['food' => 'Almond flour']);
        $again = $this->recipeOf($baker, "Cake\n1 cup Granny's white dust\n100 g sugar");
        $this->get("/bench/$again->ulid")->assertSee('Almond flour')->assertDontSee('to check');
        $name = $baker->kitchen->rememberedNames()->sole();
        $other = $this->recipeOf($this->baker('other@example.org'), "Cake\n1 cup Granny's white dust\n100 g sugar");
        $this->get("/bench/$other->ulid")->assertSee('to check');
        $this->post("/pantry/names/$name->id/forget")->assertNotFound();
        $this->actingAs($baker)->post("/pantry/names/$name->id/forget")->assertRedirect('/pantry');
        $this->get("/bench/$again->ulid")->assertSee('to check');
    }

    public function test_an_unreadable_line_costs_one_click(): void
    {
        $recipe = $this->recipeOf($this->baker(), "Tart\n200 g almnod flowr\n3 wibbles\n100 g sugar");
        $page = (string) $this->get("/bench/$recipe->ulid")
            ->assertSee('was not understood')
            ->assertSee('leave it out')
            ->getContent();
        preg_match_all('~data-line="([a-f0-9]{10}-1)">(?:wibbles)~', $page, $m);
        $this->post("/bench/$recipe->ulid/lines/{$m[1][0]}", ['quick' => '1', 'leave_out' => '1'])->assertRedirect();
        $this->get("/bench/$recipe->ulid")
            ->assertSee('left out by you')
            ->assertDontSee('“3 wibbles” was not understood', false);
        $this->get("/bench/$recipe->ulid?line={$m[1][0]}")->assertSee('Take my correction back');
    }

    #[DataProvider('files')]
    public function test_a_file_is_taken_by_its_content(string $name, string $content): void
    {
        $this->post('/paste', [
            'text' => '',
            'file' => UploadedFile::fake()->createWithContent($name, $content),
        ])->assertRedirect('/bench/draft');
        $this->get('/bench/draft')->assertSee('Fig slice')->assertSee('White sugar')->assertDontSee('alert(');
    }

    /** @return array<string, array{string, string}> */
    public static function files(): array
    {
        $json =
            '{"@type":"Recipe","name":"Fig slice","recipeYield":"8","recipeIngredient":["200 g sugar","100 g flour"],"recipeInstructions":"Bake for 20 minutes."}';

        return [
            'text' => ['a.txt', "Fig slice\nServes 8\n200 g sugar\n100 g flour"],
            'JSON under another name' => ['a.txt', $json],
            'a page' => [
                'a.html',
                "<html><script>alert(1)</script><script type=\"application/ld+json\">$json</script></html>",
            ],
            'a table' => ['a.csv', "kind,component,text\ntitle,,Fig slice\ningredient,,200 g sugar\n"],
        ];
    }

    public function test_a_file_that_cannot_be_used_is_refused_and_what_was_typed_stays(): void
    {
        foreach (["\x89PNG\0\0", '{"broken', str_repeat('x', 2_100_000)] as $content) {
            $this->post('/paste', [
                'text' => 'Half a recipe',
                'file' => UploadedFile::fake()->createWithContent('a.txt', $content),
            ])
                ->assertStatus(422)
                ->assertSee('Half a recipe')
                ->assertSee('class="fault"', false);
        }
    }

    public function test_each_export_downloads_and_comes_back_in(): void
    {
        $recipe = $this->recipeOf($this->baker());
        foreach (['txt' => 'text/plain', 'csv' => 'text/csv', 'json' => 'application/ld+json'] as $form => $type) {
            foreach (['written', 'swapped'] as $side) {
                $answer = $this->get("/bench/$recipe->ulid/$side.$form")->assertOk();
                self::assertStringStartsWith($type, (string) $answer->headers->get('Content-Type'));
                $this->post('/paste', [
                    'text' => '',
                    'file' => UploadedFile::fake()->createWithContent("r.$form", (string) $answer->getContent()),
                ])->assertRedirect();
            }
        }
        $this->actingAs($this->baker('other@example.org'))->get("/bench/$recipe->ulid/written.txt")->assertNotFound();
    }

    /** What the column cannot hold is refused at the door, and what was stored before breaks no page. */
    public function test_a_serving_too_small_for_its_column_is_refused_and_a_stored_one_can_be_mended(): void
    {
        $baker = $this->baker();
        $recipe = $this->recipeOf($baker);
        $this->actingAs($baker)
            ->post('/pantry', ['serving_g' => '0.004', ...array_diff_key(self::LABEL, ['serving_g' => 0])])
            ->assertSessionHasErrors('serving_g');
        self::assertSame(0, Package::query()->count());
        $this->post('/pantry', self::LABEL);
        Package::query()->sole()->getConnection()->table('packages')->update(['serving_g' => 0]);
        foreach (['/pantry', '/shelf', "/bench/$recipe->ulid", "/bench/$recipe->ulid/account"] as $page) {
            $this->get($page)->assertOk();
        }
        $this->get('/pantry')->assertSee('Its label cannot be counted');
    }

    public function test_a_topping_of_a_number_without_end_is_refused_beside_its_field(): void
    {
        $this->actingAs($this->baker());
        foreach ([12, 330] as $digits) {
            $this->post('/pantry/toppings', [
                'topping_name' => 'Much',
                'text' => str_repeat('9', $digits).' g butter',
            ])->assertSessionHasErrors('text');
        }
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aglyca\Core\Brief;
use Aglyca\Core\BriefJson;
use Aglyca\Core\Formula\PortionWish;
use Aglyca\Core\Formula\Topping;
use App\Models\Recipe;
use App\Models\Share;
use Illuminate\Testing\TestResponse;

/** The account's sheets: pieces, parts, scale, comparison, card, link. */
final class AccountTest extends KitchenCase
{
    private const HEARTS = "Jam hearts\nMakes 24 cookies\n200 g sugar\n300 g flour\n200 g butter\n3 eggs\n30 g sugar, for rolling\n\nFor the glaze:\n120 g icing sugar\n2 tbsp lemon juice\n\nMethod\nBake in a 20 x 30 cm tin at 180 °C for 20 minutes.";

    private Recipe $recipe;

    private string $at;

    protected function setUp(): void
    {
        parent::setUp();
        $this->recipe = $this->recipeOf($this->baker(), self::HEARTS);
        $this->at = "/bench/{$this->recipe->ulid}";
    }

    private function brief(): Brief
    {
        return Recipe::query()->findOrFail($this->recipe->id)->brief();
    }

    private function sheet(string $path): TestResponse
    {
        return $this->get("$this->at/$path")->assertOk();
    }

    public function test_each_way_of_portioning_is_kept_shown_and_undone(): void
    {
        $this->post("$this->at/pieces/portion", ['way' => 'grid', 'across' => '4', 'along' => '3'])->assertRedirect(
            "$this->at/pieces",
        );
        $this->sheet('pieces')
            ->assertSee('12 cookies')
            ->assertSee('The pan from above, cut 4 by 3')
            ->assertSee('Each 5.0 by 10.0 cm');
        $this->post("$this->at/pieces/portion", [
            'way' => 'target',
            'each' => '43,4',
            'of' => 'dough',
            'rest' => 'aside',
        ]);
        $this->sheet('pieces')->assertSee('weigh off 43 g')->assertSee('set aside and not counted');
        $this->get($this->at)->assertSee(', weighed</a>', false);
        $this->post("$this->at/pieces/portion", ['way' => 'scoop', 'scoop' => '30', 'rest' => 'small']);
        $this->sheet('pieces')->assertSee('of the dough for each');
        $this->post("$this->at/pieces/portion", ['way' => 'unequal', 'masses' => '210; 180, 205']);
        $this->post("$this->at/pieces/portion", ['way' => 'unequal', 'masses' => '210; 180; 205']);
        $this->sheet('pieces')
            ->assertSee('3 cookies as you weighed them, 595 g together')
            ->assertSee('is a piece missing');
        $this->sheet('account')->assertSee('of 2'); // of 2xx g
        $this->get("/counter/{$this->recipe->ulid}")->assertSee('as you weighed them');
        $this->post("$this->at/undo", ['sheet' => 'pieces'])->assertRedirect("$this->at/pieces");
        self::assertSame('scoop', $this->brief()->portions->portion->way->value);
        $this->post("$this->at/wishes", $this->wishes(['pieces' => '20']));
        self::assertEquals(
            [new PortionWish(), 20.0],
            [$this->brief()->portions->portion, $this->brief()->portions->pieces],
            'a number typed on the Bench ends the other way',
        );
    }

    public function test_what_cannot_be_is_refused_beside_its_field_and_changes_nothing(): void
    {
        $was = BriefJson::of($this->brief());
        foreach (
            [
                [
                    'pieces/portion',
                    ['way' => 'pieces', 'count' => 'some'],
                    'a number above 0 and up to 1000',
                    'value="some"',
                ],
                [
                    'pieces/portion',
                    ['way' => 'grid', 'across' => '0', 'along' => '3'],
                    'A grid has 1 to 40',
                    'value="0"',
                ],
                ['pieces/portion', ['way' => 'target', 'each' => '-4'], 'weighs more than 0 g', 'value="-4"'],
                [
                    'pieces/portion',
                    ['way' => 'unequal', 'masses' => 'big and small'],
                    'Type the grams of each piece',
                    'value="big and small"',
                ],
                ['pieces/weighed', ['weighed_baked' => '1e9'], 'The baked whole: grams above 0', 'value="1e9"'],
                [
                    'pieces/parts',
                    ['component' => '1', 'spread' => 'each', 'amount' => ''],
                    'How much each piece gets',
                    'role="alert"',
                ],
                [
                    'pieces/used',
                    ['line' => $this->lineKey(4), 'percent' => '140'],
                    'What is used: 0 to 100 %',
                    'value="140"',
                ],
                ['scale', ['by' => 'factor', 'factor' => '0'], 'can be made at once', 'value="0"'],
                [
                    'scale',
                    ['by' => 'ingredient', 'have' => 'none', 'line' => $this->lineKey(0)],
                    'Grams that you have',
                    'value="none"',
                ],
                ['scale/pan', ['to_length' => '0'], 'A pan is measured in cm', 'role="alert"'],
                ['account/eaten', ['eaten' => '7'], 'Choose one of the list', 'role="alert"'],
            ] as [$path, $fields, $sentence, $typed]
        ) {
            $this->post("$this->at/$path", $fields)
                ->assertStatus(422)
                ->assertSee($sentence)
                ->assertSee($typed, false);
            $this->post("$this->at/$path", $fields, ['HX-Request' => 'true'])
                ->assertStatus(422)
                ->assertSee($sentence)
                ->assertDontSee('<html', false);
        }
        self::assertSame($was, BriefJson::of($this->brief()));
    }

    private function lineKey(int $line): string
    {
        preg_match_all('~data-line="([a-f0-9]{10}-\d)"~', (string) $this->get($this->at)->getContent(), $m);
        $recipe = app(\Aglyca\Core\Kernel::class)->read($this->brief());
        self::assertContains($recipe->lines[$line]->key, $m[1]);

        return $recipe->lines[$line]->key;
    }

    public function test_parts_toppings_and_lines_used_in_part_are_counted_as_said(): void
    {
        $this->post("$this->at/pieces/parts", ['component' => '1', 'spread' => 'some', 'pieces' => '6']);
        $this->sheet('account?side=written')
            ->assertSee('with glaze')
            ->assertSee('without glaze')
            ->assertSee('without the glaze');
        $this->get($this->at)->assertSee('on average');
        $this->post("$this->at/pieces/parts", [
            'component' => '1',
            'spread' => 'table',
            'amount' => '1',
            'unit' => 'tsp',
        ]);
        $this->sheet('account')->assertSee('added at the table')->assertSee('a cookie with it');
        $this->sheet('card')->assertSee('With what is added at the table');
        $this->post("$this->at/pieces/used", ['line' => $this->lineKey(4), 'percent' => '50 %']);
        self::assertSame([$this->lineKey(4) => 0.5], $this->brief()->portions->used);
        $this->sheet('pieces')->assertSee('usually about 50 % stays on');
        $this->sheet('account')->assertSee('left over, all');

        $this->post('/pantry/toppings', [
            'topping_name' => 'Soft cream',
            'text' => "2 tbsp whipping cream\nmoon dust",
        ])->assertSessionHasErrors('text');
        $this->post('/pantry/toppings', [
            'topping_name' => 'Soft cream',
            'text' => '2 tbsp whipping cream',
        ])->assertSessionHasNoErrors();
        $this->get('/pantry')->assertSee('Soft cream');
        $this->post("$this->at/pieces/toppings", ['toppings' => ['Soft cream', 'never heard of']]);
        self::assertEquals([new Topping('Soft cream', '2 tbsp whipping cream')], $this->brief()->portions->toppings);
        $this->sheet('account')->assertSee('with what goes on')->assertSee('soft cream, each');
        $this->post("$this->at/account/eaten", ['eaten' => '0.5']);
        $this->sheet('account')->assertSee('half a cookie');
        $topping = $this->recipe->kitchen->toppings()->sole();
        $this->post("/pantry/toppings/$topping->id/remove")->assertSessionHas('undo');
        $this->sheet('account')->assertSee('soft cream, each');
    }

    public function test_a_small_body_is_warned_sooner(): void
    {
        $recipe = $this->recipeOf(
            $this->recipe->kitchen->users()->firstOrFail(),
            "Mints\nMakes 10 pieces\n200 g xylitol",
        );
        $this->get("/bench/$recipe->ulid")->assertDontSee('stomach upset');
        $this->post('/kitchen', [
            'name' => 'K',
            'convention' => 'low-carb',
            'limit_g' => '',
            'body_kg' => '40,5',
            'currency' => '€',
        ])->assertSessionHasNoErrors();
        $this->get("/bench/$recipe->ulid")
            ->assertSee('a body of 40.5 kg')
            ->assertSee('stomach upset');
        $this->post('/kitchen', ['name' => 'K', 'convention' => 'low-carb', 'body_kg' => '4'])->assertSessionHasErrors(
            'body_kg',
        );
    }

    public function test_scale_pan_and_eggs(): void
    {
        $this->post("$this->at/scale", ['by' => 'factor', 'factor' => '1.5']);
        $this->sheet('scale')
            ->assertSee('Eggs come out broken')
            ->assertSee('4 large eggs, everything else times 1.33')
            ->assertSee('225 g egg');
        $this->get($this->at)->assertSee('1.5 times the recipe')->assertSee('36 cookies')->assertSee('× 1.5');
        $this->get("/counter/{$this->recipe->ulid}")->assertSee('36 cookies');
        $this->post("$this->at/scale", ['by' => 'pieces', 'pieces' => '48']);
        self::assertSame(2.0, $this->brief()->batch->scale);
        $this->post("$this->at/scale", ['by' => 'ingredient', 'have' => '150', 'line' => $this->lineKey(1)]);
        self::assertSame(0.5, $this->brief()->batch->scale);
        $this->post("$this->at/scale/pan", ['to_shape' => 'straight', 'to_length' => '20', 'to_width' => '15']);
        $this->sheet('scale')->assertSee('The batter stands as deep as in the recipe');
        $this->post("$this->at/scale", ['by' => 'factor', 'factor' => '1']);
        $this->sheet('scale')->assertSee('100 % deeper in your pan');
        $this->get("/counter/{$this->recipe->ulid}")->assertSee('deeper in your pan');
        $this->post("$this->at/scale/pan", ['recipes' => '1']);
        self::assertNull($this->brief()->batch->pan);
    }

    public function test_lines_by_any_figure_and_an_exchange(): void
    {
        $this->sheet('account?side=written&of=fat')->assertSee('Fat, a cookie')->assertSee('a cookie without it');
        $this->sheet('account?side=written&line=0&for=honey')->assertSee(
            'Honey in place of white sugar, for the same sweetness',
        );
        $this->sheet('account?line=0&for=moon+dust')
            ->assertSee('The larder has no “moon dust”')
            ->assertSee('value="moon dust"', false);
        $this->recipe->kitchen->update(['limit_g' => '3.0']);
        $this->sheet('account?side=written')->assertSee('Within your 3.0 g')->assertSee('or more, of');
    }

    public function test_beside_another_dessert_a_version_and_a_shops_label(): void
    {
        $other = $this->recipeOf(
            $this->recipe->kitchen->fresh()->recipes()->firstOrFail()->kitchen->users()->firstOrFail(),
        );
        $this->sheet('compare')->assertSee('as written has')->assertSee('more');
        $this->sheet("compare?with=recipe:$other->ulid&by=100")->assertSee('100 g, Rye-less loaf');
        $this->post('/pantry', [
            'name' => 'Kiosk bar',
            'food' => '',
            'law' => 'eu-uk',
            'serving_g' => '60',
            'printed' => ['carbohydrate' => '33', 'fibre' => '2', 'fat' => '12', 'protein' => '4', 'energy' => '260'],
            'polyol' => '',
            'price' => '',
            'size_g' => '',
            'is_default' => '1',
        ])->assertSessionHasNoErrors();
        $package = $this->recipe->kitchen->packages()->sole();
        self::assertFalse($package->is_default);
        $this->get('/pantry')->assertSee('bought ready-made');
        // An EU label: 33 g are net already, and the fibre beside them is not taken off again.
        $this->sheet("compare?with=package:$package->id")->assertSee('Kiosk bar has')->assertSee('>33.0<', false);
        $this->sheet('compare?with=recipe:nothing')->assertSee('That is gone');
    }

    public function test_the_same_figure_stands_everywhere(): void
    {
        $this->post("$this->at/pieces/parts", ['component' => '1', 'spread' => 'some', 'pieces' => '6']);
        $conversion = app(\Aglyca\Core\Kernel::class)->convert($this->brief());
        $net = number_format($conversion->after->net($conversion->brief->convention), 1);
        $total = number_format($conversion->after->piece->carbohydrate, 1);
        $this->post("$this->at/share");
        $token = Share::query()->sole()->token;
        foreach (
            [
                $this->at,
                "$this->at/account",
                "$this->at/card",
                "$this->at/tin",
                "$this->at/table",
                "/counter/{$this->recipe->ulid}",
                "/s/$token",
            ] as $path
        ) {
            $this->get($path)->assertOk()->assertSee($net);
        }
        foreach (["$this->at/account", "$this->at/card", "$this->at/tin", "/s/$token", $this->at] as $path) {
            $this->get($path)->assertSee($total);
        }
        $schema = json_decode(
            (string) $this->get("$this->at/swapped.json")->getContent(),
            true,
            32,
            JSON_THROW_ON_ERROR,
        );
        self::assertSame("$total g", number_format((float) $schema['nutrition']['carbohydrateContent'], 1).' g');
        self::assertStringContainsString("Net carbs $net g", $schema['nutrition']['description']);
        $this->get("$this->at/swapped.csv")->assertSee('Total carbohydrate')->assertSee($total);
        $this->get('/shelf')->assertSee($net);
    }

    public function test_the_card_is_one_page_on_either_paper(): void
    {
        foreach (['a4' => '595.28', 'letter' => '612'] as $paper => $width) {
            $pdf = (string) $this->get("$this->at/card.pdf?paper=$paper")
                ->assertOk()
                ->assertHeader('Content-Type', 'application/pdf')
                ->getContent();
            self::assertStringStartsWith('%PDF-', $pdf);
            self::assertSame(1, preg_match_all('~/Type\s*/Page\b~', $pdf));
            self::assertMatchesRegularExpression("~MediaBox\s*\[0(?:\.0+)? 0(?:\.0+)? $width~", $pdf);
        }
        $this->get("$this->at/tin?copies=99&baked=yesterday")->assertOk()->assertSee('Baked yesterday');
    }

    public function test_a_link_shows_the_card_alone_until_it_is_withdrawn(): void
    {
        $this->recipe->kitchen->update(['name' => 'Secret kitchen']);
        $this->post("$this->at/share")->assertRedirect();
        $this->post("$this->at/share");
        $token = Share::query()->sole()->token;
        $this->sheet('card')->assertSee("/s/$token");
        $this->leave();
        $shared = $this->get("/s/$token")
            ->assertOk()
            ->assertSee('Jam hearts')
            ->assertHeader('X-Robots-Tag', 'noindex, nofollow');
        foreach (
            ['Secret kitchen', $this->recipe->ulid, 'maud@example.org', '/shelf', '/bench/', '_token'] as $private
        ) {
            $shared->assertDontSee($private, false);
        }
        $this->get('/s/'.str_repeat('a', 40))->assertNotFound();
        $this->post("$this->at/unshare")->assertNotFound();
        $other = $this->baker('other@example.org');
        $this->actingAs($other)->post("$this->at/unshare")->assertNotFound();
        $this->actingAs($other)->get("$this->at/account")->assertNotFound();
        $this->get("/s/$token")->assertOk();
        $this->actingAs($this->recipe->kitchen->users()->firstOrFail())->post("$this->at/unshare")->assertRedirect();
        $this->get("/s/$token")->assertNotFound();
        $this->post("$this->at/share");
        $this->post("/shelf/{$this->recipe->ulid}/remove");
        $this->get('/s/'.Share::query()->sole()->token)->assertNotFound();
    }

    public function test_toppings_of_another_kitchen_are_out_of_reach(): void
    {
        $this->post('/pantry/toppings', ['topping_name' => 'Mine', 'text' => '10 g butter']);
        $id = $this->recipe->kitchen->toppings()->sole()->id;
        $this->actingAs($this->baker('other@example.org'));
        $this->post("/pantry/toppings/$id/remove")->assertNotFound();
        $this->get('/pantry')->assertDontSee('Mine');
    }

    public function test_a_guest_may_use_every_sheet_of_a_draft(): void
    {
        $this->leave();
        $this->post('/paste', ['text' => self::HEARTS]);
        foreach (['account', 'pieces', 'scale', 'compare', 'card', 'tin', 'card.pdf'] as $sheet) {
            $this->get("/bench/draft/$sheet")->assertOk();
        }
        $this->post('/bench/draft/pieces/portion', [
            'way' => 'grid',
            'across' => '2',
            'along' => '2',
        ])->assertRedirect();
        $this->get('/bench/draft')->assertSee('4 cookies');
    }
}

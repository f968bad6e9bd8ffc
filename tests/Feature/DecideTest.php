<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aglyca\Core\BriefJson;
use Aglyca\Core\Reading\StepCorrection;
use App\Models\Recipe;
use App\Support\Number;
use App\View\Figures;

/** The Bench as the place where a baker decides: blend, own amounts, lines left, foods refused, back and forth. */
final class DecideTest extends KitchenCase
{
    private function briefOf(Recipe $recipe): \Aglyca\Core\Brief
    {
        return Recipe::query()->findOrFail($recipe->id)->brief();
    }

    public function test_a_blend_is_kept_refused_or_given_back(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $at = "/bench/$recipe->ulid/blend";
        $this->get("/bench/$recipe->ulid")
            ->assertSee('Sweetener mix')
            ->assertSee('too brown')
            ->assertSee('hatch-browning', false);
        $this->post($at, [
            'corners' => ['allulose', 'erythritol-powdered', 'xylitol'],
            'shares' => ['30', '30', '60'],
        ])->assertRedirect();
        self::assertEqualsWithDelta([0.25, 0.25, 0.5], $this->briefOf($recipe)->wishes->blend->shares, 1e-6);
        $this->get("/bench/$recipe->ulid")
            ->assertSee('25 : 25 : 50')
            ->assertSee('let it be worked out');
        foreach (
            [
                ['corners' => ['allulose', 'allulose', 'xylitol'], 'shares' => ['1', '1', '1']],
                ['corners' => ['allulose', 'butter', 'xylitol'], 'shares' => ['1', '1', '1']],
                ['corners' => ['allulose', 'erythritol-powdered', 'xylitol'], 'shares' => ['0', '0', '0']],
                ['corners' => ['allulose', 'erythritol-powdered', 'xylitol'], 'shares' => ['-1', 'x', '5']],
            ] as $bad
        ) {
            $refused = $this->post($at, $bad)->assertStatus(422)->assertSee('class="fault"', false);
            foreach ($bad['shares'] as $typed) {
                $refused->assertSee('name="shares[]" inputmode="decimal" value="'.$typed.'"', false);
            }
        }
        self::assertEqualsWithDelta([0.25, 0.25, 0.5], $this->briefOf($recipe)->wishes->blend->shares, 1e-6);
        $this->post($at, ['free' => '1']);
        self::assertSame([], $this->briefOf($recipe)->wishes->blend->shares);
    }

    public function test_an_amount_typed_in_holds_and_is_marked_until_it_is_given_back(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $at = "/bench/$recipe->ulid/amounts";
        $this->get("/bench/$recipe->ulid?part=0:almond-flour")
            ->assertSee('Other choices')
            ->assertSee('Your own, g');
        $this->post($at, ['component' => '0', 'food' => 'almond-flour', 'grams' => 'lots'])
            ->assertStatus(422)
            ->assertSee('a number above 0')
            ->assertSee('value="lots"', false);
        $this->post($at, ['component' => '0', 'food' => 'almond-flour', 'grams' => '211']);
        $this->post("/bench/$recipe->ulid/wishes", $this->wishes(['sweetness' => '70', 'sweetener' => 'xylitol']));
        $this->get("/bench/$recipe->ulid")->assertSee('yours: ')->assertSeeText('211 g');
        $this->post($at, ['component' => '0', 'food' => 'almond-flour', 'reset' => '1']);
        $this->get("/bench/$recipe->ulid")->assertDontSee('yours: ');
    }

    public function test_something_more_is_put_in_by_name_and_taken_out_again(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $at = "/bench/$recipe->ulid/amounts";
        $this->post($at, ['component' => '0', 'food' => 'moon dust', 'slot' => 'added', 'grams' => '5'])
            ->assertStatus(422)
            ->assertSee('The larder has no “moon dust”')
            ->assertSee('value="moon dust"', false);
        $this->post($at, [
            'component' => '0',
            'food' => 'black treacle',
            'slot' => 'added',
            'grams' => '6,6',
        ])->assertRedirect();
        self::assertSame(['0:molasses:added' => 6.6], $this->briefOf($recipe)->wishes->amounts);
        $this->get("/bench/$recipe->ulid")->assertSee('added by you')->assertSee('Molasses');
        $this->post($at, ['component' => '0', 'food' => 'molasses', 'slot' => 'added', 'reset' => '1']);
        self::assertSame([], $this->briefOf($recipe)->wishes->amounts);
    }

    public function test_undo_and_redo_go_over_everything_and_survive_a_reload(): void
    {
        $recipe = $this->recipeOf($this->baker());
        preg_match('~data-line="([a-f0-9]{10}-1)"~', (string) $this->get("/bench/$recipe->ulid")->getContent(), $m);
        $states = [BriefJson::of($this->briefOf($recipe))];
        foreach (
            [
                ['wishes', $this->wishes(['pieces' => '7'])],
                ["lines/$m[1]", ['food' => 'Honey', 'grams' => '50']],
                ["leave/$m[1]", []],
                ['amounts', ['component' => '0', 'food' => 'almond-flour', 'grams' => '99']],
                ['blend', ['corners' => ['allulose', 'erythritol-powdered', 'xylitol'], 'shares' => ['1', '1', '1']]],
                ['text', ['text' => self::LOAF."\n\n"]],
            ] as [$what, $fields]
        ) {
            $this->post("/bench/$recipe->ulid/$what", $fields)->assertRedirect();
            $states[] = BriefJson::of($this->briefOf($recipe));
        }
        for ($i = count($states) - 2; $i >= 0; $i--) {
            $this->post("/bench/$recipe->ulid/undo");
            self::assertEquals($states[$i], BriefJson::of($this->briefOf($recipe)), "back to $i");
        }
        $this->post("/bench/$recipe->ulid/undo")->assertRedirect();
        for ($i = 1; $i < count($states); $i++) {
            $this->post("/bench/$recipe->ulid/redo");
            self::assertEquals($states[$i], BriefJson::of($this->briefOf($recipe)), "forth to $i");
        }
        $this->post("/bench/$recipe->ulid/undo");
        $this->post("/bench/$recipe->ulid/wishes", $this->wishes(['pieces' => '3']));
        self::assertSame(
            [],
            Recipe::query()->findOrFail($recipe->id)->latest->history()->future,
            'a new change ends what could be redone',
        );
    }

    public function test_a_guests_draft_can_be_undone_too_and_its_history_comes_along(): void
    {
        $this->post('/paste', ['text' => self::LOAF]);
        $this->post('/bench/draft/wishes', $this->wishes(['pieces' => '5']));
        $this->post('/sign-up', ['kitchen' => 'K', 'email' => 'k@example.org', 'password' => 'plum-and-almond']);
        $recipe = Recipe::query()->sole();
        self::assertSame(5.0, $this->briefOf($recipe)->portions->pieces);
        $this->post("/bench/$recipe->ulid/undo");
        self::assertNull($this->briefOf($recipe)->portions->pieces);
    }

    public function test_a_food_never_used_stays_out_of_every_dessert_until_allowed(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $this->post("/bench/$recipe->ulid/never", ['food' => 'almond-flour'])->assertSessionHas('undo');
        $this->get("/bench/$recipe->ulid")->assertDontSee('data-part="0:almond-flour"', false);
        $this->get('/kitchen')->assertSee('Never used here')->assertSee('Almond flour');
        $this->post('/kitchen/refused', ['allow' => 'almond-flour']);
        $this->get("/bench/$recipe->ulid")->assertSee('data-part="0:almond-flour"', false);
        $this->post("/bench/$recipe->ulid/never", ['food' => 'griffin'])->assertNotFound();
    }

    public function test_what_collides_is_named_and_the_remedy_is_a_button_that_works(): void
    {
        $recipe = $this->recipeOf(
            $this->baker(),
            "Toffee\nMakes 3 pieces\n300 g sugar\n300 g flour\n3 eggs\n100 g butter",
        );
        $this->post(
            "/bench/$recipe->ulid/wishes",
            $this->wishes(['sweetener' => 'xylitol', 'sweetness' => '100', 'pieces' => '3']),
        );
        $page = (string) $this->get("/bench/$recipe->ulid")
            ->assertSee('cannot both be kept')
            ->getContent();
        self::assertSame(1, preg_match('~name="pieces"\s+value="(\d+)">Cut~', $page, $m));
        $this->post(
            "/bench/$recipe->ulid/wishes",
            $this->wishes(['sweetener' => 'xylitol', 'sweetness' => '100', 'pieces' => $m[1]]),
        );
        $this->get("/bench/$recipe->ulid")->assertDontSee('cannot both be kept');
    }

    public function test_other_ways_are_clearly_different_and_named(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $this->get("/bench/$recipe->ulid/proposals")
            ->assertOk()
            ->assertSee('Nearest to wheat');
        $this->get("/bench/$recipe->ulid/proposals", ['HX-Request' => 'true'])
            ->assertOk()
            ->assertDontSee('<html', false);
    }

    public function test_the_cheapest_way_goes_by_the_pantrys_prices(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $label = ['law' => 'eu-uk', 'serving_g' => '100', 'is_default' => '1', 'size_g' => '1000'];
        $this->post(
            '/pantry',
            $label + [
                'name' => 'Dear bag',
                'food' => 'Allulose',
                'price' => '30',
                'printed' => ['carbohydrate' => '99', 'allulose' => '99'],
            ],
        );
        $this->get("/bench/$recipe->ulid/proposals")->assertDontSee('Cheapest');
        $this->post(
            '/pantry',
            $label + [
                'name' => 'Cheap bag',
                'food' => 'Powdered erythritol',
                'price' => '5',
                'printed' => ['carbohydrate' => '100', 'polyols' => '100'],
                'polyol' => 'erythritol',
            ],
        );
        $this->get("/bench/$recipe->ulid/proposals")
            ->assertSee('Cheapest')
            ->assertSee('value="erythritol', false);
    }

    public function test_two_versions_stand_side_by_side_with_differences_only(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $this->get("/bench/$recipe->ulid/versions")->assertSee('There is one version so far');
        $this->post("/bench/$recipe->ulid/version")->assertRedirect();
        $this->post("/bench/$recipe->ulid/wishes", $this->wishes(['sweetener' => 'xylitol']));
        $this->get("/bench/$recipe->ulid/versions")
            ->assertSee('Xylitol')
            ->assertSee('Allulose')
            ->assertDontSee('Baking powder');
        $this->get("/bench/$recipe->ulid/versions?a=2&b=2")->assertSee('Nothing differs');
        $this->actingAs($this->baker('other@example.org'))->get("/bench/$recipe->ulid/versions")->assertNotFound();
    }

    public function test_allergens_and_the_oven_are_wishes_too(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $this->post(
            "/bench/$recipe->ulid/wishes",
            $this->wishes(['without' => ['nuts', 'milk'], 'cooler' => '15', 'families' => ['0' => 'muffin']]),
        )->assertRedirect();
        $brief = $this->briefOf($recipe);
        self::assertSame(
            [['nuts', 'milk'], 15.0, [0 => 'muffin']],
            [$brief->wishes->without, $brief->wishes->cooler, $brief->wishes->families],
        );
        $this->get("/bench/$recipe->ulid")->assertDontSee('data-part="0:almond-flour"', false);
        $this->post("/bench/$recipe->ulid/wishes", $this->wishes(['families' => ['0' => 'stone']]))->assertStatus(422);
    }

    public function test_a_step_that_is_put_right_stays_so(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $key = StepCorrection::key('Bake at 180 °C for 40 minutes.');
        $this->post("/bench/$recipe->ulid/steps/$key", ['step' => $key, 'minutes' => '-4'])
            ->assertStatus(422)
            ->assertSee('Minutes: a number above 0');
        $this->post("/bench/$recipe->ulid/steps/$key", ['minutes' => '33', 'takes' => ['almond-flour']])
            ->assertRedirect("/bench/$recipe->ulid");
        $this->get("/bench/$recipe->ulid")->assertSee('You put this step right')->assertSee('33 minutes');
        $this->get("/bench/$recipe->ulid/card")->assertSee('33 minutes');
        $this->post("/bench/$recipe->ulid/undo");
        $this->get("/bench/$recipe->ulid")->assertDontSee('You put this step right');
    }

    public function test_a_kitchen_measures_in_its_own_way_everywhere(): void
    {
        $baker = $this->baker();
        $recipe = $this->recipeOf($baker);
        $kitchen = ['name' => 'Lark Lane', 'convention' => 'low-carb'];
        $this->post('/kitchen', $kitchen + ['measures' => 'metric', 'first' => 'measures', 'scale' => '5'])
            ->assertRedirect('/kitchen');
        $bench = (string) $this->get("/bench/$recipe->ulid")->assertOk()->getContent();
        self::assertMatchesRegularExpression('~[¼⅓½⅔¾\d] cups?[^<]*</~u', $bench);
        $grams = $this->get("/bench/$recipe->ulid/swapped.txt")->assertOk()->getContent();
        preg_match_all('~(\d+) g (?:Almond flour|Unsalted butter)~', (string) $grams, $m);
        self::assertNotSame([], $m[1]);
        foreach ($m[1] as $many) {
            self::assertSame(0, (int) $many % 5, 'a scale of 5 g');
        }
        $card = (string) $this->get("/bench/$recipe->ulid/card")->assertOk()->getContent();
        self::assertMatchesRegularExpression('~\d? ?[¼⅓½⅔¾]? ?cups?[^<]*</[a-z]+>\s*<[^>]*>\s*Almond flour~u', $card);
        $this->post('/kitchen', $kitchen + ['measures' => 'furlongs'])->assertSessionHasErrors('measures');
        self::assertSame('metric', $baker->kitchen->refresh()->measures);
    }

    public function test_a_kitchen_writes_its_numbers_with_a_comma_and_what_stands_in_a_field_comes_back_as_it_was(): void
    {
        $baker = $this->baker();
        $recipe = $this->recipeOf(
            $baker,
            "Big batch\nMakes 40 slices\n1250 g sugar\n1300 g flour\n8 eggs\n\nMethod\nMix. Bake at 180 °C for 40 minutes.",
        );
        $net = fn (): string => preg_match(
            '~data-net="after">([\d.,]+)<~',
            (string) $this->get("/bench/$recipe->ulid")->getContent(),
            $m,
        ) === 1
            ? $m[1]
            : '';
        $point = $net();
        $this->post('/kitchen', [
            'name' => 'K',
            'convention' => 'low-carb',
            'decimals' => ',',
        ])->assertSessionHasNoErrors();
        self::assertSame(str_replace('.', ',', $point), $net());
        // What leaves as text says tenths so as well, and reads back the same; a table for machines keeps its points.
        $text = (string) $this->get("/bench/$recipe->ulid/swapped.txt")->getContent();
        self::assertMatchesRegularExpression('~\d,\d+ g ~', $text);
        self::assertDoesNotMatchRegularExpression('~\d\.\d+ g ~', $text);
        $table = (string) $this->get("/bench/$recipe->ulid/swapped.csv")->getContent();
        self::assertMatchesRegularExpression('~,\d+\.\d+,~', $table);
        foreach (
            [',' => ['1.250', '2,5', '1250'], '.' => ['1,250', '2.5', '1250']] as $decimals => [$thousand, $half, $plain]
        ) {
            $this->post('/kitchen', ['name' => 'K', 'convention' => 'low-carb', 'decimals' => $decimals]);
            $this->get('/kitchen');
            self::assertSame(
                [1250.0, 2.5, 1250.0],
                [Number::from($thousand), Number::from($half), Number::from($plain)],
            );
            foreach ([1250.0, 2.5, 0.38, 17.4] as $grams) {
                self::assertSame($grams, Number::from(Figures::typed($grams)));
                self::assertEqualsWithDelta($grams, Number::from(Figures::grams($grams)), 0.01);
            }
        }
        $key = Recipe::query()->findOrFail($recipe->id);
        $this->post("/bench/$key->ulid/scale", ['by' => 'factor', 'factor' => '0,5'])->assertRedirect();
        self::assertSame(0.5, Recipe::query()->findOrFail($recipe->id)->brief()->batch->scale);
        Figures::write(false);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aglyca\Core\Reading\Correction;
use App\Models\Recipe;

final class BenchTest extends KitchenCase
{
    public function test_every_wish_changes_the_figures_and_is_kept(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $figure = function () use ($recipe): string {
            preg_match(
                '~data-net="after">([\d.]+)<~',
                (string) $this->get("/bench/$recipe->ulid")
                    ->assertOk()
                    ->getContent(),
                $m,
            );

            return $m[1];
        };
        $before = $figure();
        foreach (
            [
                ['pieces' => '5'],
                ['convention' => 'available'],
                ['school' => 'starch-tolerant'],
                ['convention' => 'weighted', 'sweetener' => 'xylitol'],
            ] as $change
        ) {
            $this->post("/bench/$recipe->ulid/wishes", $this->wishes($change))->assertRedirect("/bench/$recipe->ulid");
            self::assertNotSame($before, $figure(), json_encode($change) ?: '');
        }
        $this->post("/bench/$recipe->ulid/wishes", $this->wishes(['sweetness' => '60']));
        self::assertSame(0.6, Recipe::query()->findOrFail($recipe->id)->brief()->wishes->sweetness);
    }

    public function test_how_carbs_are_counted_is_asked_once_and_holds_for_what_comes(): void
    {
        $baker = $this->baker();
        $first = $this->recipeOf($baker);
        $this->get("/bench/$first->ulid")->assertSee('How do you count carbs?');
        $this->post("/bench/$first->ulid/counts", ['convention' => 'clinic'])->assertRedirect("/bench/$first->ulid");
        $this->get("/bench/$first->ulid")
            ->assertDontSee('How do you count carbs?')
            ->assertSee('as a US clinic counts');
        $second = $this->recipeOf($baker);
        $this->get("/bench/$second->ulid")->assertDontSee('How do you count')->assertSee('as a US clinic counts');
        // A guest says it for this visit.
        $this->leave();
        $this->post('/paste', ['text' => self::LOAF]);
        $this->post('/bench/draft/counts', ['convention' => 'available']);
        $this->post('/paste', ['text' => self::LOAF]);
        $this->get('/bench/draft')->assertDontSee('How do you count')->assertSee('without fibre, as UK and EU labels');
    }

    public function test_what_is_no_longer_true_is_struck_and_what_is_left_out_makes_a_least(): void
    {
        $text =
            "Coffee loaf\nMakes 10 slices\nIt is free of nuts, so take it to school.\n\n200 g sugar\n250 g flour\n".
            "3 eggs\n30 g moondust\n\nMix. Bake at 170 C for 40 minutes.";
        $recipe = $this->recipeOf($this->baker(), $text);
        $this->get("/bench/$recipe->ulid")
            ->assertOk()
            ->assertSee('Struck from the recipe')
            ->assertSee('New in it, brought in by the swap')
            ->assertSee('at least')
            ->assertSee('moondust');
        $this->get("/bench/$recipe->ulid/card")->assertOk()->assertSee('<del>', false);
    }

    public function test_a_refusal_leaves_what_was_typed_with_the_browser_and_a_success_lets_it_go(): void
    {
        $kept = '<meta name="kept"';
        $this->post('/paste', ['text' => 'hello'])->assertStatus(422)->assertDontSee($kept, false);
        $this->post('/paste', ['text' => self::LOAF])->assertRedirect('/bench/draft');
        $this->get('/bench/draft')->assertSee($kept, false);
        $this->get('/bench/draft')->assertDontSee($kept, false);
        $this->post('/bench/draft/wishes', $this->wishes(['pieces' => '7,5']))->assertSessionHasNoErrors();
        $this->get('/bench/draft')->assertSee('value="7.5"', false);
    }

    public function test_with_scripts_only_the_tray_comes_back(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $answer = $this->post("/bench/$recipe->ulid/wishes", $this->wishes(['pieces' => '20']), [
            'HX-Request' => 'true',
        ])->assertOk();
        self::assertStringStartsWith('<div id="bench" data-parted>', ltrim((string) $answer->getContent()));
    }

    public function test_what_nobody_looks_at_is_left_out_of_an_answer_until_it_is_opened(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $at = "/bench/$recipe->ulid";
        $marks = ['method' => 'Done when:', 'differences' => 'its band, as written and swapped', 'ladder' => 'each way of counting',
            'shares' => 'Use this blend'];
        $whole = $this->get($at);
        foreach ($marks as $part => $mark) {
            $whole->assertSee($mark);
            $this->get("$at/part/$part")
                ->assertOk()
                ->assertSee($mark)
                ->assertDontSee('id="bench"', false);
            $looked = $this->post("$at/wishes", $this->wishes(), ['HX-Request' => 'true', 'X-Open' => "x $part"]);
            $looked->assertSee($mark)->assertDontSee("$at/part/$part\"", false);
            foreach (array_diff_key($marks, [$part => '']) as $other => $left) {
                $looked->assertDontSee($left)->assertSee("$at/part/$other\"", false);
            }
        }
        $this->get("$at/part/text")->assertNotFound();
    }

    public function test_a_refused_wish_stands_in_its_field_beside_the_reason_and_changes_nothing(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $before = $recipe->latest->document;
        foreach (
            [
                ['pieces' => '-4'],
                ['pieces' => 'many'],
                ['pieces' => '99999'],
                ['sweetness' => '300'],
                ['sweetener' => 'hope'],
                ['convention' => 'mine'],
            ] as $change
        ) {
            foreach ([[], ['HX-Request' => 'true']] as $headers) {
                $answer = $this->post("/bench/$recipe->ulid/wishes", $this->wishes($change), $headers)
                    ->assertStatus(422)
                    ->assertSee('class="fault"', false);
                if (isset($change['pieces'])) {
                    $answer->assertSee('value="'.$change['pieces'].'"', false);
                }
            }
        }
        self::assertSame($before, Recipe::query()->findOrFail($recipe->id)->latest->document);
    }

    public function test_what_a_row_is_and_whose_cups_are_meant_can_be_put_right(): void
    {
        $recipe = $this->recipeOf(
            $this->baker(),
            "Tart\nServes 8\nIngredients\n1 cup sugar\n200 g flour\nMethod\nMix it.\nNotes\n100 g butter goes in too",
        );
        $page = (string) $this->get("/bench/$recipe->ulid")
            ->assertOk()
            ->getContent();
        preg_match('~bench/[^"]+/rows/(r[a-f0-9]{10}-1)"(?:(?!</li>).)*100 g butter goes~su', $page, $m);
        preg_match_all('~rows/(r[a-f0-9]{10}-\d)"~', explode('100 g butter goes', $page)[0], $all);
        $row = (string) end($all[1]);
        $this->post("/bench/$recipe->ulid/rows/$row", ['fate' => 'ingredient'])->assertRedirect("/bench/$recipe->ulid");
        $this->get("/bench/$recipe->ulid")->assertSee('as read before');
        self::assertSame(
            'ingredient',
            Recipe::query()->findOrFail($recipe->id)->brief()->corrections->fates[$row]->value,
        );
        $this->post("/bench/$recipe->ulid/rows/$row", ['fate' => 'poem'])
            ->assertStatus(302)
            ->assertSessionHasErrors('fate');
        $this->post("/bench/$recipe->ulid/measures", ['measures' => 'au'])->assertRedirect("/bench/$recipe->ulid");
        self::assertSame('au', Recipe::query()->findOrFail($recipe->id)->brief()->corrections->measures);
        $this->post("/bench/$recipe->ulid/measures", ['measures' => '']);
        self::assertNull(Recipe::query()->findOrFail($recipe->id)->brief()->corrections->measures);
    }

    public function test_a_line_is_corrected_in_place_and_taken_back(): void
    {
        $recipe = $this->recipeOf($this->baker(), "Tart\nServes 8\n200 g smoked moonflour\n100 g sugar");
        $page = (string) $this->get("/bench/$recipe->ulid")->assertSee('1 to check')->getContent();
        preg_match('~data-line="([a-f0-9]{10}-1)">smoked moonflour~', $page, $m);
        $at = "/bench/$recipe->ulid/lines/$m[1]";
        $this->get("/bench/$recipe->ulid?line=$m[1]")->assertSee('Not a food that the larder knows');
        $this->post($at, ['food' => 'griffin', 'grams' => ''])
            ->assertStatus(422)
            ->assertSee('has no “griffin”')
            ->assertSee('value="griffin"', false);
        $this->post($at, ['food' => '', 'grams' => '-1'])
            ->assertStatus(422)
            ->assertSee('a number above 0');
        $this->post($at, ['food' => 'Almond flour', 'grams' => '180,5'])->assertRedirect();
        $brief = Recipe::query()->findOrFail($recipe->id)->brief();
        self::assertEquals([$m[1] => new Correction('almond-flour', 180.5)], $brief->corrections->byLine);
        self::assertStringContainsString('200 g smoked moonflour', $brief->text);
        $this->get("/bench/$recipe->ulid")->assertDontSee('to check')->assertSee('yours:');
        $this->post($at, ['reset' => '1']);
        self::assertSame([], Recipe::query()->findOrFail($recipe->id)->brief()->corrections->byLine);
    }

    public function test_the_text_can_be_changed_and_an_unreadable_change_is_refused_with_what_was_typed(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $this->post("/bench/$recipe->ulid/text", ['text' => 'nothing here'])
            ->assertStatus(422)
            ->assertSee('No ingredient was found')
            ->assertSee('nothing here');
        self::assertSame(self::LOAF, Recipe::query()->findOrFail($recipe->id)->brief()->text);
        $this->post("/bench/$recipe->ulid/text", ['text' => self::LOAF."\n"])->assertRedirect();
    }

    public function test_a_baked_version_is_never_changed_again(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $this->post("/counter/$recipe->ulid/bakes", [
            'baked_on' => '2026-05-01',
            'mark' => '4',
            'words' => 'Good & moist',
        ])->assertRedirect();
        $this->post("/bench/$recipe->ulid/wishes", $this->wishes(['pieces' => '7']));
        self::assertSame(
            [1 => null, 2 => 7],
            Recipe::query()->findOrFail($recipe->id)->versions->pluck('document.pieces', 'number')->all(),
        );
        $this->get("/counter/$recipe->ulid")
            ->assertSee('Good & moist')
            ->assertSee('1 May 2026')
            ->assertSee('4 of 5');
    }

    /** A button posts its own field: what it does not name is no data, and nothing is rounded on the way. */
    public function test_a_field_posted_alone_leaves_every_other_as_it_was(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $this->post("/bench/$recipe->ulid/wishes", ['sweetness' => '87.5', 'without' => ['', 'nuts']]);
        $this->post("/bench/$recipe->ulid/wishes", ['school' => 'coconut'])->assertRedirect();
        $wishes = Recipe::query()->findOrFail($recipe->id)->brief()->wishes;
        self::assertSame([0.875, 'coconut', ['nuts']], [$wishes->sweetness, $wishes->school, $wishes->without]);
        $this->get("/bench/$recipe->ulid")->assertSee('value="87.5"', false);
    }

    public function test_what_is_low_in_carbohydrate_already_is_told_so_before_anything_else(): void
    {
        $baker = $this->baker();
        $low = $this->recipeOf(
            $baker,
            "Almond bites\nMakes 12 pieces\n200 g almond flour\n80 g erythritol\n100 g butter\n2 eggs\n1 tsp vanilla extract\n\nMethod\nMix. Bake at 160 °C for 20 minutes.",
        );
        $this->get("/bench/$low->ulid")
            ->assertOk()
            ->assertSee('nothing here needs a swap')
            ->assertDontSee('strip-row', false);
        $this->get('/bench/'.$this->recipeOf($baker)->ulid)
            ->assertDontSee('nothing here needs a swap')
            ->assertSee('strip-row', false);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Desserts found by typing, several taken at once, foods with what they do, and a first visit. */
final class FindTest extends KitchenCase
{
    private const TART = "Almond tart\nMakes 8 slices\n150 g ground almonds\n100 g sugar\n100 g butter\n2 eggs\n\nMethod\nMix and bake at 170 °C for 30 minutes.";

    public function test_the_shelf_is_found_by_name_food_kind_mark_and_limit(): void
    {
        $baker = $this->baker();
        $loaf = $this->recipeOf($baker);
        $tart = $this->recipeOf($baker, self::TART);
        $this->post("/counter/$tart->ulid/bakes", ['baked_on' => '2026-03-02', 'words' => '', 'mark' => '5']);
        $baker->kitchen->update(['limit_g' => '5.0']);
        $this->get('/shelf')->assertSee('Rye-less loaf')->assertSee('Almond tart');
        $found = function (string $query): array {
            $page = (string) $this->get("/shelf?$query")->assertOk()->getContent();

            return array_values(
                array_filter(
                    ['Rye-less loaf', 'Almond tart'],
                    static fn (string $title): bool => str_contains($page, "Choose $title"),
                ),
            );
        };
        self::assertSame(['Rye-less loaf'], $found('q=loaf'));
        self::assertSame(['Almond tart'], $found('q=tart+alm'));
        self::assertSame(['Almond tart'], $found('q=ground+almonds'));
        self::assertSame([], $found('q=%25'));
        self::assertSame(['Almond tart'], $found('mark=best'));
        self::assertSame(['Rye-less loaf'], $found('mark=never'));
        self::assertSame(['Rye-less loaf', 'Almond tart'], $found('within=1'));
        self::assertSame(['Rye-less loaf'], $found('kind='.urlencode($loaf->refresh()->kind)));
        $baker->kitchen->update(['limit_g' => '0.1']);
        self::assertSame([], $found('within=1'));
    }

    public function test_several_are_printed_taken_as_text_and_planned_at_once(): void
    {
        $baker = $this->baker();
        $query = http_build_query([
            'desserts' => [$this->recipeOf($baker)->ulid, $this->recipeOf($baker, self::TART)->ulid],
        ]);
        self::assertSame(
            2,
            substr_count(
                (string) $this->get("/shelf/cards?$query")
                    ->assertOk()
                    ->getContent(),
                'aria-label="Recipe card"',
            ),
        );
        $this->get("/shelf/chosen.txt?$query")
            ->assertOk()
            ->assertSee('Rye-less loaf')
            ->assertSee('Almond tart');
        self::assertSame(
            2,
            preg_match_all('~type="checkbox"[^>]*checked~', (string) $this->get("/day/new?$query")->getContent()),
        );
        $this->actingAs($this->baker('other@example.org'))
            ->get("/shelf/cards?$query")
            ->assertOk()
            ->assertDontSee('Almond tart');
    }

    public function test_a_food_says_what_it_does_what_takes_its_place_and_where_it_stands(): void
    {
        $this->get('/almanac/foods/milk')
            ->assertOk()
            ->assertSee('What goes in instead of it')
            ->assertSee('cream and water have')
            ->assertDontSee('In your desserts');
        $this->recipeOf($this->baker(), self::TART);
        $this->get('/almanac/foods/butter')->assertSee('In your desserts')->assertSee('Almond tart');
        $this->get('/almanac/foods/mango')->assertSee('In none of them');
        $this->post('/pantry', [
            'name' => 'The blue tub',
            'food' => 'Unsalted butter',
            'law' => 'eu-uk',
            'serving_g' => '100',
            'printed' => ['carbohydrate' => '1', 'fat' => '82'],
            'is_default' => '1',
        ]);
        $this->get('/almanac/foods/butter')->assertSee('by the label of “The blue tub”')->assertDontSee('± 0 %');
        $this->get('/almanac/foods/almond-flour')->assertSee('nuts (almond)');
        $this->get('/almanac')->assertSee('How much erythritol 100 g of water hold')->assertSee('</svg>', false);
    }

    public function test_a_first_visit_shows_a_swap_and_asks_for_nothing(): void
    {
        $page = (string) $this->get('/')->assertOk()->assertSee('Try this one')->getContent();
        preg_match('~name="text"\s+value="([^"]+)"~', $page, $m);
        $this->post('/paste', ['text' => html_entity_decode($m[1])])->assertRedirect('/bench/draft');
        $this->get('/bench/draft')->assertOk()->assertSee('Cardamom orange loaf');
        $this->actingAs($this->baker())->get('/')->assertDontSee('Try this one');
        $manifest = json_decode((string) file_get_contents(public_path('app.webmanifest')), true);
        foreach ($manifest['icons'] as $icon) {
            self::assertFileExists(public_path($icon['src']));
        }
    }
}

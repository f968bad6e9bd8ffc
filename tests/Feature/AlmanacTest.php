<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Sources;

/** Every table of figures can be read with where each row comes from. */
final class AlmanacTest extends KitchenCase
{
    public function test_every_table_is_shown_with_its_provenance(): void
    {
        $shown = array_keys(Sources::TABLES);
        foreach (glob(base_path('data/*.csv')) ?: [] as $file) {
            $name = basename($file, '.csv');
            // Foods, conventions and sources have pages of their own; how words are read is no figure.
            self::assertTrue(
                in_array($name, $shown, true) ||
                    in_array($name, ['foods', 'conventions', 'sources', 'prep_words'], true),
                "$name is in the Almanac",
            );
        }
        foreach ($shown as $name) {
            $this->get("/almanac/tables/$name")->assertOk()->assertSee('provenance');
        }
        $this->get('/almanac/tables/users')->assertNotFound();
        $this->get('/almanac')->assertSee('/almanac/tables/scoops');
        $this->get('/almanac/foods/erythritol')
            ->assertOk()
            ->assertSee('From memory', false)
            ->assertSeeTextInOrder(['How it cools the tongue where it dissolves:', '180', 'J a gram, 175 to 185', 'from memory'])
            ->assertDontSee('solution heat');
        $this->get('/almanac/foods/almond-flour')->assertSeeTextInOrder(
            ['How much water a gram of it drinks:', '0.5', 'g, 0.35 to 0.6', 'common practice', 'It brings fat of its own'],
        );
    }
}

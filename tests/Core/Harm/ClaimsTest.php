<?php

declare(strict_types=1);

namespace Tests\Core\Harm;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** What a recipe says of itself, where the new dessert makes it untrue. */
final class ClaimsTest extends CoreCase
{
    private const CAKE = "Tray cake\n%s\nServes 9\n180 g plain flour\n160 g caster sugar\n140 g soft butter\n3 eggs\n60 ml milk\n2 tsp baking powder\n\nMethod\nBeat everything smooth. Bake at 175 °C for 35 minutes.%s";

    /** @param  list<string>  $without */
    #[DataProvider('titles')]
    public function test_a_title_says_what_must_not_be_in_it(string $title, array $without): void
    {
        $wishes = self::work("$title\nMakes 9\n200 g sugar\n50 g cocoa")->swap->wishes;
        $said = $wishes->without;
        sort($said);
        self::assertSame($without, $said);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function titles(): iterable
    {
        $titles = [
            'Vegan plum cake' => ['egg', 'milk'],
            'Plant-based custard' => ['egg', 'milk'],
            'Eggless sponge' => ['egg'],
            'Egg-free pancakes' => ['egg'],
            'Plum cake without eggs' => ['egg'],
            'Dairy free fudge' => ['milk'],
            'Non-dairy ice cream' => ['milk'],
            'Lactose-free cheesecake' => [],
            'Nut-free brownies' => ['nuts', 'peanut'],
            'Peanut-free bites' => ['peanut'],
            'Gluten-free plum cake (no dairy)' => ['gluten', 'milk'],
            'Sugar-free plum cake' => [],
            'Coconut cake' => [],
            'Nutmeg and egg custard' => [],
        ];
        foreach ($titles as $title => $without) {
            yield $title => [$title, $without];
        }
    }

    public function test_what_the_title_says_is_kept_out_and_told(): void
    {
        $list = "\nServes 12\n250 g flour\n200 g sugar\n80 ml oil\n250 ml oat milk\n2 tsp baking powder\n\nMethod\nMix.\nBake at 180 °C for 30 minutes.";
        $plain = self::work("Plum cake$list");
        $vegan = self::work("Vegan plum cake$list");
        self::assertGreaterThan(0, $plain->swap->after->gramsOf('whey-protein'));
        self::assertSame(0.0, $vegan->swap->after->gramsOf('whey-protein'));
        self::assertGreaterThan(0, $vegan->swap->after->gramsOf('pea-protein'), 'what stands in for it');
        self::assertGreaterThan(0, $vegan->swap->after->gramsOf('psyllium'), 'no egg may hold it');
        self::assertContains('free-by-title', array_column($vegan->warnings, 'key'));
        self::assertNotContains('free-by-title', array_column($plain->warnings, 'key'));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function claims(): iterable
    {
        yield 'an introduction' => ['It is nut-free and safe for the class.', '', 'nut-free', 'nuts (almond)'];
        yield 'a step' => ['', ' Contains no nuts.', 'Contains no nuts.', 'nuts'];
        yield 'a list of allergens' => ['', ' Contains milk and eggs.', 'Contains milk and eggs.', 'as written'];
        yield 'carbs' => ['', ' Each slice has 30 g of carbs.', '30 g of carbs', 'insulin'];
        yield 'energy in a clause' => ['', ' Cool, cut, 350 kcal a slice.', '350 kcal', 'as written'];
        yield 'a cupboard' => ['', ' Cool and keep in a tin for a week.', ' and keep in a tin for a week.', 'no longer holds'];
    }

    #[DataProvider('claims')]
    public function test_what_is_not_true_any_more_is_struck(string $intro, string $step, string $struck, string $why): void
    {
        $made = self::work(sprintf(self::CAKE, $intro, $step));
        $found = array_filter($made->safety->struck, static fn ($s): bool => str_contains($s->text, $struck));
        self::assertCount(1, $found);
        self::assertStringContainsString($why, reset($found)->why);
        $steps = implode(' ', array_map(static fn ($s): string => $s->text(), $made->steps()));
        self::assertStringNotContainsString($struck, $steps);
        self::assertStringContainsString('°C for', $steps, 'the rest of the step stays');
    }

    public function test_what_is_still_true_stands(): void
    {
        $made = self::work(sprintf(self::CAKE, 'It is sesame-free.', ' Cool on a rack. Keeps 2 days in the fridge.'));
        self::assertSame([], $made->safety->struck);
        self::assertStringContainsString('2 days in the fridge, as the recipe says', $made->safety->keep->text);
    }

    public function test_a_recipe_without_gluten_gets_none(): void
    {
        $buns = "Buns\nMakes 8\n450 g %s\n7 g yeast\n80 g sugar\n250 ml milk\n1 egg\n\nMethod\nKnead, let it rise for an hour and bake at 180 °C for 20 minutes.%s";
        $gluten = static fn (string $flour, string $more = ''): float => self::work(sprintf($buns, $flour, $more))->swap->after->gramsOf('vital-wheat-gluten');
        self::assertGreaterThan(0, $gluten('strong flour'));
        self::assertSame([0.0, 0.0, 0.0], [
            $gluten('buckwheat flour'), $gluten('gluten-free flour'), $gluten('strong flour', ' My coeliac nephew loves them.'),
        ]);
    }

    /** @return array<string, array{string, string}> */
    public static function untouched(): array
    {
        return [
            'a low' => ["Jelly sweets for hypos\nMakes 30\n300 g sugar\n20 g gelatin\n100 ml water", 'low blood sugar'],
            'a low in a note' => ["Lemon drops\nMakes 40\n250 g sugar\n80 ml water\n\nNotes\nWe carry them in case of a hypo.", 'low blood sugar'],
            'glucose and water' => ["Quick drink\nServes 2\n30 g dextrose\n200 ml water", 'low blood sugar'],
            'a diet that treats' => ["Rusks for a PKU diet\nMakes 20\n200 g flour\n50 g sugar", 'treats an illness'],
            'a baby' => ["Baby rusks\nMakes 20\n200 g flour\n50 g sugar\n60 g butter", 'baby'],
            'a toddler by its title' => ["Toddler cookies\nMakes 20\n100 g flour\n50 g sugar\n1 egg", 'small child'],
        ];
    }

    #[DataProvider('untouched')]
    public function test_where_a_swap_could_hurt_nothing_is_swapped(string $text, string $why): void
    {
        $made = self::work($text);
        self::assertSame('untouched', $made->warnings[0]->key);
        self::assertStringContainsString($why, $made->warnings[0]->sentence);
        $grams = static function (array $doses): array {
            $texts = array_map(static fn ($d): string => "$d->text: {$d->mass()}", $doses);
            sort($texts);

            return $texts;
        };
        self::assertSame($grams($made->before->formula->doses), $grams($made->after->formula->doses));
        self::assertNotContains('already-low', array_column($made->warnings, 'key'));
    }

    public function test_a_word_of_blood_sugar_is_no_thing_of_the_list_and_no_reason(): void
    {
        $made = self::work(sprintf(self::CAKE, 'My toddler likes it.', ' Check your blood sugar later, and mind your sugar intake.'));
        self::assertNotContains('untouched', array_column($made->warnings, 'key'));
        self::assertStringContainsString(
            'Check your blood sugar later, and mind your sugar intake.',
            implode(' ', array_map(static fn ($s): string => $s->text(), $made->steps())),
        );
        self::assertSame(0.0, $made->swap->after->gramsOf('sugar'));
    }
}

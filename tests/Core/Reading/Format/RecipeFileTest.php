<?php

declare(strict_types=1);

namespace Tests\Core\Reading\Format;

use Aglyca\Core\Brief;
use Aglyca\Core\Method\PlannedStep;
use Aglyca\Core\Reading\Format\RecipeFile;
use Aglyca\Core\Reading\Format\SchemaRecipe;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Side;
use Aglyca\Core\Writing\Pace;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class RecipeFileTest extends CoreCase
{
    private const NODE = [
        '@type' => ['Thing', 'http://schema.org/Recipe'],
        'name' => 'Quince &amp; almond slice',
        'recipeYield' => ['12', '12 slices'],
        'recipeIngredient' => ['200&nbsp;g sugar', '1 cup <b>flour</b>', '3 eggs'],
        'cookTime' => 'PT1H5M',
        'recipeInstructions' => [
            [
                '@type' => 'HowToSection',
                'name' => 'Base',
                'itemListElement' => [['@type' => 'HowToStep', 'text' => 'Mix all.<script>alert(1)</script>']],
            ],
            ['@type' => 'HowToStep', 'text' => 'Bake at 180 °C.'],
        ],
    ];

    #[DataProvider('files')]
    public function test_the_same_recipe_is_found_wherever_it_stands(string $bytes): void
    {
        $recipe = self::kernel()->read(new Brief(RecipeFile::text($bytes)));
        self::assertSame(
            ['Quince & almond slice', 12, 'slice'],
            [$recipe->title, $recipe->pieces, $recipe->pieceWord()],
        );
        self::assertSame(
            ['sugar', 'wheat-flour', 'egg'],
            array_map(static fn ($l): ?string => $l->food?->key, $recipe->lines),
        );
        self::assertSame(65.0, max(array_map(static fn ($s): float => $s->bakeMinutes(), $recipe->steps)));
    }

    /** @return array<string, array{string}> */
    public static function files(): array
    {
        $json = (string) json_encode(self::NODE);

        return [
            'JSON' => [$json],
            'JSON in a @graph' => [
                (string) json_encode([
                    '@context' => 'https://schema.org',
                    '@graph' => [['@type' => 'WebSite'], self::NODE],
                ]),
            ],
            'a list' => ["[$json]"],
            'a saved page' => [
                "<!DOCTYPE html><html><head><script>evil()</script><script type=\"application/ld+json\">{\"@type\":\"Organization\"}</script><script type='application/ld+json'>$json</script></head><body><p>Hello</p></body></html>",
            ],
            'under mainEntity, with a byte order mark' => [
                "\xef\xbb\xbf".json_encode(['@type' => 'WebPage', 'mainEntity' => self::NODE]),
            ],
            'UTF-16' => ["\xff\xfe".mb_convert_encoding($json, 'UTF-16LE', 'UTF-8')],
        ];
    }

    public function test_a_page_without_structured_data_gives_its_visible_text(): void
    {
        $recipe = self::kernel()->read(
            new Brief(
                RecipeFile::text(
                    '<html><body><nav>Home</nav><h1>Fig bars</h1><p>Makes 8 bars</p><h2>Ingredients</h2><ul><li>100 g sugar<li>50 g butter</ul><h2>Method</h2><p>Bake it.</p><script>bad()</script></body></html>',
                ),
            ),
        );
        self::assertSame(
            ['Fig bars', 8, 2, 1],
            [$recipe->title, $recipe->pieces, count($recipe->lines), count($recipe->steps)],
        );
    }

    public function test_no_entity_is_expanded_from_outside(): void
    {
        $text = RecipeFile::text(
            '<?xml version="1.0"?><!DOCTYPE r [<!ENTITY x SYSTEM "file:///etc/passwd">]><div>1 cup sugar &x;</div>',
        );
        self::assertStringNotContainsString('root:', $text);
    }

    public function test_other_tables_are_read_by_their_columns(): void
    {
        self::assertSame(['sugar', 'egg'], $this->foods("Amount;Unit;Ingredient\n200;g;sugar\n3;;eggs\n"));
        self::assertSame(['sugar', 'butter'], $this->foods("ingredient,grams\nsugar,200\nbutter,\"113,5\"\n"));
    }

    #[DataProvider('hopeless')]
    public function test_what_holds_no_recipe_is_refused_with_a_sentence(string $bytes, string $says): void
    {
        $this->expectException(UnreadableRecipe::class);
        $this->expectExceptionMessageMatches("~$says~");
        RecipeFile::text($bytes);
    }

    /** @return array<string, array{string, string}> */
    public static function hopeless(): array
    {
        return [
            'broken JSON' => ['{"@type": "Recipe", ', 'damaged'],
            'JSON without one' => ['{"@type":"Person"}', 'No recipe'],
            'too large' => [str_repeat('a', 2_000_001), 'larger'],
            'binary' => ["GIF89a\0\0", 'not text'],
            'empty' => ['  ', 'no text'],
        ];
    }

    /** ISO 8601; what takes no time is left out. */
    public function test_how_long_it_takes_is_written_as_durations(): void
    {
        self::assertSame(
            ['prepTime' => 'PT45M', 'cookTime' => 'PT1H', 'totalTime' => 'P1DT2H5M'],
            (new Pace(45, 60, 1565))->durations(),
        );
        self::assertSame(['totalTime' => 'P1DT0M'], (new Pace(0, 0, 1440))->durations());
        self::assertSame(1440, SchemaRecipe::minutes('P1DT0M'));
    }

    public function test_the_steps_of_several_parts_stand_in_sections(): void
    {
        $conversion = self::work(
            "Quay pie\nServes 8\n\nPastry\n200 g flour\n100 g butter\n\nFilling\n300 g cream cheese\n80 g sugar\n2 eggs\n\nMethod\nRub the butter into the flour, press it into a tin.\nBeat the cream cheese with the sugar and eggs.\nPour it in and bake at 170 °C for 40 minutes.",
        );
        $sections = $conversion->written(Side::Swapped)->schema()['recipeInstructions'];
        self::assertSame(['Pastry', 'Filling'], array_column($sections, 'name'));
        self::assertSame(
            array_map(static fn (PlannedStep $s): string => $s->text(), $conversion->steps()),
            array_column(array_merge(...array_column($sections, 'itemListElement')), 'text'),
        );
        self::assertSame(
            ['HowToStep'],
            array_unique(array_column($conversion->written(Side::Written)->schema()['recipeInstructions'], '@type')),
        );
    }

    #[DataProvider('durations')]
    public function test_iso_durations(string $duration, ?int $minutes): void
    {
        self::assertSame($minutes, SchemaRecipe::minutes($duration));
    }

    /** @return array<string, array{string, ?int}> */
    public static function durations(): array
    {
        return [
            'ISO 8601: PT35M' => ['PT35M', 35],
            'PT1H30M' => ['PT1H30M', 90],
            'P1DT2H' => ['P1DT2H', 1560],
            'PT0M' => ['PT0M', null],
            'words' => ['half an hour', null],
        ];
    }

    /** What is written reads back the same, in each form, for every demo dessert as written and swapped. */
    #[DataProvider('desserts')]
    public function test_what_is_written_reads_back_the_same(string $text): void
    {
        $conversion = self::work($text);
        foreach (Side::cases() as $side) {
            $written = $conversion->written($side)->paced(self::kernel()->pace($conversion, $side));
            $first = null;
            foreach ([$written->text(), $written->csv(), (string) json_encode($written->schema())] as $form) {
                $recipe = self::kernel()->read(new Brief(RecipeFile::text($form)));
                $shape = $this->shape($recipe);
                $first ??= $shape;
                self::assertSame($first, $shape);
                self::assertSame($conversion->title, $recipe->title);
                self::assertSame($conversion->before->formula->pieces, (float) $recipe->pieces);
                $account = self::kernel()->account(self::again(RecipeFile::text($form), $conversion));
                self::assertEqualsWithDelta(
                    $conversion->account($side)->piece->carbohydrate,
                    $account->piece->carbohydrate,
                    1e-9,
                );
            }
            self::assertCount(count($conversion->account($side)->formula->doses), $first['lines']);
        }
    }

    /** @return array<string, mixed> */
    private function shape(Recipe $recipe): array
    {
        return [
            'components' => $recipe->components,
            'lines' => array_map(
                static fn ($l): array => [$l->component, $l->text, $l->food?->key, $l->grams?->value],
                $recipe->lines,
            ),
            'steps' => array_map(static fn ($s): string => $s->text, $recipe->steps),
        ];
    }

    /** @return list<?string> */
    private function foods(string $table): array
    {
        return array_map(
            static fn ($l): ?string => $l->food?->key,
            self::kernel()->read(new Brief(RecipeFile::text($table)))->lines,
        );
    }

    public function test_a_cell_may_hold_several_lines_within_its_quotes(): void
    {
        $text = RecipeFile::text(
            "kind,component,text\ntitle,,Torn loaf\ningredient,,\"200 g sugar,\nsifted\"\ningredient,,2 eggs\n",
        );
        self::assertStringContainsString("200 g sugar, sifted\n2 eggs", $text);
    }
}

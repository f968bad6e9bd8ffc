<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Brief;
use Aglyca\Core\Reading\UnreadableRecipe;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class RecipeReaderTest extends CoreCase
{
    public function test_components_lines_steps_heat_and_time_are_told_apart(): void
    {
        $recipe = self::kernel()->read(new Brief(self::desserts()['poppy-seed-cheesecake-squares'][0]));
        self::assertSame('Poppy-seed cheesecake squares', $recipe->title);
        self::assertSame(
            [16, 'serving'],
            [$recipe->pieces, $recipe->pieceWord() === 'piece' ? 'serving' : $recipe->pieceWord()],
        );
        self::assertSame(['Base', 'Filling'], $recipe->components);
        self::assertCount(10, $recipe->lines);
        self::assertSame(
            [0, 0, 1],
            [$recipe->lines[0]->component, $recipe->lines[1]->component, $recipe->lines[2]->component],
        );
        self::assertCount(5, $recipe->steps);
        self::assertEqualsWithDelta(160, $recipe->steps[0]->heats[0]->temperature->celsius, 0.01);
        self::assertSame([40.0, 45.0], [$recipe->steps[3]->times[0]->low, $recipe->steps[3]->times[0]->high]);
    }

    public function test_it_reads_without_headings(): void
    {
        $recipe = self::kernel()->read(
            new Brief(
                "Pear slice\nServes 10\n2 cups flour\n1 cup sugar\n3 eggs\nMix everything well.\nBake at 180C for 30 minutes until done.",
            ),
        );
        self::assertSame(
            ['Pear slice', 10, 3, 2],
            [$recipe->title, $recipe->pieces, count($recipe->lines), count($recipe->steps)],
        );
        self::assertTrue($recipe->steps[1]->isBake);
    }

    #[DataProvider('yields')]
    public function test_the_yield_says_how_many_pieces(string $row, ?int $pieces, string $word): void
    {
        $recipe = self::kernel()->read(new Brief("A thing\n$row\n\n100 g sugar\n100 g flour"));
        self::assertSame([$pieces, $word], [$recipe->pieces, $recipe->pieceWord()]);
    }

    /** @return array<string, array{string, ?int, string}> */
    public static function yields(): array
    {
        $rows = [
            ['Makes 24 cookies', 24, 'cookie'],
            ['Serves 10', 10, 'piece'],
            ['Makes 1 loaf (12 slices)', 12, 'slice'],
            ['Makes one 9-inch cake, 8 slices', 8, 'slice'],
            ['Makes 2 dozen biscuits', 24, 'biscuit'],
            ['Yield: 16 squares', 16, 'square'],
            ['Serves 8-10', 8, 'piece'],
            ['Servings: 6', 6, 'piece'],
            ['Makes about 30 small thumbprint cookies', 30, 'cookie'],
            ['12 servings', 12, 'serving'],
            ['', null, 'piece'],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }

    public function test_a_lines_key_outlives_changes_elsewhere_in_the_text(): void
    {
        $key = static fn (string $text): string => self::kernel()->read(new Brief($text))->lines[1]->key;
        self::assertSame($key("T\n1 cup sugar\n2 eggs\n"), $key("Other title\n2 cups sugar\n2 eggs\n1 cup flour"));
    }

    #[DataProvider('hopeless')]
    public function test_what_cannot_be_read_is_refused_with_a_sentence(string $text): void
    {
        try {
            self::kernel()->read(new Brief($text));
            self::fail('it was read');
        } catch (UnreadableRecipe $fault) {
            self::assertMatchesRegularExpression('/^[A-Z].{20,}\.$/s', $fault->getMessage());
        }
    }

    /** @return array<string, array{string}> */
    public static function hopeless(): array
    {
        return [
            'nothing' => [''],
            'blank lines' => ["\n \n\t\n"],
            'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR"],
            'control characters' => [str_repeat("\x01\x02ab", 50)],
            'a novel' => [str_repeat("It was a dark and stormy night and nobody baked.\n", 4000)],
            'a thousand lines' => [str_repeat("1 cup sugar\n", 1000)],
            'no ingredient' => ["Just a title\nand some words"],
            'emoji alone' => ['🍰🍰🍰'],
        ];
    }

    public function test_odd_text_that_is_a_recipe_is_read(): void
    {
        $recipe = self::kernel()->read(
            new Brief("🍰 Cake 🎂\r\n\r\n• 200 g sugar 🍬\r\n▢ 2 eggs\r\n\u{feff}* 100\u{a0}g flour"),
        );
        self::assertSame(
            ['sugar', 'egg', 'wheat-flour'],
            array_map(static fn ($l): ?string => $l->food?->key, $recipe->lines),
        );
        self::assertSame(100.0, $recipe->lines[2]->grams?->value);
        self::assertSame(
            'egg',
            self::kernel()->read(
                new Brief(mb_convert_encoding("Crème\n2 eggs\n100 g crème fraîche", 'Windows-1252', 'UTF-8')),
            )->lines[0]->food?->key,
        );
    }
}

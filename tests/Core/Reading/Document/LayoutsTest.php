<?php

declare(strict_types=1);

namespace Tests\Core\Reading\Document;

use Aglyca\Core\Brief;
use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\TextRow;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** However a text is laid out, the same things come of it. */
final class LayoutsTest extends CoreCase
{
    private const METHOD = "\n\nMethod\nMix it all. Bake at 180 °C for 20 minutes.";

    /**
     * @param  list<array{?string, float}>  $things  food and grams, in the order of the text
     * @param  list<string>  $parts
     */
    #[DataProvider('layouts')]
    public function test_things_are_read_from_any_layout(string $text, array $things, array $parts = ['']): void
    {
        $recipe = self::kernel()->read(new Brief($text));
        self::assertSame($things, array_map(
            static fn (Line $l): array => [$l->food?->key, round($l->grams->value ?? 0.0)],
            $recipe->lines,
        ));
        self::assertSame($parts, $recipe->components);
    }

    /** @return iterable<string, array{0: string, 1: list<array{?string, float}>, 2?: list<string>}> */
    public static function layouts(): iterable
    {
        $three = [['wheat-flour', 200.0], ['butter', 100.0], ['egg', 100.0]];
        $four = [...$three, ['sugar', 50.0]];
        $of = static fn (string $list): string => "Quay bars\nMakes 12\n\n$list".self::METHOD;
        foreach ([
            'semicolons' => '200 g flour; 100 g butter; 2 eggs; 50 g sugar.',
            'commas' => '200 g flour, 100 g butter, softened, 2 eggs, 50 g sugar',
            'strokes' => '200 g flour / 100 g butter / 2 eggs / 50 g sugar',
            'plusses' => '200 g flour + 100 g butter + 2 eggs + 50 g sugar',
            'dots' => '200 g flour • 100 g butter · 2 eggs • 50 g sugar',
            'commas, broken to a width' => "200 g plain flour, 100 g\nbutter, two free-range\neggs, 50 g caster\nsugar.",
            'an amount at the end of a row' => "200 g flour, 100 g butter, 2\neggs, 50 g sugar",
            'dashes' => '200 g flour --- 100 g butter --- 2 eggs --- 50 g sugar',
            'two lists beside each other' => "200 g flour    100 g butter\n2 eggs    50 g sugar",
            'two lists, names first' => "Flour - 200 g    Butter - 100 g\nEggs - 2    Sugar - 50 g",
            'two lists, in words' => "two hundred grams flour    100 g butter\ntwo eggs    50 g sugar",
            'a table' => "| Ingredient | Amount |\n| --- | --- |\n| flour | 200 g |\n| butter | 100 g |\n| eggs | 2 |\n| sugar | 50 g |",
            'a table of percents and grams' => "                %     g\nFlour         100   200\nButter         50   100\nEggs           50   100\nSugar          25    50\nTOTAL         225   450",
            'a table with notes' => "Item\tQty\tNotes\nflour\t200 g\tsifted\nbutter\t100 g\tsoft\neggs\t2\t\nsugar\t50 g\t",
            'numbered' => "1) flour 200 g\n2) butter 100 g\n3) eggs 2\n4) sugar 50 g",
            'with dashes behind' => "flour - 200 g - sifted\nbutter - 100 g - soft\neggs - 2 - beaten\nsugar - 50 g",
        ] as $name => $list) {
            yield $name => [$of($list), $four];
        }
        yield 'percents of a flour that is weighed' => [
            $of("Flour 100%\nButter, soft 50%\nWhole eggs 50%\nSugar 25%\nFlour weight 200 g"),
            [['wheat-flour', 200.0], ['butter', 100.0], ['egg', 100.0], ['sugar', 50.0]],
        ];
        yield 'parts in a row each' => [
            $of("Base: 200 g flour / 100 g butter / 2 eggs\nTop: 50 g sugar / 10 g cocoa"),
            [...$three, ['sugar', 50.0], ['cocoa', 10.0]], ['Base', 'Top'],
        ];
        yield 'lists in columns with a part' => [
            $of("Top: Sugar 50g    Cocoa 10g\nBase: Flour 200g    Eggs 2"),
            [['sugar', 50.0], ['cocoa', 10.0], ['wheat-flour', 200.0], ['egg', 100.0]], ['Top', 'Base'],
        ];
        yield 'a list below the method, names first' => [
            "Quay bars\nMakes 12\nIngredients\n200 g flour\n100 g butter\n\nMethod\nMix. Bake at 180 °C.\n\nFor the icing\n1) sugar 50g\n2) water 10ml",
            [['wheat-flour', 200.0], ['butter', 100.0], ['sugar', 50.0], ['water', 10.0]], ['', 'Icing'],
        ];
        yield 'lettered parts' => [
            $of("A. Base\n200 g flour\n100 g butter\n2 eggs\nB. Meringue\n50 g sugar"), $four, ['Base', 'Meringue'],
        ];
        yield 'told with litres' => [
            'Quay pots. Take 200 g dark chocolate and melt it with 300 millilitres of double cream. Spoon it into four pots.',
            [['dark-chocolate', 200.0], ['double-cream', 294.0]],
        ];
        yield 'a page in two columns' => [
            "QUAY BARS                METHOD\nServes 10                Heat oven to 180C.\n200 g flour              Mix butter and sugar\n100 g butter             until pale and then\n2 eggs                   add the rest of it.\n50 g sugar               Bake for 20 min.",
            $four,
        ];
        yield 'told in the past' => [
            "Quay bars\nMakes 12\n\nWe rubbed 200 g flour and 100 g butter together, then we beat in two eggs and 50 g sugar. We baked it at 180 °C for 20 minutes.",
            $four,
        ];
        yield 'told as it is done to it' => [
            "Quay bars\nMakes 12\n\n200 g flour and 100 g butter are rubbed together; 2 eggs and 50 g sugar are added. The mixture is baked at 180 °C for 20 minutes.",
            $four,
        ];
        yield 'told in one breath' => [
            'ok so the quay bars its 200 g flour 100 g butter for the bottom press that in a tin and bake 180C for 20 min then 2 eggs and 50 g sugar beat it and pour it on, cut in 12!!',
            $four,
        ];
        yield 'told in parts' => [
            "Quay bars\nMakes 12\n\nFor the base: rub 200 g flour and 100 g butter together. For the top: whisk 2 eggs with a third of a cup sugar, spread over one sponge and bake for 20 minutes.",
            [['wheat-flour', 200.0], ['butter', 100.0], ['egg', 100.0], ['sugar', 67.0]], ['Base', 'Top'],
        ];
        yield 'a sauce that only the method tells' => [
            "Quay bars\nMakes 12\n200 g flour\n2 eggs\n\nMix and bake at 180 °C for 20 minutes.\nRum sauce: melt 100 g butter with 50 g sugar, add 30 ml rum and pour it over.",
            [['wheat-flour', 200.0], ['egg', 100.0], ['butter', 100.0], ['sugar', 50.0], ['rum', 29.0]], ['', 'Rum sauce'],
        ];
        yield 'the same again in other words' => [$of("2 ägg / 2 eggs\n200 g flour"), [['egg', 100.0], ['wheat-flour', 200.0]]];
        yield 'two measures are one thing' => [$of("1 cup / 240 ml milk\n2 eggs"), [['milk', 245.0], ['egg', 100.0]]];
        yield 'a weight behind a comma' => [$of("4 bananas, 450 g peeled\n2 eggs"), [['banana', 450.0], ['egg', 100.0]]];
    }

    /** @param  list<string>  $steps */
    #[DataProvider('methods')]
    public function test_sentences_that_a_width_broke_are_whole(string $method, array $steps): void
    {
        $rows = self::kernel()->read(new Brief("Quay bars\nMakes 12\n200 g flour\n2 eggs\n\nMethod\n$method"))->rows;
        $is = static fn (TextRow $row): bool => $row->fate === Fate::Step;
        self::assertSame($steps, array_values(array_column(array_filter($rows, $is), 'text')));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function methods(): iterable
    {
        yield 'in the midst' => [
            "Beat the butter and the sugar together for about five minutes\nuntil they are pale. Add the eggs a little at a time, and fold in\nthe flour.",
            ['Beat the butter and the sugar together for about five minutes until they are pale. Add the eggs a little at a time, and fold in the flour.'],
        ];
        yield 'a row that is full and ends' => [
            "Beat the butter and the sugar together for about five minutes.\nFold in the flour.",
            ['Beat the butter and the sugar together for about five minutes.', 'Fold in the flour.'],
        ];
        yield 'numbered in a row' => [
            '1. Mix the flour. 2. Beat in 2 eggs. 3) Bake at 190C for 20 minutes.',
            ['1. Mix the flour.', '2. Beat in 2 eggs.', '3) Bake at 190C for 20 minutes.'],
        ];
        yield 'short rows are steps' => ["Beat the eggs until pale\nfold in the flour", ['Beat the eggs until pale', 'fold in the flour']];
    }
}

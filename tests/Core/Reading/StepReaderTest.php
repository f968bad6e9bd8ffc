<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Timing;
use Aglyca\Core\Reading\TitleAndYield;
use Aglyca\Core\Reading\Yielded;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class StepReaderTest extends CoreCase
{
    /** @param  list<int>  $celsius  of a conventional oven, on the dial */
    #[DataProvider('heats')]
    public function test_heats_are_found_where_they_stand(string $step, array $celsius): void
    {
        $read = self::core()->reading()->steps->read($step);
        self::assertSame(
            $celsius,
            array_map(static fn (Heat $h): int => $h->temperature->celsiusOnDial(5), $read->heats),
            $step,
        );
        foreach ($read->heats as $heat) {
            self::assertMatchesRegularExpression('~\d|½|¼|^[a-z ]+$~u', substr($step, $heat->at, $heat->length));
        }
    }

    /** @return array<string, array{string, list<int>}> */
    public static function heats(): array
    {
        return [
            '°F' => ['Preheat to 350°F.', [175]],
            'degrees F' => ['Heat to 325 degrees F', [165]],
            '°C' => ['Oven at 180 °C', [180]],
            'both' => ['350°F (175°C)', [175]],
            'fan' => ['Heat to 160°C fan', [180]],
            'fan in brackets' => ['Heat to 180°C (fan 160°C)', [180]],
            'with a stroke' => ['Heat to 200C/180C fan', [200]],
            'fan oven first' => ['fan oven 150 °C', [170]],
            'gas mark' => ['gas mark 4', [175]],
            'gas' => ['Gas 6', [205]],
            'behind the hob' => ['3 min on the hob, then 180 °C 8-10 min.', [180]],
            'bare behind a tin' => ['Loaf pan, 350, 50-55 min.', [175]],
            'a fan oven by its letter, and gas' => ['Oven 180/160f/4. Mix.', [180]],
            'Fahrenheit behind Celsius' => ['Bake at 120C/250f', [120]],
            'gas and bare degrees' => ['Gas 4 / 180 for 22 mins', [175]],
            'bare °F' => ['Bake at 400° until set', [205]],
            'bare °C' => ['Bake at 180° until set', [180]],
            'celsius written out' => ['at 170 Celsius', [170]],
            'degrees in German' => ['Ofen auf 200 Grad vorheizen.', [200]],
            'degrees in Swedish' => ['Sätt ugnen på 175 grader.', [175]],
            'turned up, behind a short minute' => ['Ungreased 10" tube pan, with cream of tartar. 325° 55 min., then 350° 10-15 min.', [165, 175]],
            'with a hyphen' => ['Bake for 25 minutes in a preheated 350-degree oven', [175]],
            'a mark alone' => ['Bake for half an hour at Mark 5', [190]],
            'an old word for the mark' => ['Regulo 4 for 50 mins', [175]],
            'fried in air' => ['Air fry at 320F for 12 mins', [160]],
            'a tin, a heat, hours' => ['900g tin, 160C, 1h 30.', [160]],
            'calories are no heat' => ['Bake it. Per slice: 190 cal', []],
            'hot air in German' => ['Bei 160 °C Umluft backen.', [180]],
            'no sign at all' => ['Bake @ 425 for 15 min; reduce to 350 and bake 45 min', [220, 175]],
            'grams are no heat' => ['Add sugar up to 250 g', []],
            'said twice without a space' => ['Pour it in a 20cm dish 180/160fan 35-40 min, with butter, cream and water.', [180]],
            'a pot inside' => ['Preheat oven with a pot inside to 450F.', [230]],
            'a middle is no oven' => ['Until it is 94 °C inside', [95]],
            'an oven by its word' => ['Bake in a moderate oven until set.', [180]],
            'the word and the number' => ['Bake in a slow oven (150 °C) for 1 hour.', [150]],
            'a hot pan is no oven' => ['Fry in a hot pan in the oven glove.', []],
            'no oven' => ['Whisk 200 g sugar with 3 eggs', []],
            'a size is no heat' => ['Line a 23 cm tin', []], 'servings are no heat' => ['Serves 120 people', []],
        ];
    }

    /** The sentence from which it bakes: behind the last mixing, where something bakes alone before it. */
    public function test_what_bakes_is_told_from_what_bakes_alone_before_it(): void
    {
        foreach (
            [
                'Mix it. Bake for 25 minutes at 170 °C. Lay the slices cut side up. Bake for 12 minutes.' => 8,
                'Bake the plums for 20 minutes at 190 °C. Rub butter into flour. Bake for 30 minutes.' => 65,
                'Bake for 30 minutes at 180 °C.' => null,
            ] as $text => $from
        ) {
            self::assertSame($from, self::core()->reading()->steps->read($text)->bakingFrom(), $text);
        }
    }

    /**
     * @param  list<array{float, float, bool}>  $times  low and high in minutes, and whether it is in the oven for it
     */
    #[DataProvider('times')]
    public function test_times_are_found_and_told_apart(string $step, array $times, bool $isBake): void
    {
        $read = self::core()->reading()->steps->read($step);
        self::assertSame(
            $times,
            array_map(static fn (Timing $t): array => [$t->low, $t->high, $t->isBaking], $read->times),
            $step,
        );
        self::assertSame($isBake, $read->isBake, $step);
    }

    /** @return array<string, array{string, list<array{float, float, bool}>, bool}> */
    public static function times(): array
    {
        return [
            'a range' => ['Bake for 25-30 minutes.', [[25.0, 30.0, true]], true],
            'minutes that are not said' => ['Bake 350 for 10, then 25-30 till golden.', [[10.0, 10.0, true]], true],
            'a range that is not said to be minutes' => ['Bake 25–30 till golden', [[25.0, 30.0, true]], true],
            'behind a time with a full stop of its own' => [
                'Fill the moulds, chill 20 min. 200C (180 fan) 10-12 min.', [[20.0, 20.0, false], [10.0, 12.0, true]], true,
            ],
            'a heat with a full stop of its own, and less of it' => [
                'Bake at 400 degrees F. for 10 min., reduce to 350 degrees F. for 25 min.',
                [[10.0, 10.0, true], [25.0, 25.0, true]],
                true,
            ],
            'what is boiled down is in no oven' => ['Simmer to reduce to 200 ml, 10 min.', [[10.0, 10.0, false]], false],
            'a quarter behind a hyphen' => ['Bake 1-1/4 hours at 300', [[75.0, 75.0, true]], true],
            'about so many' => ['Bake at 350 until done, 30ish minutes.', [[30.0, 30.0, true]], true],
            'minutes in German' => ['Backen bei 200 °C 20-25 Minuten.', [[20.0, 25.0, true]], true],
            'an hour in German' => ['Backen: 1 Stunde bei 170 °C.', [[60.0, 60.0, true]], true],
            'trays are counted' => ['Bake 2 trays.', [], true],
            'a time alone behind what lies on the tray' => [
                'Oven 160C. Mix it. Spoonfuls onto trays, flatten. 12 mins, cool.', [[12.0, 12.0, true]], true,
            ],
            'a time alone behind mixing' => [
                'Oven 160C. Line a tray. Beat the eggs. 12 mins, add sugar.', [[12.0, 12.0, false]], false,
            ],
            'in German' => ['Run a knife through. 175 °C Ober-/Unterhitze, 35 min.', [[35.0, 35.0, true]], true],
            'in what it is baked, without a verb' => [
                'Ungreased 10-inch tube pan, 325°F 45-50 minutes.', [[45.0, 50.0, true]], true,
            ],
            'a pan and a time alone' => ['Fold in the whites. 23 cm pan, 25-30 min.', [[25.0, 30.0, true]], false],
            'poured in first' => ['Pour into ramekins, 150C 35 minutes.', [[35.0, 35.0, true]], true],
            'a range in words' => ['Bake 40 to 45 mins until golden', [[40.0, 45.0, true]], true],
            'turned down with a bare then' => [
                'Pour in the shell, 220C for 10 mins then 180C for 35 mins.', [[10.0, 10.0, true], [35.0, 35.0, true]], true,
            ],
            'a heat that is a sentence' => [
                '375. Mix. Drop onto ungreased sheets. 8-9 min.', [[8.0, 9.0, true]], true,
            ],
            'a water bath that is too hot for a hob' => [
                'Bain-marie, 150 °C, 30-35 minutes until set.', [[30.0, 35.0, true]], true,
            ],
            'a tin and its size before the heat' => [
                'Square tin (20 x 30), 180C, 30 min.', [[30.0, 30.0, true]], true,
            ],
            'a gas mark and its degrees' => ['Gas 4 / 180 for 22 mins.', [[22.0, 22.0, true]], true],
            'a dish between heat and time' => ['180 °C in a 20cm dish, 45 min till brown.', [[45.0, 45.0, true]], true],
            'a bare heat of its own' => ['Fill the cups. 375 for 25 min', [[25.0, 25.0, true]], true],
            'hours' => ['Bake for 1½ hours.', [[90.0, 90.0, true]], true],
            'an hour' => ['Bake for an hour.', [[60.0, 60.0, true]], true],
            'half an hour' => ['Roast for half an hour', [[30.0, 30.0, true]], true],
            'chilled' => ['Chill for 2 hours.', [[120.0, 120.0, false]], false],
            'left in the oven' => ['Leave in the oven, switched off, for 1 hour.', [[60.0, 60.0, false]], false],
            'baked, then cooled' => [
                'Bake for 20 minutes, then cool for 10 minutes.',
                [[20.0, 20.0, true], [10.0, 10.0, false]],
                true,
            ],
            'two temperatures' => [
                'Bake 10 minutes, lower the heat and bake 30 minutes more.',
                [[10.0, 10.0, true], [30.0, 30.0, true]],
                true,
            ],
            'baking powder is no bake' => ['Sift in the baking powder and rest 5 minutes.', [[5.0, 5.0, false]], false],
            'in the oven' => ['Put in the oven for 12 min.', [[12.0, 12.0, true]], true],
            'beaten, then baked' => [
                'Beat everything for 2 mins. Bake for 25 mins until springy.',
                [[2.0, 2.0, false], [25.0, 25.0, true]],
                true,
            ],
            'a baking sheet is no bake' => [
                'Bake for 15 minutes. Let rest on the baking sheet for 20 minutes.',
                [[15.0, 15.0, true], [20.0, 20.0, false]],
                true,
            ],
            'boiled' => ['Boil for 3 minutes.', [[3.0, 3.0, false]], false],
            'no time' => ['Fold in the egg whites.', [], false],
        ];
    }

    public function test_a_time_alone_bakes_once_the_oven_is_on(): void
    {
        $bakes = static fn (string ...$steps): array => array_column(
            self::core()->reading()->steps->all(array_values($steps)),
            'isBake',
        );
        self::assertSame([false, true], $bakes('Heat the oven to 190 °C.', '40-45 mins till bubbling.'));
        self::assertSame([false], $bakes('40-45 mins till bubbling.'));
        self::assertSame([false, true], $bakes('Heat the oven to 220 °C.', 'Brush with egg. 12-15 min till risen and golden.'));
        self::assertSame([false, false], $bakes('Heat the oven to 220 °C.', 'Knead. 10 min till smooth.'));
        self::assertSame([false, false], $bakes('Heat the oven to 190 °C.', 'Chill 20 minutes.'));
    }

    /** Another language is another folder of rows. */
    public function test_german_is_a_folder(): void
    {
        $reading = self::core()->reading();
        foreach (['Ergibt etwa 12 Stück' => 12, 'Für 4 Personen' => 4, 'Reicht für 8 Portionen' => 8, 'Ergibt 2 Dutzend Kekse' => 24] as $row => $pieces) {
            self::assertSame($pieces, $reading->yields->read($row)->pieces, $row);
        }
        $step = $reading->steps->read('Den Backofen auf 160 Grad Umluft vorheizen. Teig kneten und 1 Stunde ruhen lassen. 25 bis 30 Minuten backen.');
        self::assertSame([180], array_map(static fn (Heat $h): int => $h->temperature->celsiusOnDial(5), $step->heats));
        self::assertSame([[60.0, 60.0], [25.0, 30.0]], array_map(static fn (Timing $t): array => [$t->low, $t->high], $step->times));
        self::assertSame([false, true], array_column($step->times, 'isBaking'));
        self::assertTrue($step->isBake);
    }

    public function test_a_row_above_the_recipe_may_say_how_hot_the_oven_is(): void
    {
        $steps = self::core()->reading()->steps;
        foreach (
            [
                'Oven: 200C' => true, 'Bake at 350°F (180°C) for 30 min' => true, 'Oven temp. 180C/160C fan/gas 4' => true,
                'Preheat the oven to 180 °C' => true, 'Bake: 25 min' => false, '180 g oven chips' => false, 'Oven chips' => false,
                'Bake a cake at 180 °C' => false,
            ] as $row => $isHeat
        ) {
            self::assertSame($isHeat, $steps->isHeatAlone($row), $row);
        }
        $recipe = self::core()->reading()->recipes->read("Plum cake\nOven: 180C\n\n200 g flour\n2 eggs\n\nMix. Bake for 30 minutes.");
        self::assertSame([180], array_map(static fn (Heat $h): int => $h->temperature->celsiusOnDial(5), $recipe->steps[0]->heats));
    }

    public function test_the_method_may_say_how_many_it_is_cut_into(): void
    {
        foreach (
            [
                'Cool in the tin before cutting in 16 squares.',
                'Leave it cold for slicing into 16 pieces.',
                'Cut into 16.',
                'Scoop well apart on the trays (I get 16).',
                'Serve it warm, 16 servings',
                'Sixteen scoops or so.',
                'Cool it well before cutting (16).',
                'Cool before slicing (16 slices).',
                'Pat it 3 cm thick, cut 16 with a 6 cm cutter.',
                'Makes 1 1/2 cups, 16 tablespoons.',
                'Break it up. Makes about 2 lbs, 16 pieces.',
                'Pipe rounds (about 30), leave them. Sandwich. 16 macarons.',
                'Stir in the nuts. 16 servings. It thickens as it cools',
                'Roll it out, cut with a ring (about 16 + scraps).',
            ] as $step
        ) {
            self::assertSame(16, self::core()->reading()->yields->inSteps(['Mix it.', $step])->pieces, $step);
        }
    }

    public function test_a_title_may_say_how_many(): void
    {
        $reader = self::core()->reading()->titles;
        foreach (
            [
                'Banana muffins - makes 12' => ['Banana muffins', 'makes 12'],
                'Plum cake (serves 8)' => ['Plum cake', 'serves 8'],
                'Pull-apart bread 12 servings' => ['Pull-apart bread', '12 servings'],
                'Doughnuts (baked), 12' => ['Doughnuts (baked)', 'makes 12'],
                'Layer cake, 20' => ['Layer cake, 20', ''],
                'Cake for two' => ['Cake', 'for two'],
                'Fondants x 4' => ['Fondants', 'makes 4'],
                'Tiramisu cups (6)' => ['Tiramisu cups', 'makes 6'],
                'Doughnuts, about 18' => ['Doughnuts', 'makes about 18'],
                'Almond fingers (about 30)' => ['Almond fingers', 'makes about 30'],
                'Butter rings -- 5 dozen' => ['Butter rings', 'makes 5 dozen'],
                'Jam drops: two dozen' => ['Jam drops', 'makes two dozen'],
                'Oat rounds ~24' => ['Oat rounds', 'makes about 24'],
                'Berry bars (9x13, cut 24)' => ['Berry bars', '9x13, cut 24'],
                'Cup cakes -- 24' => ['Cup cakes', 'makes 24'],
                'Oat bars for the fair -- doubled, makes 48' => ['Oat bars for the fair', 'doubled, makes 48'],
                'Ring cake, 23' => ['Ring cake, 23', ''],
                'Ice cream (about 1 litre)' => ['Ice cream', ''],
                'Pudding (2 basins, each serves 8)' => ['Pudding', '2 basins, each serves 8'],
                'Makes 12' => ['Makes 12', ''],
            ] as $title => $parts
        ) {
            self::assertEquals(new TitleAndYield(...$parts), $reader->of($title));
        }
    }

    #[DataProvider('yields')]
    public function test_pieces_are_read_and_named(string $row, ?int $pieces, string $name): void
    {
        $reader = self::core()->reading()->yields;
        self::assertSame($pieces !== null, $reader->isYield($row), $row);
        if ($pieces !== null) {
            self::assertEquals(new Yielded($pieces, $name), $reader->read($row));
        }
    }

    /** @return array<string, array{string, ?int, string}> */
    public static function yields(): array
    {
        return [
            'cookies' => ['Makes 24 cookies', 24, 'cookie'],
            'serves' => ['Serves 10', 10, ''],
            'serves people' => ['Serves 8 people', 8, 'portion'],
            'dozen' => ['Makes 2 dozen cookies', 24, 'cookie'],
            'of a range the fewer' => ['Serves 10 to 12', 10, ''],
            'yield' => ['Yield: 16 bars', 16, 'bar'],
            'a loaf of slices' => ['Makes 1 loaf (12 slices)', 12, 'slice'],
            'in words' => ['Makes twelve muffins', 12, 'muffin'],
            'servings first' => ['12 servings', 12, 'serving'],
            'adjectives between' => ['Makes 30 small crisp biscuits', 30, 'biscuit'],
            'a size is no number of pieces' => ['Makes one 9-inch cake, 8 slices', 8, 'slice'],
            'behind short times' => ['Prep 30m  Cook 1h 10m  Serves 8-10', 8, ''],
            'behind times without a unit' => ['Prep: 20 min  Bake: 25  Makes: 16', 16, ''],
            'a size alone' => ['6 large', 6, ''],
            'an ingredient' => ['2 cups sugar', null, ''],
            'a heading' => ['For the glaze', null, ''],
        ];
    }
}

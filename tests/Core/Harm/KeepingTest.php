<?php

declare(strict_types=1);

namespace Tests\Core\Harm;

use Aglyca\Core\Harm\KeepReader;
use Aglyca\Core\Language\Lexer;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** How long a dessert keeps follows from what is in it. */
final class KeepingTest extends CoreCase
{
    /** @return array<string, array{string, string, int, int}> text, place, days from, to */
    public static function desserts(): array
    {
        return [
            'a custard in a crust' => ["Custard tart\nServes 8\n200 g flour\n100 g butter\n500 ml milk\n4 eggs\n100 g sugar\n\nMethod\nBake at 160 °C for 40 minutes.", 'fridge', 2, 4],
            'cream put in after the bake' => ["Cream roll\nServes 8\n4 eggs\n100 g flour\n100 g sugar\n\nFilling\n300 ml whipping cream\n\nMethod\nBake at 180 °C for 12 minutes. Fill with whipped cream.", 'fridge', 2, 3],
            'soft cheese in a brownie' => ["Brownies\nMakes 16\n200 g chocolate\n150 g butter\n200 g sugar\n3 eggs\n100 g flour\n300 g cream cheese\n\nMethod\nBake at 170 °C for 30 minutes.", 'fridge', 2, 4],
            'a biscuit' => ["Shortbread\nMakes 20\n250 g flour\n80 g sugar\n170 g butter\n\nMethod\nBake at 160 °C for 35 minutes.", 'tin', 5, 14],
            'dried foam' => ["Meringues\nMakes 40\n4 egg whites\n220 g caster sugar\n\nMethod\nWhisk stiff, pipe and bake at 100 °C for 90 minutes.", 'tin', 5, 14],
            'jam' => ["Plum jam\nMakes 40\n1 kg plums\n1 kg sugar\n\nMethod\nBoil for 20 minutes.", 'fridge', 7, 21],
            'what nobody knows is perishable' => ["Loaf\nMakes 10\n200 g almond flour\n200 g zamara pulp\n40 g allulose\n\nMethod\nBake at 170 °C for 40 minutes.", 'fridge', 1, 3],
        ];
    }

    #[DataProvider('desserts')]
    public function test_it_keeps_where_and_as_long_as_it_bears(string $text, string $place, int $from, int $to): void
    {
        $keep = self::work($text)->safety->keep;
        self::assertSame($place, $keep->place, $keep->text);
        self::assertGreaterThanOrEqual($from, $keep->days, $keep->text);
        self::assertLessThanOrEqual($to, $keep->days, $keep->text);
    }

    /** The written side is told by what is in it: sugar keeps it longer than nothing would. */
    public function test_the_recipes_own_shorter_word_wins(): void
    {
        $tart = "Custard tart\nServes 8\n500 ml milk\n4 eggs\n100 g sugar\n\nMethod\nBake at 160 °C for 40 minutes.%s";
        self::assertSame(1, self::work(sprintf($tart, ' Keeps 1 day in the fridge.'))->safety->keep->days);
        self::assertGreaterThan(1, self::work(sprintf($tart, ' Keeps 9 days in the fridge.'))->safety->keep->days);
    }

    public function test_words_of_keeping(): void
    {
        $reader = new KeepReader(self::tables(), new Lexer(self::tables()));
        $read = static function (string $text) use ($reader): array {
            $keep = $reader->read($text);

            return [$keep->place, $keep->days, $keep->frozen()];
        };
        self::assertSame(['tin', 14, '3 months frozen'], $read('2 weeks in a tin; 3 months frozen'));
        self::assertSame(['fridge', 14, ''], $read('two to three weeks in the fridge'));
        self::assertSame(['room', 365, ''], $read('Store in a cool dark place for up to a year.'));
        self::assertSame(['freezer', 30, ''], $read('1 month frozen'));
        self::assertSame(['room', 0, 'frozen 2 months'], $read('eaten the same day; frozen 2 months'));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Language;

use Aglyca\Core\Language\Degree;
use Aglyca\Core\Language\Degrees;
use Aglyca\Core\Language\Duration;
use Aglyca\Core\Language\Durations;
use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Numbers;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** A number is a number, a time a time and a heat a heat, in whatever form people write them. */
final class ValuesTest extends CoreCase
{
    private static function numbers(): Numbers
    {
        return new Numbers(self::tables(), new Lexicon(self::tables()));
    }

    /** @return iterable<string, array{string, float}> */
    public static function said(): iterable
    {
        foreach (
            [
                '36' => 36, '1 1/2' => 1.5, '1-1/2' => 1.5, '2½' => 2.5, '½' => 0.5, '3/4' => 0.75, 'thirty-six' => 36,
                'forty five' => 45, 'one hundred and fifty' => 150, 'two hundred' => 200, 'two and a half' => 2.5,
                'half' => 0.5, 'a quarter' => 0.25, 'three quarters' => 0.75, 'a dozen' => 12, 'half a dozen' => 6,
                '2 dozen' => 24, 'a couple' => 2, '1,5' => 1.5, '2.25' => 2.25, 'twelve' => 12, '3⁄4' => 0.75,
            ] as $text => $value
        ) {
            yield (string) $text => [(string) $text, (float) $value];
        }
    }

    #[DataProvider('said')]
    public function test_a_number_in_any_form(string $text, float $value): void
    {
        $tokens = (new Lexer(self::tables()))->tokens($text);
        $number = self::numbers()->at($tokens, 0);

        self::assertEqualsWithDelta($value, $number?->value, 1e-9);
        self::assertSame(count($tokens), $number->end, 'all of it');
    }

    /** @return iterable<string, array{string, ?array{float, float}}> minutes */
    public static function times(): iterable
    {
        foreach (
            [
                '25 minutes' => [25, 25], '25-30 mins' => [25, 30], '25 – 30min' => [25, 30], 'ten to fifteen minutes' => [10, 15],
                '1 hr 10' => [70, 70], '1h30' => [90, 90], '1 hour and 10 minutes' => [70, 70], 'an hour and a half' => [90, 90],
                'half an hour' => [30, 30], 'a quarter of an hour' => [15, 15], 'three quarters of an hour' => [45, 45],
                '1½ hours' => [90, 90], '1-1/4 hours' => [75, 75], "45'–50'" => [45, 50], '30ish minutes' => [30, 30],
                '10 more minutes' => [10, 10], '10 or so minutes' => [10, 10], 'another hour' => [60, 60], 'a couple of hours' => [120, 120],
                'a few minutes' => [3, 3], '1 hour to 1 hour 20 minutes' => [60, 80], '30 seconds' => [0.5, 0.5], '20 bis 25 Minuten' => [20, 25],
                '2 Stunden' => [120, 120], '45 minuter' => [45, 45], 'a further 5 minutes' => null, '10 days' => null, '2 cups' => null,
            ] as $text => $minutes
        ) {
            yield (string) $text => [(string) $text, $minutes];
        }
    }

    /** @param  ?array{float, float}  $minutes */
    #[DataProvider('times')]
    public function test_a_time_in_any_form(string $text, ?array $minutes): void
    {
        $tokens = (new Lexer(self::tables()))->tokens($text);
        $time = (new Durations(self::numbers(), new Lexicon(self::tables())))->at($tokens, 0);

        if ($minutes === null) {
            self::assertNull($time);

            return;
        }
        self::assertInstanceOf(Duration::class, $time);
        self::assertEqualsWithDelta($minutes, [$time->low, $time->high], 1e-9);
        self::assertSame(count($tokens), $time->end, 'all of it');
    }

    /** A value goes as far as it goes, and what stands behind is another's. */
    public function test_a_value_ends_where_it_ends(): void
    {
        $lexer = new Lexer(self::tables());
        $lexicon = new Lexicon(self::tables());
        $durations = new Durations(self::numbers(), $lexicon);
        $degrees = new Degrees(self::numbers());
        foreach (
            [
                '1/20' => [1.0, 1], '0/2' => [0.0, 1], '1/' => [1.0, 1], 'fifteen two' => [15.0, 1], 'thirty eleven' => [30.0, 1],
                'twenty' => [20.0, 1], 'one hundred 5' => [100.0, 2], 'one hundred and two hundred' => [102.0, 4], 'one hundred and' => [100.0, 2],
                'two hundred sixty' => [260.0, 3], '2 and' => [2.0, 1], 'half' => [0.5, 1], '1-2' => [1.0, 1], 'eight thousand' => [8.0, 1],
            ] as $text => [$value, $end]
        ) {
            $number = self::numbers()->at($lexer->tokens((string) $text), 0);
            self::assertSame([$value, $end], [$number?->value, $number?->end], (string) $text);
        }
        foreach (
            [
                '1 hour and 2 hours' => [60.0, 2], '1 hr 75' => [60.0, 2], '1 hr 5' => [60.0, 2], '1 hr 10 eggs' => [60.0, 2], '1 hr 10 until' => [70.0, 3],
                '1 hour and' => [60.0, 2], '1 hour and sugar' => [60.0, 2], '10 min . Mix' => [10.0, 2], '10 min. cool' => [10.0, 3], '10 min.' => [10.0, 2],
                "45'" => [45.0, 2], "45'–" => [45.0, 2], "45'- 50 g" => [45.0, 2], '1 hour to 2 cups' => [60.0, 2], '10 or more minutes' => [10.0, 4], '2h,' => [120.0, 2],
            ] as $text => [$minutes, $end]
        ) {
            $time = $durations->at($lexer->tokens((string) $text), 0);
            self::assertSame([$minutes, $end], [$time?->low, $time?->end], (string) $text);
        }
        foreach (["45 '", "5'10 tall", '10 or', '10 or so', 'an', '45'] as $text) {
            self::assertNull($durations->at($lexer->tokens($text), 0), $text);
        }
        foreach (
            [
                '180C fan: 160C' => [180.0, 'C', false, 2], '180C (fan' => [180.0, 'C', false, 2], '180C fan' => [180.0, 'C', true, 3], '160-180 fan' => [160.0, '', true, 4],
                '180 or 190' => [180.0, '', false, 1], '180-190 C' => [180.0, 'C', false, 4], '180' => [180.0, '', false, 1], '200 at' => [200.0, '', false, 1],
            ] as $text => [$number, $scale, $isFan, $end]
        ) {
            $heat = $degrees->at($lexer->tokens((string) $text), 0);
            self::assertSame([$number, $scale, $isFan, $end], [$heat?->number, $heat?->scale, $heat?->isFan, $heat?->end], (string) $text);
        }
        foreach (['gas 0', 'gas 12', 'gas', 'gas mark', 'fan', 'fan oven', 'fan oven light', '160-180', '350mixer', 'mark 4', '40'] as $text) {
            self::assertNull($degrees->at($lexer->tokens($text), 0), $text);
        }
        self::assertNull($degrees->at($lexer->tokens('/ 180 g'), 1));
        self::assertSame(180.0, $degrees->at($lexer->tokens('/180'), 1)?->number, 'nothing stands over it');
    }

    /** @return iterable<string, array{string, ?array{float, string, bool}}> degrees, scale, of a fan oven */
    public static function heats(): iterable
    {
        foreach (
            [
                '180 °C' => [180, 'C', false], '350F' => [350, 'F', false], '350 degrees Fahrenheit' => [350, 'F', false],
                '180º' => [180, '', false], '180-190 deg. C' => [180, 'C', false], '160C fan' => [160, 'C', true],
                '160C (fan oven)' => [160, 'C', true], 'fan oven at 160' => [160, '', true], '160 °C fan-forced' => [160, 'C', true],
                'Gas Mark 4' => [4, 'gas', false], 'gas no. 4' => [4, 'gas', false], 'Gas ½' => [0.5, 'gas', false],
                'regulo 5' => [5, 'gas', false], '200 Grad' => [200, '', false], '180 °C Umluft' => [180, 'C', true], '425' => [425, '', false],
                '350 g' => null, '200 ml' => null, '120 people' => [120, '', false], '12' => null, 'gas hob' => null, '1/250' => null,
            ] as $text => $heat
        ) {
            yield (string) $text => [(string) $text, $heat];
        }
    }

    /** @param  ?array{float, string, bool}  $heat */
    #[DataProvider('heats')]
    public function test_a_heat_in_any_form(string $text, ?array $heat): void
    {
        $tokens = (new Lexer(self::tables()))->tokens($text);
        $degree = (new Degrees(self::numbers()))->at($tokens, 0);

        $read = $degree instanceof Degree ? [$degree->number, $degree->scale, $degree->isFan] : null;
        self::assertEquals($heat, $read);
    }
}

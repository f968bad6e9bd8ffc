<?php

declare(strict_types=1);

namespace Tests\Core\Forecast;

use Aglyca\Core\Forecast\Property;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is out of its band is said in a word and a sentence, and what is within is not. */
final class PropertyTest extends TestCase
{
    /** @return iterable<string, array{Property, string, string}> */
    public static function misses(): iterable
    {
        yield 'below' => [
            new Property('moisture', 'Moisture', 'g/g', 2.0, 1.4, 1.8, 2.2), 'drier', 'It will be drier than the original.',
        ];
        yield 'a little below' => [
            new Property('sweetness', 'Sweetness', '', 100.0, 85.0, 88.0, 92.0),
            'a little less sweet',
            'It will be a little less sweet than the original.',
        ];
        yield 'far below' => [
            new Property('sweetness', 'Sweetness', '', 100.0, 57.0, 88.0, 92.0),
            'much less sweet',
            'It will be much less sweet than the original.',
        ];
        yield 'above' => [
            new Property('fat', 'Fat', 'g/g', 0.2, 0.4, 0.16, 0.3),
            'much greasier',
            'It will be much greasier than the original.',
        ];
        yield 'only a top' => [
            new Property('browning', 'Browning', 'min', 4.0, 6.2, null, 6.0),
            'much darker',
            'It will be much darker than the original.',
        ];
        yield 'sweeter than was wished, and as sweet as it was' => [
            new Property('sweetness', 'Sweetness', '', 100.0, 97.0, 89.0, 91.0),
            'sweeter than asked',
            'It will be sweeter than asked.',
        ];
        yield 'against itself' => [
            new Property('grain', 'Grittiness', '', 0.0, 1.8, null, 1.0), 'very gritty', 'It will be very gritty.',
        ];
        yield 'in joules' => [
            new Property('cool', 'Cool aftertaste', 'J/g', 0.0, 24.0, null, 20.0),
            'a little cool on the tongue',
            'It will be a little cool on the tongue.',
        ];
        yield 'for one sitting' => [
            new Property('tolerance', 'Sugar alcohols for one sitting', '', 0.0, 1.4, null, 1.0),
            'too much for one sitting',
            'One piece is much for one sitting: it holds more sugar alcohol than most people take well at once.',
        ];
    }

    /** The words of a difference: never a percent, and less is less. */
    public function test_each_step_has_its_word(): void
    {
        $words = static fn (string $key, float ...$after): array => array_map(
            static fn (float $a): string => (new Property($key, '', '', 100.0, $a, 80.0, 120.0))->difference(), $after,
        );
        self::assertSame(
            ['much less sweet', 'less sweet', 'a little less sweet', 'like the original', 'a little sweeter', 'sweeter', 'much sweeter'],
            $words('sweetness', 50.0, 70.0, 90.0, 100.0, 110.0, 130.0, 200.0),
        );
        self::assertSame(
            ['longer-keeping', 'keeps as long', 'shorter-keeping'],
            array_map(
                static fn (float $a): string => (new Property('water-activity', '', '', 0.9, $a))->difference(),
                [0.8, 0.89, 0.95],
            ),
        );
    }

    /** What was written holds a trace of fat: too little of that is no fault, and too much is one. */
    public function test_a_bound_that_came_of_a_trace_is_not_told(): void
    {
        $fat = static fn (float $after): Property => new Property('fat', 'Fat', 'g/g', 0.001, $after, 0.0008, 0.18);
        self::assertSame([false, false, true], [$fat(0.0)->isOutside(), $fat(0.1)->isOutside(), $fat(0.3)->isOutside()]);
    }

    #[DataProvider('misses')]
    public function test_a_miss_has_its_word_and_its_sentence(Property $property, string $word, string $sentence): void
    {
        self::assertSame([true, $word, $sentence], [$property->isOutside(), $property->word(), $property->sentence()]);
    }

    public function test_within_the_band_and_so_near_that_a_kitchen_cannot_weigh_it_there_is_no_word(): void
    {
        foreach ([1.8, 2.0, 2.2, 2.24, 1.77] as $after) {
            self::assertSame('', (new Property('moisture', 'Moisture', 'g/g', 2.0, $after, 1.8, 2.2))->word());
        }
    }
}

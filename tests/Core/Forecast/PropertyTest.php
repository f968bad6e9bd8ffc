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
            new Property('moisture', 'Moisture', 'g/g', 2.0, 1.4, 1.8, 2.2),
            'drier',
            'It will be drier than it should: 70 % of the moisture as written, where 90 to 110 % is wanted.',
        ];
        yield 'above' => [
            new Property('fat', 'Fat', 'g/g', 0.2, 0.4, 0.16, 0.3),
            'greasier',
            'It will be greasier than it should: 200 % of the fat as written, where 80 to 150 % is wanted.',
        ];
        yield 'only a top' => [
            new Property('browning', 'Browning', 'min', 4.0, 8.0, null, 6.0),
            'darker',
            'It will be darker than it should: 200 % of the browning as written, where at most 150 % is wanted.',
        ];
        yield 'against itself' => [
            new Property('grain', 'Grittiness', '', 0.0, 1.8, null, 1.0),
            'gritty',
            'It will be gritty: grittiness is 180 %, where at most 100 % is usual.',
        ];
        yield 'in joules' => [
            new Property('cool', 'Cool aftertaste', 'J/g', 0.0, 50.0, null, 20.0),
            'cooling on the tongue',
            'It will be cooling on the tongue: cool aftertaste is 50 J/g, where at most 20 J/g is usual.',
        ];
        yield 'for one sitting' => [
            new Property('tolerance', 'Sugar alcohols for one sitting', '', 0.0, 1.4, null, 1.0),
            'much for one sitting',
            'One piece is much for one sitting: 140 % of the sugar alcohols that most people take well at once.',
        ];
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

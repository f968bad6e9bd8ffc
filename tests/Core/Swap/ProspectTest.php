<?php

declare(strict_types=1);

namespace Tests\Core\Swap;

use Aglyca\Core\Conversion;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** What a swapped dessert is held against is what the programme could do something about. */
final class ProspectTest extends CoreCase
{
    /** @return list<string> properties with a band */
    private static function held(Conversion $conversion): array
    {
        $held = array_filter($conversion->properties, static fn ($p): bool => $p->low !== null || $p->high !== null);
        unset($held['tolerance']);

        return array_keys($held);
    }

    /** @param  list<string>  $bands */
    #[DataProvider('swaps')]
    public function test_bands_are_of_what_was_swapped(string $text, array $bands): void
    {
        self::assertEqualsCanonicalizing($bands, self::held(self::work($text)));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function swaps(): iterable
    {
        yield 'a dough, all of them' => [
            "Plum cake\nServes 8\n200 g flour\n150 g sugar\n150 g butter\n3 eggs\n2 tsp baking powder\n\nMethod\nBake at 180 °C for 40 minutes.",
            ['sweetness', 'bulk', 'moisture', 'fat', 'structure', 'browning', 'grain', 'cool'],
        ];
        yield 'without flour nothing is moist or holds' => [
            "Plum custard\nServes 6\n500 ml cream\n100 g sugar\n5 egg yolks\n\nMethod\nBake at 150 °C for 40 minutes.",
            ['sweetness', 'bulk', 'fat', 'browning', 'grain', 'cool'],
        ];
        yield 'pastry that is bought is made apart' => [
            "Plum strudel\nServes 8\n115 g filo pastry\n70 g butter\n600 g plums\n80 g sugar\n\nMethod\nBake at 190 °C for 30 minutes.",
            ['sweetness', 'bulk', 'fat', 'browning', 'cool'],
        ];
        yield 'of what was left as it was, only what it is in itself' => [
            "Almond rounds\nMakes 16\n200 g almond flour\n80 g erythritol\n80 g butter\n1 egg\n\nMethod\nBake at 170 °C for 12 minutes.",
            ['browning', 'grain', 'cool'],
        ];
    }

    public function test_sweetness_is_held_against_the_wish(): void
    {
        $text = "Plum cake\nServes 8\n200 g flour\n150 g sugar\n150 g butter\n3 eggs";
        $band = static fn (float $wish): float => (float) self::work($text, ['sweetness' => $wish])
            ->properties['sweetness']->high;
        self::assertEqualsWithDelta(0.7 / 0.9, $band(0.7) / $band(0.9), 1e-9);
    }

    /** Marzipan is as much of a thing as what is kneaded in its place. */
    public function test_what_is_made_apart_is_held_against_what_it_was(): void
    {
        $cake = "Plum cake\nServes 10\n175 g self-raising flour\n175 g sugar\n175 g butter\n3 eggs\n";
        $conversion = self::work($cake.'500 g marzipan');
        $bulk = $conversion->properties['bulk'];
        self::assertLessThanOrEqual($bulk->high, $bulk->after);
        self::assertGreaterThanOrEqual($bulk->low, $bulk->after);
        $eggs = static fn (string $text): float => self::work($text)->swap->after->gramsOf('egg');
        self::assertSame($eggs($cake), $eggs($cake.'500 g marzipan'), 'a cake needs no eggs for what lies on it');
    }
}

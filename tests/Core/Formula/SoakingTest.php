<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Soaking;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class SoakingTest extends CoreCase
{
    /** @param  array<string, Soaking>  $drinks  by the words of the line */
    #[DataProvider('methods')]
    public function test_dried_fruit_drinks_what_it_is_soaked_in(string $list, string $method, array $drinks): void
    {
        $doses = self::account("Plum loaf\nServes 8\n$list\n\nMethod\n$method")->formula->doses;
        $found = [];
        foreach ($doses as $dose) {
            if ($dose->soaking !== Soaking::None) {
                $found[$dose->text] = $dose->soaking;
            }
        }
        self::assertEquals($drinks, $found);
    }

    /** @return iterable<string, array{string, string, array<string, Soaking>}> */
    public static function methods(): iterable
    {
        $list = "200 g dates\n250 ml boiling water\n100 ml milk\n200 g flour\n100 g sugar\n2 eggs";
        $both = ['200 g dates' => Soaking::Fruit, '250 ml boiling water' => Soaking::Liquid];
        yield 'soaked' => [$list, 'Soak the dates in the water for 10 minutes. Beat eggs, sugar, milk and flour.', $both];
        yield 'poured over, a sentence later' => [
            $list, 'Put the dates in a bowl. Pour over the boiling water. Beat eggs, sugar, milk and flour.', $both,
        ];
        yield 'boiled' => [$list, 'Simmer dates and water until soft. Beat in the rest.', $both];
        yield 'only folded in' => [$list, 'Beat eggs, sugar, milk, water and flour. Fold in the dates.', []];
        yield 'poured over bread with it' => [
            "200 g white bread\n50 g sultanas\n500 ml milk\n2 eggs\n60 g sugar",
            'Layer the bread in a dish with the sultanas. Beat eggs, milk and sugar, pour over, leave 30 min.', [],
        ];
        yield 'fresh fruit boiled drinks nothing' => [
            "200 g plums\n250 ml water\n100 g sugar", 'Simmer the plums in the water.', [],
        ];
        yield 'in spirits' => [
            "100 g raisins\n80 ml rum\n300 ml cream\n100 g sugar",
            'Steep the raisins in the rum overnight. Whip the cream with the sugar.',
            ['100 g raisins' => Soaking::Fruit, '80 ml rum' => Soaking::Liquid],
        ];
    }

    public function test_where_the_fruit_goes_its_water_goes_with_it(): void
    {
        $list =
            "Plum squares\nMakes 16\n200 g dates\n250 ml water\n80 g butter\n150 g brown sugar\n2 eggs\n200 g self-raising flour\n\nMethod\n%s\nCream the butter and sugar, beat in the eggs, fold in the flour and dates.\nBake at 180 °C for 25 minutes.";
        $water = static fn (string $first): float => self::work(sprintf($list, $first))->swap->after->gramsOf('water');
        self::assertLessThan(
            0.7 * $water('Stir the water into the flour.'),
            $water('Soak the dates in the water for 15 minutes.'),
        );
    }

    public function test_a_dose_keeps_it_through_every_change(): void
    {
        $dose = new Dose('dates', null, null, soaking: Soaking::Fruit);
        self::assertSame(Soaking::Fruit, $dose->usedBy(0.5)->soaking);
        self::assertSame(Soaking::Fruit, $dose->of(null, null, 'other')->soaking);
    }
}

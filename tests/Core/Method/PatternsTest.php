<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\Method\StepUse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class PatternsTest extends CoreCase
{
    /** @param  list<string>  $order  words that follow one another in the text */
    #[DataProvider('recipes')]
    public function test_a_recipe_without_a_method_gets_its_familys(string $text, array $order): void
    {
        $steps = self::work($text)->steps();
        $all = implode("\n", array_map(static fn ($s): string => $s->text(), $steps));
        self::assertStringStartsWith('The recipe came without a method', $all);
        self::assertMatchesRegularExpression('~'.implode('.*', $order).'~su', $all);
        self::assertDoesNotMatchRegularExpression(
            '~[{}∅]|  | \.|\b(?:and|with|then|in)[.,]~u',
            $all,
            'every place is filled or gone',
        );
        self::assertSame([], array_filter($steps, static fn ($s): bool => ! $s->isAdded()), 'marked as ours');
    }

    /** @return array<string, array{string, list<string>}> */
    public static function recipes(): array
    {
        return [
            'a cake' => [
                "Loaf cake\nMakes 10 slices\n200 g flour\n150 g sugar\n100 g butter\n3 eggs\n1 tsp vanilla extract\n80 g walnuts",
                [
                    'Heat the oven to 165 °C',
                    'almond flour',
                    'butter with the allulose',
                    'egg',
                    'vanilla',
                    'what was whisked',
                    'walnuts',
                    'bake for 50 minutes',
                ],
            ],
            'cookies without liquid' => [
                "Drop cookies\nMakes 20 cookies\n200 g flour\n120 g sugar\n100 g butter\n1 egg",
                ['Cream', 'Stir in what was whisked\.', 'bake for'],
            ],
            'a curd' => [
                "Lemon curd\nMakes 10 portions\n100 g sugar\n2 eggs\n60 g butter\n50 g lemon juice",
                ['Warm the allulose', 'lemon juice', 'Whisk in the egg\.', 'Cook gently'],
            ],
            'a foam' => [
                "Sponge\nMakes 8 slices\n4 eggs\n100 g sugar\n100 g flour",
                ['Whip the egg with the allulose', 'Fold in the almond flour', 'Bake at once'],
            ],
            'two parts' => [
                "Plum crumble\nServes 6\nFor the fruit:\n500 g plums\n60 g sugar\n\nFor the crumble topping:\n150 g flour\n80 g sugar\n80 g butter",
                ['Fruit\.', 'Crumble topping\.', 'Rub in'],
            ],
        ];
    }

    public function test_all_that_is_weighed_goes_in_once(): void
    {
        $conversion = self::work(
            "Loaf cake\nMakes 10 slices\n200 g flour\n150 g sugar\n100 g butter\n3 eggs\n100 g milk\n1 tsp vanilla extract\n80 g walnuts\n1 tsp baking powder",
        );
        $uses = array_merge([], ...array_map(static fn ($s): array => $s->uses, $conversion->steps()));
        $used = array_map(static fn (StepUse $u): string => $u->food->key, $uses);
        sort($used);
        $there = array_map(static fn ($d): string => (string) $d->food?->key, $conversion->after->formula->doses);
        sort($there);
        self::assertSame($there, $used);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Method\Actions;
use Aglyca\Core\Method\Mention;
use Aglyca\Core\Method\MethodReader;
use Aglyca\Core\Method\Operation;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class MethodReaderTest extends CoreCase
{
    private const LIST = "Plum cake\nMakes 12 slices\n200 g plain flour\n150 g light brown sugar\n50 g caster sugar, for sprinkling\n120 g butter\n3 large eggs\n1 tsp baking powder\n100 ml whole milk\n60 g flaked almonds\n1 tsp vanilla extract\n\nFor the icing:\n100 g icing sugar\n1 tbsp lemon juice";

    /** @return list<Operation> */
    private static function read(string $method, string $list = self::LIST): array
    {
        $recipe = self::kernel()->read(self::brief("$list\n\nMethod\n$method"));
        $reader = new MethodReader(new Actions(self::tables()), self::core()->reading()->foods, self::core()->constants, self::core()->reading()->noFood);

        return $reader->read(Formula::asWritten($recipe, null, self::core()->constants), $recipe->steps);
    }

    /** @param  list<string>  $takes  foods, of all mentions in order */
    #[DataProvider('sentences')]
    public function test_a_sentence_takes_these_things(string $sentence, ?string $action, array $takes): void
    {
        $operation = self::read($sentence)[0];
        $doses = self::kernel()->account(self::brief(self::LIST))->formula->doses;
        $named = array_merge(
            [],
            ...array_map(
                static fn (Mention $m): array => array_map(
                    static fn (int $d): string => (string) $doses[$d]->food?->key,
                    $m->doses,
                ),
                $operation->mentions,
            ),
        );
        self::assertSame([$action, $takes], [$operation->action?->key, $named], $sentence);
        foreach ($operation->mentions as $mention) {
            self::assertMatchesRegularExpression(
                '~^\pL.*\pL$~u',
                substr($sentence, $mention->at, $mention->length),
                'whole words',
            );
        }
    }

    /** @return array<string, array{string, ?string, list<string>}> */
    public static function sentences(): array
    {
        $rows = [
            ['Cream the butter and brown sugar.', 'cream', ['butter', 'brown-sugar']],
            ['Cream the butter and sugar until pale.', 'cream', ['butter', 'brown-sugar']],
            ['Sprinkle with the sugar.', 'coat', ['sugar']],
            ['Beat both sugars with the butter.', 'beat', ['brown-sugar', 'sugar', 'butter']],
            ['Whisk the dry ingredients together.', 'whisk', ['wheat-flour', 'brown-sugar', 'sugar', 'baking-powder']],
            ['Add the eggs, one at a time.', 'stir', ['egg']],
            ['Butter the tin and line it.', 'line', []],
            ['Line a tin.', 'line', []],
            ['Butter & sugar a dish, then brown the butter.', 'brown', ['butter']],
            ['Brown the butter.', 'brown', ['butter']],
            ['Icing: mix until smooth.', 'stir', ['powdered-sugar', 'lemon-juice']],
            ['Icing: 3 tbsp mix.', null, []],
            ['Whip cream with the icing sugar.', 'whip', ['powdered-sugar']],
            ['Fold in the flour, then the milk and almonds.', 'fold', ['wheat-flour', 'milk', 'almonds']],
            ['Stir in the coconut milk.', 'stir', []],
            ['Bake for 30 minutes until a skewer comes out clean.', 'bake', []],
            ['Rub the fat into the flour.', 'rub-in', ['butter', 'wheat-flour']],
            ['Mix the icing sugar with the lemon juice.', 'stir', ['powdered-sugar', 'lemon-juice']],
            ['Heat the oven to 180 °C.', 'preheat', []],
            ['Use a sugar thermometer.', null, []],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }

    public function test_everything_else_is_what_no_sentence_took_before(): void
    {
        [$first, $second] = self::read("Cream the butter and brown sugar.\nStir in everything else.");
        self::assertSame([], array_intersect($first->doses(), $second->doses()));
        self::assertCount(7, $second->doses(), 'of this part, and not of the icing');
    }

    public function test_a_mixture_is_what_came_of_it_and_takes_nothing_again(): void
    {
        [, $second] = self::read("Whisk the flour and baking powder.\nFold the flour mixture into the eggs.");
        self::assertSame(
            ['egg'],
            array_map(
                static fn (int $d): string => (string) self::kernel()->account(self::brief(self::LIST))->formula->doses[
                    $d
                ]->food?->key,
                $second->doses(),
            ),
        );
        self::assertTrue($second->mentions[0]->isMixture);
    }

    public function test_sugar_in_the_icing_is_the_icings(): void
    {
        [, $icing] = self::read(
            "Cream the butter and brown sugar.\nFor the icing, stir the sugar into the lemon juice.",
        );
        self::assertSame(1, $icing->component);
        self::assertCount(2, $icing->doses());
    }

    /** Butter that no other sentence takes goes onto the dish; a cake's worth of it does not. */
    public function test_a_little_butter_is_for_the_dish(): void
    {
        foreach (['20 g butter' => 1, '150 g butter' => 0] as $butter => $times) {
            $operations = self::read(
                'Butter a dish. Lay the plums in. Sift the flour over.',
                "Plum bake\nServes 6\n500 g plums\n80 g flour\n$butter",
            );
            $named = array_filter($operations[0]->mentions, static fn (Mention $m): bool => $m->doses === [2]);
            self::assertCount($times, $named, $butter);
        }
    }

    public function test_melted_butter_is_for_the_brush(): void
    {
        foreach (['200 g butter, melted' => 1, '200 g butter' => 0] as $butter => $times) {
            $operations = self::read(
                'Layer the pastry in a tin brushing each sheet. Scatter the plums.',
                "Plum layers\nServes 6\n500 g plums\n270 g filo pastry\n$butter",
            );
            $named = array_filter($operations[0]->mentions, static fn (Mention $m): bool => $m->doses === [2]);
            self::assertCount($times, $named, $butter);
        }
    }

    public function test_everything_is_of_the_part_that_still_has_something(): void
    {
        [$operation] = self::read(
            'Beat everything for 2 minutes, top with moonballs.',
            "Plum bake\nServes 6\n100 g sugar\n80 g flour\n3 eggs\n\nDecorate: 100 g moonballs",
        );
        self::assertSame([0, 1, 2], $operation->mentions[0]->doses);
    }
}

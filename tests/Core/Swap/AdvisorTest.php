<?php

declare(strict_types=1);

namespace Tests\Core\Swap;

use Aglyca\Core\Conversion;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class AdvisorTest extends CoreCase
{
    /** @return array<string, string> key => sentence */
    private static function said(Conversion $conversion): array
    {
        return array_column($conversion->warnings, 'sentence', 'key');
    }

    /** Nothing that is put in holds what it must be without; what still does is named. */
    #[DataProvider('allergens')]
    public function test_without_is_kept_or_named(string $without): void
    {
        $text =
            "Nut torte\nMakes 12 slices\n200 g flour\n150 g sugar\n100 g butter\n3 eggs\n200 g cream cheese\n100 ml milk\n100 g walnuts\n80 g peanut butter\n50 g desiccated coconut\n30 g moonmilk powder\n\nMethod\nBake at 170 °C for 40 minutes.";
        $conversion = self::work($text, ['without' => [$without]]);
        $holding = array_filter(
            $conversion->swap->after->doses,
            static fn ($d): bool => array_filter(
                $d->food->allergens ?? [],
                static fn (string $a): bool => explode(':', $a)[0] === $without,
            ) !== [],
        );
        self::assertSame($holding !== [], isset(self::said($conversion)["still-$without"]) && $holding !== []);
        foreach ($holding as $dose) {
            self::assertStringContainsString($dose->text, self::said($conversion)["still-$without"]);
        }
        foreach ($conversion->swap->exchanges as $exchange) {
            foreach ($exchange->changed ? $exchange->to : [] as $part) {
                self::assertNotContains(
                    $without,
                    array_map(static fn (string $a): string => explode(':', $a)[0], $part->food->allergens),
                    $part->food->key,
                );
            }
        }
    }

    /** @return array<string, array{string}> */
    public static function allergens(): array
    {
        return [
            'milk' => ['milk'],
            'egg' => ['egg'],
            'nuts' => ['nuts'],
            'peanut' => ['peanut'],
            'coconut' => ['coconut'],
        ];
    }

    public function test_what_nothing_may_stand_in_for_stays_and_is_told(): void
    {
        $text = "Plum cake\nServes 8\n200 g flour\n150 g sugar\n150 g butter\n3 eggs";
        $refused = ['allulose', 'erythritol', 'erythritol-powdered', 'monk-fruit-extract'];
        $held = self::work($text, ['refused' => $refused]);
        self::assertSame(150.0, $held->swap->after->gramsOf('sugar'));
        self::assertSame(0.0, $held->swap->after->gramsOf('wheat-flour'), 'the flour goes all the same');
        self::assertStringContainsString('The white sugar stays', self::said($held)['sugar-stays']);
        self::assertArrayNotHasKey('sugar-stays', self::said(self::work($text, ['refused' => ['allulose']])));
    }

    public function test_fat_is_never_lost_unreplaced(): void
    {
        $without = self::work("Cake\nMakes 8 slices\n200 g flour\n150 g sugar\n150 g butter\n3 eggs", [
            'without' => ['milk', 'coconut'],
        ]);
        self::assertGreaterThan(80, $without->swap->after->gramsOf('vegetable-oil'));
    }

    public function test_little_is_to_be_gained_where_it_is_low_carb_already(): void
    {
        self::assertArrayHasKey(
            'already-low',
            self::said(self::work("Almond cake\nMakes 10 slices\n200 g almond flour\n120 g erythritol\n4 eggs")),
        );
        self::assertArrayNotHasKey(
            'already-low',
            self::said(self::work("Cake\nMakes 10 slices\n200 g flour\n120 g sugar\n4 eggs")),
        );
        // What nobody knows may be all sugar; a pinch of it is nothing.
        foreach (['60 g moonmilk powder' => false, '2 g moonmilk powder' => true] as $line => $isLow) {
            $keys = self::said(self::work("Almond cake\nMakes 10 slices\n200 g almond flour\n120 g erythritol\n4 eggs\n$line"));
            self::assertSame($isLow, isset($keys['already-low']), $line);
        }
    }

    #[DataProvider('limits')]
    public function test_what_a_kind_of_dessert_cannot_do_is_said(string $text, string $says, bool $isSaid = true): void
    {
        self::assertSame(
            $isSaid,
            str_contains(implode(' ', array_column(self::work($text)->warnings, 'sentence')), $says),
        );
    }

    /** @return array<string, array{0: string, 1: string, 2?: bool}> */
    public static function limits(): array
    {
        $pudding = "Bread pudding\nServes 6\n%s\n500 ml milk\n3 eggs\n60 g sugar\n\nMethod\nPour the milk, eggs and sugar over the bread. Bake at 160 °C for 30 minutes.";

        return [
            'bread' => [sprintf($pudding, '200 g white bread'), 'The bread carries'],
            'crumbs are no bread' => [
                sprintf($pudding, '100 g breadcrumbs'), 'The bread carries', false,
            ],
            'yeast' => [
                "Buns\nMakes 8 buns\n300 g flour\n5 g yeast\n50 g sugar\n\nMethod\nBake at 190 °C for 15 minutes.",
                'gluten',
            ],
            'a torched top' => [
                "Crème brûlée\nServes 4\n400 g cream\n5 egg yolks\n80 g sugar\n\nMethod\nBake at 150 °C for 40 minutes, then torch the top.",
                'torches',
            ],
            'a custard without one' => [
                "Custard\nServes 4\n400 g cream\n5 egg yolks\n80 g sugar\n\nMethod\nBake at 150 °C for 40 minutes.",
                'torches',
                false,
            ],
            'brittle' => ["Brittle\nMakes 10 pieces\n200 g sugar\n50 g pecans", 'Isomalt'],
        ];
    }
}

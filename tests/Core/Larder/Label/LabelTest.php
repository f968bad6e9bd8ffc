<?php

declare(strict_types=1);

namespace Tests\Core\Larder\Label;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Label\InvalidLabel;
use Aglyca\Core\Larder\Label\Label;
use Aglyca\Core\Larder\LabelLaw;
use Aglyca\Core\Larder\Package;
use Aglyca\Core\Larder\Stock;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class LabelTest extends CoreCase
{
    /**
     * The same flour, 30 g a serving in the US and 100 g in the EU: the net carbs agree within what rounding leaves.
     */
    public function test_two_laws_give_one_account(): void
    {
        $us = Label::of(
            LabelLaw::UsCanada,
            30,
            ['carbohydrate' => '6', 'fibre' => '3', 'fat' => '15', 'protein' => '6', 'energy' => '180'],
            '',
        );
        $eu = Label::of(
            LabelLaw::EuUk,
            100,
            ['carbohydrate' => '10', 'fibre' => '10', 'fat' => '50', 'protein' => '20', 'energy' => '590'],
            '',
        );
        self::assertEqualsWithDelta(20, $us->per100()->carbohydrate, 1e-9);
        self::assertEqualsWithDelta(20, $eu->per100()->carbohydrate, 1e-9);
        self::assertEqualsWithDelta(sqrt(2) / sqrt(12) * 100 / 30, $us->netCarbsU(), 1e-9);
        self::assertLessThan($us->netCarbsU(), $eu->netCarbsU());
    }

    /** 0 g in a 5 g spoon may be anything under 0.5 g: up to 10 g in 100 g. */
    public function test_zero_a_spoon_is_not_zero_a_jar(): void
    {
        $label = Label::of(LabelLaw::UsCanada, 5, ['carbohydrate' => '0', 'sugars' => '0'], '');
        self::assertEqualsWithDelta(5, $label->per100()->carbohydrate, 1e-9);
        self::assertEqualsWithDelta(10 / sqrt(12), $label->netCarbsU(), 1e-9);
        self::assertSame(0.0, $label->per100()->sugars);
    }

    /**
     * A bag of allulose prints 4 g of carbohydrate and 4 g of allulose in 4 g: that is no reason to doubt what
     * allulose is.
     */
    public function test_a_label_that_the_larder_would_print_too_leaves_the_larders_figure(): void
    {
        $label = Label::of(LabelLaw::UsCanada, 4, ['carbohydrate' => '4', 'fibre' => '0', 'allulose' => '4'], '');
        $food = self::core()->larder->get('allulose')->packaged(new Package('1', 'Bag', 'allulose', $label), self::core()->larder->labels);
        self::assertEqualsWithDelta(99.5, $food->per100->allulose, 1e-9);
        self::assertSame(0.0, $food->per100->fibre);
        self::assertLessThan(2, $food->netCarbsU);
        $sugared = Label::of(LabelLaw::UsCanada, 4, ['carbohydrate' => '4', 'allulose' => '2'], '');
        self::assertEqualsWithDelta(
            50,
            self::core()
                ->larder->get('allulose')
                ->packaged(new Package('1', 'Bag', 'allulose', $sugared), self::core()->larder->labels)->per100
                ->allulose,
            1e-9,
        );
    }

    /**
     * A bar of 30 g with 10 g of sugar alcohol that it does not name. By hand: 9 × 9 + 4 × 2 + 4 × 2 + 2 × 4 = 105 kcal
     * without it; at 2.1 kcal a gram of maltitol 126, at 0.2 of erythritol 107.
     *
     * @param  ?string  $energy  as printed; null where it is not
     */
    #[DataProvider('unnamed')]
    public function test_a_sugar_alcohol_without_a_name_is_what_the_energy_says(?string $energy, string $polyol): void
    {
        $printed = ['carbohydrate' => '16', 'fibre' => '4', 'polyols' => '10', 'fat' => '9', 'protein' => '2'];
        $label = Label::of(LabelLaw::UsCanada, 30, $printed + ($energy === null ? [] : ['energy' => $energy]), '');
        $said = implode(' ', self::core()->labels()->contradictions($label));
        self::assertStringContainsString('does not say which sugar alcohol', $said);
        self::assertStringContainsString($polyol, $said);
        $food = self::core()
            ->larder->get('sugar-free-chocolate')
            ->packaged(new Package('1', 'Bar', 'sugar-free-chocolate', $label), self::core()->larder->labels);
        self::assertEqualsWithDelta([$polyol => 10 / 0.3], $food->per100->polyols, 0.01);
    }

    /** @return iterable<string, array{?string, string}> */
    public static function unnamed(): iterable
    {
        yield 'with energy' => ['130', 'maltitol'];
        yield 'hardly any energy' => ['110', 'erythritol'];
        yield 'no energy printed' => [null, 'maltitol'];
    }

    /**
     * EU guidance of 2012, from memory: below 10 g ± 2 g, to 40 g a fifth, above it 8 g; 21 CFR 101.9(g): a fifth. Half
     * of it is the standard uncertainty.
     */
    public function test_the_laws_tolerance_is_in_the_doubt(): void
    {
        $labels = self::core()->larder->labels;
        foreach ([[5.0, 1.0], [10.0, 1.0], [30.0, 3.0], [60.0, 4.0]] as [$grams, $u]) {
            self::assertEqualsWithDelta($u, $labels->toleranceU(LabelLaw::EuUk, 'carbohydrate', $grams), 1e-12);
        }
        self::assertEqualsWithDelta(6.0, $labels->toleranceU(LabelLaw::UsCanada, 'carbohydrate', 60.0), 1e-12);
        self::assertSame(0.0, $labels->toleranceU(LabelLaw::EuUk, 'allulose', 60.0));
        $pure = Label::of(LabelLaw::EuUk, 100.0, ['carbohydrate' => '100', 'polyols' => '100'], 'erythritol');
        self::assertSame(0.0, $labels->netCarbsU($pure), 'what cancels was weighed together');
    }

    public function test_a_printed_nought_of_sugar_alcohol_is_none(): void
    {
        $printed = ['carbohydrate' => '20', 'polyols' => '0', 'allulose' => '0', 'fibre' => '0'];
        $label = Label::of(LabelLaw::UsCanada, 30, $printed, '');
        self::assertSame([0.0, 0.0], [$label->u('polyols'), $label->u('allulose')]);
        self::assertGreaterThan(0.0, $label->u('fibre'));
    }

    /** @param  array<string, string>  $printed */
    #[DataProvider('labels')]
    public function test_contradictions_are_found_with_their_arithmetic(
        LabelLaw $law,
        array $printed,
        string $says,
    ): void {
        $found = implode(' ', self::core()->labels()->contradictions(Label::of($law, 30, $printed, 'maltitol')));
        $says === '' ? self::assertSame('', $found) : self::assertStringContainsString($says, $found);
    }

    /** @return array<string, array{LabelLaw, array<string, string>, string}> */
    public static function labels(): array
    {
        return [
            'sound' => [
                LabelLaw::UsCanada,
                ['carbohydrate' => '6', 'fibre' => '3', 'fat' => '15', 'protein' => '6', 'energy' => '180'],
                '',
            ],
            'parts over the whole' => [
                LabelLaw::UsCanada,
                ['carbohydrate' => '10', 'fibre' => '8', 'polyols' => '9', 'energy' => '50'],
                '8 fibre + 9 polyols = 17 g, but the carbohydrate is 10 g',
            ],
            'fibre beside an EU carbohydrate is no contradiction' => [
                LabelLaw::EuUk,
                ['carbohydrate' => '2.0', 'fibre' => '20', 'energy' => '48'],
                '',
            ],
            'energy far too low' => [
                LabelLaw::UsCanada,
                ['carbohydrate' => '20', 'fat' => '5', 'protein' => '2', 'energy' => '40'],
                'but the label prints 40',
            ],
            'more than the serving' => [
                LabelLaw::UsCanada,
                ['carbohydrate' => '25', 'fat' => '10', 'protein' => '5', 'energy' => '210'],
                'A serving of 30 g cannot hold 40 g',
            ],
            'polyols counted by their own factor' => [
                LabelLaw::UsCanada,
                ['carbohydrate' => '20', 'polyols' => '18', 'energy' => '45'],
                '',
            ],
        ];
    }

    public function test_all_faults_of_an_input_come_at_once(): void
    {
        try {
            Label::of(LabelLaw::EuUk, 0, ['fat' => 'lots', 'fibre' => '-2'], '');
            self::fail('it was taken');
        } catch (InvalidLabel $fault) {
            self::assertSame(['serving', 'fat', 'fibre', 'carbohydrate'], array_keys($fault->faults));
        }
    }

    public function test_a_kitchens_package_and_corrected_name_are_used_everywhere(): void
    {
        $label = Label::of(
            LabelLaw::EuUk,
            100,
            ['carbohydrate' => '3.0', 'fibre' => '12', 'fat' => '50', 'protein' => '25', 'energy' => '586'],
            '',
        );
        $stock = new Stock(
            ['magic dust' => 'almond-flour'],
            ['7' => new Package('7', 'The blue bag', 'almond-flour', $label)],
            ['almond-flour' => '7'],
        );
        $kernel = Kernel::open(self::tables(), $stock);
        $text = "Bites\nMakes 10 pieces\n200 g magic dust\n100 g flour";
        $conversion = $kernel->convert(new Brief($text));
        self::assertSame('The blue bag', $conversion->recipe->lines[0]->food?->bag);
        self::assertFalse($conversion->recipe->lines[0]->isDoubtful());
        self::assertEqualsWithDelta(
            (200 * 3) / 100 / 10,
            $conversion->before->contributions(Convention::LowCarb)[0],
            1e-9,
        );
        self::assertNotEmpty(
            array_filter(
                $conversion->swap->after->doses,
                static fn ($d): bool => $d->food?->package === '7' && $d->grams?->value < 200,
            ),
        );
        $key = $conversion->recipe->lines[0]->key;
        self::assertSame(
            'Almond flour',
            $kernel->read(self::brief($text, ['corrections' => [$key => ['package' => 'none']]]))->lines[0]->food
                ?->name,
        );
        $tied = Kernel::open(self::tables(), new Stock([], $stock->packages))->read(
            new Brief(str_replace('magic dust', 'almond flour', $text)),
        );
        self::assertSame(
            'Almond flour',
            $tied->lines[0]->food?->name,
            'a package that is nobody\'s default is used only where a line is tied to it',
        );
        $tied = Kernel::open(self::tables(), new Stock([], $stock->packages))->read(
            self::brief(str_replace('magic dust', 'almond flour', $text), [
                'corrections' => [$tied->lines[0]->key => ['package' => '7']],
            ]),
        );
        self::assertSame('The blue bag', $tied->lines[0]->food?->bag);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Reference;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Conversion;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Whole conversions against what bakers know (common practice), below, at and above where it turns. */
final class BakersKnowTest extends CoreCase
{
    /** Share of the sweetness that a sweetener gives. */
    private static function share(Conversion $conversion, string $food): float
    {
        $sweetness = static fn (string $key): float => $conversion->swap->after->gramsOf($key) *
            self::core()->larder->typical(self::core()->larder->get($key), 'sweetness');
        $all = array_sum(
            array_map(
                $sweetness,
                array_unique(
                    array_map(static fn ($d): string => $d->food->key ?? 'water', $conversion->swap->after->doses),
                ),
            ),
        );

        return $all > 0 ? $sweetness($food) / $all : 0.0;
    }

    /** Allulose is right in a bake of up to 15 or 20 minutes and too dark beyond, unless the oven is cooler. */
    #[DataProvider('bakes')]
    public function test_allulose_leads_in_short_bakes_and_is_held_back_in_long_hot_ones(
        string $title,
        int $minutes,
        int $celsius,
        float $least,
        float $most,
    ): void {
        $share = self::share(
            self::work(
                "$title\nMakes 20 pieces\n150 g flour\n100 g butter\n120 g sugar\n1 egg\n\nMethod\nBake at $celsius °C for $minutes minutes.",
            ),
            'allulose',
        );
        self::assertGreaterThanOrEqual($least, $share);
        self::assertLessThanOrEqual($most, $share);
    }

    /** @return array<string, array{string, int, int, float, float}> */
    public static function bakes(): array
    {
        return [
            'ten minutes' => ['Chewy cookies', 10, 175, 0.49, 1.0],
            'fifteen minutes' => ['Chewy cookies', 15, 175, 0.49, 1.0],
            'forty minutes' => ['Chewy cookies', 40, 175, 0.0, 0.40],
            'forty minutes in a cool oven' => ['Chewy cookies', 40, 145, 0.49, 1.0],
            'an hour, hot' => ['Chewy cookies', 60, 190, 0.0, 0.20],
        ];
    }

    /**
     * In what is creamy or frozen erythritol would be gritty, so allulose leads; in what is to be crisp it may
     * crystallise.
     */
    public function test_creamy_things_take_allulose_and_crisp_ones_may_crystallise(): void
    {
        $ice = self::work(
            "Vanilla ice cream\nMakes 6 portions\n500 g whipping cream\n250 g milk\n150 g sugar\n4 egg yolks",
        );
        self::assertGreaterThan(self::share($ice, 'erythritol-powdered'), self::share($ice, 'allulose'));
        self::assertLessThanOrEqual(0.76, $ice->properties['grain']->after);
        $meringue = self::work("Small meringues\nMakes 30 meringues\n120 g egg white\n200 g sugar", [
            'sweetener' => 'erythritol',
        ]);
        self::assertGreaterThan(1.0, $meringue->properties['grain']->after);
        self::assertFalse($meringue->properties['grain']->isOutside());
    }

    /** Smooth things take powder: granules are felt between the teeth. */
    #[DataProvider('forms')]
    public function test_the_form_of_the_sugar_is_the_form_of_the_sweetener(string $sugar, string $sweetener): void
    {
        self::assertGreaterThan(
            0,
            self::work("Icing\nMakes 10 portions\n200 g $sugar\n100 g butter")->swap->after->gramsOf($sweetener),
            $sugar,
        );
    }

    /** @return array<string, array{string, string}> */
    public static function forms(): array
    {
        return [
            'icing sugar' => ['icing sugar', 'allulose-powdered'],
            'brown sugar' => ['brown sugar', 'golden-erythritol'],
            'white sugar' => ['caster sugar', 'allulose'],
        ];
    }

    /** Monk fruit and stevia are drops and milligrams: they sweeten and carry nothing. */
    #[DataProvider('mixes')]
    public function test_intense_sweeteners_never_carry_the_bulk(string $mix): void
    {
        $conversion = self::work(
            "Soft cookies\nMakes 30 cookies\n200 g sugar\n250 g flour\n3 eggs\n100 g butter\n\nMethod\nBake at 170 °C for 10 minutes.",
            ['sweetener' => $mix],
        );
        foreach ($conversion->swap->after->doses as $dose) {
            if ($dose->food !== null && self::core()->larder->typical($dose->food, 'sweetness') > 20) {
                self::assertLessThan(4.0, $dose->mass(), $dose->text);
            }
        }
        $body = array_sum(
            array_map(
                static fn ($d): float => $d->food?->role->value === 'sweet' ? $d->mass() : 0.0,
                $conversion->swap->after->doses,
            ),
        );
        self::assertGreaterThan(0.55 * 200 * 0.98, $body);
    }

    /** @return array<string, array{string}> */
    public static function mixes(): array
    {
        return array_map(
            static fn (string $k): array => [$k],
            array_combine(
                array_keys(self::core()->schools->sweeteners()),
                array_keys(self::core()->schools->sweeteners()),
            ),
        );
    }

    /** Where gluten went, something holds: xanthan, whey, psyllium or an egg more. */
    #[DataProvider('schools')]
    public function test_each_school_holds_the_crumb_and_coconut_drinks(string $school): void
    {
        $conversion = self::work("Loaf\nMakes 10 slices\n200 g sugar\n250 g flour\n3 eggs\n100 g butter", [
            'school' => $school,
        ]);
        self::assertGreaterThanOrEqual(0.74, $conversion->properties['structure']->ratio());
        $held = array_filter(
            ['xanthan', 'whey-protein', 'psyllium', 'egg-white-powder', 'gelatin'],
            static fn (string $f): bool => $conversion->swap->after->gramsOf($f) > 0,
        );
        self::assertTrue($held !== [] || $conversion->swap->after->gramsOf('egg') > 150, $school);
        if ($conversion->swap->after->gramsOf('coconut-flour') > 50) {
            self::assertGreaterThan(150, $conversion->swap->after->gramsOf('egg'));
            self::assertGreaterThanOrEqual(10, $conversion->swap->oven->restMinutes);
        }
        self::assertLessThanOrEqual(100.0, $conversion->swap->after->gramsOf('butter'));
        self::assertGreaterThanOrEqual(75.0, $conversion->swap->after->gramsOf('butter'));
    }

    /** @return array<string, array{string}> */
    public static function schools(): array
    {
        return array_map(
            static fn (string $k): array => [$k],
            array_combine(array_keys(self::core()->schools->flours()), array_keys(self::core()->schools->flours())),
        );
    }

    /** Lines with a swap of their own: what takes their place, and that they carry far less. */
    #[DataProvider('lines')]
    public function test_a_line_with_a_swap_of_its_own(string $line, array $foods): void
    {
        $conversion = self::work("Pudding\nMakes 2 portions\n$line\n200 g whipping cream");
        foreach ($foods as $food) {
            self::assertGreaterThan(0, $conversion->swap->after->gramsOf($food), $food);
        }
        self::assertLessThan(
            0.5 * $conversion->before->net(Convention::LowCarb),
            $conversion->after->net(Convention::LowCarb),
        );
    }

    /** @return array<string, array{string, list<string>}> */
    public static function lines(): array
    {
        return [
            'milk' => ['400 g milk', ['heavy-cream', 'water']],
            'chips' => ['100 g chocolate chips', ['sugar-free-chocolate-chips']],
            'jam' => ['100 g raspberry jam', ['raspberries', 'chia-seeds']],
            'condensed milk' => ['200 g condensed milk', ['heavy-cream']],
            'cornflour' => ['3 tbsp cornflour', ['xanthan']],
            'biscuit crumbs' => ['200 g digestive biscuits, crushed', ['almond-flour']],
            'oats' => ['100 g rolled oats', ['almonds']],
            'vanilla sugar' => ['2 tbsp vanilla sugar', ['vanilla-extract']],
            'honey' => ['100 g honey', ['allulose', 'water']],
            'maple syrup' => ['100 g maple syrup', ['allulose']],
            'dried fruit' => ['100 g raisins', []],
            'buttermilk' => ['400 g buttermilk', ['heavy-cream']],
        ];
    }

    /** Starch that is sold as grain-free is starch. */
    public function test_tapioca_is_swapped_where_it_matters_and_shown_where_it_is_wished(): void
    {
        $conversion = self::work("Loaf\nMakes 8 slices\n200 g tapioca starch\n100 g sugar\n3 eggs");
        self::assertSame(0.0, $conversion->swap->after->gramsOf('tapioca-starch'));
        self::assertGreaterThan(20, $conversion->before->net(Convention::LowCarb));
        $tolerant = self::work("Loaf\nMakes 8 slices\n250 g flour\n100 g sugar\n3 eggs", [
            'school' => 'starch-tolerant',
        ]);
        $starches = array_filter(
            $tolerant->swap->after->doses,
            static fn ($d): bool => in_array(
                $d->food?->key,
                ['tapioca-starch', 'rice-flour', 'arrowroot', 'potato-starch'],
                true,
            ),
        );
        self::assertNotEmpty($starches);
        self::assertGreaterThan(
            1.0,
            array_sum(array_intersect_key($tolerant->after->contributions(Convention::LowCarb), $starches)),
        );
    }

    /** Salt and spice stay as they are, once. */
    public function test_salt_is_not_doubled(): void
    {
        $conversion = self::work(
            "Cake\nMakes 8 slices\n110 g salted butter\n200 g flour\n150 g sugar\n2 eggs\n1/2 tsp salt\n1 tsp salt",
        );
        self::assertEqualsWithDelta(9.0, $conversion->swap->after->gramsOf('salt'), 0.1);
        self::assertCount(
            2,
            array_filter($conversion->swap->after->doses, static fn ($d): bool => $d->food?->key === 'salt'),
        );
        self::assertLessThanOrEqual($conversion->before->whole()->salt + 0.5, $conversion->after->whole()->salt);
    }

    /**
     * Biscuits that stood with a little more soda than their cream of tartar asks for stay as they were; the same soda
     * whose acid the swap took is told of, or becomes baking powder (common practice).
     */
    public function test_soda_that_stood_is_left_alone(): void
    {
        $written = "Rolled biscuits\nMakes 36\n225 g butter\n300 g sugar\n2 eggs\n330 g plain flour\n6.4 g cream of tartar\n4.8 g baking soda";
        $conversion = self::work($written);
        self::assertEqualsWithDelta(4.8, $conversion->swap->after->gramsOf('baking-soda'), 0.1);
        self::assertNotContains('leftover-soda', array_column($conversion->warnings, 'key'));
        $soured = self::work(str_replace(['6.4 g cream of tartar', '300 g sugar'], ['60 g honey', '240 g brown sugar'], $written));
        self::assertLessThan(3.0, $soured->swap->after->gramsOf('baking-soda'));
    }

    /** A spoon of lemon juice beside the soda uses some of it up; enough of it, all. */
    #[DataProvider('sour')]
    public function test_acid_and_soda_are_balanced(string $acid, bool $warned): void
    {
        $keys = array_column(
            self::work("Cake\nMakes 8 slices\n200 g ground almonds\n150 g erythritol\n3 eggs\n4 g baking soda\n$acid")
                ->warnings,
            'key',
        );
        self::assertSame($warned, in_array('leftover-soda', $keys, true));
    }

    /**
     * @return array<string, array{string, bool}> 4 g of soda are 47.6 meq; lemon juice has 0.86 meq a gram, vinegar
     *     0.83
     */
    public static function sour(): array
    {
        return [
            'none' => ['10 g water', true],
            'half enough' => ['28 g lemon juice', true],
            'enough' => ['56 g lemon juice', false],
            'vinegar, enough' => ['58 g vinegar', false],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Trial;

/**
 * Bakes as home bakers have them, each a good recipe with one thing wrong, with the cause that a practised low-carb
 * baker would name first (common practice).
 */
final class Bakes
{
    private const LOAF = [
        'title' => 'Orchard loaf',
        'makes' => '12 slices',
        'almond flour' => '200 g',
        'coconut flour' => '25 g',
        'powdered erythritol' => '70 g',
        'allulose' => '60 g',
        'eggs' => '4',
        'butter' => '100 g',
        'whipping cream' => '80 g',
        'baking powder' => '10 g',
        'xanthan gum' => '3 g',
        'salt' => '2 g',
        'method' => 'Beat the butter with the sweeteners, add the eggs, then the rest. Bake at 175 °C for 45 minutes.',
    ];

    private const COOKIES = [
        'title' => 'Hedge cookies',
        'makes' => '20 cookies',
        'almond flour' => '190 g',
        'coconut flour' => '15 g',
        'powdered erythritol' => '50 g',
        'allulose' => '50 g',
        'eggs' => '1',
        'butter' => '110 g',
        'baking powder' => '4 g',
        'xanthan gum' => '3 g',
        'salt' => '1 g',
        'method' => 'Cream the butter and sweeteners, add the egg, then the flours. Bake at 170 °C for 13 minutes.',
    ];

    private const SNAPS = [
        'title' => 'Gatepost crisp biscuits',
        'makes' => '30 biscuits',
        'almond flour' => '200 g',
        'powdered erythritol' => '85 g',
        'allulose' => '12 g',
        'egg white' => '30 g',
        'butter' => '90 g',
        'xanthan gum' => '2 g',
        'salt' => '1 g',
        'method' => 'Rub the butter into the rest and bind with the egg white. Bake at 160 °C for 18 minutes.',
    ];

    private const SPONGE = [
        'title' => 'Attic sponge',
        'makes' => '8 slices',
        'almond flour' => '110 g',
        'coconut flour' => '15 g',
        'allulose' => '60 g',
        'powdered erythritol' => '40 g',
        'eggs' => '5',
        'butter' => '30 g',
        'baking powder' => '6 g',
        'xanthan gum' => '1 g',
        'method' => 'Whip the eggs with the sweeteners, fold in the flours. Bake at 180 °C for 16 minutes.',
    ];

    private const MUFFINS = [
        'title' => 'Lane muffins',
        'makes' => '10 muffins',
        'almond flour' => '210 g',
        'coconut flour' => '25 g',
        'powdered erythritol' => '60 g',
        'allulose' => '60 g',
        'eggs' => '3',
        'butter' => '90 g',
        'milk' => '110 g',
        'baking powder' => '11 g',
        'psyllium husk' => '4 g',
        'salt' => '2 g',
        'method' => 'Stir it all together. Bake at 180 °C for 22 minutes.',
    ];

    /**
     * @return array<string, array{string, list<string>}> a text as for `aglyca diagnose`, and the causes that would be
     *     named first
     */
    public static function all(): array
    {
        $cases = [
            // Browning.
            'allulose loaf nearly black' => [
                self::LOAF,
                ['powdered erythritol' => null, 'allulose' => '150 g'],
                'browning: too much',
                ['browns'],
            ],
            'allulose cookies dark at the rim' => [
                self::COOKIES,
                ['powdered erythritol' => null, 'allulose' => '110 g'],
                "browning: too much\nspread: too much",
                ['browns'],
            ],
            'allulose sponge dark, right inside' => [
                self::SPONGE,
                ['powdered erythritol' => null, 'allulose' => '120 g'],
                "browning: too much\nmoistness: right",
                ['browns'],
            ],
            'honey beside the allulose' => [
                self::MUFFINS,
                ['powdered erythritol' => null, 'allulose' => '110 g', 'honey' => '30 g'],
                'browning: too much',
                ['browns'],
            ],
            'oven set too high' => [self::LOAF, [], "browning: too much\nheat: 200 °C", ['hot-oven']],
            'oven read in the wrong scale' => [
                self::MUFFINS,
                [],
                "browning: too much\nmoistness: too little\nheat: 205 °C\nminutes: 22",
                ['hot-oven'],
            ],
            'cookies at a fan oven’s heat' => [
                self::COOKIES,
                [],
                "browning: too much\nheat: 190 °C\nminutes: 13",
                ['hot-oven'],
            ],
            'forgotten in the oven' => [
                self::LOAF,
                [],
                "browning: too much\nmoistness: too little\nminutes: 65",
                ['long-bake'],
            ],
            'cookies left in for five more' => [
                self::COOKIES,
                [],
                "browning: too much\nmoistness: too little\nchew: too much\nminutes: 19",
                ['long-bake'],
            ],
            'muffins dry and light on the scale' => [
                self::MUFFINS,
                [],
                "moistness: too little\nbrowning: too much\nminutes: 30\nmass: 520 g",
                ['long-bake'],
            ],
            'pure erythritol stays white' => [
                self::LOAF,
                ['allulose' => null, 'powdered erythritol' => '130 g'],
                'browning: too little',
                ['pale-sweetener'],
            ],
            'pale erythritol cookies' => [
                self::COOKIES,
                ['allulose' => null, 'powdered erythritol' => '100 g'],
                "browning: too little\nmoistness: right",
                ['pale-sweetener'],
            ],
            'pale muffins, done inside' => [
                self::MUFFINS,
                ['allulose' => null, 'milk' => null, 'water' => '100 g', 'powdered erythritol' => '115 g'],
                "browning: too little\nrise: right",
                ['pale-sweetener'],
            ],
            'oven too cool by the thermometer' => [
                self::LOAF,
                [],
                "browning: too little\nrise: too little\nheat: 155 °C",
                ['cool-oven'],
            ],
            'cool oven, cookies ran' => [
                self::COOKIES,
                [],
                "browning: too little\nspread: too much\nheat: 150 °C",
                ['cool-oven'],
            ],
            'out too early, wet and pale' => [
                self::LOAF,
                [],
                "moistness: too much\nbrowning: too little\nminutes: 33",
                ['short-bake'],
            ],
            'sunk in the middle, early out' => [
                self::MUFFINS,
                [],
                "rise: too little\nmoistness: too much\nminutes: 16",
                ['short-bake'],
            ],
            'heavy on the scale' => [self::LOAF, [], "moistness: too much\nminutes: 36\nmass: 705 g", ['short-bake']],
            // Grain and cooling.
            'erythritol cake gritty' => [
                self::LOAF,
                ['allulose' => null, 'powdered erythritol' => '190 g'],
                'grain: too much',
                ['recrystallised'],
            ],
            'erythritol muffins sandy next day' => [
                self::MUFFINS,
                ['allulose' => null, 'powdered erythritol' => '180 g', 'milk' => '50 g'],
                "grain: too much\ncool: too much",
                ['recrystallised', 'cooling'],
            ],
            'granules felt though little of it' => [
                self::LOAF,
                ['powdered erythritol' => null, 'erythritol' => '40 g', 'allulose' => '80 g'],
                'grain: too much',
                ['granules'],
            ],
            'granules in the sponge' => [
                self::SPONGE,
                ['powdered erythritol' => null, 'erythritol' => '25 g', 'allulose' => '75 g'],
                "grain: too much\ncool: right",
                ['granules'],
            ],
            'cool on the tongue' => [
                self::LOAF,
                ['allulose' => null, 'powdered erythritol' => '180 g'],
                "cool: too much\ngrain: right",
                ['cooling', 'recrystallised'],
            ],
            'cookies cold as mint' => [
                self::COOKIES,
                ['allulose' => null, 'powdered erythritol' => '120 g'],
                'cool: too much',
                ['cooling'],
            ],
            'sponge cool' => [
                self::SPONGE,
                ['allulose' => null, 'powdered erythritol' => '150 g'],
                'cool: too much',
                ['cooling'],
            ],
            'cool and gritty biscuits' => [
                self::SNAPS,
                ['allulose' => null, 'powdered erythritol' => '160 g'],
                "cool: too much\ngrain: too much",
                ['recrystallised', 'cooling'],
            ],
            // Taste.
            'too much stevia' => [
                self::LOAF,
                ['powdered erythritol' => '30 g', 'allulose' => '30 g', 'stevia extract' => '0.5 g'],
                'bitter: too much',
                ['strong-sweetener'],
            ],
            'monk fruit lingers' => [
                self::MUFFINS,
                ['powdered erythritol' => '25 g', 'allulose' => '25 g', 'monk fruit extract' => '0.6 g'],
                "bitter: too much\nsweetness: too much",
                ['strong-sweetener'],
            ],
            'stevia cookies' => [
                self::COOKIES,
                ['allulose' => null, 'powdered erythritol' => '30 g', 'stevia extract' => '0.4 g'],
                'bitter: too much',
                ['strong-sweetener'],
            ],
            'soda tasted' => [self::LOAF, ['baking soda' => '10 g'], 'bitter: too much', ['leavening-taste']],
            'soapy muffins' => [
                self::MUFFINS,
                ['baking powder' => '26 g', 'baking soda' => '4 g'],
                "bitter: too much\nrise: too much",
                ['leavening-taste', 'much-lift'],
            ],
            'too sweet' => [
                self::LOAF,
                ['allulose' => '160 g', 'powdered erythritol' => '90 g'],
                'sweetness: too much',
                ['too-sweet'],
            ],
            'sweeter than liked, all else right' => [
                self::COOKIES,
                [],
                "sweetness: too much\nbrowning: right\ngrain: right",
                ['too-sweet'],
            ],
            'not sweet' => [
                self::MUFFINS,
                ['allulose' => '20 g', 'powdered erythritol' => '20 g'],
                'sweetness: too little',
                ['not-sweet'],
            ],
            'bland sponge' => [
                self::SPONGE,
                ['allulose' => '20 g', 'powdered erythritol' => '15 g'],
                'sweetness: too little',
                ['not-sweet'],
            ],
            // Holding together.
            'loaf without binder crumbles' => [
                self::LOAF,
                ['xanthan gum' => null, 'eggs' => '1', 'whipping cream' => '120 g'],
                'crumb: too little',
                ['weak-hold'],
            ],
            'cookies without egg or gum' => [
                self::COOKIES,
                ['xanthan gum' => null, 'eggs' => null, 'water' => '25 g'],
                'crumb: too little',
                ['weak-hold'],
            ],
            'biscuits fall apart' => [
                self::SNAPS,
                ['xanthan gum' => null, 'egg white' => null, 'water' => '30 g'],
                "crumb: too little\nsnap: right",
                ['weak-hold'],
            ],
            'muffins crumble' => [
                self::MUFFINS,
                ['psyllium husk' => null, 'eggs' => '1', 'milk' => '150 g'],
                'crumb: too little',
                ['weak-hold'],
            ],
            'cut while hot' => [self::LOAF, [], 'crumb: too little', ['cut-warm', 'weak-hold']],
            'cookies moved too soon' => [
                self::COOKIES,
                [],
                "crumb: too little\nmoistness: right",
                ['cut-warm', 'weak-hold'],
            ],
            'coconut flour one for one' => [
                self::LOAF,
                ['almond flour' => '60 g', 'coconut flour' => '120 g'],
                "moistness: too little\ncrumb: too little",
                ['coconut-drinks', 'too-dry'],
            ],
            'coconut cookies like sand' => [
                self::COOKIES,
                ['almond flour' => '60 g', 'coconut flour' => '90 g'],
                "moistness: too little\ncrumb: too little\nspread: too little",
                ['coconut-drinks', 'too-dry'],
            ],
            'coconut muffins dry' => [
                self::MUFFINS,
                ['almond flour' => '60 g', 'coconut flour' => '110 g'],
                'moistness: too little',
                ['coconut-drinks', 'too-dry'],
            ],
            'gummy with xanthan' => [
                self::LOAF,
                ['xanthan gum' => '18 g'],
                "crumb: too much\nchew: too much",
                ['gummy'],
            ],
            'psyllium muffins rubbery' => [
                self::MUFFINS,
                ['psyllium husk' => '35 g', 'milk' => '260 g'],
                "crumb: too much\nchew: too much\nmoistness: too much",
                ['gummy'],
            ],
            'tough sponge' => [self::SPONGE, ['xanthan gum' => '14 g'], 'crumb: too much', ['gummy']],
            // Water, fat, lift, eggs.
            'pudding in the middle' => [
                self::LOAF,
                ['whipping cream' => '100 g', 'water' => '230 g'],
                "moistness: too much\nminutes: 45",
                ['too-wet'],
            ],
            'wet muffins' => [self::MUFFINS, ['milk' => '420 g'], "moistness: too much\nrise: too little", ['too-wet']],
            'cookies ran into one' => [
                self::COOKIES,
                ['water' => '90 g'],
                "spread: too much\nmoistness: too much",
                ['too-wet'],
            ],
            'dry loaf, little liquid' => [
                self::LOAF,
                ['whipping cream' => null, 'eggs' => '2'],
                'moistness: too little',
                ['too-dry'],
            ],
            'flat loaf without powder' => [self::LOAF, ['baking powder' => '1 g'], 'rise: too little', ['little-lift']],
            'heavy muffins' => [
                self::MUFFINS,
                ['baking powder' => '2 g'],
                "rise: too little\ncrumb: too much",
                ['little-lift'],
            ],
            'rose and fell' => [
                self::LOAF,
                ['baking powder' => '36 g'],
                "rise: too little\ncrumb: too little",
                ['much-lift'],
            ],
            'sponge lost its air' => [self::SPONGE, [], "rise: too little\ncrumb: too much", ['lost-air']],
            'flat sponge' => [self::SPONGE, [], 'rise: too little', ['lost-air']],
            'warm dough ran' => [self::COOKIES, [], 'spread: too much', ['warm-dough']],
            'biscuits lost their shape' => [self::SNAPS, [], "spread: too much\nbrowning: right", ['warm-dough']],
            'greasy cookies' => [
                self::COOKIES,
                ['butter' => '200 g'],
                "spread: too much\nmoistness: too much",
                ['much-fat', 'too-wet'],
            ],
            'greasy loaf' => [
                self::LOAF,
                ['butter' => '240 g'],
                "moistness: too much\ncrumb: too little",
                ['much-fat'],
            ],
            'cookies stay balls' => [self::COOKIES, ['butter' => '45 g'], 'spread: too little', ['stiff-dough']],
            'tastes of egg' => [
                self::LOAF,
                ['eggs' => '8', 'butter' => '60 g', 'whipping cream' => null],
                'egginess: too much',
                ['many-eggs'],
            ],
            'eggy muffins' => [
                self::MUFFINS,
                ['eggs' => '7', 'milk' => null],
                "egginess: too much\nchew: too much",
                ['many-eggs'],
            ],
            // Crispness.
            'soft allulose biscuits' => [
                self::SNAPS,
                ['powdered erythritol' => null, 'allulose' => '110 g'],
                'snap: too little',
                ['soft-allulose'],
            ],
            'allulose snaps bend' => [
                self::SNAPS,
                ['powdered erythritol' => '20 g', 'allulose' => '95 g'],
                "snap: too little\nbrowning: too much",
                ['soft-allulose', 'browns'],
            ],
            'biscuits not dried' => [
                self::SNAPS,
                ['allulose' => null, 'powdered erythritol' => '95 g'],
                "snap: too little\nminutes: 15",
                ['not-dried', 'short-bake'],
            ],
            'chewy wanted, hard got' => [
                self::COOKIES,
                ['allulose' => null, 'powdered erythritol' => '110 g'],
                "chew: too little\nsnap: too much",
                ['hard-erythritol'],
            ],
        ];

        return array_map(static fn (array $c): array => [self::text([...$c[0], ...$c[1]], $c[2]), $c[3]], $cases);
    }

    /** @return list<string> bakes of which nothing is wrong */
    public static function good(): array
    {
        return [
            self::text(self::LOAF, "browning: right\ngrain: right\nminutes: 45"),
            self::text(self::COOKIES, "snap: right\nchew: right"),
            self::text([...self::SPONGE, 'allulose' => '130 g', 'powdered erythritol' => null], 'browning: right'),
            self::text(self::MUFFINS, 'minutes: 40'),
        ];
    }

    /** @param  array<string, ?string>  $parts */
    private static function text(array $parts, string $notes): string
    {
        $lines = [];
        foreach (array_diff_key($parts, ['title' => 1, 'makes' => 1, 'method' => 1]) as $food => $amount) {
            $lines[] = $amount === null ? '' : "$amount $food";
        }

        return "$parts[title]\nMakes $parts[makes]\n\n".
            implode("\n", array_filter($lines)).
            "\n\n$parts[method]\n--- bake\n$notes\n";
    }
}

<?php

declare(strict_types=1);

/*
 * The bakes of Harrow Cottage, all invented. Of each: days ago, mark, words, what was judged, what was measured, the
 * colour of its picture (or none), and what was changed after it: wishes, or "try" for the change of the first cause.
 */
return [
    'cardamom-orange-loaf' => [
        [31, 2, 'Nearly black on top after 50 minutes, though the middle was lovely. What a smell.', ['browning' => 'much', 'moistness' => 'right', 'grain' => 'right'], ['minutes' => 50, 'mass_g' => 1010], [70, 40, 22], 'try'],
        [24, 3, 'Much better on top. It fell apart under the knife, Rosalind ate it with a spoon.', ['browning' => 'right', 'crumb' => 'little', 'moistness' => 'right'], ['minutes' => 52, 'mass_g' => 1004], [150, 96, 48], 'try'],
        [16, 5, 'Golden, moist, cut clean when cold. Rosalind took two slices and asked nothing.', ['browning' => 'right', 'crumb' => 'right', 'moistness' => 'right', 'sweetness' => 'right'], ['minutes' => 55, 'mass_g' => 998], [176, 118, 60], []],
        [9, 5, 'The same again, to be sure. It keeps three days in the tin.', ['sweetness' => 'right', 'browning' => 'right'], ['minutes' => 56, 'mass_g' => 1001], [178, 120, 62], []],
        [2, 4, 'For the parish lunch. A little too sweet for Ambrose.', ['sweetness' => 'much', 'browning' => 'right'], ['minutes' => 55], null, []],
    ],
    'hazelnut-raspberry-thumbprints' => [
        [40, 2, 'They ran into each other: the dough was warm from my hands.', ['spread' => 'much', 'browning' => 'right'], ['minutes' => 14], [168, 112, 66], []],
        [33, 3, 'Chilled them first. They held, but cold on the tongue as mint.', ['spread' => 'right', 'cool' => 'much'], ['minutes' => 15], [178, 124, 74], ['sweetener' => 'blend-erythritol']],
        [12, 4, 'Fell apart on the sheet at first; after twenty minutes they held.', ['crumb' => 'right', 'cool' => 'right', 'sweetness' => 'right'], ['minutes' => 15, 'pieces' => 22], [182, 128, 76], []],
        [4, 4, 'A tray for the school. Gone in ten minutes.', ['sweetness' => 'right'], ['minutes' => 15, 'pieces' => 23], null, []],
    ],
    'poppy-seed-cheesecake-squares' => [
        [50, 3, 'Cracked down the middle: I opened the door to look.', ['rise' => 'much', 'moistness' => 'little'], ['minutes' => 48], [236, 224, 190], []],
        [28, 5, 'Left it in the oven with the door ajar. Silk.', ['moistness' => 'right', 'sweetness' => 'right'], ['minutes' => 45], [240, 228, 196], []],
        [7, 5, 'Again, with soft cream.', ['sweetness' => 'right'], ['minutes' => 45, 'pieces' => 16], null, []],
    ],
    'pistachio-rose-biscuits' => [
        [30, 1, 'Crumbled to sand. The coconut flour drank everything and nothing held them.', ['crumb' => 'little', 'moistness' => 'little'], ['minutes' => 15], [196, 160, 98], ['school' => 'almond']],
        [23, 4, 'With almond flour and xanthan they snap. Ambrose says roses, not soap.', ['crumb' => 'right', 'snap' => 'right'], ['minutes' => 15, 'pieces' => 34], [190, 172, 104], []],
        [15, 4, 'Rolled thinner, two minutes less.', ['snap' => 'right', 'browning' => 'right'], ['minutes' => 13], null, []],
    ],
    'rhubarb-crumble-bars' => [
        [46, 3, 'The rhubarb wept into the base.', ['moistness' => 'much'], ['minutes' => 40], [186, 120, 92], []],
        [12, 4, 'Sharp and good. Slightly slick from the gum.', ['moistness' => 'right', 'chew' => 'much'], ['minutes' => 44, 'mass_g' => 880], [190, 126, 88], []],
        [5, 5, 'Less gum. Nobody noticed.', ['chew' => 'right', 'moistness' => 'right', 'sweetness' => 'right'], ['minutes' => 44, 'mass_g' => 872], null, []],
    ],
    'coffee-custard-tart' => [
        [36, 3, 'The custard set too hard, like an omelette.', ['egginess' => 'much'], ['minutes' => 46], [150, 108, 70], []],
        [20, 5, 'Out when it still trembled. Perfect.', ['egginess' => 'right', 'sweetness' => 'right'], ['minutes' => 38], [158, 116, 76], []],
    ],
    'walnut-spice-roulade' => [
        [34, 2, 'Flat as a mat: I had to answer the door while the eggs waited.', ['rise' => 'little', 'crumb' => 'much'], ['minutes' => 14], [134, 92, 54], []],
        [26, 4, 'Folded quickly and straight in. It rolled without a crack.', ['rise' => 'right', 'crumb' => 'right'], ['minutes' => 14], [140, 98, 58], []],
        [10, 4, 'For Ottilie’s birthday, with orange cream.', ['rise' => 'right'], ['minutes' => 15], null, []],
    ],
    'pear-ginger-upside-down-cake' => [
        [44, 3, 'Wet in the middle after the time that the card says.', ['moistness' => 'much', 'browning' => 'right'], ['minutes' => 40, 'mass_g' => 1190], [160, 104, 54], []],
        [18, 4, 'Ten minutes more. The pears stayed whole.', ['moistness' => 'right', 'browning' => 'right'], ['minutes' => 52, 'mass_g' => 1150], [166, 108, 56], []],
        [3, 5, 'With a pinch more ginger. My favourite.', ['moistness' => 'right', 'browning' => 'right', 'sweetness' => 'right'], ['minutes' => 53], null, []],
    ],
];

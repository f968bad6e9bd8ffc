<?php

declare(strict_types=1);

/*
 * What a text may be made of, each alone up to the longest text there may be: in one row, in as many rows as there may be,
 * and all mixed. Where one of them costs more than its share, a reader looks at the whole of the text for each place.
 */
$head = "Cake\nMakes 12\n200 g sugar\n250 g flour\n3 eggs\n\nMethod\n";
$phrases = [
    'times' => 'bake 1 hour 20 minutes ',
    'times and heats' => 'for 30 minutes at 180 °C ',
    'hours' => '1h ',
    'heats' => '180 C ',
    'ranges' => '10-15 minutes or 350F/180C/Gas 4, ',
    'foods' => 'the sugar and the flour and the eggs, ',
    'verbs' => 'mix, beat, fold, chill, bake. ',
    'sentences' => 'Fold in the flour. ',
    'yields' => 'cut into 12 pieces ',
    'pans' => 'a 20 cm round tin, ',
    'everything' => 'mix everything with the rest of the sugar, half of the flour and the remaining eggs. ',
    'claims' => 'nut-free, no milk, 30 g of carbs a slice, keep in a tin for a week. ',
    'brackets' => '((((',
    'letters' => 'a',
    'digits' => '1/',
    'quotes' => '“a” ',
    'signs' => '°%½–',
    'rests' => 'until golden and when cool and once set, ',
];
$texts = [];
foreach ([...$phrases, 'mixed' => implode('', $phrases)] as $name => $phrase) {
    // As long as a method may be; a text that is longer is refused before anything looks at it.
    $row = mb_strcut(str_repeat($phrase, (int) ceil(60_000 / mb_strlen($phrase))), 0, 11_700);
    $texts["$name, in one step"] = $head.$row;
    $texts["$name, in 140 steps"] = $head.implode("\n", mb_str_split($row, max(1, (int) ceil(mb_strlen($row) / 140))));
}
foreach (['lines' => '200 g sugar, chopped', 'and' => '1 cup flour and 2 eggs and ', 'amounts' => '1 1/2 cups (200 g) ', 'slashes' => '200g sugar/'] as $name => $phrase) {
    $row = mb_substr(str_repeat($phrase, (int) ceil(60_000 / mb_strlen($phrase))), 0, 58_000);
    $texts["$name, in one line"] = "Cake\nMakes 12\n$row\n250 g flour\n\nMethod\nMix. Bake at 180 °C for 40 minutes.";
    $texts["$name, in 300 lines"] = "Cake\nMakes 12\n".implode("\n", mb_str_split($row, (int) ceil(mb_strlen($row) / 300)))."\n\nMethod\nMix. Bake at 180 °C for 40 minutes.";
}

return $texts;

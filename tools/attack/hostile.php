<?php

declare(strict_types=1);

use Tools\Attack\Client;

/* Ten thousand values that no form would send, seeded, in every field of every form of a kitchen's own things. */
return static function (string $base, callable $say): void {
    mt_srand(20261126);
    $client = new Client($base);
    $client->signUp('Mine');
    $dessert = $client->paste(CAKE);
    $client->ask('/pantry', [
        'name' => 'Bag',
        'food' => 'Almond flour',
        'law' => 'eu-uk',
        'serving_g' => '100',
        'printed' => ['carbohydrate' => '4'],
        'is_default' => '1',
    ]);
    $mark = '<x7q onload=1>';
    $values = [
        static fn (): string => $mark,
        static fn (): string => "'\"><script>x7q()</script>",
        static fn (): string => str_repeat('9', mt_rand(1, 400)),
        static fn (): string => '-'.mt_rand(1, 9),
        static fn (): string => 'NaN',
        static fn (): string => 'INF',
        static fn (): string => '1e'.mt_rand(1, 400),
        static fn (): string => "\0\0",
        static fn (): string => "\xff\xfe\xc0",
        static fn (): string => str_repeat('½ ', mt_rand(1, 200)),
        static fn (): string => str_repeat('a', mt_rand(100, 5000)),
        static fn (): string => '',
        static fn (): array => [['x' => ['y']]],
        static fn (): array => array_fill(0, mt_rand(1, 40), 'x'),
        static fn (): string => '0x1F',
        static fn (): string => '١٢٣',
        static fn (): string => "1,5\n2",
        static fn (): string => '../../etc/passwd',
        static fn (): string => '{{7*7}}',
        static fn (): string => "' OR 1=1 -- ",
        static fn (): string => '2026-02-31',
        static fn (): string => mb_chr(mt_rand(0x2000, 0x2FFF)).mb_chr(0x202E),
        static fn (): string => implode(' and ', array_fill(0, mt_rand(1, 60), '2 cups sugar')),
        static fn (): string => (string) mt_rand(-5, 100_000),
        static fn (): string => '0.00'.mt_rand(0, 9),
    ];
    $forms = [
        "/bench/$dessert/wishes" => [
            'sweetener',
            'school',
            'sweetness',
            'pieces',
            'convention',
            'without',
            'families',
            'appliance',
            'cooler',
        ],
        "/bench/$dessert/blend" => ['corners', 'shares'],
        "/bench/$dessert/amounts" => ['food', 'grams', 'key', 'to'],
        "/bench/$dessert/text" => ['text'],
        "/bench/$dessert/measures" => ['measures'],
        "/bench/$dessert/pieces/portion" => ['way', 'each', 'of', 'rest', 'across', 'along'],
        "/bench/$dessert/pieces/weighed" => ['weighed_mixed', 'weighed_baked'],
        "/bench/$dessert/pieces/toppings" => ['name', 'text', 'toppings'],
        "/bench/$dessert/scale" => ['scale', 'by', 'value'],
        "/bench/$dessert/scale/pan" => ['shape', 'width', 'length', 'depth', 'unit'],
        "/bench/$dessert/account/eaten" => ['eaten'],
        '/pantry' => [
            'name',
            'food',
            'law',
            'serving_g',
            'printed',
            'polyol',
            'price',
            'size_g',
            'left_g',
            'opened_on',
            'best_before',
        ],
        '/pantry/toppings' => ['topping_name', 'text'],
        "/shelf/$dessert/title" => ['title'],
        '/kitchen' => ['name', 'limit_g', 'body_kg', 'currency', 'convention', 'heats'],
        "/counter/$dessert/bakes" => ['baked_on', 'mark', 'words', 'minutes', 'heat_c', 'mass_g', 'judged'],
        '/day' => ['desserts', 'mode', 'day', 'time', 'zone'],
        '/notebook/response' => ['name', 'eaten_on', 'readings', 'unit'],
        '/paste' => ['text'],
        '/you/password' => ['current_password', 'password'],
        '/you/invite' => ['role'],
        '/notebook/taught/cup' => ['food', 'grams'],
    ];
    $good = [
        'sweetener' => 'allulose',
        'school' => 'almond',
        'sweetness' => '90',
        'pieces' => '10',
        'convention' => 'low-carb',
        'text' => CAKE,
        'name' => 'Bag',
        'food' => 'Almond flour',
        'law' => 'eu-uk',
        'serving_g' => '100',
        'baked_on' => date('Y-m-d'),
        'title' => 'Cake',
        'currency' => '€',
    ];
    [$sent, $broken, $unsafe, $slow, $longest] = [0, [], [], 0, 0.0];
    $pages = [
        "/bench/$dessert",
        "/bench/$dessert/account",
        "/bench/$dessert/pieces",
        "/bench/$dessert/scale",
        "/bench/$dessert/card",
        "/bench/$dessert/compare",
        '/shelf',
        '/pantry',
        '/kitchen',
        '/notebook',
        '/day/new',
    ];
    while ($sent < 10_000) {
        foreach ($forms as $path => $fields) {
            $form = array_intersect_key($good, array_flip($fields));
            foreach ($fields as $field) {
                if (mt_rand(0, 2) > 0) {
                    $form[$field] = $values[array_rand($values)]();
                    $sent++;
                }
            }
            $body = $client->ask($path, $form);
            $longest = max($longest, $client->cost()[0]);
            $slow += $client->cost()[0] > 1.0 ? 1 : 0;
            if ($client->status >= 500 || $client->status === 0) {
                $broken[] =
                    "$path $client->status ".
                    substr(
                        (string) json_encode($form, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR),
                        0,
                        160,
                    );
            }
            if (str_contains($body, '<x7q') || str_contains($body, '<script>x7q')) {
                $unsafe[] = $path;
            }
        }
        // And what was kept of it is shown.
        foreach ($pages as $page) {
            $body = $client->ask($page);
            if ($client->status >= 500) {
                $broken[] = "$page $client->status";
            }
            if (str_contains($body, '<x7q') || str_contains($body, '<script>x7q')) {
                $unsafe[] = $page;
            }
        }
    }
    $say('hostile values sent', (string) $sent);
    $say('answers of 500 and more, or none', (string) count($broken));
    $say('pages with a value in them as it was sent', (string) count($unsafe));
    $say('requests above a second of processor', "$slow (the longest ".round($longest, 2).' s)');
    foreach (array_slice(array_unique($broken), 0, 8) as $one) {
        fwrite(STDERR, "  $one\n");
    }
    foreach (array_slice(array_unique($unsafe), 0, 8) as $one) {
        fwrite(STDERR, "  unsafe: $one\n");
    }
};

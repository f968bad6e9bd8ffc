<?php

declare(strict_types=1);

use Tools\Attack\Client;

/* Every address that names something, asked for what belongs to another kitchen, by another kitchen and by a guest. */
return static function (string $base, callable $say): void {
    $theirs = new Client($base);
    $theirs->signUp('Theirs');
    $dessert = $theirs->paste(str_replace('Plain cake', 'Secret marzipan', CAKE));
    $theirs->ask('/pantry', [
        'name' => 'Secret marzipan bag',
        'food' => 'Almond flour',
        'law' => 'eu-uk',
        'serving_g' => '100',
        'printed' => ['carbohydrate' => '4'],
        'is_default' => '1',
    ]);
    $theirs->ask("/counter/$dessert/bakes", ['baked_on' => date('Y-m-d'), 'words' => 'Secret marzipan']);
    $theirs->ask('/shelf');
    $before = strip_tags($theirs->ask("/bench/$dessert").$theirs->ask('/pantry').$theirs->ask('/notebook'));
    $routes = json_decode(
        (string) shell_exec(
            'php '.escapeshellarg(dirname(__DIR__, 2).'/artisan').' route:list --json 2>/dev/null',
        ),
        true,
    );
    [$asked, $leaks, $answered] = [0, 0, []];
    foreach (['another kitchen' => true, 'a guest' => false] as $who => $isBaker) {
        $client = new Client($base);
        if ($isBaker) {
            $client->signUp('Mine');
        } else {
            $client->ask('/');
        }
        foreach ($routes as $route) {
            if (! str_contains($route['uri'], '{') || str_starts_with($route['uri'], 'almanac')) {
                continue;
            }
            foreach ($isBaker ? range(1, 6) : [1] as $id) {
                $path =
                    '/'.
                    strtr($route['uri'], [
                        '{dessert}' => $dessert,
                        '{recipe}' => $dessert,
                        '{side}' => 'swapped',
                        '{form}' => 'txt',
                        '{key}' => '0123456789-1',
                        '{row}' => 'r0123456789-1',
                        '{token}' => str_repeat('a', 40),
                    ]);
                $path = (string) preg_replace('~\{\w+\}~', (string) $id, $path);
                $isPost = str_contains($route['method'], 'POST');
                $body = $client->ask(
                    $path,
                    $isPost ? ['title' => 'taken', 'text' => CAKE, 'words' => 'taken', 'pieces' => '1'] : null,
                );
                $asked++;
                if (str_contains($body, 'Secret marzipan')) {
                    $leaks++;
                    $answered[] = "$who: $path";
                }
            }
        }
    }
    $after = strip_tags($theirs->ask("/bench/$dessert").$theirs->ask('/pantry').$theirs->ask('/notebook'));
    $plain = static fn (string $text): string => (string) preg_replace('~\w{40}|\d\d:\d\d|\s+~', '', $text);
    $say('requests for what belongs to another kitchen', (string) $asked);
    $say(
        'of these that showed it',
        (string) $leaks.($answered === [] ? '' : ' ('.implode(', ', array_slice($answered, 0, 3)).')'),
    );
    [$one, $other] = [$plain($before), $plain($after)];
    if ($one !== $other) {
        for ($i = 0; $i < min(strlen($one), strlen($other)) && $one[$i] === $other[$i]; $i++);
        fwrite(
            STDERR,
            '  was '.substr($one, max(0, $i - 60), 160)."\n  is  ".substr($other, max(0, $i - 60), 160)."\n",
        );
    }
    $say('what they changed in it', $one === $other ? 'nothing' : 'something');
};

<?php

declare(strict_types=1);

use Tools\Attack\Client;

/* Twenty at once on one dessert, each with a field of its own; and one form twice at the same moment. */
return static function (string $base, callable $say): void {
    $client = new Client($base);
    $client->signUp('Mine');
    $together = static function (array $handles): void {
        $multi = curl_multi_init();
        array_walk($handles, static fn ($h) => curl_multi_add_handle($multi, $h));
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0);
    };
    [$kept, $all] = [0, 0];
    for ($round = 0; $round < 5; $round++) {
        $dessert = $client->paste(
            "Cake $round\nMakes 12 slices\n".
                implode("\n", array_map(static fn (int $i): string => "10$i g sugar", range(10, 29))).
                "\n250 g flour\n3 eggs\n\nMethod\nMix. Bake at 180 °C for 40 minutes.",
        );
        $page = $client->ask("/bench/$dessert");
        preg_match_all("~line=([a-f0-9]{10}-\d+)~", $page, $m);
        $keys = array_slice(array_values(array_unique($m[1])), 0, 20);
        $together(
            array_map(
                static fn (string $key) => $client->beside("/bench/$dessert/lines/$key", ['leave_out' => '1']),
                $keys,
            ),
        );
        $brief = json_decode(
            (string) shell_exec(
                sprintf(
                    'mariadb --no-defaults --socket=%s -N -e %s aglyca',
                    escapeshellarg(getenv('ATTACK_STATE').'/run/m.sock'),
                    escapeshellarg(
                        "select document from versions v join recipes r on r.id=v.recipe_id where r.ulid='$dessert' order by number desc limit 1",
                    ),
                ),
            ),
            true,
        );
        $kept += count(array_filter($brief['corrections'] ?? [], static fn (array $c): bool => $c['left_out'] ?? false));
        $all += count($keys);
    }
    $say('changes of one dessert sent at once, twenty at a time', (string) $all);
    $say('of these kept', (string) $kept);
    $made = 0;
    for ($round = 0; $round < 10; $round++) {
        $once = substr(bin2hex(random_bytes(10)), 0, 20);
        $together([
            $client->beside('/paste', ['text' => "Twice $round\n".CAKE, '_once' => $once]),
            $client->beside('/paste', ['text' => "Twice $round\n".CAKE, '_once' => $once]),
        ]);
    }
    $made = (int) shell_exec(
        sprintf(
            'mariadb --no-defaults --socket=%s -N -e %s aglyca',
            escapeshellarg(getenv('ATTACK_STATE').'/run/m.sock'),
            escapeshellarg("select count(*) from recipes where title like 'Twice%'"),
        ),
    );
    $say('desserts made of ten forms that were sent twice at once', (string) $made);
};

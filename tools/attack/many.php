<?php

declare(strict_types=1);

use Tools\Attack\Client;

/* A kitchen with a hundred thousand desserts beside one with ten, one asked after the other. */
return static function (string $base, callable $say): void {
    $state = (string) getenv('ATTACK_STATE');
    $sql = static fn (string $query): string => trim(
        (string) shell_exec(
            sprintf(
                'mariadb --no-defaults --socket=%s -N -e %s aglyca',
                escapeshellarg("$state/run/m.sock"),
                escapeshellarg($query),
            ),
        ),
    );
    $kitchens = [];
    foreach ([10, 100_000] as $many) {
        $client = new Client($base);
        $client->signUp("Has $many");
        $dessert = $client->paste(str_replace('Plain', "First of $many", CAKE));
        $sql(
            "insert into recipes (ulid,kitchen_id,title,opened_at,created_at,updated_at) select lower(substr(concat('02',md5(concat($many,'-',seq))),1,26)), r.kitchen_id, concat('Many ',seq), now() - interval seq second, now(), now() from seq_2_to_$many, recipes r where r.ulid='$dessert'",
        );
        $sql(
            "insert into versions (recipe_id,number,document,created_at,updated_at) select r.id,1,(select document from versions v join recipes o on o.id=v.recipe_id where o.ulid='$dessert' limit 1),now(),now() from recipes r where r.kitchen_id=(select kitchen_id from recipes where ulid='$dessert') and not exists (select 1 from versions v where v.recipe_id=r.id)",
        );
        $kitchens[$many] = [$client, $dessert];
    }
    $sql('analyze table recipes, versions');
    $took = [];
    for ($i = 0; $i < 25; $i++) {
        foreach ($kitchens as $many => [$client, $dessert]) {
            foreach (
                ['Shelf' => '/shelf', 'Bench' => "/bench/$dessert", 'the Shelf searched' => '/shelf?q=many+77'] as $name => $path
            ) {
                $client->ask($path);
                if ($i >= 5) {
                    $took[$name][$many][] = $client->seconds * 1000;
                }
            }
        }
    }
    $median = static function (array $times): float {
        sort($times);

        return $times[intdiv(count($times), 2)];
    };
    foreach ($took as $name => $by) {
        $say(
            "$name with 100,000 desserts and with 10",
            sprintf(
                '%.0f and %.0f ms, %.2f times',
                $median($by[100_000]),
                $median($by[10]),
                $median($by[100_000]) / $median($by[10]),
            ),
        );
    }
};

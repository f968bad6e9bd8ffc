<?php

declare(strict_types=1);

use Tools\Attack\Client;

/* A backup of many desserts while eight write: what was acknowledged before its mark is in it. */
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
    $client = new Client($base);
    $client->signUp('Many');
    $dessert = $client->paste(CAKE);
    $sql(
        "insert into recipes (ulid,kitchen_id,title,opened_at,created_at,updated_at) select lower(substr(concat('01',md5(seq)),1,26)), r.kitchen_id, concat('Cake ',seq), now(), now(), now() from seq_1_to_10000, recipes r where r.ulid='$dessert'",
    );
    $sql(
        "insert into versions (recipe_id,number,document,created_at,updated_at) select r.id,1,(select document from versions v join recipes o on o.id=v.recipe_id where o.ulid='$dessert' limit 1),now(),now() from recipes r where title like 'Cake %' and not exists (select 1 from versions v where v.recipe_id=r.id)",
    );
    $before = [];
    for ($i = 0; $i < 40; $i++) {
        $client->ask('/pantry/toppings', ['topping_name' => "before $i", 'text' => '5 g butter']);
        $before[] = "before $i";
    }
    $file = "$state/backup.tar.gz";
    $process = proc_open(
        [
            'bash',
            '-c',
            'cd '.
            escapeshellarg((string) getenv('AGLYCA_CHECKOUT')).
            ' && AGLYCA_STATE='.
            escapeshellarg($state).
            ' AGLYCA_DB_PORT='.
            getenv('ATTACK_DB').
            ' ./aglyca backup '.
            escapeshellarg($file),
        ],
        [['file', '/dev/null', 'r'], ['file', "$state/backup.log", 'w'], ['file', "$state/backup.log", 'a']],
        $pipes,
    );
    $writers = array_map(static function (int $i) use ($base): Client {
        $c = new Client($base);
        $c->signUp("Beside $i");

        return $c;
    }, range(0, 7));
    $during = 0;
    $start = microtime(true);
    while (proc_get_status($process)['running']) {
        foreach ($writers as $i => $writer) {
            $writer->ask('/pantry/toppings', ['topping_name' => "during $i $during", 'text' => '5 g butter']);
            $during++;
        }
    }
    $took = microtime(true) - $start;
    exec("tar -xzOf $file aglyca.sql > $state/back.sql");
    shell_exec(
        "mariadb --no-defaults --socket=$state/run/m.sock -e 'create database back character set utf8mb4 collate utf8mb4_unicode_ci'; mariadb --no-defaults --socket=$state/run/m.sock back < $state/back.sql",
    );
    $back = static fn (string $query): string => trim(
        (string) shell_exec(
            sprintf(
                'mariadb --no-defaults --socket=%s -N -e %s back',
                escapeshellarg("$state/run/m.sock"),
                escapeshellarg($query),
            ),
        ),
    );
    $missing = array_diff($before, explode("\n", $back('select name from toppings')));
    $say(
        'backup of '.$back('select count(*) from recipes').' desserts while '.$during.' writes went on',
        round($took, 1).' s with its trial restore',
    );
    $say('acknowledged before its mark and not in it', (string) count($missing));
};

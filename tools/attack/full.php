<?php

declare(strict_types=1);

use Tools\Attack\Client;

/*
 * The disk of the database fills up while eight write, first to the reserve and then by somebody else to its last byte; it
 * is freed, and the database brought up again if it went down. The disk is a small one in memory, which only root may
 * make: without it the part says so.
 */
return static function (string $base, callable $say): void {
    $state = (string) getenv('ATTACK_STATE');
    $shell = static function (string $command) use ($state): string {
        exec('bash -c '.escapeshellarg("set -e; cd $state; $command").' 2>&1', $said, $code);

        return $code === 0 ? implode("\n", $said) : throw new RuntimeException("$command: ".implode(' ', $said));
    };
    $up = 'AGLYCA_STATE='.$state.' DB_PORT_OF='.getenv('ATTACK_DB').' '.getenv('AGLYCA_CHECKOUT').'/tools/attack/database.sh';
    $down = 'mariadb-admin --no-defaults --socket=run/m.sock shutdown; while [ -e run/m.pid ]; do sleep 0.1; done';
    $whole = "$state.whole";
    try {
        // The redo log is written over in place: with holes in it, as a copy may have, it would need room of its own.
        $shell(
            "$down; mkdir $whole; mount -t tmpfs -o mode=755,size=$(( $(du -sm --apparent-size . | cut -f1) + 160 ))m tmpfs $whole; ".
                "cp -a --sparse=never . $whole; mount --bind $whole $state",
        );
    } catch (RuntimeException) {
        $shell("umount $whole 2>/dev/null; rmdir $whole; $up");
        $say('disk full', 'not tried: only root may make a small disk');

        return;
    }
    $shell($up);
    $writers = [];
    for ($i = 0; $i < 8; $i++) {
        $writers[$i] = new Client($base);
        $writers[$i]->signUp("Writer $i");
    }
    $guest = new Client($base);
    $acknowledged = [];
    $refused = [];
    $write = static function (int $round) use ($writers, &$acknowledged, &$refused): int {
        $before = count($acknowledged);
        foreach ($writers as $i => $writer) {
            $name = "full $round of $i";
            $writer->ask('/pantry/toppings', ['topping_name' => $name, 'text' => '5 g butter']);
            if ($writer->status === 302 && ! str_contains($writer->headers['location'] ?? '', 'sign-in')) {
                $acknowledged[] = $name;
            } else {
                $refused[$writer->status] = ($refused[$writer->status] ?? 0) + 1;
            }
        }

        return count($acknowledged) - $before;
    };
    $read = static function () use ($writers, $guest): string {
        $said = [];
        foreach (['/shelf', '/pantry', '/almanac', '/notebook'] as $page) {
            $writers[0]->ask($page);
            $said[] = "$page {$writers[0]->status}";
        }
        $guest->ask('/');

        return implode(', ', [...$said, "/ of a guest $guest->status"]);
    };
    $answers = static function () use (&$refused): string {
        $said = implode(', ', array_map(static fn (int $n, int $status): string => "$n of $status", $refused, array_keys($refused)));
        $refused = [];

        return $said === '' ? 'none' : $said;
    };
    $ballast = static fn (int $left): string => $shell(
        "head -c \"$(( $(df --output=avail -B1 . | tail -1) - $left ))\" /dev/zero >> ballast",
    );
    $write(0);
    $ballast(66 * 1024 ** 2);
    // What else grows on a disk, two thirds of a megabyte at a time.
    for ($round = 1; $round < 12; $round++) {
        $write($round);
        $shell('head -c 700000 /dev/zero >> ballast');
    }
    $say('disk nearly full: writes acknowledged, and answers of who was refused', count($acknowledged).'; '.$answers());
    $say('pages that only read, then', $read());
    $ballast(0);
    for ($round = 12; $round < 20; $round++) {
        $write($round);
    }
    $say('disk full to the last byte: answers', $answers());
    $say('pages that only read, then', $read());
    $stood = trim($shell('pgrep -F run/m.pid || true')) !== '';
    $shell('rm ballast');
    $stood || $shell($up);
    $say('writes of eight after it was freed', (string) $write(99).($stood ? '' : ', once the database was brought up again'));
    $there = explode("\n", $shell("mariadb --no-defaults --socket=run/m.sock -N -e 'select name from toppings' aglyca"));
    $say('acknowledged and lost', (string) count(array_diff($acknowledged, $there)));
    $shell("$down; cd /; umount $state; umount $whole; rmdir $whole; cd $state; $up");
};

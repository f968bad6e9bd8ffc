<?php

declare(strict_types=1);

/*
 * What an operator may set of the application itself; docs/deploy.md says when.
 */
return [
    // What the numbers and the code that reads them are at; worked out once where the configuration is kept.
    'trade' => App\Support\Trade::stamp(dirname(__DIR__)),
    // No throttles, and a page for the benchmark: never on a server that others reach.
    'bench' => (bool) env('AGLYCA_BENCH', false),
    // Names that it answers to: this machine, the addresses of a house, and what AGLYCA_HOSTS adds, as patterns.
    'hosts' => [
        '^(127\\.0\\.0\\.1|localhost|\\[::1\\]|10(\\.\\d{1,3}){3}|192\\.168(\\.\\d{1,3}){2}|172\\.(1[6-9]|2\\d|3[01])(\\.\\d{1,3}){2})$',
        // The addresses that this machine has.
        ...array_map(
            static fn (string $own): string => '^'.preg_quote($own).'$',
            array_column(array_merge([], ...array_column(net_get_interfaces() ?: [], 'unicast')), 'address'),
        ),
        // Names that only a house gives: no page of the open network can bear one.
        '^[a-z0-9-]+(\.(local|lan|home\.arpa))?$',
        '^'.preg_quote((string) parse_url((string) env('APP_URL', 'http://127.0.0.1'), PHP_URL_HOST)).'$',
        ...array_filter(explode(' ', (string) env('AGLYCA_HOSTS', ''))),
    ],
    // Seconds for Strict-Transport-Security; 0 for none.
    'hsts' => (int) env('AGLYCA_HSTS', 0),
    // The folder whose disk the database fills, and the bytes that it must have left for anything to be taken in.
    'disk' => (string) env('AGLYCA_DISK', storage_path()),
    'reserve' => (int) env('AGLYCA_RESERVE_MB', 64) * 1024 ** 2,
    'demo' => (bool) env('AGLYCA_DEMO', false),
];

<?php

declare(strict_types=1);

return [
    // Any length counts; memory in KiB and rounds as OWASP's cheat sheet on storing passwords has them for Argon2id.
    'driver' => 'argon2id',
    'argon' => ['memory' => 19_456, 'threads' => 1, 'time' => 2, 'verify' => false],
    'bcrypt' => ['rounds' => 12, 'verify' => false],
    'rehash_on_login' => true,
];

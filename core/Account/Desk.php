<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Larder\Constants;

/** All that counts, handed round together. */
final readonly class Desk
{
    public function __construct(
        public Accountant $accountant,
        public Sharer $sharer,
        public WhatIf $whatIf,
        public Constants $constants,
    ) {}
}

<?php

declare(strict_types=1);

namespace League\Config;

interface ConfigurationInterface
{
    public function get(string $key): mixed;

    public function exists(string $key): bool;
}

<?php

declare(strict_types=1);

namespace League\Config;

final class ReadOnlyConfiguration implements ConfigurationInterface
{
    public function __construct(private readonly Configuration $config) {}

    public function get(string $key): mixed
    {
        return $this->config->get($key);
    }

    public function exists(string $key): bool
    {
        return $this->config->exists($key);
    }
}

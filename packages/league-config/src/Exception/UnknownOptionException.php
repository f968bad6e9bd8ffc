<?php

declare(strict_types=1);

namespace League\Config\Exception;

final class UnknownOptionException extends \InvalidArgumentException implements ConfigurationExceptionInterface
{
    public function __construct(string $message, private readonly string $path, int $code = 0, ?\Throwable $previous = null)
    {
        parent::__construct($message, $code, $previous);
    }

    public function getPath(): string
    {
        return $this->path;
    }
}

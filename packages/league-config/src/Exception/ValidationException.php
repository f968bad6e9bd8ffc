<?php

declare(strict_types=1);

namespace League\Config\Exception;

use Nette\Schema\ValidationException as NetteException;

final class ValidationException extends InvalidConfigurationException
{
    /** @var string[] */
    private array $messages;

    public function __construct(NetteException $inner)
    {
        $this->messages = $inner->getMessages();
        parent::__construct($inner->getMessage(), (int) $inner->getCode(), $inner);
    }

    /** @return string[] */
    public function getMessages(): array
    {
        return $this->messages;
    }
}

<?php

declare(strict_types=1);

namespace League\Config\Exception;

interface ConfigurationExceptionInterface extends \Throwable {}

<?php

declare(strict_types=1);

namespace League\Config\Exception;

class InvalidConfigurationException extends \UnexpectedValueException implements ConfigurationExceptionInterface {}

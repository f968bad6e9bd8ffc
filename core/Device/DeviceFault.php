<?php

declare(strict_types=1);

namespace Aglyca\Core\Device;

use RuntimeException;

/** What a device sent cannot be read, or says that it could not measure. */
final class DeviceFault extends RuntimeException {}

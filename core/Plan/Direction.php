<?php

declare(strict_types=1);

namespace Aglyca\Core\Plan;

/** Which way a day is reckoned: from a moment on, or back from when all is to be ready. */
enum Direction
{
    case Forward;
    case Back;
}

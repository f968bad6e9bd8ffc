<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** What is done with the dough that makes no whole piece. */
enum Leftover: string
{
    case Spread = 'spread';
    case Small = 'small';
    case Aside = 'aside';
}

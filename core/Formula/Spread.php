<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

/** How a component is shared out among the pieces. */
enum Spread: string
{
    /** Over all pieces alike. */
    case All = 'all';

    /** On the first few pieces alone. */
    case Some = 'some';

    /** So much on each piece, whatever is left of it. */
    case Each = 'each';

    /** Not on the pieces: added at the table. */
    case Table = 'table';
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Reading\Split;

/** One way in which a line says what it holds. */
interface LineForm
{
    /**
     * @param  string  $body  the line without its bullet
     * @return ?non-empty-list<Split> null where the line is not of this form
     */
    public function things(string $body): ?array;
}

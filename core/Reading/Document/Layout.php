<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

/** One way in which a text may be laid out. */
interface Layout
{
    /**
     * @param  list<string>  $rows
     * @return list<string> the same words with one thing in a row, where they are laid out so
     */
    public function rows(array $rows): array;
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

enum TokenKind
{
    case Number;
    case NumberWord;
    case Word;
    case Sign;
}

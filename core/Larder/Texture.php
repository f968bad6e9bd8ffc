<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

/** How a food fills a cup, which says how far a cup of it can be trusted. */
enum Texture: string
{
    case Liquid = 'liquid';
    case Crystal = 'crystal';
    case Flour = 'flour';
    case Powder = 'powder';
    case Chopped = 'chopped';
    case Paste = 'paste';
    case Egg = 'egg';
    case Whole = 'whole';
}

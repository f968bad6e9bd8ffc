<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Larder\Role;
use Illuminate\Support\HtmlString;

/**
 * A shape for each role, so that colour is never the only sign; the shapes themselves stand once on each page
 * (`components/glyphs`).
 */
final class Glyph
{
    public static function of(Role $role): HtmlString
    {
        return new HtmlString(
            "<svg class=\"glyph role-{$role->value}\" role=\"img\" aria-label=\"{$role->label()}\"><use href=\"#g-{$role->value}\"/></svg>",
        );
    }
}

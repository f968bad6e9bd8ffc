<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Larder\Role;
use Illuminate\Support\HtmlString;

/** A shape for each role, so that colour is never the only sign. A page draws dozens: plain PHP, not a component. */
final class Glyph
{
    public static function of(Role $role): HtmlString
    {
        $shape = match ($role) {
            Role::Sweet => '<path d="M8 1 15 8 8 15 1 8Z" fill="currentColor"/>',
            Role::Body => '<path d="M1 3h14v3H1zM1 10h14v3H1z" fill="currentColor"/>',
            Role::Fat => '<circle cx="8" cy="8" r="6.5" fill="currentColor"/>',
            Role::Egg => '<ellipse cx="8" cy="8" rx="4.6" ry="6.4" fill="none" stroke="currentColor" stroke-width="2.6"/>',
            Role::Wet => '<path d="M1 6q3.5-4 7 0t7 0M1 12q3.5-4 7 0t7 0" fill="none" stroke="currentColor" stroke-width="2.4"/>',
            Role::Binder => '<path d="M2 2l12 12M14 2 2 14" stroke="currentColor" stroke-width="2.8"/>',
            Role::Lift => '<path d="M8 2l7 12H1Z" fill="currentColor"/>',
            Role::Mixin => '<path d="M2 2h5v5H2zM9 9h5v5H9z" fill="currentColor"/>',
            Role::Flavour => '<path d="M8 1v14M1 8h14" stroke="currentColor" stroke-width="2.8"/>',
        };

        return new HtmlString("<svg viewBox=\"0 0 16 16\" width=\"14\" height=\"14\" class=\"role-{$role->value} inline-block shrink-0\" role=\"img\" aria-label=\"{$role->label()}\">$shape</svg>");
    }
}

<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\HtmlString;

/** The choices of a list in one piece: a page has hundreds, and a loop of the view costs more than it draws. */
final class Options
{
    /**
     * @param  array<array-key, string>  $names  what is sent => what is said
     * @param  array-key|null  $chosen
     */
    public static function of(array $names, int|string|null $chosen = null): HtmlString
    {
        $html = '';
        foreach ($names as $key => $name) {
            $selected = $chosen !== null && (string) $key === (string) $chosen ? ' selected' : '';
            $html .= '<option value="'.e((string) $key).'"'.$selected.'>'.e($name).'</option>';
        }

        return new HtmlString($html);
    }

    /** @param  array<array-key, string>  $names  to be found by typing */
    public static function found(array $names): HtmlString
    {
        $html = '';
        foreach ($names as $name) {
            $html .= '<option value="'.e($name).'"></option>';
        }

        return new HtmlString($html);
    }
}

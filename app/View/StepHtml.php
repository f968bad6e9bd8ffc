<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Plan\PlannedStep;
use Illuminate\Support\HtmlString;

/** A step's text, with what the swap changed standing out before what it was. */
final class StepHtml
{
    public static function of(PlannedStep $step): HtmlString
    {
        $html = '';
        foreach ($step->pieces as $piece) {
            $html .= $piece->was === '' ? e($piece->text) : '<strong class="whitespace-nowrap">'.e($piece->text).'</strong> <s class="text-base text-soft">'.e($piece->was).'</s>';
        }

        return new HtmlString($html);
    }
}

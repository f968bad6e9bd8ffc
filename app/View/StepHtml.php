<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Method\NewNames;
use Aglyca\Core\Method\PlannedStep;
use Aglyca\Core\Method\StepUse;
use Illuminate\Support\HtmlString;

/** A step's text, with what the swap changed standing out before what it was. */
final class StepHtml
{
    public static function of(PlannedStep $step): HtmlString
    {
        $html = '';
        foreach ($step->pieces as $piece) {
            // A figure stays on its line; a list of names may break.
            $class = mb_strlen($piece->text) < 24 ? ' class="whitespace-nowrap"' : '';
            $text = e(Figures::inWords($piece->text));
            $new = $text === '' ? '' : "<strong$class>$text</strong> ";
            $html .=
                $piece->was === ''
                    ? $text
                    : $new.'<s class="text-base text-soft">'.e($piece->was).'</s>';
        }

        return new HtmlString($html);
    }

    /** What goes in at a step, weighed: "120 g almond flour, 3 g xanthan gum". */
    public static function uses(PlannedStep $step): string
    {
        return self::grams($step->uses);
    }

    /** @param  list<StepUse>  $uses */
    public static function grams(array $uses): string
    {
        return implode(
            ', ',
            array_map(
                static fn (StepUse $u): string => Figures::weighed($u->grams).' g '.NewNames::name($u->food),
                $uses,
            ),
        );
    }
}

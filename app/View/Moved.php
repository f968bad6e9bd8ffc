<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Brief;
use Illuminate\Http\Request;

/**
 * Which parts of the Bench an answer to a wish has to send: all that a wish moves, and the panel where it was wished
 * only if it does not say so already. Less to send is less to put in its place.
 */
final class Moved
{
    private const PARTS = [
        'now' => 'now',
        'outlook' => 'outlook',
        'gains' => 'ways',
        'mix' => 'triangle',
        'others' => 'ways',
        'below' => 'below',
    ];

    /** The weave itself comes group by group. */
    private const ABOUT_THE_WEAVE = ['lanes-head' => 'lanes-head', 'folded' => 'folded'];

    private const LANES = ['lanes' => 'lanes'];

    private const PANEL = ['wished' => 'wishes'];

    /** @return ?array<string, string>  id in the page => view; null where the page has to be drawn whole */
    public static function parts(Request $request, Brief $before, BenchPage $page): ?array
    {
        // A page says what it is made of: one from before an update, or that shows a fault, gets everything.
        $has = $request->header('X-Parts');
        $after = $page->conversion->brief;
        $isReadAsBefore =
            $before->but(wishes: $after->wishes, portions: $after->portions, convention: $after->convention) == $after;

        if ($has === null || ! $isReadAsBefore) {
            return null;
        }
        $weave = $page->isWoven() ? self::ABOUT_THE_WEAVE : self::LANES;
        $panel = $has === 'whole' && self::isPanelRight($request, $before, $page) ? [] : self::PANEL;

        return self::PARTS + $weave + $panel;
    }

    /** What stands in the panel's fields is what would be drawn there. */
    private static function isPanelRight(Request $request, Brief $before, BenchPage $page): bool
    {
        $after = $page->conversion->brief;
        $same = [
            'sweetener' => $after->wishes->sweetener === $before->wishes->sweetener,
            'sweetness' => $after->wishes->sweetness === $before->wishes->sweetness,
            'school' => $after->wishes->school === $before->wishes->school,
            'convention' => $after->convention === $before->convention,
            'pieces' => $after->portions == $before->portions,
        ];
        $shown = [
            'sweetener' => $after->wishes->sweetener,
            'sweetness' => Figures::count($after->wishes->percent()),
            'school' => $after->wishes->school,
            'convention' => $after->convention->value,
            'pieces' => $page->pieces(),
        ];
        // Only what was sent from the panel itself stands in it; a button elsewhere changes it from outside.
        foreach ($request->has('panel') ? $shown : [] as $field => $says) {
            $same[$field] = $request->input($field) === $says || ($same[$field] && ! $request->has($field));
        }

        return ! in_array(false, $same, true) &&
            ($after->portions->pieces === null) === ($before->portions->pieces === null) &&
            self::others($after) == self::others($before);
    }

    /** @return list<mixed> what else the panel shows of a brief, and what its choices hang on */
    private static function others(Brief $brief): array
    {
        $wishes = $brief->wishes;

        return [$wishes->families, $wishes->without, $wishes->cooler, $wishes->appliance, $brief->portions->isByMass()];
    }
}

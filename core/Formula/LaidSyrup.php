<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\Step;

/** Syrup that goes into the basin by itself, below a sponge that has sugar of its own. */
final readonly class LaidSyrup
{
    private const NAMES = '~\b(?:syrup|treacle|honey|molasses|agave)\b~iu';

    private const LAID = '~\b(?:tip|spoon|pour|put|drizzle|spread|place|divide|ladle)\b[^.;!]*\b(?:basins?|base|bottoms?|tins?|mou?lds?|ramekins?)\b~iu';

    private const FIRST_IN = '~^\W*(?:butter|grease|oil|line)\b(?:[^.;!]|\.\d)*\b(?:basins?|tins?|mou?lds?|ramekins?|pots?)\b(?:[^.;!]|\.\d)*?(?:[.;!]\s+|\s+and\s+)(?:then\s+)?(?:spoon|tip|pour|put|drizzle|ladle)\b[^.;!]*\b(?:syrup|treacle|honey|molasses|agave)\W*(?:[.;!]|$)~iu';

    /** "Butter a basin" is no butter that is mixed. */
    private const GREASED = '~^\W*butter\s+(?:an?|the|your|\d)\b~iu';

    private const MIXED = '~\b(?:butter|flours?|sugar|eggs?|batter|mixture|dough)\b~iu';

    private function __construct() {}

    /**
     * @param  list<Dose>  $doses
     * @param  list<Step>  $steps
     * @return list<int> doses that lie by themselves
     */
    public static function in(array $doses, array $steps): array
    {
        $sweet = array_filter($doses, static fn (Dose $d): bool => $d->food?->role === Role::Sweet && $d->isCounted());
        $isLiquid = static fn (Dose $d): bool => $d->food?->isLiquid() ?? false;
        $syrups = array_keys(array_filter($sweet, static fn (Dose $d): bool => $isLiquid($d) &&
            preg_match(self::NAMES, $d->text) === 1 &&
            array_filter(
                $sweet,
                static fn (Dose $o): bool => ! $isLiquid($o) && $o->component === $d->component,
            ) !== []));
        if (count($syrups) !== 1) {
            return [];
        }
        foreach ($steps as $step) {
            foreach (preg_split('~(?<=[.!?;])\s+~u', $step->text) ?: [] as $sentence) {
                // The first sentence that speaks of it decides: what is mixed in does not lie.
                if (preg_match(self::NAMES, $sentence) === 1) {
                    // "Butter a basin. Spoon in the syrup."
                    $isLaid = preg_match(self::LAID, $sentence) === 1 ||
                        preg_match(self::FIRST_IN, $step->text) === 1;

                    $rest = preg_replace(self::GREASED, '', $sentence) ?? $sentence;

                    return $isLaid && preg_match(self::MIXED, $rest) !== 1 ? $syrups : [];
                }
            }
        }

        return [];
    }
}

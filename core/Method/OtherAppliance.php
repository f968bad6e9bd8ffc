<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Family\Appliances;
use Aglyca\Core\Swap\Swap;

/** Takes the recipe's own oven, iron or pan out of a method and puts another appliance there. */
final readonly class OtherAppliance
{
    private const SENTENCES = '~[^.!?;]+(?:(?<=\d)\.(?=\d)[^.!?;]+)*[.!?;]*\s*~u';

    private const PREHEATS = '~\b(?:pre-?heat|heat(?:ed)?|turn\s+on|set|warm)\b[^.;]*\b(?:oven|waffle\s*(?:iron|maker)|iron|griddle|skillet|frying\s+pan|pan|fryer)\b|^\W*oven\b[^.;]*\d~iu';

    private const LOWERS = '~\b(?:reduce|lower|turn\s+down|turn)\b[^.;]*(?:\boven\b|\bheat\b|\d\s*°)~iu';

    private const BAKES = '~,?\s*(?:\b(?:and|then)\s+)*\b(?:re-)?(?:bak(?:e|ing)|return\w*\s+(?:it\s+)?to\s+the\s+oven|put\s+(?:it\s+|them\s+)?in(?:to)?\s+the\s+oven|microwave|steam)\b(?!\s+(?:powder|soda|paper|parchment|sheet|tray|tin|dish|case))[^.!?;]*~iu';

    private const COOKS = '~,?\s*(?:\b(?:and|then)\s+)*\b(?:cook|fry|flip|bake|microwave|griddle|brown|turn\s+(?:it|them)\s+over)\b[^.!?;]*~iu';

    /** A heat and a time without a verb: "2 lb loaf tin, 170 fan, 45 mins." */
    private const BARE = '~\d\s?(?:°|º|C\b|F\b|fan\b)[^.;]*\d\s?(?:min|hour|hr)~iu';

    /** What we add of an oven has no place in another appliance. */
    private const OURS = '~\bfoil\b|\btwo\s+sheets\b|fragile while hot~iu';

    public function __construct(private Appliances $appliances) {}

    /**
     * @param  list<PlannedStep>  $steps
     * @return list<PlannedStep>
     */
    public function in(Swap $swap, array $steps): array
    {
        $way = $this->appliances->way($swap->families, $swap->oven->appliance);
        if ($way === null) {
            return $steps;
        }
        $isOven = $swap->before->making->isBaked || $swap->before->making->isSteamed ||
            $swap->before->making->isMicrowaved || ! $swap->before->making->isKnown;
        $ours = PlannedStep::usual($way->text(), [], $way->minutes, []);
        [$planned, $isSaid] = [[], false];
        foreach ($steps as $step) {
            if ($step->isAdded() && preg_match(self::OURS, $step->text()) === 1) {
                continue;
            }
            [$cuts, $bakesAt] = self::cuts($step->text(), $isOven ? self::BAKES : self::COOKS);
            $isHere = $bakesAt !== null && ! $isSaid;
            [$left, $behind] = $isHere ? $step->parted($bakesAt) : [$step, null];
            $now = [];
            foreach ($cuts as $at => $length) {
                $now += ! $isHere || $at < $bakesAt ? [$at => $length] : [];
            }
            $left = $left->without($now);
            if (self::saysSomething($left)) {
                $planned[] = $left;
            }
            if ($behind === null) {
                continue;
            }
            [$planned[], $isSaid] = [$ours, true];
            $later = [];
            foreach ($cuts as $at => $length) {
                $later += $at >= $bakesAt ? [$at - $bakesAt => $length] : [];
            }
            $behind = $behind->without($later);
            if (self::saysSomething($behind)) {
                $planned[] = $behind;
            }
        }

        return $isSaid ? $planned : [...$planned, $ours];
    }

    private static function saysSomething(PlannedStep $step): bool
    {
        return trim($step->text(), " \t.,;") !== '' || $step->uses !== [];
    }

    /**
     * @return array{array<int, int>, ?int} byte => length of what goes; and from where it baked, null where it did not
     */
    private static function cuts(string $text, string $heats): array
    {
        preg_match_all(self::SENTENCES, $text, $sentences, PREG_OFFSET_CAPTURE);
        [$cuts, $bakesAt] = [[], null];
        foreach ($sentences[0] as [$sentence, $at]) {
            $isBare = preg_match(self::BARE, $sentence) === 1;
            if (preg_match(self::PREHEATS, $sentence) === 1 || preg_match(self::LOWERS, $sentence) === 1) {
                $cuts[$at] = strlen($sentence);
                $bakesAt ??= preg_match('~\bbake\b~iu', $sentence) === 1 ? $at : null;
            } elseif (preg_match($heats, $sentence, $m, PREG_OFFSET_CAPTURE) === 1) {
                $isWhole = trim(substr($sentence, 0, $m[0][1])) === '';
                $from = $at + ($isWhole ? 0 : $m[0][1]);
                $cuts[$from] = $isWhole ? strlen($sentence) : strlen($m[0][0]);
                $bakesAt ??= $isWhole ? $from : $at + strlen($sentence);
            } elseif ($isBare) {
                $cuts[$at] = strlen($sentence);
                $bakesAt ??= $at;
            }
        }

        return [$cuts, $bakesAt];
    }
}

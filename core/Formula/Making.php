<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\Step;

/** How a dessert is made, as far as it tells what it is and what may hurt. */
final readonly class Making
{
    private const BAKED = '~\b(?:bak(?:e|ed|ing)(?!\s+(?:powder|soda|paper|parchment|sheet|tray|tin|dish))|ovens?|(?:ge)?backen|(?:back)?ofen|ugn(?:en)?|ovn(?:en)?|grädda\w*)\b~iu';

    /** "Roast the hazelnuts at 180 °C for 10 minutes." */
    private const TOASTED = '~(?<=^|[.;!\n])[^.;!\n]*\b(?:roast|toast)(?:ed|ing)?\b[^.;!\n]*\b(?:\pL*nuts?|almonds|pecans|pistachios|coconut|seeds)\b(?:[^.;!\n]|\.\d)*[.;!]?~iu';

    private const GRIDDLED = '~\b(?:minutes?|mins?)\s+(?:a|per|each|on\s+each|every)\s+side\b|\b(?:griddle|skillet|frying\s+pan|waffle\s+(?:iron|maker))\b|\bflip\b~iu';

    private const MICROWAVED = '~\bmicrowave\b~iu';

    private const STEAMED = '~\bsteam(?:ed|ing)?\s+(?:for|\d|over|the|in)|\bpudding\s+basin\b~iu';

    /** Egg that is cooked on the hob: a custard, a sabayon. */
    private const EGG_COOKED = '~\b(?:yolks?|eggs?)\b.{0,200}?\b(?:cook|heat|thicken(?:s|ed)?|(?:till|until)\s+thick|simmer|boil|temper|double\s+boiler|coats\b|return(?:ed)?\s+(?:it\s+|all\s+)?to\s+the\s+(?:pan|heat|hob|stove))|\b(?:boiling|simmering)\b.{0,80}\b(?:yolks?|eggs?)\b|\bcook\b[^.;]{0,80}\bthick|\bover\s+(?:a\s+(?:pan|pot)\s+of\s+)?(?:gently\s+|barely\s+)?(?:simmering|boiling)\s+water\b.{0,120}?\b(?:thick|tripled|ribbon|coats)~ius';

    /** Egg that is brushed on what goes into the oven. */
    private const EGG_BRUSHED = '~\b(?:brush|glaze|paint)\w*\b[^.;]{0,60}\b(?:eggs?|yolks?|egg\s?wash)\b~iu';

    private const HEATED = '~\b(?:simmer|boil|bak(?:e|ing)\b|oven|cook|heat|hot|syrup|poach|steam|microwave)~iu';

    private const FRIED = '~\b(?:deep[- ]?fr(?:y|ied|ying)|(?:fry|fried|frying)\s+(?:them|it|each|in\s+batches|a\s+few|on\s+\pL+\s+heat|over|until|till|for\b|at\b|\d|in\s+(?:hot\s+|the\s+)?(?:hot\s+)?oil|the\s+(?:balls|dough|doughnuts|fritters|pieces|churros)))\b~iu';

    /** Butter and sugar beaten together: a cake that is made so is no foam. */
    private const CREAMED = '~\bcream(?:ed|ing)?\s+(?:together\s+)?(?:the\s+)?(?:soft(?:ened)?\s+|unsalted\s+)?(?:butter|margarine|marg|sugar)\b|\bbeat\s+(?:the\s+)?(?:soft(?:ened)?\s+)?butter\s+(?:and|with|&)\s+(?:the\s+)?(?:\pL+\s+)?sugar\b~iu';

    /** Sugar boiled until it colours, or by the thermometer; a syrup that soaks a cake only dissolves. */
    private const CARAMEL = '~\b(?:caramel\w*|amber|toffee|butterscotch|golden\s+syrup\s+colou?r|deep\s+gold|thermometer|soft[- ]ball|hard[- ]ball|thread)\b~iu';

    private const SLICED = '~\b(?:slice[sd]?|slicing|cut)\s+(?:up\s+)?(?:the\s+|each\s+)?(?<what>\pL+(?:\s+\pL+)?)~iu';

    /** Fruit that stays whole: on a stick, dipped. */
    private const WHOLE = '~\b(?:(?:each|every|whole)\s+|dip\s+(?:the\s+|each\s+)?(?:whole\s+)?|(?:stuff|fill|score|poach)(?:ed|ing)?\s+(?:(?:it|them|this)\s+)?(?:back\s+)?(?:in(?:to)?\s+)?(?:the\s+|each\s+|your\s+)?(?:whole\s+)?)(?<what>\pL+)~iu';

    private const COUNTED = '~^\W*(?<n>\d{1,2})\s+(?!k?g\b|ml\b|oz\b|lbs?\b|cups?\b)\pL~iu';

    private const CUT_UP = '~\b(?:chop|dice|grate|quarter|slice|cut|core\s+and\s+(?:slice|chop))(?!\s+(?:the\s+)?(?:top|lid|base|bottom)\b)\w*\s+(?:(?:up|and|peel|core|finely|thinly|roughly|the|them|all|each|every|your)\s+)*%1$s|\b%1$s\b[^.;]{0,40}\b(?:chop|dice|grate|quarter|slice|cut)(?:ped|d|ting|ing|s)?\s+(?:up\b|them\b|it\b|into\b|thinly\b|finely\b)~iu';

    /** To a paste; what was soaked in the sentence before is what is mashed. */
    private const MASHED = '~\b(?:mash|pur[eé]e|pur[eé]ed|blend|blitz|whi[sz]z|liquidi[sz]e|process|pulse|paste|pulp|pulpy|mushy|jammy)(?:e?d|ing)?\b|\bbreaks?\s+down\b|\bcook\b[^.;]*\buntil\s+thick\b~iu';

    private const TORCHED = '~\b(?:torch|blowtorch|br[uû]l[eé]e|caramelis|caramelize|grill|broil)~iu';

    /**
     * Signs that a text gives, each by itself.
     *
     * @param  list<string>  $sliced  words, in normal form, of what is cut to be seen: "slice the bananas"
     * @param  list<string>  $mashed  words of what is mashed, or soaked and then mashed
     * @param  list<string>  $whole  words of what stays whole, where nothing is cut up
     */
    public function __construct(
        public bool $isKnown = false,
        public bool $isBaked = false,
        public bool $isMicrowaved = false,
        public bool $isSteamed = false,
        public bool $isEggCooked = false,
        public bool $isEggBrushed = false,
        public bool $isTorched = false,
        public bool $isFried = false,
        public bool $isCreamed = false,
        public bool $isCaramel = true,
        public bool $isHeated = true,
        public bool $isBoiledHigh = false,
        public array $sliced = [],
        public array $mashed = [],
        public array $whole = [],
        public bool $isGriddled = false,
    ) {}

    /** @param  list<Step>  $steps */
    public static function of(array $steps, Constants $constants): self
    {
        $text = implode("\n", array_column($steps, 'text'));
        $isBaked = preg_match(self::BAKED, preg_replace(self::TOASTED, '', $text) ?? $text) === 1;
        $isBoiledHigh = false;
        foreach ($steps as $step) {
            foreach ($step->heats as $heat) {
                $isBaked = $isBaked || ($heat->isOven && ! self::isOfToasting($step->text, $heat->at));
                $isHigh = $heat->temperature->celsius > $constants->get('syrup-heat');
                $isBoiledHigh = $isBoiledHigh || (! $heat->isOven && $isHigh);
            }
        }

        return new self(
            $steps !== [],
            $isBaked,
            ! $isBaked && preg_match(self::MICROWAVED, $text) === 1,
            preg_match(self::STEAMED, $text) === 1,
            preg_match(self::EGG_COOKED, $text) === 1 && ! self::foldsRawWhites($text),
            $isBaked && preg_match(self::EGG_BRUSHED, $text) === 1,
            preg_match(self::TORCHED, $text) === 1,
            ! $isBaked && preg_match(self::FRIED, $text) === 1,
            preg_match(self::CREAMED, $text) === 1,
            $steps === [] || $isBoiledHigh || preg_match(self::CARAMEL, $text) === 1,
            $steps === [] || $isBaked || preg_match(self::HEATED, $text) === 1,
            $isBoiledHigh,
            self::slicing($text),
            self::mashing($steps),
            self::whole($text),
            preg_match(self::GRIDDLED, $text) === 1,
        );
    }

    /** A fruit that stays whole: an apple on a stick. */
    public function isWhole(Dose $dose): bool
    {
        $food = $dose->food;

        return $food?->role === Role::Mixin &&
            ! $food->isLiquid() &&
            array_intersect(FoodIndex::words($food->name), $this->whole) !== [];
    }

    /**
     * How many fruits stay whole, as the list counts them: as many pieces there are.
     *
     * @param  list<Dose>  $doses  as written
     * @return int 0 where none does, or its line has no count
     */
    public function wholes(array $doses): int
    {
        foreach ($doses as $dose) {
            if ($this->isWhole($dose) && preg_match(self::COUNTED, $dose->text, $m) === 1) {
                return (int) $m['n'];
            }
        }

        return 0;
    }

    /** Whether the sentence about a byte toasts nuts, which bakes nothing. */
    private static function isOfToasting(string $text, int $at): bool
    {
        preg_match_all(self::TOASTED, $text, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$sentence, $from]) {
            if ($at >= $from && $at < $from + strlen($sentence)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function whole(string $text): array
    {
        preg_match_all(self::WHOLE, $text, $found);
        $words = array_unique(FoodIndex::words(implode(' ', $found['what'])));
        $isUncut = static function (string $word) use ($text): bool {
            return preg_match(sprintf(self::CUT_UP, preg_quote($word, '~').'(?:e?s)?'), $text) !== 1;
        };

        return array_values(array_filter($words, $isUncut));
    }

    /** @return list<string> */
    private static function slicing(string $text): array
    {
        preg_match_all(self::SLICED, $text, $found);

        return array_values(array_unique(FoodIndex::words(implode(' ', $found['what']))));
    }

    /**
     * @param  list<Step>  $steps
     * @return list<string>
     */
    private static function mashing(array $steps): array
    {
        $mashed = [];
        foreach ($steps as $step) {
            $before = [];
            foreach (preg_split('~(?<=[.!?;])\s+~u', $step->text) ?: [] as $sentence) {
                $words = FoodIndex::words($sentence);
                if (preg_match(self::MASHED, $sentence) === 1) {
                    array_push($mashed, ...$words, ...$before);
                }
                $before = [...$before, ...$words];
            }
        }

        return array_values(array_unique($mashed));
    }

    /** Whether whites are whipped and nothing heats them, then or later: yolks that were cooked do not help there. */
    private static function foldsRawWhites(string $text): bool
    {
        $isRaw = false;
        foreach (preg_split('~[.;!\n]+~u', $text) ?: [] as $sentence) {
            if (
                preg_match(self::HEATED, $sentence) === 1 &&
                preg_match('~\b(?:yolks?|cream|milk|chocolate)\b~iu', $sentence) !== 1
            ) {
                $isRaw = false;
            } elseif (
                preg_match('~\bwhites?\b~iu', $sentence) === 1 &&
                preg_match('~\b(?:whip|whisk|beat|peaks?|stiff)~iu', $sentence) === 1
            ) {
                $isRaw = true;
            }
        }

        return $isRaw;
    }
}

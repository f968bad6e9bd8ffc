<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Reading\LineForm\ForACrust;

/** What can be told of one row of a recipe's text by itself. */
final readonly class RowSigns
{
    private const LONGEST = 400;

    /** "1.2 l basin", "20 cm square tin": what it is made in is no ingredient. */
    public const TIN_ALONE = '~^\W*\d+(?:[.,]\d+)?(?:\s*-?\s*(?:l|litres?|liters?|ml|pints?|quarts?|cm|inch(?:es)?|in|")\.?|(?:\s*"|\s?in(?:ch)?)?\s*[x×]\s*\d+(?:\s*-?\s*(?:cm|inch(?:es)?|in|"))?\.?)[\s-]+(?:\pL+\s+){0,3}(?:basin|tin|pan|dish|mou?ld|bowl|springform|casserole)s?(?:[\s,]+(?:lined|greased|buttered|oiled))*\W*$~iu';

    private const INGREDIENTS = '~^\W*(?:the\s+)?(?:ingredients?|you(?:\s+will|\'ll)?\s+need|what\s+you(?:\'ll|\s+will)?\s+need|shopping\s+list|zutaten|ingredienser)\b[^\d]{0,30}$~iu';

    private const METHOD = '~^\W*(?:(?:the\s+)?method|instructions?|directions?|steps?|preparation|procedure|how\s+to(?:\s+make(?:\s+it)?)?|to\s+make|making\s+it|zubereitung|what\s+to\s+do)\W*$~iu';

    private const ASIDE = '~^\W*(?:(?:recipe|cook\'?s?|my)?\s*notes?|tips?(?:\s+\pL+){0,3}|nutrition(?:al)?(?:\s+\pL+){0,2}|storage|storing|to\s+store|equipment|special\s+equipment|per\s+(?:serving|piece|bite|slice|cookie|biscuit|bar|muffin|portion|ball)|variations?|substitutions?|faqs?|calories)\b\W*$~iu';

    private const META = '~^\W*(?:(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|chill(?:ing)?|active|rest(?:ing)?|setting|proving|freezing|inactive|hands[- ]on)(?:\s+time)?\s*[:=]|(?:(?:prep|cook|total|chill)(?:\s+time)?|bake\s+time)\s+\d[^.]{0,30}$|(?:difficulty|course|cuisine|author|by|source|rating|category|keywords?|calories|equipment|published|updated|diet|level|skill)\s*[:=]|(?:from|to|sent|cc|bcc|date)\s*:\s+\S)~iu';

    private const CHATTER = '~(?:^\W*sent\s+from\s+my\b|^\W*(?:\pL+\s+){1,2}x{2,5}\W*$|\bhttps?://|\bwww\.|\breviews?\b|\bratings?\b|\bstars?\b\W*$|^\W*(?:jump\s+to|print(?:\s+(?:this|the|recipe))?|pin\s+(?:it|this|recipe)|save\s+(?:this|recipe)|share(?:\s+(?:this|on))?|rate\s+this|leave\s+a|subscribe|advertisement|sponsored|photo|image|scroll|skip\s+to|click\s+(?:here|on|the|to|below|for|image)|follow\s+me|comments?|read\s+more|serving\s+size|this\s+post)\b|^\W*(?:(?:much\s+)?love|cheers|regards|kind\s+regards|best\s+wishes|yours|enjoy)\b\W{0,3}(?:\pL+\W*){0,3}$|©|\b(?:affiliate|newsletter)\b)~iu';

    private const NUTRITION = '~\b\d+(?:[.,]\d+)?\s*(?:kcal|calories|cals?|kj)\b|\b(?:net\s+)?carbs?\b\s*[:=]?\s*\d|\d\s*g?\s+(?:net\s+)?carbs?\b~iu';

    private const LEAD = '~^\s*(?:(?:so|then|and|now|ok(?:ay)?|well|first|next|also|plus|right|basically)[,\s]+)*(?:(?:you|we|i|she|he|they|mum|dad|grandma|gran|nan)(?:\'ll|\s+will|\s+then|\s+also|\s+always|\s+usually|\s+just)?\s+)?(?:(?:take|takes|took|need|needs|want|use|uses|used|put|puts|have|get|add|adds|go\s+for|throw\s+in|put\s+in)\s+(?:in\s+)?)?(?:also\s+)?(?=\S)~iu';

    private const STEP_NUMBER = '~^(?:\d{1,2}[.):]\s+(?=\pL)|step\b)~iu';

    /** "1 Beat butter and sugar. Add the egg.": a number, a capital, and more than one sentence or clause. */
    private const NUMBERED = '~^\d{1,2}\s+(?<work>\p{Lu}\pL+\s.*[.;,].*)$~u';

    private const TIMES = '~\d\s?(?:°|º|minutes?\b|mins?\b|hours?\b|hrs?\b)|\b\d{3}\s?[FC]\b~iu';

    private string $amountLed;

    private string $amountBehind;

    private string $bullet;

    /** Bytes at the beginning of a row in which its amount begins. */
    private const BEGINNING = 60;

    public function __construct(
        private UnitTable $units,
        private Yields $yields,
        private FoodIndex $foods,
        private Larder $larder,
        private Words $words,
        private Doing $doing,
        private Lexer $lexer,
    ) {
        $digit = $words->digit;
        $this->bullet = '~^\s*(?:[-–—*•·▢☐□✓◦▪●]\s*|\[[ x]?\]\s*|\(\s*|\d{1,2}[.)]\s+(?='.$digit.'))~u';
        $loose = 'about|approx\.?|around|scant|heaped|heaping|generous|rounded|level|ca\.?|\~';
        $this->amountLed =
            '~^(?:optional(?:ly)?\s*[:,]\s*)?(?:[-−]?\d|['.
            $words->signs.
            ']|\~\s*'.
            $digit.
            '|(?:'.
            $loose.
            ')\s+(?:'.
            $digit.
            '|an?\b)'.
            '|(?:'.
            $words->wholes.
            '|half|a\s+(?:good\s+|big\s+|small\s+|large\s+|heaped\s+|scant\s+|level\s+)?(?:pinch|dash|cup|few|little|handful|drop|stick|splash|couple|quarter|half|third|knob|scant|heaped|teaspoon|tablespoon|dessertspoon|tsp|tbsp|generous|glug|grating|squeeze|sprinkle|sprig|block|packet|tin|can|bag|tub|pot|jar|box|bunch|slice|piece|pound|bit|drizzle|lump|walnut|dollop|teacup)'.
            '|an?\s+egg|an?\s+(?:\pL+\s+){0,2}(?:lemon|orange|lime|apple|banana|egg)|a\s+dozen|the\s+(?:juice|zest|whites?|yolks?|grated)|juice|zest|grated\s+zest|finely\s+grated\s+zest|pinch|dash|handful|knob|squeeze|splash|drizzle|glug|drop|drops|good\s+pinch|walnut[- ]size[d]?'.
            '|whites?\s+of|yolks?\s+of)\b)~iu';
        $this->amountBehind =
            '~[\s:(–-](?:\d+(?:[.,/]\d+)?|\d*\s?['.
            $words->signs.
            ']|a)\s*(?<unit>\pL+\.?)?\s*\)?(?:\s*\([^)]*\))?\s*(?:,.*)?$~u';
    }

    public function isIngredientsHeading(string $row): bool
    {
        // "Ingredients (serves 6)"
        return preg_match(self::INGREDIENTS, preg_replace('~\s*\([^()]{1,40}\)(?=\W*$)~u', '', $row) ?? $row) === 1;
    }

    public function isMethodHeading(string $row): bool
    {
        return preg_match(self::METHOD, $row) === 1;
    }

    public function isAside(string $row): bool
    {
        return preg_match(self::ASIDE, $row) === 1 ||
            preg_match('~^\W*(?:notes?|tips?|storage|nutrition|per\s+(?:serving|piece|bite|slice|cookie|biscuit|bar|muffin|portion|ball))\s*[:=]~iu', $row) === 1;
    }

    public function isMeta(string $row): bool
    {
        return preg_match(self::META, $row) === 1;
    }

    public function isChatter(string $row): bool
    {
        return preg_match(self::CHATTER, $row) === 1 || preg_match('~^\W*$~u', $row) === 1;
    }

    public function isNutrition(string $row): bool
    {
        return preg_match(self::NUTRITION, $row) === 1;
    }

    /** What is said around an amount when a recipe is told: "so you take one and a half cups of flour". */
    public function withoutLead(string $row): string
    {
        $body = trim(preg_replace($this->bullet, '', $row) ?? $row);
        $rest = preg_replace(self::LEAD, '', $body, 1) ?? $body;

        return $rest !== $body && preg_match($this->amountLed, $rest) === 1 ? $rest : $body;
    }

    /** It begins with what is done. */
    public function isDoing(string $row): bool
    {
        return $this->doing->begins($row) && preg_match($this->amountLed, $this->withoutLead($row)) !== 1;
    }

    /** It reads like a sentence of the method, or like talk. */
    public function isSentence(string $row): bool
    {
        return preg_match('~[.!?]\s*$~u', $row) === 1 && preg_match_all('~\pL+~u', $row) > 5;
    }

    /** The row with figures for a number of words at its beginning: "one cup water" as "1 cup water". */
    public function figures(string $row): string
    {
        $first = strtolower(substr($row, 0, strcspn($row, " \t-")));
        if ($first !== 'a' && $first !== 'an' && $this->words->word($first) === null) {
            return $row;
        }
        foreach ($this->lexer->cut(mb_strcut($row, 0, self::BEGINNING)) as $token) {
            if ($token->kind === TokenKind::NumberWord && $token->value !== null && $token->lower !== 'few') {
                return substr($row, 0, $token->at).rtrim(rtrim(sprintf('%.3f', $token->value), '0'), '.')
                    .substr($row, $token->end());
            }
            if ($token->kind !== TokenKind::Sign) {
                break;
            }
        }

        return $row;
    }

    public function isIngredient(string $row): bool
    {
        $row = $this->figures($row);
        if (
            $row === '' ||
            mb_strlen($row) > self::LONGEST ||
            ($this->yields->isYield($row) && ! $this->isCountedFood($row)) ||
            $this->isNutrition($row) ||
            preg_match(self::TIN_ALONE, $row) === 1 ||
            $this->doing->isPassive($row)
        ) {
            return false;
        }
        if (preg_match(self::STEP_NUMBER, $row) === 1 && $this->doing->begins($row)) {
            return false;
        }
        if (
            preg_match(self::NUMBERED, $row, $m) === 1 &&
            $this->doing->begins($m['work']) &&
            ! $this->foods->find(preg_split('~[,.;(]~u', $m['work'])[0] ?? '')->sure
        ) {
            return false;
        }
        $body = $this->withoutLead($row);
        if (ForACrust::isOne($body)) {
            return true;
        }
        if ($this->doing->begins($body) && preg_match(self::TIMES, $body) === 1) {
            return false;
        }
        if (preg_match($this->amountLed, $body) === 1) {
            return preg_match('~\pL~u', $body) === 1 &&
                preg_match(
                    '~^\d+(?:\s?(?:-|–|to)\s?\d+)?\s*(?:minutes?|mins?|hours?|hrs?|seconds?)\b|^\d+\s?[°º]|^\d{3}\s?[FC]\b|^\d+[.):]\s*\pL.*[.!]$~iu',
                    $body,
                ) !== 1 &&
                ! $this->isLongSentence($body);
        }

        return mb_strlen($row) < 100 &&
            ! $this->doing->begins($row) &&
            preg_match($this->amountBehind, $row, $m) === 1 &&
            (($m['unit'] ?? '') === ''
                ? preg_match('~^[\pL\s]+[:x×–-]\s*\d+$~u', $row) === 1
                : $this->units->named($m['unit']) !== null);
    }

    /** Surely one: a measure and a unit, or a number of something that the larder knows. */
    public function isSurelyIngredient(string $row): bool
    {
        $row = $this->figures($row);
        if (! $this->isIngredient($row)) {
            return false;
        }
        $body = $this->withoutLead($row);
        if (
            preg_match('~^\W*\pL~u', $row) === 1
                && preg_match($this->amountBehind, $row, $m, PREG_OFFSET_CAPTURE) === 1 &&
            $this->foods->find(substr($row, 0, $m[0][1]))->sure
        ) {
            return true;
        }
        if (
            preg_match(
                '~^\W*[\d'.$this->words->signs.'.,/\s–-]*\s*\(?(?<unit>\pL+)\.?\s+(?<rest>\pL.*)$~u',
                $body,
                $m,
            ) !== 1
        ) {
            if (
                preg_match('~^\W*\d[\d'.$this->words->signs.'.,/\s–-]*(?<food>\pL+)\W*$~u', $body, $m) === 1 &&
                $this->foods->find($m['food'])->sure
            ) {
                return true;
            }

            return preg_match(
                '~^\W*[\d'.$this->words->signs.'.,/\s–-]+(?:g|kg|ml|oz|lb|tsp|tbsp|cups?|dl)\b~iu',
                $body,
            ) === 1;
        }
        $unit = $this->units->named($m['unit']);
        $first = preg_split('~[,(;]~u', $m['rest'])[0] ?? '';

        return ($unit !== null && $this->foods->find($first)->food !== null)
            || $this->foods->find(preg_split('~[,(;]~u', $m['unit'].' '.$m['rest'])[0] ?? '')->sure;
    }

    /**
     * So many of what the larder knows by that very name: "24 chocolate sandwich cookies" are crumbs for the base, not
     * what it makes.
     */
    public function isCountedFood(string $row): bool
    {
        return preg_match('~^\W*\d+\s+(?:(?:small|medium|large|big)\s+)?(?<food>\pL+(?:[\s-]\pL+)+)\s*(?:[,(].*)?$~u', $row, $m) === 1 &&
            ($this->foods->isName($m['food']) ||
                // "4 squares semi-sweet chocolate": so many pieces of a food.
                $this->foods->isName((string) preg_replace('~^\pL+s\s+~u', '', $m['food'])));
    }

    /**
     * A food by its own name, without an amount and without the signs of a heading: "Powdered erythritol for dusting".
     */
    public function isBareFood(string $row): bool
    {
        $name =
            preg_replace(
                '~\s(?:to\s+(?:serve|decorate|finish|taste|dust)|for\s.*)$~iu',
                '',
                preg_replace($this->bullet, '', $row) ?? $row,
            ) ?? $row;

        $both = preg_split('~\s+(?:and|&)\s+~iu', trim($name)) ?: [];
        if (
            $name !== $row &&
            count($both) === 2 &&
            $this->foods->find($both[0])->sure &&
            $this->foods->find($both[1])->sure
        ) {
            // "Butter and cocoa for the ramekins"
            return true;
        }

        return mb_strtoupper($row) !== $row && ! $this->words->isPart(trim($name)) && $this->foods->find($name)->sure;
    }

    /** A word or two that season, and are no part of a dessert: "Salt", "Vanilla". */
    public function isSeasoning(string $row): bool
    {
        $food = $this->foods->find(trim($row, " \t.*•-"))->food;
        $role = $food === null ? null : $this->larder->find($food)?->role;

        return in_array($role, [Role::Flavour, Role::Lift], true) ||
            (preg_match_all('~\pL+~u', $row) < 5 && preg_match('~\b(?:salt|water|oil|spray)\b~iu', $row) === 1);
    }

    private function isLongSentence(string $body): bool
    {
        return mb_strlen($body) > 140 &&
            preg_match('~[.!]\s+\p{Lu}~u', $body) === 1 &&
            preg_match('~^[^.]{0,60}\b(?:g|ml|cups?|tbsp|tsp|oz)\b~iu', $body) !== 1;
    }
}

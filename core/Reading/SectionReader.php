<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Quantity\UnitTable;

/** Tells title, yield, headings, ingredients and steps of a recipe's text apart. */
final readonly class SectionReader
{
    private const INGREDIENTS = '~^\W*(?:ingredients?|you(?:\s+will|\'ll)?\s+need|what\s+you\s+need|shopping\s+list)\b[^\d]{0,30}$~iu';

    private const METHOD = '~^\W*(?:method|instructions?|directions?|steps?|preparation|procedure|how\s+to\s+make(?:\s+it)?|to\s+make)\W*$~iu';

    private const ASIDE = '~^\W*(?:notes?|tips?|nutrition(?:al)?(?:\s+\w+)?|storage|equipment|per\s+serving|calories)\b\W*$~iu';

    private const META = '~^\W*(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|chill(?:ing)?|active|rest(?:ing)?|difficulty|course|cuisine|author|source|rating|category|keywords?|calories|equipment)(?:\s+time)?\s*[:=]~iu';

    private const VERB = '~^(?:\d+[.):]\s*|step\s+\d+[.:)]?\s*|[-–•*]\s*)?(?:first|then|next|now|finally|meanwhile|in\s+an?|in\s+the|once|when|while|using|with\s+(?:an?|the)|on\s+a|into\s+a|after|to\s+(?:make|serve|assemble)|for\s+the\s+\w+[,:]?\s+(?:mix|beat|whisk|melt|stir)|pre-?heat|heat|mix|beat|cream(?!\s+(?:cheese|of\b))|fold|bake|whisk|stir|combine|pour|melt|line|grease|butter\s+(?:and|a|the)|add|cool|let|leave|chill|roll|place|put|spread|press|sift|remove|transfer|divide|cut|serve|drop|scoop|shape|set|bring|spoon|refrigerate|freeze|rub|knead|blend|process|pulse|turn|take|make|prepare|whip|sprinkle|arrange|cover|allow|store|brush|dust|decorate|drizzle|simmer|boil|cook|toast|return|slice|drain|dissolve|gently|carefully|slowly|gradually|repeat|rest|unmould|invert|tip|scrape|separate|warm|microwave|top)\b~iu';

    private const FOR_THE = '~^\W*(?:for\s+(?:the\s+)?|the\s+)?(?<name>[\pL][\pL\s&\'’-]{1,40}?)\s*(?:ingredients)?\s*:\s*$|^\W*for\s+(?:the\s+)?(?<name2>[\pL][\pL\s&\'’-]{1,40})$~iu';

    /** How many it makes, said after the method. */
    private const LAST_YIELD = '~^\W*(?:makes|serves|yields?)\b[^.]{1,50}\.?$~iu';

    private const MARK = '~^\s*[▢☐□✓•*·-]\s*~u';

    /** Headings that stand without "for the" and without a colon, before an ingredient. */
    private const PART = '~^\W*(?:the\s+)?(?<name>(?:[\pL’\'-]+\s+){0,2}?(?:crust|base|pastry|dough|batter|filling|topping|glaze|icing|frosting|crumble|streusel|ganache|coating|garnish|drizzle|layer|sponge|assembly|cookies|biscuits|cakes?|cupcakes|muffins|brownies|blondies|bars|loaf|tart|cheesecake|waffles|pancakes|scones)|to\s+(?:finish|serve|decorate|assemble))\W*$~iu';

    public function __construct(private UnitTable $units, private YieldReader $yields, private Words $words) {}

    /** @param  list<string>  $rows without blank ones */
    public function sections(array $rows): Sections
    {
        $title = '';
        $yield = '';
        $components = [''];
        $component = 0;
        $ingredients = [];
        $steps = [];
        $mode = 'preamble';
        $headed = false;
        $methodAt = array_key_last(array_filter($rows, static fn (string $row): bool => preg_match(self::METHOD, preg_replace('~^#{1,6}\s+|\*\*|__~', '', $row) ?? $row) === 1));
        foreach ($rows as $i => $row) {
            $row = preg_replace('~^#{1,6}\s+|\*\*|__~', '', $row) ?? $row;
            if (preg_match(self::INGREDIENTS, $row) === 1) {
                [$mode, $headed] = ['ingredients', true];
            } elseif (preg_match(self::METHOD, $row) === 1) {
                $mode = 'method';
            } elseif (preg_match(self::ASIDE, $row) === 1) {
                $mode = 'aside';
            } elseif (preg_match(self::META, $row) === 1) {
                continue;
            } elseif ($this->yields->isYield($row) && ($mode !== 'method' || ($yield === '' && preg_match(self::LAST_YIELD, $row) === 1))) {
                $yield = $yield === '' ? $row : $yield;
            } elseif ($mode !== 'aside' && $this->isComponent($row, $mode, $rows[$i + 1] ?? '')) {
                $component = $this->component($row, $components, $component, $ingredients);
                $mode = $this->isIngredient($rows[$i + 1] ?? '') ? 'ingredients' : $mode;
            } elseif ($mode === 'aside') {
                continue;
            } elseif ($mode !== 'method' && (($headed && $i < $methodAt) || $this->belongsToIngredients($row, $mode, $headed))) {
                // Between the two headings everything is an ingredient, whatever it begins with: "Cream cheese (8 oz)".
                $ingredients[] = new IngredientRow(mb_substr($row, 0, 400), $component);
                $mode = 'ingredients';
            } elseif ($ingredients === [] && $mode === 'preamble') {
                $title = $title === '' ? $row : $title;
            } else {
                $mode = 'method';
                $steps[] = preg_replace('~^(?:\d{1,2}[.):]\s*|step\s+\d+[.:)]?\s*|[-–•*]\s+)~iu', '', $row) ?? $row;
            }
        }

        return new Sections(self::title($title), $yield, array_values($components), $ingredients, $steps);
    }

    private static function title(string $row): string
    {
        $row = trim(preg_replace('~^(?:title|recipe|name)\s*:\s*~iu', '', $row) ?? $row);

        return $row === '' ? 'Untitled dessert' : mb_substr($row, 0, 120);
    }

    /**
     * @param  array<int, string>  $components
     * @param  list<IngredientRow>  $ingredients
     */
    private function component(string $row, array &$components, int $current, array $ingredients): int
    {
        $name = preg_match(self::FOR_THE, $row, $m) === 1 ? trim($m['name'].($m['name2'] ?? '')) : trim($row, " \t:*-–—#");
        $name = mb_strtoupper(mb_substr($name, 0, 1)).mb_substr(mb_strtolower($name), 1);
        if (array_filter($ingredients, static fn (IngredientRow $l): bool => $l->component === $current) === []) {
            $components[$current] = $name;

            return $current;
        }
        $components[] = $name;

        return count($components) - 1;
    }

    private function isComponent(string $row, string $mode, string $next): bool
    {
        if ($mode === 'method' || preg_match("~{$this->words->digit}~u", $row) === 1 || $this->units->named($row) !== null) {
            return false;
        }
        if (preg_match(self::FOR_THE, $row) === 1) {
            return $mode === 'ingredients' || $this->isIngredient($next);
        }

        return $this->isIngredient($next) && ($mode === 'ingredients' || preg_match('~^(?:\P{L}*\pL+\P{L}*)$~u', $row) === 1)
            && (preg_match(self::PART, $row) === 1 || self::isShouted($row, $next) || (mb_strlen($row) < 40 && preg_match(self::MARK, $next) === 1 && preg_match(self::MARK, $row) !== 1));
    }

    /** A few words in capitals above a line that is not: "FILLING". */
    private static function isShouted(string $row, string $next): bool
    {
        return preg_match('~^\W*(?:\p{Lu}{3,}[\s&’\'-]*){1,4}\W*$~u', $row) === 1 && preg_match('~\p{Ll}{2}~u', $next) === 1;
    }

    private function belongsToIngredients(string $row, string $mode, bool $headed): bool
    {
        if ($this->isIngredient($row)) {
            return true;
        }

        // Under a heading, and among other ingredients, a line without an amount is one too: "Salt".
        return $mode === 'ingredients' && ($headed || mb_strlen($row) < 40) && mb_strlen($row) < 140
            && preg_match(self::VERB, $row) !== 1 && preg_match('~[.!?]$~u', $row) !== 1;
    }

    public function isIngredient(string $row): bool
    {
        if ($row === '' || mb_strlen($row) > 160 || preg_match('~^\d{1,2}[.):]\s+(?=\pL)|^step\s~iu', $row) === 1 && preg_match(self::VERB, $row) === 1) {
            return false;
        }
        if (preg_match(self::VERB, $row) === 1 && preg_match('~\d\s?(?:°|minutes?\b|mins?\b|hours?\b)~iu', $row) === 1) {
            return false;
        }
        $body = preg_replace('~^\s*(?:[-–—*•·▢☐□✓]\s*|\d{1,2}[.)]\s+(?='.$this->words->digit.'))~u', '', $row) ?? $row;
        if (preg_match('~^(?:[-−]?\d|['.$this->words->signs.']|(?:about|approx\.?|scant|heaped|heaping|generous)\s+'.$this->words->digit.'|(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|half|a\s+(?:pinch|dash|cup|few|little|handful|drop|stick|splash|couple|quarter|half|knob|scant|heaped|teaspoon|tablespoon|generous)|an?\s+egg|a\s+dozen|juice|zest|grated\s+zest|finely\s+grated\s+zest|pinch|dash|handful|knob|splash|drizzle)\b)~iu', $body) === 1) {
            return preg_match('~\pL~u', $body) === 1 && preg_match('~^\d+\s*(?:minutes?|mins?|hours?|hrs?)\b|^\d+[.):]\s*\pL.*[.!]$~iu', $body) !== 1;
        }

        return mb_strlen($row) < 100 && preg_match(self::VERB, $row) !== 1
            && preg_match('~[\s:(–-](?:\d+(?:[.,/]\d+)?|['.$this->words->signs.']|a)\s*(?<unit>\pL+\.?)?\s*\)?(?:\s*\([^)]*\))?\s*(?:,.*)?$~u', $row, $m) === 1
            && (($m['unit'] ?? '') === '' ? preg_match('~^[\pL\s]+[:x×–-]\s*\d+$~u', $row) === 1 : $this->units->named($m['unit']) !== null);
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Reading\Doing;
use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\RecipeReader;

/** A recipe that somebody tells in sentences: what goes in stands within what is done. */
final readonly class Narrated
{
    private const SENTENCE = '~(?<=[.!?])\s+|(?<=\.)(?=\p{Lu})~u';

    private const PART = '~\b(?:the|for|a|an)\s+(?:\pL+\s+){0,2}?(?<part>filling|topping|base|pastry|crust|case|sponge|icing|frosting|sauce|glaze|syrup|crumble|dough|batter|custard|caramel|ganache)\b~iu';

    /** "For the choux: heat the oven" */
    private const HEADED = '~^(?<head>(?:for\s+(?:the\s+)?)?\pL+(?:\s+(?:and\s+)?\pL+){0,3})\s*:\s+(?=\S)~iu';

    /** What stands before the first thing that is done, where more is done in the same sentence. */
    private const LED = '~^(?:(?:so|ok(?:ay)?|right|well|now)[,\s]+)*(?:for\s+(?:the|my|our)\s+(?<title>[\pL\s\'’-]{3,40}?)\s*,?\s+)?(?:it[\'’]s\s+[\pL\s]+,\s*)?(?:you|we|i)\s+(?:just\s+)?(?=(?:take|get|mash|mix|beat|whisk|melt|put|use|start|crack|cream)\b[^.]*,\s*(?:and\s+|then\s+)*(?:add|crack|mix|stir|beat|whisk|fold|pour|put|mash|throw|chuck)\b)~iu';

    /** "A bit of butter, maybe a tablespoon", "maple syrup, I use about three tablespoons" */
    private const BEHIND = '~\b(?:a\s+bit\s+of\s+|some\s+|with\s+|of\s+)?(?<food>(?!of\b)\pL+(?:\s(?!of\b)\pL+)?)\s*,\s*(?:(?:i\s+use|maybe|say|like|probably|about)\s+)+(?<amount>[\pL\d.,½¼¾\s]{1,20}?\s(?:tablespoons?|teaspoons?|tbsp|tsp|cups?|grams?|g|ml))\b~iu';

    /** "Half a cup of", "a teaspoon of": said on the list, and no more where it goes in. */
    private const MEASURED = '~\b(?:about\s+)?(?:half\s+an?|an?|one|two|three|four|\d+)\s+(?:heaped\s+|level\s+|big\s+|good\s+|little\s+)?(?:teaspoon|tablespoon|cup|pinch|handful|splash)s?\s+of\s+~iu';

    /** Things of a part that is told, at least. */
    private const FEWEST = 3;

    /** "70 g of the sugar", "the remaining 2 eggs": they are on the list already. */
    private const SHARED = '~\b(?:of\s+(?:the|this|it)|remaining|reserved|rest\s+of|left)\b~iu';

    /** Words before the only thing of a sentence that does something with it, whatever it begins with. */
    private const FAR = 40;

    public function __construct(
        private Measured $measured,
        private Doing $doing,
        private Lexer $lexer,
    ) {}

    /**
     * Every row that was taken for an ingredient says what is done with it, and one of them with several.
     *
     * @param  list<string>  $ingredients
     */
    public function isTold(array $ingredients): bool
    {
        $many = false;
        foreach ($ingredients as $row) {
            $things = $this->measured->in($row);
            if (! $this->doing->begins($row) && ! $this->does($row, $things)) {
                return false;
            }
            $many = $many || count($things) > 1;
        }

        return $many;
    }

    /**
     * A part that is told below the method of the rest, amounts and all: "Rum sauce: melt 1/2 cup butter with 1 cup
     * sugar". What is of something that was listed is no more of it.
     *
     * @param  list<string>  $parts  that have a list of their own
     * @return list<Cell> its name and its things; none where it is none
     */
    public function part(string $step, array $parts): array
    {
        if (preg_match(self::HEADED, $step, $m) !== 1 || stripos($m['head'], 'first') === 0) {
            return [];
        }
        $head = mb_strtolower(preg_replace('~^(?:for\s+)?(?:the\s+)?~iu', '', $m['head']) ?? '');
        $things = $this->measured->in(substr($step, strlen($m[0])));
        foreach ($parts as $part) {
            if ($part !== '' && (str_contains(mb_strtolower($part), $head)
                || str_contains($head, mb_strtolower($part)))) {
                return [];
            }
        }

        return count($things) < self::FEWEST || preg_match(self::SHARED, $step) === 1
            ? []
            : [new Cell("$m[head]:", Fate::Heading), ...self::ingredients($things)];
    }

    /** @return list<MeasuredThing> */
    public function things(string $row): array
    {
        return $this->measured->in($row);
    }

    /**
     * @param  list<string>  $rows
     * @param  string  $title  empty where the first sentence may be it
     * @return list<Cell> the title if it is told, things and parts, then what is done; none where no thing is told
     */
    public function cells(array $rows, string $title): array
    {
        // A row that begins with what is done begins a sentence.
        foreach ($rows as $i => $row) {
            $isOpen = preg_match('~[.!?,;:]$~u', $row) !== 1 && $this->doing->begins($rows[$i + 1] ?? '');
            $rows[$i] = $isOpen ? "$row." : $row;
        }
        $sentences = preg_split(self::SENTENCE, implode(' ', $rows)) ?: [];
        $told = '';
        if ($title === '' && count($sentences) > 1 && $this->isTitle($sentences[0])) {
            $told = self::titleOf((string) array_shift($sentences));
        }
        if ($title === '' && $told === '' && preg_match(self::HEADED, $sentences[0] ?? '', $m) === 1
            && preg_match('~^for\s~iu', $m['head']) !== 1) {
            [$told, $sentences[0]] = [$m['head'], substr($sentences[0], strlen($m[0]))];
        }
        [$things, $steps, $part] = [[], [], ''];
        foreach ($sentences as $sentence) {
            if (count($things) > RecipeReader::MOST_THINGS) {
                break;
            }
            $sentence = trim($sentence);
            if (preg_match(self::LED, $sentence, $lead) === 1 && count($this->measured->in($sentence)) > 1) {
                // "Okay so for the pancakes you take two bananas and mash them, then crack in two eggs"
                $told = $title === '' && $told === '' ? ucfirst(trim($lead['title'] ?? '')) : $told;
                $sentence = ucfirst(substr($sentence, strlen($lead[0])));
                array_push($things, ...$this->named($sentence));
                // What leads in is no work, and is not lost.
                $steps[] = new Cell(trim($lead[0]), Fate::Chatter);
                $steps[] = new Cell(preg_replace(self::MEASURED, '', $sentence) ?? $sentence);

                continue;
            }
            $found = $this->measured->in($sentence);
            $isDone = $found === [] || $this->doing->begins($sentence) || $this->does($sentence, $found)
                || (count($found) === 1 && $found[0]->at > self::FAR);
            $head = $this->partOf($sentence, $found, $isDone);
            if ($head !== '' && $head !== $part) {
                $part = $head;
                $things[] = new Cell("$head:", Fate::Heading);
            }
            array_push($things, ...$isDone ? $this->named($sentence) : self::ingredients($found));
            $steps[] = new Cell($sentence, $isDone ? null : Fate::Note);
        }
        $isThing = array_filter($things, static fn (Cell $cell): bool => $cell->fate === Fate::Ingredient) !== [];

        return $isThing ? [...$told === '' ? [] : [new Cell($told, Fate::Title)], ...$things, new Cell('Method'), ...$steps] : [];
    }

    /**
     * The part of the dessert that a sentence is of, where it says so.
     *
     * @param  list<MeasuredThing>  $found
     */
    private function partOf(string $sentence, array $found, bool $isDone): string
    {
        if (preg_match(self::HEADED, $sentence, $m) === 1) {
            return $m['head'];
        }
        $lead = $found === [] || $isDone ? '' : substr($sentence, 0, $found[0]->at);

        return preg_match(self::PART, $lead, $m) === 1 ? 'For the '.mb_strtolower($m['part']) : '';
    }

    /**
     * A verb stands beside the things: "you simmer", "are beaten".
     *
     * @param  list<MeasuredThing>  $things
     */
    private function does(string $sentence, array $things): bool
    {
        foreach ($this->lexer->tokens($sentence) as $token) {
            foreach ($things as $thing) {
                if ($token->at >= $thing->at && $token->at < $thing->end) {
                    continue 2;
                }
            }
            if (isset($token->forms['<doing>']) || isset($token->forms['<done>'])) {
                return true;
            }
        }

        return false;
    }

    /** No thing is measured in it, or more stands behind the only one: "Two egg mug cake." */
    private function isTitle(string $sentence): bool
    {
        $things = $this->measured->in($sentence);
        if ($this->doing->begins($sentence) || $this->does($sentence, $things)) {
            return false;
        }

        return $things === [] ||
            (count($things) === 1 && $things[0]->at === 0 && $things[0]->end < strlen(rtrim($sentence, ' .!')));
    }

    /** "So this is my gran's treacle tart." is the tart. */
    private static function titleOf(string $sentence): string
    {
        $said = preg_replace(
            '~^(?:(?:so|ok(?:ay)?|right|well|now)[,\s]+)*(?:(?:this|here|that)(?:\s+is|[\'’]s)\s+)?(?:how\s+(?:i|we)\s+make\s+)?(?:the|my|our|a|an)?\s*~iu',
            '',
            $sentence,
        );

        return ucfirst(rtrim(trim($said ?? $sentence), ' .!:'));
    }

    /**
     * What a sentence of the method puts in with its amount.
     *
     * @return list<Cell>
     */
    private function named(string $sentence): array
    {
        // The amount that is said behind a thing is put before it.
        $sentence = preg_replace_callback(
            self::BEHIND,
            static fn (array $m): string => "$m[amount] of $m[food]",
            $sentence,
        ) ?? $sentence;

        return self::ingredients($this->measured->in($sentence));
    }

    /**
     * @param  list<MeasuredThing>  $things
     * @return list<Cell>
     */
    private static function ingredients(array $things): array
    {
        return array_map(static fn (MeasuredThing $t): Cell => new Cell($t->text, Fate::Ingredient), $things);
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Reading\Document\Cell;
use Aglyca\Core\Reading\Document\CellKind;
use Aglyca\Core\Reading\Document\Layouts;
use Aglyca\Core\Reading\Document\Things;

/**
 * Tells title, yield, headings, ingredients, steps, notes and chatter of a recipe's text apart: every row has a fate.
 */
final readonly class SectionReader
{
    public const UNTITLED = 'Untitled dessert';

    private const LONGEST_TITLE = 120;

    private const FOR_THE = '~^\W*(?:for\s+(?:the\s+)?|the\s+)?(?<name>[\pL][\pL\s&,\'’-]{1,40}?)\s*(?:ingredients)?\s*:\s*$|^\W*for\s+(?:the\s+)?(?<name2>[\pL][\pL\s&,\'’-]{1,40})$~iu';

    private const TO = '~^\W*to\s+(?:finish|serve|decorate|assemble|dip|glaze|coat|top|roll|garnish|dust|fill|drizzle|sprinkle|accompany)\b[\pL\s]{0,20}:?\W*$~iu';

    /** "For a 26 cm tin, 12 pieces" */
    private const TIN_AND_YIELD = '~^\W*(?<tin>(?:(?:for|in|fits)\s+)?(?:an?\s+)?(?:\pL+\s+)?\d[^,;|]*\b(?:tin|pan|dish|mould|springform)\b[^,;|]*?)\s*[,;|–-]\s*(?<yield>.*\d.*)$~iu';

    /** Headings that sort the things of one part. */
    private const KINDS = '~^(?:the\s+)?(?:dry|wet|liquids?|dry\s+(?:ingredients|mix|stuff|things)|wet\s+(?:ingredients|mix|stuff|things)|main\s+ingredients|(?:add|mix|stir|fold)-?\s?ins?|extras)$~iu';

    /** "Possets (6)", "For the buns (makes 12):" */
    private const COUNTED = '~^(?<head>[^\d(]*\pL)\s*[(\[]\s*(?<yield>\d{1,2}|(?:makes|serves|for)\s+\d{1,2}(?:\s+\pL+)?)\s*[)\]](?<colon>\s*:?)\s*$~iu';

    /** "For about 20 biscuits you need 225 g butter, 100 g sugar. Filling: …" */
    private const NEEDED = '~^\W*(?:for|to\s+make)\s+(?<yield>(?:about\s+|around\s+)?\d{1,3}\s+\pL+(?:\s+\pL+)?)\s*,?\s+(?:you(?:\'ll|’ll|\s+will)?\s+need|you\s+want|take|use)\s*:?\s+(?<rest>\d.*,.*\d.*)$~iu';

    /** What it is decorated or served with, without an amount. */
    private const BESIDE = '~^\W*(?<head>(?:to|for)\s+(?:decorate|serve|finish|garnish|decorating|serving|decoration))\s*:\s*(?<rest>[^\d:.;!?]{3,60})\.?$~iu';

    /** "A. Meringue" */
    private const LETTERED = '~^[A-H][.)]\s+(?<name>\pL+(?:\s\pL+){0,3}):?$~u';

    /** "4 mugs" is no title. */
    private const ONLY_YIELD = '~^\W*\d+\s+\pL+\W*$~u';

    private const MARK = '~^\s*[▢☐□✓•*·-]\s*~u';

    /** Rows below talk among which a title is looked for, and the words that a title may have. */
    private const NEAR = 3;

    private const TITLE_WORDS = 9;

    /** Rows at the top in which there may be talk before the title. */
    private const TALK = 10;

    public function __construct(
        private RowSigns $signs,
        private Yields $yields,
        private YieldTitles $titles,
        private Words $words,
        private PageWords $page,
        private StepReader $steps,
        private AmountsMeant $meant,
        private Layouts $layouts,
        private Things $things,
    ) {}

    /**
     * @param  list<string>  $rows  without blank ones
     * @param  array<string, Fate>  $said  by row key, where the baker said what a row is
     */
    public function sections(array $rows, array $said = []): Sections
    {
        return $this->sorted($this->cells($rows), $said);
    }

    /**
     * @param  list<Cell>  $cells
     * @param  array<string, Fate>  $said
     */
    public function sorted(array $cells, array $said = []): Sections
    {
        $rows = array_map(static fn (Cell $cell): string => $cell->text, $cells);
        $state = new SectionState;
        $times = [];
        $plain = array_map(self::plain(...), $rows);
        $state->methodAt = $this->lastOf($plain, $this->signs->isMethodHeading(...));
        $state->ingredientsAt = $this->lastOf($plain, $this->signs->isIngredientsHeading(...));
        foreach ($plain as $i => $row) {
            $hash = substr(sha1(mb_strtolower($row)), 0, 10);
            $times[$hash] = ($times[$hash] ?? 0) + 1;
            $key = "r$hash-$times[$hash]";
            $fate = $said[$key] ?? $cells[$i]->fate ?? $this->fate($state, $i, $row, $plain);
            $this->put($state, $fate, $row, $i);
            $isDoubtful =
                ! in_array($fate, [Fate::Ingredient, Fate::Step, Fate::Yield], true) &&
                ! isset($said[$key]) &&
                $this->signs->isSurelyIngredient($row);
            $state->rows[] = new TextRow($key, $rows[$i], $fate, isset($said[$key]), $isDoubtful);
        }

        return new Sections(
            self::title($state->title),
            $state->yield === '' && $this->titles->of($state->title)->yield === '' ? $state->headedYield : $state->yield,
            array_values($state->components),
            $state->ingredients,
            $state->steps,
            $state->rows,
        );
    }

    /**
     * @param  list<string>  $rows
     * @return list<Cell>
     */
    private function cells(array $rows): array
    {
        $cells = [];
        foreach ($this->layouts->cells($rows) as $cell) {
            array_push($cells, ...$cell->fate === null ? Cell::all($this->parted($cell->text)) : [$cell]);
        }

        return $cells;
    }

    /**
     * "Crust: 1 cup flour, ½ cup butter" is a heading and what stands below it.
     *
     * @return list<string>
     */
    private function parted(string $row): array
    {
        $cells = preg_split('~\s{3,}|\s[/|]\s~u', $row) ?: [$row];
        if (count($cells) > 1 && ! $this->yields->isYield($row)
            && (ctype_digit($row[0]) || $this->titles->of($row)->yield === '')
            && array_filter($cells, $this->yields->isYield(...)) !== []
            && array_filter($cells, $this->signs->isSurelyIngredient(...)) === []) {
            // "2 rings of 20 cm / 16 portions", "Milk tart    makes 2"
            return $cells;
        }
        // "Prep 10 mins | Cook 1 hr | Servings: 12 slices": a row for each.
        $isTimed =
            preg_match('~^\W*(?:prep|cook|bake|total|time|chill|serves|makes)\b[^/]*/~iu', $row) === 1 &&
            preg_match('~\s/\s.*\b(?:makes|serves|yields?|servings?)\b~iu', $row) === 1;
        if (preg_match('~^\W*(?:prep|cook|bake|total|time|chill)\b[^,]*\d[^,]*,.*\b(?:makes|serves|yields?)\s+\d~iu', $row) === 1) {
            return array_values(array_filter(array_map(trim(...), preg_split('~,|\band\b~iu', $row) ?: [])));
        }
        if (
            (preg_match('~[|•·]~u', $row) === 1 || $isTimed) &&
            preg_match('~\b(?:prep|cook|total|bake|servings?|serves|makes|yields?)\b~iu', $row) === 1
        ) {
            return array_values(
                array_filter(
                    array_map(trim(...), preg_split('~[|•·]|\s/\s~u', $row) ?: []),
                    static fn (string $r): bool => $r !== '',
                ),
            );
        }
        if (preg_match(self::NEEDED, $row, $m) === 1 && $this->signs->isIngredient($m['rest'])) {
            $lists = array_map($this->parted(...), $this->sentences($m['rest']));

            return ["Makes $m[yield]", ...array_merge([], ...$lists)];
        }
        if (preg_match(self::BESIDE, $row, $m) === 1) {
            // "To decorate: writing icing, sprinkles"
            return [$m['head'].':', ...array_map(trim(...), explode(',', rtrim($m['rest'], '. ')))];
        }
        if (preg_match(self::TIN_AND_YIELD, $row, $m) === 1 && $this->yields->isYield($m['yield'])) {
            return [$m['tin'], $m['yield']];
        }
        if (preg_match('~^\W*(?<head>method|directions?|instructions?)\s*:\s+(?<rest>\pL.{20,})$~iu', $row, $m) === 1) {
            return [$m['head'].':', $m['rest']];
        }
        $isBoth =
            preg_match(
                '~^\W*(?<head>(?:for\s+(?:the\s+)?)?(?:\pL+(?:\s+|\s*[+&/]\s*)){0,2}(?<part>\pL+)(?:\s*\([^()\d]*\))?)(?:\s*:\s*|\s+[-–—]\s+(?=\d|\pL+\s+of\b|an?\b))(?<rest>.*\d.*)$~iu',
                $row,
                $m,
            ) === 1 &&
            ($this->words->isPart($m['part']) || $this->listsThings($m['rest']) || $this->isFinish($m['head'], $m['rest'])) &&
            $this->signs->isIngredient($m['rest']) &&
            // "Digestive biscuits - 200 g" is no part with its list.
            $this->things->kind($row) !== CellKind::Thing;

        return $isBoth ? [$m['head'].':', $m['rest']] : [$row];
    }

    /** @return list<string> each of which has an amount, or the name of a part before it */
    private function sentences(string $list): array
    {
        return preg_split('~\.\s+(?=\pL+(?:\s+\pL+)?\s*:)~u', rtrim($list, '. ')) ?: [$list];
    }

    /** "To finish: 100 g raspberries, curls" */
    private function isFinish(string $head, string $rest): bool
    {
        return preg_match(self::TO, preg_replace('~\s*\([^()]*\)~u', '', $head) ?? $head) === 1 &&
            preg_match("~^\s*{$this->words->digit}~u", $this->signs->figures($rest)) === 1 &&
            $this->signs->isSurelyIngredient(trim(explode(',', $rest)[0]));
    }

    /** "250 g mascarpone, 200 ml cream", "½ c sugar + 1 tsp cinnamon": at least two things with their amounts. */
    private function listsThings(string $rest): bool
    {
        $things = array_filter(
            preg_split('~,|\s(?:\+|&|plus|and)\s~iu', $rest) ?: [],
            fn (string $thing): bool => preg_match("~^\s*{$this->words->digit}~u", $this->signs->figures($thing)) === 1 &&
                $this->signs->isSurelyIngredient(trim($thing)),
        );

        return count($things) > 1;
    }

    /** @param  list<string>  $rows */
    private function fate(SectionState $state, int $i, string $row, array $rows): Fate
    {
        $next = $rows[$i + 1] ?? '';
        if ($this->page->are($row) || $this->page->allAre($row)) {
            return Fate::Chatter;
        }
        if ($i > 0 && $this->meant->of($row) !== '') {
            return Fate::Note;
        }
        if ($state->title !== '' && self::words(self::title($state->title)) === self::words($row)) {
            // The title once more, below a word of greeting.
            return Fate::Chatter;
        }
        if ($this->signs->isIngredientsHeading($row)) {
            [$state->mode, $state->isHeaded] = [Fate::Ingredient, true];
            // "Ingredients (serves 6)"
            $state->headedYield = $state->headedYield ?: $this->titles->of($row)->yield;

            return Fate::Heading;
        }
        if ($this->signs->isMethodHeading($row) && $i > 0) {
            [$state->mode, $state->isMethodHeaded] = [Fate::Step, true];

            return Fate::Heading;
        }
        if ($this->signs->isAside($row) && $i > 0) {
            $state->mode = Fate::Note;

            return Fate::Note;
        }
        if ($i === 0 && isset($rows[1]) && $this->signs->isMeta($row)) {
            return Fate::Note;
        }
        if ($i === 0 && $this->yields->isYield($row) && preg_match(self::ONLY_YIELD, $row) === 1
            && ! $this->signs->isCountedFood($row)) {
            return Fate::Yield;
        }
        if ($i > 0 || $state->mode !== null) {
            if (
                $this->yields->isYield($row) &&
                ! $this->signs->isCountedFood($row) &&
                ($state->mode !== Fate::Step || $this->isLastYield($row))
            ) {
                return Fate::Yield;
            }
            if ($state->mode !== Fate::Step && $this->steps->isHeatAlone($row)) {
                return Fate::Step;
            }
            if ($this->signs->isMeta($row) || preg_match(RowSigns::TIN_ALONE, $row) === 1
                || ($state->mode !== Fate::Step && ctype_digit($row[0]) && $this->things->isBakeware($row))) {
                return Fate::Note;
            }
            if ($state->mode !== Fate::Step && $this->signs->isChatter($row)) {
                return Fate::Chatter;
            }
        }

        return match ($state->mode) {
            null => $this->atTheTop($state, $i, $row, $rows),
            Fate::Ingredient => $this->amongIngredients($state, $i, $row, $next),
            Fate::Step => $this->amongSteps($state, $row, $next),
            default => $this->amongNotes($state, $row, $next),
        };
    }

    /**
     * Whether a row stands before the title: how many it makes, or talk with something like a title close below it.
     *
     * @param  list<string>  $rows
     */
    private function isBefore(int $i, string $row, array $rows): bool
    {
        if ($this->yields->isSaid($row)) {
            return true;
        }
        $sentences = preg_match_all('~[.!?](?:\s|$)~u', $row);
        if ($i >= self::TALK || $sentences < 2 || ! $this->signs->isSentence($row)) {
            return false;
        }
        foreach (array_slice($rows, $i + 1, self::NEAR) as $below) {
            $words = preg_match_all('~\pL+~u', $below);
            if ($this->signs->isSurelyIngredient($below) || $this->isHeading($below, '', false)) {
                return false;
            }
            if ($words > 0 && $words <= self::TITLE_WORDS && preg_match('~[.!?:]\s*$~u', $below) !== 1) {
                return ! $this->yields->isYield($below);
            }
        }

        return false;
    }

    /** @param  list<string>  $rows */
    private function atTheTop(SectionState $state, int $i, string $row, array $rows): Fate
    {
        $next = $rows[$i + 1] ?? '';
        if (preg_match('~^\W*(?:from|to|sent|cc|date)\s*:\s+\S~iu', $row) === 1) {
            // The head of a letter, whose subject is the title.
            return Fate::Chatter;
        }
        if ($state->title === '' && $this->isBefore($i, $row, $rows)) {
            return $this->yields->isSaid($row) ? Fate::Yield : Fate::Chatter;
        }
        $isTitle = ! $this->signs->isSurelyIngredient($row) && ! $this->isHeading($row, $next, false);
        // "Plum bake (one 18 cm cake, 8 slices)": no ingredient says how many it makes.
        $isTitle =
            $isTitle || ($i === 0 && preg_match('~^\W*\pL[^(]*\(.*\d\s+\pL~u', $row) === 1 &&
                preg_match('~\d\s+\pL~u', $this->titles->of($row)->yield) === 1);
        if ($state->title === '' && $isTitle) {
            return Fate::Title;
        }
        if ($this->isHeading($row, $next, $state->title !== '')) {
            $state->mode = Fate::Ingredient;

            return Fate::Heading;
        }
        // Where a heading is to come, what stands before it is talk, unless it is surely one.
        $isOne = $i < $state->ingredientsAt ? $this->signs->isSurelyIngredient($row) : $this->isOne($row);
        if ($isOne) {
            $state->mode = Fate::Ingredient;

            return Fate::Ingredient;
        }
        if ($state->title === '') {
            return Fate::Title;
        }
        if (
            $this->signs->isDoing($row) &&
            $this->signs->isSentence($row) &&
            $state->ingredientsAt < 0 &&
            $state->ingredients !== []
        ) {
            $state->mode = Fate::Step;

            return Fate::Step;
        }
        if (preg_match_all('~\pL+~u', $row) <= self::TITLE_WORDS) {
            // The title once more, or a second one: "Sultana scones - 9 scones".
            $state->headedYield = $state->headedYield ?: $this->titles->of($row)->yield;
        }

        return Fate::Chatter;
    }

    private function amongIngredients(SectionState $state, int $i, string $row, string $next): Fate
    {
        if ($this->isHeading($row, $next, true)) {
            return Fate::Heading;
        }
        $again = $state->ingredients === [] ? $this->titles->of($row) : new TitleAndYield('', '');
        if ($again->yield !== '' && str_ends_with(mb_strtolower($state->title), mb_strtolower(trim($again->title)))) {
            // The title once more, below a word of greeting.
            $state->headedYield = $state->headedYield ?: $again->yield;

            return Fate::Chatter;
        }
        if ($this->isOne($row)) {
            return Fate::Ingredient;
        }
        $isBetween = $state->isHeaded && $i < $state->methodAt;
        if ($this->signs->isNutrition($row)) {
            return Fate::Note;
        }
        // What is listed with the same sign before it, or to be served with it, is one more of them.
        $above = end($state->ingredients);
        $isListed =
            preg_match('~^\W*\pL[^.;!?]*\bto\s+(?:serve|decorate|finish|dust|garnish)\W*$~iu', $row) === 1 ||
            (preg_match('~^\s*([-–—*•▢☐□✓◦▪●])~u', $row, $mark) === 1 &&
                $above !== false && str_starts_with(ltrim($above->text), $mark[1]));
        $isShort = mb_strlen($row) < ($isBetween || $state->isHeaded || $isListed ? 140 : 40);
        if ($isBetween || ($isShort && ! $this->signs->isDoing($row) && preg_match('~[.!?]$~u', $row) !== 1)) {
            // Between the two headings everything is an ingredient, whatever it begins with: "Cream cheese (8 oz)".
            return $this->signs->isSentence($row) ? Fate::Note : Fate::Ingredient;
        }
        $state->mode = Fate::Step;

        return Fate::Step;
    }

    private function amongSteps(SectionState $state, string $row, string $next): Fate
    {
        if ($this->signs->isNutrition($row) && ! $this->signs->isDoing($row)) {
            return Fate::Note;
        }
        if (
            $this->isHeading($row, $next, true) && $this->isSurelyOne($next) && ! $this->signs->isDoing($next)
        ) {
            $state->mode = Fate::Ingredient;

            return Fate::Heading;
        }
        if (! $state->isMethodHeaded && $this->isSurelyOne($row) && ! $this->signs->isSentence($row)) {
            return Fate::Ingredient;
        }

        return $this->signs->isChatter($row) && ! $this->signs->isDoing($row) ? Fate::Chatter : Fate::Step;
    }

    private function amongNotes(SectionState $state, string $row, string $next): Fate
    {
        if ($this->isHeading($row, $next, true) && $this->isSurelyOne($next)) {
            $state->mode = Fate::Ingredient;

            return Fate::Heading;
        }

        return $this->signs->isChatter($row) ? Fate::Chatter : Fate::Note;
    }

    /** @param  bool  $hasTitle  before the title no bare word is taken for a heading */
    private function isHeading(string $row, string $next, bool $hasTitle): bool
    {
        // "To serve (optional)"
        $row = preg_replace([self::COUNTED, '~\s*\([^()\d]*\)(?=\W*$)~u'], ['$1$3', ''], $row) ?? $row;
        if (preg_match("~{$this->words->digit}~u", $row) === 1 || mb_strlen($row) > 60) {
            return false;
        }
        if ($hasTitle && preg_match(self::LETTERED, $row) === 1) {
            return $this->leadsOn($next);
        }
        $isShort = $next !== '' && mb_strlen($next) < 40 &&
            ! $this->signs->isDoing($next) && ! $this->signs->isSentence($next);
        if ($isShort && preg_match(self::TO, $row) === 1) {
            return true;
        }
        if (! $this->leadsOn($next) && ! ($next !== '' && preg_match('~^\W*for\s+the\b.*:\s*$~iu', $row) === 1)) {
            return false;
        }
        if (preg_match(self::TO, $row) === 1) {
            return true;
        }
        if (preg_match(self::FOR_THE, $row, $m) === 1) {
            $name = $m['name'].($m['name2'] ?? '');

            return preg_match(
                '~^\W*for\s+(?:serving|topping|rolling|dusting|greasing|brushing|the\s+tin)$~iu',
                trim($row),
            ) !== 1 || str_ends_with(trim($row), ':');
        }
        if (preg_match('~[,;.!?]~u', $row) === 1 && preg_match('~^\W*for\b~iu', $row) !== 1) {
            return false;
        }
        $words = preg_match_all('~[\pL’\'-]+~u', $row);
        $isMarked = preg_match(self::MARK, $next) === 1 && preg_match(self::MARK, $row) !== 1;

        return $hasTitle &&
            $words >= 1 &&
            ($words <= 4 || $isMarked) &&
            ($isMarked || preg_match(self::MARK, $row) !== 1) &&
            ($isMarked || ! $this->signs->isBareFood($row)) &&
            ! $this->signs->isIngredient($row) &&
            ! $this->signs->isSeasoning($row) &&
            ! $this->signs->isDoing($row);
    }

    private function isOne(string $row): bool
    {
        return $this->signs->isIngredient($row) || $this->things->kind($row) === CellKind::Thing;
    }

    private function isSurelyOne(string $row): bool
    {
        return $this->signs->isSurelyIngredient($row) || $this->things->kind($row) === CellKind::Thing;
    }

    /** The row below a heading is an ingredient, with an amount or without. */
    private function leadsOn(string $next): bool
    {
        return $this->signs->isIngredient($next) || $this->signs->isBareFood($next) || $this->signs->isSeasoning($next)
            || $this->things->kind($next)->isThing();
    }

    private function isLastYield(string $row): bool
    {
        return preg_match('~^\W*(?:cuts?|slices?|fills?|pours?|rolls?|divides?)\b~iu', $row) !== 1 ||
            preg_match('~^\W*cuts?\s+into\b[^.]*$~iu', $row) === 1;
    }

    private function put(SectionState $state, Fate $fate, string $row, int $i): void
    {
        match ($fate) {
            Fate::Title => $state->title = $state->title === '' ? $row : $state->title,
            Fate::Yield => $state->yield = $state->yield === '' ? $row : $state->yield,
            Fate::Heading => $this->open($state, $row),
            Fate::Ingredient => ($state->ingredients[] = new IngredientRow(
                mb_substr(
                    $this->signs->withoutLead($row) === $row
                        ? $row
                        : self::unled($row, $this->signs->withoutLead($row)),
                    0,
                    400,
                ),
                $state->component,
            )),
            Fate::Step => ($state->steps[] =
                preg_replace(
                    '~^(?:\d{1,2}[.):]\s*(?=\D)|\d{1,2}\s+(?-i:(?=\p{Lu}\p{Ll}))|\d{1,2}\s+[-–]\s+(?=\pL)|step\s+\d+[.:)]?\s*|[-–•*▢☐□✓]\s+)~iu',
                    '',
                    $row,
                ) ?? $row),
            Fate::Note, Fate::Chatter => null,
        };
    }

    /** A row that is told keeps its own words unless it is led in by others. */
    private static function unled(string $row, string $body): string
    {
        return preg_match('~^\s*[-–—*•·▢☐□✓◦▪●\d(\[]~u', $row) === 1 && ! str_starts_with(trim($row), '(')
            ? $row
            : rtrim($body, ')');
    }

    private function open(SectionState $state, string $row): void
    {
        if ($this->signs->isIngredientsHeading($row) || $this->signs->isMethodHeading($row)) {
            return;
        }
        if (preg_match(self::COUNTED, $row, $m) === 1) {
            $row = $m['head'].$m['colon'];
            $state->headedYield = $state->headedYield ?: (is_numeric($m['yield']) ? "makes $m[yield]" : $m['yield']);
        }
        $row = preg_match(self::LETTERED, $row, $m) === 1 ? $m['name'] : $row;
        $name =
            preg_match(self::FOR_THE, $row, $m) === 1
                ? trim($m['name'].($m['name2'] ?? ''))
                : trim($row, " \t:*-–—#");
        $name = mb_strtoupper(mb_substr($name, 0, 1)).mb_substr(mb_strtolower($name), 1);
        if (preg_match(self::KINDS, $name) === 1 && $state->ingredients !== []) {
            // What is dry and what is wet goes into one bowl.
            return;
        }
        $name = preg_match(self::KINDS, $name) === 1 ? '' : $name;
        $isUsed =
            array_filter(
                $state->ingredients,
                static fn (IngredientRow $r): bool => $r->component === $state->component,
            ) !== [];
        if ($isUsed) {
            $state->components[] = $name;
            $state->component = count($state->components) - 1;
        } else {
            $state->components[$state->component] = $name;
        }
    }

    /**
     * @param  list<string>  $rows
     * @param  callable(string): bool  $is
     */
    private function lastOf(array $rows, callable $is): int
    {
        return array_key_last(array_filter($rows, $is)) ?? -1;
    }

    private static function plain(string $row): string
    {
        return trim(preg_replace('~^#{1,6}\s+|\*\*|__~', '', $row) ?? $row);
    }

    private static function words(string $row): string
    {
        return trim(mb_strtolower(preg_replace('~[^\pL\d]+~u', ' ', $row) ?? $row));
    }

    private static function title(string $row): string
    {
        $row = trim(preg_replace('~^(?:(?:title|recipe|name|subject|re|fwd?|aw|wg)\s*:\s*)+~iu', '', $row) ?? $row);

        return $row === '' ? self::UNTITLED : mb_substr($row, 0, self::LONGEST_TITLE);
    }
}

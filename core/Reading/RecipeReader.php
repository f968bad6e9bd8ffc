<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Reading\Document\Cell;
use Aglyca\Core\Reading\Document\Layouts;
use Aglyca\Core\Reading\Document\Narrated;

/**
 * Reads a whole recipe: title, yield, components, ingredient lines and method.
 *
 * Headings are used where there are any; without them, lines with an amount are ingredients and what
 * follows the last of them is the method.
 */
final readonly class RecipeReader
{
    public const MOST_CHARACTERS = 60_000;

    public const MOST_BYTES = 4 * self::MOST_CHARACTERS;

    public const MOST_LINES = 600;

    /** Ingredients, however many stand in a row. */
    public const MOST_THINGS = 200;

    public const MOST_STEPS = 150;

    /** Bytes of all steps together: more than twice the longest method of our own texts. */
    public const LONGEST_METHOD = 10_000;

    /** A longer row is read in pieces, so that no reader ever has more than this in hand. */
    private const LONGEST_ROW = 1_000;

    public function __construct(
        private LineReader $lines,
        private StepReader $steps,
        private Yields $yields,
        private YieldTitles $titles,
        private SectionReader $sections,
        private PanReader $pans,
        private MeasuresReader $measures,
        private Narrated $told,
        private AmountsMeant $meant,
        private Layouts $layouts,
    ) {}

    /** @throws UnreadableRecipe */
    public function read(string $text, Corrections $corrections = new Corrections): Recipe
    {
        $rows = $this->rows($text);
        $sections = $this->sections->sections($rows, $corrections->fates);
        $things = array_values(array_filter($sections->rows,
            static fn (TextRow $r): bool => $r->fate === Fate::Ingredient));
        if ($things === [] || $this->told->isTold(array_map(static fn (TextRow $r): string => $r->text, $things))) {
            $cells = $this->toldIn($sections);
            $sections = $cells === [] ? $sections : $this->sections->sorted($cells, $corrections->fates);
        }
        $sections = $this->withTold($sections, $corrections);
        if ($sections->ingredients === []) {
            throw UnreadableRecipe::noIngredients();
        }
        if (count($sections->ingredients) > self::MOST_THINGS) {
            throw UnreadableRecipe::tooManyThings(self::MOST_THINGS);
        }
        if (count($sections->steps) > self::MOST_STEPS) {
            throw UnreadableRecipe::tooManySteps(self::MOST_STEPS);
        }
        if (array_sum(array_map(strlen(...), $sections->steps)) > self::LONGEST_METHOD) {
            throw UnreadableRecipe::methodTooLong(self::LONGEST_METHOD);
        }
        $cups =
            $corrections->measures === null
                ? $this->measures->of($rows)
                : $this->measures->named($corrections->measures);
        $titled = $this->titles->of($sections->title);
        $yielded = $this->yielded($sections, $titled);
        $meant = array_map(
            fn (TextRow $row): string => $row->fate === Fate::Note ? $this->meant->of($row->text) : '', $sections->rows,
        );
        $cups = in_array('grams', $meant, true) ? $cups->inGrams() : $cups;
        $forOne = in_array('one', $meant, true) ? $yielded->pieces ?? 1 : 1;
        [$lines, $times] = [[], []];
        foreach ($sections->ingredients as $row) {
            $hash = substr(sha1(mb_strtolower(trim($row->text))), 0, 10);
            $times[$hash] = ($times[$hash] ?? 0) + 1;
            // "1 tsp jam per biscuit"
            [$text, $isEach] = $this->meant->each($row->text);
            $many = $isEach ? $yielded->pieces ?? 1 : $forOne;
            $read = $this->lines->read($text, "$hash-$times[$hash]", $row->component, $corrections, $cups);
            array_push($lines, ...array_map(static fn (Line $l): Line => $l->times($many), $read));
            // A row may hold many of them.
            if (count($lines) > self::MOST_THINGS) {
                throw UnreadableRecipe::tooManyThings(self::MOST_THINGS);
            }
        }
        $pan = null;
        foreach ([...$sections->steps, $sections->yield, $sections->title] as $row) {
            $pan ??= $this->pans->in($row);
        }

        $title = $sections->title === SectionReader::UNTITLED
            ? $this->madeOf($sections->yield, $yielded) ?? $titled->title : $titled->title;

        return new Recipe(
            $title, $yielded, $sections->components, $lines, $this->steps->all($sections->steps),
            $sections->rows, $cups, $pan,
        );
    }

    /**
     * A dessert that is told in sentences, in cells; what is no part of the telling stays what it is.
     *
     * @return list<Cell> none where nothing is told
     */
    private function toldIn(Sections $sections): array
    {
        [$before, $told, $after, $title] = [[], [], [], ''];
        foreach ($sections->rows as $row) {
            $isTitle = $row->fate === Fate::Title && preg_match('~[.!?]\s+\S~u', $row->text) !== 1
                && count($this->told->things($row->text)) < 2;
            $title = $isTitle && $title === '' ? $row->text : $title;
            $isBeside = in_array($row->fate, [Fate::Yield, Fate::Note, Fate::Chatter], true) &&
                ($row->fate !== Fate::Chatter || $this->told->things($row->text) === []);
            if ($isTitle || $isBeside) {
                $cell = new Cell($row->text, $row->fate);
                $told === [] ? $before[] = $cell : $after[] = $cell;
            } else {
                $told[] = $row->text;
            }
        }
        $cells = $this->told->cells($told, $title);

        return $cells === [] ? [] : [...$before, ...$cells, ...$after];
    }

    /** With the parts that only the method tells, amounts and all. */
    private function withTold(Sections $sections, Corrections $corrections): Sections
    {
        [$cells, $found] = [[], false];
        foreach ($sections->rows as $row) {
            $part = $row->fate === Fate::Step ? $this->told->part($row->text, $sections->components) : [];
            $found = $found || $part !== [];
            array_push($cells, ...$part, ...[new Cell($row->text, $row->fate)]);
        }

        return $found ? $this->sections->sorted($cells, $corrections->fates) : $sections;
    }

    /** "12 muffins" are muffins, where nobody gives them a name. */
    private function madeOf(string $row, Yielded $yielded): ?string
    {
        $one = preg_quote($yielded->pieceName, '~');
        $isNamed = $one !== '' && ! $this->yields->isPortion($yielded->pieceName);

        return $isNamed && preg_match("~\\b(?<name>(?:\\pL+\\s)?{$one}\\pL*)~iu", $row, $m) === 1
            && preg_match('~^(?:makes?|about|some|for|of|the|yields?)\s~iu', $m['name']) !== 1
            ? mb_strtoupper(mb_substr($m['name'], 0, 1)).mb_strtolower(mb_substr($m['name'], 1)) : null;
    }

    /** Its own line says best how many it makes, then the title, then the method. */
    private function yielded(Sections $sections, TitleAndYield $titled): Yielded
    {
        foreach ([$sections->yield, $titled->yield] as $row) {
            $yielded = $this->yields->read($row);
            if ($yielded->pieces !== null) {
                return $this->yields->cutInSteps($yielded, "$row $titled->title", $sections->steps);
            }
        }

        return $this->yields->inSteps($sections->steps);
    }

    /**
     * @return list<string>
     *
     * @throws UnreadableRecipe
     */
    private function rows(string $text): array
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw UnreadableRecipe::tooLong(self::MOST_CHARACTERS);
        }
        if (str_contains($text, "\0")) {
            throw UnreadableRecipe::notText();
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        $text = str_replace(
            ["\r\n", "\r", "\u{2028}", "\u{a0}", "\u{202f}", "\u{2009}", "\u{feff}", "\u{200b}"],
            ["\n", "\n", "\n", ' ', ' ', ' ', '', ''],
            $text,
        );
        // Control characters in number mean a file that is no text at all.
        if (preg_match_all('/[\x00-\x08\x0b\x0e-\x1f]/', $text) > mb_strlen($text) / 100) {
            throw UnreadableRecipe::notText();
        }
        if (mb_strlen($text) > self::MOST_CHARACTERS) {
            throw UnreadableRecipe::tooLong(self::MOST_CHARACTERS);
        }
        $rows = array_values(array_filter(
            array_merge([], ...array_map(
                static fn (string $row): array => array_map(trim(...), Pieces::of(trim($row), self::LONGEST_ROW)),
                $this->layouts->unfolded(explode("\n", $text)),
            )),
            static fn (string $row): bool => $row !== '',
        ));
        if ($rows === []) {
            throw UnreadableRecipe::nothingThere();
        }
        if (count($rows) > self::MOST_LINES) {
            throw UnreadableRecipe::tooManyLines(self::MOST_LINES);
        }

        return self::plain($rows);
    }

    /**
     * Rows without what only sets them out: a number before each of them, dots between a food and its amount, a plus.
     *
     * @param  list<string>  $rows
     * @return list<string>
     */
    private static function plain(array $rows): array
    {
        $isCounted = static fn (string $row, int $i): bool => preg_match('~^'.($i + 1).'[.)]\s+\S~u', $row) === 1;
        $quoted = array_filter($rows, static fn (string $row): bool => str_starts_with($row, '>'));
        if (count($quoted) > count($rows) / 2) {
            // A letter that was answered or sent on.
            $rows = array_values(array_filter(
                array_map(static fn (string $row): string => ltrim($row, '> '), $rows),
                static fn (string $row): bool => $row !== '',
            ));
        }
        $counted = array_filter(array_map($isCounted, $rows, array_keys($rows)));
        if (count($rows) > 5 && count($counted) === count($rows)) {
            $rows = preg_replace('~^\d+[.)]\s+~u', '', $rows) ?? $rows;
        }

        return array_map(
            static fn (string $row): string => preg_replace(
                ['~\*\*|__~u', '~^\*(?=\pL)([^*]+)\*$~u', '~^(\pL[\pL\s,\'’()-]*?)\s*(?:\.\s?){3,}\s*(?=\d|[½¼¾]|an?\s)(.+)$~u', '~^\+\s+(?=\d)~u'],
                ['', '$1', '$2 $1', ''],
                $row,
            ) ?? $row,
            $rows,
        );
    }
}

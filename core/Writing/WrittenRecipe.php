<?php

declare(strict_types=1);

namespace Aglyca\Core\Writing;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\Figure;
use Aglyca\Core\Formula\Dose;

/**
 * A recipe ready to be written out: as text, as a table, or as a schema.org Recipe. What is written reads back the
 * same.
 */
final readonly class WrittenRecipe
{
    /**
     * @param  string  $pieceWords  what all the pieces are called: "slices", or "loaf" of one
     * @param  list<string>  $steps
     * @param  list<string>  $sections  by step: the part that it works on; "" for none
     */
    public function __construct(
        public string $title,
        public string $pieceWord,
        public string $pieceWords,
        public array $steps,
        public Account $account,
        public Convention $convention,
        private array $sections = [],
        private ?Pace $pace = null,
    ) {}

    public function paced(Pace $pace): self
    {
        return new self(
            $this->title, $this->pieceWord, $this->pieceWords, $this->steps, $this->account, $this->convention,
            $this->sections, $pace,
        );
    }

    public function text(): string
    {
        $rows = [$this->title, $this->yield(), '', 'Ingredients', ...$this->ingredients()];
        if ($this->steps !== []) {
            array_push($rows, '', 'Method', ...$this->steps());
        }

        return implode("\n", $rows)."\n";
    }

    /**
     * Columns kind, component, text, grams, food, net_carbs_g; grams and net carbs of the whole recipe, and the
     * account of a piece (energy in kcal).
     */
    public function csv(): string
    {
        $rows = [
            ['kind', 'component', 'text', 'grams', 'food', 'net_carbs_g'],
            ['title', '', $this->title, '', '', ''],
            ['yield', '', $this->yield(), '', '', ''],
        ];
        $parts = $this->account->contributions($this->convention);
        foreach ($this->ordered() as $i => $dose) {
            $rows[] = [
                'ingredient',
                $this->account->formula->components[$dose->component] ?? '',
                $dose->text,
                $dose->grams === null ? '' : (string) round($dose->mass(), 2),
                $dose->food->key ?? '',
                (string) round($parts[$i] * $this->account->formula->pieces, 2),
            ];
        }
        foreach (Convention::cases() as $convention) {
            $rows[] = [
                'account',
                '',
                "Net carbs a $this->pieceWord, $convention->value",
                number_format($this->account->net($convention), 1, '.', ''),
                '',
                '',
            ];
        }
        foreach (Figure::cases() as $figure) {
            $rows[] = [
                'account',
                '',
                $figure->label()." a $this->pieceWord",
                number_format($figure->of($this->account->piece), $figure === Figure::Energy ? 0 : 1, '.', ''),
                '',
                '',
            ];
        }
        foreach ($this->steps as $step) {
            $rows[] = ['step', '', self::oneLine($step), '', '', ''];
        }

        return implode(
            '',
            array_map(static fn (array $row): string => implode(',', array_map(self::cell(...), $row))."\r\n", $rows),
        );
    }

    /** @return array<string, mixed> a schema.org Recipe with its NutritionInformation a piece */
    public function schema(): array
    {
        $piece = $this->account->piece;
        $net = $this->account->netCarbs($this->convention);

        return [
            '@context' => 'https://schema.org',
            '@type' => 'Recipe',
            'name' => $this->title,
            'recipeYield' => $this->yield(),
            'recipeIngredient' => $this->ingredients(),
            'supply' => array_map(self::supply(...), array_values($this->account->formula->doses)),
            'recipeInstructions' => $this->instructions(),
            ...$this->durations(),
            'nutrition' => [
                '@type' => 'NutritionInformation',
                'servingSize' => '1 '.$this->pieceWord,
                'calories' => round($piece->energy).' kcal',
                'carbohydrateContent' => round($piece->carbohydrate, 1).' g',
                'fiberContent' => round($piece->fibre, 1).' g',
                'sugarContent' => round($piece->sugars, 1).' g',
                'fatContent' => round($piece->fat, 1).' g',
                'proteinContent' => round($piece->protein, 1).' g',
                'description' => sprintf(
                    'Net carbs %.1f g (%.1f to %.1f), counted %s.',
                    $net->value,
                    $this->account->low($this->convention),
                    $this->account->high($this->convention),
                    $this->convention->value,
                ),
            ],
        ];
    }

    /** @return list<array<string, mixed>> steps; of several parts in a HowToSection each, as they follow one another */
    private function instructions(): array
    {
        $steps = array_map(
            static fn (string $s): array => ['@type' => 'HowToStep', 'text' => self::oneLine($s)],
            $this->steps,
        );
        $names = array_values(array_filter($this->sections));
        if (count(array_unique($names)) < 2) {
            return $steps;
        }
        $sections = [];
        foreach ($this->runs() as $run) {
            $sections[] = [
                '@type' => 'HowToSection',
                'name' => array_values(array_filter(array_map(fn (int $i): string => $this->sections[$i], $run)))[0],
                'itemListElement' => array_map(static fn (int $i): array => $steps[$i], $run),
            ];
        }

        return $sections;
    }

    /** @return list<list<int>> steps of one part that follow one another; what is of no part goes with the next */
    private function runs(): array
    {
        $names = $this->sections;
        for ($i = count($names) - 2; $i >= 0; $i--) {
            $names[$i] = $names[$i] === '' ? $names[$i + 1] : $names[$i];
        }
        [$runs, $run, $last] = [[], [], $names[0]];
        foreach ($names as $i => $name) {
            if ($name !== '' && $name !== $last) {
                [$runs[], $run, $last] = [$run, [], $name];
            }
            $run[] = $i;
        }

        return [...$runs, $run];
    }

    /** @return array<string, string> a time that no step names would be read as a step more */
    private function durations(): array
    {
        $durations = $this->pace?->durations() ?? [];

        return preg_match('~\d\s*(?:min|hour|hr|h\b)~iu', implode(' ', $this->steps)) === 1
            ? $durations
            : array_diff_key($durations, ['cookTime' => true]);
    }

    /** @return array<string, mixed> a HowToSupply, in grams where they are known */
    private static function supply(Dose $dose): array
    {
        return [
            '@type' => 'HowToSupply',
            'name' => $dose->food->name ?? self::oneLine($dose->text),
            ...$dose->grams === null ? [] : [
                'requiredQuantity' => [
                    '@type' => 'QuantitativeValue',
                    'value' => round($dose->mass(), 2),
                    'unitCode' => 'GRM',
                ],
            ],
        ];
    }

    private function yield(): string
    {
        $pieces = rtrim(rtrim(number_format($this->account->formula->pieces, 2, '.', ''), '0'), '.');

        return "Makes $pieces $this->pieceWords";
    }

    /** @return list<string> with a heading before each component that has a name */
    private function ingredients(): array
    {
        $rows = [];
        $component = 0;
        $components = $this->account->formula->components;
        if (($components[0] ?? '') !== '') {
            $rows[] = "For the $components[0]:";
        }
        foreach ($this->ordered() as $dose) {
            if ($dose->component !== $component) {
                $component = $dose->component;
                $rows[] = 'For the '.($components[$component] === '' ? 'rest' : $components[$component]).':';
            }
            $rows[] = self::oneLine($dose->text);
        }

        return $rows;
    }

    /** @return array<int, Dose> component by component, by place in the formula */
    private function ordered(): array
    {
        $doses = $this->account->formula->doses;
        uasort($doses, static fn (Dose $a, Dose $b): int => $a->component <=> $b->component);

        return $doses;
    }

    /** @return list<string> */
    private function steps(): array
    {
        $rows = [];
        foreach ($this->steps as $n => $step) {
            $rows[] = ($n + 1).'. '.self::oneLine($step);
        }

        return $rows;
    }

    private static function oneLine(string $text): string
    {
        return trim(preg_replace('~\s+~u', ' ', $text) ?? $text);
    }

    /** A cell that a spreadsheet would take for a formula is given a leading space; reading trims it. */
    private static function cell(string $value): string
    {
        $value = preg_match('~^[=+@\t\r-]~', $value) === 1 ? " $value" : $value;

        return preg_match('~[",\r\n;]|^\s~', $value) === 1 ? '"'.str_replace('"', '""', $value).'"' : $value;
    }
}

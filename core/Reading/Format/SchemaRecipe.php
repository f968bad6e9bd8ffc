<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Format;

/** A Recipe in schema.org's vocabulary as JSON-LD: found wherever it stands, written out as plain text. */
final readonly class SchemaRecipe
{
    private const DEEPEST = 12;

    /** @param  array<array-key, mixed>  $node */
    private function __construct(private array $node) {}

    /** The first node of type Recipe in the data: the root, in @graph, in a list, or under another node. */
    public static function find(mixed $data, int $depth = 0): ?self
    {
        if (! is_array($data) || $depth > self::DEEPEST) {
            return null;
        }
        $types = array_map(
            static fn (mixed $t): string => is_string($t) ? basename(str_replace(['#', ':'], '/', $t)) : '',
            (array) ($data['@type'] ?? []),
        );
        if (in_array('Recipe', $types, true)) {
            return new self($data);
        }
        foreach ($data as $value) {
            $found = self::find($value, $depth + 1);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    public function text(): string
    {
        $rows = [self::plain($this->node['name'] ?? 'Untitled dessert')];
        $yield = $this->yield();
        if ($yield !== '') {
            $rows[] = $yield;
        }
        array_push($rows, '', 'Ingredients', ...$this->ingredients());
        $steps = $this->steps($this->node['recipeInstructions'] ?? []);
        $time = $this->bakingTime($steps);
        if ($steps !== [] || $time !== '') {
            array_push($rows, '', 'Method', ...$steps, ...($time === '' ? [] : [$time]));
        }

        return implode("\n", $rows)."\n";
    }

    private function yield(): string
    {
        $best = '';
        foreach ((array) ($this->node['recipeYield'] ?? $this->node['yield'] ?? []) as $yield) {
            $yield = self::plain(is_array($yield) ? ($yield['value'] ?? '').' '.($yield['unitText'] ?? '') : $yield);
            // Of "12" and "12 slices" the longer says more.
            $best = strlen($yield) > strlen($best) ? $yield : $best;
        }

        return $best === ''
            ? ''
            : (preg_match('~^(?:makes|serves|yield|servings)~i', $best) === 1
                ? $best
                : "Makes $best");
    }

    /** @return list<string> rows of the ingredients that end with a colon, in small letters */
    private function headings(): array
    {
        return array_map(
            mb_strtolower(...),
            array_values(array_filter($this->ingredients(), static fn (string $r): bool => str_ends_with($r, ':'))),
        );
    }

    /** @return list<string> */
    private function ingredients(): array
    {
        $rows = [];
        foreach ((array) ($this->node['recipeIngredient'] ?? ($this->node['ingredients'] ?? [])) as $row) {
            array_push(
                $rows,
                ...array_filter(
                    array_map(
                        trim(...),
                        explode("\n", self::plain(is_array($row) ? $row['text'] ?? ($row['name'] ?? '') : $row)),
                    ),
                ),
            );
        }

        return $rows;
    }

    /** @return list<string> */
    private function steps(mixed $instructions, int $depth = 0): array
    {
        if (is_string($instructions)) {
            return array_values(
                array_filter(array_map(trim(...), preg_split('~\n+~', self::plain($instructions)) ?: [])),
            );
        }
        if (! is_array($instructions) || $depth > self::DEEPEST) {
            return [];
        }
        if (! array_is_list($instructions)) {
            $name = self::plain($instructions['name'] ?? '');
            $inside = $instructions['itemListElement'] ?? $instructions['steps'] ?? null;
            if ($inside !== null) {
                // A part that the ingredients name needs no heading again.
                $isKnown = in_array(mb_strtolower('for the '.rtrim($name, ':').':'), $this->headings(), true);

                return [
                    ...($name === '' || $isKnown ? [] : [rtrim($name, ':').':']),
                    ...$this->steps($inside, $depth + 1),
                ];
            }
            $text = self::plain($instructions['text'] ?? $name);

            return $text === '' ? [] : $this->steps($text, $depth + 1);
        }

        return array_merge(
            ...array_map(fn (mixed $one): array => $this->steps($one, $depth + 1), $instructions),
            ...[[]],
        );
    }

    /**
     * The cooking time where no step names one.
     *
     * @param  list<string>  $steps
     */
    private function bakingTime(array $steps): string
    {
        $minutes = self::minutes($this->node['cookTime'] ?? '');

        return $minutes === null || preg_match('~\d\s*(?:min|hour|hr|h\b)~i', implode(' ', $steps)) === 1
            ? ''
            : "Bake for $minutes minutes.";
    }

    /** Minutes of an ISO 8601 duration such as PT1H30M; null where it is none. */
    public static function minutes(mixed $duration): ?int
    {
        if (
            ! is_string($duration) ||
            preg_match('~^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?(?:\d+(?:\.\d+)?S)?)?$~', $duration, $m) !== 1
        ) {
            return null;
        }
        $minutes = (int) ($m[1] ?? 0) * 1440 + (int) ($m[2] ?? 0) * 60 + (int) ($m[3] ?? 0);

        return $minutes > 0 ? $minutes : null;
    }

    /** Text without markup; nothing of it is ever run. */
    private static function plain(mixed $text): string
    {
        if (! is_scalar($text)) {
            return '';
        }
        $text = preg_replace(['~<(?:br|/p|/li|/div)[^>]*>~i', '~<[^>]*>~'], ["\n", ''], (string) $text) ?? '';

        return trim(
            preg_replace('~[ \t\x{a0}]+~u', ' ', html_entity_decode($text, ENT_QUOTES | ENT_HTML5, 'UTF-8')) ?? '',
        );
    }
}

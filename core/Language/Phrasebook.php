<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

use Aglyca\Core\Tables;
use InvalidArgumentException;

/**
 * A table of phrases: what a sentence speaks of, by topic. A row has the columns `pattern`, `unless` (which must not
 * stand in the same sentence), `example` and `near_miss`. A topic with `*` stands for one of each group of
 * `data/language/en/groups.csv`, whose words take the place of `{*}`.
 *
 * @phpstan-type CompiledPhrase array{
 *     topic: string, gives: string, row: int, pattern: array<int, mixed>, isWord: bool,
 *     needs: array<int, array<string, int>>, unless: ?array<int, mixed>
 * }
 */
final class Phrasebook
{
    /** @var list<CompiledPhrase> */
    private array $phrases;

    /** @var array<string, array<int, int>> with which word a phrase may begin => phrases */
    private array $beginning;

    /**
     * @param  string  $topic  the column that names what a row speaks of
     * @param  string  $gives  the column that says what a row makes of it, where there is one
     */
    public function __construct(Tables $tables, string $table, string $topic, string $gives = 'gives')
    {
        $this->phrases = $tables->worked(
            "phrases of $table",
            static fn (): array => self::compile($tables, $table, $topic, $gives),
        );
        $this->beginning = $tables->worked(
            "beginnings of the phrases of $table",
            fn (): array => self::index($this->phrases),
        );
    }

    /** @return list<Found> in the order of the table */
    public function in(Sentence $sentence): array
    {
        $found = [];
        foreach ($this->found($sentence) as $n => $places) {
            foreach ($places as [$from, $end]) {
                $first = $sentence->tokens[$from];
                $last = $sentence->tokens[max($from, $end - 1)];
                $phrase = $this->phrases[$n];
                $found[] = new Found(
                    $phrase['topic'], $phrase['gives'], $phrase['row'], $first->at - $sentence->at,
                    $last->end() - $first->at,
                );
            }
        }

        return $found;
    }

    /** @return array<int, list<array{int, int}>> phrase => of each place the first token and the one behind the last */
    private function found(Sentence $sentence): array
    {
        [$found, $not, $said] = [[], [], null];
        foreach ($sentence->tokens as $i => $token) {
            foreach ($i === 0 ? $this->mayBegin($token) + $this->mayBegin($token, '^')
                : $this->mayBegin($token) as $n) {
                $last = isset($found[$n]) ? $found[$n][count($found[$n]) - 1] : null;
                if (isset($not[$n]) || ($last !== null && $i < $last[1])) {
                    continue;
                }
                $said ??= array_replace([], ...array_column($sentence->tokens, 'forms'));
                if ($last === null && ! $this->mayStand($n, $said)) {
                    $not[$n] = true;

                    continue;
                }
                $end = $this->phrases[$n]['isWord']
                    ? $i + 1
                    : Pattern::compiled($this->phrases[$n]['pattern'])->at($sentence->tokens, $i);
                if ($end === null) {
                    continue;
                }
                $unless = isset($found[$n]) ? null : $this->phrases[$n]['unless'];
                if ($unless !== null && Pattern::compiled($unless)->in($sentence->tokens) !== null) {
                    $not[$n] = true;
                } else {
                    $found[$n][] = [$i, $end];
                }
            }
        }
        ksort($found);

        return $found;
    }

    /** @param  array<string, true>  $said  all forms of the words of a sentence */
    private function mayStand(int $n, array $said): bool
    {
        foreach ($this->phrases[$n]['needs'] as $any) {
            if (array_intersect_key($any, $said) === []) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  string  $where  "^" of those that stand at the beginning of a sentence alone
     * @return array<int, int> phrases
     */
    private function mayBegin(Token $token, string $where = ''): array
    {
        $may = $where === '' ? [] : $this->beginning["$where*"] ?? [];
        foreach ($token->number === null ? $token->forms : $token->forms + ['#' => true] as $form => $is) {
            foreach ($this->beginning[$where.$form] ?? [] as $n) {
                $may[$n] = $n;
            }
        }

        return $may;
    }

    /**
     * @param  list<CompiledPhrase>  $phrases
     * @return array<string, array<int, int>>
     *
     * @throws InvalidArgumentException where one may begin with anything, which would be tried at every word
     */
    private static function index(array $phrases): array
    {
        $beginning = [];
        foreach ($phrases as $n => $phrase) {
            $isAnchored = Pattern::isAnchored($phrase['pattern']);
            $firsts = Pattern::firsts($phrase['pattern']) ?? ($isAnchored
                ? ['*']
                : throw new InvalidArgumentException("A phrase of “{$phrase['topic']}” may begin with any word."));
            foreach ($firsts as $first) {
                $beginning[($isAnchored ? '^' : '').$first][$n] = $n;
            }
        }

        return $beginning;
    }

    /** @return list<CompiledPhrase> */
    private static function compile(Tables $tables, string $table, string $topic, string $gives): array
    {
        $phrases = [];
        $groups = $tables->pairs('language/en/groups', 'pattern', 'group');
        foreach ($tables->rows($table) as $number => $row) {
            $each = str_ends_with($row[$topic], '*') ? $groups : ['' => ''];
            foreach ($each as $group => $words) {
                $fill = static fn (string $pattern): string => str_replace('{*}', $words, $pattern);
                $phrases[] = [
                    'topic' => str_replace('*', $group, $row[$topic]),
                    'gives' => $row[$gives] ?? '',
                    'row' => $number,
                    'pattern' => $pattern = Pattern::compile($fill($row['pattern'])),
                    'isWord' => Pattern::isWord($pattern),
                    'needs' => array_map(array_flip(...), array_filter(
                        Pattern::needs($pattern),
                        static fn (array $any): bool => $any !== ['#'],
                    )),
                    'unless' => $row['unless'] === '' ? null : Pattern::compile($fill($row['unless'])),
                ];
            }
        }

        return $phrases;
    }
}

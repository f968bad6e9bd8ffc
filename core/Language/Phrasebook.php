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
 *     needs: array<int, array<string, int>>, isSlow: bool, unless: ?array<int, mixed>
 * }
 */
final class Phrasebook
{
    /** Words: in a longer sentence it is asked first whether a phrase may stand there at all. */
    private const SHORT = 40;

    /** Words that are remembered. */
    private const REMEMBERED = 2_000;

    /** @var list<CompiledPhrase> */
    private array $phrases;

    /** @var array<string, array<int, int>> with which word a phrase may begin => phrases */
    private array $beginning;

    /** None of them stands but at the beginning of a sentence. */
    private bool $isAnchored;

    /** @var array<string, array<int, int>> the same by words that were met */
    private array $may = [];

    /** @var array<string, array<int, int>> the same of the first word of a sentence */
    private array $first = [];

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
        $this->isAnchored = array_filter(
            array_keys($this->beginning),
            static fn (int|string $key): bool => ! str_starts_with((string) $key, '^'),
        ) === [];
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
        if (count($this->may) + count($this->first) > self::REMEMBERED) {
            [$this->may, $this->first] = [[], []];
        }
        [$found, $not, $said] = [[], [], null];
        $isLong = count($sentence->tokens) > self::SHORT;
        foreach ($sentence->tokens as $i => $token) {
            foreach ($i === 0 ? $this->mayBeFirst($token) : $this->mayBegin($token) as $n) {
                if (isset($not[$n]) || (isset($found[$n]) && $i < $found[$n][count($found[$n]) - 1][1])) {
                    continue;
                }
                if (! isset($found[$n]) && ($isLong || $this->phrases[$n]['isSlow'])) {
                    $said ??= $sentence->forms();
                    if (! $this->mayStand($n, $said)) {
                        $not[$n] = true;

                        continue;
                    }
                }
                $end = $this->end($n, $sentence->tokens, $i);
                if ($end === null) {
                    continue;
                }
                if (! isset($found[$n]) && $this->isDenied($n, $sentence->tokens)) {
                    $not[$n] = true;
                } else {
                    $found[$n][] = [$i, $end];
                }
            }
            if ($this->isAnchored) {
                break;
            }
        }
        ksort($found);

        return $found;
    }

    /** @param  list<Token>  $tokens */
    private function end(int $n, array $tokens, int $i): ?int
    {
        return $this->phrases[$n]['isWord']
            ? $i + 1
            : Pattern::compiled($this->phrases[$n]['pattern'])->at($tokens, $i);
    }

    /** @param  list<Token>  $tokens */
    private function isDenied(int $n, array $tokens): bool
    {
        $unless = $this->phrases[$n]['unless'];

        return $unless !== null && Pattern::compiled($unless)->in($tokens) !== null;
    }

    /** @param  array<string, true>  $said  all forms of the words of a sentence */
    private function mayStand(int $n, array $said): bool
    {
        foreach ($this->phrases[$n]['needs'] as $any) {
            foreach ($any as $form => $is) {
                if (isset($said[$form])) {
                    continue 2;
                }
            }

            return false;
        }

        return true;
    }

    /** @return array<int, int> phrases */
    private function mayBeFirst(Token $token): array
    {
        return $token->word[0] === '<'
            ? $this->beginningWith($token, true)
            : $this->first[$token->word] ??= $this->beginningWith($token, true);
    }

    /** @return array<int, int> phrases */
    private function mayBegin(Token $token): array
    {
        return $token->word[0] === '<'
            ? $this->beginningWith($token, false)
            : $this->may[$token->word] ??= $this->beginningWith($token, false);
    }

    /** @return array<int, int> phrases */
    private function beginningWith(Token $token, bool $isFirst): array
    {
        $may = $isFirst ? $this->beginning['^*'] ?? [] : [];
        foreach ($token->number === null ? $token->forms : $token->forms + ['#' => true] as $form => $is) {
            $may += $this->beginning[$form] ?? [];
            $may += $isFirst ? $this->beginning["^$form"] ?? [] : [];
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
                    'isSlow' => Pattern::leaps($pattern) || Pattern::isAnchored($pattern),
                    'unless' => $row['unless'] === '' ? null : Pattern::compile($fill($row['unless'])),
                ];
            }
        }

        return $phrases;
    }
}

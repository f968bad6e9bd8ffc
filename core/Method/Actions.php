<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Quantity\Duration;
use Aglyca\Core\Tables;

/** Tells what is done in a clause by its verb. */
final readonly class Actions
{
    /** @var array<string, array<string, string>> rows of `data/actions.csv` by action */
    private array $rows;

    /** @var array<string, string> verb => action */
    private array $verbs;

    private string $pattern;

    /** Bytes before a verb that tell whether it is one. */
    private const BEFORE = 40;

    public function __construct(Tables $tables)
    {
        $this->rows = $tables->keyed('actions', 'action');
        $this->verbs = $tables->worked('verbs of actions', static function () use ($tables): array {
            $verbs = [];
            foreach ($tables->pairs('actions', 'verbs', 'action') as $action => $all) {
                $verbs += array_fill_keys(explode('|', $all), $action);
            }
            uksort($verbs, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

            return $verbs;
        });
        $this->pattern = $tables->worked(
            'pattern of actions',
            fn (): string => '~\b(?:'.
                implode('|', array_map(static fn (string $v): string => preg_quote($v, '~'), array_keys($this->verbs))).
                ')(?:s|es|ed|d|ing)?\b~iu',
        );
    }

    public function get(string $key): Action
    {
        $row = $this->rows[$key];

        return new Action(
            $key,
            $row['place'],
            $row['hands'],
            Duration::minutes((float) $row['minutes_low'], (float) $row['minutes_high']),
            $row['heats'] === 'yes',
            (float) $row['minutes'],
        );
    }

    /** @return list<Verb> */
    public function in(string $text): array
    {
        preg_match_all($this->pattern, $text, $found, PREG_OFFSET_CAPTURE);
        $actions = [];
        foreach ($found[0] as [$verb, $at]) {
            $key = $this->key(mb_strtolower($verb));
            // A verb begins a sentence, or follows a stroke or a joining word; elsewhere it is a noun: "the cream".
            if (
                $key !== null &&
                preg_match(
                    '~(?:^|[.,;:!)]|\b(?:bowl|saucepan|pan|jug|processor|mixer|blender|boiler)|\band|\bthen|\bor|\bto|\bnow|\bnext|\bimmediately|\bmeanwhile|\bfinally|\bafterwards|\bgently|\blightly|\bcarefully|\bslowly|\bquickly|\blet(?:\s+it)?|\d)\W*$~iu',
                    // What stands further away says nothing of it; "x" keeps that from being the beginning.
                    $at > self::BEFORE ? 'x'.substr($text, $at - self::BEFORE, self::BEFORE) : substr($text, 0, $at),
                ) === 1
            ) {
                $actions[] = new Verb($at, $this->get($key));
            }
        }

        return $actions;
    }

    /** What is mainly done in a text: of a bake and what surrounds it, the bake. */
    public function main(string $text): ?Action
    {
        $found = array_column($this->in($text), 'action');
        foreach ($found as $action) {
            if (in_array($action->key, ['bake', 'microwave', 'fry', 'steam'], true)) {
                return $action;
            }
        }

        return $found[0] ?? null;
    }

    private function key(string $verb): ?string
    {
        foreach ($this->verbs as $known => $action) {
            if (str_starts_with($verb, $known)) {
                return $action;
            }
        }

        return null;
    }
}

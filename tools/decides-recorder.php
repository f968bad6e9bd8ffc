<?php

declare(strict_types=1);

/** Stands before a run of `tools/decides`: what its sources say of conditions and patterns is counted here. */
final class AglycaDecides
{
    /** Alternatives of one group: more of them come out of a table. */
    private const MOST = 60;

    /** @var array<int, array{int, int}> how often a condition was false and true */
    public static array $conditions = [];

    /** @var array<int, array<string, int>> how often each alternative of a pattern took part */
    public static array $alternatives = [];

    /** @var array<int, list<string|array<string>>> patterns that wait for their text */
    private static array $waiting = [];

    /** @var array<string, array{string, list<string>}> a pattern with a mark in each alternative, and what these are */
    private static array $marked = [];

    public static function c(int $id, mixed $value): mixed
    {
        self::$conditions[$id] ??= [0, 0];
        self::$conditions[$id][$value ? 1 : 0]++;

        return $value;
    }

    public static function p(int $id, mixed $pattern): mixed
    {
        self::$waiting[$id][] = $pattern;

        return $pattern;
    }

    public static function s(int $id, mixed $subject): mixed
    {
        foreach ((array) (array_pop(self::$waiting[$id]) ?? []) as $pattern) {
            foreach ((array) $subject as $text) {
                self::count($id, (string) $pattern, (string) $text);
            }
        }

        return $subject;
    }

    private static function count(int $id, string $pattern, string $text): void
    {
        [$marked, $names] = self::$marked[$pattern] ??= self::mark($pattern);
        self::$alternatives[$id] = (self::$alternatives[$id] ?? []) + array_fill_keys($names, 0);
        $open = array_filter($names, static fn (string $name): bool => self::$alternatives[$id][$name] === 0);
        if ($open === [] || @preg_match_all($marked, $text, $found, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL) < 1) {
            return;
        }
        foreach ($found as $match) {
            foreach ($open as $n => $name) {
                if (($match["z$n"] ?? null) !== null) {
                    self::$alternatives[$id][$name]++;
                }
            }
        }
    }

    /** @return array{string, list<string>} */
    private static function mark(string $pattern): array
    {
        $end = strrpos($pattern, $pattern[0]);
        $body = substr($pattern, 1, (int) $end - 1);
        [$out, $names, $open, $denied] = ['', [], [['from' => 0, 'bars' => []]], 0];
        $groups = [];
        for ($i = 0, $length = strlen($body); $i < $length; $i++) {
            if ($body[$i] === '\\') {
                $i++;
            } elseif ($body[$i] === '[') {
                for ($i += ($body[$i + 1] ?? '') === '^' ? 2 : 1, $first = $i; $i < $length && ($body[$i] !== ']' || $i === $first); $i++) {
                    $i += $body[$i] === '\\' ? 1 : 0;
                }
            } elseif ($body[$i] === '(') {
                preg_match('~\G\((?:\*[^)]*|\?(?:[:=!>|]|<[=!]|P?<\w+>|[a-z-]*:?))?~', $body, $m, 0, $i);
                $head = $m[0] ?? '(';
                $open[] = ['from' => $i + strlen($head), 'bars' => [], 'denied' => str_ends_with($head, '!'), 'verb' => str_starts_with($head, '(*')];
                $i += strlen($head) - 1;
            } elseif ($body[$i] === '|') {
                $open[count($open) - 1]['bars'][] = $i;
            } elseif ($body[$i] === ')' && count($open) > 1) {
                $groups[] = [...array_pop($open), 'end' => $i, 'isDenied' => array_filter(array_column($open, 'denied')) !== []];
            }
        }
        $groups[] = [...$open[0], 'end' => $length, 'isDenied' => false];
        $inserts = [];
        foreach ($groups as $group) {
            if ($group['bars'] === [] || count($group['bars']) >= self::MOST || ($group['denied'] ?? false) || $group['isDenied'] || ($group['verb'] ?? false) || str_contains($body, '(*')) {
                continue;
            }
            foreach ([$group['from'], ...array_map(static fn (int $bar): int => $bar + 1, $group['bars'])] as $n => $from) {
                $to = $group['bars'][$n] ?? $group['end'];
                $inserts[$from][] = count($names);
                $names[] = count($names).': '.substr($body, $from, min(60, $to - $from));
            }
        }
        ksort($inserts);
        $at = 0;
        foreach ($inserts as $from => $marks) {
            $out .= substr($body, $at, $from - $at).implode('', array_map(static fn (int $n): string => "(?<z$n>)", $marks));
            $at = $from;
        }
        $marked = $pattern[0].$out.substr($body, $at).substr($pattern, (int) $end);

        // A pattern that counts its groups by number cannot be marked.
        return @preg_match($marked, '') === false ? [$pattern, []] : [$marked, $names];
    }
}

require dirname(__DIR__).'/vendor/autoload.php';
$folder = (string) getenv('AGLYCA_DECIDES');
spl_autoload_register(static function (string $class) use ($folder): void {
    $file = $folder.'/'.strtr(substr($class, strlen('Aglyca\\Core\\')), '\\', '/').'.php';
    if (str_starts_with($class, 'Aglyca\\Core\\') && is_file($file)) {
        require $file;
    }
}, true, true);
register_shutdown_function(static function () use ($folder): void {
    is_dir($folder) && file_put_contents("$folder/seen.json", json_encode([
        'conditions' => AglycaDecides::$conditions, 'alternatives' => AglycaDecides::$alternatives,
    ], JSON_INVALID_UTF8_SUBSTITUTE));
});

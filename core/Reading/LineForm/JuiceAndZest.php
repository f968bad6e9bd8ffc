<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Reading\Split;
use Aglyca\Core\Reading\ThingReader;
use Aglyca\Core\Reading\Words;

/** "juice and zest of 2 limes", "3 limes, zest and juice" */
final readonly class JuiceAndZest implements LineForm
{
    private string $before;

    private string $behind;

    /** The fruit that stands behind the first. */
    private string $another;

    /** "zest of 2 lemons and juice of 1" */
    private string $apart;

    public function __construct(private ThingReader $things, Words $words)
    {
        $done = '(?:finely\s+|freshly\s+)?(?:grated\s+|squeezed\s+)?';
        $and = '(?:\s+and\s+|\s*[&+/]\s*)(?:finely\s+)?(?:grated\s+)?';
        $this->before =
            '~^(?:the\s+)?'.
            $done.
            '(?<part>juice|zest|rind|peel)(?:'.
            $and.
            '(?<part2>juice|zest|rind))?\s+'.
            '(?:(?:of|from)\s+|(?='.
            $words->digit.
            '|half\b|one\b|two\b|an?\b))(?<rest>.+)$~iu';
        $this->apart =
            '~^(?:the\s+)?'.
            $done.
            '(?<part>juice|zest|rind)\s+(?:(?:of|from)\s+|(?=\d))(?<rest>.+?)(?:,\s*|,?\s+(?:and|plus|&|\+)\s+)(?:the\s+)?'.
            $done.
            '(?<part2>juice|zest|rind)\s+(?:of|from)\s+(?:only\s+)?(?<many>[\d'.
            $words->signs.
            '\s/]+|half|one|two|three)\s*$~iu';
        $this->another =
            '~^(?<one>.+?)\s+(?:and|&|plus)\s+(?<two>(?:['.
            $words->signs.
            '\d]|an?\s|one\s|two\s|half\s).*\b(?:lemons?|oranges?|limes?|grapefruits?|clementines?|mandarins?))\s*$~iu';
        $this->behind =
            '~^(?<rest>[^,(]+?)(?:,\s*|\s*\(\s*|\s+(?=(?:juice|zest|rind)\s*[&+/]))'.
            $done.
            '(?<part>juice|zest|rind)(?:e?d)?(?:'.
            $and.
            '(?<part2>juice|zest|rind)(?:e?d)?)\s*\)?\s*$~iu';
    }

    public function things(string $body): ?array
    {
        if (preg_match($this->apart, $body, $m) === 1) {
            $fruit = trim(preg_replace('~^[^\pL]*(?:an?|one|two|three|four|half)?\s*~iu', '', $m['rest']) ?? '');

            return [
                $this->part($m['rest'], $m['part'], mb_strtolower($m['part'])." of {$m['rest']}"),
                $this->part("{$m['many']} $fruit", $m['part2'], mb_strtolower($m['part2'])." of {$m['many']} $fruit"),
            ];
        }
        if (preg_match($this->before, $body, $m) !== 1 && preg_match($this->behind, $body, $m) !== 1) {
            return null;
        }
        $other = $m['part2'] ?? '';
        if ($other === '' && preg_match($this->another, $m['rest'], $two) === 1) {
            // "zest of 1 orange and 1 lemon"
            $part = mb_strtolower($m['part']);

            return [
                $this->part($two['one'], $m['part'], "$part of {$two['one']}"),
                $this->part($two['two'], $m['part'], "$part of {$two['two']}"),
            ];
        }
        if ($other === '') {
            return [$this->part($m['rest'], $m['part'], $body)];
        }

        return [
            $this->part($m['rest'], $m['part'], mb_strtolower($m['part'])." of {$m['rest']}"),
            $this->part($m['rest'], $other, mb_strtolower($other)." of {$m['rest']}"),
        ];
    }

    private function part(string $fruit, string $part, string $body): Split
    {
        // "juice of the lemon" is of one
        $split = $this->things->one(
            preg_replace('~^(?:the|that|same)\s+(?=\pL+\s*$)(?!\pL+s\s*$)~iu', '1 ', $fruit) ?? $fruit,
        );
        $name = trim(preg_replace('~\b(?:unwaxed|organic|fresh|ripe)\b~iu', '', $split->name) ?? '');

        return $split->called($body, $name.' '.(stripos($part, 'juice') === 0 ? 'juice' : 'zest'), $name);
    }
}

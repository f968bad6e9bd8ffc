<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Reading\Line;

/** A line as typed, cut where its amount and its food's name stand. */
final class Spans
{
    /** @return list<array{text: string, kind: string}> kind is "amount", "name" or "" */
    public static function of(Line $line): array
    {
        $marks = array_filter(['amount' => $line->amountSpan, 'name' => $line->nameSpan]);
        uasort($marks, static fn ($a, $b): int => $a->at <=> $b->at);
        [$parts, $done] = [[], 0];
        foreach ($marks as $kind => $span) {
            if ($span->at >= $done) {
                $parts[] = ['text' => substr($line->typed, $done, $span->at - $done), 'kind' => ''];
                $parts[] = ['text' => substr($line->typed, $span->at, $span->length), 'kind' => $kind];
                $done = $span->at + $span->length;
            }
        }
        $parts[] = ['text' => substr($line->typed, $done), 'kind' => ''];

        return array_values(array_filter($parts, static fn (array $p): bool => $p['text'] !== ''));
    }
}

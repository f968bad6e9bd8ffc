<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Conversion;

/** Carbs of one piece as two bars, as written over swapped, split by what carries them. */
final readonly class Ladder
{
    /** Width of the drawing in its own units. */
    private const WIDTH = 1000.0;

    /** A part narrower than this has its name below the bar instead of in it. */
    private const NAMED_FROM = 90.0;

    /** @return array{bars: list<array<string, mixed>>, limit: ?string, limitLabel: string} */
    public static function of(Conversion $conversion, ?float $limit): array
    {
        $convention = $conversion->brief->convention;
        $most =
            max(
                $conversion->before->net($convention),
                $conversion->after->net($convention),
                $limit ?? 0.0,
                0.1,
            ) * 1.02;
        $scale = self::WIDTH / $most;

        return [
            'bars' => [
                ['name' => 'As written', ...self::bar($conversion->before, $convention, $scale)],
                ['name' => 'Swapped', ...self::bar($conversion->after, $convention, $scale)],
            ],
            'limit' => $limit === null ? null : sprintf('%.1f', $limit * $scale),
            'limitLabel' => $limit === null ? '' : Figures::one($limit),
        ];
    }

    /** @return array{total: string, parts: list<array<string, mixed>>} */
    private static function bar(Account $account, Convention $convention, float $scale): array
    {
        $shares = [];
        foreach ($account->contributions($convention) as $i => $grams) {
            $food = $account->formula->doses[$i]->food;
            if ($food !== null && $grams > 0.004) {
                $shares[$food->key] = [
                    'name' => $food->name,
                    'role' => $food->role,
                    'grams' => ($shares[$food->key]['grams'] ?? 0.0) + $grams,
                ];
            }
        }
        uasort($shares, static fn (array $a, array $b): int => $b['grams'] <=> $a['grams']);
        $x = 0.0;
        $parts = [];
        foreach ($shares as $share) {
            $width = $share['grams'] * $scale;
            $parts[] = [
                'name' => $share['name'],
                'role' => $share['role'],
                'figure' => Figures::one($share['grams']),
                'x' => sprintf('%.2f', $x),
                'width' => sprintf('%.2f', max(0.5, $width - 1.5)),
                'named' => $width >= self::NAMED_FROM && mb_strlen($share['name']) * 9 + 40 < $width,
            ];
            $x += $width;
        }

        return ['total' => Figures::one($account->net($convention)), 'parts' => $parts];
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Scaler;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;
use Aglyca\Core\Tables;

/**
 * What has to be made before the method begins, because the written recipe took it from a tin: rows of
 * `data/preparations.csv`.
 */
final readonly class Preparations
{
    /** @var array<string, string> food => the step, with places for its parts and for the grams as written */
    private array $does;

    public function __construct(Tables $tables, private Scaler $scaler)
    {
        $this->does = $tables->pairs('preparations', 'does', 'food');
    }

    /** What it is called that is made first of what took a food's place, "crumbs"; "" where nothing is. */
    public function nameOf(?Dose $dose): string
    {
        return preg_match('~^First the (\pL+(?: \pL+)?):~u', $this->does[$dose->food->key ?? ''] ?? '', $m) === 1
            ? $m[1]
            : '';
    }

    /** @return list<PlannedStep> */
    public function of(Swap $swap): array
    {
        $steps = [];
        foreach ($swap->exchanges as $exchange) {
            $text = $this->text($swap, $exchange);
            if ($text !== null) {
                $steps[] = PlannedStep::added($text);
            }
        }

        return $steps;
    }

    private function text(Swap $swap, Exchange $exchange): ?string
    {
        $dose = $swap->before->doses[$exchange->from[0] ?? -1] ?? null;
        $does = $this->does[$dose->food->key ?? ''] ?? null;
        if ($dose === null || $does === null || ! $exchange->changed || $exchange->to === []) {
            return null;
        }
        $parts = array_map(
            fn (Part $p): string => mb_strtolower($this->scaler->measured($p->food, $p->grams)->text),
            $exchange->to,
        );
        $last = array_pop($parts);

        return strtr($does, [
            '{parts}' => $parts === [] ? $last : implode(', ', $parts).' and '.$last,
            '{grams}' => (string) round($dose->mass()),
        ]);
    }
}

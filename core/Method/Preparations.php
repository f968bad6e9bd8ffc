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

    /** Whether what came instead is made first. */
    public function isMade(Swap $swap, Exchange $exchange): bool
    {
        return $exchange->changed && $exchange->to !== [] && $this->does($swap, $exchange) !== '';
    }

    /** @return list<PlannedStep> each with what goes into it */
    public function of(Swap $swap): array
    {
        $steps = [];
        foreach ($swap->exchanges as $exchange) {
            if ($this->isMade($swap, $exchange)) {
                $steps[] = PlannedStep::usual(
                    $this->text($swap, $exchange),
                    [],
                    null,
                    array_map(static fn (Part $p): StepUse => new StepUse($p->food, $p->grams), $exchange->to),
                    $exchange->component,
                );
            }
        }

        return $steps;
    }

    private function does(Swap $swap, Exchange $exchange): string
    {
        return $this->does[$swap->before->doses[$exchange->from[0] ?? -1]->food->key ?? ''] ?? '';
    }

    private function text(Swap $swap, Exchange $exchange): string
    {
        $parts = array_map(
            fn (Part $p): string => mb_strtolower($this->scaler->measured($p->food, $p->grams)->text),
            $exchange->to,
        );
        $last = array_pop($parts);

        return strtr($this->does($swap, $exchange), [
            '{parts}' => $parts === [] ? $last : implode(', ', $parts).' and '.$last,
            '{grams}' => (string) round($swap->before->doses[$exchange->from[0]]->mass()),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Harm\Circumstances;
use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Tables;

/** Plants that poison, fibres that choke, what small children must not have: rows of `data/hazards.csv`. */
final readonly class Hazards implements Rule
{
    /** @var list<array<string, string>> */
    private array $rows;

    private Phrasebook $names;

    public function __construct(Tables $tables, private Lexer $lexer, private float $fibreWater)
    {
        $this->rows = $tables->rows('hazards');
        $this->names = new Phrasebook($tables, 'hazards', 'hazard');
    }

    public function of(Circumstances $all): array
    {
        $grams = [];
        foreach ($all->after->doses as $dose) {
            foreach ($this->namedIn($dose) as $row) {
                if ($this->isSo($this->rows[$row]['state'], $dose, $all)) {
                    $grams[$row] = ($grams[$row] ?? 0.0) + $all->inAPiece($dose);
                }
            }
        }
        ksort($grams);
        $warnings = [];
        foreach ($grams as $row => $inAPiece) {
            $cells = $this->rows[$row];
            $eaters = array_filter(explode('|', $cells['eater']));
            if (
                $inAPiece >= (float) $cells['least_g']
                && ($eaters === [] || $all->speaksOf(...$eaters))
                && ($cells['with'] === '' || $all->after->gramsOf($cells['with']) > 0)
            ) {
                $warnings[] = new Warning($cells['hazard'], $cells['sentence'], true);
            }
        }

        return $warnings;
    }

    /** @return list<int> rows */
    private function namedIn(Dose $dose): array
    {
        $tokens = $this->lexer->tokens($dose->text);

        return $tokens === [] ? [] : array_column($this->names->in(Sentence::of($dose->text, $tokens)), 'row');
    }

    private function isSo(string $state, Dose $dose, Circumstances $all): bool
    {
        $family = $all->swap->families[$dose->component];
        $isBaked = $family->minutes > 0 && $all->before->making->isBaked;

        return match ($state) {
            'unboiled' => ! $isBaked && ! $all->speaksOf('boils'),
            'unbaked' => ! $isBaked,
            'frozen' => $family->key === 'ice-cream',
            'dry' => $this->water($all) < $this->fibreWater * $dose->mass(),
            default => true,
        };
    }

    private function water(Circumstances $all): float
    {
        return array_sum(array_map(
            static fn (Dose $d): float => $d->mass() * ($d->food->per100->water ?? 0.0) / 100,
            $all->after->doses,
        ));
    }
}

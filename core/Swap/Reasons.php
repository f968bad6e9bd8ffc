<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Linear\Row;
use Aglyca\Core\Reading\Flag;
use Aglyca\Core\Tables;

/** Says in a sentence why an amount is what it is: the row that decides, or what is usual. */
final class Reasons
{
    /** Rows that hold something back say more than what the ingredient is usually for. */
    private const HOLDING_BACK = ['browning', 'grain', 'cool', 'tolerance', 'carbs'];

    /** @var array<string, array<string, string>> */
    private array $rows;

    public function __construct(Tables $tables, private readonly Constants $constants)
    {
        $this->rows = $tables->keyed('rows', 'row');
    }

    public function why(Chosen $choice, int $offer): string
    {
        $o = $choice->problem->component->candidates->offers[$offer];
        if ($o->isHeld()) {
            return $this->asSet($choice, $offer) ?? ($o->purpose === Purpose::Sweet ? $o->why : 'as you typed it');
        }
        foreach ($choice->deciding($offer) as $decides) {
            $row = $decides->row;
            $pulls = $row->coefficients[$offer] > 0;
            if ($decides->isHigh && $pulls && in_array($row->key, self::HOLDING_BACK, true)) {
                return $this->rows[$row->key]['binds_high'];
            }
            if (! $decides->isHigh && $pulls && $o->purpose === Purpose::Water) {
                return $this->rows[$row->key]['binds_low'] ?: $o->why;
            }
        }

        return $o->why;
    }

    /** What an amount that the baker set breaks; null where it breaks nothing. */
    private function asSet(Chosen $choice, int $offer): ?string
    {
        foreach ($choice->programme->rows as $i => $row) {
            $isBroken = $choice->solution->misses[$i] > 1e-6 && $row->coefficients[$offer] > 0;
            if ($isBroken && isset(Triangle::SPOKEN[$row->key]) && $row->key !== 'body') {
                return 'as you set it: '.Triangle::SPOKEN[$row->key];
            }
        }

        return null;
    }

    /**
     * The rows of a component that decided, hard ones that were missed first.
     *
     * @return list<Binding>
     */
    public function bindings(Formula $formula, Chosen $choice): array
    {
        $found = [];
        foreach ($choice->programme->rows as $i => $row) {
            $miss = $choice->solution->misses[$i];
            $isMissed = abs($miss) > 1e-6 * max(1.0, abs($row->high === INF ? $row->low : $row->high));
            if ($row->key === 'practice' || (! $isMissed && abs($choice->solution->prices[$i]) < 1e-7)) {
                continue;
            }
            $found[] = new Binding(
                $row->key,
                $this->rows[$row->key]['name'],
                $choice->problem->component->sorting->component,
                $row->isHard,
                $isMissed,
                $this->rows[$row->key]['relax'],
                $this->price($row, $choice),
                $row->isHard ? $this->pieces($formula, $row, $choice) : null,
            );
        }
        usort(
            $found,
            static fn (Binding $a, Binding $b): int => [$b->isHard && $b->isMissed, $b->isMissed] <=> [
                $a->isHard && $a->isMissed,
                $a->isMissed,
            ],
        );

        return $found;
    }

    public function leftAlone(Dose $dose, float $cost, Wishes $wishes): string
    {
        return match (true) {
            in_array(Flag::LeftOut, $dose->flags, true) => 'left out by you',
            $dose->food === null => 'unknown; carried over as written',
            $dose->grams === null => 'no amount; carried over as written',
            in_array($dose->key, $wishes->left, true) => sprintf(
                'left as it is, as you wish; carries %.1f g a piece',
                $cost,
            ),
            $cost < 0.05 => 'unchanged',
            $cost >= $this->constants->get('leave-alone') => sprintf('unchanged; carries %.1f g a piece', $cost),
            default => sprintf('costs %.1f g a piece: leave it', $cost),
        };
    }

    /** How many pieces the dessert would have to be cut into for the row to be kept. */
    private function pieces(Formula $formula, Row $row, Chosen $choice): float
    {
        $candidates = $choice->problem->component->candidates;
        $fixed = $row->key === 'carbs' ? $candidates->fixed->net : $candidates->fixed->load;
        $held = $fixed;
        foreach ($row->coefficients as $j => $a) {
            $held += $a * max($choice->solution->grams[$j], $candidates->offers[$j]->practice);
        }

        return ceil($formula->pieces * $held / max(1e-9, $row->high + $fixed) - 1e-9);
    }

    private function price(Row $row, Chosen $choice): string
    {
        if ($row->key !== 'browning') {
            return '';
        }
        $step = $this->constants->get('snap-oven-c');
        foreach ($choice->problem->component->candidates->offers as $j => $v) {
            $grams = $choice->grams($j);
            if ($v->food->per100->allulose > $this->constants->get('allulose-food') && $grams > 0) {
                return sprintf(
                    '%.0f °C less in the oven would allow about %.0f g more %s.',
                    $step,
                    $grams * (2 ** ($step / $this->constants->get('browning-doubling')) - 1),
                    mb_strtolower($v->food->name),
                );
            }
        }

        return '';
    }
}

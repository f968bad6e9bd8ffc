<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Formula\Layout;
use Aglyca\Core\Formula\Spread;

/** Counts each kind of piece, what goes on at the table, and what is left over: together they are the whole. */
final readonly class Sharer
{
    public function __construct(private Accountant $accountant) {}

    /** @return list<Kind> at least one */
    public function kinds(Account $account): array
    {
        $formula = $account->formula;
        $layout = $formula->layout;
        if ($layout === null) {
            return [new Kind('', $formula->pieces, $account->serving)];
        }
        $byComponent = self::byComponent($formula, $layout);
        $groups = [];
        foreach ($layout->cut->pieces() as $p => $share) {
            $vector = array_map(static fn (array $shares): float => $shares[$p], $byComponent);
            $key = implode('|', array_map(static fn (float $s): string => sprintf('%.9f', $s), $vector));
            $groups[$key] ??= [$vector, 0, $share];
            $groups[$key][1]++;
        }
        $kinds = [];
        foreach ($groups as [$vector, $count, $share]) {
            $kinds[] = new Kind(
                $this->name($formula, $layout, $vector, $share, count($groups)),
                $count,
                $this->accountant->serve('a piece', $formula->doses, self::shares($formula, $vector)),
            );
        }

        return $kinds;
    }

    /** What is added to one piece at the table; null where nothing is. */
    public function atTable(Account $account): ?Serving
    {
        $formula = $account->formula;
        $vector = [];
        foreach (array_keys($formula->components) as $component) {
            $vector[] =
                $formula->layout?->placement($component)->spread === Spread::Table
                    ? $formula->layout->atTable($component, $formula->componentMass($component))
                    : 0.0;
        }

        return array_sum($vector) > 0
            ? $this->accountant->serve('at the table', $formula->doses, self::shares($formula, $vector))
            : null;
    }

    /** A piece with what is added to it at the table; null where nothing is. */
    public function withTable(Account $account): ?Serving
    {
        $table = $this->atTable($account);

        return $table === null
            ? null
            : $this->accountant->serve(
                'a piece',
                $account->formula->doses,
                array_map(static fn (float $a, float $b): float => $a + $b, $account->serving->shares, $table->shares),
            );
    }

    /** The mean piece without one of its components. */
    public function without(Account $account, int $component): Serving
    {
        return $this->accountant->serve(
            'a piece',
            $account->formula->doses,
            array_map(
                static fn (Dose $d, float $share): float => $d->component === $component ? 0.0 : $share,
                $account->formula->doses,
                $account->serving->shares,
            ),
        );
    }

    /** All pieces together, small ones among them. */
    public function all(Account $account): Serving
    {
        $in = self::inPieces($account->formula);

        return $this->accountant->serve(
            'all pieces',
            $account->formula->doses,
            array_map(static fn (Dose $d): float => $d->used * $in[$d->component], $account->formula->doses),
        );
    }

    /**
     * What is in no piece: the part of a line that is not used, a component that was more than enough, dough set
     * aside.
     */
    public function left(Account $account): Serving
    {
        $formula = $account->formula;
        $in = self::inPieces($formula);
        // What waits for the table is not left over.
        foreach (array_keys($formula->components) as $component) {
            $in[$component] =
                $formula->layout?->placement($component)->spread === Spread::Table ? 1.0 : $in[$component];
        }

        return $this->accountant->serve(
            'left over',
            $formula->doses,
            array_map(static fn (Dose $d): float => max(0.0, 1 - $d->used * $in[$d->component]), $formula->doses),
        );
    }

    /** @return list<float> share of each component that is in the pieces */
    private static function inPieces(Formula $formula): array
    {
        return $formula->layout === null
            ? array_fill(0, count($formula->components), 1.0)
            : array_map(array_sum(...), self::byComponent($formula, $formula->layout));
    }

    /** @return list<list<float>> by component, the share of it in each piece */
    private static function byComponent(Formula $formula, Layout $layout): array
    {
        return array_map(
            static fn (int $component): array => $layout->shares($component, $formula->componentMass($component)),
            array_keys($formula->components),
        );
    }

    /**
     * @param  list<float>  $vector  share of each component
     * @return list<float> share of each dose
     */
    private static function shares(Formula $formula, array $vector): array
    {
        return array_map(static fn (Dose $d): float => $d->used * ($vector[$d->component] ?? 0.0), $formula->doses);
    }

    /** @param  list<float>  $vector */
    private function name(Formula $formula, Layout $layout, array $vector, float $share, int $kinds): string
    {
        if ($kinds === 1) {
            return '';
        }
        $words = [];
        if ($layout->cut->shares !== [] || ($layout->cut->small > 0 && abs($share - $layout->cut->small) < 1e-12)) {
            $words[] = sprintf('of %.0f g', $layout->cut->batch->baked * $share);
        }
        foreach ($formula->components as $component => $name) {
            if ($layout->placement($component)->spread === Spread::Some) {
                $words[] =
                    ($vector[$component] > 0 ? 'with ' : 'without ').
                    mb_strtolower($name === '' ? 'the first part' : $name);
            }
        }

        return $words === [] ? 'broken' : implode(', ', $words);
    }
}

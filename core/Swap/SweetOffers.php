<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Larder;

/** Sweeteners as the mix or the blend has them, for so much sweetness. */
final readonly class SweetOffers
{
    public function __construct(
        private Larder $larder,
        private Schools $schools,
    ) {}

    /** Where nobody asked for another, a family that only one sweetener can make has that. */
    public function sweetenedAs(Family $family, Wishes $wishes): Wishes
    {
        return self::mixed($this->schools->mixOf($family->key), $wishes);
    }

    /** What is made apart first, as a caramel, has the mix that makes it, unless the baker chose one. */
    public function preparedAs(string $food, Wishes $wishes): Wishes
    {
        return self::mixed($this->schools->preparedWith($food), $wishes);
    }

    private static function mixed(?string $mix, Wishes $wishes): Wishes
    {
        return $mix === null || $wishes->sweetener !== Wishes::SWEETENER || $wishes->blend->corners !== []
            ? $wishes
            : $wishes->but(sweetener: $mix);
    }

    /** @return list<Offer> */
    public function sweeteners(float $sweetness, SugarForm $form, Wishes $wishes): array
    {
        $variables = [];
        $rows = $wishes->blend->corners === []
            ? $this->schools->mix($wishes->sweetener)
            : $this->schools->corners($wishes->blend->corners, $wishes->sweetener);
        // What draws water stays off the outside, unless the baker set the blend.
        $column = $form->isNarrow() && $wishes->blend->shares !== [] ? 'food' : $form->value;
        $used = array_filter($rows, static fn (array $row): bool => $row[$column] !== '');
        $all = array_sum(array_map(static fn (array $row): float => (float) $row['share'], $used)) ?: 1.0;
        foreach ($used as $n => $row) {
            $food = $this->larder->get($row[$column]);
            $share = $wishes->blend->shares[$n] ?? (float) $row['share'] / ($form->isNarrow() && $column !== 'food' ? $all : 1.0);
            $grams = $sweetness * $share / $this->larder->typical($food, 'sweetness');
            $why = $form->isOutside() && $column !== 'food' && ! in_array($food->key, [$row['food'], $row['powdered']], true)
                ? 'stays dry on the outside'
                : $row['why'];
            $variables[] = $wishes->blend->shares === []
                ? new Offer($food, Purpose::Sweet, INF, $grams, 0.0, $why, $form)
                : new Offer($food, Purpose::Sweet, 0.0, 0.0, 0.0, $why, $form, $grams);
        }

        return $variables;
    }

    /** Of the sugars of a part the one that sweetens most: what sweetens its fruit comes out of the same bag. */
    public function mainForm(Formula $formula, Sorting $sorting): SugarForm
    {
        $sweetness = array_filter(
            array_map(fn (array $lines): float => $this->sweetnessOf($formula, $lines), $sorting->sugars),
        );
        foreach (SugarForm::cases() as $form) {
            if ($form->isNarrow()) {
                unset($sweetness[$form->value]);
            }
        }
        arsort($sweetness);

        return SugarForm::tryFrom((string) array_key_first($sweetness)) ?? SugarForm::Granulated;
    }

    /** @param  list<int>  $lines */
    public function sweetnessOf(Formula $formula, array $lines): float
    {
        return array_sum(
            array_map(
                fn (int $i): float => $formula->doses[$i]->mass() *
                    $this->larder->typical($formula->doses[$i]->known(), 'sweetness'),
                $lines,
            ),
        );
    }
}

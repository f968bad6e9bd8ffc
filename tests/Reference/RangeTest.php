<?php

declare(strict_types=1);

namespace Tests\Reference;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Account\Spreads;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/**
 * The range against a Monte Carlo draw (JCGM 101:2008): of desserts as they may really be, 93 to 97 % lie within it.
 */
final class RangeTest extends CoreCase
{
    private const DRAWS = 4000;

    #[DataProvider('desserts')]
    public function test_the_range_covers_what_may_be(string $text): void
    {
        $account = self::work($text)->after;
        mt_srand(7);
        $inside = 0;
        for ($i = 0; $i < self::DRAWS; $i++) {
            $net = $this->draw($account);
            $inside +=
                (int) ($net >= $account->low(Convention::LowCarb) && $net <= $account->high(Convention::LowCarb));
        }
        self::assertGreaterThan(0.93, $inside / self::DRAWS);
        self::assertLessThan(0.975, $inside / self::DRAWS);
    }

    /** Net carbs of a piece, where amounts and each part of a food's composition are drawn apart. */
    private function draw(Account $account): float
    {
        static $spreads = null;
        $spreads ??= new Spreads(self::tables());
        $normal = static fn (): float => sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_001)) *
            cos((2 * M_PI * mt_rand()) / mt_getrandmax());
        [$net, $known] = [0.0, []];
        $shares = $account->formula->shares();
        foreach ($account->formula->doses as $i => $dose) {
            if (! $dose->isCounted()) {
                continue;
            }
            $n = $dose->food->per100;
            $u = $spreads->of($dose->food);
            $known[$dose->food->key] ??=
                $n->carbohydrate +
                $u->carbohydrate * $normal() -
                $n->fibre -
                $u->fibre * $normal() -
                $n->polyolGrams() -
                $u->polyols * $normal() -
                $n->allulose -
                $n->organicAcids -
                $u->allulose * $normal();
            $net +=
                (($dose->grams->value + $dose->grams->u * $normal()) * $shares[$i] * $known[$dose->food->key]) / 100;
        }

        return $net;
    }
}

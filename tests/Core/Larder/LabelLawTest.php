<?php

declare(strict_types=1);

namespace Tests\Core\Larder;

use Aglyca\Core\Larder\LabelLaw;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LabelLawTest extends TestCase
{
    /** One almond flour, printed three ways: the total by difference is the same. */
    #[DataProvider('labels')]
    public function test_a_label_of_each_law_gives_the_same_total(
        LabelLaw $law,
        float $printed,
        float $fibre,
        float $polyols,
    ): void {
        self::assertEqualsWithDelta(30.0, $law->totalCarbohydrate($printed, $fibre, $polyols), 1e-9);
    }

    /** @return array<string, array{LabelLaw, float, float, float}> */
    public static function labels(): array
    {
        return [
            'US and Canada print the total (21 CFR 101.9(c)(6))' => [LabelLaw::UsCanada, 30, 10, 5],
            'EU and UK leave the fibre out (1169/2011 annex I)' => [LabelLaw::EuUk, 20, 10, 5],
            'Australia leaves out fibre and declared polyols (schedule 11, from memory)' => [
                LabelLaw::AustraliaNz,
                15,
                10,
                5,
            ],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class FreeWordsTest extends CoreCase
{
    /** @param  list<string>  $without */
    #[DataProvider('titles')]
    public function test_a_title_says_what_must_not_be_in_it(string $title, array $without): void
    {
        $said = array_unique(array_merge(...array_values(self::core()->freeWords->in($title))));
        sort($said);
        self::assertSame($without, $said);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function titles(): iterable
    {
        $titles = [
            'Vegan plum cake' => ['egg', 'milk'],
            'Plant-based custard' => ['egg', 'milk'],
            'Eggless sponge' => ['egg'],
            'Egg-free pancakes' => ['egg'],
            'Plum cake without eggs' => ['egg'],
            'Dairy free fudge' => ['milk'],
            'Non-dairy ice cream' => ['milk'],
            'Lactose-free cheesecake' => [],
            'Nut-free brownies' => ['nuts', 'peanut'],
            'Peanut-free bites' => ['peanut'],
            'Gluten-free plum cake (GF, no dairy)' => ['gluten', 'milk'],
            'Sugar-free plum cake' => [],
            'Coconut cake' => [],
            'Nutmeg and egg custard' => [],
        ];
        foreach ($titles as $title => $without) {
            yield $title => [$title, $without];
        }
    }

    public function test_what_the_title_says_is_kept_out_and_told(): void
    {
        $list = "\nServes 12\n250 g flour\n200 g sugar\n80 ml oil\n250 ml oat milk\n2 tsp baking powder\n\nMethod\nMix.\nBake at 180 °C for 30 minutes.";
        $plain = self::work("Plum cake$list");
        $vegan = self::work("Vegan plum cake$list");
        self::assertGreaterThan(0, $plain->swap->after->gramsOf('whey-protein'));
        self::assertSame(0.0, $vegan->swap->after->gramsOf('whey-protein'));
        self::assertGreaterThan(0, $vegan->swap->after->gramsOf('pea-protein'), 'what stands in for it');
        self::assertGreaterThan(0, $vegan->swap->after->gramsOf('psyllium'), 'no egg may hold it');
        self::assertContains('free-by-title', array_column($vegan->warnings, 'key'));
        self::assertNotContains('free-by-title', array_column($plain->warnings, 'key'));
    }
}

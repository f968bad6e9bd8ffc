<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Aglyca\Core\Brief;
use Aglyca\Core\KeptReading;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\Corrections;
use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\Line;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** What was read is kept whole, and is carried over what its baker changes. */
final class KeptTest extends CoreCase
{
    private const TEXT = "Plum cake\nServes 8\n\nFor the cake\n200 g flour\n1 1/2 cups sugar (300 g)\n2 tins condensed milk (397 g each)\n2 eggs\nmoon dust\n\nFor the top\n1 tin pineapple, drained\nabout 50 g butter\n\nMethod\nHeat the oven to 180 °C (160 °C fan). Line a 20 cm round tin.\nMix. Bake for 25-30 minutes.\n\nKeeps 3 days.";

    /** @return array<string, mixed> as a database gives it back */
    private static function stored(KeptReading $kept): array
    {
        return json_decode((string) json_encode($kept->json(), JSON_PRESERVE_ZERO_FRACTION), true);
    }

    /** @return iterable<string, array{Corrections}> */
    public static function corrections(): iterable
    {
        $lines = self::kernel()->read(new Brief(self::TEXT))->lines;
        yield 'none' => [new Corrections];
        yield 'another food' => [(new Corrections)->with($lines[4]->key, new Correction('almond-flour'))];
        yield 'another amount' => [(new Corrections)->with($lines[1]->key, new Correction(grams: 250.0))];
        yield 'left out' => [(new Corrections)->with($lines[3]->key, new Correction(isLeftOut: true))];
        yield 'other cups' => [(new Corrections)->measuring('metric')];
        yield 'another fate' => [(new Corrections)->saying(self::kernel()->read(new Brief(self::TEXT))->rows[4]->key, Fate::Note)];
    }

    #[DataProvider('corrections')]
    public function test_what_is_kept_is_what_was_read(Corrections $corrections): void
    {
        $brief = new Brief(self::TEXT, corrections: $corrections);
        $kept = KeptReading::read(self::stored(self::kernel()->keep($brief)));

        self::assertTrue($kept?->isOf($brief));
        self::assertEquals(self::kernel()->read($brief), self::kernel()->read($brief->but(kept: $kept)));
        self::assertSame([], self::kernel()->readAnew($brief->but(kept: $kept)));
    }

    /** Whatever is said of a dessert that was read otherwise: it changes what it changes today, and nothing else. */
    #[DataProvider('corrections')]
    public function test_a_correction_changes_what_it_changes(Corrections $corrections): void
    {
        $brief = new Brief(self::TEXT);
        $json = self::stored(self::kernel()->keep($brief));
        $json['recipe']['pieces'] = 14;
        $json['recipe']['lines'][0]['grams'] = [111.0, 1.0];
        $json['recipe']['steps'][1]['times'] = [];
        $kept = KeptReading::read($json);
        [$before, $after] = [self::kernel()->read($brief), self::kernel()->read($brief->but(corrections: $corrections))];

        $read = self::kernel()->read($brief->but(kept: $kept, corrections: $corrections));

        self::assertSame(14, $read->pieces);
        self::assertSame([], $read->steps[1]->times);
        $lines = array_column($read->lines, null, 'key');
        foreach (array_column($after->lines, null, 'key') as $key => $line) {
            $was = array_column($before->lines, null, 'key')[$key] ?? null;
            $grams = $key === $before->lines[0]->key ? 111.0 : $line->grams?->value;
            self::assertSame($was == $line || $key === $before->lines[0]->key ? $grams : $line->grams?->value, $lines[$key]->grams?->value, $line->text);
            self::assertSame($line->food?->key, $lines[$key]->food?->key, $line->text);
        }
        self::assertCount(count($after->lines), $read->lines);
    }

    public function test_what_may_harm_is_never_kept_back(): void
    {
        $brief = new Brief(self::TEXT);
        $json = self::stored(self::kernel()->keep($brief));
        $json['recipe']['lines'][0] = [...$json['recipe']['lines'][0], 'allergens' => [], 'possible' => []];
        $json['recipe']['lines'][3] = [...$json['recipe']['lines'][3], 'food' => 'sugar', 'allergens' => []];

        $lines = self::kernel()->read($brief->but(kept: KeptReading::read($json)))->lines;

        self::assertContains('gluten:wheat', $lines[0]->food->allergens ?? []);
        self::assertSame('sugar', $lines[3]->food?->key);
        self::assertContains('egg', $lines[3]->possibleAllergens, 'which today is read there');
    }

    public function test_what_the_kitchen_says_of_a_name_holds_for_every_dessert(): void
    {
        $brief = new Brief(self::TEXT);
        $kept = $brief->but(kept: self::kernel()->keep($brief));
        $food = static fn (Line $l): ?string => $l->food?->key;
        $told = Kernel::open(self::tables(), new Stock(['moon dust' => 'almond-flour']));

        self::assertContains('almond-flour', array_map($food, $told->read($kept)->lines));
        $of = $brief->but(kept: $told->keep($brief));
        self::assertNotContains('almond-flour', array_map($food, self::kernel()->read($of)->lines), 'once it is forgotten');
    }

    public function test_lines_that_today_are_none_stay_while_their_words_do(): void
    {
        $brief = new Brief(self::TEXT);
        $json = self::stored(self::kernel()->keep($brief));
        $json['recipe']['lines'][] = [...$json['recipe']['lines'][0], 'key' => 'gone-1', 'typed' => 'Keeps 3 days.', 'text' => 'Keeps 3 days.'];
        $kept = $brief->but(kept: KeptReading::read($json));

        self::assertContains('gone-1', array_column(self::kernel()->read($kept)->lines, 'key'));
        $cut = $kept->but(text: str_replace("\n\nKeeps 3 days.", '', self::TEXT));
        self::assertNotContains('gone-1', array_column(self::kernel()->read($cut)->lines, 'key'));
        self::assertSame(['line'], array_column(self::kernel()->readAnew($kept), 'kind'));
    }
}

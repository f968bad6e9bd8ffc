<?php

declare(strict_types=1);

namespace Tests\Core;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Brief;
use Aglyca\Core\BriefJson;
use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Label\Label;
use Aglyca\Core\Larder\LabelLaw;
use Aglyca\Core\Larder\Package;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Swap\KitchenLimits;
use PHPUnit\Framework\Attributes\DataProvider;

final class ProposalsTest extends CoreCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function kitchens(): iterable
    {
        foreach (self::desserts() as $name => [$text]) {
            yield "$name, anything goes" => [$text, []];
            yield "$name, no nuts and no erythritol powder" => [
                $text,
                ['without' => ['nuts'], 'refused' => ['erythritol-powdered', 'xanthan']],
            ];
            yield "$name, for a small body" => [$text, ['bodyMass' => 40.0, 'limit' => 6.0]];
        }
    }

    /**
     * No proposal holds what is refused or not allowed, a broken egg, or more than a stomach takes; and it counts the
     * same when its recipe is read back.
     *
     * @param  array<string, mixed>  $kitchen
     */
    #[DataProvider('kitchens')]
    public function test_every_proposal_keeps_what_a_kitchen_asks(string $text, array $kitchen): void
    {
        $brief = self::brief($text, $kitchen)->in(
            new KitchenLimits($kitchen['limit'] ?? null, $kitchen['bodyMass'] ?? null, $kitchen['refused'] ?? []),
        );
        $proposals = self::kernel()->propose($brief);
        self::assertLessThanOrEqual(3, count($proposals));
        foreach ($proposals as $name => $conversion) {
            self::assertContains($name, ['Softest', 'Sets firmest', 'Nearest to wheat', 'Fewest carbs', 'Cheapest']);
            $this->assertKept($conversion, $brief);
            $again = self::kernel()->account(
                self::again(
                    "Again\n".implode("\n", array_column($conversion->after->formula->doses, 'text')),
                    $conversion,
                    $conversion->after->formula->pieces,
                ),
            );
            foreach (Convention::cases() as $convention) {
                self::assertEqualsWithDelta(
                    $conversion->after->net($convention),
                    $again->net($convention),
                    1e-6,
                    "$name, $convention->value",
                );
            }
        }
    }

    private function assertKept(Conversion $conversion, Brief $brief): void
    {
        foreach ($conversion->swap->exchanges as $exchange) {
            $from = array_map(
                static fn (int $i): ?string => $conversion->swap->before->doses[$i]->food?->key,
                $exchange->from,
            );
            foreach ($exchange->changed ? $exchange->to : [] as $part) {
                self::assertGreaterThan(0, $part->grams);
                if (! in_array($part->food->key, $from, true)) {
                    self::assertNotContains($part->food->key, $brief->wishes->kitchen->refused);
                    self::assertSame(
                        [],
                        array_intersect(
                            array_map(static fn (string $a): string => explode(':', $a)[0], $part->food->allergens),
                            $brief->wishes->without,
                        ),
                        $part->food->key,
                    );
                }
                if (in_array($part->food->key, ['egg', 'egg-white', 'egg-yolk'], true) && $exchange->from === []) {
                    $each = self::core()->larder->portion($part->food, '')->value;
                    self::assertEqualsWithDelta(
                        0,
                        abs($part->grams / $each - round($part->grams / $each)),
                        1e-9,
                        'whole eggs',
                    );
                }
            }
        }
        self::assertTrue(
            $conversion->properties['tolerance']->after <= 1.03 || $conversion->swap->collisions() !== [],
            'no more than a stomach takes, or it is named',
        );
    }

    public function test_proposals_are_clearly_different_from_what_is_there_and_keep_what_was_typed(): void
    {
        $brief = self::brief(self::desserts()['cardamom-orange-loaf'][0], ['amounts' => ['0:almond-flour' => 111.0]]);
        $now = self::kernel()->convert($brief)->swap->after;
        foreach (self::kernel()->propose($brief) as $name => $conversion) {
            $after = $conversion->swap->after;
            $moved = 0.0;
            foreach (
                array_unique(array_map(static fn ($d): string => $d->food->key, [...$now->doses, ...$after->doses])) as $food
            ) {
                $moved += abs($now->gramsOf($food) - $after->gramsOf($food)) / 2;
            }
            self::assertGreaterThan(0.07 * $now->mass(), $moved, $name);
            self::assertContains($after->gramsOf('almond-flour'), [111.0, 0.0], $name);
        }
    }

    /** Where the Pantry knows two prices the cheaper blend is named so. */
    public function test_the_cheapest_is_by_the_pantrys_prices(): void
    {
        $label = Label::of(LabelLaw::EuUk, 100.0, ['carbohydrate' => '100', 'polyols' => '100'], 'erythritol');
        $allulose = Label::of(LabelLaw::UsCanada, 100.0, ['carbohydrate' => '100', 'allulose' => '100'], '');
        $kitchen = static fn (float $price): Kernel => Kernel::open(
            self::tables(),
            new Stock(
                [],
                [
                    '1' => Package::priced('1', 'Dear allulose', 'allulose', $allulose, 30.0, 1000.0),
                    '2' => Package::priced('2', 'Erythritol', 'erythritol-powdered', $label, $price, 1000.0),
                ],
                ['allulose' => '1', 'erythritol-powdered' => '2'],
            ),
        );
        $brief = self::brief("Soft cookies\nMakes 30 cookies\n200 g sugar\n250 g flour\n100 g butter\n2 eggs", [
            'sweetener' => 'allulose',
        ]);
        $cheapest = $kitchen(4.0)->propose($brief)['Cheapest'] ?? null;
        self::assertNotNull($cheapest);
        self::assertGreaterThan(
            $cheapest->swap->after->gramsOf('allulose'),
            $cheapest->swap->after->gramsOf('erythritol-powdered'),
        );
        self::assertArrayNotHasKey('Cheapest', self::kernel()->propose($brief), 'without prices nobody can say');
    }

    /** All that was said of a dessert survives being stored, field by field. */
    public function test_a_document_is_what_it_was_after_being_stored(): void
    {
        $brief = self::brief("Cake\n100 g sugar", [
            'corrections' => ['ab-1' => ['food' => 'sugar', 'grams' => 12.5]],
            'sweetener' => 'xylitol',
            'school' => 'seed',
            'sweetness' => 0.75,
            'pieces' => 9.0,
            'convention' => 'clinic',
            'title' => 'Cake',
            'shares' => [0.2, 0.3, 0.5],
            'families' => [1 => 'custard'],
            'amounts' => ['0:butter' => 80.0],
            'left' => ['ab-1'],
            'without' => ['egg'],
            'cooler' => 10.0,
            'corners' => ['a', 'b', 'c'],
            'sharing' => [
                'portion' => ['way' => 'scoop', 'scoop' => '40'],
                'placements' => [1 => ['spread' => 'some', 'pieces' => 3]],
                'used' => ['ab-1' => 0.5],
                'weighed_mixed' => 500.0,
                'toppings' => [['name' => 'Cream', 'text' => '10 g cream']],
                'eaten' => 2.0,
            ],
            'scale' => 1.5,
            'pan' => ['to' => ['length' => 20.0, 'width' => 20.0, 'round' => false, 'depth' => null]],
        ]);
        $stored = json_decode((string) json_encode(BriefJson::of($brief)), true);
        self::assertEquals($brief, BriefJson::read($stored));
        self::assertArrayNotHasKey('limit', $stored);
        self::assertArrayNotHasKey('bodyMass', $stored, 'the kitchen’s own wishes are not the dessert’s');
        self::assertEquals(
            new Brief("Cake\n100 g sugar"),
            BriefJson::read(['text' => "Cake\n100 g sugar"]),
            'what an older version did not know is as usual',
        );
    }
}

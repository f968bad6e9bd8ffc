<?php

declare(strict_types=1);

namespace Tests\Core\Swap\Rule;

use Aglyca\Core\Brief;
use Aglyca\Core\BriefJson;
use Aglyca\Core\Conversion;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Kernel;
use Aglyca\Core\Swap\Rule;
use Aglyca\Core\Wiring;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/**
 * Each rule of the swap decides: without it some dessert leaves the band that it holds, or is made of other amounts.
 */
final class RulesTest extends CoreCase
{
    /**
     * @return iterable<string, array{class-string, string}> the rule, and the property that it holds; "" where it
     *     holds amounts
     */
    public static function rules(): iterable
    {
        yield 'sweetness' => [Rule\Sweetness::class, 'sweetness'];
        yield 'bulk' => [Rule\Bulk::class, 'bulk'];
        yield 'moisture' => [Rule\Moisture::class, 'moisture'];
        yield 'fat' => [Rule\Fat::class, ''];
        yield 'structure' => [Rule\Structure::class, 'structure'];
        yield 'browning' => [Rule\Browning::class, 'browning'];
        yield 'grain' => [Rule\Grain::class, 'grain'];
        yield 'cool taste' => [Rule\CoolTaste::class, 'cool'];
        yield 'tolerance' => [Rule\Tolerance::class, 'tolerance'];
        yield 'body' => [Rule\Body::class, ''];
        yield 'what draws water' => [Rule\Draw::class, ''];
        yield 'practice' => [Rule\Practice::class, ''];
        yield 'limit of carbs' => [Rule\CarbLimit::class, ''];
    }

    #[DataProvider('rules')]
    public function test_a_dessert_shows_that_it_is_there(string $rule, string $property): void
    {
        [$with, $without] = [self::kernel(), self::without($rule)];
        [$lacking, $held, $differ] = [0.0, 0.0, 0];
        // How far outside its band, in bands.
        $excess = static fn (Property $p): float => max(0.0, ($p->after - ($p->high ?? INF)) / max(1e-9, $p->high ?? 1.0)) +
            max(0.0, (($p->low ?? -INF) - $p->after) / max(1e-9, $p->low ?? 1.0));
        foreach (self::briefs() as $brief) {
            [$is, $lacks] = [$with->convert($brief), $without->convert($brief)];
            $differ += self::amounts($is) === self::amounts($lacks) ? 0 : 1;
            if ($property !== '') {
                $lacking += $excess($lacks->properties[$property]);
                $held += $excess($is->properties[$property]);
            }
        }
        self::assertGreaterThan(0, $differ, 'without it every amount is the same');
        if ($property !== '') {
            self::assertGreaterThan($held, $lacking, "without it the desserts lie further outside the band of their $property");
        }
    }

    public function test_every_rule_there_is_stands_in_the_table(): void
    {
        $there = array_map(
            static fn (string $file): string => 'Aglyca\\Core\\Swap\\Rule\\'.basename($file, '.php'),
            glob(dirname(__DIR__, 4).'/core/Swap/Rule/*.php') ?: [],
        );
        $decides = array_values(
            array_filter($there, static fn (string $class): bool => is_subclass_of($class, Rule\Rule::class)),
        );
        self::assertEqualsCanonicalizing(array_column(iterator_to_array(self::rules()), 0), $decides);
    }

    /** @return list<Brief> */
    private static function briefs(): array
    {
        $briefs = [];
        // Doughs of which the starch held much water, beside the kitchen's own.
        $moist = [
            ["Harbour scones\nMakes 8\n225 g flour\n1 tbsp baking powder\n40 g butter\n30 g sugar\n150 ml milk\n\nMethod\nBake at 220 °C for 12 minutes."],
            ["Harbour pancakes\nMakes 10\n150 g flour\n1 tsp baking powder\n30 g sugar\n1 egg\n200 ml milk\n20 g butter"],
            ["Harbour snaps\nMakes 30\n200 g flour\n120 g sugar\n100 g butter\n1 egg\n1 tsp baking soda\n2 tsp ground ginger\n\nMethod\nBake at 170 °C for 14 minutes until crisp."],
            ["Harbour squares\nMakes 12\n200 g flour\n150 g sugar\n200 g butter\n1 tsp baking powder\n2 eggs\n\nMethod\nBake at 175 °C for 30 minutes."],
        ];
        foreach ([...array_values(self::desserts()), ...$moist] as [$text]) {
            foreach (['allulose-erythritol', 'erythritol', 'allulose', 'xylitol', 'blend-erythritol'] as $sweetener) {
                foreach (['almond', 'coconut'] as $school) {
                    $briefs[] = BriefJson::read([
                        'text' => $text,
                        'sweetener' => $sweetener,
                        'school' => $school,
                        'sweetness' => 1.0,
                    ]);
                }
            }
            $briefs[] = BriefJson::read(['text' => $text, 'sweetness' => 0.9])->in(
                new \Aglyca\Core\Swap\KitchenLimits(1.5),
            );
        }

        return $briefs;
    }

    /** @return array<string, float> */
    private static function amounts(Conversion $conversion): array
    {
        $amounts = [];
        foreach ($conversion->after->formula->doses as $i => $dose) {
            $amounts["$i ".($dose->food->key ?? '')] = round($dose->mass(), 2);
        }

        return $amounts;
    }

    /** @param  class-string<Rule\Rule>  $rule */
    private static function without(string $rule): Kernel
    {
        return Kernel::over(new Wiring(self::tables(), without: [$rule]));
    }
}

<?php

declare(strict_types=1);

namespace Database\Seeders;

use Aglyca\Core\BriefJson;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Plan\Night;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Side;
use App\Models\Day;
use App\Models\Kitchen;
use App\Models\Recipe;
use App\Models\User;
use App\Support\DemoKitchen;
use App\Support\Teaching;
use App\View\DemoPicture;
use DateTimeImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Loads Harrow Cottage, an invented kitchen, once. */
final class HarrowCottageSeeder extends Seeder
{
    /** Each with what was wished; its bakes stand in database/demo/bakes.php. */
    private const DESSERTS = [
        'cardamom-orange-loaf' => [
            'wishes' => ['sweetener' => 'allulose', 'school' => 'almond'],
        ],
        'hazelnut-raspberry-thumbprints' => [
            'wishes' => [
                'sweetener' => 'blend-erythritol',
                'school' => 'almond',
                'sweetness' => 0.85,
                'sharing' => [
                    'portion' => ['way' => 'target', 'each' => 18.0, 'of' => 'dough', 'rest' => 'spread'],
                    'placements' => [1 => ['spread' => 'each', 'amount' => 0.75, 'unit' => 'tsp']],
                ],
            ],
        ],
        'poppy-seed-cheesecake-squares' => [
            'wishes' => [
                'sweetener' => 'allulose-erythritol',
                'school' => 'almond',
                'sweetness' => 0.8,
                'pieces' => 16.0,
                'sharing' => [
                    'portion' => ['way' => 'grid', 'across' => 4, 'along' => 4],
                    'toppings' => [['name' => 'Soft cream', 'text' => '2 tbsp whipping cream']],
                ],
            ],
        ],
        'pistachio-rose-biscuits' => [
            'wishes' => ['sweetener' => 'erythritol', 'school' => 'coconut'],
        ],
        'rhubarb-crumble-bars' => ['wishes' => ['sweetness' => 0.95]],
        'coffee-custard-tart' => ['wishes' => ['sweetener' => 'allulose']],
        'walnut-spice-roulade' => ['wishes' => ['school' => 'protein', 'sweetness' => 0.8]],
        'pear-ginger-upside-down-cake' => ['wishes' => ['sweetness' => 0.8]],
    ];

    private const PACKAGES = [
        [
            'food' => 'allulose',
            'left_g' => '410',
            'opened_on' => 9,
            'best_before' => 210,
            'name' => 'Allulose, the two-pound bag',
            'law' => 'us-ca',
            'serving_g' => '4',
            'printed' => [
                'energy' => '0',
                'fat' => '0',
                'carbohydrate' => '4',
                'fibre' => '0',
                'sugars' => '0',
                'allulose' => '4',
                'protein' => '0',
            ],
            'polyol' => '',
            'price' => '14.50',
            'size_g' => '907',
            'is_default' => true,
        ],
        [
            'food' => 'erythritol-powdered',
            'left_g' => '300',
            'opened_on' => 30,
            'best_before' => 400,
            'name' => 'Powdered erythritol, kilo bag',
            'law' => 'eu-uk',
            'serving_g' => '100',
            'printed' => ['energy' => '0', 'carbohydrate' => '100', 'polyols' => '100', 'sugars' => '0'],
            'polyol' => 'erythritol',
            'price' => '6.90',
            'size_g' => '1000',
            'is_default' => true,
        ],
        [
            'food' => 'almond-flour',
            'left_g' => '640',
            'opened_on' => 12,
            'best_before' => 75,
            'name' => 'Mill almonds, extra fine',
            'law' => 'eu-uk',
            'serving_g' => '100',
            'printed' => [
                'energy' => '619',
                'fat' => '53',
                'carbohydrate' => '6.9',
                'fibre' => '11',
                'sugars' => '4.4',
                'protein' => '24',
                'salt' => '0.03',
            ],
            'polyol' => '',
            'price' => '9.80',
            'size_g' => '1000',
            'is_default' => true,
        ],
        [
            'food' => 'butter',
            'left_g' => '180',
            'opened_on' => 2,
            'best_before' => 19,
            'name' => 'Farm butter',
            'law' => 'eu-uk',
            'serving_g' => '100',
            'printed' => [
                'energy' => '740',
                'fat' => '82',
                'carbohydrate' => '0.6',
                'sugars' => '0.6',
                'protein' => '0.6',
                'salt' => '0.02',
            ],
            'polyol' => '',
            'price' => '2.70',
            'size_g' => '250',
            'is_default' => true,
        ],
        [
            'food' => 'egg',
            'left_g' => '420',
            'opened_on' => 3,
            'best_before' => 12,
            'name' => 'A dozen eggs',
            'law' => 'eu-uk',
            'serving_g' => '100',
            'printed' => [
                'energy' => '143',
                'fat' => '9.5',
                'carbohydrate' => '0.7',
                'sugars' => '0.4',
                'protein' => '12.6',
                'salt' => '0.36',
            ],
            'polyol' => '',
            'price' => '3.90',
            'size_g' => '600',
            'is_default' => true,
        ],
        [
            'food' => '',
            'name' => 'Station kiosk flapjack',
            'law' => 'eu-uk',
            'serving_g' => '60',
            'printed' => [
                'energy' => '265',
                'fat' => '12.4',
                'carbohydrate' => '33',
                'fibre' => '2.6',
                'sugars' => '17',
                'protein' => '3.9',
                'salt' => '0.2',
            ],
            'polyol' => '',
            'price' => null,
            'size_g' => null,
            'is_default' => false,
        ],
        [
            'food' => 'sugar-free-chocolate',
            'name' => 'Baking bar, odd label',
            'law' => 'us-ca',
            'serving_g' => '30',
            'printed' => [
                'energy' => '110',
                'fat' => '11',
                'carbohydrate' => '16',
                'fibre' => '9',
                'sugars' => '0',
                'polyols' => '10',
                'protein' => '2',
            ],
            'polyol' => 'erythritol',
            'price' => '4.20',
            'size_g' => '85',
            'is_default' => false,
        ],
    ];

    /** How a dessert looks on its plate. */
    private const SHAPES = [
        'hazelnut-raspberry-thumbprints' => 'rounds',
        'pistachio-rose-biscuits' => 'rounds',
        'poppy-seed-cheesecake-squares' => 'slab',
        'rhubarb-crumble-bars' => 'slab',
        'coffee-custard-tart' => 'slab',
        'walnut-spice-roulade' => 'roll',
    ];

    public function __construct(private readonly Kernel $kernel, private readonly Teaching $teaching) {}

    public function run(): void
    {
        if (User::query()->where('email', DemoKitchen::ADDRESS)->doesntExist()) {
            DB::transaction($this->load(...));
        }
    }

    private function load(): void
    {
        $kitchen = Kitchen::query()->create([
            'counts_said_at' => now(),
            'name' => 'Harrow Cottage',
            'limit_g' => '5.0',
            'convention' => 'low-carb',
            'currency' => '€',
        ]);
        User::query()->create([
            'kitchen_id' => $kitchen->id,
            'email' => DemoKitchen::ADDRESS,
            'password' => Str::random(40),
            'is_demo' => true,
        ]);
        foreach (self::PACKAGES as $package) {
            $kitchen->packages()->create([
                ...$package,
                'opened_on' => isset($package['opened_on']) ? now()->subDays($package['opened_on']) : null,
                'best_before' => isset($package['best_before']) ? now()->addDays($package['best_before']) : null,
            ]);
        }
        $kitchen->toppings()->create(['name' => 'Soft cream', 'text' => '2 tbsp whipping cream']);
        $kitchen
            ->toppings()
            ->create([
                'name' => 'Raspberries and a spoon of thick yogurt',
                'text' => "20 g raspberries\n1 tbsp greek yogurt",
            ]);
        $kitchen
            ->rememberedNames()
            ->create([
                'name' => FoodIndex::normal('Ottilie’s fine almonds'),
                'typed' => 'Ottilie’s fine almonds',
                'food' => 'almond-flour',
            ]);
        $bakes = require database_path('demo/bakes.php');
        $order = now()->subDays(20);
        foreach (array_reverse(self::DESSERTS) as $file => $dessert) {
            $text = (string) file_get_contents(database_path("demo/$file.txt"));
            $brief = BriefJson::read(['text' => $text, ...$dessert['wishes']]);
            $brief = $brief->but(title: $this->kernel->read($brief)->title);
            $recipe = Recipe::begin($kitchen, $brief);
            $this->bake($recipe, $bakes[$file] ?? [], self::SHAPES[$file] ?? 'loaf');
            $recipe->update(['opened_at' => $order = $order->copy()->addDay()]);
        }
        $this->teach($kitchen);
        $this->plan($kitchen);
    }

    /**
     * @param  list<array<int, mixed>>  $bakes  days ago, mark, words, judged, facts, colour, what was done then
     */
    private function bake(Recipe $recipe, array $bakes, string $shape): void
    {
        foreach ($bakes as [$daysAgo, $mark, $words, $judged, $facts, $colour, $then]) {
            $bake = $recipe
                ->bakes()
                ->create([
                    'version_id' => $recipe->latest->id,
                    'baked_on' => now()->subDays($daysAgo),
                    'mark' => $mark,
                    'words' => $words,
                    'judgement' => $judged,
                    ...$facts,
                ]);
            if ($colour !== null) {
                $bake->photos()->create(DemoPicture::of($colour, $shape));
            }
            $this->teaching->of($bake->load(['recipe.kitchen', 'version']));
            if ($then === 'try') {
                $conversion = $this->kernel->convert($recipe->brief());
                $cause = $this->kernel->diagnose($conversion, Side::Swapped, $bake->notes())[0] ?? null;
                if ($cause?->change !== null) {
                    $recipe->goOnFrom($recipe->latest, $this->kernel->trying($conversion, $cause->change), [
                        'cause' => $cause->key,
                        'label' => $cause->label,
                        'sentence' => $cause->change->sentence,
                    ]);
                    $recipe->unsetRelation('latest');
                }
            } elseif ($then !== []) {
                $recipe->change($recipe->brief(), BriefJson::changed($recipe->brief(), $then));
            }
        }
        if ($bakes !== [] && max(array_column($bakes, 1)) === 5) {
            $best = $recipe->bakes()->where('mark', 5)->first();
            $recipe->update(['house_version_id' => $best?->version_id]);
            $best?->boxes()->create(['place' => 'tin', 'pieces_left' => 4, 'good_until' => now()->addDays(2)]);
        }
    }

    /** A cup that was weighed, and a curve beside two slices. */
    private function teach(Kitchen $kitchen): void
    {
        foreach ([102.0, 104.0, 101.0] as $grams) {
            $kitchen->observations()->create(['what' => Taught::CUP.'almond-flour', 'value' => $grams]);
        }
        $points = [[0, 5.2], [15, 5.4], [30, 5.9], [45, 6.1], [60, 5.9], [90, 5.5], [120, 5.2]];
        $kitchen
            ->curves()
            ->create([
                'name' => 'Two slices of the cardamom loaf',
                'eaten_on' => now()->subDays(8),
                'points' => $points,
                'recipe_id' => $kitchen->recipes()->where('title', 'like', 'Cardamom%')->value('id'),
            ]);
        $kitchen
            ->curves()
            ->create([
                'name' => 'Station kiosk flapjack',
                'eaten_on' => now()->subDays(20),
                'points' => [[0, 5.1], [15, 6.6], [30, 8.4], [45, 8.9], [60, 8.1], [90, 6.4], [120, 5.3]],
                'recipe_id' => null,
            ]);
    }

    /** Guests at four on the next Saturday. */
    private function plan(Kitchen $kitchen): void
    {
        $desserts = $kitchen
            ->recipes()
            ->whereIn('title', ['Coffee custard tart', 'Pistachio rose biscuits'])
            ->orderBy('title')
            ->pluck('ulid')
            ->all();
        $at = Night::minutes(new DateTimeImmutable('next saturday 16:00', $kitchen->refresh()->clock()));
        Day::begin($kitchen, ['desserts' => array_values($desserts), 'mode' => 'ready', 'at' => $at]);
    }
}

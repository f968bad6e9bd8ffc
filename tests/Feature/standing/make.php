<?php

declare(strict_types=1);

/*
 * php tests/Feature/standing/make.php TREE > tests/Feature/standing/desserts.json.gz : two hundred desserts as the code
 * of TREE (a commit's `core/` and `data/`) kept them, a third with corrections, and the figures that it made of each.
 * It was run once, by commit 4b6eb0f, whose readers are not those of today.
 */

use Aglyca\Core\Brief;
use Aglyca\Core\BriefJson;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\Corrections;
use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\StepCorrection;
use Aglyca\Core\Reading\Timing;
use Aglyca\Core\Tables;

require dirname(__DIR__, 3).'/vendor/autoload.php';
$tree = $argv[1];
spl_autoload_register(static function (string $class) use ($tree): void {
    $file = $tree.'/core/'.strtr(substr($class, strlen('Aglyca\\Core\\')), '\\', '/').'.php';
    if (str_starts_with($class, 'Aglyca\\Core\\') && is_file($file)) {
        require $file;
    }
}, true, true);
mt_srand(27);
$one = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
$kinds = ['cake', 'biscuits', 'tart', 'bars', 'loaf', 'muffins', 'pudding', 'buns'];
$flavours = ['Plum', 'Lemon', 'Hazel', 'Cherry', 'Ginger', 'Rhubarb', 'Pear', 'Walnut'];
$made = ['Makes %d', 'Serves %d', '%d pieces', 'Makes about %d squares', '%d pcs', 'Cut into %d', 'Yield: %d', 'enough for %d people', 'You should get %d biscuits'];
$flours = ['%d g plain flour', '%d g wheat flour, sifted', '%d g self-raising flour', '1 1/2 cups all-purpose flour', '2 cups flour', '%d grams spelt flour'];
$sugars = ['%d g caster sugar', '%d g brown sugar', '3/4 cup sugar', '%d g icing sugar', '2 tbsp honey', 'two tablespoons golden syrup'];
$fats = ['%d g butter, softened', '%d g butter or margarine', '1 stick butter', '%d ml sunflower oil'];
$eggs = ['2 eggs', '3 large eggs', '4 egg yolks', 'one egg', '2 free-range eggs, beaten'];
$rest = ['1 tsp vanilla', '1/2 tsp baking powder', 'pinch of salt', '50 g walnuts', '200 ml cream', '1 cup milk', '100 g dark chocolate',
    'zest of 1 lemon', '80 g ground almonds', '2 apples, sliced', '1 packet vanilla sugar', 'half a cup of oats', 'moon dust', 'a knob of butter', '14'];
$heats = ['Heat the oven to %d °C.', 'Preheat the oven to %dC.', 'Use a moderate oven.', 'Oven %d.', 'Heat the oven to 350 °F.'];
$work = ['Beat the butter and sugar for 5 minutes.', 'Whisk the eggs until pale.', 'Fold in the flour.', 'Rub the butter into the flour.',
    'Chill for 1 hour.', 'Simmer for a quarter of an hour.', 'Melt the chocolate over a pan of water.'];
$bakes = ['Bake for 25-30 minutes until golden.', 'Bake for twenty-five minutes.', 'BAKE FOR APPROX. 40 MINS UNTIL SET.', 'Bake for half an hour, then cool for 10 minutes.', 'Bake 20 to 25 min.'];
$heads = ['', 'Jump to recipe', 'Oven: 180C', 'Page 14 of 88', '(all weights in grams)'];
$tails = ['', 'Keeps 3 days in a tin.', 'Cut into 12 squares.', 'Serve 8.', 'Freezes well.', 'Good for 10 pax.'];

$kernel = Kernel::open(Tables::in("$tree/data"));
$desserts = [];
while (count($desserts) < 200) {
    $grams = static fn (): int => 25 * mt_rand(2, 14);
    $title = $one($flavours).' '.$one($kinds);
    $rows = array_filter([
        $title.(mt_rand(0, 4) === 0 ? ' - '.mt_rand(6, 24).' bars' : ''), $one($heads), mt_rand(0, 3) > 0 ? sprintf($one($made), mt_rand(2, 36)) : '',
    ]);
    $lines = [sprintf($one($flours), $grams()), sprintf($one($sugars), $grams()), sprintf($one($fats), $grams()), $one($eggs), $one($rest), $one($rest)];
    $steps = array_filter([sprintf($one($heats), 10 * mt_rand(15, 22)), $one($work), $one($work), $one($bakes), $one($tails)]);
    $numbered = mt_rand(0, 2) === 0;
    $text = implode("\n", $rows)."\n\n".implode("\n", $lines)."\n\nMethod\n".implode("\n", array_map(
        static fn (string $s, int $n): string => $numbered ? ($n + 1).". $s" : $s, array_values($steps), array_keys(array_values($steps)),
    ));
    $brief = new Brief($text, $title);
    $recipe = $kernel->read($brief);
    if (count($desserts) % 3 === 0) {
        $line = $one($recipe->lines);
        $row = $recipe->rows[mt_rand(1, count($recipe->rows) - 1)];
        $said = $one([
            (new Corrections)->with($line->key, new Correction('almond-flour')),
            (new Corrections)->with($line->key, new Correction(grams: 77.0)),
            (new Corrections)->with($line->key, new Correction(isLeftOut: true)),
            (new Corrections)->saying($row->key, Fate::Note),
            (new Corrections)->measuring('metric'),
            (new Corrections)->ofStep(StepCorrection::key($recipe->steps[0]->text ?? ''), new StepCorrection(33.0)),
        ]);
        $brief = $brief->but(corrections: $said);
        try {
            $recipe = $kernel->read($brief);
        } catch (Throwable) {
            continue;
        }
    }
    $account = $kernel->account($brief);
    $desserts[] = ['document' => BriefJson::of($brief), 'figures' => [
        'title' => $recipe->title,
        'pieces' => $recipe->pieces,
        'net' => [$account->netCarbs($brief->convention)->value, $account->netCarbs($brief->convention)->u, $account->pieceMass()],
        'lines' => array_map(static fn (Line $l): array => [$l->food?->key, $l->grams?->value], $recipe->lines),
        'steps' => array_map(static fn ($s): array => [
            $s->text, array_map(static fn (Heat $h): float => $h->temperature->celsius, $s->heats),
            array_map(static fn (Timing $t): array => [$t->low, $t->high, $t->isBaking], $s->times),
        ], $recipe->steps),
    ]];
}
echo gzencode(json_encode($desserts, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), 9);

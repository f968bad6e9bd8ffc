<?php

declare(strict_types=1);

/* What `./aglyca bench` measures: medians of many requests, one after another, each against the others of the same run. */

use Aglyca\Core\Brief;
use Aglyca\Core\Tables;
use Aglyca\Core\Wiring;
use App\Support\Trade;

require __DIR__.'/../vendor/autoload.php';

const RECIPE = "Benchmark cake\nMakes 12 slices\n1 cup sugar\n½ cup brown sugar\n2 cups plain flour\n½ cup ground almonds\n1 stick butter\n3 large eggs\n½ cup milk\n2 tsp baking powder\n¼ tsp salt\n1 tsp vanilla extract\n½ cup chocolate chips\n1 tbsp cocoa\n100 g raspberries\n2 tbsp honey\n1 tsp cinnamon\n\nMethod\nHeat the oven to 350 °F.\nMix.\nBake for 40 minutes.";

$base = $argv[1];
$handle = curl_init();
curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_HEADER => false]);
$ask = static function (string $path, ?array $form = null, array $headers = []) use ($handle, $base): string {
    curl_setopt_array(
        $handle,
        [CURLOPT_URL => $base.$path, CURLOPT_HTTPHEADER => $headers] +
            ($form === null
                ? [CURLOPT_HTTPGET => true]
                : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($form)]),
    );
    $body = (string) curl_exec($handle);
    if (curl_getinfo($handle, CURLINFO_RESPONSE_CODE) >= 400) {
        fwrite(STDERR, "$path answered ".curl_getinfo($handle, CURLINFO_RESPONSE_CODE)."\n");
        exit(1);
    }

    return $body;
};
$median = static function (callable $once, int $times = 150): float {
    for ($i = 0; $i < 12; $i++) {
        $once();
    }
    $took = [];
    for ($i = 0; $i < $times; $i++) {
        $start = hrtime(true);
        $once();
        $took[] = (hrtime(true) - $start) / 1e6;
    }
    sort($took);

    return $took[intdiv($times, 2)];
};

preg_match('~name="_token" value="(\w+)"~', $ask('/'), $m);
$token = ['_token' => $m[1]];
$ask('/paste', $token + ['text' => RECIPE]);
$wishes = $token + [
    'sweetener' => 'allulose-erythritol',
    'school' => 'almond-coconut',
    'sweetness' => '90',
    'pieces' => '12',
    'convention' => 'low-carb',
];

// One after another in turn, so that a slow moment of the machine is everybody's; and each comes after the same light
// request, so that none finds more of what it needs at hand than another.
$jobs = [
    'bare route' => static fn () => $ask('/_bench/bare'),
    'page with a session and one query' => static fn () => $ask('/_bench/page'),
    'paste of 15 lines, read and stored' => static fn () => $ask('/paste', $token + ['text' => RECIPE]),
    'Bench with 15 lines: read, swap, count, draw' => static fn () => $ask('/bench/draft'),
    'Account: every figure with its range' => static fn () => $ask('/bench/draft/account'),
    'Card' => static fn () => $ask('/bench/draft/card'),
    // Each asks for something else than the one before it, and as the page asks: by the field that was changed.
    'a change on the Bench, the tray alone' => static function () use ($ask, $token): string {
        static $times = 0;
        /** @var array<int, string> $woven what the groups of the weave say, as they stand in the page */
        static $woven = [];

        $change = ['panel' => '1', 'sweetness' => (string) (70 + 5 * ($times++ % 7))];
        $headers = ['HX-Request: true', 'X-Parts: whole', 'X-Woven: '.implode(' ', $woven)];
        $answer = $ask('/bench/draft/wishes', $token + $change, $headers);
        preg_match_all('~id="woven-(\d+)" +data-woven="([^"]*)"~', $answer, $drawn);
        $woven = array_replace($woven, array_combine($drawn[1], $drawn[2]));

        return $answer;
    },
];
$took = array_fill_keys(array_keys($jobs), []);
for ($round = 0, $rounds = isset($argv[2]) ? 40 : 180; $round < $rounds; $round++) {
    foreach ($jobs as $name => $job) {
        $jobs['bare route']();
        $start = hrtime(true);
        $job();
        if ($round >= 30) {
            $took[$name][] = (hrtime(true) - $start) / 1e6;
        }
    }
}
$medians = array_map(static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
}, $took);

printf("%-44s %9s %14s %10s\n", 'one request, median', 'ms', 'to a page with', 'to a bare');
printf("%-44s %9s %14s %10s\n", '', '', 'session, query', 'route');
foreach ($medians as $name => $ms) {
    printf(
        "%-44s %9.2f %13.2fx %9.2fx\n",
        $name,
        $ms,
        $ms / $medians['page with a session and one query'],
        $ms / $medians['bare route'],
    );
}

$kernel = Trade::open(dirname(__DIR__), dirname(__DIR__).'/storage/framework/trade')->kernel();
$core = new Wiring(Tables::in(dirname(__DIR__).'/data'));
$alone = $median(static fn () => $kernel->convert(new Brief(RECIPE)));
printf(
    "\n%-44s %9.2f ms of PHP, memory at most %.1f MB\n",
    'the core alone, 15 lines',
    $alone,
    memory_get_peak_usage() / 1_048_576,
);

// With the name of one part, such as "drag", that part alone is measured in full.
foreach (glob(__DIR__.'/bench-'.($argv[2] ?? '*').'.php') ?: [] as $more) {
    // Each part begins as a stranger.
    curl_setopt($handle, CURLOPT_COOKIELIST, 'ALL');
    require $more;
}

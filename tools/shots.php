<?php

declare(strict_types=1);

/*
 * shots BASE                                   the pictures of docs/screenshots, from the demo kitchen
 * shots BASE PATH --size 390x800 --out FOLDER  any page, signed in; --whole takes the page to its end, --guest without
 * signing in; --print as printed
 */

use Facebook\WebDriver\WebDriverBy;
use Tools\Browser;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Browser.php';

[$base, $words] = [$argv[1], array_slice($argv, 2)];
$said = [
    'size' => '1280x800',
    'out' => '',
    'whole' => false,
    'guest' => false,
    'click' => '',
    'scroll' => '0',
    'print' => false,
];
$paths = [];
while (($word = array_shift($words)) !== null) {
    match ($word) {
        '--whole', '--guest', '--print' => $said[substr($word, 2)] = true,
        '--size', '--out', '--click', '--scroll' => $said[substr($word, 2)] = array_shift($words),
        default => $paths[] = $word,
    };
}
$browser = Browser::open();
$driver = $browser->driver;
$go = static function (string $path) use ($driver, $base): void {
    $driver->get($base.'/'.ltrim($path, '/'));
    $driver->executeAsyncScript('const done = arguments[0]; document.fonts.ready.then(() => setTimeout(done, 150));');
};
$enter = static function () use ($driver, $go): void {
    $go('/');
    $driver->findElement(WebDriverBy::cssSelector('form[action="/demo"] button'))->click();
    $driver->wait(20)->until(static fn (): bool => str_contains($driver->getCurrentURL(), '/shelf'));
};
$open = static function (string $title, string $screen, string $sheet = '') use ($driver, $go): void {
    $go('/shelf');
    $ulid = basename(
        (string) parse_url(
            $driver->findElement(WebDriverBy::partialLinkText($title))->getDomProperty('href'),
            PHP_URL_PATH,
        ),
    );
    $go("/$screen/$ulid$sheet");
};
try {
    if ($paths === []) {
        $folder = __DIR__.'/../docs/screenshots';
        @mkdir($folder, 0755, true);
        $go('/');
        $browser->picture("$folder/start.png");
        $enter();
        $go('/shelf');
        $browser->picture("$folder/shelf.png");
        $open('Cardamom', 'bench');
        $browser->picture("$folder/bench.png");
        $go('/day');
        $browser->picture("$folder/day.png");
        $open('Cardamom', 'notebook');
        $browser->picture("$folder/notebook.png");
        // A bake that runs: past what lies out and the tin, to the first thing that is weighed.
        $weigh = static function () use ($driver, $open): void {
            $open('Rhubarb', 'counter');
            $driver->findElement(WebDriverBy::cssSelector('form[action$="/runs"] button'))->click();
            for ($i = 0; $i < 6 && $driver->findElements(WebDriverBy::id('number')) === []; $i++) {
                usleep(300_000);
                $driver->findElement(WebDriverBy::id('main-button'))->click();
            }
            usleep(500_000);
        };
        $weigh();
        $browser->picture("$folder/counter.png");
        foreach (
            [
                'account' => 'Poppy',
                'pieces' => 'Poppy',
                'scale' => 'Cardamom',
                'compare' => 'Cardamom',
                'card' => 'Hazelnut',
            ] as $sheet => $title
        ) {
            $open($title, 'bench', "/$sheet");
            $browser->picture("$folder/$sheet.png");
        }
        $go('/pantry');
        $browser->picture("$folder/pantry.png");
        $go('/almanac');
        $browser->picture("$folder/almanac.png");
        foreach (['' => 'bench', '/account' => 'account', '/pieces' => 'pieces'] as $sheet => $name) {
            $browser->size(390, 800);
            $open('Cardamom', 'bench', $sheet);
            $browser->picture("$folder/$name-phone.png");
        }
        $browser->size(390, 800);
        $weigh();
        $browser->picture("$folder/counter-phone.png");
        // The card as it comes out of the printer: A4 at 96 dots an inch, less its margins.
        $browser->size(703, 1032);
        $browser->medium('print');
        $open('Hazelnut', 'bench', '/card');
        $browser->picture("$folder/card-print.png");
        exit;
    }
    if ($said['out'] === '') {
        fwrite(STDERR, "aglyca: shots wants --out FOLDER for pictures of single pages.\n");
        exit(2);
    }
    @mkdir($said['out'], 0755, true);
    if (! $said['guest']) {
        $enter();
    }
    [$width, $height] = array_map(intval(...), explode('x', $said['size']));
    $browser->size($width, $height);
    $browser->medium($said['print'] ? 'print' : '');
    foreach ($paths as $path) {
        // "bench:Cardamom/account" opens that sheet of the dessert of that name on that screen.
        if (preg_match('~^(\w+):([^/]+)(/.*)?$~', $path, $m) === 1) {
            $open($m[2], $m[1], $m[3] ?? '');
        } else {
            $go($path);
        }
        foreach (array_filter(explode('|', $said['click'])) as $selector) {
            $driver->findElement(WebDriverBy::cssSelector($selector))->click();
            usleep(500_000);
        }
        $driver->executeScript('scrollTo(0, '.(int) $said['scroll'].')');
        $file = $said['out'].'/'.trim((string) preg_replace('~\W+~', '-', $path), '-').'-'.$said['size'].'.png';
        $browser->picture($file, $said['whole']);
        echo "$file\n";
        $wide = (int) $driver->executeScript('return document.documentElement.scrollWidth');
        if ($wide > $width) {
            echo "  the page is $wide wide in a window of $width\n";
        }
    }
} finally {
    $browser->close();
}

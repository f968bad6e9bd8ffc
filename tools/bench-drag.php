<?php

declare(strict_types=1);

/* Included by bench.php: a bar of the Day moved in the browser until the new plan is drawn, for one dessert and for five. */

use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Facebook\WebDriver\WebDriverBy;
use Tools\Browser;

require_once __DIR__.'/Browser.php';

(static function (Kernel $kernel, string $base): void {
    $browser = Browser::open();
    try {
        $driver = $browser->driver;
        $driver->manage()->timeouts()->setScriptTimeout(120);
        $driver->get($base.'/sign-up');
        $driver->executeScript(
            'document.getElementById("email").value=arguments[0];document.getElementById("password").value="plum-and-almond";document.getElementById("kitchen").value="Bench"',
            [bin2hex(random_bytes(6)).'@example.org'],
        );
        $driver->findElement(WebDriverBy::cssSelector('form[action="/sign-up"] button'))->click();
        $driver->wait(30)->until(static fn (): bool => ! str_contains($driver->getCurrentURL(), 'sign-up'));
        // Those with the most to do.
        $much = array_map(
            static fn (string $file): int => count(
                $kernel->dish($kernel->convert(new Brief((string) file_get_contents($file))), 1)->tasks,
            ),
            array_combine($all = glob(dirname(__DIR__).'/database/demo/*.txt') ?: [], $all),
        );
        arsort($much);
        $files = array_slice(array_keys($much), 0, 8);
        $desserts = [];
        foreach ($files as $file) {
            $driver->get($base.'/');
            $driver->wait(30)->until(
                static fn (): bool => $driver->findElements(WebDriverBy::cssSelector('form#paste button')) !== [],
            );
            $driver->executeScript('document.getElementById("text").value = arguments[0]', [
                (string) file_get_contents($file),
            ]);
            $driver->findElement(WebDriverBy::cssSelector('form#paste button'))->click();
            $desserts[] = basename((string) parse_url($driver->getCurrentURL(), PHP_URL_PATH));
        }
        foreach ([1 => 60, 5 => 60, 8 => 40] as $many => $moves) {
            $driver->get($base.'/day/new');
            $driver->executeScript(
                'for (const box of document.querySelectorAll("[name=\'desserts[]\']")) box.checked = arguments[0].includes(box.value); document.getElementById("day").value = "2031-12-24"; document.getElementById("time").value = "16:00"; document.querySelector("form[action=\'/day\']").requestSubmit()',
                [array_slice($desserts, 0, $many)],
            );
            usleep(1_500_000);
            $found = $driver->executeAsyncScript(
                <<<'JS'
                    const done = arguments[arguments.length - 1], moves = arguments[0], took = [];
                    const bars = () => [...document.querySelectorAll('#day .bar')];
                    const move = (bar, key) => new Promise((resolve) => {
                        const start = performance.now();
                        document.addEventListener('htmx:after:swap', () => requestAnimationFrame(() => setTimeout(() => { took.push(performance.now() - start); setTimeout(resolve, 60); })), { once: true });
                        bar.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
                    });
                    (async () => {
                        const many = bars().length;
                        for (let i = 0; i < moves; i++) await move(bars()[(7 * i) % bars().length], ['ArrowLeft', 'ArrowRight', 'ArrowLeft'][i % 3]);
                        done([took, many]);
                    })();
                JS
                ,
                [$moves],
            );
            [$took, $bars] = $found;
            sort($took);
            printf(
                "a bar of the Day moved until it is drawn, %d dessert%s, %d bars: median %.0f ms, 19 of 20 within %.0f ms\n",
                $many,
                $many > 1 ? 's' : '',
                $bars,
                $took[intdiv($moves, 2)],
                $took[(int) (0.95 * $moves) - 1],
            );
        }
    } finally {
        $browser->close();
    }
})($kernel, $base);

<?php

declare(strict_types=1);

/* Sourced by bench.php: the whole programme, and a change on the Bench as the baker sees it. */

use Aglyca\Core\Brief;
use Facebook\WebDriver\WebDriverBy;
use Tools\Browser;

require_once __DIR__.'/Browser.php';

$two = preg_replace('~\n\nMethod~', "\n\nFor the glaze:\n1 cup icing sugar\n1 tbsp lemon juice\n\nMethod", RECIPE);
$swap = $median(static fn () => $kernel->convert(new Brief($two)), 60);
printf(
    "\nprogramme: 17 lines in two components, read, swapped and forecast: %.2f ms of PHP; three such proposals %.2f ms\n",
    $swap,
    3 * $swap,
);
$proposals = $median(static fn () => $kernel->propose(new Brief($two)), 20);
printf("           up to three chosen from seven candidates: %.2f ms of PHP\n", $proposals);

$browser = Browser::open();
try {
    $driver = $browser->driver;
    $driver->manage()->timeouts()->setScriptTimeout(60);
    $driver->get($base.'/');
    $driver->executeScript('document.getElementById("text").value = arguments[0]', [$two]);
    $driver->findElement(WebDriverBy::cssSelector('form#paste button'))->click();
    usleep(700_000);
    $took = $driver->executeAsyncScript(
        <<<'JS'
            const done = arguments[0];
            const took = [];
            const change = (act) => new Promise((resolve) => {
                const start = performance.now();
                document.addEventListener('htmx:after:swap', () => requestAnimationFrame(() => setTimeout(() => { took.push(performance.now() - start); setTimeout(resolve, 90); })), { once: true });
                act();
            });
            const bead = () => document.querySelector('#blend [role=slider]');
            const set = (id, value) => { const f = document.getElementById(id); f.value = value; f.dispatchEvent(new Event('change', { bubbles: true })); };
            (async () => {
                for (let i = 0; i < 40; i++) {
                    await change(() => bead().dispatchEvent(new KeyboardEvent('keydown', { key: ['ArrowUp', 'ArrowLeft', 'ArrowDown', 'ArrowRight'][i % 4], bubbles: true })));
                    await change(() => set('pieces', String(8 + (i % 7))));
                    await change(() => set('sweetness', String(60 + 5 * (i % 9))));
                }
                done(took);
            })();
        JS
        ,
    );
    sort($took);
    printf(
        "a change on the Bench until it is drawn, in the browser, %d changes: median %.0f ms, 95th of a hundred %.0f ms\n",
        count($took),
        $took[intdiv(count($took), 2)],
        $took[(int) floor(0.95 * count($took))],
    );
} finally {
    $browser->close();
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Tools\Browser;
use Tools\Site;

require_once __DIR__.'/../../tools/Site.php';

/** A whole bake with the drawn scale, through a reload and a lost network, seen by a second device. */
final class CounterTest extends BrowserCase
{
    private const BISCUITS = "Counter biscuits\nMakes 20 biscuits\n100 g butter\n80 g sugar\n160 g flour\n1 egg\n\nMethod\nBeat the butter and sugar.\nBeat in the egg.\nStir in the flour.\nBake at 170 °C for 14 minutes.\nCool for 10 minutes.";

    public function test_a_bake_goes_through_whatever_happens(): void
    {
        self::open(true);
        $this->beginBake();
        $address = (string) self::$browser->driver->getCurrentURL();

        // Until the step that beats the butter: the oven is heating.
        for ($i = 0; $i < 4 && ! str_contains($this->said('h1'), 'butter'); $i++) {
            $this->press('#main-button');
        }
        self::assertStringContainsString('Beat the butter', $this->said('h1'));
        $this->press('.c-devices summary');
        $this->script(
            'const pour = document.getElementById("pour"); for (let i = 0; i < 40; i++) { pour.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true })); }',
        );
        self::assertStringContainsString('160', $this->said('#face'));
        self::assertStringContainsString('too much', $this->said('#reading'));
        $this->press('#main-button');
        self::assertMatchesRegularExpression('~\d+ g too much~', $this->said('#over h2'));
        $this->press('#over button', 'Keep it as it is');
        $this->wait(fn (): bool => str_contains($this->said('.c-uses'), '160 g'));
        $this->wait(fn (): bool => $this->waiting() === 0);

        // A reload loses nothing.
        self::$browser->driver->navigate()->refresh();
        $this->wait(fn (): bool => str_contains($this->said('.c-uses'), '160 g'));

        // Three ticks without network, and a timer that goes on.
        $tools = new ChromeDevToolsDriver(self::$browser->driver);
        $tools->execute('Network.enable');
        $cut = static fn (bool $is) => $tools->execute('Network.emulateNetworkConditions', [
            'offline' => $is,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
        $cut(true);
        for ($i = 0; $i < 20 && ! str_contains($this->said('h1'), 'Bake at'); $i++) {
            $this->script('document.getElementById("main-button").click()');
            $this->script('document.querySelector("#over:not([hidden]) .c-button:nth-child(2)")?.click()');
        }
        $this->press('#main-button', 'Start the timer');
        $this->wait(fn (): bool => str_contains($this->said('#timers'), 'Baking'));
        self::assertTrue(self::$browser->driver->findElement(WebDriverBy::id('lost'))->isDisplayed());
        self::assertGreaterThan(3, $this->waiting());
        $cut(false);
        $this->wait(fn (): bool => $this->waiting() === 0);
        self::assertFalse(self::$browser->driver->findElement(WebDriverBy::id('lost'))->isDisplayed());

        // A second device sees it without a reload, and each thing once.
        $other = Browser::open(true);
        try {
            $other->driver->get(getenv('AGLYCA_BASE').'/almanac');
            foreach (self::$browser->driver->manage()->getCookies() as $cookie) {
                $other->driver
                    ->manage()
                    ->addCookie(['name' => $cookie->getName(), 'value' => $cookie->getValue(), 'path' => '/']);
            }
            $other->driver->get($address);
            $timers = static fn (): string => $other->driver->findElement(WebDriverBy::id('timers'))->getText();
            self::assertStringContainsString('Baking', $timers());
            $this->script('document.querySelector("#timers button").click()');
            $this->press('#main-button', 'It is done');
            $this->wait(fn (): bool => ! str_contains($timers(), 'Baking'));
        } finally {
            $other->close();
        }

        // A timer that ran out while the lid was closed rings as soon as it is opened, and says how late.
        $this->wait(fn (): bool => str_contains($this->said('h1'), 'Cool'));
        $this->press('#main-button', 'Start the timer');
        $this->script(
            'const late = Date.now() - 180000; const at = Object.keys(localStorage).find((k) => k.endsWith(":queue")); return new Promise((done) => { const wait = () => (JSON.parse(localStorage.getItem(at) ?? "[]").length ? setTimeout(wait, 100) : done()); wait(); });',
        );
        $this->script(
            'const run = JSON.parse(document.getElementById("run").textContent); const cool = run.tasks.find((t) => t.action === "cool"); const key = `run:${run.ulid}:queue`; const queue = JSON.parse(localStorage.getItem(key) ?? "[]"); queue.push({ id: crypto.randomUUID(), kind: "timer-ends", data: { timer: `${cool.id}-1`, ends: Date.now() - 180000 }, at: Date.now() }); localStorage.setItem(key, JSON.stringify(queue));',
        );
        self::$browser->driver->navigate()->refresh();
        $this->wait(fn (): bool => str_contains($this->said('#over'), 'It rang 3 minutes ago'));
        $this->press('#over button', 'It is done');
        $this->wait(fn (): bool => $this->waiting() === 0);
        $this->script(
            'for (let i = 0; i < 20 && document.getElementById("main-button"); i++) { document.getElementById("main-button").click(); document.querySelector("#over:not([hidden]) .c-button:nth-child(2)")?.click(); }',
        );
        $this->wait(fn (): bool => str_contains($this->said('h1'), 'All done'));
        $this->press('button', 'Put it in the notebook');
        $this->wait(fn (): bool => str_contains($this->said('body'), 'The bake is in the notebook'));
        self::assertSame(
            [],
            array_filter(
                self::$browser->driver->manage()->getLog('browser'),
                static fn (array $l): bool => $l['level'] === 'SEVERE' &&
                    ! str_contains((string) $l['message'], 'ERR_INTERNET_DISCONNECTED'),
            ),
        );
    }

    public function test_an_alarm_is_seen_and_heard_over_an_open_sheet_and_the_scale_never_writes_nothing(): void
    {
        self::open(true);
        $this->beginBake();
        for ($i = 0; $i < 4 && ! str_contains($this->said('h1'), 'butter'); $i++) {
            $this->press('#main-button');
        }
        // A scale that reads nothing is no word that nothing went in: the baker is asked.
        $this->press('.c-devices summary');
        $this->script('document.getElementById("pour").dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true }))');
        $this->press('#main-button');
        self::assertMatchesRegularExpression('~The scale says \d~', $this->said('#over h2'));
        $this->press('#over button', 'It is all in');
        $this->wait(fn (): bool => str_contains($this->said('.c-uses .c-in'), 'utter'));
        self::assertMatchesRegularExpression('~\d{2,3} g~', $this->said('.c-uses .c-in'), 'as much as was asked for');
        $this->wait(fn (): bool => $this->waiting() === 0);

        // A timer that is about to end, on a page that nobody has touched since it was opened.
        $ends = '(() => { const run = JSON.parse(document.getElementById("run").textContent); const task = run.tasks.find((t) => t.action === "bake"); const key = `run:${run.ulid}:queue`; localStorage.setItem(key, JSON.stringify([{ id: crypto.randomUUID(), kind: "timer", data: { timer: `${task.id}-1`, task: task.id, name: task.name, ends: Date.now() + %d }, at: Date.now() }])); })()';
        $this->script(sprintf($ends, -1000));
        self::$browser->driver->navigate()->refresh();
        $this->wait(fn (): bool => str_contains($this->said('#over h2'), 'time is up'));
        self::assertStringContainsString('Turn the sound on', $this->said('#over'), 'a page may not sound before it is touched');
        $this->press('#over button', 'Turn the sound on');
        // Whether a machine of a test has anything to sound on is not ours to say.
        $this->wait(fn (): bool => in_array($this->script('return document.documentElement.dataset.sound'), ['woken', 'running'], true));
        $this->press('#over button', '2 minutes more');
        $this->wait(fn (): bool => $this->waiting() === 0);
        $this->script(sprintf($ends, 3500));
        self::$browser->driver->navigate()->refresh();
        $this->press('.c-extras button', 'All steps');
        self::assertStringContainsString('All steps', $this->said('#over h2'));
        $this->wait(fn (): bool => str_contains($this->said('#over h2'), 'time is up'));
        $this->press('#over button', '2 minutes more');
        self::assertStringContainsString('All steps', $this->said('#over h2'), 'the sheet that lay below is back');
    }

    public function test_a_server_killed_half_way_loses_nothing_and_does_nothing_twice(): void
    {
        self::open(true);
        $site = new Site(Browser::freePort(), 'aglyca_browser');
        $common = (string) getenv('AGLYCA_BASE');
        putenv('AGLYCA_BASE='.$site->address());
        try {
            $site->up();
            $this->beginBake();
            $this->wait(fn (): bool => (bool) $this->script('return navigator.serviceWorker.controller !== null'));
            self::$browser->driver->navigate()->refresh();
            $this->press('#main-button');
            $this->wait(fn (): bool => $this->waiting() === 0);

            $site->kill();
            for ($i = 0; $i < 20 && ! str_contains($this->said('h1'), 'Bake at'); $i++) {
                $this->script('document.getElementById("main-button").click()');
                $this->script('document.querySelector("#over:not([hidden]) .c-button:nth-child(2)")?.click()');
            }
            $this->press('#main-button', 'Start the timer');
            $this->wait(fn (): bool => str_contains($this->said('#timers'), 'Baking'));
            $kept = $this->waiting();
            self::assertGreaterThan(3, $kept);
            $ends =
                'const key = Object.keys(localStorage).find((k) => k.endsWith(":queue")); return JSON.parse(localStorage.getItem(key)).filter((one) => one.kind === "timer").map((one) => one.data.ends);';
            $end = $this->script($ends);
            self::assertNotSame([], $end);

            // Nobody answers, and the page opens all the same, with what was ticked and the timer that runs.
            self::$browser->driver->navigate()->refresh();
            $this->wait(fn (): bool => str_contains($this->said('#timers'), 'Baking'));
            self::assertStringContainsString('Bake at', $this->said('h1'));
            self::assertSame([$kept, $end], [$this->waiting(), $this->script($ends)]);

            $site->up();
            $this->wait(fn (): bool => $this->waiting() === 0);
            $events = $this->script(
                'return fetch(location.pathname + "/events?after=0").then((answer) => answer.json())',
            )['events'];
            self::assertGreaterThan($kept, count($events));
            self::assertSame(
                count($events),
                count(
                    array_unique(
                        array_map(static fn (array $one): string => $one['kind'].json_encode($one['data']), $events),
                    ),
                ),
            );
            self::assertSame(
                $end,
                array_values(
                    array_map(
                        static fn (array $one): mixed => $one['data']['ends'],
                        array_filter($events, static fn (array $one): bool => $one['kind'] === 'timer'),
                    ),
                ),
            );
        } finally {
            $site->kill();
            putenv("AGLYCA_BASE=$common");
        }
    }

    public function test_a_drawn_meter_writes_the_readings_of_a_curve(): void
    {
        self::open(true);
        $this->signUp();
        $this->go('/notebook/response');
        $this->fill('#name', 'Two slices');
        $this->press('summary', 'Read a meter');
        for ($i = 0; $i < 3; $i++) {
            $this->press('button', 'Send a reading');
        }
        self::assertSame(
            "0 5.2\n15 5.2\n30 5.2",
            self::$browser->driver->findElement(WebDriverBy::id('readings'))->getAttribute('value'),
        );
        $this->click('form[action="/notebook/response"] button.button-main');
        $this->wait(fn (): bool => str_contains($this->said('main'), 'solid: Two slices'));
    }

    /** The page draws itself anew with every answer, so that an element is looked for and read in one breath. */
    private function said(string $selector): string
    {
        return (string) self::$browser->driver->executeScript(
            'return document.querySelector(arguments[0])?.innerText ?? ""',
            [$selector],
        );
    }

    private function press(string $selector, string $with = ''): void
    {
        $this->wait(
            fn (): bool => (bool) self::$browser->driver->executeScript(
                'const found = [...document.querySelectorAll(arguments[0])].find((one) => one.innerText.includes(arguments[1])); found?.click(); return !!found;',
                [$selector, $with],
            ),
        );
    }

    private function script(string $script): mixed
    {
        return self::$browser->driver->executeScript($script);
    }

    /** How many ticks the browser still has to hand in. */
    private function waiting(): int
    {
        return (int) $this->script(
            'const key = Object.keys(localStorage).find((k) => k.endsWith(":queue")); return key ? JSON.parse(localStorage.getItem(key)).length : 0;',
        );
    }

    private function beginBake(): void
    {
        $this->signUp();
        $this->go('/');
        self::$browser->driver->executeScript('document.getElementById("text").value = arguments[0]', [self::BISCUITS]);
        $this->click('form#paste button');
        $this->wait(
            fn (): bool => preg_match('~/bench/[0-9a-z]{26}~', (string) self::$browser->driver->getCurrentURL()) === 1,
        );
        $this->go('/counter');
        $this->click('form[action$="/runs"] button');
        $this->wait(fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), '/counter/run/'));
    }
}

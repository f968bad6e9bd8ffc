<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * The main paths in headless Chromium, with scripts and without. `aglyca test` serves the application and names it in
 * AGLYCA_BASE.
 */
final class MainPathsTest extends BrowserCase
{
    public function test_with_scripts_paste_correct_wish_sign_up_and_find_it_on_the_shelf(): void
    {
        self::open(true);
        $this->paste();
        self::assertStringContainsString('1 to check', $this->text('#bench'));
        $figure = $this->text('[data-net=after]');
        $this->click('[data-line]:not([data-line=""])', 'greeble powder');
        $this->fill('input[name=food]', 'Almond flour');
        $this->click('[data-open-line] form button');
        $this->wait(fn (): bool => ! str_contains($this->text('#bench'), 'to check'));
        self::assertNotSame($figure, $this->text('[data-net=after]'));

        $this->choose('#sweetener', 'xylitol');
        $this->wait(fn (): bool => str_contains($this->text('.weave'), 'Xylitol'));
        $figure = $this->text('[data-net=after]');
        $count = fn (string $what): int => count(
            self::$browser->driver->findElements(WebDriverBy::cssSelector($what)),
        );
        self::assertSame(0, $count('#reading select[name=fate]'), 'nobody looks at it');
        $this->click('#reading summary', 'How it was read');
        $this->wait(fn (): bool => $count('#reading select[name=fate]') > 5);
        $this->fill('#pieces', "20\t");
        $this->wait(fn (): bool => $this->text('[data-net=after]') !== $figure);
        self::assertGreaterThan(5, $count('#reading[open] select[name=fate]'), 'what is looked at stays');
        self::assertSame(1, $count('#ladder > [data-rest]'));
        self::$browser->driver->executeScript('document.getElementById("ladder").scrollIntoView()');
        $this->wait(fn (): bool => $count('#ladder svg') > 1);
        $this->fill('#pieces', "-3\t");
        $this->wait(fn (): bool => str_contains($this->text('#wishes'), 'a number from 0.1'));
        self::assertSame(
            '-3',
            self::$browser->driver->findElement(WebDriverBy::cssSelector('#pieces'))->getDomProperty('value'),
        );

        $this->signUp();
        self::assertStringContainsString('Xylitol', $this->text('.weave'));
        self::assertStringContainsString('Browser loaf', $this->shelf());
        self::assertSame(
            [],
            array_filter(
                self::$browser->driver->manage()->getLog('browser'),
                static fn (array $l): bool => $l['level'] === 'SEVERE' && ! str_contains((string) $l['message'], '422'),
            ),
        );
    }

    public function test_what_is_typed_and_not_sent_stays_through_a_change_of_something_else(): void
    {
        self::open(true);
        $this->paste();
        $this->click('[data-line]:not([data-line=""])', 'greeble powder');
        $this->fill('input[name=food]', 'Almond flour');
        $this->choose('#sweetener', 'xylitol');
        $this->wait(fn (): bool => str_contains($this->text('.weave'), 'Xylitol'));
        $field = WebDriverBy::cssSelector('[data-open-line] input[name=food]');
        self::assertSame('Almond flour', self::$browser->driver->findElement($field)->getDomProperty('value'));
        $this->click('[data-open-line] form button');
        $this->wait(fn (): bool => ! str_contains($this->text('#bench'), 'to check'));
        self::assertStringContainsString('Xylitol', $this->text('.weave'));
    }

    public function test_the_bead_moves_by_keys_and_every_figure_follows_and_goes_back(): void
    {
        self::open(true);
        $this->paste();
        $mix = $this->text('#blend summary');
        $bead = self::$browser->driver->findElement(WebDriverBy::cssSelector('#blend [role=slider]'));
        $bead->sendKeys(WebDriverKeys::ARROW_UP);
        $this->wait(
            fn (): bool => $this->text('#blend summary') !== $mix &&
                str_contains($this->text('#bench'), 'let it be worked out'),
        );
        self::$browser->driver->findElement(WebDriverBy::tagName('body'))->sendKeys('u');
        $this->wait(fn (): bool => ! str_contains($this->text('#bench'), 'let it be worked out'));
        $this->click('[data-part="0:almond-flour"]');
        $this->wait(fn (): bool => str_contains($this->text('#bench'), 'Other choices'));
        $this->fill('[id="amount-0:almond-flour"]', '222');
        $this->click('[data-open-part] form button');
        $this->wait(fn (): bool => str_contains($this->text('.weave'), 'yours:'));
        self::$browser->driver->findElement(WebDriverBy::tagName('body'))->sendKeys('?');
        $this->wait(fn (): bool => str_contains($this->text('#keys'), 'arrow keys move'));
    }

    public function test_without_scripts_the_same_path_goes_through(): void
    {
        self::open(false);
        $this->paste();
        $this->click('[data-line]', 'greeble powder');
        $this->fill('input[name=food]', 'Almond flour');
        $this->click('[data-open-line] form button');
        $this->wait(fn (): bool => ! str_contains($this->text('#bench'), 'to check'));
        $this->choose('#sweetener', 'xylitol');
        $this->fill('#pieces', '20');
        $this->click('#wishes noscript button, #wishes button');
        $this->wait(fn (): bool => str_contains($this->text('.weave'), 'Xylitol'));
        $this->signUp();
        self::assertStringContainsString('Browser loaf', $this->shelf());
    }

    public function test_what_was_typed_survives_a_reload_and_axe_finds_nothing_serious(): void
    {
        self::open(true);
        $this->go('/');
        $this->fill('#text', 'Half a recipe');
        self::$browser->driver->navigate()->refresh();
        self::assertSame(
            'Half a recipe',
            self::$browser->driver->findElement(WebDriverBy::cssSelector('#text'))->getDomProperty('value'),
        );
        $this->paste();
        $this->go('/');
        self::assertSame(
            '',
            self::$browser->driver->findElement(WebDriverBy::cssSelector('#text'))->getDomProperty('value'),
            'what was taken is let go',
        );
        $this->go('/bench/draft');
        $this->click('summary', 'The recipe as you typed it');
        $this->fill('#text', 'Half of another');
        self::$browser->driver->navigate()->refresh();
        self::assertSame(
            'Half of another',
            self::$browser->driver->findElement(WebDriverBy::cssSelector('#text'))->getDomProperty('value'),
        );
        foreach (
            [
                '/',
                '/bench/draft',
                '/bench/draft/table',
                '/bench/draft/proposals',
                '/counter/draft',
                '/almanac',
                '/almanac/foods/almond-flour',
                '/almanac/tables/families',
                '/sign-in',
                '/sign-up',
                '/nowhere',
            ] as $path
        ) {
            $this->go($path);
            $this->assertAccessible($path);
        }
    }

    public function test_the_main_job_is_done_by_keys_alone_in_the_order_in_which_it_is_read(): void
    {
        self::open(true);
        $this->go('/');
        $keys = self::$browser->driver->getKeyboard();
        $this->tabTo('textarea#text');
        foreach (explode("\n", self::LOAF) as $line) {
            $keys->sendKeys($line.WebDriverKeys::SHIFT.WebDriverKeys::ENTER.WebDriverKeys::NULL);
        }
        $this->tabTo('form#paste button');
        $keys->sendKeys(WebDriverKeys::ENTER);
        $this->wait(fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), '/bench/draft'));
        // The number comes before the weave, and the weave before the mix, as they are read.
        $order = self::$browser->driver->executeScript(
            'const all = [...document.querySelectorAll("#net, .strip, .weave, #blend, #wishes")]; return all.map((one) => one.id || one.classList[0]);',
        );
        self::assertSame(['net', 'strip', 'weave', 'blend', 'wishes'], $order);
        $said = fn (): string => (string) self::$browser->driver->executeScript(
            'return document.getElementById("said").textContent',
        );
        $this->tabTo('#sweetness');
        $keys->sendKeys(str_repeat(WebDriverKeys::ARROW_LEFT, 8));
        $this->wait(fn (): bool => str_contains($said(), 'grams net'));
        $this->tabTo('.sheets a[href$="/pieces"]');
        $keys->sendKeys(WebDriverKeys::ENTER);
        $this->wait(fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), '/pieces'));
        $this->tabTo('#count');
        $keys->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.'8'.WebDriverKeys::TAB);
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), '8 slices'));
        $this->tabTo('.sheets a[href$="/card"]');
        $keys->sendKeys(WebDriverKeys::ENTER);
        $this->wait(fn (): bool => str_contains($this->text('article.card'), '8 slices'));
    }

    /** Goes on by the tabulator until it is there, around the page once at most. */
    private function tabTo(string $selector): void
    {
        for ($i = 0; $i < 150; $i++) {
            if (
                self::$browser->driver->executeScript('return document.activeElement.matches(arguments[0])', [
                    $selector,
                ])
            ) {
                return;
            }
            // A key of the browser itself: a driver takes keys that are sent to a field for files for a path.
            foreach (['rawKeyDown', 'keyUp'] as $type) {
                (new ChromeDevToolsDriver(self::$browser->driver))->execute('Input.dispatchKeyEvent', [
                    'type' => $type,
                    'key' => 'Tab',
                    'code' => 'Tab',
                    'windowsVirtualKeyCode' => 9,
                ]);
            }
        }
        self::fail("$selector is not reached by keys");
    }
}

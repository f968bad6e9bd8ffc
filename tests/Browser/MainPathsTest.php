<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\TestCase;
use Tools\Browser;

require_once __DIR__.'/../../tools/Browser.php';

/** The main paths in headless Chromium, with scripts and without. `aglyca test` serves the application and names it in AGLYCA_BASE. */
final class MainPathsTest extends TestCase
{
    private const LOAF = "Browser loaf\nMakes 10 slices\n200 g sugar\n250 g flour\n3 eggs\n100 g greeble powder\n\nMethod\nMix.\nBake at 180 °C for 40 minutes.";

    private static Browser $browser;

    private static function open(bool $scripts): void
    {
        self::$browser = Browser::open($scripts);
    }

    protected function tearDown(): void
    {
        self::$browser->close();
    }

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
        $this->fill('#pieces', "20\t");
        $this->wait(fn (): bool => $this->text('[data-net=after]') !== $figure);
        $this->fill('#pieces', "-3\t");
        $this->wait(fn (): bool => str_contains($this->text('#wishes'), 'a number above 0'));
        self::assertSame('-3', self::$browser->driver->findElement(WebDriverBy::cssSelector('#pieces'))->getDomProperty('value'));

        $this->signUp();
        self::assertStringContainsString('Xylitol', $this->text('.weave'));
        self::assertStringContainsString('Browser loaf', $this->shelf());
        self::assertSame([], array_filter(self::$browser->driver->manage()->getLog('browser'), static fn (array $l): bool => $l['level'] === 'SEVERE' && ! str_contains((string) $l['message'], '422')));
    }

    public function test_the_bead_moves_by_keys_and_every_figure_follows_and_goes_back(): void
    {
        self::open(true);
        $this->paste();
        $mix = $this->text('#blend summary');
        $bead = self::$browser->driver->findElement(WebDriverBy::cssSelector('#blend [role=slider]'));
        $bead->sendKeys(WebDriverKeys::ARROW_UP);
        $this->wait(fn (): bool => $this->text('#blend summary') !== $mix && str_contains($this->text('#bench'), 'let it be worked out'));
        self::$browser->driver->findElement(WebDriverBy::tagName('body'))->sendKeys('u');
        $this->wait(fn (): bool => ! str_contains($this->text('#bench'), 'let it be worked out'));
        $this->click('[data-part="0:almond-flour"]');
        $this->wait(fn (): bool => str_contains($this->text('#bench'), 'Other choices'));
        $this->fill('#amount', '222');
        $this->click('[data-open-part] form button');
        $this->wait(fn (): bool => str_contains($this->text('.weave'), 'yours:'));
        self::$browser->driver->findElement(WebDriverBy::tagName('body'))->sendKeys('?');
        $this->wait(fn (): bool => str_contains($this->text('#keys'), 'arrow keys move the bead'));
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
        self::assertSame('Half a recipe', self::$browser->driver->findElement(WebDriverBy::cssSelector('#text'))->getDomProperty('value'));
        $this->paste();
        foreach (['/', '/bench/draft', '/counter/draft', '/almanac', '/sign-in', '/sign-up'] as $path) {
            $this->go($path);
            $this->assertAccessible($path);
        }
        $this->signUp();
        foreach (['/shelf', '/kitchen'] as $path) {
            $this->go($path);
            $this->assertAccessible($path);
        }
    }

    private function paste(): void
    {
        $this->go('/');
        $this->fill('#text', self::LOAF);
        $this->click('form[action="/paste"] button');
        $this->wait(fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), '/bench/draft'));
    }

    private function signUp(): void
    {
        $this->go('/sign-up');
        $this->fill('input[name=email]', bin2hex(random_bytes(5)).'@example.org');
        $this->fill('input[name=password]', 'plum-and-almond');
        $this->click('form[action="/sign-up"] button');
        $this->wait(fn (): bool => ! str_contains((string) self::$browser->driver->getCurrentURL(), '/sign-up'));
    }

    private function shelf(): string
    {
        $this->go('/shelf');

        return $this->text('main');
    }

    private function go(string $path): void
    {
        self::$browser->driver->get(getenv('AGLYCA_BASE').$path);
    }

    private function text(string $selector): string
    {
        return self::$browser->driver->findElement(WebDriverBy::cssSelector($selector))->getText();
    }

    private function click(string $selector, string $with = ''): void
    {
        foreach (self::$browser->driver->findElements(WebDriverBy::cssSelector($selector)) as $element) {
            if ($element->isDisplayed() && ($with === '' || str_contains($element->getText(), $with))) {
                $element->click();
                if (str_contains($selector, 'data-line')) {
                    self::$browser->driver->wait(5, 50)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('[data-open-line]')));
                }

                return;
            }
        }
        self::fail("nothing to click: $selector $with");
    }

    private function fill(string $selector, string $text): void
    {
        $field = self::$browser->driver->findElement(WebDriverBy::cssSelector($selector));
        $field->click();
        $field->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.$text);
    }

    private function choose(string $selector, string $value): void
    {
        (new WebDriverSelect(self::$browser->driver->findElement(WebDriverBy::cssSelector($selector))))->selectByValue($value);
    }

    /** @param  callable(): bool  $holds */
    private function wait(callable $holds): void
    {
        self::$browser->driver->wait(5, 50)->until(static function () use ($holds): bool {
            try {
                return $holds();
            } catch (\Facebook\WebDriver\Exception\StaleElementReferenceException) {
                return false;
            }
        });
        self::assertTrue(true);
    }

    private function assertAccessible(string $path): void
    {
        $driver = self::$browser->driver;
        $driver->executeScript((string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'));
        $found = $driver->executeAsyncScript('const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"]}).then(r => done(r.violations.filter(v => ["serious", "critical"].includes(v.impact)).map(v => v.id + ": " + v.nodes.map(n => n.target.join(" ")).slice(0, 3).join(", "))));');
        self::assertSame([], $found, $path);
    }
}

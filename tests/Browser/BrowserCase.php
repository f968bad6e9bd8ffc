<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\TestCase;
use Tools\Browser;

require_once __DIR__.'/../../tools/Browser.php';

/** What a baker does in headless Chromium. `aglyca test` serves the application and names it in AGLYCA_BASE. */
abstract class BrowserCase extends TestCase
{
    protected const LOAF = "Browser loaf\nMakes 10 slices\n200 g sugar\n250 g flour\n3 eggs\n100 g greeble powder\n\nMethod\nMix.\nBake at 180 °C for 40 minutes.";

    protected static Browser $browser;

    protected static function open(bool $scripts): void
    {
        self::$browser = Browser::open($scripts);
        // What a click brings is looked for until it is there.
        self::$browser->driver->manage()->timeouts()->implicitlyWait(5);
    }

    protected function tearDown(): void
    {
        self::$browser->close();
    }

    protected function paste(string $recipe = self::LOAF): void
    {
        $this->go('/');
        self::$browser->driver->executeScript('document.getElementById("text").value = arguments[0]', [$recipe]);
        $this->click('form#paste button');
        $this->wait(
            fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), '/bench/draft') &&
                self::$browser->driver->executeScript('return document.readyState') === 'complete',
        );
    }

    protected function signUp(): void
    {
        $this->go('/sign-up');
        $this->fill('input[name=email]', bin2hex(random_bytes(5)).'@example.org');
        $this->fill('input[name=password]', 'plum-and-almond');
        $this->click('form[action="/sign-up"] button');
        $this->wait(
            fn (): bool => ! str_contains((string) self::$browser->driver->getCurrentURL(), '/sign-up') &&
                self::$browser->driver->executeScript('return document.readyState') === 'complete',
        );
    }

    protected function shelf(): string
    {
        $this->go('/shelf');

        return $this->text('main');
    }

    protected function go(string $path): void
    {
        self::$browser->driver->get(getenv('AGLYCA_BASE').$path);
    }

    protected function text(string $selector): string
    {
        return self::$browser->driver->findElement(WebDriverBy::cssSelector($selector))->getText();
    }

    protected function click(string $selector, string $with = ''): void
    {
        foreach (self::$browser->driver->findElements(WebDriverBy::cssSelector($selector)) as $element) {
            if ($element->isDisplayed() && ($with === '' || str_contains($element->getText(), $with))) {
                $element->click();
                if (str_contains($selector, 'data-line')) {
                    self::$browser->driver
                        ->wait(5, 50)
                        ->until(
                            WebDriverExpectedCondition::presenceOfElementLocated(
                                WebDriverBy::cssSelector('[data-open-line]'),
                            ),
                        );
                }

                return;
            }
        }
        self::fail("nothing to click: $selector $with");
    }

    protected function fill(string $selector, string $text): void
    {
        $field = self::$browser->driver->findElement(WebDriverBy::cssSelector($selector));
        $field->click();
        $field->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.$text);
    }

    protected function choose(string $selector, string $value): void
    {
        (new WebDriverSelect(self::$browser->driver->findElement(WebDriverBy::cssSelector($selector))))->selectByValue(
            $value,
        );
    }

    /** @param  callable(): bool  $holds */
    protected function wait(callable $holds): void
    {
        self::$browser->driver->wait(5, 50)->until(static function () use ($holds): bool {
            try {
                return $holds();
            } catch (StaleElementReferenceException) {
                return false;
            } catch (UnknownErrorException $e) {
                // The page went between finding the element and reading it; the driver says so in two ways.
                return str_contains($e->getMessage(), 'does not belong to the document') ? false : throw $e;
            }
        });
        self::assertTrue(true);
    }

    protected function assertAccessible(string $path): void
    {
        $driver = self::$browser->driver;
        $driver->executeScript((string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'));
        $found = $driver->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"]}).then(r => done(r.violations.filter(v => ["serious", "critical"].includes(v.impact)).map(v => v.id + ": " + v.nodes.map(n => n.target.join(" ")).slice(0, 3).join(", "))));',
        );
        self::assertSame([], $found, $path);
    }
}

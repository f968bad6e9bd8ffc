<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * The account's sheets: portions and parts followed at once, printed on one page, read under a link, and read aloud.
 */
final class SheetsTest extends BrowserCase
{
    public function test_portions_and_parts_follow_at_once(): void
    {
        self::open(true);
        $this->paste();
        $this->signUp();
        $at = (string) parse_url((string) self::$browser->driver->getCurrentURL(), PHP_URL_PATH);
        $this->go("$at/pieces");
        $this->click('.choice', 'a weight each');
        $this->fill('#target-each', '50');
        $this->press();
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), 'of the mix for each'));
        $this->fill('#target-each', 'plenty');
        $this->press();
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), 'weighs more than 0 g'));
        self::assertSame(
            'plenty',
            self::$browser->driver->findElement(WebDriverBy::cssSelector('#target-each'))->getDomProperty('value'),
        );
        // The pan itself takes the cuts, by keys as by dragging.
        $this->click('.choice', 'cuts');
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), '16 slices'));
        self::$browser->driver->executeScript('document.getElementById("cuts").focus()');
        self::$browser->driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), '20 slices'));
        $this->go("$at/account");
        $this->choose('#eaten', '2');
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), '2 slices is'));
        $this->choose('#of', 'fat');
        $this->wait(fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), 'of=fat'));
        self::assertStringContainsString('Fat, a slice', $this->text('#sheet'));
        $this->go("$at/scale");
        $this->click('form button', 'double');
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), '2 times the recipe'));
        // Any amount may be typed, and the rest follows it.
        $this->fill('.scale-cell', '100');
        $this->press();
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), 'times 0.5'));
        // So does a bag in the Pantry: 500 g, a hundredth less with each press, sent when the hand rests.
        $this->go('/pantry');
        foreach (['#name' => 'The blue bag', '#food' => 'Almond flour', '#serving_g' => '100', '#size_g' => '500'] as $field => $typed) {
            $this->fill($field, $typed);
        }
        $this->fill('[name="printed[carbohydrate]"]', '20');
        $this->fill('#left_g', '500');
        $this->click('form button', 'Keep the label');
        $this->wait(fn (): bool => str_contains($this->text('#packages'), '500 g left of 500 g'));
        self::$browser->driver->executeScript('document.querySelector("[data-bag] [type=range]").focus()');
        self::$browser->driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_DOWN.WebDriverKeys::ARROW_DOWN);
        $this->wait(fn (): bool => str_contains($this->text('body'), 'is written down'));
        self::assertStringContainsString('490 g left of 500 g', $this->text('#packages'));
        $this->click('form button', 'Undo');
        $this->wait(fn (): bool => str_contains($this->text('#packages'), '500 g left of 500 g'));
    }

    /** What was typed takes effect when its field is left. */
    private function press(): void
    {
        self::$browser->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
    }

    public function test_without_scripts_the_sheets_work_too(): void
    {
        self::open(false);
        $this->paste();
        $this->go('/bench/draft/pieces');
        $this->fill('#across', '2');
        $this->fill('#along', '3');
        foreach (self::$browser->driver->findElements(WebDriverBy::cssSelector('form')) as $form) {
            if ($form->findElements(WebDriverBy::cssSelector('#across')) !== []) {
                $form->findElement(WebDriverBy::cssSelector('button'))->click();
                break;
            }
        }
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), '6 slices'));
        $this->go('/bench/draft/account?of=fat');
        $this->choose('#eaten', '0.5');
        $this->click('form[action$="eaten"] button');
        $this->wait(fn (): bool => str_contains($this->text('#sheet'), 'Half a slice is'));
    }

    public function test_the_card_prints_on_one_page_of_either_paper(): void
    {
        self::open(true);
        $steps = str_repeat(
            "Fold everything together with a large spoon, turning the bowl, until no dry streak is left and the batter falls slowly from the spoon.\n",
            12,
        );
        $long =
            "Long loaf\nMakes 12 slices\n".
            implode(
                "\n",
                array_map(static fn (string $f): string => "20 g $f", [
                    'sugar',
                    'flour',
                    'butter',
                    'almonds',
                    'walnuts',
                    'pecans',
                    'hazelnuts',
                    'cocoa',
                    'cinnamon',
                    'nutmeg',
                    'ginger',
                    'cloves',
                    'yogurt',
                    'milk',
                    'raspberries',
                    'blueberries',
                    'apple',
                    'carrot',
                    'orange zest',
                    'lemon juice',
                    'pumpkin',
                    'coconut oil',
                    'chia seeds',
                    'raisins',
                    'dates',
                ]),
            ).
            "\n\nFor the glaze:\n50 g icing sugar\n\nMethod\n$steps";
        $this->assertOnePage(self::LOAF);
        $this->assertOnePage($long);
    }

    private function assertOnePage(string $recipe): void
    {
        $this->paste($recipe);
        foreach (['a4' => [595, 842], 'letter' => [612, 792]] as $paper => [$width, $height]) {
            $this->go("/bench/draft/card?paper=$paper");
            self::$browser->driver->executeAsyncScript(
                'const done = arguments[0]; document.fonts.ready.then(() => setTimeout(done, 200));',
            );
            $pdf = base64_decode(
                (string) (new ChromeDevToolsDriver(self::$browser->driver))->execute('Page.printToPDF', [
                    'preferCSSPageSize' => true,
                ])['data'],
                true,
            );
            self::assertSame(1, preg_match_all('~/Type\s*/Page\b~', (string) $pdf), $paper);
            self::assertSame(1, preg_match('~/MediaBox\s*\[0 0 ([\d.]+) ([\d.]+)~', (string) $pdf, $m));
            self::assertEqualsWithDelta([$width, $height], [(float) $m[1], (float) $m[2]], 1.0);
        }
    }

    public function test_axe_finds_nothing_serious_on_any_sheet_wide_or_narrow(): void
    {
        self::open(true);
        $this->paste();
        $this->signUp();
        $at = (string) parse_url((string) self::$browser->driver->getCurrentURL(), PHP_URL_PATH);
        $this->go("$at/card");
        $this->click('button', 'Share it under a link');
        $link = (string) parse_url(
            (string) self::$browser->driver
                ->findElement(WebDriverBy::cssSelector('#shared-link'))
                ->getDomProperty('value'),
            PHP_URL_PATH,
        );
        // What stands on the Shelf is planned, baked and judged as well.
        $ulid = basename($at);
        $this->go('/day/new');
        $this->click('input[name="desserts[]"]');
        $this->click('main form button');
        $this->wait(fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), '/day/0'));
        $day = (string) parse_url((string) self::$browser->driver->getCurrentURL(), PHP_URL_PATH);
        $this->go("/counter/$ulid");
        $this->click('form[action$="/runs"] button');
        $this->wait(fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), '/counter/run/'));
        $run = (string) parse_url((string) self::$browser->driver->getCurrentURL(), PHP_URL_PATH);
        $this->go("/counter/$ulid");
        $this->fill('#words', 'Too dark.');
        $this->click('form[action$="/bakes"] button', 'Write it down');
        $this->wait(
            fn (): bool => str_contains(self::$browser->driver->getPageSource(), 'Your bake is in the notebook'),
        );
        $this->go("/notebook/$ulid");
        $bake = (string) self::$browser->driver->executeScript(
            'return document.querySelector("a[href^=\"/notebook/bakes/\"]").getAttribute("href")',
        );
        foreach ([[1280, 800], [390, 800]] as [$width, $height]) {
            self::$browser->size($width, $height);
            foreach (
                [
                    $day,
                    '/day/new',
                    "$day/shopping",
                    $run,
                    '/notebook',
                    "/notebook/$ulid",
                    $bake,
                    '/notebook/taught',
                    '/notebook/response',
                    '/trust',
                    $at,
                    "$at/account",
                    "$at/pieces",
                    "$at/scale",
                    "$at/compare",
                    "$at/card",
                    "$at/tin",
                    "$at/versions",
                    $link,
                    '/shelf',
                    '/kitchen',
                    '/pantry',
                    str_replace('bench', 'counter', $at),
                ] as $path
            ) {
                $this->go($path);
                $this->assertAccessible("$path at $width");
                self::assertLessThanOrEqual(
                    $width,
                    (int) self::$browser->driver->executeScript('return document.documentElement.scrollWidth'),
                    "$path is wider than $width",
                );
            }
        }
    }
}

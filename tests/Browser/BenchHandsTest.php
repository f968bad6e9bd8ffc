<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** What hands do fast, and what must stay where it was: the mix, a line that opens, a finger that scrolls, ticks. */
final class BenchHandsTest extends BrowserCase
{
    private const HANDS = "Hands loaf\nMakes 10 slices\n200 g sugar\n250 g flour\n120 g butter\n3 eggs\n80 ml milk\n2 tsp baking powder\n\nMethod\nMix.\nBake at 180 °C for 40 minutes.";

    public function test_the_mix_is_dragged_over_twenty_moves_and_pressed_eight_times_a_second(): void
    {
        self::open(true);
        $this->paste(self::HANDS);
        $this->signUp();
        $before = $this->shares();
        // Twenty moves of a pointer that is held, as fast as they come.
        $this->script(
            'const hold = document.querySelector("[x-ref=hold]"); const box = hold.getBoundingClientRect(); const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
            hold.setPointerCapture = () => {};
            const send = (kind, dx, dy) => hold.dispatchEvent(new PointerEvent(kind, { clientX: x + dx, clientY: y + dy, pointerId: 1, bubbles: true }));
            send("pointerdown", 0, 0); for (let i = 1; i <= 20; i++) send("pointermove", i, -i); send("pointerup", 20, -20);',
        );
        $this->settled();
        $dragged = $this->shares();
        self::assertNotSame($before, $dragged);
        self::assertEqualsWithDelta(100, array_sum($dragged), 1.5);

        $bead = self::$browser->driver->findElement(WebDriverBy::cssSelector('#blend [role=slider]'));
        $bead->sendKeys(str_repeat(WebDriverKeys::ARROW_UP, 8));
        $this->settled();
        self::assertEqualsWithDelta($dragged[0] + 16, $this->shares()[0], 3, 'eight presses of two hundredths');
        self::$browser->driver->navigate()->refresh();
        self::assertStringNotContainsString('cannot be computed', $this->text('main'));
        self::assertEqualsWithDelta($dragged[0] + 16, $this->shares()[0], 3, 'the last one was kept');
    }

    public function test_what_opens_stays_in_sight_and_has_the_focus(): void
    {
        foreach ([[1280, 800], [390, 800]] as [$width, $height]) {
            self::open(true);
            (new ChromeDevToolsDriver(self::$browser->driver))->execute('Emulation.setDeviceMetricsOverride', [
                'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false,
            ]);
            $this->paste(self::HANDS);
            foreach (['[data-line]', '[data-part]'] as $which) {
                $name = $which === '[data-line]' ? 'Unsalted butter' : 'Almond flour';
                $top = $this->topOf($which, $name);
                $this->clickThere($which, $name);
                $panel = $which === '[data-line]' ? '[data-open-line]' : '[data-open-part]';
                $this->wait(fn (): bool => $this->script("return document.activeElement.matches('$panel')") === true);
                self::assertStringContainsString('opened', (string) $this->script('return document.getElementById("said").textContent'));
                self::assertEqualsWithDelta($top, $this->topOf($which, $name, false), 4, "opening $name at $width");
                $this->script("document.querySelector('$panel [data-close]').click()");
                $this->wait(fn (): bool => $this->script("return document.querySelector('$panel') === null") === true);
                self::assertEqualsWithDelta($top, $this->topOf($which, $name, false), 4, "closing $name at $width");
                self::assertStringContainsString($name, (string) $this->script('return document.activeElement.textContent'));
            }
            // Undo far down the page leaves the page where it is.
            $this->choose('#sweetener', 'xylitol');
            $this->wait(fn (): bool => str_contains($this->text('.weave'), 'Xylitol'));
            $this->script('document.querySelector("#wished").scrollIntoView({ block: "start", behavior: "instant" })');
            $first = '[...document.querySelectorAll("#lanes [id], #wished")].find((one) => one.getBoundingClientRect().top >= 0)';
            $top = $this->script("window.first = $first; return first.getBoundingClientRect().top");
            self::assertIsNumeric($top);
            $this->script('document.activeElement.blur()');
            self::$browser->driver->findElement(WebDriverBy::tagName('body'))->sendKeys('u');
            $this->wait(fn (): bool => ! str_contains($this->text('.weave'), 'Xylitol'));
            self::assertEqualsWithDelta(
                $top, (float) $this->script('return document.getElementById(first.id).getBoundingClientRect().top'), 120, "undo at $width",
            );
            if ($width === 1280) {
                self::$browser->close();
            }
        }
    }

    public function test_a_finger_that_scrolls_over_the_triangle_changes_nothing(): void
    {
        self::open(true);
        $tools = new ChromeDevToolsDriver(self::$browser->driver);
        $tools->execute('Emulation.setDeviceMetricsOverride', ['width' => 390, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => true]);
        $tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
        $this->paste(self::HANDS);
        $this->script('document.getElementById("blend").scrollIntoView({ block: "center", behavior: "instant" })');
        $before = $this->shares();
        $from = $this->script('const box = document.querySelector("#blend svg").getBoundingClientRect(); return [box.left + box.width / 2, box.bottom - 30]');
        self::assertIsArray($from);
        $was = (float) $this->script('return scrollY');
        $touch = static fn (string $kind, array $points) => $tools->execute('Input.dispatchTouchEvent', ['type' => $kind, 'touchPoints' => $points]);
        $touch('touchStart', [['x' => $from[0], 'y' => $from[1]]]);
        for ($i = 1; $i <= 10; $i++) {
            $touch('touchMove', [['x' => $from[0], 'y' => $from[1] - 12 * $i]]);
        }
        $touch('touchEnd', []);
        $this->wait(fn (): bool => abs((float) $this->script('return scrollY') - $was) > 20);
        self::assertSame($before, $this->shares());
        $target = $this->script('const box = document.querySelector("[x-ref=hold]").getBoundingClientRect(); return Math.min(box.width, box.height)');
        self::assertGreaterThanOrEqual(44, $target, 'a target for a finger');
    }

    public function test_ticks_on_the_shelf_stay_over_a_search(): void
    {
        self::open(true);
        $this->paste(str_replace('Hands loaf', 'Plum loaf', self::HANDS));
        $this->signUp();
        foreach (['Pear cake', 'Quince tart'] as $title) {
            $this->go('/');
            $this->script('document.getElementById("text").value = '.json_encode(str_replace('Hands loaf', $title, self::HANDS)));
            $this->click('form#paste button');
            $this->wait(fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), '/bench/'));
        }
        $this->go('/shelf');
        foreach (['Plum', 'Pear', 'Quince'] as $word) {
            $this->fill('#q', $word);
            $this->wait(fn (): bool => (int) $this->script('return document.querySelectorAll("#shelf-rows li").length') === 1 && str_contains($this->text('#shelf-rows'), $word));
            $this->script('document.querySelector("#shelf-rows input[type=checkbox]").click()');
        }
        self::assertStringContainsString('3 chosen', $this->text('#chosen'));
        $this->click('#chosen button', 'plan them');
        $this->wait(fn (): bool => str_contains((string) self::$browser->driver->getCurrentURL(), '/day/new'));
        foreach (['Plum loaf', 'Pear cake', 'Quince tart'] as $title) {
            self::assertStringContainsString($title, $this->text('main'));
        }
        self::assertSame(3, substr_count(urldecode((string) self::$browser->driver->getCurrentURL()), 'desserts[]='));
    }

    /** @return list<float> percent */
    private function shares(): array
    {
        preg_match_all('~[\d.]+~', $this->text('#blend summary'), $found);

        return array_map(floatval(...), $found[0]);
    }

    /** Nothing is on its way any more, and the bead lies where the figures say. */
    private function settled(): void
    {
        $last = null;
        $this->wait(function () use (&$last): bool {
            $now = $this->shares();
            usleep(400_000);
            $isStill = $now === $last;
            $last = $now;

            return $isStill;
        });
    }

    private function topOf(string $which, string $name, bool $scrolls = true): float
    {
        $scroll = $scrolls ? 'one.scrollIntoView({ block: "center", behavior: "instant" });' : '';

        return (float) $this->script("const one = [...document.querySelectorAll('a$which')].find((a) => a.textContent.includes('$name')); $scroll return one.getBoundingClientRect().top");
    }

    private function clickThere(string $which, string $name): void
    {
        $this->script("[...document.querySelectorAll('a$which')].find((a) => a.textContent.includes('$name')).click()");
    }

    private function script(string $script): mixed
    {
        return self::$browser->driver->executeScript($script);
    }
}

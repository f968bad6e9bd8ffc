<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A day is planned, and moved by keys and by the pointer; the table says the same as the lanes. */
final class DayTest extends BrowserCase
{
    public function test_a_day_is_planned_and_moved(): void
    {
        self::open(true);
        $this->paste(
            "Day biscuits\nMakes 30 biscuits\n120 g butter, softened\n80 g sugar\n200 g flour\n1 egg\n\nMethod\nHeat the oven to 170 °C.\nCream the butter and sugar.\nBeat in the egg.\nStir in the flour.\nRoll out and cut.\nBake for 14 minutes.\nCool for 10 minutes.",
        );
        $this->signUp();
        $this->go('/day/new');
        $this->click('input[name="desserts[]"]');
        self::$browser->driver->executeScript(
            'document.getElementById("day").value = "2031-05-17"; document.getElementById("time").value = "16:00"',
        );
        $this->click('main form button', 'Plan it');
        $this->wait(fn (): bool => str_contains($this->text('h1'), '17 May'));
        self::assertStringContainsString('16:00', $this->text('.flag'));

        $times = fn (): string => $this->text('table');
        $before = $times();
        self::$browser->driver->findElement(WebDriverBy::cssSelector('.flag'))->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->wait(fn (): bool => str_contains($this->text('.flag'), '16:05'));
        self::assertNotSame($before, $times());

        $start = fn (): int => (int) self::$browser->driver->executeScript(
            'return Number([...document.querySelectorAll(".bar")].find((bar) => bar.getAttribute("aria-label").includes("Beat in")).dataset.start)',
        );
        $at = $start();
        self::$browser->driver->executeScript(
            '[...document.querySelectorAll(".bar")].find((bar) => bar.getAttribute("aria-label").includes("Beat in")).dispatchEvent(new KeyboardEvent("keydown", { key: "ArrowLeft", bubbles: true }))',
        );
        $this->wait(fn (): bool => $start() === $at - 5);
        self::$browser->driver->executeScript(
            '[...document.querySelectorAll(".bar")].find((bar) => bar.getAttribute("aria-label").includes("Beat in")).dispatchEvent(new KeyboardEvent("keydown", { key: "ArrowRight", bubbles: true }))',
        );
        $this->wait(fn (): bool => $start() === $at);

        // Dragged half an hour earlier.
        self::$browser->driver->executeScript(<<<'JS'
            const bar = [...document.querySelectorAll('.bar')].find((one) => one.getAttribute('aria-label').includes('Beat in'));
            const box = bar.getBoundingClientRect();
            bar.setPointerCapture = () => {};
            const at = (type, by) => bar.dispatchEvent(new PointerEvent(type, { bubbles: true, button: 0, pointerId: 1, clientX: box.x + 4 + by, clientY: box.y + 8 }));
            at('pointerdown', 0); at('pointermove', -120); at('pointerup', -120);
            JS);
        $this->wait(fn (): bool => $start() < $at - 5);
        $this->click('button', 'Put everything back');
        $this->wait(fn (): bool => $start() === $at);
        self::assertSame(
            [],
            array_filter(
                self::$browser->driver->manage()->getLog('browser'),
                static fn (array $l): bool => $l['level'] === 'SEVERE',
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Quantity;

/** An oven's heat, held in degrees Celsius of a conventional oven. */
final readonly class Temperature
{
    private function __construct(public float $celsius) {}

    public static function celsius(float $degrees): self
    {
        return new self($degrees);
    }

    public static function fahrenheit(float $degrees): self
    {
        return new self(($degrees - 32) * 5 / 9);
    }

    /** @param  float  $mark1 what gas mark 1 is in °F; a mark is 25 °F */
    public static function gasMark(float $mark, float $mark1): self
    {
        // Below 1 the dial has ¼ and ½, 25 °F apart.
        return self::fahrenheit($mark < 1 ? $mark1 - 75 + 100 * $mark : $mark1 + 25 * ($mark - 1));
    }

    public function inFahrenheit(): float
    {
        return $this->celsius * 9 / 5 + 32;
    }

    public function lowerBy(float $degreesCelsius): self
    {
        return new self($this->celsius - $degreesCelsius);
    }

    /** To the step that an oven's dial has. */
    public function celsiusOnDial(float $step): int
    {
        return (int) (round($this->celsius / $step) * $step);
    }

    public function fahrenheitOnDial(float $step): int
    {
        return (int) (round($this->inFahrenheit() / $step) * $step);
    }

    /** To the nearest mark of a gas oven, which are 25 °F apart; below mark 1 they are "½" and "¼". */
    public function onGasDial(float $mark1): string
    {
        $mark = ($this->inFahrenheit() - $mark1) / 25 + 1;

        return $mark >= 0.5 ? (string) max(1, (int) round($mark)) : ($mark > -0.5 ? '½' : '¼');
    }
}

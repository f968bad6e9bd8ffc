<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Kept;

use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\Pan;
use Aglyca\Core\Quantity\Temperature;
use Aglyca\Core\Quantity\UnitTable;
use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\Flag;
use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\Measure;
use Aglyca\Core\Reading\MeasuresReader;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\Span;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\TextRow;
use Aglyca\Core\Reading\Timing;
use Aglyca\Core\Reading\Yielded;
use InvalidArgumentException;
use Throwable;

/** Makes the recipe again of what `RecipeWriter` wrote of it. */
final readonly class RecipeBuilder
{
    private const MOST_GRAMS = 1e6;

    public function __construct(
        private Larder $larder,
        private UnitTable $units,
        private MeasuresReader $measures,
    ) {}

    /**
     * @param  array<string, mixed>  $kept
     *
     * @throws InvalidArgumentException where it is not what was written
     */
    public function of(array $kept): Recipe
    {
        try {
            $parts = count($kept['parts']);
            foreach ($kept['lines'] as $line) {
                $isOne = $line['part'] >= 0 && $line['part'] < $parts && ($line['grams'][0] ?? 0.0) <= self::MOST_GRAMS;
                $isOne || throw new InvalidArgumentException('A line of the reading stands in no part of it.');
            }

            return new Recipe(
                (string) $kept['title'],
                new Yielded($kept['pieces'] === null ? null : (int) $kept['pieces'], (string) $kept['piece']),
                array_values(array_map(strval(...), $kept['parts'])),
                array_values(array_map($this->line(...), $kept['lines'])),
                array_values(array_map(self::step(...), $kept['steps'])),
                array_values(array_map(self::row(...), $kept['rows'])),
                $this->measures->kept(
                    (string) $kept['measures']['system'], (string) $kept['measures']['evidence'],
                    (bool) $kept['measures']['said'], (bool) ($kept['measures']['grams'] ?? false),
                ),
                $kept['pan'] === null ? null : self::pan($kept['pan']),
            );
        } catch (InvalidArgumentException $e) {
            throw $e;
        } catch (Throwable $e) {
            throw new InvalidArgumentException('That is no reading of a recipe.', 0, $e);
        }
    }

    /** @param  array<string, mixed>  $kept */
    private function line(array $kept): Line
    {
        return new Line(
            (string) $kept['key'],
            (string) $kept['typed'],
            (string) $kept['text'],
            (string) $kept['amount'],
            (string) $kept['name'],
            $kept['food'] === null ? null : $this->food($kept),
            $kept['grams'] === null ? null : self::estimate($kept['grams']),
            self::words($kept['rivals']),
            array_values(array_map(Flag::from(...), $kept['flags'])),
            (int) $kept['part'],
            array_values(array_map($this->measure(...), $kept['measures'])),
            self::span($kept['amount_at']),
            self::span($kept['name_at']),
            self::words($kept['possible']),
        );
    }

    /**
     * The food as the larder has it today, with what its own words name.
     *
     * @param  array<string, mixed>  $kept
     */
    private function food(array $kept): ?Food
    {
        $food = $this->larder->find((string) $kept['food']);

        return $food === null || $kept['package'] !== '' ? $food : $food->holding(self::words($kept['allergens']));
    }

    /** @param  array<string, mixed>  $kept */
    private function measure(array $kept): Measure
    {
        return new Measure(
            self::estimate($kept['count']),
            $kept['unit'] === null ? null : $this->units->get((string) $kept['unit']),
            (int) $kept['decimals'],
            $kept['size'] === null ? null : $this->measure($kept['size']),
            $kept['plus'] === null ? null : $this->measure($kept['plus']),
            (float) $kept['spread'],
        );
    }

    /** @param  array<string, mixed>  $kept */
    private static function step(array $kept): Step
    {
        $heat = static fn (array $h): Heat => new Heat(
            (int) $h['at'], (int) $h['length'], Temperature::celsius((float) $h['c']), (bool) $h['oven'],
            (bool) $h['fan'], (bool) $h['says_fan'], (bool) $h['fahrenheit'],
        );
        $time = static fn (array $t): Timing => new Timing(
            (int) $t['at'], (int) $t['length'], (float) $t['low'], (float) $t['high'], (bool) $t['bakes'],
        );

        return new Step(
            (string) $kept['text'], array_values(array_map($heat, $kept['heats'])),
            array_values(array_map($time, $kept['times'])), (bool) $kept['bakes'],
        );
    }

    /** @param  array<string, mixed>  $kept */
    private static function row(array $kept): TextRow
    {
        return new TextRow(
            (string) $kept['key'], (string) $kept['text'], Fate::from($kept['fate']), (bool) $kept['said'],
            (bool) $kept['doubt'],
        );
    }

    /** @param  array{float, float}  $kept */
    private static function estimate(array $kept): Estimate
    {
        return Estimate::of((float) $kept[0], (float) $kept[1]);
    }

    /** @param  ?array{int, int}  $kept */
    private static function span(?array $kept): ?Span
    {
        return $kept === null ? null : new Span((int) $kept[0], (int) $kept[1]);
    }

    /** @param  array<string, mixed>  $kept */
    private static function pan(array $kept): Pan
    {
        $depth = isset($kept['depth']) ? (float) $kept['depth'] : null;

        return $kept['round']
            ? Pan::round((float) $kept['length'], $depth)
            : Pan::rectangular((float) $kept['length'], (float) $kept['width'], $depth);
    }

    /**
     * @param  array<array-key, mixed>  $kept
     * @return list<string>
     */
    private static function words(array $kept): array
    {
        return array_values(array_map(strval(...), $kept));
    }
}

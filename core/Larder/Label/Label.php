<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder\Label;

use Aglyca\Core\Larder\LabelLaw;
use Aglyca\Core\Larder\Nutrients;
use InvalidArgumentException;

/**
 * A package's label as printed. Each figure stands for all that the law rounds to it: the middle of that range
 * is taken, and its width becomes uncertainty, so that 0 g a spoon is not 0 g a jar.
 */
final readonly class Label
{
    public const FIGURES = [
        'energy',
        'fat',
        'carbohydrate',
        'fibre',
        'sugars',
        'polyols',
        'allulose',
        'protein',
        'salt',
    ];

    /** What a sugar alcohol is taken for that the label does not name: the commonest that has energy. */
    public const UNNAMED = 'maltitol';

    /** Grams: no label states a smaller serving, and none is kept finer. */
    public const LEAST_SERVING = 0.01;

    public const LARGEST_SERVING = 5000.0;

    /**
     * @param  array<string, array{float, float}>  $ranges  lowest and highest a serving, of the figures that were
     *     printed
     * @param  array<string, float>  $known  what the larder knows of this food, a serving, in the law's own terms
     */
    private function __construct(
        public LabelLaw $law,
        public float $servingGrams,
        private array $ranges,
        public string $polyol,
        private array $known = [],
        private float $knownU = 0.0,
    ) {}

    /**
     * @param  array<string, string>  $printed  by the names of `FIGURES`; "" where the label is silent
     * @param  string  $polyol  which polyol the label's polyols are; "" where it does not say (`LabelReader::named()`)
     *
     * @throws InvalidLabel with a sentence for each figure that cannot be one
     */
    public static function of(LabelLaw $law, float $servingGrams, array $printed, string $polyol): self
    {
        $faults = $servingGrams >= self::LEAST_SERVING && $servingGrams <= self::LARGEST_SERVING
            ? [] : ['serving' => 'The serving is grams, from 0.01 to 5,000.'];
        $ranges = [];
        foreach (self::FIGURES as $figure) {
            $text = trim($printed[$figure] ?? '');
            if ($text === '') {
                continue;
            }
            try {
                $behind = LabelRounding::behind($law, $figure, $text);
                $ranges[$figure] = [$behind->low, $behind->high];
            } catch (InvalidArgumentException $fault) {
                $faults[$figure] = $fault->getMessage();
            }
        }
        if (! isset($ranges['carbohydrate']) && ! isset($faults['carbohydrate'])) {
            $faults['carbohydrate'] = 'Every label prints its carbohydrate: type it in.';
        }
        if ($faults !== []) {
            throw new InvalidLabel($faults);
        }

        return new self($law, $servingGrams, self::bounded($ranges), $polyol);
    }

    /**
     * The label of a food that the larder knows: where its figure would print the same, the label says nothing
     * better, and the figure stays; where it would not, the label is right.
     *
     * @param  float  $u  relative standard uncertainty of the facts
     */
    public function knowing(Nutrients $per100, float $u): self
    {
        $n = $per100->times($this->servingGrams / 100);
        $carbohydrate =
            $n->carbohydrate -
            ($this->law->carbohydrateHasFibre() ? 0.0 : $n->fibre) -
            ($this->law->carbohydrateHasPolyols() ? 0.0 : $n->polyolGrams());

        return new self(
            $this->law,
            $this->servingGrams,
            $this->ranges,
            $this->polyol,
            [
                'energy' => $n->energy,
                'fat' => $n->fat,
                'carbohydrate' => $carbohydrate,
                'fibre' => $n->fibre,
                'sugars' => $n->sugars,
                'polyols' => $n->polyolGrams(),
                'allulose' => $n->allulose,
                'protein' => $n->protein,
                'salt' => $n->salt,
            ],
            $u,
        );
    }

    /** Where its sugar alcohols are this one. */
    public function meaning(string $polyol): self
    {
        return new self($this->law, $this->servingGrams, $this->ranges, $polyol, $this->known, $this->knownU);
    }

    /** Facts of 100 g, with the total carbohydrate by difference whatever law the label follows. */
    public function per100(): Nutrients
    {
        $f = 100 / $this->servingGrams;
        $polyols = $this->middle('polyols');
        $total = $this->law->totalCarbohydrate($this->middle('carbohydrate'), $this->middle('fibre'), $polyols);

        return new Nutrients(
            $this->middle('energy') * $f,
            max(0.0, 100 - ($total + $this->middle('fat') + $this->middle('protein')) * $f),
            $this->middle('protein') * $f,
            $this->middle('fat') * $f,
            $total * $f,
            $this->middle('fibre') * $f,
            $this->middle('sugars') * $f,
            $polyols > 0 ? [$this->polyol ?: self::UNNAMED => $polyols * $f] : [],
            $this->middle('allulose') * $f,
            $this->middle('salt') * $f,
        );
    }

    /**
     * Standard uncertainty of the net carbs of 100 g that the rounding leaves, in grams: rectangular, independent
     * figures.
     */
    public function netCarbsU(): float
    {
        $parts = [
            'carbohydrate',
            ...$this->law->carbohydrateHasFibre() ? ['fibre'] : [],
            ...$this->law->carbohydrateHasPolyols() ? ['polyols'] : [],
            'allulose',
        ];
        $variance = 0.0;
        foreach ($parts as $figure) {
            $variance += $this->u($figure) ** 2;
        }

        return sqrt($variance);
    }

    /**
     * Standard uncertainty of a printed figure in 100 g: rectangular over what rounds to it, or what the larder knows
     * better.
     */
    public function u(string $figure): float
    {
        [$low, $high] = $this->ranges[$figure] ?? [0.0, 0.0];
        $rounding = ($high - $low) / sqrt(12);

        return (($this->isKnown($figure) ? min($rounding, $this->knownU * $this->known[$figure]) : $rounding) * 100) /
            $this->servingGrams;
    }

    public function middle(string $figure): float
    {
        [$low, $high] = $this->ranges[$figure] ?? [0.0, 0.0];

        return $this->isKnown($figure) ? $this->known[$figure] : ($low + $high) / 2;
    }

    private function isKnown(string $figure): bool
    {
        return isset($this->known[$figure], $this->ranges[$figure]) &&
            $this->known[$figure] >= $this->ranges[$figure][0] - 1e-9 &&
            $this->known[$figure] <= $this->ranges[$figure][1] + 1e-9;
    }

    public function high(string $figure): float
    {
        return $this->ranges[$figure][1] ?? 0.0;
    }

    public function low(string $figure): float
    {
        return $this->ranges[$figure][0] ?? 0.0;
    }

    public function prints(string $figure): bool
    {
        return isset($this->ranges[$figure]);
    }

    /**
     * A part printed as 0 of a carbohydrate printed as 0 is taken as none: the doubt is in the whole. Sugar alcohols
     * and allulose printed as 0 are none: whoever puts them in prints them.
     *
     * @param  array<string, array{float, float}>  $ranges
     * @return array<string, array{float, float}>
     */
    private static function bounded(array $ranges): array
    {
        foreach (['fibre', 'sugars', 'polyols', 'allulose'] as $part) {
            $isNone = in_array($part, ['polyols', 'allulose'], true) || $ranges['carbohydrate'][0] === 0.0;
            if (isset($ranges[$part]) && $ranges[$part][0] === 0.0 && $isNone) {
                $ranges[$part] = [0.0, 0.0];
            }
        }

        return $ranges;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

use InvalidArgumentException;

/** How a kitchen measures: with whose cups and spoons, what it reads first, and what its scale shows. */
final readonly class Ways
{
    public const MEASURES = [
        '' => 'US cups and spoons',
        'metric' => 'metric cups of 250 ml',
        'australia' => 'Australian cups, tablespoon of 20 ml',
        'imperial' => 'British cups and spoons',
    ];

    public const FIRST = ['' => 'grams, with cups and spoons beside them', 'measures' => 'cups and spoons, with grams beside them'];

    public const SCALES = ['' => 'whole grams', '0.1' => 'tenths of a gram', '5' => 'steps of 5 g'];

    /**
     * @param  string  $measures  of `MEASURES`
     * @param  string  $first  of `FIRST`
     * @param  string  $scale  of `SCALES`
     *
     * @throws InvalidArgumentException
     */
    public function __construct(public string $measures = '', public string $first = '', public string $scale = '')
    {
        if (
            ! isset(self::MEASURES[$measures], self::FIRST[$first]) ||
            ! array_key_exists($scale, self::SCALES)
        ) {
            throw new InvalidArgumentException('Choose one of the list.');
        }
    }

    /** Grams that its scale tells apart; null for the usual. */
    public function step(): ?float
    {
        return $this->scale === '' ? null : (float) $this->scale;
    }

    public function saysMeasuresFirst(): bool
    {
        return $this->first === 'measures';
    }
}

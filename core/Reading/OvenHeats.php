<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Quantity\Temperature;
use Aglyca\Core\Tables;

/** What a "moderate oven" is in degrees (`data/language/en/oven_heats.csv`). */
final readonly class OvenHeats
{
    private Phrasebook $phrases;

    public function __construct(Tables $tables)
    {
        $this->phrases = new Phrasebook($tables, 'language/en/oven_heats', 'celsius');
    }

    /** @return list<Heat> where the oven is called by a word, the longest phrase of several */
    public function in(Sentence $sentence): array
    {
        if (! $sentence->has('oven')) {
            return [];
        }
        $longest = [];
        foreach ($this->phrases->in($sentence) as $found) {
            $longest[$found->end()] = isset($longest[$found->end()])
                && $longest[$found->end()]->length >= $found->length
                ? $longest[$found->end()]
                : $found;
        }
        ksort($longest);
        $heats = [];
        foreach ($longest as $found) {
            // The words before "oven" are the heat: "a moderate oven" becomes "a 175 °C oven".
            $words = substr($sentence->text, $found->at, (int) strripos(substr($sentence->text, $found->at,
                $found->length), 'oven'));
            $at = $found->at + (stripos($words, ' cool') === false ? 0 : stripos($words, ' cool') + 1);
            $heats[] = new Heat(
                $sentence->at + $at, strlen(rtrim($words)) - ($at - $found->at),
                Temperature::celsius((float) $found->topic), true, false,
            );
        }

        return $heats;
    }
}

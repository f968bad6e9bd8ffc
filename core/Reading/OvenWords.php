<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Found;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Tables;

/** What in a sentence speaks of an oven, and what of heats and times elsewhere (`data/language/en/oven.csv`). */
final readonly class OvenWords
{
    private Phrasebook $phrases;

    public function __construct(Tables $tables)
    {
        $this->phrases = new Phrasebook($tables, 'language/en/oven', 'place', 'of');
    }

    /** @return list<Found> in the order of the sentence, none within another of its sense; places are the text's */
    public function in(Sentence $sentence): array
    {
        $found = $this->phrases->in($sentence);
        usort($found, static fn (Found $a, Found $b): int => [$a->at, $a->row] <=> [$b->at, $b->row]);
        [$kept, $ends] = [[], ['heat' => -1, 'time' => -1, 'bath' => -1]];
        foreach ($found as $one) {
            $senses = match ($one->gives) {
                'time' => ['time'],
                'heat' => ['heat'],
                'bath' => ['bath'],
                default => ['heat', 'time'],
            };
            $senses = array_values(array_filter($senses, static fn (string $s): bool => $one->at >= $ends[$s]));
            if ($senses !== []) {
                $kept[] = (count($senses) === 1 ? $one->giving(self::names($one) ? "bake $senses[0]" : $senses[0])
                    : $one)
                    ->movedBy($sentence->at);
                foreach ($senses as $sense) {
                    $ends[$sense] = $one->end();
                }
            }
        }

        return $kept;
    }

    public static function isOf(Found $word, string $sense): bool
    {
        return in_array($word->gives, [$sense, "bake $sense", 'both', 'bake'], true);
    }

    /** It names a bake by itself. */
    public static function names(Found $word): bool
    {
        return str_starts_with($word->gives, 'bake');
    }
}

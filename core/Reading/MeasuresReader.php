<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Language\Token;
use Aglyca\Core\Language\Values;
use Aglyca\Core\Tables;
use OutOfBoundsException;

/** Tells by words, units and spellings whose cups and spoons a recipe means (`data/country_words.csv`). */
final readonly class MeasuresReader
{
    /** What a baker calls a system => its key in the tables. */
    public const SAID = ['us' => 'us', 'metric' => 'metric', 'au' => 'australia', 'imperial' => 'british'];

    /** Below this no oven says in what country it stands. */
    private const HEAT = 100.0;

    /** Without one of these no figure is a heat. */
    private const HEATS = ['<degree>' => 1, '<fahrenheit>' => 1, '<celsius>' => 1, '<gas>' => 1, '<heater>' => 1];

    /** @var array<string, array<string, float>> system => unit => ml */
    private array $sizes;

    private Phrasebook $words;

    /** @var list<string> by row of `data/country_words.csv`: a word that must stand in the text as well, or "" */
    private array $beside;

    public function __construct(Tables $tables, private Lexer $lexer, private Values $values)
    {
        $sizes = [];
        foreach ($tables->rows('measuring_systems') as $row) {
            $sizes[$row['system']][$row['unit']] = (float) $row['ml'];
        }
        $this->sizes = $sizes;
        $this->words = new Phrasebook($tables, 'country_words', 'system', 'weight');
        $this->beside = array_column($tables->rows('country_words'), 'with');
    }

    /** @throws OutOfBoundsException for a name that is none of `SAID` */
    public function named(string $name): Measures
    {
        $system =
            self::SAID[$name] ??
            throw new OutOfBoundsException(
                "No measures '$name'. Known: ".implode(', ', array_keys(self::SAID)).'.',
            );

        return new Measures($system, $this->sizes[$system] ?? [], '', true);
    }

    /** As they were told from a text, and kept. */
    public function kept(string $system, string $evidence, bool $isSaid, bool $isInGrams): Measures
    {
        return new Measures($system, $this->sizes[$system] ?? [], $evidence, $isSaid, $isInGrams);
    }

    /** @param  list<string>  $rows */
    public function of(array $rows): Measures
    {
        [$found, $forms] = [[], []];
        foreach ($rows as $row) {
            $tokens = $this->lexer->tokens($row);
            if ($tokens === []) {
                continue;
            }
            $sentence = Sentence::of($row, $tokens);
            $valued = self::mayBeHeated($tokens) ? $this->values->of($row, $sentence)->sentence : $sentence;
            foreach ($this->words->in($valued) as $one) {
                $found[$one->row] ??= [$one, substr($valued->text, $one->at, $one->length)];
            }
            foreach ($valued->tokens as $token) {
                $forms += $token->forms;
            }
        }
        [$votes, $heard] = [['us' => 0.0], []];
        ksort($found);
        foreach ($found as $row => [$one, $words]) {
            if ($this->beside[$row] === '' || isset($forms[$this->beside[$row]])) {
                $votes[$one->topic] = ($votes[$one->topic] ?? 0.0) + (float) $one->gives;
                $heard[$one->topic][] = $words;
            }
        }
        arsort($votes);
        $system = (string) array_key_first($votes);
        // Half a vote is no evidence: then it is as most are.
        $system = $votes[$system] > $votes['us'] ? $system : 'us';

        return new Measures(
            $system,
            $this->sizes[$system] ?? [],
            implode(', ', array_slice(array_unique($heard[$system] ?? []), 0, 3)),
        );
    }

    /** @param  list<Token>  $tokens */
    private static function mayBeHeated(array $tokens): bool
    {
        [$isHot, $isHeat] = [false, false];
        foreach ($tokens as $token) {
            $isHot = $isHot || $token->number >= self::HEAT || isset($token->forms['<gas>']);
            $isHeat = $isHeat || array_intersect_key(self::HEATS, $token->forms) !== [];
        }

        return $isHot && $isHeat;
    }
}

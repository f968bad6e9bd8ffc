<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

use Aglyca\Core\Tables;
use Normalizer;

/** Cuts a text into sentences and words; how words are inflected stands in `data/language/en/endings.csv`. */
final class Lexer
{
    /** A hyphen within a word is none of its own: "nut-free" is two words. */
    private const PARTS = '~(?<=[\pL\d])[-‐‑](?=\pL)(*SKIP)(*FAIL)|\d+(?:[.,]\d+)?|(?:(?!º)\pL)+(?:[\'’]\pL+)*|\R|\S~u';

    private const MARKED = [
        'ø' => 'o', 'æ' => 'ae', 'œ' => 'oe', 'ß' => 'ss', 'ł' => 'l', 'đ' => 'd', 'ð' => 'd', 'þ' => 'th', 'ı' => 'i',
        '’' => "'",
    ];

    private const STOPS = ['.' => true, '!' => true, '?' => true, '…' => true];

    /** Figures of an oven's heat. */
    private const HEAT = 3;

    /** Bytes of a text that is remembered. */
    private const SHORT = 200;

    private const REMEMBERED = 128;

    /** Words that are remembered. */
    private const KNOWN = 4_000;

    /** Shorter than this a word is no inflected one. */
    private const STEM = 2;

    /** @var list<array{string, string}> */
    private array $endings;

    /** @var array<string, string> words whose stop ends no sentence, or none unless a new one plainly begins */
    private array $goesOn;

    /** @var array<string, array{string, array<string, true>}> words and their forms, as they were written */
    private array $known = [];

    /** @var array<string, list<Token>> what was cut last: one row is looked at for several things */
    private array $seen = [];

    private Lexicon $lexicon;

    public function __construct(Tables $tables)
    {
        $this->lexicon = new Lexicon($tables);
        $this->endings = $tables->worked('endings of words', static fn (): array => array_map(
            static fn (array $row): array => [$row['ending'], $row['becomes']],
            $tables->rows('language/en/endings'),
        ));
        $this->goesOn = $tables->pairs('language/en/cut_words', 'goes_on', 'word');
    }

    /** @return list<Token> */
    public function tokens(string $text): array
    {
        if (strlen($text) > self::SHORT) {
            return $this->cut($text);
        }
        if (count($this->seen) > self::REMEMBERED) {
            $this->seen = [];
        }

        return $this->seen[$text] ??= $this->cut($text);
    }

    /** @return list<Token> */
    private function cut(string $text): array
    {
        preg_match_all(self::PARTS, $text, $found, PREG_OFFSET_CAPTURE);
        if (count($this->known) > self::KNOWN) {
            $this->known = [];
        }
        $tokens = [];
        foreach ($found[0] as [$raw, $at]) {
            $tokens[] = $this->token($raw, $at);
        }

        return $tokens;
    }

    /**
     * Sentences end at a stop, a semicolon or the end of a row.
     *
     * @return list<Sentence>
     */
    public function sentences(string $text): array
    {
        $tokens = $this->tokens($text);
        [$sentences, $own] = [[], []];
        foreach ($tokens as $i => $token) {
            if ($token->word !== "\n") {
                $own[] = $token;
            }
            if ($own !== [] && $this->isEnd($tokens, $i, $text)) {
                $sentences[] = Sentence::of($text, $own);
                $own = [];
            }
        }

        return $own === [] ? $sentences : [...$sentences, Sentence::of($text, $own)];
    }

    /** @param  list<Token>  $tokens */
    private function isEnd(array $tokens, int $i, string $text): bool
    {
        $word = $tokens[$i]->word;
        if ($word === "\n" || $word === ';') {
            return true;
        }
        if (! isset(self::STOPS[$word])) {
            return false;
        }
        $isLoose = trim($text[$tokens[$i]->end()] ?? ' ') === '' || str_contains(')”"', $text[$tokens[$i]->end()]);

        return $isLoose && ! ($word === '.' && $this->goesOn($tokens, $i));
    }

    /**
     * Behind a word that is cut short: "20 min. or so" goes on, "20 min. Cool" and "20 min. 180 °C" do not.
     *
     * @param  list<Token>  $tokens
     */
    private function goesOn(array $tokens, int $i): bool
    {
        $goesOn = $this->goesOn[$tokens[$i - 1]->word ?? ''] ?? null;
        if ($goesOn !== 'unless-new') {
            return $goesOn !== null;
        }
        $next = $tokens[$i + 1]->raw ?? 'A';

        return ! (ctype_digit($next) && strlen($next) === self::HEAT) && $next === mb_strtolower($next);
    }

    private function token(string $raw, int $at): Token
    {
        if (ctype_digit($raw[0])) {
            return new Token($raw, $raw, [$raw => true], $at, (float) str_replace(',', '.', $raw));
        }
        if ($raw === '!') {
            // What is called out ends as what is said.
            return new Token($raw, $raw, ['!' => true, '.' => true], $at);
        }
        [$word, $forms] = $this->known[$raw] ??= $this->known($raw);

        return new Token($raw, $word, $forms, $at);
    }

    /** @return array{string, array<string, true>} */
    private function known(string $raw): array
    {
        $word = self::plain($raw);

        return [$word, $this->lexicon->tagged($word, $this->forms($word))];
    }

    /** In small letters without marks. */
    public static function plain(string $raw): string
    {
        if (ctype_space($raw)) {
            return "\n";
        }
        $word = mb_strtolower($raw);
        if (preg_match('~[^\x00-\x7f]~', $word) === 1) {
            $parted = (string) Normalizer::normalize(strtr($word, self::MARKED), Normalizer::FORM_D);
            $word = preg_replace('~\p{Mn}+~u', '', $parted) ?? $word;
        }

        // A mark without its letter is a sign by itself.
        return $word === '' ? $raw : $word;
    }

    /** @return array<string, true> */
    private function forms(string $word): array
    {
        $forms = [$word => true];
        foreach ($this->endings as [$ending, $becomes]) {
            $stem = substr($word, 0, -strlen($ending));
            if (strlen($stem) < self::STEM || ! str_ends_with($word, $ending)) {
                continue;
            }
            // "=" stands for a letter that is written twice before the ending: "chopped".
            $isTwice = $stem[-1] === ($stem[-2] ?? '');
            if ($becomes === '=') {
                $forms += $isTwice ? [substr($stem, 0, -1) => true] : [];
            } elseif ($becomes === '-') {
                return [$word => true];
            } else {
                $forms[$stem.$becomes] = true;
            }
        }

        return $forms;
    }
}

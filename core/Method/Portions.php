<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Reading\LineReader;
use Aglyca\Core\Tables;

/** How much of a thing a sentence takes, by the words about its name (`data/language/en/portions.csv`). */
final class Portions
{
    public const REST = 'rest';

    public const RESERVED = 'reserved';

    /** Words before a name that say how much of it. */
    private const WORDS = 9;

    /** "All but 5 tablespoons of the flour" */
    private const BUT = '~\ball\s+(?:but|except(?:\s+for)?)\s+(?:about\s+|the\s+last\s+)?(?<much>[^,;.]{1,40}?)\s+(?:of\s+)?(?:the\s+|your\s+)?$~iu';

    /** "50 g of the flour", "the remaining 3/4 cup sugar" */
    private const MUCH = '~(?:^|[\s(])(?<much>(?:\d|[½¼¾⅓⅔⅛]|an?\s|one\b|two\b|three\b|four\b|five\b|six\b|half\b)[^,;.()]{0,30}?)(?:\s+of)?(?:\s+(?:the|your|this|that))?\s+$~iu';

    private const ASIDE = '~\b(?:reserve|set\s+aside|put\s+aside|keep\s+back|hold\s+back|save|keep|reserving|saving|reserved|saved|kept)\W+(?:\S+\s+){0,4}$~iu';

    /** "The flour, keeping 2 tablespoons back", "the sugar less 15 g" */
    private const LESS = '~^\s*[,(]?\s*(?:less|minus|except(?:\s+for)?|but\s+for|reserving|saving|(?:keeping|holding|leaving)(?:\s+(?:back|aside|out))?|reserve|save|keep(?:\s+back)?)\s+(?<much>(?:\d|[½¼¾⅓⅔⅛]|an?\s|one\b|two\b|three\b)[^,;.()]{1,30})~iu';

    private readonly Phrasebook $phrases;

    public function __construct(Tables $tables, private readonly Lexer $lexer, private readonly LineReader $lines,
        private readonly Constants $constants)
    {
        $this->phrases = new Phrasebook($tables, 'language/en/portions', 'portion');
    }

    /**
     * @param  float  $grams  all of it
     * @return array{string, float}|null "rest" or "reserved"; "share" and which; "aside" and the share that is kept
     *     for later; null where nothing is said
     */
    public function of(string $text, Mention $mention, string $name, float $grams): ?array
    {
        $before = substr($text, 0, $mention->at);
        $start = max((int) strrpos($before, '. '), (int) strrpos($before, '; '));
        $before = substr($before, $start);
        if (preg_match(self::BUT, $before, $m) === 1) {
            return ['share', 1 - $this->share($m['much'], $name, $grams)];
        }
        $said = $this->said($before);
        if (preg_match(self::LESS, substr($text, $mention->end()), $m) === 1) {
            return ['share', 1 - $this->share($m['much'], $name, $grams)];
        }
        if ($said === null && preg_match(self::MUCH, $before, $m) === 1) {
            $share = $this->weighed($m['much'], $name, $grams);
            $said = $share === null || $share > 1 - $this->constants->get('shares-differ') ? null : ['share', $share];
        }
        if ($said !== null && $said[0] === 'share' && preg_match(self::ASIDE, $before) === 1) {
            return ['aside', $said[1]];
        }

        return $said;
    }

    /** @return array{string, float}|null */
    private function said(string $before): ?array
    {
        $tokens = array_slice($this->lexer->tokens($before), -self::WORDS);
        if ($tokens === []) {
            return null;
        }
        $best = null;
        foreach ($this->phrases->in(Sentence::of($before, $tokens)) as $found) {
            // The longest says most: "the other half of the" is no half.
            $best = $best === null || $found->length > $best->length ? $found : $best;
        }

        return $best === null ? null
            : (is_numeric($best->topic) ? ['share', (float) $best->topic] : [$best->topic, 0.0]);
    }

    private function share(string $much, string $name, float $grams): float
    {
        return $this->weighed($much, $name, $grams) ?? $this->constants->get('handful-share');
    }

    private function weighed(string $much, string $name, float $grams): ?float
    {
        $line = $this->lines->read("$much $name", 'portion')[0];
        $weighed = $line->grams->value ?? 0.0;

        return $line->food === null || $weighed <= 0 || $grams <= 0 || $weighed >= $grams ? null : $weighed / $grams;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Reading\ThingReader;
use Aglyca\Core\Reading\Words;

/** "1 egg yolk beaten with 2 tsp water", "200 g blueberries, tossed in 1 tbsp flour" */
final readonly class BeatenWith implements LineForm
{
    private string $pattern;

    /** "8 slices of bread, buttered (about 50 g butter)" */
    private string $buttered;

    /** "2 tsp instant coffee in 2 tsp hot water" */
    private string $in;

    /** "2 tbsp sugar with ½ tsp cinnamon" */
    private string $with;

    public function __construct(private ThingReader $things, Words $words)
    {
        $this->in =
            '~^(?<first>.+?)\s+in\s+(?<second>(?:'.
            $words->digit.
            '|an?\s|one\s|two\s|three\s)[^,;()]*\b(?:water|milk|cream|rum|brandy))$~iu';
        $this->pattern =
            '~^(?<first>.+?)[,\s]+(?:lightly\s+)?(?:beaten|mixed|tossed|coated|dusted|dissolved|bloomed|soaked|whisked|stirred|blended|sprinkled|melted|softened|thinned|warmed|steeped|combined|slaked|loosened|fried|toasted|browned|crisped|rubbed)\s+(?:with|in|over|into)\s+(?<second>(?:'.
            $words->digit.
            '|an?\s|one\s|two\s|three\s).+)$~iu';
        $this->with =
            '~^(?<first>.+?)\s+with\s+(?<second>'.$words->digit.'[^,;()]*\pL)(?<!\bremoved|\btaken out|\bless)$~iu';
        $this->buttered =
            '~^(?<first>.+?)[,\s]+(?:well\s+|thickly\s+|thinly\s+)?(?:buttered|spread|brushed|sprinkled|soaked)\s*\((?:with\s+|in\s+)?(?:about\s+|ca\.?\s+)?(?<second>'.
            $words->digit.
            '[^()]*\pL)\)$~iu';
    }

    public function things(string $body): ?array
    {
        if (
            preg_match($this->pattern, $body, $m, PREG_OFFSET_CAPTURE) !== 1 &&
            preg_match($this->buttered, $body, $m, PREG_OFFSET_CAPTURE) !== 1 &&
            preg_match($this->in, $body, $m, PREG_OFFSET_CAPTURE) !== 1 &&
            preg_match($this->with, $body, $m, PREG_OFFSET_CAPTURE) !== 1
        ) {
            return null;
        }
        [$first, $second] = [$this->things->one($m['first'][0]), $this->things->one($m['second'][0])];

        return $first->amount === null ||
            $second->amount === null ||
            $second->amount->measures[0]->unit === null ||
            trim($second->name) === ''
            ? null
            : [$first, $second->from($m['second'][1])];
    }
}

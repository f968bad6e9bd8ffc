<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Reading\LineForm\AndMore;
use Aglyca\Core\Reading\LineForm\BeatenWith;
use Aglyca\Core\Reading\LineForm\CommaList;
use Aglyca\Core\Reading\LineForm\EachOf;
use Aglyca\Core\Reading\LineForm\ForACrust;
use Aglyca\Core\Reading\LineForm\JuiceAndZest;
use Aglyca\Core\Reading\LineForm\LineForm;
use Aglyca\Core\Reading\LineForm\MadeUpTo;
use Aglyca\Core\Reading\LineForm\ServedWith;
use Aglyca\Core\Reading\LineForm\Together;
use Aglyca\Core\Reading\LineForm\WhitesOf;

/** Takes an ingredient line apart; one line may name several things. */
final readonly class LineSplitter
{
    /** "A 5 cm piece" is as long as it says; the article counts nothing. */
    private const LONG = '~^(?:an?|one)\s+(?=\d[\d.,/]*\s*-?\s*(?:cm|centimet|inch|in\b))~iu';

    /** "pulp of 4 passion fruit" is four of them. */
    private const PART_OF = '~^(?:the\s+)?(?:pulp|flesh|seeds)\s+of\s+(?=\d|an?\s|one\b|two\b|three\b|four\b|half\b)~iu';

    private string $bullet;

    /** @param  list<LineForm>  $forms  tried in turn */
    private function __construct(
        private ThingReader $things,
        private FoodIndex $foods,
        private array $forms,
        Words $words,
    ) {
        $this->bullet =
            '~^\s*(?:'.
            '\[[ x]?\]\s*'.
            '|optional(?:ly)?\s*[:,]\s*'.
            '|(?:for|to)\s+\pL+(?:\s+\pL+){0,2}\s*:\s*(?='.
            $words->digit.
            ')'.
            '|[-–—*•·▢☐□✓◦▪●]\s+|[*•·▢☐□✓◦▪●]\s*'.
            '|\d{1,2}[.)]\s+(?=[\d'.
            $words->signs.
            '\p{L}])'.
            ')~iu';
    }

    public static function of(Larder $larder, FoodIndex $foods, ThingReader $things, Words $words): self
    {
        $alone = [new JuiceAndZest($things, $words), new WhitesOf($things, $words), new EachOf($things, $words)];
        $inner = new self(
            $things,
            $foods,
            [
                new MadeUpTo($things, $foods, $larder),
                new BeatenWith($things, $words),
                new AndMore($things, $foods, $words, $alone),
                ...$alone,
                new Together($things, $foods),
                new ServedWith($things, $foods),
            ],
            $words,
        );

        $list = (new CommaList($foods, $words, $larder))->with($inner);

        return new self($things, $foods, [new ForACrust($things), $alone[2], $list, ...$inner->forms], $words);
    }

    /** @return non-empty-list<Split> each with a body that reads the same when it stands alone */
    public function split(string $line): array
    {
        $body = trim(preg_replace([$this->bullet, self::PART_OF, self::LONG], '', $line) ?? $line);
        $at = (int) strpos($line, $body);
        foreach ($this->forms as $form) {
            $things = $form->things($body);
            if ($things !== null) {
                return count($things) > 1 && ! $form instanceof EachOf && ! $form instanceof JuiceAndZest
                    ? array_map(static fn (Split $s): Split => $s->from($s->from + $at), $things) : $things;
            }
        }

        $one = $this->things->one($body);
        if (
            preg_match('~^[^(]*\((?<said>\s*\d[^()]*)\)\s*$~u', $body, $m) === 1 &&
            $this->foods->find($one->name)->food === null
        ) {
            // "3 c. à s. eau (3 tbsp water)": all of it said again in words that are known.
            $said = $this->things->one(trim($m['said']));
            if ($said->amount !== null && $said->name !== '' && $this->foods->find($said->name)->sure) {
                return [$said];
            }
        }

        return [$one];
    }
}

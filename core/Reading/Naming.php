<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Language\Phrasebook;
use Aglyca\Core\Language\Sentence;
use Aglyca\Core\Quantity\Unit;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Tables;

/** Which food a thing of a line is: by its name, by what is said behind the name, and by how much of it there is. */
final readonly class Naming
{
    /** @var list<array<string, string>> rows of `data/spooned.csv` */
    private array $spooned;

    /** @var list<array<string, string>> rows of `data/claims.csv` */
    private array $claims;

    /** @var list<array<string, string>> rows of `data/chocolate_grades.csv` */
    private array $grades;

    private Phrasebook $claimed;

    public function __construct(private FoodIndex $foods, Tables $tables, private Lexer $lexer)
    {
        $this->claimed = new Phrasebook($tables, 'claims', 'says', 'required');
        $this->spooned = $tables->rows('spooned');
        $this->claims = $tables->rows('claims');
        $this->grades = $tables->rows('chocolate_grades');
    }

    public function match(Split $split): FoodMatch
    {
        $unit = $split->amount?->measures[0]->unit;
        if ($unit?->kind === UnitKind::Count && $this->foods->isName($unit->key.' '.$split->name)) {
            return $this->foods->find($unit->key.' '.$split->name);
        }
        $grade = $this->grade($split);
        if ($grade !== null) {
            return new FoodMatch($grade, true);
        }
        $match = $this->claimed($split, $this->foods->find($split->name));
        $spooned = $this->spooned($split, $match, $unit);

        return $spooned === null
            ? $match
            : new FoodMatch($spooned, $match->sure, [(string) $match->food, ...$match->rivals]);
    }

    /** @return list<int> rows of `data/claims.csv` */
    private function claimsIn(string $words): array
    {
        $tokens = $this->lexer->tokens($words);

        return $tokens === [] ? [] : array_column($this->claimed->in(Sentence::of($words, $tokens)), 'row');
    }

    /** "85 % dark chocolate", "chocolate (70 %)": by its share of cocoa. */
    private function grade(Split $split): ?string
    {
        $text = "$split->name $split->prep";
        if (preg_match('~\b(?:chocolate|couverture)\b~iu', $split->name) !== 1
            || preg_match('~\b(?:milk|white|sugar[- ]?free|no[- ](?:added[- ])?sugar)\b~iu', $text) === 1
            || preg_match('~(\d{2,3})\s?%~u', $text, $m) !== 1) {
            return null;
        }
        foreach ($this->grades as $row) {
            if ((int) $m[1] >= (int) $row['from_percent'] && (int) $m[1] <= (int) $row['to_percent']) {
                return $row['food'];
            }
        }

        return null;
    }

    /** What is said behind a name counts like what stands before it: "chocolate chips, sugar free". */
    private function claimed(Split $split, FoodMatch $match): FoodMatch
    {
        if ($split->prep === '') {
            return $match;
        }
        // "Raisins (or dried cranberries)": what is said of the other is not said of the first.
        $said = preg_split('~(?:^|[\s(,])or\s~iu', $split->prep)[0] ?? '';
        foreach (array_diff($this->claimsIn($said), $this->claimsIn($split->name)) as $row) {
            $claim = $this->claims[$row];
            $said = $this->saying($claim, $split->name);
            if ($said !== null) {
                return $said;
            }
            if ($claim['required'] === 'yes' && $match->food !== null) {
                return FoodMatch::none([$match->food, ...$match->rivals]);
            }
        }
        $first = preg_split('~[,;()]~u', ltrim($split->prep, '( ['))[0] ?? '';
        $both = $this->foods->find(trim($split->name.' '.$first));
        $isBetter = $both->food !== null && $both->food !== $match->food && $both->sure
            && (! $match->sure || $this->foods->isName($split->name.' '.$first));

        if (! $isBetter && $match->food === null && preg_match('~^\s*[(\[]([^)\]]+)[)\]]~u', $split->prep, $m) === 1) {
            // "3 ägg (eggs)": the name again in words that are known.
            $said = $this->foods->find($m[1]);

            return $said->sure ? $said : $match;
        }

        return $isBetter ? $both : $match;
    }

    /**
     * The name with the claim before or behind it, without the first words of the name where that is no food.
     *
     * @param  array<string, string>  $claim
     */
    private function saying(array $claim, string $name): ?FoodMatch
    {
        $words = preg_split('~\s+~u', trim($name), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        foreach (explode('|', $claim['says']) as $says) {
            for ($from = 0; $from < min(4, count($words)); $from++) {
                $rest = implode(' ', array_slice($words, $from));
                foreach (["$says $rest", "$rest $says"] as $tried) {
                    if ($this->foods->isName($tried)) {
                        return $this->foods->find($tried);
                    }
                }
            }
            $found = $this->foods->find("$says $name");
            if ($found->sure) {
                return $found;
            }
        }

        return null;
    }

    /** A food that by the spoon, the cup or the hundred grams is another. */
    private function spooned(Split $split, FoodMatch $match, ?Unit $unit): ?string
    {
        foreach ($this->spooned as $row) {
            if (
                $row['food'] !== $match->food ||
                $unit === null ||
                ! in_array($unit->key, explode('|', $row['units']), true)
            ) {
                continue;
            }
            $amount = $split->amount?->measures[0]->count->value ?? 0.0;
            $grams = $unit->kind === UnitKind::Mass ? $amount * $unit->size : INF;
            if (
                $grams >= (float) $row['from_amount'] &&
                preg_match('~\b(?:'.$row['unless'].')\b~iu', "$split->name $split->prep") !== 1
            ) {
                return $row['spooned'];
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Larder;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Quantity\Estimate;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Tables;

/** Reads one ingredient line: amount, food, grams, and what is in doubt. */
final class LineReader
{
    private const DUSTED = '~\b(?:for|to)\s+(?:(?:dust|sprinkl|roll|coat|decorat|finish|scatter)\w*|the\s+tops?\b)~iu';

    private const IN_PART = '~\b(?:for|to)\s+(?:dust|greas|serv|sprinkl|roll|coat|garnish|decorat|top|brush|lin|finish|taste)\w*|\bto\s+taste\b|\bfor\s+the\s+(?:tin|pan|dish|mould|mold)s?\b~iu';

    /** "For dusting: 2 tbsp sugar" */
    private const FOR_PART = '~^\W*(?:for|to)\s+(?:dust|greas|serv|sprinkl|roll|coat|garnish|decorat|brush|lin|finish)\w*\s*:~iu';

    /** @var array<string, array<string, string>> rows of `data/prep_words.csv` by word */
    private array $prepWords;

    private string $prepPattern;

    public function __construct(
        private readonly Larder $larder,
        private readonly FoodIndex $foods,
        private readonly Naming $naming,
        private readonly LineSplitter $splitter,
        private readonly Weigher $weigher,
        private readonly Constants $constants,
        private readonly Tins $tins,
        private readonly AllergenNames $allergenNames,
        Tables $tables,
    ) {
        $this->prepWords = $tables->worked(
            'words of preparing',
            static fn (): array => array_filter(
                $tables->keyed('prep_words', 'word'),
                static fn (array $row): bool => $row['kind'] !== 'ignore',
            ),
        );
        $this->prepPattern = $tables->worked('pattern of preparing', function (): string {
            $words = array_map(
                static fn (int|string $w): string => preg_quote((string) $w, '~'),
                array_keys($this->prepWords),
            );
            usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

            return '~(?<!\pL)(?:'.implode('|', $words).')(?!\pL)~iu';
        });
    }

    /**
     * @param  string  $key  the line's key for corrections; where one line names several things, those behind the
     *     first have "_1", "_2" added
     * @return non-empty-list<Line> several where one line names several things, as "juice and zest of a lemon"
     */
    public function read(
        string $text,
        string $key,
        int $component = 0,
        Corrections $corrections = new Corrections(),
        Measures $cups = new Measures(),
    ): array {
        $lines = [];
        $splits = $this->splitter->split($text);
        foreach ($splits as $n => $split) {
            $own = $n === 0 ? $key : "{$key}_$n";
            // Each of several things has its own words, so that wherever they are written out nothing stands there
            // twice.
            $lines[] = $this->line(
                $text,
                count($splits) > 1 ? $split->body : $text,
                $split,
                $own,
                $component,
                $corrections->of($own),
                $cups,
            );
        }

        return $lines;
    }

    private function line(
        string $typed,
        string $text,
        Split $split,
        string $key,
        int $component,
        ?Correction $correction,
        Measures $cups,
    ): Line {
        $flags = [];
        $match = $this->naming->match($split);
        $said = $correction?->food === null ? null : $this->larder->find($correction->food);
        $food = $said ?? ($match->food === null ? null : $this->larder->get($match->food));
        $tin = $food === null || $said !== null ? null : $this->tins->of($food->key, $text);
        // The tin is weighed as what it is called, and counts as what of it goes in.
        $weighed = $food;
        $food = $tin === null ? $food : $this->larder->get($tin->food);
        $food = $this->packaged($food, $correction?->package);
        $allergens = $this->allergenNames->in($said === null ? $text : '');
        $food = $food?->holding($allergens['named']);
        if ($food === null) {
            $flags[] = Flag::UnknownFood;
        } elseif (! $match->sure && $said === null) {
            $flags[] = Flag::FoodGuessed;
        }
        $rivals = $match->rivals;
        if ($correction?->isLeftOut) {
            return new Line(
                $key,
                $typed,
                $text,
                $split->written,
                $split->name,
                null,
                null,
                $rivals,
                [Flag::LeftOut],
                $component,
                [],
                $split->span($split->written, $typed),
                $split->span($split->named, $typed),
            );
        }
        if ($split->other !== '') {
            $other = $this->foods->find(preg_replace('~^(?:\d|\p{No}|[\s/.,])+(?:\pL+\s+)?~u', '', $split->other) ?? '')
                ->food;
            $flags[] = Flag::Choice;
            $rivals = $other === null ? $rivals : array_values(array_unique([$other, ...$rivals]));
        }
        if (preg_match('~\boptional\b~iu', $text) === 1) {
            $flags[] = Flag::Optional;
        }
        if (preg_match(self::IN_PART, " $split->name $split->prep") === 1 || preg_match(self::FOR_PART, $text) === 1) {
            $flags[] = Flag::UsedInPart;
        }
        if ($correction?->grams !== null || $said !== null) {
            $flags[] = Flag::Corrected;
        }
        if ($correction?->grams !== null) {
            $grams = Estimate::withHalfWidth(
                $correction->grams,
                min($correction->grams, $this->constants->get('weighed')),
            );
        } else {
            [$grams, $doubts] = $this->grams($split, $tin === null ? $food : $weighed, $cups);
            if ($grams === null && $tin !== null) {
                [$grams, $doubts] = $this->grams($split, $food, $cups);
            }
            if ($tin !== null && $grams !== null) {
                $grams = $this->drained($tin, $split, $grams);
                $isSaid = $tin->grams !== null;
                $doubts = array_values(
                    array_filter($doubts, static fn (Flag $f): bool => ! $isSaid || $f !== Flag::MeasuresDisagree),
                );
            }
            $flags = [...$flags, ...$doubts];
        }
        if ($grams !== null && $this->isHuge($food, $grams->value)) {
            $flags[] = Flag::HugeAmount;
        }

        return new Line(
            $key,
            $typed,
            $text,
            $split->written,
            $split->name,
            $food,
            $grams,
            $rivals,
            $flags,
            $component,
            $split->amount === null || $split->negative ? [] : $split->amount->measures,
            $split->span($split->written, $typed),
            $split->span($split->named, $typed),
            $said === null && ! $match->sure
                ? $this->allergensOf($match, array_merge(...array_values($allergens)))
                : $allergens['possible'],
        );
    }

    /**
     * What may be in what was not understood: by its words, and by every food that they speak of.
     *
     * @param  list<string>  $named
     * @return list<string>
     */
    private function allergensOf(FoodMatch $match, array $named): array
    {
        foreach (array_filter([$match->food, ...$match->rivals]) as $key) {
            array_push($named, ...($this->larder->find($key)->allergens ?? []));
        }

        return array_values(array_unique($named));
    }

    /** Heavier than any kitchen mixes, or as sweet as kilos of sugar. */
    private function isHuge(?Food $food, float $grams): bool
    {
        $sweet = $food === null ? 0.0 : $grams * $this->larder->typical($food, 'sweetness');

        return $grams > $this->constants->get('huge-grams') || $sweet > $this->constants->get('huge-sweetness');
    }

    private function packaged(?Food $food, ?string $package): ?Food
    {
        return match (true) {
            $food === null, $package === null => $food,
            $package === Correction::NO_PACKAGE => $this->larder->plain($food->key),
            default => $this->larder->fromPackage($package) ?? $food,
        };
    }

    /** @return array{?Estimate, list<Flag>} */
    private function grams(Split $split, ?Food $food, Measures $cups): array
    {
        if ($split->negative) {
            return [null, [Flag::NotAnAmount]];
        }
        if ($split->amount === null) {
            return $this->dusted($split, $food);
        }
        $form = $this->form($split->name, $split->prep);
        $size = $this->size($split->name.' '.$split->prep);
        $weighed = [];
        foreach ($split->amount->measures as $measure) {
            if ($measure->count->value <= 0) {
                return [null, [Flag::NotAnAmount]];
            }
            $grams = $food === null ? null : $this->weigher->grams($measure, $food, $form, $size, $cups);
            $weighed[] = [$measure, $grams];
        }
        $chosen = $this->chosen($weighed);
        if ($chosen === null || $food === null) {
            return [$this->massAlone($weighed), $food === null ? [] : [Flag::NoAmount]];
        }
        [$measure, $grams] = $chosen;
        $flags = $this->doubts($measure, $food, $form);
        foreach ($weighed as [$other, $mass]) {
            $isSpooned = ($measure->unit?->isMetric() ?? false) && $other->unit?->kind === UnitKind::Volume;
            if ($mass !== null && $other !== $measure && $this->disagree($grams, $mass, $isSpooned)) {
                $flags[] = Flag::MeasuresDisagree;
                break;
            }
        }

        return [$grams, $flags];
    }

    /**
     * Sugar or cocoa that is dusted on is a spoon of it, where nobody says how much: what is bare sugar on the plate
     * must not be lost from the count, nor from the swap.
     *
     * @return array{?Estimate, list<Flag>}
     */
    private function dusted(Split $split, ?Food $food): array
    {
        $isDusted =
            $food !== null &&
            // Icing sugar of which nobody says how much, nor what for, is dusted on.
            (preg_match(self::DUSTED, " $split->name $split->prep") === 1 || $food->texture === Texture::Powder) &&
            in_array($food->role, [Role::Sweet, Role::Flavour], true) &&
            ! $this->larder->isConcentrate($food) &&
            $food->per100->digestible() > $this->constants->get('sugar-food');

        return $isDusted
            ? [
                Estimate::exactly($this->constants->get('dusting'))->widenedBy($this->constants->get('vague')),
                [Flag::DustingAssumed],
            ]
            : [null, [Flag::NoAmount]];
    }

    /** What is left of tins, by the line's own word for one of them, or by what is usual. */
    private function drained(TinContents $tin, Split $split, Estimate $grams): Estimate
    {
        $first = $split->amount?->measures[0];
        $tins = $first?->unit?->key === 'tin' ? $first->count->value : 1.0;

        return $tin->grams === null
            ? $grams->times($tin->share)
            : Estimate::withHalfWidth($tin->grams * $tins, $this->constants->get('weighed'));
    }

    /**
     * Grams of an unknown food where the line gives a mass: it counts for the mixed mass, though not for the carbs.
     *
     * @param  list<array{Measure, ?Estimate}>  $weighed
     */
    private function massAlone(array $weighed): ?Estimate
    {
        foreach ($weighed as [$measure]) {
            $one = $measure->size ?? $measure;
            if ($one->unit?->kind === UnitKind::Mass) {
                $grams = $one->count->times($one->unit->size);

                return ($one === $measure ? $grams : $grams->times($measure->count->value))->plus(
                    Estimate::withHalfWidth(0.0, $this->constants->get('weighed')),
                );
            }
        }

        return null;
    }

    /**
     * A mass before litres before spoons and cups, which differ by country, before a count.
     *
     * @param  list<array{Measure, ?Estimate}>  $weighed
     * @return ?array{Measure, Estimate}
     */
    private function chosen(array $weighed): ?array
    {
        $best = null;
        foreach ($weighed as [$measure, $grams]) {
            $unit = ($measure->size ?? $measure)->unit;
            $rank = match (true) {
                $unit?->kind === UnitKind::Mass => 0,
                $unit?->isMetric() ?? false => 1,
                $unit?->kind === UnitKind::Volume => 2,
                default => 3,
            };
            if ($grams !== null && ($best === null || $rank < $best[0])) {
                $best = [$rank, $measure, $grams];
            }
        }

        return $best === null ? null : [$best[1], $best[2]];
    }

    private function disagree(Estimate $a, Estimate $b, bool $isSpooned): bool
    {
        $spread = $this->constants->get('coverage-factor') * hypot($a->u, $b->u);

        return abs($a->value - $b->value) - $spread >
            $this->constants->get($isSpooned ? 'spoons-differ' : 'measures-differ') * max($a->value, $b->value);
    }

    /** @return list<Flag> */
    private function doubts(Measure $measure, Food $food, string $form): array
    {
        $flags = [];
        if (($measure->size ?? $measure)->unit?->key === 'oz') {
            $flags[] = $this->weigher->ouncesByVolume($food) ? Flag::OuncesByVolume : Flag::OuncesByWeight;
        }
        if ($measure->unit?->isVague() ?? false) {
            $flags[] = Flag::VagueAmount;
        }
        if (
            $measure->unit?->kind === UnitKind::Volume &&
            ! $measure->unit->isVague() &&
            $this->larder->density($food, $form)->byKind &&
            ! $food->isLiquid()
        ) {
            $flags[] = Flag::DensityByKind;
        }

        return $flags;
    }

    /** "1 cup sifted flour" was sifted before it was measured; "1 cup flour, sifted" was not. */
    private function form(string $name, string $prep): string
    {
        foreach ([[$name, ['density', 'density-after']], [$prep, ['density-after']]] as [$text, $kinds]) {
            if ($text !== '' && preg_match($this->prepPattern, $text, $m) === 1) {
                $word = $this->prepWords[mb_strtolower($m[0])] ?? null;
                if ($word !== null && in_array($word['kind'], $kinds, true)) {
                    return $word['form'];
                }
            }
        }

        return '';
    }

    private function size(string $text): string
    {
        if (
            preg_match(
                '~\b(extra[- ]large|jumbo|large|medium|small|lg(?=\b\.?.*\begg)|med(?=\b\.?.*\begg)|sm(?=\b\.?.*\begg)|size\s+(?:s|m|l|xl)|[sml](?=\b.*\begg))\b~iu',
                $text,
                $m,
            ) !== 1
        ) {
            return '';
        }
        $size = strtolower(str_replace(' ', '-', preg_replace('~^size\s+~i', '', $m[1]) ?? ''));
        $european = preg_match('~\b(?:uk|eu|european|british|size)\b~iu', $text) === 1;
        $size =
            [
                'lg' => 'large',
                'med' => 'medium',
                'sm' => 'small',
                's' => 'small',
                'm' => 'medium',
                'l' => 'large',
                'xl' => 'large',
            ][$size] ?? $size;

        return $european && in_array($size, ['small', 'medium', 'large'], true) ? "eu-$size" : $size;
    }
}

<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Catalogue;
use Aglyca\Core\Conversion;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Swap\AmountKey;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;

/**
 * The drawing of the swap: groups of lines as written beside what takes their place, and the ribbons between
 * them, as wide as the grams. Each group is drawn in its own box so that the two lanes stay in step.
 */
final readonly class Weave
{
    /** Height of a row and width of the ribbons' lane, in the drawing's own units. */
    private const ROW = 100.0;

    private const WIDTH = 240.0;

    private const WIDEST = 74.0;

    private const NARROWEST = 3.0;

    private const POST = 7.0;

    /** A ribbon is drawn at least so wide where it leaves. */
    private const THINNEST = 1.2;

    private function __construct(private Conversion $conversion, private Catalogue $catalogue, private float $scale) {}

    public static function of(Conversion $conversion, Catalogue $catalogue): self
    {
        $heaviest = 1.0;
        foreach ([$conversion->before, $conversion->after] as $account) {
            foreach ($account->formula->doses as $dose) {
                $heaviest = max($heaviest, $dose->mass());
            }
        }

        return new self($conversion, $catalogue, self::WIDEST / $heaviest);
    }

    /**
     * @param  list<string>  $drawn  `as` of each group that stands somewhere already: those that would be no different
     *     are left out
     * @return array<int, array<string, mixed>> groups in the order of the Bench, by their place
     */
    public function groups(array $drawn = []): array
    {
        $groups = [];
        $component = null;
        $components = $this->conversion->recipe->components;
        foreach ($this->conversion->swap->exchanges as $n => $exchange) {
            $isFirst = $component !== $exchange->component && count($components) > 1;
            $heading = $isFirst ? ($components[$exchange->component] ?: 'The dessert') : '';
            $component = $exchange->component;
            $as = $this->as($exchange, $heading);
            if (($drawn[$n] ?? '') !== $as) {
                $groups[$n] = ['as' => $as, 'heading' => $heading, ...$this->group($exchange)];
            }
        }

        return $groups;
    }

    /** All that a group is drawn from, in a few letters: two that have them alike look alike. */
    private function as(Exchange $exchange, string $heading): string
    {
        $ways = $this->catalogue->ways();
        $said = [
            $heading, $this->scale, $this->conversion->brief->batch->scale, $ways->measures, $ways->first, $ways->scale,
            $exchange->component, $exchange->role->value, $exchange->changed, $exchange->why,
        ];
        foreach ($exchange->from as $i) {
            $line = $this->conversion->recipe->lines[$i];
            $dose = $this->conversion->swap->before->doses[$i];
            array_push($said, $line->key, $line->text, $line->name, $line->isDoubtful(), $dose->grams?->value);
            array_push($said, $line->food?->name, $dose->food?->name, $dose->food?->bag);
            $said[] = array_column($line->flags, 'value');
            $said[] = $exchange->changed ? '' : $this->scaled($dose);
        }
        foreach ($exchange->to as $part) {
            array_push($said, $part->food->key, $part->food->name, $part->food->bag, $part->grams, $part->slot);
            array_push($said, $part->isTyped, $part->why, $this->catalogue->teaspoon($part->food));
        }

        return hash('xxh64', serialize($said));
    }

    /** @return array<string, mixed> */
    private function group(Exchange $exchange): array
    {
        $left = array_map($this->left(...), $exchange->from);
        $right = $exchange->changed
            ? array_map($this->right(...), $exchange->to)
            : array_map(fn (int $i): array => $this->stays($i, $exchange), $exchange->from);
        foreach ($right as $i => $part) {
            $right[$i]['key'] = (string) new AmountKey($exchange->component, $part['food'] ?? '', $part['slot']);
        }
        $rows = max(count($left), count($right));
        $masses = [array_column($left, 'mass'), array_column($right, 'mass')];
        $tops = [$this->tops($masses[0], $rows * self::ROW), $this->tops($masses[1], $rows * self::ROW)];

        return [
            'role' => $exchange->role,
            'component' => $exchange->component,
            'left' => $left,
            'right' => $right,
            'why' => $exchange->why,
            'changed' => $exchange->changed,
            'rows' => $rows,
            'box' => sprintf('0 0 %d %d', self::WIDTH, $rows * self::ROW),
            'ribbons' => $this->ribbons(...$masses, ...$tops),
            'posts' => $this->posts($masses, $tops),
        ];
    }

    /** @return array<string, mixed> */
    private function left(int $i): array
    {
        $line = $this->conversion->recipe->lines[$i];
        $dose = $this->conversion->swap->before->doses[$i];

        return [
            'line' => $line,
            'name' => $line->food->name ?? $line->name,
            'mass' => $dose->mass(),
            'grams' => Figures::grams($dose->grams?->value),
            'text' => self::typed($line).
                ($this->conversion->brief->batch->scale === 1.0
                    ? ''
                    : ' × '.Figures::count($this->conversion->brief->batch->scale)),
        ];
    }

    private static function typed(Line $line): string
    {
        return trim((string) preg_replace('~^\s*(?:[-–—*•]\s+|\d{1,2}[.)]\s+)~u', '', $line->text));
    }

    /** @return array<string, mixed> */
    private function right(Part $part): array
    {
        $grams = Figures::weighed($part->grams).' g';
        $measure = $this->catalogue->measure($part->food, $part->grams);
        $isEgg = $part->food->role === Role::Egg;
        if (! $isEgg && $this->catalogue->ways()->saysMeasuresFirst()) {
            [$grams, $measure] = [$measure, $grams];
        }

        return [
            'name' => $part->food->name,
            'bag' => $part->food->bag,
            'food' => $part->food->key,
            'mass' => $part->grams,
            'grams' => $isEgg ? $measure : $grams,
            'typed' => $part->isTyped,
            'slot' => $part->slot,
            'measure' => $isEgg ? $grams : $measure,
            'why' => $part->why,
        ];
    }

    /** @return array<string, mixed> */
    private function stays(int $i, Exchange $exchange): array
    {
        $dose = $this->conversion->swap->before->doses[$i];

        return [
            'name' => $dose->food->name ?? $this->conversion->recipe->lines[$i]->name,
            'bag' => $dose->food->bag ?? '',
            'food' => $dose->food?->key,
            'mass' => $dose->mass(),
            'grams' => $this->amount($dose),
            'typed' => false,
            'slot' => '',
            'measure' => $this->scaled($dose),
            'why' => $exchange->why,
        ];
    }

    /** The measure of what stays, where it is not the one that was typed. */
    private function scaled(Dose $dose): string
    {
        $isAsTyped = $this->conversion->brief->batch->scale === 1.0 || ! $dose->isCounted();

        return $isAsTyped ? '' : $this->catalogue->measure($dose->food, $dose->mass());
    }

    private function amount(Dose $dose): string
    {
        return $dose->grams === null ? '–' : Figures::weighed($dose->mass()).' g';
    }

    /**
     * @param  list<float>  $left
     * @param  list<float>  $right
     * @param  list<float>  $startAt  where each begins
     * @param  list<float>  $endAt
     * @return list<string> path data
     */
    private function ribbons(array $left, array $right, array $startAt, array $endAt): array
    {
        [$sumLeft, $sumRight] = [array_sum($left), array_sum($right)];
        if ($sumLeft <= 0 || $sumRight <= 0) {
            return [];
        }
        $paths = [];
        foreach ($left as $i => $from) {
            foreach ($right as $j => $to) {
                $start = max(self::THINNEST, $this->width($from) * ($to / $sumRight));
                $end = $this->width($to) * ($from / $sumLeft);
                $paths[] = self::ribbon($startAt[$i], $startAt[$i] + $start, $endAt[$j], $endAt[$j] + $end);
                $startAt[$i] += $start;
                $endAt[$j] += $end;
            }
        }

        return $paths;
    }

    private static function ribbon(float $a, float $b, float $c, float $d): string
    {
        $x1 = self::POST;
        $x2 = self::WIDTH - self::POST;
        $middle = ($x1 + $x2) / 2;

        return sprintf(
            'M%1$.0f %2$.1fC%3$.0f %2$.1f %3$.0f %4$.1f %5$.0f %4$.1fV%6$.1fC%3$.0f %6$.1f %3$.0f %7$.1f %1$.0f %7$.1fZ',
            $x1,
            $a,
            $middle,
            $c,
            $x2,
            $d,
            $b,
        );
    }

    /**
     * @param  list<list<float>>  $masses  of the two lanes
     * @param  list<list<float>>  $tops
     * @return list<string> path data
     */
    private function posts(array $masses, array $tops): array
    {
        $posts = [];
        foreach ([0.0, self::WIDTH - self::POST] as $lane => $x) {
            foreach ($tops[$lane] as $i => $top) {
                $mass = $masses[$lane][$i];
                if ($mass > 0) {
                    $posts[] = sprintf('M%.1f %.1fh%.1fv%.1fh-%3$.1fz', $x, $top, self::POST, $this->width($mass));
                }
            }
        }

        return $posts;
    }

    /**
     * @param  list<float>  $masses
     * @return list<float>
     */
    private function tops(array $masses, float $height): array
    {
        $slot = $height / max(1, count($masses));

        return array_map(
            fn (float $mass, int $i): float => $slot * ($i + 0.5) - $this->width($mass) / 2,
            $masses,
            array_keys($masses),
        );
    }

    private function width(float $mass): float
    {
        return $mass <= 0 ? 0.0 : max(self::NARROWEST, $mass * $this->scale);
    }
}

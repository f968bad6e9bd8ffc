<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Tables;

/**
 * Why a bake came out as it did: causes that exclude one another, by Bayes' rule, from the priors of `data/causes.csv`
 * and the likelihoods of `data/cause_signs.csv`.
 */
final readonly class Diagnosis
{
    /** @var array<string, array<string, string>> */
    private array $causes;

    /**
     * @var array<string, array<string, array<string, array<string, float>>>> cause => kind => key => value =>
     *     likelihood
     */
    private array $likely;

    public function __construct(
        Tables $tables,
        private Portrait $portrait,
        private ChangeMaker $changes,
        private Constants $constants,
    ) {
        $this->causes = $tables->keyed('causes', 'cause');
        $this->likely = $tables->worked('signs of causes', static function () use ($tables): array {
            $likely = [];
            foreach ($tables->rows('cause_signs') as $row) {
                $likely[$row['cause']][$row['kind']][$row['key']][$row['value']] = (float) $row['likelihood'];
            }

            return $likely;
        });
    }

    /**
     * @param  array<string, Experience>  $tried  by cause, what this kitchen has seen
     * @return list<FoundCause> the most probable first; none where nothing was judged wrong
     */
    public function of(Baked $baked, array $tried = []): array
    {
        $wrong = array_filter($baked->notes->judged, static fn (Judged $j): bool => $j !== Judged::Right);
        if ($wrong === []) {
            return [];
        }
        $signs = $this->portrait->of($baked);
        $weights = $this->weights(
            $baked->family,
            $baked->notes->judged,
            array_map(static fn (Sign $s): string => $s->level, $signs),
            $tried,
        );
        $sum = array_sum($weights);
        arsort($weights);
        $found = [];
        foreach ($weights as $cause => $weight) {
            $probability = $weight / $sum;
            if (
                $cause !== '' &&
                $probability >= $this->constants->get('cause-least') &&
                $this->explains($cause, $wrong)
            ) {
                $found[] = $this->found($cause, $probability, $baked, $wrong, $signs);
            }
        }

        return $found;
    }

    /**
     * How much each cause weighs; "" is one that is not in the table.
     *
     * @param  array<string, Judged>  $judged
     * @param  array<string, string>  $levels  of signs
     * @param  array<string, Experience>  $tried
     * @return array<string, float>
     */
    public function weights(Family $family, array $judged, array $levels, array $tried = []): array
    {
        $weights = ['' => $this->constants->get('cause-other')];
        foreach ($judged as $value) {
            $less = $this->constants->get('cause-other-judged');
            $weights[''] *= $value === Judged::Right ? 1 - 2 * $less : $less;
        }
        foreach ($levels as $level) {
            $weights[''] *= $this->usual('sign', $level);
        }
        foreach ($this->causes as $key => $cause) {
            if ($cause['patterns'] !== '*' && ! in_array($family->pattern, explode('|', $cause['patterns']), true)) {
                continue;
            }
            $weight = (float) $cause['prior'] * ($tried[$key] ?? new Experience)->factor();
            foreach ($judged as $thing => $value) {
                $weight *= $this->likelihood($key, 'judged', $thing, $value->value);
            }
            foreach ($levels as $sign => $level) {
                $weight *= $this->likelihood($key, 'sign', $sign, $level);
            }
            $weights[$key] = $weight;
        }

        return $weights;
    }

    private function likelihood(string $cause, string $kind, string $key, string $value): float
    {
        $said = $this->likely[$cause][$kind][$key] ?? [];
        if (isset($said[$value])) {
            return $said[$value];
        }
        $left = 1 - array_sum($said);
        $others = 1.0;
        foreach (array_keys($said) as $known) {
            $others -= $this->usual($kind, (string) $known);
        }

        return max(1e-6, $left * $this->usual($kind, $value) / max(1e-6, $others));
    }

    /** How often a thing is so where nothing touches it. */
    private function usual(string $kind, string $value): float
    {
        $right = $this->constants->get($kind === 'sign' ? 'sign-ok' : 'judged-right');

        return $value === Portrait::OK || $value === Judged::Right->value ? $right : (1 - $right) / 2;
    }

    /** @param  array<string, Judged>  $wrong */
    private function explains(string $cause, array $wrong): bool
    {
        foreach ($wrong as $thing => $value) {
            if (isset($this->likely[$cause]['judged'][$thing][$value->value])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, Judged>  $wrong
     * @param  array<string, Sign>  $signs
     */
    private function found(string $cause, float $probability, Baked $baked, array $wrong, array $signs): FoundCause
    {
        [$because, $against] = [[], []];
        foreach ($baked->notes->judged as $thing => $value) {
            $said = $this->likely[$cause]['judged'][$thing] ?? [];
            $name = Judged::THINGS[$thing].': '.$value->words();
            if ($value !== Judged::Right && isset($said[$value->value])) {
                $because[] = $name;
            } elseif (
                isset($wrong[$thing]) ||
                array_filter($said, fn (float $p): bool => $p > $this->constants->get('cause-strong')) !== []
            ) {
                $against[] = $name;
            }
        }
        foreach ($signs as $key => $sign) {
            $said = $this->likely[$cause]['sign'][$key] ?? [];
            if (isset($said[$sign->level])) {
                $because[] = $sign->sentence();
            } elseif (array_filter($said, fn (float $p): bool => $p > $this->constants->get('cause-strong')) !== []) {
                $against[] = $sign->sentence();
            }
        }

        return new FoundCause(
            $cause,
            $this->causes[$cause]['label'],
            $probability,
            $because,
            $against,
            $this->changes->of($this->causes[$cause]['change'], $baked),
        );
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Reading\Flag;
use Aglyca\Core\Tables;

/**
 * Where work can hurt someone: tolerance, dogs, raw egg and flour, allergens, the label's own warning, sugar where it
 * is not looked for, soda with sunflower.
 */
final class Cautioner
{
    /** @var array<string, float> polyol => g a kg of body mass in one go */
    private array $tolerance = [];

    /** @var array<string, array<string, string>> */
    private array $allergens;

    public function __construct(
        Tables $tables,
        private readonly AcidBalance $acids,
        private readonly Constants $constants,
    ) {
        foreach ($tables->rows('polyols') as $row) {
            if ($row['property'] === 'tolerance') {
                $this->tolerance[$row['polyol']] = (float) $row['value'];
            }
        }
        $this->allergens = $tables->keyed('allergens', 'allergen');
    }

    /**
     * @param  list<Care>  $care  by component
     * @param  ?float  $bodyMass  kg of whom it is for; null for the usual
     * @param  float  $bakeLoss  share of the mixed mass that goes into the air
     * @param  ?Formula  $written  the dessert as it stood
     * @return list<Warning>
     */
    public function cautions(
        Account $account,
        array $care,
        ?float $bodyMass = null,
        float $bakeLoss = 0.0,
        ?Formula $written = null,
    ): array {
        $formula = $account->formula;

        return [
            ...$this->uncounted($account),
            ...$this->tolerance($account, $bodyMass),
            ...$this->xylitol($account),
            ...$this->laxative($account, $bakeLoss),
            ...$this->hiddenSugar($account),
            ...$this->raw($formula, $care),
            ...$this->hotAndCold($formula, $care),
            ...$this->soda($formula, $care, $written ?? $formula),
            ...$this->allergens($formula),
        ];
    }

    /** @return list<Warning> */
    private function uncounted(Account $account): array
    {
        $names = [];
        foreach (
            array_filter(
                $account->uncounted,
                static fn (int $i): bool => ! in_array(Flag::LeftOut, $account->formula->doses[$i]->flags, true),
            ) as $i
        ) {
            $names[] = '“'.mb_strimwidth($account->formula->doses[$i]->text, 0, 60, '…').'”';
        }

        $guessed = array_map(
            static fn (Dose $d): string => '“'.
                mb_strimwidth($d->text, 0, 60, '…').
                '” as '.
                mb_strtolower($d->food->name ?? ''),
            array_filter($account->formula->doses, static fn (Dose $d): bool => $d->isGuessed() && $d->isCounted()),
        );
        $guess =
            $guessed === []
                ? []
                : [
                    new Warning(
                        'guessed',
                        'Guessed, so that the range is wide: '.implode(', ', $guessed).'. Check it.',
                    ),
                ];

        return $names === []
            ? $guess
            : [
                ...$guess,
                new Warning(
                    'uncounted',
                    'Not in the totals, since its food or amount is not known: '.implode(', ', $names).'.',
                ),
            ];
    }

    /** @return list<Warning> */
    private function tolerance(Account $account, ?float $bodyMass): array
    {
        $mass = $bodyMass ?? $this->constants->get('default-body-mass');
        $load = 0.0;
        $parts = [];
        foreach ([...$account->piece->polyols, 'allulose' => $account->piece->allulose] as $name => $grams) {
            $limit = ($this->tolerance[$name] ?? 0.0) * $mass;
            if ($grams > 0 && $limit > 0) {
                $load += $grams / $limit;
                $parts[] = sprintf('%.0f g %s', $grams, $name);
            }
        }

        return $load <= 1
            ? []
            : [
                new Warning(
                    'tolerance',
                    sprintf(
                        'One piece holds %s: more than %s of %g kg usually takes in one go without stomach upset.',
                        implode(' and ', $parts),
                        $bodyMass === null ? 'someone' : 'a body',
                        $mass,
                    ),
                ),
            ];
    }

    /** @return list<Warning> */
    private function xylitol(Account $account): array
    {
        $has = static fn (Dose $dose): bool => $dose->mass() > 0 &&
            ($dose->food->per100->polyols['xylitol'] ?? 0.0) > 0;

        return array_filter($account->formula->doses, $has) !== []
            ? [
                new Warning(
                    'xylitol-dogs',
                    'Contains xylitol, which is dangerous to dogs even in small amounts: keep it and the crumbs out of reach.',
                ),
            ]
            : [];
    }

    /** @return list<Warning> */
    private function laxative(Account $account, float $bakeLoss): array
    {
        $mass = $account->pieceMass() * (1 - $bakeLoss);
        $share = $mass > 0 ? $account->piece->polyolGrams() / $mass : 0.0;

        return $share > $this->constants->get('hard-polyol-share')
            ? [
                new Warning(
                    'laxative',
                    sprintf(
                        'Sugar alcohols are %.0f %% of what is eaten; above 10 %% EU labels must say that excessive consumption may produce laxative effects.',
                        $share * 100,
                    ),
                ),
            ]
            : [];
    }

    /**
     * Left-over soda tastes of soap and darkens the crumb; with sunflower seed it turns green. In boiling sugar it only
     * foams. A recipe that stood with some to spare was baked so, and browns by it.
     *
     * @param  list<Care>  $care
     * @return list<Warning>
     */
    private function soda(Formula $formula, array $care, Formula $written): array
    {
        $isInDough = array_filter(
            $formula->doses,
            static fn (Dose $d): bool => $d->food?->key === 'baking-soda' && ! ($care[$d->component]->isHot ?? false),
        ) !== [];
        $left = $isInDough ? $this->acids->leftOverSoda($formula) : 0.0;
        $allowed = $this->constants->get('leftover-soda') * $formula->mass() / $this->constants->get('leftover-mass');
        $stood = $this->acids->leftOverSoda($written) + $this->constants->get('least-soda');
        $allowed *= $left <= $stood ? $this->constants->get('stood-soda') : 1.0;
        $warnings = [];
        if ($left > $allowed) {
            $warnings[] = new Warning(
                'leftover-soda',
                sprintf(
                    '%.1f g of the baking soda find no acid: it may taste soapy, and the crumb turns dark. Baking powder in its place needs none.',
                    $left,
                ),
            );
        }
        if ($formula->gramsOf('sunflower-seed-flour') > 0 && ($left > 0 || $formula->gramsOf('baking-powder') > 0)) {
            $warnings[] = new Warning(
                'sunflower-soda',
                'Sunflower seed flour may turn green with left-over soda: harmless.',
            );
        }

        return $warnings;
    }

    /**
     * Sugars of a piece that come with what is no sweetener.
     *
     * @return list<Warning>
     */
    private function hiddenSugar(Account $account): array
    {
        [$by, $found] = [[], []];
        foreach ($account->formula->doses as $i => $dose) {
            $sugars = $account->serving->lines[$i]->sugars;
            if ($dose->food !== null && ! in_array($dose->food->role, [Role::Sweet, Role::Body], true)) {
                $by[$dose->food->name] = ($by[$dose->food->name] ?? 0.0) + $sugars;
            }
        }
        foreach ($by as $name => $sugars) {
            if ($sugars >= $this->constants->get('hidden-sugar')) {
                $verb = preg_match('~[^s]s$~u', $name) === 1 ? 'bring' : 'brings';
                $found[] = sprintf('%s %s %.1f g', mb_strtolower($name), $verb, $sugars);
            }
        }

        return $found === []
            ? []
            : [new Warning('hidden-sugar', 'Sugar where it is easily missed: '.implode(', ', $found).' a piece.')];
    }

    /**
     * @param  list<Care>  $care
     * @return list<Warning>
     */
    private function hotAndCold(Formula $formula, array $care): array
    {
        $warnings = [];
        foreach ($care as $component => $each) {
            $name = $each->name === '' ? 'it' : 'the '.mb_strtolower($each->name);
            if ($each->isHot) {
                $warnings['hot'] = new Warning(
                    'hot',
                    ucfirst($name).' boils far above 100 °C and sticks to the skin: keep children and animals away.',
                );
            }
            // Of the dessert itself its family says so already.
            if ($each->isCold && $component !== $formula->heaviest() && $this->isPerishable($formula, $component)) {
                $warnings['cold'] = new Warning(
                    'cold',
                    "Keep the whole in the fridge: $name holds cream, milk or egg.",
                );
            }
        }

        return array_values($warnings);
    }

    private function isPerishable(Formula $formula, int $component): bool
    {
        foreach ($formula->doses as $dose) {
            $kinds = array_map(static fn (string $a): string => explode(':', $a)[0], $dose->food->allergens ?? []);
            if (
                $dose->component === $component &&
                array_intersect($kinds, ['milk', 'egg']) !== [] &&
                ($dose->food->per100->water ?? 0.0) > $this->constants->get('perishable-water')
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Care>  $care
     * @return list<Warning>
     */
    private function raw(Formula $formula, array $care): array
    {
        $eaten = [];
        foreach ($formula->doses as $dose) {
            $kinds = array_map(static fn (string $a): string => explode(':', $a)[0], $dose->food->allergens ?? []);
            $what = match (true) {
                $dose->food?->texture === Texture::Egg && in_array('egg', $kinds, true) => 'egg',
                $dose->food?->role === Role::Body && in_array('gluten', $kinds, true) => 'flour',
                default => '',
            };
            if ($what !== '') {
                if (! ($care[$dose->component]->isHeated ?? true)) {
                    $eaten[$what] = true;
                }
            }
        }
        $warnings =
            $eaten === []
                ? []
                : [
                    new Warning(
                        'raw',
                        'It is not baked, and holds raw '.
                            implode(' and ', array_keys($eaten)).
                            ': use pasteurised egg and flour that was heated, above all for the young, the old and the pregnant.',
                    ),
                ];

        return $warnings;
    }

    /**
     * As the lists of the EU (1169/2011 annex II) and of the US name them.
     *
     * @return list<Warning>
     */
    private function allergens(Formula $formula): array
    {
        $found = self::byKind(
            array_merge([], ...array_map(static fn (Dose $d): array => $d->food->allergens ?? [], $formula->doses)),
        );
        $maybe = self::byKind(
            array_merge([], ...array_column($formula->doses, 'possibleAllergens')),
        );
        $more = array_diff_key($maybe, $found);
        [$names, $apart] = [[], []];
        foreach ($found as $kind => $which) {
            $row = $this->allergens[$kind] ?? ['name' => $kind, 'eu' => 'yes', 'us' => 'yes'];
            $names[] = $row['name'].($which === [] ? '' : ' ('.implode(', ', array_keys($which)).')');
            $apart[] = match (true) {
                $row['eu'] === 'no' && $row['us'] === 'no' => $row['name'].' is on neither list',
                $row['us'] === 'no' => $row['name'].' is on the EU list alone',
                $row['us'] === 'wheat only' && ! isset($which['wheat']) => 'the US list names of the cereals wheat alone',
                default => '',
            };
        }
        $apart = array_filter($apart);
        $warnings =
            $names === []
                ? []
                : [
                    new Warning(
                        'allergens',
                        'Contains, by the EU and US lists: '.
                            implode(', ', $names).
                            '.'.
                            ($apart === [] ? '' : ' '.ucfirst(implode('; ', $apart)).'.'),
                    ),
                ];
        if ($more !== []) {
            $named = fn (string $kind): string => $this->allergens[$kind]['name'] ?? $kind;
            $kinds = array_map($named, array_keys($more));
            $warnings[] = new Warning(
                'allergens-possible',
                'May contain '.implode(', ', $kinds).': a line was not wholly understood. Check it.',
            );
        }

        return $warnings;
    }

    /**
     * @param  list<string>  $allergens  such as "nuts:almond"
     * @return array<string, array<string, true>> kind => which
     */
    private static function byKind(array $allergens): array
    {
        $found = [];
        foreach ($allergens as $allergen) {
            [$kind, $which] = [...explode(':', $allergen), ''];
            $found[$kind] ??= [];
            if ($which !== '') {
                $found[$kind][$which] = true;
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Writing;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Catalogue;
use Aglyca\Core\Conversion;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Gain;
use Aglyca\Core\Harm\Allergen;
use Aglyca\Core\Harm\Struck;
use Aglyca\Core\Method\PlannedStep;
use Aglyca\Core\Method\StepUse;
use Aglyca\Core\Reading\Flag;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;

/** The account and the swap as open data; `docs/json.md` describes the shape. */
final class Report
{
    /** @return array<string, mixed> */
    public static function account(Account $account, Convention $convention = Convention::LowCarb): array
    {
        $piece = $account->piece;
        $net = [];
        foreach (Convention::cases() as $each) {
            $net[$each->value] = self::round($account->net($each));
        }

        return [
            'title' => $account->formula->title,
            'servings' => self::round($account->formula->pieces),
            'mass_g' => self::round($account->formula->mass()),
            'lines' => array_map(
                self::line(...),
                $account->formula->doses,
                array_keys($account->formula->doses),
                array_fill(0, count($account->formula->doses), $account),
            ),
            'per_serving' => [
                'energy_kcal' => self::round($piece->energy),
                'fat_g' => self::round($piece->fat),
                'protein_g' => self::round($piece->protein),
                'carbohydrate_g' => self::round($piece->carbohydrate),
                'fibre_g' => self::round($piece->fibre),
                'polyols_g' => self::round($piece->polyolGrams()),
                'allulose_g' => self::round($piece->allulose),
                'organic_acids_g' => self::round($piece->organicAcids),
                'net_carbs_g' => $net,
                'net_carbs_low_g' => self::round($account->low($convention)),
                'net_carbs_high_g' => self::round($account->high($convention)),
            ],
        ];
    }

    /**
     * @param  list<Gain>  $gains
     * @return array<string, mixed>
     */
    public static function convert(Conversion $conversion, Catalogue $catalogue, array $gains = []): array
    {
        $doses = $conversion->before->formula->doses;
        $convention = $conversion->brief->convention;

        return [
            'before' => self::account($conversion->before, $convention),
            'after' => self::account($conversion->after, $convention),
            'components' => self::components($conversion),
            'steps' => self::steps($conversion),
            'notes' => self::notes($conversion),
            'gains' => array_map(self::gain(...), $gains),
            'measures' => $conversion->recipe->measures->system,
            'swaps' => array_values(
                array_map(
                    static fn (Exchange $e): array => [
                        'from' => array_map(static fn (int $i): string => $doses[$i]->text, $e->from),
                        'to' => $e->changed
                            ? array_map(
                                fn (Part $p): array => [
                                    'food' => $p->food->key,
                                    'grams' => self::round($p->grams),
                                    'measure' => $catalogue->measure($p->food, $p->grams),
                                ],
                                $e->to,
                            )
                            : [],
                        'why' => $e->why,
                    ],
                    array_filter($conversion->swap->exchanges, static fn (Exchange $e): bool => $e->changed),
                ),
            ),
            'properties' => array_map(
                static fn (?float $r): ?float => $r === null ? null : self::round($r),
                array_combine(
                    array_map(static fn (string $k): string => $k.'_ratio', array_keys($conversion->properties)),
                    array_map(static fn (Property $p): ?float => $p->ratio(), array_values($conversion->properties)),
                ),
            ),
            'missed' => self::missed($conversion),
            'struck' => array_map(
                static fn (Struck $s): array => ['text' => $s->text, 'why' => $s->why],
                $conversion->safety->struck,
            ),
            'allergens' => [
                'written' => array_map(self::allergen(...), $conversion->safety->written),
                'held' => array_map(self::allergen(...), $conversion->safety->held),
                'new' => array_map(self::allergen(...), $conversion->safety->brought),
                'possible' => array_map(self::allergen(...), $conversion->safety->possible),
            ],
            'at_least' => $conversion->safety->atLeast === [] ? null : [
                'net_carbs_g' => self::round($conversion->after->net($convention)),
                'because' => $conversion->safety->atLeast,
            ],
            'warnings' => array_map(static fn ($w): string => $w->sentence, $conversion->warnings),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(Dose $dose, int $i, Account $account): array
    {
        $flags = array_map(static fn (Flag $f): string => $f->value, $dose->flags);

        return [
            'text' => $dose->text,
            'component' => $account->formula->components[$dose->component] ?? '',
            'food' => $dose->food?->key,
            'grams' => $dose->grams === null ? null : self::round($dose->grams->value),
            'grams_low' => $dose->grams === null ? null : self::round($dose->grams->low($account->coverage)),
            'grams_high' => $dose->grams === null ? null : self::round($dose->grams->high($account->coverage)),
            'carbohydrate_g' => self::round($dose->nutrients()->carbohydrate),
            'flags' => in_array($i, $account->serving->floored(), true)
                ? [...$flags, Flag::CarbsFloored->value]
                : $flags,
        ];
    }

    /** @return array{allergen: string, which: list<string>, eu: bool, us: bool} */
    private static function allergen(Allergen $allergen): array
    {
        return [
            'allergen' => $allergen->name, 'which' => $allergen->which, 'eu' => $allergen->isEu, 'us' => $allergen->isUs,
        ];
    }

    private static function finite(?float $value): ?float
    {
        return $value === null || ! is_finite($value) ? null : self::round($value);
    }

    private static function round(float $value): float
    {
        return round($value, 3);
    }

    /** @return list<array<string, mixed>> */
    private static function components(Conversion $conversion): array
    {
        $formula = $conversion->swap->before;

        return array_map(
            static fn (int $c, string $name): array => [
                'name' => $name,
                'family' => $conversion->swap->families[$c]->key,
                'mass_g' => self::round($formula->componentMass($c)),
            ],
            array_keys($formula->components),
            $formula->components,
        );
    }

    /** @return list<array<string, mixed>> */
    private static function steps(Conversion $conversion): array
    {
        return array_map(
            static fn (PlannedStep $s): array => [
                'text' => $s->text(),
                'written' => $s->written,
                'heats_c' => array_map(self::round(...), $s->heats),
                'minutes' => $s->minutes === null ? null : [$s->minutes->low, $s->minutes->high],
                'action' => $s->action?->key,
                'uses' => array_map(
                    static fn (StepUse $u): array => ['food' => $u->food->key, 'grams' => self::round($u->grams)],
                    $s->uses,
                ),
            ],
            $conversion->steps(),
        );
    }

    /**
     * Bands that the proposal does not keep.
     *
     * @return list<array{row: string, value: ?float, low: ?float, high: ?float, sentence: string}>
     */
    private static function missed(Conversion $conversion): array
    {
        return array_values(array_map(
            static fn (Property $p): array => [
                'row' => $p->key, 'value' => self::finite($p->after), 'low' => self::finite($p->low),
                'high' => self::finite($p->high), 'sentence' => $p->sentence(),
            ],
            array_filter($conversion->properties, static fn (Property $p): bool => $p->isOutside()),
        ));
    }

    /** @return list<string> */
    private static function notes(Conversion $conversion): array
    {
        $assumed = array_map(
            static fn (Warning $w): string => "$w->key: $w->sentence",
            array_values(array_filter(
                $conversion->warnings, static fn (Warning $w): bool => $w->key === 'yield-assumed',
            )),
        );

        $family = $conversion->swap->family();

        return [
            ...$assumed,
            "Done when: $family->doneness.",
            "Cooling: $family->cooling.",
            "It keeps {$conversion->safety->keep->text}.",
        ];
    }

    /** @return array<string, mixed> */
    private static function gain(Gain $gain): array
    {
        return [
            'what' => $gain->what,
            'sentence' => $gain->sentence,
            'line' => $gain->line,
            'food' => $gain->food,
            'grams' => self::round($gain->grams),
        ];
    }
}

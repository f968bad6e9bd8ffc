<?php

declare(strict_types=1);

namespace Aglyca\Core\Swap;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Family\Families;
use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;

/**
 * What a baker is told of a swap beside its figures: what it still holds, what its family cannot do, that little is to
 * be gained.
 */
final readonly class Advisor
{
    public function __construct(private Families $families, private Constants $constants) {}

    /**
     * @param  bool  $isSure  all of weight was read and known
     * @return list<Warning>
     */
    public function advice(Account $after, Swap $swap, bool $isSure): array
    {
        return [
            ...$this->stillHeld($swap),
            ...$this->sugarStays($swap),
            ...$this->limits($swap),
            ...$isSure ? $this->little($after, $swap) : [],
        ];
    }

    /** @return list<Warning> */
    private function sugarStays(Swap $swap): array
    {
        $names = [];
        foreach ($swap->exchanges as $exchange) {
            $dose = $exchange->changed ? null : $swap->before->doses[$exchange->from[0] ?? -1] ?? null;
            $isSugar = $exchange->role === Role::Sweet &&
                ($dose?->food->per100->sugars ?? 0.0) > $this->constants->get('sugar-food');
            if ($dose !== null && $isSugar && ! in_array($dose->key, $swap->wishes->left, true)) {
                $names[] = mb_strtolower($dose->food->name ?? '');
            }
        }

        return $names === [] || $swap->wishes->kitchen->refused === []
            ? []
            : [
                new Warning(
                    'sugar-stays',
                    'The '.
                        implode(' and the ', array_unique($names)).
                        ' stays: none of the sweeteners of this mix may be used in this kitchen. Choose another mix.',
                ),
            ];
    }

    /**
     * What was to be without something, and still holds it: never passed over in silence.
     *
     * @return list<Warning>
     */
    private function stillHeld(Swap $swap): array
    {
        $warnings = [];
        foreach ($swap->wishes->without as $without) {
            $lines = array_filter($swap->after->doses, static fn (Dose $d): bool => self::holds($d, $without));
            if ($lines !== []) {
                $names = implode(
                    ', ',
                    array_map(
                        static fn (Dose $d): string => '“'.
                            mb_strimwidth($d->text, 0, 60, '…').
                            '”'.
                            ($d->food === null ? '' : ' ('.mb_strtolower($d->food->name).')'),
                        $lines,
                    ),
                );
                $warnings[] = new Warning(
                    "still-$without",
                    sprintf(
                        'This still holds %s: %s. Nothing allowed takes its place: leave the line out, put in something else yourself, or make another dessert.',
                        $without === 'nuts' ? 'nuts' : $without,
                        $names,
                    ),
                );
            }
        }

        return $warnings;
    }

    private static function holds(Dose $dose, string $without): bool
    {
        foreach ([...$dose->food->allergens ?? [], ...$dose->possibleAllergens] as $allergen) {
            if (explode(':', $allergen)[0] === $without) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Warning> */
    private function limits(Swap $swap): array
    {
        $said = [];
        foreach ($swap->exchanges as $exchange) {
            $sentence =
                $exchange->changed && $exchange->from !== []
                    ? $this->families->limitOf(
                        $swap->families[$exchange->component]->key,
                        $swap->before->making,
                        $exchange->role,
                        array_map(static fn (Part $p): string => $p->food->key, $exchange->to),
                    )
                    : '';
            if ($sentence !== '') {
                $said[$swap->families[$exchange->component]->key] = new Warning('family-limit', $sentence);
            }
        }

        return array_values($said);
    }

    /** @return list<Warning> */
    private function little(Account $after, Swap $swap): array
    {
        $was = $swap->account->net(Convention::LowCarb);
        $is = $after->net(Convention::LowCarb);
        $isLow = $was <= $this->constants->get('already-low') && $was - $is <= $this->constants->get('little-gain');

        return $isLow
            ? [
                new Warning(
                    'already-low',
                    sprintf(
                        'Already low-carb as it is written: little is to be gained by a swap, %.1f g net carbs a piece before and %.1f g after.',
                        $was,
                        $is,
                    ),
                ),
            ]
            : [];
    }
}

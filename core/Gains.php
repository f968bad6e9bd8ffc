<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Method\NewNames;
use Aglyca\Core\Reading\Correction;

/** Looks for what could still be gained of a dessert that is low-carb as it is written, each with its effect. */
final readonly class Gains
{
    public function __construct(private Kernel $kernel, private Wiring $core) {}

    /** @return list<Gain> at most three; none for a dessert that the swap changes */
    public function of(Conversion $conversion): array
    {
        if (! in_array('already-low', array_column($conversion->warnings, 'key'), true)) {
            return [];
        }
        $gains = [];
        foreach ($conversion->before->formula->doses as $dose) {
            array_push($gains, ...$this->ofLine($conversion, $dose));
        }

        return array_slice($gains, 0, 3);
    }

    /** @return list<Gain> */
    private function ofLine(Conversion $conversion, Dose $dose): array
    {
        if (! $dose->isCounted() || $dose->key === '') {
            return [];
        }
        $polyols = $dose->food->nutrients($dose->mass())->polyolGrams();
        $isMuch = $polyols / $conversion->before->formula->pieces > $this->core->constants->get('gain-polyols');
        if ($dose->food->role === Role::Sweet && $isMuch) {
            $allulose = $this->core->larder->get($this->isPowder($dose->food) ? 'allulose-powdered' : 'allulose');
            $grams = $this->core->desk->whatIf->exchangeRatio($dose->food, $allulose) * $dose->mass();

            return $this->gain($conversion, $dose, 'Softer, with less sugar alcohol', $allulose, $grams);
        }
        $net = $this->core->netCarbs->of(
            $conversion->brief->convention,
            $dose->food->nutrients($dose->mass()),
            $conversion->before->piece,
        );
        $all = $conversion->before->net($conversion->brief->convention)
            * $conversion->before->formula->pieces;
        $isCarrier = $all > 0 && $net / $all > $this->core->constants->get('gain-carrier');

        return $isCarrier && $dose->food->role === Role::Mixin
            ? $this->gain($conversion, $dose, 'Fewer carbs', $dose->food, $dose->mass() / 2)
            : [];
    }

    private function isPowder(Food $food): bool
    {
        return str_contains($food->key, 'powdered');
    }

    /** @return list<Gain> none where nothing shows of it */
    private function gain(Conversion $now, Dose $dose, string $what, Food $food, float $grams): array
    {
        $grams = $this->core->snapper->snap($food, $grams);
        $correction = new Correction($food->key, $grams);
        $then = $this->kernel->convert(
            $now->brief->but(corrections: $now->brief->corrections->with($dose->key, $correction)),
        );
        $convention = $now->brief->convention;
        $net = static fn (Conversion $c): float => $c->after->net($convention);
        $sentence = sprintf(
            '%s: of a piece %s, %s.',
            $food->key === $dose->known()->key
                ? sprintf('%.0f g of the %s and not %.0f', $grams, NewNames::name($food), $dose->mass())
                : sprintf(
                    '%.0f g %s in the place of %.0f g %s',
                    $grams,
                    NewNames::name($food),
                    $dose->mass(),
                    NewNames::name($dose->known()),
                ),
            self::goes('net carbs', $net($now), $net($then)),
            self::goes('sugar alcohol', $now->after->piece->polyolGrams(), $then->after->piece->polyolGrams()),
        );
        $shows = abs($net($now) - $net($then)) >= $this->core->constants->get('weigh-shown')
            || abs($now->after->piece->polyolGrams() - $then->after->piece->polyolGrams()) >= 1.0;

        return $shows ? [new Gain($what, $sentence, $dose->key, $food->key, $grams, $then)] : [];
    }

    /** "net carbs go from 2.1 to 1.6 g", "net carbs stay at 1.8 g" */
    private static function goes(string $what, float $from, float $to): string
    {
        $verb = str_ends_with($what, 's') ? ['stay', 'go'] : ['stays', 'goes'];
        [$was, $is] = [sprintf('%.1f', $from), sprintf('%.1f', $to)];

        return $was === $is ? "$what $verb[0] at $is g" : "$what $verb[1] from $was to $is g";
    }
}

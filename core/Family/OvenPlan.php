<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Quantity\Altered;
use Aglyca\Core\Reading\Step;

/**
 * What the oven does for a dessert: the hottest long bake of its method, and how much lower and longer it goes
 * for the swap. Made once, before the swap; the programme, the forecast and the method all go by it.
 */
final readonly class OvenPlan
{
    use Altered;

    /**
     * A record: all that the oven does otherwise, decided at once.
     *
     * @param  ?float  $celsius  as written; null where the method has no heat
     * @param  ?float  $minutes  as written; null where it has no bake
     * @param  list<string>  $reasons  for what is otherwise than written
     * @param  string  $appliance  "" for the recipe's own, or a key of `Wishes::APPLIANCES`
     */
    private function __construct(
        private OvenRules $rules,
        public ?float $celsius,
        public ?float $minutes,
        public float $loweredByCelsius = 0.0,
        public int $restMinutes = 0,
        private float $panFactor = 1.0,
        public array $reasons = [],
        public string $appliance = '',
        private float $applianceFactor = 1.0,
        private float $applianceLowered = 0.0,
    ) {}

    /** @param  list<Step>  $steps */
    public static function asWritten(array $steps, OvenRules $rules): self
    {
        [$celsius, $minutes] = [null, null];
        foreach ($steps as $step) {
            foreach ($step->heats as $heat) {
                $celsius = $heat->isOven ? $heat->temperature->celsius : $celsius;
            }
            if ($step->isBake && $step->bakeMinutes() > ($minutes ?? 0.0)) {
                $minutes = $step->bakeMinutes();
            }
        }

        return new self($rules, $celsius, $minutes);
    }

    /** Nut and seed flours take the place of wheat; `$restMinutes` is how long they drink before the oven. */
    public function forNutFlours(int $restMinutes): self
    {
        return $this->lowered(
            $this->rules->nutLowerByCelsius,
            'nut and seed flours brown sooner than wheat',
            $restMinutes,
        );
    }

    /** As the baker asked, so that it may hold more of what browns. */
    public function coolerBy(float $celsius): self
    {
        return $celsius <= 0
            ? $this
            : $this->lowered(
                $celsius,
                'you asked for a cooler oven, so that it may hold more allulose',
                $this->restMinutes,
            );
    }

    /** Baked otherwise than in an oven's dry heat, by a way of its own: nothing of the oven's counts any more. */
    public function replacedBy(ApplianceWay $way): self
    {
        return $this->but(
            celsius: $way->appliance === 'microwave' ? 0.0 : null, minutes: $way->minutes->high, loweredByCelsius: 0.0,
            panFactor: 1.0, reasons: [], appliance: $way->appliance,
        );
    }

    /** An air fryer blows hotter air onto less. */
    public function inAirFryer(): self
    {
        return $this->celsius === null ? $this : $this->but(
            loweredByCelsius: $this->loweredByCelsius + $this->rules->airFryerLowerByCelsius,
            reasons: [...$this->reasons, 'the air fryer blows its heat onto the dessert'], appliance: 'air-fryer',
            applianceFactor: $this->rules->airFryerTime, applianceLowered: $this->rules->airFryerLowerByCelsius,
        );
    }

    public function inPan(?PanChange $pan): self
    {
        if ($pan === null) {
            return $this;
        }
        $sentence = $pan->sentence();
        $reasons = $sentence === '' ? $this->reasons : [...$this->reasons, $sentence];

        return $this->but(panFactor: $pan->timeFactor, reasons: $reasons);
    }

    /** What the time is multiplied by. */
    public function timeFactor(): float
    {
        return $this->panFactor *
            $this->applianceFactor *
            ($this->loweredByCelsius > $this->applianceLowered ? 1 + $this->rules->nutLongerBy : 1.0);
    }

    public function isChanged(): bool
    {
        return $this->loweredByCelsius > 0 || $this->timeFactor() !== 1.0;
    }

    /** Minutes as written that would brown as much at the reference heat, for a component of this family. */
    public function writtenMinutesAtReference(Family $family): float
    {
        return $this->atReference($family, 0.0, 1.0);
    }

    /** The same of the bake as planned. */
    public function minutesAtReference(Family $family): float
    {
        return $this->atReference($family, $this->loweredByCelsius, $this->timeFactor());
    }

    /** What is told of it: "The oven goes 10 °C lower and takes a tenth longer: …"; "" where nothing changes. */
    public function sentence(): string
    {
        $percent = (int) round(($this->timeFactor() - 1) * 100);
        $what = array_filter([
            $this->loweredByCelsius > 0 ? sprintf('%.0f °C lower', $this->loweredByCelsius) : '',
            $percent === 0 ? '' : sprintf('for about %d %% %s', abs($percent), $percent > 0 ? 'longer' : 'less time'),
        ]);

        return $what === [] ? '' : 'Bake '.implode(' and ', $what).': '.implode('; ', $this->reasons).'.';
    }

    private function lowered(float $celsius, string $reason, int $restMinutes): self
    {
        return $this->but(
            loweredByCelsius: $this->loweredByCelsius + $celsius,
            restMinutes: $restMinutes,
            reasons: [...$this->reasons, $reason],
        );
    }

    private function atReference(Family $family, float $loweredByCelsius, float $timeFactor): float
    {
        if ($family->heat <= 0) {
            return 0.0;
        }
        $above = ($this->celsius ?? $family->heat) - $loweredByCelsius - $this->rules->browningReferenceCelsius;

        return ($this->minutes ?? $family->minutes) *
            $timeFactor *
            2 ** ($above / $this->rules->browningDoublingCelsius);
    }
}

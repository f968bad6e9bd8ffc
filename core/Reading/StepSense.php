<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Found;

/** What all the sentences of a step say of where its work is done. */
final readonly class StepSense
{
    private function __construct(public bool $isBake, public bool $saysOven, public bool $saysOther) {}

    /** @param  list<Found>  $words  of the oven and of elsewhere, in all its sentences */
    public static function of(array $words): self
    {
        [$isBake, $saysOven, $saysOther] = [false, false, false];
        foreach ($words as $word) {
            $isHeat = OvenWords::isOf($word, 'heat');
            $isBake = $isBake || OvenWords::names($word);
            $saysOven = $saysOven || ($isHeat && $word->topic === 'oven');
            $saysOther = $saysOther || ($isHeat && $word->topic !== 'oven') || $word->gives === 'bath';
        }

        return new self($isBake, $saysOven, $saysOther);
    }
}

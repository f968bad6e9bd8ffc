<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Found;
use Aglyca\Core\Language\Valued;

/** What the sentences of a step have said before the one that is read. */
final readonly class StepSoFar
{
    public function __construct(
        public bool $saysOven = false,
        public bool $saysDoing = false,
        public bool $endsInBakeware = false,
    ) {}

    /** @param  list<Found>  $words */
    public function with(Valued $valued, array $words): self
    {
        [$saysOven, $saysDoing, $inBakeware] = [$this->saysOven, $this->saysDoing, false];
        foreach ($words as $word) {
            $saysOven = $saysOven || $word->topic === 'oven';
            $saysDoing = $saysDoing || OvenWords::isOf($word, 'time');
        }
        foreach ($valued->sentence->tokens as $i => $token) {
            $inBakeware = $inBakeware || isset($token->forms['<bakeware>']) || isset($token->forms['flatten']) || isset($token->forms['shape']);
            $saysOven = $saysOven || ($valued->degrees[$i]->isSigned ?? false)
                || ($i === 0 && isset($valued->degrees[$i]) && $valued->degrees[$i]->number >= 100);
        }

        return new self($saysOven, $saysDoing, $inBakeware);
    }
}

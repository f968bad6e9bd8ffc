<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Harm\Circumstances;
use Aglyca\Core\Larder\Constants;

/** Alcohol that stays in it. */
final readonly class Alcohol implements Rule
{
    public function __construct(private Constants $constants) {}

    public function of(Circumstances $all): array
    {
        $grams = 0.0;
        foreach ($all->after->doses as $dose) {
            $isHeated = $all->swap->families[$dose->component]->minutes > 0 && $all->before->making->isBaked;
            $stays = $isHeated ? $this->constants->get('alcohol-after-bake') : 1.0;
            $grams += $dose->nutrients()->alcohol * $dose->used * $stays / $all->after->pieces;
        }

        return $grams < $this->constants->get('alcohol-told')
            ? []
            : [new Warning('alcohol', sprintf(
                'One piece holds about %s g of alcohol: not for children, in pregnancy or before driving.',
                $grams < 10 ? round($grams, 1) : round($grams),
            ), true)];
    }
}

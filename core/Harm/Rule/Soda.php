<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\AcidBalance;
use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Harm\Circumstances;
use Aglyca\Core\Larder\Constants;

/**
 * Left-over soda tastes of soap and darkens the crumb; with sunflower seed it turns green. In boiling sugar it only
 * foams. A recipe that stood with some to spare was baked so, and browns by it.
 */
final readonly class Soda implements Rule
{
    public function __construct(private AcidBalance $acids, private Constants $constants) {}

    public function of(Circumstances $all): array
    {
        $soda = array_filter(
            $all->after->doses,
            static fn (Dose $d): bool => $d->food?->key === 'baking-soda' && $d->mass() > 0,
        );
        $isHot = static fn (Dose $d): bool => $all->care[$d->component]->isHot ?? false;
        $left = array_filter($soda, static fn (Dose $d): bool => ! $isHot($d)) === []
            ? 0.0
            : $this->acids->leftOverSoda($all->after);
        $allowed = $this->constants->get('leftover-soda') * $all->after->mass() / $this->constants->get('leftover-mass');
        $stood = $this->acids->leftOverSoda($all->before) + $this->constants->get('least-soda');
        $allowed *= $left <= $stood ? $this->constants->get('stood-soda') : 1.0;
        $warnings = [];
        if (array_filter($soda, $isHot) !== []) {
            $warnings[] = new Warning('foam', 'It foams up high as the soda goes into the hot sugar: take a deep pan, and keep your hands away.');
        }
        if ($left > $allowed) {
            $warnings[] = new Warning('leftover-soda', sprintf(
                '%.1f g of the baking soda find no acid: it may taste soapy, and the crumb turns dark. Baking powder in its place needs none.',
                $left,
            ));
        }
        if (
            $all->after->gramsOf('sunflower-seed-flour') > 0
            && ($left > 0 || $all->after->gramsOf('baking-powder') > 0)
        ) {
            $warnings[] = new Warning(
                'sunflower-soda', 'Sunflower seed flour may turn green with left-over soda: harmless.',
            );
        }

        return $warnings;
    }
}

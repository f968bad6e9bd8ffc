<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Care;
use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Harm\Circumstances;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Reading\Heat;

/** Sugar, or what takes its place, that boils far hotter than water; dough that goes into hot fat. */
final readonly class HotSugar implements Rule
{
    public function __construct(private Constants $constants) {}

    public function of(Circumstances $all): array
    {
        $hot = array_values(array_filter($all->care, static fn (Care $c): bool => $c->isHot));
        $named = static fn (Care $c): string => $c->name === '' ? 'it' : 'the '.mb_strtolower($c->name);
        $names = array_map($named, $hot);
        $isFried = $all->before->making->isFried;
        $name = $names[0] ?? ($all->speaksOf('hot-sugar') || (! $isFried && $this->isBoiledHigh($all)) ? 'the sugar' : '');
        $warnings = [];
        if ($name !== '') {
            $warnings[] = new Warning('hot', ucfirst($name).
                ' boils far above 100 °C and sticks to the skin: it burns badly. Keep children and animals away.');
        }
        if ($isFried) {
            $warnings[] = new Warning('hot-fat', 'Hot fat burns, and spits where something wet goes in: dry the pieces, lower them in slowly, and never leave the pan.');
        }

        return $warnings;
    }

    /** A heat of no oven, above that at which a syrup burns; where a step bakes, only one that something boils to. */
    private function isBoiledHigh(Circumstances $all): bool
    {
        $boiling = array_column($all->sayings('boils', 'hot-sugar'), 'step');
        foreach ($all->recipe->steps as $i => $step) {
            $isHigh = array_filter(
                $step->heats,
                fn (Heat $h): bool => ! $h->isOven && $h->temperature->celsius > $this->constants->get('burning-syrup'),
            ) !== [];
            if ($isHigh && (! $step->isBake || in_array($i, $boiling, true))) {
                return true;
            }
        }

        return false;
    }
}

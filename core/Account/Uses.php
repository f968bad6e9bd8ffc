<?php

declare(strict_types=1);

namespace Aglyca\Core\Account;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;

/** What of the doubt in some doses is the same for every figure: how sure their amounts are, and which share a food. */
final readonly class Uses
{
    /**
     * @param  list<float>  $relative  relative variance of each dose's amount; 0 where it is not counted
     * @param  list<FoodUse>  $foods
     */
    private function __construct(public array $relative, public array $foods) {}

    /**
     * @param  list<Dose>  $doses
     * @param  list<float>  $shares  of each dose
     */
    public static function of(array $doses, array $shares, Spreads $spreads, Constants $constants): self
    {
        $part = $constants->get('used-in-part') ** 2;
        $guess = $constants->get('guess-u') ** 2;
        [$relative, $grams, $foods] = [[], [], []];
        foreach ($doses as $i => $dose) {
            if (! $dose->isCounted() || $dose->grams->value <= 0 || $shares[$i] <= 0) {
                $relative[] = 0.0;

                continue;
            }
            $relative[] =
                ($dose->grams->u / $dose->grams->value) ** 2 +
                ($dose->isGuessed() ? $guess : 0.0) +
                ($dose->used < 1 ? $part : 0.0);
            $key = $dose->food->key.'|'.$dose->food->package;
            $foods[$key] = $dose->food;
            $grams[$key][$i] = $dose->grams->value * $shares[$i];
        }
        $uses = [];
        foreach ($foods as $key => $food) {
            $spread = $food->package === '' ? $spreads->of($food) : Spread::alike(0.0);
            $uses[] = new FoodUse($food, $spread, $grams[$key]);
        }

        return new self($relative, $uses);
    }
}

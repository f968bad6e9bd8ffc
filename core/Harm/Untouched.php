<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\Said;

/** Desserts that are counted as they are written, since a swap could hurt: sugar that is medicine, food for infants. */
final readonly class Untouched
{
    private const LOW = 'This looks meant for treating low blood sugar, so nothing is swapped: only real sugar raises it, and sweeteners do nothing for it. It is counted as it is written; what to take, and how much, is for your care team to say.';

    private const DIET = 'This looks meant for a diet that treats an illness, so nothing is swapped: it is counted as it is written. What may be changed in it is for your care team to say.';

    private const INFANT = 'This is for a baby or a small child, so nothing is swapped and it stays as it is written: sweeteners and sugar alcohols are not for food of infants and young children (in the EU they are not allowed in it).';

    /** Quick sugar and the powders of it. */
    private const QUICK = ['dextrose', 'corn-syrup'];

    public function __construct(private Constants $constants) {}

    /**
     * @param  list<Said>  $said
     * @return string "" where it may be swapped
     */
    public function why(array $said, Formula $written): string
    {
        $topics = array_column($said, 'topic');
        // A word of toddlers in passing is no reason; that it is for them stands in its title.
        $isForToddlers = array_filter(
            $said,
            static fn (Said $s): bool => $s->topic === 'toddler' &&
                in_array($s->fate, [Fate::Title, Fate::Yield, Fate::Heading], true),
        ) !== [];

        return match (true) {
            in_array('low', $topics, true), $this->isQuickSugar($written) => self::LOW,
            in_array('diet', $topics, true) => self::DIET,
            in_array('infant', $topics, true), $isForToddlers => self::INFANT,
            default => '',
        };
    }

    /** Little else than glucose, to be drunk or chewed: nobody makes that for its taste. */
    private function isQuickSugar(Formula $written): bool
    {
        [$quick, $solids] = [0.0, 0.0];
        foreach ($written->doses as $dose) {
            $solid = $dose->mass() * (1 - ($dose->food->per100->water ?? 0.0) / 100);
            $quick += in_array($dose->food?->key, self::QUICK, true) ? $solid : 0.0;
            $solids += $solid;
        }

        return $solids > 0 && $quick / $solids > $this->constants->get('quick-sugar')
            && array_filter($written->doses, static fn (Dose $d): bool => $d->food === null) === [];
    }
}

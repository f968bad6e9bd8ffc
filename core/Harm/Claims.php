<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\Said;

/** What a recipe claims of itself, and of how it keeps, that the swap makes untrue. */
final readonly class Claims
{
    private const FREE = 'free:';

    /** What a claim rules out that is no allergen by itself. */
    private const KINDS = ['vegan' => ['egg', 'milk']];

    /** Words that tie a claim to the work before it. */
    private const JOINERS = [' and ', ' then ', ' but ', ' so ', ' or ', ', ', ': ', ' – ', ' - '];

    public function __construct(private AllergenList $allergens, private KeepReader $reader) {}

    /**
     * Allergens that the dessert is told to be free of: by its title whatever they are, anywhere where it is gluten.
     *
     * @param  list<Said>  $said
     * @return array<string, list<string>> what it says => the kinds that this rules out
     */
    public function freeOf(array $said): array
    {
        $free = [];
        foreach ($said as $each) {
            if (! str_starts_with($each->topic, self::FREE)) {
                continue;
            }
            $kind = substr($each->topic, strlen(self::FREE));
            if ($each->fate === Fate::Title || $kind === 'gluten') {
                // Who asks for no nuts mostly means peanuts too.
                $free[mb_strtolower($each->words)] = $kind === 'nuts'
                    ? ['nuts', 'peanut']
                    : self::KINDS[$kind] ?? [$kind];
            }
        }

        return $free;
    }

    /**
     * @param  list<Said>  $said
     * @return list<Struck>
     */
    public function struck(array $said, Formula $before, Formula $after, Keep $keep): array
    {
        $struck = [];
        foreach ($said as $each) {
            $why = $this->why($each, $after, $keep);
            // A sentence goes once, with the first reason that it gives.
            $place = ($each->step ?? $each->fate->value).'-'.$each->from;
            if ($why !== '' && ! isset($struck[$place])) {
                $at = $each->from + self::clause($each->sentence, $each->at);
                $struck[$place] = new Struck(
                    substr($each->sentence, $at - $each->from), $why, $each->step, $at,
                );
            }
        }

        return array_values($struck);
    }

    private function why(Said $said, Formula $after, Keep $keep): string
    {
        $topic = explode(':', $said->topic);

        return match ($topic[0]) {
            'free' => $said->fate === Fate::Ingredient ? '' : $this->notFree($topic[1], $after),
            'contains' => 'That was of the recipe as written: what it holds now stands under “Allergens”.',
            'figures' => $said->fate === Fate::Ingredient || $said->fate === Fate::Title ? ''
                : 'These figures (carbs, energy) are of the recipe as written, not of what is made now: never reckon insulin by them.',
            'canned' => "No water bath and no shelf: without sugar it does not keep in jars. It keeps $keep->text.",
            'stored' => $this->keepsOtherwise($said->sentence, $keep)
                ? "Written for the recipe with sugar; that no longer holds. It keeps $keep->text." : '',
            'dog' => $said->fate === Fate::Step && $after->gramsOf('xylitol') > 0
                ? 'Xylitol kills dogs: never give this to a dog any more.' : '',
            default => '',
        };
    }

    private function notFree(string $kind, Formula $after): string
    {
        $kinds = self::KINDS[$kind] ?? [$kind];
        $held = array_filter(
            $this->allergens->in($after),
            static fn (Allergen $a): bool => in_array($a->kind, $kinds, true),
        );

        return $held === [] ? '' : sprintf(
            'The recipe says so of itself; it now holds %s, so that is no longer true.',
            implode(' and ', array_map(static fn (Allergen $a): string => $a->text(), $held)),
        );
    }

    /** It is to stand warmer, or for longer, than it bears. */
    private function keepsOtherwise(string $sentence, Keep $keep): bool
    {
        $said = $this->reader->read($sentence);

        return ($keep->isCold() && ! $said->isCold()) || $said->days > $keep->days ||
            ($said->days === 0 && ! $said->isCold());
    }

    /** Where in a sentence the clause begins that holds a byte: "Cool, and keep in a tin" keeps its first word. */
    private static function clause(string $sentence, int $at): int
    {
        $from = 0;
        foreach (self::JOINERS as $joiner) {
            $joined = strrpos(substr($sentence, 0, $at + strlen($joiner) - 1), $joiner);
            $from = max($from, $joined === false ? 0 : $joined);
        }

        return $from;
    }
}

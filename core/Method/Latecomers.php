<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Soaking;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** Finds a moment for what no sentence of the method takes, and says that it is ours. */
final readonly class Latecomers
{
    /** With what a thing that nobody mentioned goes in: the first of these that the method takes. */
    private const WITH = [
        'sweet' => [Role::Sweet, Role::Fat, Role::Egg, Role::Wet, Role::Body],
        'body' => [Role::Body, Role::Lift, Role::Egg, Role::Fat],
        'binder' => [Role::Body, Role::Lift, Role::Sweet, Role::Wet, Role::Egg],
        'lift' => [Role::Body, Role::Lift, Role::Egg],
        'egg' => [Role::Egg, Role::Fat, Role::Wet, Role::Body],
        'wet' => [Role::Wet, Role::Egg, Role::Fat, Role::Body],
        'fat' => [Role::Fat, Role::Sweet, Role::Wet, Role::Body],
        'mixin' => [Role::Mixin, Role::Body, Role::Wet],
        'flavour' => [Role::Flavour, Role::Egg, Role::Wet, Role::Fat, Role::Body],
    ];

    /** A step that goes on into the oven or the cold: behind it nothing can be mixed in. */
    private const CLOSES = '~\b(?:bakes?|baked|oven|freeze|frozen|freezer|chill|fridge|refrigerate)\b|\d{3}\s?°?\s?[CF]\b~iu';

    public function __construct(private Patterns $patterns) {}

    /**
     * What no sentence takes goes in with its like, and is said so.
     *
     * @param  list<Operation>  $operations
     * @param  array<int, list<Part>>  $own
     * @param  array<string, true>  $taken
     */
    public function place(Swap $swap, Rewriting $rewriting, array $operations, array $own, array $taken): void
    {
        $late = [];
        if (array_merge([], ...array_map(static fn (Operation $o): array => $o->doses(), $operations)) === []) {
            // A method that names nothing leaves it to the baker what goes in when.
            return;
        }
        $whole = $this->partsOfTheirOwn($swap, $rewriting, $operations);
        foreach ($swap->exchanges as $e => $exchange) {
            if (in_array($exchange->component, $whole, true)) {
                continue;
            }
            foreach ($exchange->changed ? $exchange->to : [] as $p => $part) {
                if (! isset($taken["e$e-$p"])) {
                    $at = $this->placeOf($swap, $operations, $part->food->role, $exchange->component);
                    $isSaid = ! in_array($part, $own[$e], true);
                    $isThere = array_filter(
                        $rewriting->uses[$at] ?? [],
                        static fn (StepUse $u): bool => $u->food->key === $part->food->key,
                    ) !== [];
                    if ($part->food->role === Role::Lift && $isThere) {
                        // The new flour brings some as well, and is named with it.
                        $rewriting->uses[$at][] = new StepUse($part->food, $part->grams);

                        continue;
                    }
                    $isDry = in_array($part->food->role, [Role::Binder, Role::Lift], true);
                    $kind = $isDry ? 'binder' : ($isSaid ? 'said' : 'new');
                    $late[$at][$kind][] = new StepUse($part->food, $part->grams);
                }
            }
            foreach ($exchange->changed ? [] : $exchange->from as $d) {
                $dose = $swap->before->doses[$d];
                if (! isset($taken["d$d"]) && $dose->food !== null && $dose->grams !== null) {
                    $at = $this->placeOf($swap, $operations, $dose->food->role, $dose->component);
                    $late[$at]['old'][] = new StepUse($dose->food, $dose->mass());
                }
            }
        }
        foreach ($late as $at => $kinds) {
            if (isset($kinds['binder'])) {
                $rewriting->before[$at][] = self::step(
                    'Whisk the %s into the dry ingredients, so that %s not clump.',
                    $kinds['binder'],
                    ['it does', 'they do'],
                );
            }
            $new = [...$kinds['new'] ?? [], ...$kinds['said'] ?? []];
            $isClosed = preg_match(self::CLOSES, $operations[$at]->step->text) === 1;
            $told = array_values(array_filter([
                $new === [] ? null
                    : self::step($isClosed ? 'Mix in the %s too in the next step.' : 'Mix in the %s here.', $new),
                ! isset($kinds['old']) ? null : self::step(
                    'The method does not say when the %s %s '.
                        ($isClosed ? 'in the next step, before it is baked or chilled.' : 'here.'),
                    $kinds['old'],
                    ['goes in: add it', 'go in: add them'],
                ),
            ]));
            if ($isClosed) {
                $rewriting->before[$at] = [...$rewriting->before[$at] ?? [], ...$told];
            } else {
                $rewriting->behind[$at] = [...$rewriting->behind[$at] ?? [], ...$told];
            }
        }
    }

    /**
     * @param  list<StepUse>  $uses
     * @param  array{string, string}  $verb  of one thing, and of several
     */
    private static function step(string $text, array $uses, array $verb = ['', '']): PlannedStep
    {
        $names = array_map(static fn (StepUse $u): string => NewNames::name($u->food), $uses);
        $isSeveral = count(array_unique($names)) > 1 || preg_match('~[^s]s$~u', $names[0]) === 1;

        return PlannedStep::usual(sprintf($text, NewNames::list($names), $verb[(int) $isSeveral]), [], null, $uses);
    }

    /**
     * Parts of the dessert of which the method takes nothing by name, "bake the crust": mixed as is usual, before they
     * are needed.
     *
     * @param  list<Operation>  $operations
     * @return list<int> components
     */
    private function partsOfTheirOwn(Swap $swap, Rewriting $rewriting, array $operations): array
    {
        $takenOf = [];
        foreach ($operations as $operation) {
            foreach ($operation->doses() as $d) {
                if ($swap->before->doses[$d]->isCounted()) {
                    $takenOf[$swap->before->doses[$d]->component] = true;
                }
            }
        }
        $parts = [];
        foreach ($swap->after->components as $c => $name) {
            $doses = array_values(
                array_filter(
                    $swap->after->doses,
                    static fn (Dose $d): bool => $d->component === $c && $d->food !== null && $d->grams !== null,
                ),
            );
            if ($name === '' || isset($takenOf[$c]) || $doses === []) {
                continue;
            }
            // What a dessert is finished with is put on it as it is, at the end.
            $isPutOn = preg_match('~^to\s+(?:finish|serve|decorate|garnish)~iu', $name) === 1 && array_filter(
                $doses,
                static fn (Dose $d): bool => ! in_array($d->food?->role, [Role::Mixin, Role::Flavour], true),
            ) === [];
            $at = $isPutOn ? count($operations) - 1 : 0;
            foreach ($operations as $i => $operation) {
                if (preg_match('~\b'.preg_quote($name, '~').'\b~iu', $operation->step->text) === 1) {
                    $at = $i;

                    break;
                }
            }
            $uses = [];
            foreach ($doses as $dose) {
                $uses = [...$uses, ...$dose->food === null ? [] : [new StepUse($dose->food, $dose->mass())]];
            }
            $names = array_map(static fn (Dose $d): string => NewNames::name($d->known()), $doses);
            $rewriting->before[$at][] = PlannedStep::usual(
                match (true) {
                    // One thing alone is mixed with nothing.
                    $isPutOn, count(array_unique($names)) === 1 => "$name: the ".NewNames::list($names).'.',
                    preg_match('~^to\s~iu', $name) === 1 => "$name, as is usual: ".
                        $this->patterns->mixing($swap, $swap->families[$c], $doses),
                    default => "The $name, as is usual. ".$this->patterns->mixing($swap, $swap->families[$c], $doses),
                },
                [],
                null,
                $uses,
                $c,
            );
            $parts[] = $c;
        }

        return $parts;
    }

    /** @param  list<Operation>  $operations */
    private function placeOf(Swap $swap, array $operations, Role $role, int $component): int
    {
        foreach ([$component, null] as $where) {
            foreach ([...self::WITH[$role->value], ...Role::cases()] as $with) {
                foreach ($operations as $i => $operation) {
                    foreach ($operation->doses() as $d) {
                        $dose = $swap->before->doses[$d];
                        $isSoak =
                            $dose->soaking !== Soaking::None && ! in_array($role, [Role::Mixin, Role::Wet], true);
                        $isHere = $where === null || $dose->component === $where;
                        if ($dose->food?->role === $with && ! $isSoak && $isHere) {
                            return $i;
                        }
                    }
                }
            }
        }

        return 0;
    }
}

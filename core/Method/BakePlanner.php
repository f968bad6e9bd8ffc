<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Family\OvenPlan;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\Duration;
use Aglyca\Core\Quantity\Temperature;
use Aglyca\Core\Reading\Heat;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\Timing;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** Rewrites the method for the swapped dessert: heats, times, rests and cooling. */
final readonly class BakePlanner
{
    /** Work that comes before the oven in the same breath: there the mix cannot be made to wait. */
    private const MIXES = '~\b(?:mix|stir|beat|fold|whisk|press|spread|pour|rub|knead|shape|roll|pipe|divide|put)\b[^.!?]{0,120}?(?<bake>[,;]?\s+(?:and\s+|then\s+)*bake)\b~iu';

    private const MIXING = '~\b(?:mix|stir|beat|fold|whisk|combine|blend|cream|knead|process|pulse|whip|melt|rub|simmer|boil|cook|heat\s+(?:the\s+)?(?:cream|milk)|usual|as\s+for)\w*\b~iu';

    public function __construct(
        private Preparations $preparations,
        private MethodReader $reader,
        private MethodWriter $writer,
        private Patterns $patterns,
        private Extras $extras,
        private Constants $constants,
        private OtherAppliance $appliance,
    ) {}

    /**
     * @param  list<Step>  $steps
     * @return list<PlannedStep>
     */
    public function steps(Swap $swap, array $steps): array
    {
        return $this->appliance->in($swap, $this->inTheRecipesOwn($swap, $steps));
    }

    /**
     * @param  list<Step>  $steps
     * @return list<PlannedStep>
     */
    private function inTheRecipesOwn(Swap $swap, array $steps): array
    {
        if ($steps === []) {
            return [...$this->preparations->of($swap), ...$this->patterns->steps($swap)];
        }
        $oven = $swap->oven;
        $isBaked = $swap->before->making->isBaked;
        [$steps, $restAt] = $this->parted($steps, $isBaked ? $oven->restMinutes : 0, $this->floured($swap, $steps));
        $operations = $this->reader->read($swap->before, $steps);
        $rewriting = $this->writer->write($swap, $operations);
        $extra = $this->extras->of($swap, $operations);
        $cool = $this->coolMinutes($swap, $steps);
        $planned = [...$this->preparations->of($swap), ...$this->unsaidMixing($swap, $operations)];
        $lastBake = array_key_last(array_filter($steps, static fn (Step $s): bool => $s->isBake && $s->times !== []));
        foreach ($operations as $i => $operation) {
            $step = $operation->step;
            array_push(
                $planned,
                ...array_map(PlannedStep::added(...), $extra->before[$i] ?? []),
                ...$rewriting->before[$i] ?? [],
            );
            $inside = $i === $restAt ? $this->waitInside($step) : null;
            if ($inside !== null) {
                [$at, $length] = $inside;
                $rewriting->edit(
                    $i,
                    $at,
                    $length,
                    ", let it stand for $oven->restMinutes minutes (the flour drinks), then bake",
                );
            } elseif ($i === $restAt) {
                $planned[] = PlannedStep::added(
                    "Let it stand for $oven->restMinutes minutes before it is baked: the flour drinks.",
                );
            }
            $rewritten = $this->step(
                $oven,
                $operation,
                $isBaked,
                $rewriting->edits[$i] ?? [],
                $rewriting->uses[$i] ?? [],
                $swap->wishes->kitchen->heats,
            );
            if (trim($rewritten->text()) !== '') {
                $planned[] = $rewritten;
            }
            array_push(
                $planned,
                ...$rewriting->behind[$i] ?? [],
                ...array_map(PlannedStep::added(...), $extra->behind[$i] ?? []),
            );
            if ($i === $lastBake && $cool > 0 && ! $this->cools($step) && ! $this->cools($steps[$i + 1] ?? null)) {
                $isRacked = preg_match('~\brack\b~iu', $step->text) === 1;
                $planned[] = PlannedStep::added(
                    ($isRacked ? 'Before it goes on the rack leave' : 'Leave').
                        " it where it is for $cool minutes".
                        ($isRacked ? '' : ' before moving it').
                        ': without sugar it is fragile while hot.',
                );
            }
        }

        return $planned;
    }

    /**
     * A method of three words, "400°, 15 minutes", leaves the mixing to the family's usual way.
     *
     * @param  list<Operation>  $operations
     * @return list<PlannedStep>
     */
    private function unsaidMixing(Swap $swap, array $operations): array
    {
        $text = implode(' ', array_map(static fn (Operation $o): string => $o->step->text, $operations));
        $named = array_merge([], ...array_map(static fn (Operation $o): array => $o->mentions, $operations));
        $done = array_filter($operations, static fn (Operation $o): bool => $o->action !== null);
        if ($named !== [] || $done !== [] || preg_match(self::MIXING, $text) === 1) {
            return [];
        }
        $mixing = $this->patterns->mixing(
            $swap,
            $swap->family(),
            array_values(
                array_filter($swap->after->doses, static fn (Dose $d): bool => $d->food !== null && $d->grams !== null),
            ),
        );

        return $mixing === '' ? [] : [PlannedStep::added('As is usual: '.$mixing)];
    }

    /**
     * The method as the recipe has it, with what goes in at each step.
     *
     * @param  list<Step>  $steps
     * @return list<PlannedStep>
     */
    public function written(Formula $formula, array $steps): array
    {
        [$planned, $taken] = [[], []];
        foreach ($this->reader->read($formula, $steps) as $operation) {
            $fresh = array_values(array_diff($operation->doses(), $taken));
            $taken = [...$taken, ...$fresh];
            $uses = [];
            foreach ($fresh as $d) {
                $dose = $formula->doses[$d];
                if ($dose->food !== null && $dose->grams !== null) {
                    $uses[] = new StepUse($dose->food, $dose->mass());
                }
            }
            $step = $operation->step;
            $time = $step->bakes()[0] ?? $step->times[0] ?? null;
            $planned[] = PlannedStep::rewritten(
                [new StepPiece($step->text)],
                $step->text,
                array_map(static fn (Heat $h): float => $h->temperature->celsius, $step->heats),
                $time === null ? null : Duration::minutes($time->low, $time->high),
                $operation->action,
                $uses,
                $operation->component,
            );
        }

        return $planned;
    }

    /**
     * Where in a sentence that mixes and bakes in one breath the mix has to wait: at the words that send it to the
     * oven.
     *
     * @return ?array{int, int} byte and length
     */
    private function waitInside(Step $step): ?array
    {
        if (preg_match(self::MIXES, $step->text, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return null;
        }

        return [$m['bake'][1], strlen($m['bake'][0])];
    }

    /**
     * The steps, where the mix has to wait parted at the oven's door, and before which of them it waits.
     *
     * @param  list<Step>  $steps
     * @param  int  $floured  before this step there is no dough that could drink
     * @return array{list<Step>, ?int}
     */
    private function parted(array $steps, int $minutes, int $floured): array
    {
        foreach ($minutes === 0 ? [] : array_slice($steps, $floured, null, true) as $i => $step) {
            if ($this->rests($step, $minutes)) {
                return [$steps, null];
            }
            if (! $step->isBake || $step->times === []) {
                continue;
            }
            $from = $step->bakingFrom();
            if ($from === null) {
                return [$steps, $i];
            }
            array_splice($steps, $i, 1, [$step->before($from), $step->from($from)]);

            return [array_values($steps), $i + 1];
        }

        return [$steps, null];
    }

    /**
     * The first step that takes flour; 0 where it is baked but once, or none does.
     *
     * @param  list<Step>  $steps
     */
    private function floured(Swap $swap, array $steps): int
    {
        if (count(array_filter($steps, static fn (Step $s): bool => $s->isBake && $s->times !== [])) < 2) {
            return 0;
        }
        $flours = [];
        foreach ($swap->exchanges as $exchange) {
            $isFlour = array_filter($exchange->to, static fn (Part $p): bool => $p->food->role === Role::Body) !== [];
            $flours = [...$flours, ...$isFlour && $exchange->changed ? $exchange->from : []];
        }
        foreach ($this->reader->read($swap->before, $steps) as $i => $operation) {
            if (array_intersect($operation->doses(), $flours) !== []) {
                return $i;
            }
        }

        return 0;
    }

    /** Whether a step lets it stand anyway. */
    private function cools(?Step $step): bool
    {
        // A sponge that is rolled is rolled while it is warm.
        return preg_match('~\b(?:cool|stand|rest|leave)\b[^.]{0,40}\d+\s*min|\broll\b[^.]{0,30}\b(?:towel|cake|sponge|paper|parchment|it|up)\b~iu', $step->text ?? '') === 1 ||
            preg_match('~\b(?:until|till)\s+(?:\w+\s+)?(?:cold|cool)\b|\bcool\s+completely\b~iu', $step->text ?? '') ===
                1;
    }

    /** Whether the mix waits as long in a step anyway. */
    private function rests(Step $step, int $minutes): bool
    {
        $isLong = static fn (Timing $t): bool => ! $t->isBaking && $t->low >= $minutes;

        return preg_match('~\b(?:chill|rest|stand|refrigerate|fridge|freeze|proves?|rises?|rising)\b~iu', $step->text) === 1 &&
            (preg_match('~\bovernight\b~iu', $step->text) === 1 || array_filter($step->times, $isLong) !== []);
    }

    /**
     * @param  array<int, array{int, string}>  $new  words that the swap changes, by their byte
     * @param  list<StepUse>  $uses
     * @param  string  $says  how the kitchen says heats
     */
    private function step(
        OvenPlan $oven,
        Operation $operation,
        bool $isBaked,
        array $new,
        array $uses,
        string $says,
    ): PlannedStep {
        $step = $operation->step;
        $heats = [];
        foreach ($step->heats as $heat) {
            // Of all heats only the oven's may be changed.
            $lowered = $heat->isOven ? $heat->temperature->lowerBy($oven->loweredByCelsius) : $heat->temperature;
            $heats[] = $lowered->celsius;
            // A number alone is said with its scale: 250 is an oven in one, and charcoal in the other.
            $isBare = preg_match('~^\d+$~', substr($step->text, $heat->at, $heat->length)) === 1;
            if ($heat->isOven && ($isBare || $oven->loweredByCelsius > 0 || $says !== '')) {
                $new[$heat->at] = [$heat->length, $this->dial($heat, $lowered, $says)];
            }
        }
        if ($oven->appliance === 'air-fryer') {
            preg_match_all('~\boven\b(?!\s*(?:proof|glove|mitt))~iu', $step->text, $ovens, PREG_OFFSET_CAPTURE);
            foreach ($ovens[0] as [$word, $at]) {
                $new[$at] ??= [strlen($word), 'air fryer'];
            }
        }
        $isMicrowaved = $operation->action?->place === 'microwave';
        $factor = match (true) {
            $isMicrowaved => $oven->loweredByCelsius > 0 ? 1 - $this->constants->get('microwave-shorter') : 1.0,
            default => $isBaked && $step->isBake ? $oven->timeFactor() : 1.0,
        };
        foreach ($factor === 1.0 ? [] : ($isMicrowaved ? $step->times : $step->bakes()) as $time) {
            // "9-11 min. 60 cookies": the stop ended the sentence.
            $behind = substr($step->text, $time->at + $time->length - 1);
            $stop = preg_match('~^\.\s+\d+\s+\pL~u', $behind) === 1 ? '.' : '';
            $new[$time->at] = [
                $time->length,
                Duration::minutes($time->low, $time->high)->times($factor)->onClock()->text().$stop,
            ];
        }
        $told = $step->bakes()[0] ?? $step->times[0] ?? null;
        $minutes = $told === null ? null : Duration::minutes($told->low, $told->high);
        if ($minutes !== null && $told->isBaking && $factor !== 1.0) {
            $minutes = $minutes->times($factor)->onClock();
        }

        return PlannedStep::rewritten(
            self::pieces($step->text, $new),
            $step->text,
            $heats,
            $minutes,
            $operation->action,
            $uses,
            $operation->component,
        );
    }

    /**
     * @param  array<int, array{int, string}>  $new  by the byte where it stands: how long the old is, and the new
     * @return list<StepPiece>
     */
    private static function pieces(string $text, array $new): array
    {
        ksort($new);
        [$pieces, $done] = [[], 0];
        foreach ($new as $at => [$length, $words]) {
            if ($at >= $done) {
                $pieces[] = new StepPiece(substr($text, $done, $at - $done));
                $pieces[] = new StepPiece($words, substr($text, $at, $length));
                $done = $at + $length;
            }
        }
        $pieces[] = new StepPiece(substr($text, $done));

        return array_values(array_filter($pieces, static fn (StepPiece $p): bool => $p->text !== '' || $p->was !== ''));
    }

    /** As an oven is set, in the kitchen's scale, or else in that which the recipe speaks; a fan oven stays one. */
    private function dial(Heat $heat, Temperature $new, string $says): string
    {
        $step = $this->constants->get('snap-oven-c');
        $celsius = $new->celsiusOnDial($step);
        $fan = $new->lowerBy($this->constants->get('fan-offset-c'))->celsiusOnDial($step);
        $fahrenheit = $new->fahrenheitOnDial($this->constants->get('snap-oven-f'));

        return match (true) {
            $says === 'celsius' => "$celsius °C",
            $says === 'fahrenheit' => "$fahrenheit °F",
            $says === 'fan' => "$fan °C fan",
            $says === 'gas' => 'gas mark '.$new->onGasDial($this->constants->get('gas-mark-1-f')),
            $heat->isFan => "$fan °C fan ($celsius °C without fan)",
            $heat->isFahrenheit => "$fahrenheit °F / $celsius °C".($heat->saysFan ? " ($fan °C fan)" : ''),
            default => "$celsius °C".($heat->saysFan ? " ($fan °C fan)" : ''),
        };
    }

    /** @param  list<Step>  $steps */
    private function coolMinutes(Swap $swap, array $steps): int
    {
        $bakes =
            $swap->before->making->isBaked &&
            array_filter($steps, static fn (Step $s): bool => $s->isBake && $s->times !== []) !== [];

        return $bakes && $swap->family()->fragile && $this->holdsSweetener($swap)
            ? (int) $this->constants->get('erythritol-cool-on-sheet') : 0;
    }

    private function holdsSweetener(Swap $swap): bool
    {
        foreach ($swap->after->doses as $dose) {
            if ($dose->food !== null && ($dose->food->per100->polyolGrams() > 0 || $dose->food->per100->allulose > 0)) {
                return true;
            }
        }

        return false;
    }
}

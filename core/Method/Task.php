<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Quantity\Altered;

/** A piece of a step that can be planned, ticked and timed by itself. */
final readonly class Task
{
    use Altered;

    /** @var list<StepUse> each food once */
    public array $uses;

    /**
     * A record: what the Day, the Counter and a plan in JSON each read one field of.
     *
     * @param  string  $id  unique among the desserts that are planned together
     * @param  string  $written  the step of the recipe that it comes from; "" for what is ours
     * @param  list<StepUse>  $uses  what goes in at it; the same food twice is weighed at once
     * @param  int  $low  minutes of one batch
     * @param  list<float>  $heats  °C, of an oven without fan
     * @param  string  $until  how it looks when it is done, in the words of the text
     * @param  list<Link>  $after
     * @param  int  $batches  how often it is done, a sheet or a tin at a time
     */
    public function __construct(
        public string $id,
        public string $component,
        public string $dessert,
        public Action $action,
        public string $text,
        public string $written,
        array $uses,
        public int $low,
        public int $typical,
        public int $high,
        public Hands $hands,
        public string $place,
        public array $heats,
        public string $until,
        public array $after = [],
        public int $batches = 1,
    ) {
        $this->uses = StepUse::once($uses);
    }

    /** @param  list<Link>  $after */
    public function following(array $after): self
    {
        return $this->but(after: $after);
    }

    /** Done in so many batches, of which each takes its part of the time that hands need. */
    public function inBatches(int $batches): self
    {
        $part = fn (int $m): int => $this->hands->isAll ? max(1, (int) ceil($m / $batches)) : $m;

        return $this->but(
            batches: $batches,
            low: $part($this->low),
            typical: $part($this->typical),
            high: $part($this->high),
        );
    }

    /** Done elsewhere than the method thought. */
    public function at(string $place): self
    {
        return $this->but(place: $place);
    }

    public function lasting(int $minutes): self
    {
        return $this->but(low: min($this->low, $minutes), typical: $minutes, high: max($this->high, $minutes));
    }

    /** The same without a latest moment. */
    public function loose(): self
    {
        return $this->following(array_map(static fn (Link $l): Link => new Link($l->task, $l->atLeast), $this->after));
    }

    public function isHot(): bool
    {
        return in_array($this->place, ['oven', 'hob', 'microwave', 'iron', 'air-fryer'], true);
    }

    public function isWait(): bool
    {
        return ! $this->hands->isAll;
    }
}

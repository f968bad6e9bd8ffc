<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Reading\Step;

/** One step of the method, understood: what is done, and with what. */
final readonly class Operation
{
    /**
     * @param  list<Mention>  $mentions  in the order of the text
     * @param  ?int  $component  of the dessert that it works on
     */
    public function __construct(
        public Step $step,
        public ?Action $action,
        public array $mentions,
        public ?int $component,
    ) {}

    /**
     * With a dose more, where it takes one that the dose goes with.
     *
     * @param  callable(int): bool  $isSibling
     */
    public function with(int $dose, callable $isSibling): ?self
    {
        foreach ($this->mentions as $n => $mention) {
            if (! $mention->isMixture && array_filter($mention->doses, $isSibling) !== []) {
                $mentions = $this->mentions;
                $mentions[$n] = new Mention(
                    $mention->at,
                    $mention->length,
                    [...$mention->doses, $dose],
                    $mention->isGroup,
                );

                return new self($this->step, $this->action, array_values($mentions), $this->component);
            }
        }

        return null;
    }

    public function taking(Mention $more): self
    {
        $mentions = [...$this->mentions, $more];
        usort($mentions, static fn (Mention $a, Mention $b): int => $a->at <=> $b->at);

        return new self($this->step, $this->action, $mentions, $this->component);
    }

    /** @return list<int> doses that the sentence of a mention takes */
    public function ofSentence(Mention $mention): array
    {
        $doses = [];
        foreach ($this->mentions as $other) {
            [$from, $to] = [min($mention->at, $other->at), max($mention->at, $other->at)];
            if (preg_match('~[.!?;]\s~', substr($this->step->text, $from, $to - $from)) !== 1) {
                array_push($doses, ...$other->doses);
            }
        }

        return array_values(array_unique($doses));
    }

    /** @return list<int> doses that it takes, by name or in a group */
    public function doses(): array
    {
        return array_values(
            array_unique(
                array_merge(
                    [],
                    ...array_map(static fn (Mention $m): array => $m->isMixture ? [] : $m->doses, $this->mentions),
                ),
            ),
        );
    }
}

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

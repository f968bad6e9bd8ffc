<?php

declare(strict_types=1);

namespace Aglyca\Core\Trial;

/** A cause that may be behind how a bake came out. */
final readonly class FoundCause
{
    /**
     * @param  list<string>  $because  what speaks for it
     * @param  list<string>  $against
     */
    public function __construct(
        public string $key,
        public string $label,
        public float $probability,
        public array $because,
        public array $against,
        public ?Change $change,
    ) {}
}

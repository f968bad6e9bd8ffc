<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

/** A kind of allergen that a dessert holds. */
final readonly class Allergen
{
    /**
     * @param  list<string>  $which  of the kind: almond, walnut; none where the kind says it all
     * @param  bool  $isEu  on the list of the EU
     * @param  bool  $isUs  on that of the US
     */
    public function __construct(
        public string $kind,
        public string $name,
        public array $which,
        public bool $isEu,
        public bool $isUs,
    ) {}

    /** "nuts (almond, walnut)" */
    public function text(): string
    {
        return $this->name.($this->which === [] ? '' : ' ('.implode(', ', $this->which).')');
    }

    /** @param  list<string>  $which */
    public function with(array $which): self
    {
        return new self($this->kind, $this->name, $which, $this->isEu, $this->isUs);
    }

    /** On which list it is alone, in words; "" where it is on both. */
    public function lists(): string
    {
        return match (true) {
            $this->isEu && $this->isUs => '',
            $this->isEu => "$this->name is on the EU list alone",
            $this->isUs => implode(', ', $this->which ?: [$this->name]).' is on the US list alone',
            default => "$this->name is on neither list",
        };
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core\Bench;

use Aglyca\Core\Account\Convention;

/** What a baker has said about one dessert: the text as typed, corrections, wishes. All else is computed from it. */
final readonly class Document
{
    public const DEFAULTS = ['sweetener' => 'allulose-erythritol', 'school' => 'almond-coconut', 'sweetness' => 0.9, 'convention' => 'low-carb', 'pieces' => null];

    /**
     * @param  array<string, array{food?: string, grams?: float, package?: string, left_out?: bool}>  $corrections  by line key
     * @param  ?float  $pieces  null takes what the text says
     */
    public function __construct(
        public string $text,
        public array $corrections = [],
        public string $sweetener = self::DEFAULTS['sweetener'],
        public string $school = self::DEFAULTS['school'],
        public float $sweetness = self::DEFAULTS['sweetness'],
        public ?float $pieces = null,
        public Convention $convention = Convention::LowCarb,
        public string $title = '',
    ) {}

    /** @param  array<string, mixed>  $stored what `toArray()` gave */
    public static function fromArray(array $stored): self
    {
        return new self(
            (string) ($stored['text'] ?? ''), (array) ($stored['corrections'] ?? []),
            (string) ($stored['sweetener'] ?? self::DEFAULTS['sweetener']), (string) ($stored['school'] ?? self::DEFAULTS['school']),
            (float) ($stored['sweetness'] ?? self::DEFAULTS['sweetness']), isset($stored['pieces']) ? (float) $stored['pieces'] : null,
            Convention::tryFrom((string) ($stored['convention'] ?? '')) ?? Convention::LowCarb, (string) ($stored['title'] ?? ''),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'text' => $this->text, 'corrections' => $this->corrections, 'sweetener' => $this->sweetener, 'school' => $this->school,
            'sweetness' => $this->sweetness, 'pieces' => $this->pieces, 'convention' => $this->convention->value, 'title' => $this->title,
        ];
    }

    /** @param  array<string, mixed>  $changes by the names of `toArray()` */
    public function with(array $changes): self
    {
        return self::fromArray([...$this->toArray(), ...$changes]);
    }
}

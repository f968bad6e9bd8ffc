<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Formula\PortionPlan;
use Aglyca\Core\Swap\Wishes;

/** What a baker has said about one dessert: the text as typed, corrections, wishes. All else is computed from it. */
final readonly class Brief
{
    public const DEFAULTS = ['sweetener' => 'allulose-erythritol', 'school' => 'almond-coconut', 'sweetness' => 0.9, 'convention' => 'low-carb', 'pieces' => null];

    /**
     * @param  array<string, array{food?: string, grams?: float, package?: string, left_out?: bool}>  $corrections  by line key
     * @param  ?float  $pieces  null takes what the text says
     * @param  list<float>  $shares  of the sweetness, where the baker set the blend
     * @param  array<int, string>  $families  by component, where the baker chose one
     * @param  array<string, float>  $amounts  "component:food" => grams typed in
     * @param  list<string>  $left  keys of lines to leave as they are
     * @param  list<string>  $without  allergens
     * @param  list<string>  $corners  three sweeteners of the baker's choice
     * @param  float  $scale  how much of the recipe is made
     * @param  ?array{to: array{length: float, width: float, round: bool, depth: ?float}, from?: array{length: float, width: float, round: bool, depth: ?float}}  $pan  the baker's own, and the recipe's where its text does not say
     * @param  list<string>  $refused  the kitchen's foods never to be used: not stored with the document
     * @param  ?float  $limit  the kitchen's, g net carbs a piece: not stored with the document
     * @param  ?float  $bodyMass  of whom the kitchen bakes for, kg: not stored with the document
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
        public array $shares = [],
        public array $families = [],
        public array $amounts = [],
        public array $left = [],
        public array $without = [],
        public float $cooler = 0.0,
        public array $corners = [],
        public array $refused = [],
        public ?float $limit = null,
        public PortionPlan $sharing = new PortionPlan,
        public float $scale = 1.0,
        public ?array $pan = null,
        public ?float $bodyMass = null,
    ) {}

    /** @param  float  $longer  what another pan makes of the time */
    public function wishes(float $longer = 1.0): Wishes
    {
        return Wishes::of($this->sweetener, $this->school, $this->sweetness, [
            'shares' => $this->shares, 'families' => $this->families, 'amounts' => $this->amounts, 'left' => $this->left,
            'refused' => $this->refused, 'without' => $this->without, 'limit' => $this->limit, 'cooler' => $this->cooler, 'corners' => $this->corners,
            'longer' => $longer, 'bodyMass' => $this->bodyMass,
        ]);
    }

    /** @param  array<string, mixed>  $stored what `toArray()` gave */
    public static function fromArray(array $stored): self
    {
        return new self(
            (string) ($stored['text'] ?? ''), (array) ($stored['corrections'] ?? []),
            (string) ($stored['sweetener'] ?? self::DEFAULTS['sweetener']), (string) ($stored['school'] ?? self::DEFAULTS['school']),
            (float) ($stored['sweetness'] ?? self::DEFAULTS['sweetness']), isset($stored['pieces']) ? (float) $stored['pieces'] : null,
            Convention::tryFrom((string) ($stored['convention'] ?? '')) ?? Convention::LowCarb, (string) ($stored['title'] ?? ''),
            array_map(floatval(...), array_values((array) ($stored['shares'] ?? []))), array_map(strval(...), (array) ($stored['families'] ?? [])), array_map(floatval(...), (array) ($stored['amounts'] ?? [])),
            array_values((array) ($stored['left'] ?? [])), array_values((array) ($stored['without'] ?? [])), (float) ($stored['cooler'] ?? 0.0), array_values((array) ($stored['corners'] ?? [])),
            array_values((array) ($stored['refused'] ?? [])), isset($stored['limit']) ? (float) $stored['limit'] : null,
            PortionPlan::fromArray((array) ($stored['sharing'] ?? [])), (float) ($stored['scale'] ?? 1.0), isset($stored['pan']) ? (array) $stored['pan'] : null, isset($stored['bodyMass']) ? (float) $stored['bodyMass'] : null,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'text' => $this->text, 'corrections' => $this->corrections, 'sweetener' => $this->sweetener, 'school' => $this->school,
            'sweetness' => $this->sweetness, 'pieces' => $this->pieces, 'convention' => $this->convention->value, 'title' => $this->title,
            'shares' => $this->shares, 'families' => $this->families, 'amounts' => $this->amounts, 'left' => $this->left, 'without' => $this->without, 'cooler' => $this->cooler, 'corners' => $this->corners,
            'sharing' => $this->sharing->toArray(), 'scale' => $this->scale, 'pan' => $this->pan,
        ];
    }

    /** @param  array<string, mixed>  $changes by the names of `toArray()` */
    public function with(array $changes): self
    {
        return self::fromArray([...$this->toArray(), 'refused' => $this->refused, 'limit' => $this->limit, 'bodyMass' => $this->bodyMass, ...$changes]);
    }
}

<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\Kept\RecipeWriter;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\Recipe;
use TypeError;

/**
 * How a dessert was read when it was last changed, with what it was read of. It stays so, whatever the reader learns,
 * until its baker has it read anew.
 */
final readonly class KeptReading
{
    private const READ_OF = ['text', 'corrections', 'fates', 'measures', 'steps'];

    /**
     * @param  array<string, mixed>  $of  the fields of a brief on which a reading depends, as `BriefJson` has them
     * @param  array<string, mixed>  $recipe  as `RecipeWriter` has it
     * @param  list<string>  $told  names that the kitchen had said what they are, in normal form
     */
    private function __construct(private array $of, public array $recipe, public array $told = []) {}

    /** @param  list<string>  $told */
    public static function of(Brief $brief, Recipe $recipe, array $told = []): self
    {
        $names = array_map(static fn (Line $l): string => FoodIndex::normal($l->name), $recipe->lines);

        return new self(self::readOf($brief), RecipeWriter::of($recipe), array_values(array_intersect($told, $names)));
    }

    /** @param  array<string, mixed>  $recipe  as `RecipeWriter` has it */
    public static function made(Brief $brief, array $recipe): self
    {
        return new self(self::readOf($brief), $recipe);
    }

    /** @param  array<array-key, mixed>  $json  null where it is none */
    public static function read(?array $json): ?self
    {
        if (! is_array($json['of'] ?? null) || ! is_string($json['of']['text'] ?? null) || ! is_array($json['recipe'] ?? null)) {
            return null;
        }
        $told = array_values(array_filter((array) ($json['told'] ?? []), is_string(...)));
        try {
            $kept = new self($json['of'], $json['recipe'], $told);
            $kept->brief();

            return $kept;
        } catch (TypeError) {
            return null;
        }
    }

    /** @return array{of: array<string, mixed>, recipe: array<string, mixed>, told: list<string>} */
    public function json(): array
    {
        return ['of' => $this->of, 'recipe' => $this->recipe, 'told' => $this->told];
    }

    /** It was read of this text, with these corrections. */
    public function isOf(Brief $brief): bool
    {
        return json_encode(self::readOf($brief)) === json_encode(self::readOf($this->brief()));
    }

    /** What it was read of. */
    public function brief(): Brief
    {
        return BriefJson::read($this->of);
    }

    /** @return array<string, mixed> */
    private static function readOf(Brief $brief): array
    {
        return array_intersect_key(BriefJson::of($brief), array_flip(self::READ_OF));
    }
}

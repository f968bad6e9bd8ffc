<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Reading\Corrections;
use Aglyca\Core\Reading\Kept\Carried;
use Aglyca\Core\Reading\Kept\RecipeBuilder;
use Aglyca\Core\Reading\Recipe;
use Aglyca\Core\Reading\UnreadableRecipe;
use InvalidArgumentException;

/** Reads a brief as it was kept; what was changed since, or never kept, as the reader of today does. */
final readonly class Keeper
{
    private RecipeBuilder $builder;

    /** @param  list<string>  $told  names that the kitchen said what they are, in normal form */
    public function __construct(private Wiring $core, private array $told)
    {
        $this->builder = new RecipeBuilder($core->larder, $core->units, $core->reading()->measures);
    }

    /** @throws UnreadableRecipe where neither stands */
    public function read(Brief $brief): Recipe
    {
        $kept = $this->kept($brief);
        if ($kept === null || $brief->kept === null) {
            return $this->today($brief->text, $brief->corrections);
        }
        $told = [...$this->told, ...$brief->kept->told];
        if ($brief->kept->isOf($brief)) {
            $now = $this->todayOr($kept, $brief);

            return Carried::of($kept, $now, $now, $told);
        }
        $now = $this->today($brief->text, $brief->corrections);

        return Carried::of($kept, $this->todayOr($kept, $brief->kept->brief()), $now, $told);
    }

    public function keep(Brief $brief, Recipe $recipe): KeptReading
    {
        return KeptReading::of($brief, $recipe, $this->told);
    }

    private function kept(Brief $brief): ?Recipe
    {
        try {
            return $brief->kept === null ? null : $this->builder->of($brief->kept->recipe);
        } catch (InvalidArgumentException) {
            return null;
        }
    }

    /** What is no longer read stands as it was kept. */
    private function todayOr(Recipe $kept, Brief $brief): Recipe
    {
        try {
            return $this->today($brief->text, $brief->corrections);
        } catch (UnreadableRecipe) {
            return $kept;
        }
    }

    /** @throws UnreadableRecipe */
    private function today(string $text, Corrections $corrections): Recipe
    {
        return $this->core->reading()->recipes->read($text, $corrections);
    }
}

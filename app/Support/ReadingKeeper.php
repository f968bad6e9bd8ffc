<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Brief;
use Aglyca\Core\BriefJson;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\UnreadableRecipe;
use App\Models\Kitchen;
use App\Models\Recipe;
use App\Models\Version;
use TypeError;

/** Sets down with each version how its text was read, so that no figure changes when the reader learns. */
final readonly class ReadingKeeper
{
    public function __construct(private Trade $trade) {}

    /** Before a version is stored: as it was kept, carried over what was changed of it. */
    public function keep(Version $version): void
    {
        try {
            $brief = BriefJson::read($version->document)->but(kept: $version->keptReading());
        } catch (TypeError) {
            // What is damaged is shown as such, and says so.
            return;
        }
        if ($brief->kept?->isOf($brief) !== true) {
            $version->reading = $this->reading($brief, $this->kitchen($version));
        }
    }

    /**
     * How its text is read today.
     *
     * @return ?array<string, mixed> null where it cannot be read
     */
    public function anew(Recipe $recipe, Version $version): ?array
    {
        return $this->reading(BriefJson::read($version->document), $recipe->kitchen);
    }

    /** @return ?array<string, mixed> */
    private function reading(Brief $brief, ?Kitchen $kitchen): ?array
    {
        try {
            return $this->kernel($kitchen)->keep($brief)->json();
        } catch (UnreadableRecipe) {
            return null;
        }
    }

    private function kitchen(Version $version): ?Kitchen
    {
        return Recipe::query()->withTrashed()->find($version->recipe_id)?->kitchen;
    }

    private function kernel(?Kitchen $kitchen): Kernel
    {
        return $kitchen === null ? $this->trade->kernel() : $this->trade->kernel($kitchen->stock());
    }
}

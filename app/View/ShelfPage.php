<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Reading\UnreadableRecipe;
use App\Models\Recipe;
use App\Support\Trade;
use Illuminate\Contracts\Cache\Repository;
use Throwable;

/** The Shelf's rows: each dessert with its number. */
final readonly class ShelfPage
{
    public function __construct(
        private Kernel $kernel,
        private Trade $trade,
        private Repository $cache,
        private Stock $stock,
        private Conventions $conventions,
    ) {}

    /**
     * @param  iterable<Recipe>  $recipes
     * @return list<array{recipe: Recipe, figures: ?array<string, mixed>}>
     */
    public function rows(iterable $recipes): array
    {
        $rows = [];
        foreach ($recipes as $recipe) {
            try {
                $figures = $this->figures($recipe);
            } catch (Throwable $fault) {
                // One that cannot be computed does not take the Shelf with it.
                report($fault);
                $figures = null;
            }
            if ($figures !== null) {
                $recipe->findBy($figures['kind'], (float) $figures['net']);
            }
            $rows[] = ['recipe' => $recipe, 'figures' => $figures];
        }

        return $rows;
    }

    /**
     * The desserts in which a food stands, as written or swapped.
     *
     * @param  iterable<Recipe>  $recipes
     * @return list<Recipe>
     */
    public function with(string $food, iterable $recipes): array
    {
        return array_values(
            array_map(
                static fn (array $row): Recipe => $row['recipe'],
                array_filter(
                    $this->rows($recipes),
                    static fn (array $row): bool => in_array($food, $row['figures']['foods'] ?? [], true),
                ),
            ),
        );
    }

    /**
     * @return ?array{before: string, after: string, range: string, pieces: string, word: string, plural: string,
     *     total: string, counted: string, isLeast: bool, kind: string, net: float, foods: list<string>} null where the
     *     text can no longer be read
     */
    private function figures(Recipe $recipe): ?array
    {
        $brief = $recipe->brief();
        $key = 'shelf5:'.sha1($this->trade->stamp.serialize($this->stock).serialize($brief));

        return $this->cache->remember($key, now()->addMonth(), function () use ($brief): ?array {
            try {
                $conversion = $this->kernel->convert($brief);
            } catch (UnreadableRecipe) {
                return null;
            }
            $convention = $brief->convention;

            return [
                'before' => Figures::one($conversion->before->net($convention)),
                'after' => Figures::one($conversion->after->net($convention)),
                'range' => Figures::range($conversion->after->low($convention), $conversion->after->high($convention)),
                'pieces' => Figures::count($conversion->after->formula->pieces),
                'word' => $conversion->recipe->pieceWord(),
                'plural' => $conversion->recipe->pieceWord($conversion->after->formula->pieces),
                'total' => Figures::one($conversion->after->piece->carbohydrate),
                'counted' => $this->conventions->names()[$convention->value],
                'isLeast' => $conversion->safety->atLeast !== [],
                'kind' => $conversion->family()->name,
                'net' => $conversion->after->net($convention),
                'foods' => array_values(
                    array_unique(
                        array_map(static fn (Dose $d): string => $d->food->key ?? '', [
                            ...$conversion->before->formula->doses,
                            ...$conversion->after->formula->doses,
                        ]),
                    ),
                ),
            ];
        });
    }
}

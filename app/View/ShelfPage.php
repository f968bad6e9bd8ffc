<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Reading\UnreadableRecipe;
use App\Models\Recipe;
use App\Support\Trade;
use Illuminate\Contracts\Cache\Repository;

/** The Shelf's rows: each dessert with its number. */
final readonly class ShelfPage
{
    public function __construct(private Kernel $workshop, private Trade $trade, private Repository $cache, private Stock $stock) {}

    /**
     * @param  iterable<Recipe>  $recipes
     * @return list<array{recipe: Recipe, figures: ?array<string, string>}>
     */
    public function rows(iterable $recipes): array
    {
        $rows = [];
        foreach ($recipes as $recipe) {
            $rows[] = ['recipe' => $recipe, 'figures' => $this->figures($recipe)];
        }

        return $rows;
    }

    /** @return ?array<string, string> null where the text can no longer be read */
    private function figures(Recipe $recipe): ?array
    {
        $document = $recipe->document();
        $key = 'shelf2:'.sha1($this->trade->stamp.serialize($this->stock).json_encode([$document->toArray(), $document->limit, $document->refused, $document->bodyMass]));

        return $this->cache->remember($key, now()->addMonth(), function () use ($document): ?array {
            try {
                $worked = $this->workshop->work($document);
            } catch (UnreadableRecipe) {
                return null;
            }
            $convention = $document->convention;

            return [
                'before' => Figures::one($worked->before->netCarbs($convention)->value),
                'after' => Figures::one($worked->after->netCarbs($convention)->value),
                'range' => Figures::range($worked->after->low($convention), $worked->after->high($convention)),
                'pieces' => Figures::count($worked->after->formula->pieces),
                'word' => $worked->recipe->pieceWord(),
                'plural' => $worked->recipe->pieceWord($worked->after->formula->pieces),
                'convention' => $convention->value,
            ];
        });
    }
}

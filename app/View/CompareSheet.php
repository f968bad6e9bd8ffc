<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Account\Serving;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Side;
use App\Models\Package;
use App\Models\Recipe;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;

/** A dessert beside another, beside an earlier version, beside itself as written, or beside a label from the Pantry. */
final readonly class CompareSheet
{
    private string $with;

    public bool $byHundred;

    public function __construct(public BenchPage $page, Request $request)
    {
        $this->with = (string) $request->query('with', 'written');
        $this->byHundred = $request->query('by') === '100';
    }

    public function chosen(): string
    {
        return $this->with;
    }

    /** @return array<string, array<string, string>> group => choice => name */
    public function choices(): array
    {
        $recipe = $this->page->dessert->recipe;
        $groups = ['This dessert' => ['written' => 'as written']];
        if ($recipe === null) {
            return $groups;
        }
        foreach (
            $recipe
                ->versions()
                ->where('number', '<', $recipe->latest->number)
                ->orderByDesc('number')
                ->get(['number', 'created_at']) as $version
        ) {
            $groups['This dessert']["version:$version->number"] = "version $version->number, swapped";
        }
        /** @var Collection<int, Recipe> $others */
        $others = $recipe->kitchen
            ->recipes()
            ->whereKeyNot($recipe->id)
            ->orderBy('title')
            ->limit(200)
            ->get(['ulid', 'title']);
        foreach ($others as $other) {
            $groups['On the Shelf']["recipe:$other->ulid"] = $other->title;
        }
        /** @var Collection<int, Package> $packages */
        $packages = $recipe->kitchen
            ->packages()
            ->orderBy('food')
            ->orderBy('name')
            ->get(['id', 'name', 'food', 'serving_g']);
        foreach ($packages as $package) {
            $groups['From the Pantry, a serving']["package:$package->id"] = $package->name;
        }

        return $groups;
    }

    /** @return array{name: string, serving: ?Serving} what it is beside; null where that is gone or cannot be read */
    public function other(): array
    {
        [$kind, $which] = [...explode(':', $this->with, 2), ''];
        $recipe = $this->page->dessert->recipe;

        return match (true) {
            $kind === 'version' && $recipe !== null => [
                'name' => "version $which",
                'serving' => $this->swapped($recipe, (int) $which),
            ],
            $kind === 'recipe' && $recipe !== null => $this->dessert($recipe, $which),
            $kind === 'package' && $recipe !== null => $this->label($recipe, $which),
            default => ['name' => 'as written', 'serving' => $this->scaled($this->page->conversion->before->serving)],
        };
    }

    /**
     * @return ?array{mine: string, other: string, rows: list<array{name: string, isPart: bool, a: string, b: string,
     *     difference: string}>}
     */
    public function rows(): ?array
    {
        $other = $this->other();
        $mine = $this->byHundred
            ? $this->page->conversion->side(Side::Swapped)->hundred()
            : $this->page->conversion->after->serving;
        if ($other['serving'] === null || $mine === null) {
            return null;
        }
        $statement = $this->page->conversion->side(Side::Swapped)->statement([$mine, $other['serving']]);
        $rows = [];
        foreach ($statement->rows as $row) {
            [$a, $b] = $row->estimates;
            $difference = $row->difference();
            if ($a->value > 0 || $b->value > 0) {
                $rows[] = [
                    'name' => "$row->name, $row->unit",
                    'isPart' => $row->isPart,
                    'a' => Figures::of($a->value, $row->unit),
                    'b' => Figures::of($b->value, $row->unit),
                    'difference' => $row->isClear($statement->coverage)
                        ? Figures::of(abs($difference->value), $row->unit).
                            ($difference->value > 0 ? ' more' : ' less')
                        : '',
                ];
            }
        }

        return [
            'mine' => ($this->byHundred ? '100 g' : 'a '.$this->page->pieceWord()).', swapped',
            'other' => ($this->byHundred ? '100 g, ' : '').$other['name'],
            'rows' => $rows,
        ];
    }

    private function swapped(Recipe $recipe, int $number): ?Serving
    {
        $version = $recipe->versions()->where('number', $number)->first();
        try {
            $conversion = $version === null ? null : $this->page->kernel->convert($recipe->briefOf($version));
        } catch (UnreadableRecipe) {
            return null;
        }

        return $conversion === null
            ? null
            : ($this->byHundred
                ? $conversion->side(Side::Swapped)->hundred()
                : $conversion->after->serving);
    }

    /** @return array{name: string, serving: ?Serving} */
    private function dessert(Recipe $recipe, string $ulid): array
    {
        $other = $recipe->kitchen->recipes()->with(['latest', 'kitchen'])->where('ulid', $ulid)->first();

        return [
            'name' => $other->title ?? 'gone',
            'serving' => $other === null ? null : $this->swapped($other, $other->latest->number),
        ];
    }

    /** @return array{name: string, serving: ?Serving} */
    private function label(Recipe $recipe, string $id): array
    {
        $package = $recipe->kitchen->packages()->find((int) $id);

        return [
            'name' => $package->name ?? 'gone',
            'serving' => $package === null
                    ? null
                    : $this->page->kernel->catalogue->bought(
                        (string) $package->id,
                        $this->byHundred ? 100.0 : (float) $package->serving_g,
                    ),
        ];
    }

    private function scaled(Serving $serving): ?Serving
    {
        return $this->byHundred ? $this->page->conversion->side(Side::Written)->hundred() : $serving;
    }
}

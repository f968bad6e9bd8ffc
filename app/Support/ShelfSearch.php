<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Kitchen;
use App\Models\Recipe;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Which of its desserts a kitchen looks for. */
final readonly class ShelfSearch
{
    /** What can be asked of the bakes. */
    public const MARKS = [
        '' => 'any',
        'best' => 'marked 5',
        'good' => 'marked 4 or 5',
        'baked' => 'baked',
        'never' => 'not baked yet',
    ];

    private function __construct(
        private Kitchen $kitchen,
        public string $words,
        public string $kind,
        public string $mark,
        public bool $isWithin,
    ) {}

    public static function of(Request $request, Kitchen $kitchen): self
    {
        $said = static fn (string $name): string => is_string($request->query($name))
            ? trim(mb_substr((string) $request->query($name), 0, 80))
            : '';

        return new self(
            $kitchen,
            $said('q'),
            $said('kind'),
            isset(self::MARKS[$said('mark')]) ? $said('mark') : '',
            $said('within') === '1' && $kitchen->limit_g !== null,
        );
    }

    public function isAny(): bool
    {
        return $this->words !== '' || $this->kind !== '' || $this->mark !== '' || $this->isWithin;
    }

    /** How many there are, in words; nobody counts further than a thousand. */
    public function many(): string
    {
        $found = DB::query()->fromSub($this->found()->select('recipes.id')->limit(1001)->getQuery(), 'some')->count();

        return match (true) {
            $found > 1000 => 'More than 1,000 desserts',
            $found === 1 => '1 dessert',
            default => "$found desserts",
        };
    }

    /** @return list<string> the kinds that stand on the Shelf */
    public function kinds(): array
    {
        return array_values(
            $this->kitchen->recipes()->where('kind', '!=', '')->distinct()->orderBy('kind')->pluck('kind')->all(),
        );
    }

    public function hasLimit(): bool
    {
        return $this->kitchen->limit_g !== null;
    }

    /** @return HasMany<Recipe, Kitchen> each word is found in the title or in what was typed */
    public function found(): HasMany
    {
        $recipes = $this->kitchen->recipes();
        foreach (array_filter(preg_split('~\s+~u', $this->words) ?: []) as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $recipes->where(
                static fn (Builder $q) => $q
                    ->where('title', 'like', $like)
                    ->orWhereHas(
                        'latest',
                        static fn (Builder $v) => $v->whereRaw("json_value(document, '$.text') like ?", [$like]),
                    ),
            );
        }
        $recipes->when($this->kind !== '', fn (Builder $q) => $q->where('kind', $this->kind))
            ->when($this->isWithin, fn (Builder $q) => $q->where('net_g', '<=', $this->kitchen->limit_g))
            ->when(
                $this->mark === 'best',
                static fn (Builder $q) => $q->whereHas('bakes', static fn (Builder $b) => $b->where('mark', 5)),
            )
            ->when(
                $this->mark === 'good',
                static fn (Builder $q) => $q->whereHas('bakes', static fn (Builder $b) => $b->where('mark', '>=', 4)),
            )
            ->when($this->mark === 'baked', static fn (Builder $q) => $q->whereHas('bakes'))
            ->when($this->mark === 'never', static fn (Builder $q) => $q->whereDoesntHave('bakes'));

        return $recipes;
    }
}

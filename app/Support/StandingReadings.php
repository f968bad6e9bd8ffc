<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\BriefJson;
use Aglyca\Core\KeptReading;
use Aglyca\Core\Larder\Stock;
use App\Models\Recipe;
use App\Models\Version;
use Illuminate\Database\Eloquent\Collection;

/** Gives each version that was stored before readings were kept the reading that its figures come from. */
final readonly class StandingReadings
{
    private const AT_ONCE = 200;

    public function __construct(private ReadingKeeper $keeper) {}

    /** @return array{int, bool} how many, and whether the older reader was there */
    public function keep(): array
    {
        $older = OlderReader::open(base_path());
        $done = [];
        $query = Version::query()->whereNull('reading')->orderBy('id');
        $query->chunkById(self::AT_ONCE, function (Collection $versions) use ($older, &$done): void {
            $read = $older?->read($this->asked($versions));
            foreach ($versions as $n => $version) {
                $recipe = $this->recipe($version);
                $kept = $read === null
                    ? ($recipe === null ? null : $this->keeper->anew($recipe, $version))
                    : self::kept($version, $read[$n] ?? null);
                // What is no recipe is not asked about again.
                Version::query()->whereKey($version->id)->toBase()->update(['reading' => json_encode(
                    $kept ?? [],
                    JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE,
                )]);
                $done[] = $version->id;
            }
        });

        return [count($done), $older !== null];
    }

    /**
     * @param  ?array<string, mixed>  $read
     * @return ?array<string, mixed>
     */
    private static function kept(Version $version, ?array $read): ?array
    {
        return $read === null ? null : KeptReading::made(BriefJson::read($version->document), $read)->json();
    }

    /**
     * @param  Collection<int, Version>  $versions
     * @return array<int, array{array<string, mixed>, Stock}>
     */
    private function asked(Collection $versions): array
    {
        $stocks = [];
        $asked = [];
        foreach ($versions as $n => $version) {
            $kitchen = $this->recipe($version)?->kitchen;
            $id = $kitchen->id ?? 0;
            $stocks[$id] ??= $kitchen?->stock() ?? new Stock;
            $asked[$n] = [$version->document, $stocks[$id]];
        }

        return $asked;
    }

    private function recipe(Version $version): ?Recipe
    {
        return Recipe::query()->withTrashed()->with('kitchen')->find($version->recipe_id);
    }
}

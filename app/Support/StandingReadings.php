<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\BriefJson;
use Aglyca\Core\KeptReading;
use Aglyca\Core\Larder\Stock;
use App\Models\Recipe;
use App\Models\Version;
use Illuminate\Database\Eloquent\Collection;
use RuntimeException;

/** Gives each version that was stored before readings were kept the reading that its figures come from. */
final readonly class StandingReadings
{
    private const AT_ONCE = 200;

    public function __construct(private ReadingKeeper $keeper) {}

    /** @return array{int, bool} how many, and whether the older reader read them all */
    public function keep(): array
    {
        $older = OlderReader::open(base_path());
        [$done, $isOlder] = [[], $older !== null];
        $query = Version::query()->whereNull('reading')->orderBy('id');
        $query->chunkById(self::AT_ONCE, function (Collection $versions) use ($older, &$done, &$isOlder): void {
            try {
                $read = $older?->read($this->asked($versions));
            } catch (RuntimeException $e) {
                // An older tree that does not run must not keep the new one from starting.
                report($e);
                [$read, $isOlder] = [null, false];
            }
            foreach ($versions as $n => $version) {
                self::set($version, $read === null ? $this->today($version) : self::kept($version, $read[$n] ?? null));
                $done[] = $version->id;
            }
        });

        return [count($done), $isOlder];
    }

    /**
     * Versions that came in from a copy without their readings are kept as they are read today.
     *
     * @param  list<int>  $ids
     */
    public function keepBroughtIn(array $ids): void
    {
        foreach (Version::query()->whereKey($ids)->whereNull('reading')->get() as $version) {
            self::set($version, $this->today($version));
        }
    }

    /** @return ?array<string, mixed> */
    private function today(Version $version): ?array
    {
        $recipe = $this->recipe($version);

        return $recipe === null ? null : $this->keeper->anew($recipe, $version);
    }

    /** @param  ?array<string, mixed>  $reading  of what is no recipe none, which is not asked about again */
    private static function set(Version $version, ?array $reading): void
    {
        Version::query()->whereKey($version->id)->toBase()->update(['reading' => json_encode(
            $reading ?? [],
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE,
        )]);
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

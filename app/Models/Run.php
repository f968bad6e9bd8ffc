<?php

declare(strict_types=1);

namespace App\Models;

use Aglyca\Core\Trial\Doing;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A bake that is going on: a version, and what has been done, in the order in which it came in.
 *
 * @property int $id
 * @property string $ulid
 * @property int $kitchen_id
 * @property int $recipe_id
 * @property int $version_id
 * @property ?int $bake_id once it is ended
 * @property ?CarbonInterface $created_at
 * @property-read Recipe $recipe
 * @property-read Version $version
 */
final class Run extends Model
{
    protected $fillable = ['bake_id'];

    public static function begin(Recipe $recipe): self
    {
        $run = new self;
        $run->ulid = strtolower((string) Str::ulid());
        $run->kitchen_id = $recipe->kitchen_id;
        $run->recipe_id = $recipe->id;
        $run->version_id = $recipe->latest->id;
        $run->save();

        return $run;
    }

    /**
     * Takes what a device hands in; what was handed in before is passed over.
     *
     * @param  list<array{id: string, kind: string, data: array<string, mixed>, at: int}>  $events
     */
    public function take(array $events): void
    {
        DB::transaction(function () use ($events): void {
            self::query()->whereKey($this->id)->lockForUpdate()->firstOrFail();
            foreach ($events as $event) {
                DB::table('run_events')->insertOrIgnore([
                    'run_id' => $this->id, 'sent_as' => $event['id'], 'kind' => $event['kind'],
                    'data' => json_encode($event['data'], JSON_THROW_ON_ERROR), 'at_ms' => $event['at'],
                ]);
            }
        });
    }

    /**
     * @return list<array{id: int, kind: string, data: array<string, mixed>, at: int}> those behind one, in their order
     */
    public function eventsAfter(int $id): array
    {
        $rows = DB::table('run_events')->where('run_id', $this->id)->where('id', '>', $id)->orderBy('id')->get();

        return array_values(
            $rows
                ->map(
                    static fn (object $r): array => [
                        'id' => (int) $r->id,
                        'kind' => (string) $r->kind,
                        'data' => (array) json_decode((string) $r->data, true),
                        'at' => (int) $r->at_ms,
                    ],
                )
                ->all(),
        );
    }

    public function doing(): Doing
    {
        return Doing::of($this->eventsAfter(0));
    }

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(Recipe::class)->withTrashed();
    }

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(Version::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A day of baking as it was asked for; the plan is computed from it.
 *
 * @property int $id
 * @property string $ulid
 * @property int $kitchen_id
 * @property array<string, mixed> $document `desserts`, `mode`, `at`, `held`, `done`; minutes since 1970, UTC
 * @property int $revision how often it was changed
 * @property ?CarbonInterface $updated_at
 * @property-read Kitchen $kitchen
 */
final class Day extends Model
{
    use SoftDeletes;

    protected $fillable = ['document', 'revision'];

    protected $casts = ['document' => 'array'];

    /** @param  array<string, mixed>  $document */
    public static function begin(Kitchen $kitchen, array $document): self
    {
        $day = new self(['document' => $document]);
        $day->ulid = strtolower((string) Str::ulid());
        $day->kitchen_id = $kitchen->id;
        $day->save();

        return $day;
    }

    /**
     * Changes it on what stands there now, so that two devices lose nothing of each other.
     *
     * @param  callable(array<string, mixed>): array<string, mixed>  $change
     */
    public function change(callable $change): void
    {
        DB::transaction(function () use ($change): void {
            $now = self::query()->lockForUpdate()->findOrFail($this->id);
            $now->update(['document' => $change($now->document)]);
            $now->increment('revision');
            $this->setRawAttributes($now->getAttributes(), true);
        });
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }
}

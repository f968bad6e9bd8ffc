<?php

declare(strict_types=1);

namespace App\Models;

use Aglyca\Core\Brief;
use Aglyca\Core\BriefJson;
use Aglyca\Core\Quantity\Ordinal;
use App\Support\History;
use App\Support\ReadingKeeper;
use App\Support\ThreeWay;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A dessert on the Shelf. What is known of it stands in its versions; one that was baked is never changed again.
 *
 * @property int $id
 * @property string $ulid
 * @property int $kitchen_id
 * @property string $title
 * @property ?CarbonInterface $opened_at
 * @property ?CarbonInterface $created_at
 * @property string $kind as last shown
 * @property ?string $net_g as last shown
 * @property int $revision how often it was changed
 * @property int $straight_from the revision since which each change can be taken back by its step
 * @property ?int $house_version_id the version that the house bakes
 * @property-read Kitchen $kitchen
 * @property-read Version $latest
 */
final class Recipe extends Model
{
    use SoftDeletes;

    protected $fillable = ['title', 'opened_at', 'house_version_id'];

    protected $attributes = ['revision' => 0, 'straight_from' => 0, 'kind' => '', 'net_g' => null];

    protected $casts = ['opened_at' => 'datetime'];

    public static function begin(Kitchen $kitchen, Brief $brief, ?string $title = null): self
    {
        return DB::transaction(function () use ($kitchen, $brief, $title): self {
            $recipe = new self(['title' => $title ?? $brief->title, 'opened_at' => now()]);
            $recipe->ulid = strtolower((string) Str::ulid());
            $recipe->kitchen_id = $kitchen->id;
            $recipe->save();
            $recipe->versions()->create([
                'number' => 1, 'document' => BriefJson::of($brief), 'reading' => $brief->kept?->json(),
            ]);

            return $recipe;
        });
    }

    /** Sets the newest version down as it is and goes on with a copy. */
    public function startVersion(): void
    {
        DB::transaction(function (): void {
            $latest = $this->versions()->orderByDesc('number')->lockForUpdate()->firstOrFail();
            $this->versions()->create([
                'number' => $latest->following(),
                'document' => $latest->document,
                'reading' => $latest->reading,
                'parent_id' => $latest->id,
            ]);
            $this->touched(null, false);
        }, 4);
        $this->unsetRelation('latest');
    }

    /**
     * Goes on from an older version, as it was or with a change that it tries.
     *
     * @param  ?array{cause: string, label: string, sentence: string}  $tries
     */
    public function goOnFrom(Version $version, ?Brief $brief = null, ?array $tries = null): void
    {
        DB::transaction(function () use ($version, $brief, $tries): void {
            $latest = $this->versions()->orderByDesc('number')->lockForUpdate()->firstOrFail();
            $this->versions()->create([
                'number' => $latest->following(),
                'document' => $brief === null ? $version->document : BriefJson::of($brief),
                'reading' => $version->reading,
                'parent_id' => $version->id,
                'tries' => $tries,
            ]);
            $this->touched(null, false);
        }, 4);
        $this->unsetRelation('latest');
    }

    /** What the Shelf finds it by. */
    public function findBy(string $kind, float $net): void
    {
        if ($this->kind !== $kind || sprintf('%.2f', min($net, 99_999)) !== $this->net_g) {
            self::query()->whereKey($this->id)->toBase()->update(['kind' => $kind, 'net_g' => min($net, 99_999)]);
        }
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return HasMany<Version, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(Version::class);
    }

    /** @return HasOne<Version, $this> */
    public function latest(): HasOne
    {
        return $this->hasOne(Version::class)->ofMany('number', 'max');
    }

    /** @return HasMany<Bake, $this> */
    public function bakes(): HasMany
    {
        return $this->hasMany(Bake::class)->orderByDesc('baked_on')->orderByDesc('id');
    }

    /** @return HasOne<Share, $this> */
    public function share(): HasOne
    {
        return $this->hasOne(Share::class);
    }

    public function brief(): Brief
    {
        return $this->briefOf($this->latest);
    }

    /** What a version says, with what the kitchen wants of every dessert. */
    public function briefOf(Version $version): Brief
    {
        return BriefJson::read([...$version->document, 'title' => $this->title])->in($this->kitchen->limits())
            ->but(kept: $version->keptReading());
    }

    /**
     * Changes the newest version, on what stands there by now; where that was baked or is being baked, the change makes
     * the next one. What was changed beside it in the meantime stays, field by field.
     *
     * @param  Brief  $base  what was changed
     * @param  Brief  $mine  into what
     */
    public function change(Brief $base, Brief $mine): void
    {
        $this->store(
            fn (Brief $stands, History $history): array => [
                ($merged = BriefJson::changed(
                    $stands,
                    ThreeWay::merged(BriefJson::of($base), BriefJson::of($mine), BriefJson::of($stands)),
                )),
                $history->with($stands, $merged),
            ],
            true,
        );
    }

    /** Takes how its text is read today; what was baked as it was read before stays, and this is the next version. */
    public function readAnew(): void
    {
        DB::transaction(function (): void {
            $now = self::query()->withTrashed()->lockForUpdate()->findOrFail($this->id);
            $latest = $now->versions()->orderByDesc('number')->lockForUpdate()->firstOrFail();
            $anew = app(ReadingKeeper::class)->anew($now->setRelation('kitchen', $this->kitchen), $latest);
            if ($latest->isStoodOn()) {
                $now->versions()->create([
                    'number' => $latest->following(), 'parent_id' => $latest->id, 'document' => $latest->document,
                    'past' => $latest->past, 'future' => $latest->future, 'reading' => $anew,
                ]);
            } else {
                $latest->update(['reading' => $anew]);
            }
            $now->touched(null, false);
            $this->setRawAttributes($now->getAttributes(), true);
        }, 4);
        $this->unsetRelation('latest');
    }

    public function undo(): void
    {
        $this->store(static fn (Brief $stands, History $history): ?array => $history->undo($stands), false);
    }

    public function redo(): void
    {
        $this->store(static fn (Brief $stands, History $history): ?array => $history->redo($stands), false);
    }

    /** What stood there when a page was made; what stands there now where that is too long ago to tell. */
    public function briefAt(int $revision): Brief
    {
        $now = $this->brief();

        return $revision >= $this->revision || $revision < $this->straight_from
            ? $now
            : $this->latest->history()->before($now, $this->revision, $revision);
    }

    /** @param  callable(Brief, History): ?array{Brief, History}  $change */
    private function store(callable $change, bool $isStraight): void
    {
        DB::transaction(function () use ($change, $isStraight): void {
            $now = self::query()->withTrashed()->lockForUpdate()->findOrFail($this->id);
            $latest = $now->versions()->orderByDesc('number')->lockForUpdate()->firstOrFail();
            $changed = $change($now->setRelation('kitchen', $this->kitchen)->briefOf($latest), $latest->history());
            if ($changed === null) {
                return;
            }
            [$brief, $history] = $changed;
            $stored = ['document' => BriefJson::of($brief), 'past' => $history->past, 'future' => $history->future, 'reading' => $latest->reading];
            if ($latest->isStoodOn()) {
                $now->versions()->create(['number' => $latest->following(), 'parent_id' => $latest->id, ...$stored]);
            } else {
                $latest->update($stored);
            }
            $now->touched($brief->title, $isStraight);
            $this->setRawAttributes($now->getAttributes(), true);
        }, 4);
        $this->unsetRelation('latest');
    }

    /** Counts a change; only straight ones can be told apart afterwards, one by one. */
    private function touched(?string $title, bool $isStraight): void
    {
        $this->revision = Ordinal::after($this->revision);
        $this->straight_from = $isStraight ? $this->straight_from : $this->revision;
        $this->title = $title ?? $this->title;
        $this->opened_at = now();
        $this->save();
    }
}

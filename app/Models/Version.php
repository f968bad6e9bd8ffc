<?php

declare(strict_types=1);

namespace App\Models;

use Aglyca\Core\KeptReading;
use Aglyca\Core\Quantity\Ordinal;
use App\Support\History;
use App\Support\ReadingKeeper;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $recipe_id
 * @property int $number
 * @property array<string, mixed> $brief
 * @property array<string, mixed> $document
 * @property ?int $parent_id the version that it went on from
 * @property ?array{cause: string, label: string, sentence: string} $tries what it was made to find out
 * @property ?list<array<string, mixed>> $past
 * @property ?list<array<string, mixed>> $future
 * @property-read Collection<int, Bake> $bakes
 * @property ?array<string, mixed> $reading how it was read when its text or a correction was last changed
 * @property ?CarbonInterface $created_at
 */
final class Version extends Model
{
    protected $fillable = ['number', 'document', 'past', 'future', 'parent_id', 'tries', 'reading'];

    protected $casts = [
        'document' => 'array',
        'past' => 'array',
        'future' => 'array',
        'number' => 'integer',
        'tries' => 'array',
        'reading' => 'array',
    ];

    protected static function booted(): void
    {
        self::saving(static function (self $version): void {
            if ($version->isDirty('document')) {
                app(ReadingKeeper::class)->keep($version);
            }
        });
    }

    public function keptReading(): ?KeptReading
    {
        return KeptReading::read($this->reading);
    }

    public function history(): History
    {
        return new History($this->past ?? [], $this->future ?? []);
    }

    /** @return HasMany<Bake, $this> */
    public function bakes(): HasMany
    {
        return $this->hasMany(Bake::class);
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class);
    }

    /** It was baked, or is being baked. */
    public function isStoodOn(): bool
    {
        return $this->bakes()->withTrashed()->exists() || $this->runs()->exists();
    }

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(Recipe::class);
    }

    public function following(): int
    {
        return Ordinal::after($this->number);
    }
}

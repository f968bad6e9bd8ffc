<?php

declare(strict_types=1);

namespace App\Models;

use Aglyca\Core\Trial\BakeNotes;
use Aglyca\Core\Trial\Judged;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * How one baking of a version came out.
 *
 * @property int $id
 * @property int $recipe_id
 * @property int $version_id
 * @property CarbonInterface $baked_on
 * @property ?int $mark
 * @property string $words
 * @property ?array<string, mixed> $doing what the Counter saw
 * @property ?array<string, string> $judgement by what was judged: "little", "right" or "much"
 * @property ?string $mass_g after baking
 * @property ?string $height_cm
 * @property ?string $pieces that came out
 * @property ?string $minutes in the oven
 * @property ?string $heat_c
 * @property-read Recipe $recipe
 * @property-read Version $version
 * @property-read Collection<int, Photo> $photos
 * @property-read Collection<int, Box> $boxes
 */
final class Bake extends Model
{
    use SoftDeletes;

    protected $fillable = [
        'recipe_id',
        'version_id',
        'baked_on',
        'mark',
        'words',
        'doing',
        'judgement',
        'mass_g',
        'height_cm',
        'pieces',
        'minutes',
        'heat_c',
    ];

    protected $casts = ['baked_on' => 'date', 'mark' => 'integer', 'doing' => 'array', 'judgement' => 'array'];

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(Version::class);
    }

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(Recipe::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }

    /** @return HasMany<Box, $this> */
    public function boxes(): HasMany
    {
        return $this->hasMany(Box::class);
    }

    /** What the core is told of how it came out. */
    public function notes(): BakeNotes
    {
        $number = static fn (string|int|float|null $column): ?float => $column === null ? null : (float) $column;
        $judged = array_filter(
            array_map(
                static fn (string $j): ?Judged => Judged::tryFrom($j),
                array_intersect_key($this->judgement ?? [], Judged::THINGS),
            ),
        );

        return new BakeNotes(
            $judged,
            $number($this->minutes),
            $number($this->heat_c),
            $number($this->mass_g),
            $number($this->pieces),
        );
    }
}

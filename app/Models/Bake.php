<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
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
 * @property-read Version $version
 */
final class Bake extends Model
{
    use SoftDeletes;

    protected $fillable = ['recipe_id', 'version_id', 'baked_on', 'mark', 'words', 'doing', 'judgement', 'mass_g', 'height_cm', 'pieces', 'minutes', 'heat_c'];

    protected $casts = ['baked_on' => 'date', 'mark' => 'integer', 'doing' => 'array', 'judgement' => 'array'];

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(Version::class);
    }
}

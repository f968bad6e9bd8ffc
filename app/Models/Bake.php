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
 * @property-read Version $version
 */
final class Bake extends Model
{
    use SoftDeletes;

    protected $fillable = ['recipe_id', 'version_id', 'baked_on', 'mark', 'words'];

    protected $casts = ['baked_on' => 'date', 'mark' => 'integer'];

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(Version::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link under which anyone may read one dessert's card; taking the row away withdraws it.
 *
 * @property int $id
 * @property int $recipe_id
 * @property string $token
 * @property-read ?Recipe $recipe
 */
final class Share extends Model
{
    public const TOKEN = 40;

    protected $fillable = ['token'];

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(Recipe::class);
    }
}

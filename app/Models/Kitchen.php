<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property ?string $limit_g
 * @property string $convention
 */
final class Kitchen extends Model
{
    protected $fillable = ['name', 'limit_g', 'convention'];

    protected $casts = ['limit_g' => 'decimal:1'];

    /** @return HasMany<Recipe, $this> */
    public function recipes(): HasMany
    {
        return $this->hasMany(Recipe::class);
    }
}

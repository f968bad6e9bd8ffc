<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $recipe_id
 * @property int $number
 * @property array<string, mixed> $document
 */
final class Version extends Model
{
    protected $fillable = ['number', 'document'];

    protected $casts = ['document' => 'array', 'number' => 'integer'];

    /** @return HasMany<Bake, $this> */
    public function bakes(): HasMany
    {
        return $this->hasMany(Bake::class);
    }

    public function following(): int
    {
        $next = $this->number;

        return ++$next;
    }
}

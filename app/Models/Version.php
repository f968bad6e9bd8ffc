<?php

declare(strict_types=1);

namespace App\Models;

use App\Support\History;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $recipe_id
 * @property int $number
 * @property array<string, mixed> $brief
 * @property ?list<array<string, mixed>> $past
 * @property ?list<array<string, mixed>> $future
 */
final class Version extends Model
{
    protected $fillable = ['number', 'document', 'past', 'future'];

    protected $casts = ['document' => 'array', 'past' => 'array', 'future' => 'array', 'number' => 'integer'];

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

    public function following(): int
    {
        $next = $this->number;

        return ++$next;
    }
}

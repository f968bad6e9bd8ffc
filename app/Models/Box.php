<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What is left of a bake, and where.
 *
 * @property int $id
 * @property int $bake_id
 * @property string $place tin, fridge or freezer
 * @property int $pieces_left
 * @property ?CarbonInterface $good_until
 * @property-read Bake $bake
 */
final class Box extends Model
{
    public const PLACES = ['tin' => 'the tin', 'fridge' => 'the fridge', 'freezer' => 'the freezer'];

    protected $fillable = ['place', 'pieces_left', 'good_until'];

    protected $casts = ['good_until' => 'date'];

    /** @return BelongsTo<Bake, $this> */
    public function bake(): BelongsTo
    {
        return $this->belongsTo(Bake::class);
    }
}

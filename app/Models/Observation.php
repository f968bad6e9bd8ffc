<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One thing that a kitchen measured of itself.
 *
 * @property int $id
 * @property string $what as in the core's `Taught`
 * @property float $value
 * @property ?int $bake_id
 */
final class Observation extends Model
{
    protected $fillable = ['what', 'value', 'bake_id'];

    protected $casts = ['value' => 'float'];
}

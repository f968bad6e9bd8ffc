<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A name that this kitchen corrected once, in the reader's normal form, and the food that it means there.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property string $typed as it stood on the line
 * @property string $food
 */
final class RememberedName extends Model
{
    protected $fillable = ['name', 'typed', 'food'];
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture of a bake, upright and small, without what its camera wrote into it.
 *
 * @property int $id
 * @property int $bake_id
 * @property int $width
 * @property int $height
 * @property string $jpeg_base64
 */
final class Photo extends Model
{
    public const MOST = 6;

    protected $fillable = ['width', 'height', 'jpeg_base64'];
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property int $kitchen_id
 * @property string $email
 * @property string $password
 * @property bool $is_demo
 * @property-read Kitchen $kitchen
 */
final class User extends Authenticatable
{
    protected $fillable = ['kitchen_id', 'email', 'password', 'is_demo'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed', 'is_demo' => 'boolean'];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }
}

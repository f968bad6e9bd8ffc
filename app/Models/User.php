<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property int $kitchen_id
 * @property string $email
 * @property string $password
 * @property bool $is_demo
 * @property string $role one of `ROLES`
 * @property ?CarbonInterface $closed_at when its owner left
 * @property-read Kitchen $kitchen
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    public const BAKER = 'baker';

    public const READER = 'reader';

    /** What somebody may do in a kitchen. */
    public const ROLES = [self::BAKER => 'bakes too: changes everything', self::READER => 'only reads'];

    protected $fillable = ['kitchen_id', 'email', 'password', 'is_demo', 'role'];

    protected $attributes = ['role' => self::BAKER];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed', 'is_demo' => 'boolean', 'closed_at' => 'datetime'];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }
}

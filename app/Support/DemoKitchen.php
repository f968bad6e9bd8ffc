<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Kitchen;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Each visitor of the demo has a copy of it to themselves, so that nobody finds what another did there. */
final class DemoKitchen
{
    public const ADDRESS = 'demo@harrow-cottage.invalid';

    private function __construct() {}

    public static function ofOnesOwn(): User
    {
        $common = User::query()->where('email', self::ADDRESS)->firstOrFail()->kitchen;

        return DB::transaction(static function () use ($common): User {
            $own = Kitchen::query()->create([
                'name' => $common->name,
                'convention' => $common->convention,
                'counts_said_at' => now(),
                'is_demo' => true,
            ]);
            KitchenCopy::into($own, KitchenCopy::of($common));

            return User::query()->create([
                'kitchen_id' => $own->id,
                'email' => Str::lower(Str::random(20)).'@visitor.invalid',
                'password' => Str::random(40),
                'is_demo' => true,
            ]);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Kitchen;
use App\Models\Link;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Leaving: gone for the eye at once, and for good after a while. */
final class Leaving
{
    /** Within which everything can be brought back (our own choice). */
    public const DAYS = 14;

    private function __construct() {}

    /** The kitchen goes with the last of its bakers. */
    public static function close(User $user): void
    {
        DB::transaction(static function () use ($user): void {
            /** @var Kitchen $kitchen */
            $kitchen = Kitchen::query()->whereKey($user->kitchen_id)->lockForUpdate()->firstOrFail();
            $user->forceFill(['closed_at' => now()])->save();
            Link::query()->where('user_id', $user->id)->delete();
            if ($kitchen->users()->where('role', User::BAKER)->whereNull('closed_at')->doesntExist()) {
                $kitchen->forceFill(['closed_at' => now()])->save();
                // Who only read in it goes on in a kitchen apart.
                foreach (User::query()->where('kitchen_id', $kitchen->id)->whereNull('closed_at')->get() as $reader) {
                    /** @var User $reader */
                    self::part($reader);
                }
            }
        });
        SignIns::endAll($user);
    }

    /** Somebody goes on in a kitchen of their own, which is empty. */
    public static function part(User $user): void
    {
        $own = Kitchen::query()->create(['name' => 'My kitchen', 'convention' => 'low-carb']);
        $user->update(['kitchen_id' => $own->id, 'role' => User::BAKER]);
        SignIns::endAll($user);
    }

    public static function comeBack(User $user): void
    {
        DB::transaction(static function () use ($user): void {
            $user->forceFill(['closed_at' => null])->save();
            $user->kitchen()->update(['closed_at' => null]);
        });
    }

    /**
     * Removes for good what was left long enough ago, and the demo kitchens of yesterday. Its tables follow by
     * themselves.
     */
    public static function sweep(): int
    {
        $before = now()->subDays(self::DAYS);
        $gone = Kitchen::query()
            ->where('closed_at', '<', $before)
            ->orWhere(static fn ($q) => $q->where('is_demo', true)->where('created_at', '<', now()->subDay()))
            ->pluck('id');
        foreach ($gone as $id) {
            DB::transaction(static function () use ($id): void {
                User::query()->where('kitchen_id', $id)->delete();
                // Runs and bakes point at each other, and both go with their recipes.
                DB::table('runs')->where('kitchen_id', $id)->delete();
                Kitchen::query()->whereKey($id)->delete();
            });
        }
        User::query()->where('closed_at', '<', $before)->delete();

        return $gone->count();
    }
}

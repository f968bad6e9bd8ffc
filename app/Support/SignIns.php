<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Where somebody is signed in, and how that ends. */
final class SignIns
{
    private function __construct() {}

    /**
     * @return list<array{id: string, device: string, at: CarbonImmutable, ip: string}> the latest first; `id` names it
     *     on a page and is not its own
     */
    public static function of(User $user): array
    {
        return array_values(
            DB::table('sessions')
                ->where('user_id', $user->id)
                ->orderByDesc('last_activity')
                ->limit(50)
                ->get()
                ->map(
                    static fn (object $row): array => [
                        'id' => self::name((string) $row->id),
                        'device' => self::device((string) $row->user_agent),
                        'at' => CarbonImmutable::createFromTimestamp((int) $row->last_activity),
                        'ip' => (string) $row->ip_address,
                    ],
                )
                ->all(),
        );
    }

    /** Ends every other sign-in at once, also those that a device would renew by itself. */
    public static function endOthers(User $user, string $own): void
    {
        DB::table('sessions')->where('user_id', $user->id)->where('id', '!=', $own)->delete();
        $user->forceFill(['remember_token' => Str::random(60)])->save();
    }

    public static function endAll(User $user): void
    {
        self::endOthers($user, '');
    }

    public static function end(User $user, string $name): void
    {
        foreach (DB::table('sessions')->where('user_id', $user->id)->pluck('id') as $id) {
            if (hash_equals(self::name((string) $id), $name)) {
                DB::table('sessions')->where('id', $id)->delete();
                // A device that is remembered would be back with its next page.
                $user->forceFill(['remember_token' => Str::random(60)])->save();
            }
        }
    }

    public static function name(string $id): string
    {
        return substr(hash('sha256', "named $id"), 0, 20);
    }

    private static function device(string $agent): string
    {
        $on = match (true) {
            str_contains($agent, 'Android') => 'an Android device',
            (bool) preg_match('~iPhone|iPad~', $agent) => 'a phone or tablet',
            str_contains($agent, 'Windows') => 'a Windows computer',
            str_contains($agent, 'Mac OS') => 'a Mac',
            str_contains($agent, 'Linux') => 'a Linux computer',
            default => 'another device',
        };

        return Str::ucfirst($on);
    }
}

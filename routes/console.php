<?php

declare(strict_types=1);

use App\Models\Link;
use App\Support\Leaving;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schedule;

Artisan::command('aglyca:sweep', function (): int {
    $month = now()->subSeconds(config('session.lifetime') * 60)->getTimestamp();
    // A guest who pasted nothing leaves a session of some hundred letters; it goes after two hours.
    DB::table('sessions')
        ->where('last_activity', '<', $month)
        ->orWhere(
            static fn ($q) => $q
                ->whereNull('user_id')
                ->where('last_activity', '<', now()->subHours(2)->getTimestamp())
                ->whereRaw('length(payload) < 1000'),
        )
        ->delete();
    DB::table('cache')->where('expiration', '<', now()->getTimestamp())->delete();
    DB::table('cache_locks')->where('expiration', '<', now()->getTimestamp())->delete();
    Link::query()->where('good_until', '<', now()->subDay())->delete();
    $this->info(Leaving::sweep().' kitchens were removed for good.');

    return 0;
})->purpose('Remove what is over: kitchens that were left, demo kitchens of yesterday, sessions, links');

Schedule::command('aglyca:sweep')->hourly();

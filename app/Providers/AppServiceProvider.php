<?php

declare(strict_types=1);

namespace App\Providers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Tables;
use App\Mail\FolderTransport;
use App\Models\Bake;
use App\Models\Box;
use App\Models\CurveNote;
use App\Models\Day;
use App\Models\Link;
use App\Models\Package;
use App\Models\Photo;
use App\Models\Recipe;
use App\Models\Run;
use App\Policies\RecipePolicy;
use App\Support\Address;
use App\Support\Dessert;
use App\Support\Draft;
use App\Support\Trade;
use Illuminate\Cache\ApcStore;
use Illuminate\Cache\ApcWrapper;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(
            Trade::class,
            fn (): Trade => Trade::open(
                base_path(),
                storage_path('framework/trade'),
                (string) config('aglyca.trade'),
                function_exists('apcu_enabled') && apcu_enabled() ? new ApcStore(new ApcWrapper(), 'aglyca:') : null,
            ),
        );
        $this->app->singleton(Tables::class, fn (Application $app): Tables => $app->make(Trade::class)->tables);
        // The core as the kitchen of who is signed in stocks it: its packages, and the names that it corrected.
        $this->app->scoped(Stock::class, fn (): Stock => Auth::user()?->kitchen->stock() ?? new Stock());
        $this->app->scoped(
            Kernel::class,
            fn (Application $app): Kernel => $app->make(Trade::class)->kernel($app->make(Stock::class)),
        );
        $this->app->bind(Draft::class, fn (Application $app): Draft => new Draft($app->make('session.store')));
    }

    public function boot(): void
    {
        Mail::extend('folder', static fn (): FolderTransport => new FolderTransport((string) config('mail.folder')));
        Model::shouldBeStrict(! $this->app->isProduction());
        Gate::policy(Recipe::class, RecipePolicy::class);
        $this->bindRoutes();
        RateLimiter::for(
            'sign-in',
            fn (Request $request): array => config('aglyca.bench')
                ? []
                : self::guesses($request),
        );
        RateLimiter::for(
            'paste',
            fn (Request $request): Limit => config('aglyca.bench')
                ? Limit::none()
                : Limit::perMinute(60)->by($request->ip()),
        );
        RateLimiter::for(
            'copy',
            fn (Request $request): Limit => Limit::perMinute(6)->by((string) $request->user()?->id),
        );
        RateLimiter::for(
            'work',
            fn (Request $request): Limit => config('aglyca.bench')
                ? Limit::none()
                : Limit::perMinute(1200)->by((string) ($request->user()->id ?? $request->ip())),
        );
    }

    /**
     * Guesses are counted by whom they are at: the account of an address however it is spelt, who is signed in, a link
     * that there is; and by where they come from. Nobody's guesses stand in another's way.
     *
     * @return list<Limit>
     */
    private static function guesses(Request $request): array
    {
        $limits = [Limit::perMinute(30)->by('ip:'.$request->ip())];
        $typed = is_string($request->input('email')) ? $request->input('email') : '';
        if ($typed !== '' && ! Auth::check()) {
            $account = Address::accountOf($typed);
            $limits[] = Limit::perMinutes(15, 30)->by("account:$account");
            $limits[] = Limit::perMinute(5)->by("mail:$account {$request->ip()}");
        }
        if (Auth::check()) {
            $limits[] = Limit::perMinutes(15, 30)->by('user:'.Auth::id());
        }
        $token = $request->route('token');
        $link = is_string($token) ? Link::of($token) : null;
        if ($link !== null) {
            $limits[] = Limit::perMinutes(15, 30)->by("link:$link->id");
        }

        return $limits;
    }

    /** Every look-up goes through the kitchen of who is signed in: another kitchen's address is not found. */
    private function bindRoutes(): void
    {
        $own = static fn () => Recipe::query()->where('kitchen_id', Auth::user()->kitchen_id ?? abort(404));
        Route::bind(
            'recipe',
            static fn (string $ulid): Recipe => $own()
                ->with(['latest', 'kitchen'])
                ->withTrashed()
                ->where('ulid', $ulid)
                ->firstOrFail(),
        );
        Route::bind(
            'bake',
            static fn (string $id): Bake => Bake::query()
                ->withTrashed()
                ->whereIn('recipe_id', $own()->select('id'))
                ->findOrFail((int) $id),
        );
        Route::bind(
            'day',
            static fn (string $ulid): Day => Day::query()
                ->withTrashed()
                ->where('kitchen_id', Auth::user()->kitchen_id ?? abort(404))
                ->where('ulid', $ulid)
                ->firstOrFail(),
        );
        Route::bind(
            'run',
            static fn (string $ulid): Run => Run::query()
                ->with(['recipe.kitchen', 'version'])
                ->where('kitchen_id', Auth::user()->kitchen_id ?? abort(404))
                ->where('ulid', $ulid)
                ->firstOrFail(),
        );
        Route::pattern('bake', '\d{1,18}');
        Route::pattern('photo', '\d{1,18}');
        Route::pattern('box', '\d{1,18}');
        Route::pattern('curve', '\d{1,18}');
        $bakes = static fn () => Bake::query()->whereIn('recipe_id', $own()->select('id'))->select('id');
        Route::bind(
            'photo',
            static fn (string $id): Photo => Photo::query()->whereIn('bake_id', $bakes())->findOrFail((int) $id),
        );
        Route::bind(
            'box',
            static fn (string $id): Box => Box::query()->whereIn('bake_id', $bakes())->findOrFail((int) $id),
        );
        Route::bind(
            'curve',
            static fn (string $id): CurveNote => CurveNote::query()
                ->withTrashed()
                ->where('kitchen_id', Auth::user()->kitchen_id ?? abort(404))
                ->findOrFail((int) $id),
        );
        Route::pattern('package', '\d{1,18}');
        Route::bind(
            'package',
            static fn (string $id): Package => Package::query()
                ->withTrashed()
                ->where('kitchen_id', Auth::user()->kitchen_id ?? abort(404))
                ->findOrFail((int) $id),
        );
        Route::bind(
            'dessert',
            fn (string $id): Dessert => $id === 'draft'
                ? Dessert::ofDraft($this->app->make(Draft::class)) ?? abort(404)
                : Dessert::ofRecipe(
                    $own()
                        ->with(['latest', 'kitchen'])
                        ->where('ulid', $id)
                        ->firstOrFail(),
                    self::seen(),
                ),
        );
    }

    /** The revision of the page that asks for a change, where it says so. */
    private static function seen(): ?int
    {
        $said = request()->header('X-Seen');

        return request()->isMethod('POST') && is_string($said) && preg_match('~^\d{1,9}$~', $said) === 1
            ? (int) $said
            : null;
    }
}

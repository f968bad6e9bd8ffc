<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Something that whoever holds a link may do once: set a new password, take a new address, join a kitchen. Only the
 * hash of its token is kept.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property ?int $user_id
 * @property "reset"|"address"|"invite" $purpose
 * @property string $says the new address, or the role of who is invited
 * @property CarbonInterface $good_until
 * @property-read Kitchen $kitchen
 * @property-read ?User $user
 */
final class Link extends Model
{
    /** Minutes that each is good for (our own choice). */
    private const GOOD_FOR = ['reset' => 60, 'address' => 1440, 'invite' => 10_080];

    protected $fillable = ['kitchen_id', 'user_id', 'purpose', 'token_hash', 'says', 'good_until'];

    protected $casts = ['good_until' => 'datetime'];

    /**
     * @param  "reset"|"address"|"invite"  $purpose
     * @return string its address, which is told only now
     */
    public static function issue(string $purpose, Kitchen $kitchen, ?User $user = null, string $says = ''): string
    {
        $token = Str::random(48);
        self::query()
            ->where(['kitchen_id' => $kitchen->id, 'user_id' => $user?->id, 'purpose' => $purpose])
            ->where('purpose', '!=', 'invite')
            ->delete();
        self::query()->create([
            'kitchen_id' => $kitchen->id, 'user_id' => $user?->id, 'purpose' => $purpose, 'says' => $says,
            'token_hash' => hash('sha256', $token), 'good_until' => now()->addMinutes(self::GOOD_FOR[$purpose]),
        ]);

        // A mail names the site as it was set up, whatever name the request gave; what is shown on a page, the name of
        // the page.
        return ($purpose === 'invite' ? url('') : rtrim((string) config('app.url'), '/'))."/link/$token";
    }

    public static function of(string $token): ?self
    {
        $link = self::query()
            ->with(['kitchen', 'user'])
            ->where('token_hash', hash('sha256', $token))
            ->where('good_until', '>', now())
            ->first();

        // An invitation is good as long as whoever made it is in the kitchen.
        $isAway = $link?->purpose === 'invite' && $link->user !== null && $link->user->kitchen_id !== $link->kitchen_id;

        return $link === null || $isAway || $link->kitchen->closed_at !== null ? null : $link;
    }

    /**
     * Does what it is for, once: of two at the same time, one finds it gone.
     *
     * @param  callable(self): mixed  $does
     */
    public function use(callable $does): bool
    {
        return DB::transaction(function () use ($does): bool {
            if (self::query()->whereKey($this->id)->delete() !== 1) {
                return false;
            }
            $does($this);

            return true;
        });
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}

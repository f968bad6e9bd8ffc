<?php

declare(strict_types=1);

namespace App\Models;

use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Larder\Ways;
use Aglyca\Core\Plan\Holding;
use Aglyca\Core\Plan\Places;
use Aglyca\Core\Swap\KitchenLimits;
use Carbon\CarbonInterface;
use Database\Factories\KitchenFactory;
use DateTimeZone;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use InvalidArgumentException;

/**
 * @property int $id
 * @property string $name
 * @property ?string $limit_g
 * @property string $convention
 * @property ?CarbonInterface $counts_said_at when it was said how it counts carbs; null where it was not asked yet
 * @property ?string $body_kg of whom it bakes for
 * @property string $currency
 * @property ?list<string> $refused food keys never to be used
 * @property ?array<string, ?int> $places what it has to work with, by the names of `Places`
 * @property string $zone of its clocks
 * @property ?CarbonInterface $closed_at when the last of its bakers left
 * @property bool $is_demo somebody looks around in it
 * @property string $decimals what stands before tenths: a point or a comma
 * @property string $heats how it says heats: one of `KitchenLimits::HEATS`
 * @property string $measures whose cups and spoons: one of `Ways::MEASURES`
 * @property string $first what is read first: one of `Ways::FIRST`
 * @property string $scale what its scale shows: one of `Ways::SCALES`
 */
final class Kitchen extends Model
{
    /** @use HasFactory<KitchenFactory> */
    use HasFactory;

    protected $fillable = [
        'name',
        'limit_g',
        'convention',
        'counts_said_at',
        'refused',
        'body_kg',
        'currency',
        'places',
        'zone',
        'heats',
        'measures',
        'first',
        'scale',
        'is_demo',
        'decimals',
    ];

    protected $attributes = ['decimals' => '.'];

    protected $casts = [
        'limit_g' => 'decimal:1',
        'body_kg' => 'decimal:1',
        'closed_at' => 'datetime',
        'counts_said_at' => 'datetime',
        'is_demo' => 'boolean',
        'refused' => 'array',
        'places' => 'array',
    ];

    /** @return HasMany<Package, $this> */
    public function packages(): HasMany
    {
        return $this->hasMany(Package::class);
    }

    /** Who opened it; null where they went on elsewhere. */
    public function founder(): ?User
    {
        return $this->users()->orderBy('id')->first();
    }

    /** @return HasMany<Link, $this> those that are still good */
    public function invitations(): HasMany
    {
        return $this->hasMany(Link::class)->where('purpose', 'invite')->where('good_until', '>', now());
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    public function isEmpty(): bool
    {
        return $this->recipes()->withTrashed()->doesntExist() &&
            $this->packages()->withTrashed()->doesntExist() &&
            $this->curves()->withTrashed()->doesntExist();
    }

    /** @return HasMany<Topping, $this> */
    public function toppings(): HasMany
    {
        return $this->hasMany(Topping::class);
    }

    /** @return HasMany<RememberedName, $this> */
    public function rememberedNames(): HasMany
    {
        return $this->hasMany(RememberedName::class);
    }

    /** What the core is told of this kitchen. */
    public function stock(): Stock
    {
        $packages = $this->packages()->orderBy('id')->get();
        $byId = $packages->mapWithKeys(static fn (Package $p): array => [(string) $p->id => $p->toCore()]);
        $known = array_filter($byId->all());

        return new Stock(
            $this->rememberedNames()->orderBy('name')->pluck('food', 'name')->all(),
            $known,
            $packages
                ->whereIn('id', array_keys($known))
                ->where('is_default', true)
                ->where('food', '!=', '')
                ->mapWithKeys(fn (Package $p): array => [$p->food => (string) $p->id])
                ->all(),
            $this->taught(),
            $this->ways(),
        );
    }

    /** What it has measured of itself. */
    public function taught(): Taught
    {
        $values = [];
        foreach ($this->observations()->orderBy('id')->get(['what', 'value']) as $observation) {
            $values[$observation->what][] = $observation->value;
        }

        return new Taught($values);
    }

    /** @return HasMany<Observation, $this> */
    public function observations(): HasMany
    {
        return $this->hasMany(Observation::class);
    }

    /** @return Builder<Box> */
    public function boxes(): Builder
    {
        return Box::query()->whereHas('bake.recipe', fn (Builder $q) => $q->where('kitchen_id', $this->id));
    }

    /** @return HasMany<CurveNote, $this> */
    public function curves(): HasMany
    {
        return $this->hasMany(CurveNote::class);
    }

    /** What every dessert of this kitchen keeps to. */
    public function limits(): KitchenLimits
    {
        $number = static fn (?string $column): ?float => $column === null ? null : (float) $column;

        return new KitchenLimits(
            $number($this->limit_g),
            $number($this->body_kg),
            array_values($this->refused ?? []),
            $this->heats,
        );
    }

    /** How it measures; what no list knows is as in most kitchens. */
    public function ways(): Ways
    {
        try {
            return new Ways($this->measures ?? '', $this->first ?? '', $this->scale ?? '');
        } catch (InvalidArgumentException) {
            return new Ways;
        }
    }

    /** What its baker has to work with; what nobody said is as in most kitchens. */
    public function room(): Places
    {
        try {
            return new Places(...array_intersect_key($this->places ?? [], get_class_vars(Places::class)));
        } catch (InvalidArgumentException) {
            return new Places;
        }
    }

    /** @return list<Holding> */
    public function holdings(): array
    {
        return array_values(
            $this->packages()
                ->where('food', '!=', '')
                ->orderBy('id')
                ->get()
                ->map(static fn (Package $p): Holding => $p->holding())
                ->all(),
        );
    }

    public function clock(): DateTimeZone
    {
        return new DateTimeZone($this->zone);
    }

    /** @return HasMany<Day, $this> */
    public function days(): HasMany
    {
        return $this->hasMany(Day::class);
    }

    /** @return HasMany<Recipe, $this> */
    public function recipes(): HasMany
    {
        return $this->hasMany(Recipe::class);
    }
}

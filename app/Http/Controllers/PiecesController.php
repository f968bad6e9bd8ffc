<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Formula\Leftover;
use Aglyca\Core\Formula\MassOf;
use Aglyca\Core\Formula\PlacementWish;
use Aglyca\Core\Formula\Portioning;
use Aglyca\Core\Formula\PortionPlan;
use Aglyca\Core\Formula\PortionWish;
use Aglyca\Core\Formula\Spread;
use Aglyca\Core\Formula\Topping;
use Aglyca\Core\Formula\Way;
use Aglyca\Core\Kernel;
use App\Support\Dessert;
use App\Support\Number;
use App\View\PiecesSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InvalidArgumentException;

/** How a dessert is shared out: its pieces, where its parts go, what is used in part, what goes on at the table. */
final readonly class PiecesController
{
    private const MOST_GRAMS = 50_000.0;

    public function __construct(private Kernel $kernel, private Sheet $sheet) {}

    public function show(Request $request, Dessert $dessert): Response
    {
        return $this->sheet->show($request, $dessert, 'pieces', PiecesSheet::class);
    }

    public function portion(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $way = Way::tryFrom((string) $request->string('way')) ?? Way::Pieces;
        try {
            $wish = $this->wish($request, $way);
            $pieces = match ($way) {
                Way::Pieces => Portioning::pieces(Number::from($request->input('count')) ?? 0.0)->count,
                Way::Grid => Portioning::grid($wish->across, $wish->along)->count,
                default => null,
            };
        } catch (InvalidArgumentException $fault) {
            return $this->refuse($request, $dessert, $way->value, $fault->getMessage());
        }

        return $pieces === null
            ? $this->keep($request, $dessert, portion: $wish)
            : $this->keep($request, $dessert, portion: $wish, pieces: $pieces);
    }

    /** @throws InvalidArgumentException */
    private function wish(Request $request, Way $way): PortionWish
    {
        $leftover = Leftover::tryFrom((string) $request->string('rest')) ?? Leftover::Spread;
        $each = $request->filled('each') ? Number::from($request->input('each')) ?? 0.0 : null;
        $of = MassOf::tryFrom((string) $request->string('of')) ?? MassOf::Dough;

        return match ($way) {
            Way::Pieces => new PortionWish,
            Way::Grid => new PortionWish($way, $request->integer('across'), $request->integer('along')),
            Way::Scoop => new PortionWish(
                $way, scoop: $this->scoop($request), leftover: $leftover,
                each: $each === null ? null : Portioning::ofDough($way, $each, $leftover)->each,
            ),
            Way::Target => new PortionWish(
                $way,
                each: Portioning::ofDough($way, $each ?? 0.0, $leftover)->each,
                of: $of,
                leftover: $leftover,
            ),
            Way::Unequal => new PortionWish(
                $way,
                masses: Portioning::unequal(Number::listOf($request->input('masses')) ?? [])->masses,
            ),
        };
    }

    /** What the scale said of the dough or of the baked whole; nothing takes it back. */
    public function weighed(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $said = [];
        foreach (['weighed_mixed' => 'The dough', 'weighed_baked' => 'The baked whole'] as $field => $what) {
            $grams = Number::from($request->input($field));
            if ($request->filled($field) && ($grams === null || $grams <= 0 || $grams > self::MOST_GRAMS)) {
                return $this->refuse($request, $dessert, $field, "$what: grams above 0, such as 965.");
            }
            $said[$field] = $grams;
        }

        return $this->keep(
            $request,
            $dessert,
            weighedMixed: $said['weighed_mixed'],
            weighedBaked: $said['weighed_baked'],
        );
    }

    public function place(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $component = $request->integer('component');
        abort_unless(isset($this->kernel->read($dessert->brief)->components[$component]), 404);
        $spread = Spread::tryFrom((string) $request->string('spread')) ?? Spread::All;
        $amount = Number::from($request->input('amount'));
        $unit = in_array($request->input('unit'), ['g', 'tsp', 'tbsp'], true) ? (string) $request->input('unit') : 'g';
        $pieces = $request->integer('pieces');
        $isAmount = $amount > 0 && $amount <= self::MOST_GRAMS;
        $isServed = $spread === Spread::Table && $request->filled('amount');
        $fault = match (true) {
            $spread === Spread::Some && ($pieces < 1 || $pieces > Portioning::MOST) => 'On how many pieces: 1 or more.',
            $spread === Spread::Each && ! $isAmount => 'How much each piece gets: a number above 0.',
            $isServed && ! $isAmount => 'How much a piece gets: a number above 0, or nothing for an equal part.',
            default => null,
        };
        if ($fault !== null) {
            return $this->refuse($request, $dessert, "place-$component", $fault);
        }
        $placements = $dessert->brief->portions->placements;
        $placements[$component] = match ($spread) {
            Spread::All => null,
            Spread::Some => new PlacementWish($spread, $pieces),
            Spread::Each, Spread::Table => new PlacementWish($spread, amount: $amount ?? 0.0, unit: $unit),
        };

        return $this->keep($request, $dessert, placements: array_filter($placements));
    }

    /** What of a line is eaten, in per cent; all of it takes the word back. */
    public function used(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $key = (string) $request->string('line');
        abort_unless(in_array($key, array_column($this->kernel->read($dessert->brief)->lines, 'key'), true), 404);
        $percent = Number::from(str_replace('%', '', (string) $request->string('percent')));
        if ($percent === null || $percent < 0 || $percent > 100) {
            return $this->refuse($request, $dessert, "used-$key", 'What is used: 0 to 100 %.');
        }
        $used = $dessert->brief->portions->used;
        $used[$key] = PortionPlan::shareOf($percent);

        return $this->keep(
            $request,
            $dessert,
            used: array_filter($used, static fn (float $share): bool => $share !== 1.0),
        );
    }

    /** Puts toppings of the kitchen's list on this dessert, as they are now. */
    public function toppings(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $wanted = array_map(strval(...), array_filter((array) $request->input('toppings'), is_scalar(...)));
        $known = [
            ...array_column($dessert->brief->portions->toppings, 'text', 'name'),
            ...$dessert->recipe?->kitchen->toppings()->pluck('text', 'name')->all() ?? [],
        ];
        $toppings = [];
        foreach ($known as $name => $text) {
            if (in_array((string) $name, $wanted, true)) {
                $toppings[] = new Topping((string) $name, (string) $text);
            }
        }

        return $this->keep($request, $dessert, toppings: $toppings);
    }

    private function keep(Request $request, Dessert $dessert, mixed ...$changes): Response|RedirectResponse
    {
        $brief = $dessert->brief->but(portions: $dessert->brief->portions->but(...$changes));

        return $this->sheet->keep($request, $dessert, 'pieces', PiecesSheet::class, $brief);
    }

    private function refuse(Request $request, Dessert $dessert, string $field, string $sentence): Response
    {
        return $this->sheet->refuse($request, $dessert, 'pieces', PiecesSheet::class, [$field => $sentence]);
    }

    private function scoop(Request $request): string
    {
        $scoop = (string) $request->string('scoop');

        return isset($this->kernel->catalogue->scoops()[$scoop]) ? $scoop : PortionWish::SCOOP;
    }
}

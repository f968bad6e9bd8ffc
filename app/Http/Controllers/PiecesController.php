<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Formula\Leftover;
use Aglyca\Core\Formula\Portioning;
use Aglyca\Core\Formula\PortionPlan;
use Aglyca\Core\Formula\Spread;
use Aglyca\Core\Formula\Way;
use Aglyca\Core\Kernel;
use App\Support\Number;
use App\Support\Workpiece;
use App\View\PiecesSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InvalidArgumentException;

/** How a dessert is shared out: its pieces, where its parts go, what is used in part, what goes on at the table. */
final readonly class PiecesController
{
    private const MOST_GRAMS = 50_000.0;

    public function __construct(private Kernel $workshop, private Sheet $sheet) {}

    public function show(Request $request, Workpiece $piece): Response
    {
        return $this->sheet->show($request, $piece, 'pieces', PiecesSheet::class);
    }

    public function portion(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $way = Way::tryFrom((string) $request->string('way')) ?? Way::Pieces;
        $rest = Leftover::tryFrom((string) $request->string('rest')) ?? Leftover::Spread;
        $each = Number::from($request->input('each'));
        try {
            [$pieces, $portion] = match ($way) {
                Way::Pieces => [Portioning::pieces(Number::from($request->input('count')) ?? 0.0)->count, []],
                Way::Grid => [
                    Portioning::grid($request->integer('across'), $request->integer('along'))->count,
                    ['way' => 'grid', 'across' => $request->integer('across'), 'along' => $request->integer('along')],
                ],
                Way::Scoop => [null, ['way' => 'scoop', 'scoop' => $this->scoop($request), 'rest' => $rest->value, ...($request->filled('each') ? ['each' => Portioning::byMass($way, $each ?? 0.0, false, $rest)->each] : [])]],
                Way::Target => [null, ['way' => 'target', 'each' => Portioning::byMass($way, $each ?? 0.0, false, $rest)->each, 'of' => $request->input('of') === 'baked' ? 'baked' : 'dough', 'rest' => $rest->value]],
                Way::Unequal => [null, ['way' => 'unequal', 'masses' => Portioning::unequal(Number::listOf($request->input('masses')) ?? [])->masses]],
            };
        } catch (InvalidArgumentException $fault) {
            return $this->refuse($request, $piece, $way->value, $fault->getMessage());
        }

        return $this->keep($request, $piece, ['portion' => $portion], $pieces === null ? [] : ['pieces' => $pieces]);
    }

    /** What the scale said of the dough or of the baked whole; nothing takes it back. */
    public function weighed(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $said = [];
        foreach (['weighed_mixed' => 'The dough', 'weighed_baked' => 'The baked whole'] as $field => $what) {
            $grams = Number::from($request->input($field));
            if ($request->filled($field) && ($grams === null || $grams <= 0 || $grams > self::MOST_GRAMS)) {
                return $this->refuse($request, $piece, $field, "$what: grams above 0, such as 965.");
            }
            $said[$field] = $grams;
        }

        return $this->keep($request, $piece, $said);
    }

    public function place(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $component = $request->integer('component');
        abort_unless(isset($this->workshop->read($piece->document)->components[$component]), 404);
        $spread = Spread::tryFrom((string) $request->string('spread')) ?? Spread::All;
        $amount = Number::from($request->input('amount'));
        $unit = in_array($request->input('unit'), ['g', 'tsp', 'tbsp'], true) ? (string) $request->input('unit') : 'g';
        $pieces = $request->integer('pieces');
        $fault = match (true) {
            $spread === Spread::Some && ($pieces < 1 || $pieces > Portioning::MOST) => 'On how many pieces: 1 or more.',
            $spread === Spread::Each && ! ($amount > 0 && $amount <= self::MOST_GRAMS) => 'How much each piece gets: a number above 0.',
            $spread === Spread::Table && $request->filled('amount') && ! ($amount > 0 && $amount <= self::MOST_GRAMS) => 'How much a piece gets: a number above 0, or nothing for an equal part.',
            default => null,
        };
        if ($fault !== null) {
            return $this->refuse($request, $piece, "place-$component", $fault);
        }
        $placements = $piece->document->sharing->placements;
        $placements[$component] = match ($spread) {
            Spread::All => null,
            Spread::Some => ['spread' => 'some', 'pieces' => $pieces],
            Spread::Each => ['spread' => 'each', 'amount' => $amount, 'unit' => $unit],
            Spread::Table => ['spread' => 'table', 'amount' => $amount ?? 0.0, 'unit' => $unit],
        };

        return $this->keep($request, $piece, ['placements' => array_filter($placements)]);
    }

    /** What of a line is eaten, in per cent; all of it takes the word back. */
    public function used(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $key = (string) $request->string('line');
        abort_unless(in_array($key, array_column($this->workshop->read($piece->document)->lines, 'key'), true), 404);
        $percent = Number::from(str_replace('%', '', (string) $request->string('percent')));
        if ($percent === null || $percent < 0 || $percent > 100) {
            return $this->refuse($request, $piece, "used-$key", 'What is used: 0 to 100 %.');
        }
        $used = $piece->document->sharing->used;
        $used[$key] = PortionPlan::shareOf($percent);

        return $this->keep($request, $piece, ['used' => array_filter($used, static fn (float $share): bool => $share !== 1.0)]);
    }

    /** Puts toppings of the kitchen's list on this dessert, as they are now. */
    public function toppings(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $wanted = array_map(strval(...), array_filter((array) $request->input('toppings'), is_scalar(...)));
        $known = [...array_column($piece->document->sharing->toppings, 'text', 'name'), ...($piece->recipe?->kitchen->toppings()->pluck('text', 'name')->all() ?? [])];
        $toppings = [];
        foreach ($known as $name => $text) {
            if (in_array((string) $name, $wanted, true)) {
                $toppings[] = ['name' => (string) $name, 'text' => (string) $text];
            }
        }

        return $this->keep($request, $piece, ['toppings' => $toppings]);
    }

    /** @param  array<string, mixed>  $sharing  changes */
    private function keep(Request $request, Workpiece $piece, array $sharing, array $more = []): Response|RedirectResponse
    {
        return $this->sheet->keep($request, $piece, 'pieces', PiecesSheet::class, ['sharing' => $piece->document->sharing->with($sharing)->toArray(), ...$more]);
    }

    private function refuse(Request $request, Workpiece $piece, string $field, string $sentence): Response
    {
        return $this->sheet->refuse($request, $piece, 'pieces', PiecesSheet::class, [$field => $sentence]);
    }

    private function scoop(Request $request): string
    {
        $scoop = (string) $request->string('scoop');

        return isset($this->workshop->layouts->scoops[$scoop]) ? $scoop : '40';
    }
}

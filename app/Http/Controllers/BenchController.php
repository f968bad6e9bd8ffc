<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Bench\Workshop;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Reading\YieldReader;
use Aglyca\Core\Swap\Wishes;
use App\Support\CorrectionInput;
use App\Support\Draft;
use App\Support\Workpiece;
use App\View\BenchPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

final readonly class BenchController
{
    public function __construct(private Workshop $workshop) {}

    public function current(Request $request, Draft $draft): RedirectResponse
    {
        $latest = $request->user()?->kitchen->recipes()->orderByDesc('opened_at')->first();

        return redirect(match (true) {
            $latest !== null => "/bench/$latest->ulid",
            $draft->document() !== null => '/bench/draft',
            default => '/',
        });
    }

    public function show(Request $request, Workpiece $piece): Response
    {
        $piece->recipe?->update(['opened_at' => now()]);

        return $this->page($request, $piece);
    }

    public function wish(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $input = Validator::make($request->all(), [
            'pieces' => ['nullable', 'numeric', 'gt:0', 'max:'.YieldReader::MOST_PIECES],
            'sweetness' => ['required', 'numeric', 'between:60,110'],
            'sweetener' => ['required', 'string', Rule::in(array_keys($this->workshop->schools->sweeteners()))],
            'school' => ['required', 'string', Rule::in(array_keys($this->workshop->schools->flours()))],
            'convention' => ['required', Rule::enum(Convention::class)],
        ], [
            'pieces.*' => 'Pieces: a number above 0 and up to '.YieldReader::MOST_PIECES.'. The figures still show the last good number.',
            'sweetness.*' => 'Sweetness goes from 60 to 110 %.',
            '*.in' => 'That choice is not in the larder. Pick one from the list.',
        ]);
        if ($input->fails()) {
            return $this->refuse($request, $piece, $input->errors());
        }
        $said = $input->validated();
        $piece = $piece->keep($piece->document->with([
            'pieces' => isset($said['pieces']) ? (float) $said['pieces'] : null,
            'sweetness' => Wishes::ratioOf((float) $said['sweetness']),
            'sweetener' => $said['sweetener'],
            'school' => $said['school'],
            'convention' => $said['convention'],
        ]));

        return $this->answer($request, $piece);
    }

    public function correct(Request $request, Workpiece $piece, string $key, CorrectionInput $input): Response|RedirectResponse
    {
        $corrections = $piece->document->corrections;
        if ($request->has('reset')) {
            unset($corrections[$key]);
        } elseif ($request->has('leave_out')) {
            $corrections[$key] = ['left_out' => true];
        } else {
            [$said, $faults] = $input->read($request);
            if ($faults->isNotEmpty()) {
                return $this->refuse($request, $piece, $faults, $key);
            }
            $corrections[$key] = array_diff_key([...($corrections[$key] ?? []), ...$said], ['left_out' => true]);
            $this->remember($piece, $key, $said['food'] ?? null);
        }

        return $this->answer($request, $piece->keep($piece->document->with(['corrections' => $corrections])), $request->hasAny(['reset', 'leave_out', 'quick']) ? null : $key);
    }

    public function export(Workpiece $piece, string $side, string $form): Response
    {
        $written = $this->workshop->work($piece->document)->written($side === 'swapped');
        [$body, $type] = match ($form) {
            'txt' => [$written->text(), 'text/plain'],
            'csv' => [$written->csv(), 'text/csv'],
            default => [json_encode($written->schema(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), 'application/ld+json'],
        };
        $name = Str::slug($written->title).'-'.$side.'.'.($form === 'json' ? 'json' : $form);

        return response($body, 200, ['Content-Type' => "$type; charset=utf-8", 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }

    /** A food said for a name is taken for that name from now on, in this kitchen. */
    private function remember(Workpiece $piece, string $key, ?string $food): void
    {
        if ($piece->recipe === null || $food === null) {
            return;
        }
        foreach ($this->workshop->read($piece->document)->lines as $line) {
            $name = FoodIndex::normal($line->name);
            if ($line->key === $key && $name !== '' && mb_strlen($name) <= 190) {
                $piece->recipe->kitchen->rememberedNames()->updateOrCreate(['name' => $name], ['food' => $food, 'typed' => mb_substr($line->name, 0, 190)]);
            }
        }
    }

    public function text(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $document = $piece->document->with(['text' => is_string($request->input('text')) ? $request->input('text') : '']);
        try {
            $this->workshop->read($document);
        } catch (UnreadableRecipe $fault) {
            return $this->refuse($request, $piece, new MessageBag(['text' => $fault->getMessage()]));
        }

        return $this->answer($request, $piece->keep($document));
    }

    private function answer(Request $request, Workpiece $piece, ?string $open = null): Response|RedirectResponse
    {
        return $request->hasHeader('HX-Request') ? $this->fragment($piece, new MessageBag, [], 200, $open) : redirect($piece->path('bench'));
    }

    private function refuse(Request $request, Workpiece $piece, MessageBag $faults, ?string $open = null): Response
    {
        $typed = array_filter($request->except('_token'), is_string(...));
        if ($request->hasHeader('HX-Request')) {
            return $this->fragment($piece, $faults, $typed, 422, $open);
        }

        return response()->view('bench', ['page' => $this->work($piece, $faults, $typed, $open)], 422);
    }

    private function page(Request $request, Workpiece $piece): Response
    {
        return response()->view($request->hasHeader('HX-Request') ? 'bench.tray' : 'bench', ['page' => $this->work($piece, new MessageBag, [], (string) $request->query('line'))]);
    }

    /** @param  array<string, string>  $typed */
    private function fragment(Workpiece $piece, MessageBag $faults, array $typed, int $status, ?string $open = null): Response
    {
        return response()->view('bench.tray', ['page' => $this->work($piece, $faults, $typed, $open)], $status);
    }

    /** @param  array<string, string>  $typed what was typed and refused, to stand in its field again */
    private function work(Workpiece $piece, MessageBag $faults, array $typed, ?string $open): BenchPage
    {
        return new BenchPage($piece, $this->workshop->work($piece->document), $this->workshop, $faults, $typed, $open);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Reading\YieldReader;
use Aglyca\Core\Swap\Wishes;
use App\Models\Version;
use App\Support\CorrectionInput;
use App\Support\Draft;
use App\Support\Workpiece;
use App\View\BenchPage;
use App\View\VersionRows;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

final readonly class BenchController
{
    public function __construct(private Kernel $workshop) {}

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
            'cooler' => ['nullable', 'numeric', 'in:0,5,10,15,20'],
            'without' => ['nullable', 'array'],
            'without.*' => ['string', Rule::in(['nuts', 'milk', 'egg', 'coconut', 'peanut'])],
            'families' => ['nullable', 'array'],
            'families.*' => ['string', Rule::in(['', ...array_keys($this->workshop->families->names())])],
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
            // Where the pieces follow from a scoop or a mass, the page sends none, and they go on following.
            ...($request->has('pieces') ? ['pieces' => isset($said['pieces']) ? (float) $said['pieces'] : null, 'sharing' => $this->counted($piece, $said['pieces'] ?? null)] : []),
            'sweetness' => Wishes::ratioOf((float) $said['sweetness']),
            'sweetener' => $said['sweetener'],
            'school' => $said['school'],
            'convention' => $said['convention'],
            'cooler' => (float) ($said['cooler'] ?? 0),
            'without' => array_values($said['without'] ?? []),
            'families' => array_filter($said['families'] ?? []),
            ...($said['sweetener'] === $piece->document->sweetener ? [] : ['shares' => [], 'corners' => []]),
        ]));

        return $this->answer($request, $piece);
    }

    /**
     * A number of pieces typed in ends whatever other way they were portioned, but for a grid that makes as many.
     *
     * @return array<string, mixed>
     */
    private function counted(Workpiece $piece, ?string $pieces): array
    {
        $sharing = $piece->document->sharing;
        $isSame = $sharing->isGridOf($pieces === null ? 0.0 : (float) $pieces);

        return $isSame ? $sharing->toArray() : $sharing->with(['portion' => []])->toArray();
    }

    /** The bead of the triangle: three shares in percent, and the corners that they are of. */
    public function blend(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        if ($request->has('free')) {
            return $this->answer($request, $piece->keep($piece->document->with(['shares' => [], 'corners' => []])));
        }
        $input = Validator::make($request->all(), [
            'corners' => ['required', 'array', 'size:3'],
            'corners.*' => ['string', 'distinct', Rule::in($this->workshop->schools->blendable())],
            'shares' => ['required', 'array', 'size:3'],
            'shares.*' => ['required', 'numeric', 'between:0,100'],
        ], ['shares.*' => 'Each share is a number from 0 to 100.', 'corners.*' => 'Three different sweeteners make a blend.']);
        $shares = $input->fails() ? null : Wishes::shares(array_map(floatval(...), array_values($request->input('shares'))));
        if ($shares === null) {
            return $this->refuse($request, $piece, new MessageBag(['blend' => $input->errors()->first() ?: 'The three shares cannot all be nothing.']));
        }

        return $this->answer($request, $piece->keep($piece->document->with(['shares' => $shares, 'corners' => array_values($request->input('corners'))])));
    }

    /** An own amount for a swapped ingredient, or the programme's again. */
    public function amount(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $food = (string) $request->string('food');
        $slot = (string) $request->string('slot');
        abort_unless(preg_match('~^(?:|syrup|added|[a-f0-9]{10}-\d{1,3}(?:_\d)?)$~', $slot) === 1, 422);
        if ($slot === 'added') {
            $match = $this->workshop->foods->find($food);
            $food = $match->sure ? (string) $match->food : $food;
        }
        $key = Wishes::amountKey($request->integer('component'), $food, $slot);
        $amounts = $piece->document->amounts;
        $grams = str_replace(',', '.', trim((string) $request->string('grams')));
        if ($request->has('reset') || $grams === '') {
            unset($amounts[$key]);
        } elseif (is_numeric($grams) && (float) $grams > 0 && (float) $grams <= 20_000 && $this->workshop->larder->find($food) !== null) {
            $amounts[$key] = (float) $grams;
        } elseif ($this->workshop->larder->find($food) === null) {
            return $this->refuse($request, $piece, new MessageBag(['added' => 'The larder has no “'.mb_strimwidth($food, 0, 40, '…').'”. Choose a food from the list.']));
        } else {
            return $this->refuse($request, $piece, new MessageBag([$slot === 'added' ? 'added' : 'amount' => 'Grams: a number above 0, such as 120 or 2.5.']), null, $key);
        }

        return $this->answer($request, $piece->keep($piece->document->with(['amounts' => $amounts])));
    }

    public function leave(Request $request, Workpiece $piece, string $key): Response|RedirectResponse
    {
        $left = $piece->document->left;
        $left = in_array($key, $left, true) ? array_values(array_diff($left, [$key])) : [...$left, $key];

        return $this->answer($request, $piece->keep($piece->document->with(['left' => $left])));
    }

    /** A food that this kitchen never uses; said once, it holds for every dessert. */
    public function refuseFood(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $kitchen = $piece->recipe->kitchen ?? abort(404);
        $food = (string) $request->string('food');
        abort_if($this->workshop->larder->find($food) === null, 404);
        $kitchen->update(['refused' => array_values(array_unique([...($kitchen->refused ?? []), $food]))]);

        return redirect($piece->path('bench'))->with('undo', ['said' => "“{$this->workshop->larder->get($food)->name}” is not used in this kitchen any more.", 'to' => '/kitchen/refused', 'label' => 'Undo', 'fields' => ['allow' => $food]]);
    }

    public function undo(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        return $this->back($request, $piece->undo());
    }

    public function redo(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        return $this->back($request, $piece->redo());
    }

    /** To the sheet that it was asked from. */
    private function back(Request $request, Workpiece $piece): Response|RedirectResponse
    {
        $sheet = (string) $request->string('sheet');

        return in_array($sheet, ['account', 'pieces', 'scale', 'compare', 'card'], true) ? redirect($piece->path("bench/$sheet")) : $this->answer($request, $piece);
    }

    public function proposals(Request $request, Workpiece $piece): View
    {
        return view($request->hasHeader('HX-Request') ? 'bench.proposals' : 'proposals', ['piece' => $piece, 'proposals' => $this->workshop->proposals($piece->document), 'convention' => $piece->document->convention]);
    }

    /** The weave's twin for reading aloud: the same swap as one table. */
    public function table(Workpiece $piece): View
    {
        return view('weave-table', ['page' => $this->work($piece, new MessageBag, [], null)]);
    }

    /** Two versions side by side, differences only. */
    public function versions(Request $request, Workpiece $piece): View
    {
        $recipe = $piece->recipe ?? abort(404);
        $all = $recipe->versions()->orderBy('number')->get();
        $pick = static fn (string $field, ?Version $else): ?Version => $all->firstWhere('number', $request->integer($field)) ?? $else;
        [$a, $b] = [$pick('a', $all->first()), $pick('b', $all->last())];
        $work = fn (?Version $v): Conversion => $this->workshop->work($recipe->documentOf($v ?? abort(404)));

        return view('versions', ['recipe' => $recipe, 'all' => $all, 'a' => $a, 'b' => $b, 'rows' => VersionRows::of($work($a), $work($b))]);
    }

    public function version(Workpiece $piece): RedirectResponse
    {
        ($piece->recipe ?? abort(404))->startVersion();

        return redirect($piece->path('bench'))->with('said', 'The version is set down as it was. You go on with the next.');
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

    private function refuse(Request $request, Workpiece $piece, MessageBag $faults, ?string $open = null, ?string $part = null): Response
    {
        $typed = [...array_filter($request->except('_token'), is_string(...)), ...($part === null ? [] : ['part' => $part])];
        if ($request->hasHeader('HX-Request')) {
            return $this->fragment($piece, $faults, $typed, 422, $open);
        }

        return response()->view('bench', ['page' => $this->work($piece, $faults, $typed, $open)], 422);
    }

    private function page(Request $request, Workpiece $piece): Response
    {
        return response()->view($request->hasHeader('HX-Request') ? 'bench.tray' : 'bench', ['page' => $this->work($piece, new MessageBag, array_filter(['part' => (string) $request->query('part')]), (string) $request->query('line'))]);
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

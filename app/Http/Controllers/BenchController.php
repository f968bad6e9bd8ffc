<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Side;
use Aglyca\Core\Swap\AmountKey;
use Aglyca\Core\Swap\Blend;
use App\Http\Requests\WishesRequest;
use App\Models\Version;
use App\Support\BenchAnswer;
use App\Support\CorrectionInput;
use App\Support\Dessert;
use App\Support\Draft;
use App\Support\Number;
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
    public function __construct(private Kernel $kernel, private BenchAnswer $bench) {}

    public function current(Request $request, Draft $draft): RedirectResponse
    {
        $latest = $request->user()?->kitchen->recipes()->orderByDesc('opened_at')->first();

        return redirect(match (true) {
            $latest !== null => "/bench/$latest->ulid",
            $draft->brief() !== null => '/bench/draft',
            default => '/',
        });
    }

    public function show(Request $request, Dessert $dessert): Response
    {
        $dessert->recipe?->update(['opened_at' => now()]);

        return $this->bench->page($request, $dessert);
    }

    public function wish(WishesRequest $request, Dessert $dessert): Response|RedirectResponse
    {
        return $this->bench->kept($request, $dessert->keep($request->applied($dessert->brief)));
    }

    /** The bead of the triangle: three shares in percent, and the corners that they are of. */
    public function blend(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        if ($request->has('free')) {
            return $this->bench->kept($request, $dessert->keep($dessert->brief->wishing(blend: Blend::free())));
        }
        $input = Validator::make($request->all(), [
            'corners' => ['required', 'array', 'size:3'],
            'corners.*' => ['string', 'distinct', Rule::in($this->kernel->catalogue->blendable())],
            'shares' => ['required', 'array', 'size:3'],
            'shares.*' => ['required', 'numeric', 'between:0,100'],
        ], ['shares.*' => 'Each share is a number from 0 to 100.', 'corners.*' => 'Three different sweeteners make a blend.']);
        $shares = $input->fails() ? null : Blend::shares(array_map(floatval(...), array_values($request->input('shares'))));
        if ($shares === null) {
            return $this->bench->refuse($request, $dessert, new MessageBag(['blend' => $input->errors()->first() ?: 'The three shares cannot all be nothing.']));
        }

        return $this->bench->kept($request, $dessert->keep(
            $dessert->brief->wishing(blend: Blend::of(array_values($request->input('corners')), $shares)),
        ));
    }

    /** An own amount for a swapped ingredient, or the programme's again. */
    public function amount(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $food = (string) $request->string('food');
        $slot = (string) $request->string('slot');
        abort_unless(preg_match('~^(?:|syrup|added|[a-f0-9]{10}-\d{1,3}(?:_\d)?)$~', $slot) === 1, 422);
        if ($slot === 'added') {
            $match = $this->kernel->catalogue->find($food);
            $food = $match->sure ? (string) $match->food : $food;
        }
        $key = (string) new AmountKey($request->integer('component'), $food, $slot);
        $amounts = $dessert->brief->wishes->amounts;
        $grams = Number::plain((string) $request->string('grams'));
        if ($request->has('reset') || $grams === '') {
            unset($amounts[$key]);
        } elseif (is_numeric($grams) && (float) $grams > 0 && (float) $grams <= 20_000 && $this->kernel->catalogue->food($food) !== null) {
            $amounts[$key] = (float) $grams;
        } elseif ($this->kernel->catalogue->food($food) === null) {
            return $this->bench->refuse($request, $dessert, new MessageBag(['added' => 'The larder has no “'.mb_strimwidth($food, 0, 40, '…').'”. Choose a food from the list.']));
        } else {
            return $this->bench->refuse($request, $dessert, new MessageBag([$slot === 'added' ? 'added' : 'amount' => 'Grams: a number above 0, such as 120 or 2.5.']), null, $key);
        }

        return $this->bench->kept($request, $dessert->keep($dessert->brief->wishing(amounts: $amounts)));
    }

    public function leave(Request $request, Dessert $dessert, string $key): Response|RedirectResponse
    {
        $left = $dessert->brief->wishes->left;
        $left = in_array($key, $left, true) ? array_values(array_diff($left, [$key])) : [...$left, $key];

        return $this->bench->kept($request, $dessert->keep($dessert->brief->wishing(left: $left)));
    }

    /** A food that this kitchen never uses; said once, it holds for every dessert. */
    public function refuseFood(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $kitchen = $dessert->recipe->kitchen ?? abort(404);
        $food = (string) $request->string('food');
        $name = $this->kernel->catalogue->food($food)->name ?? abort(404);
        $kitchen->update(['refused' => array_values(array_unique([...($kitchen->refused ?? []), $food]))]);

        return redirect($dessert->path('bench'))->with('undo', ['said' => "“{$name}” is not used in this kitchen any more.", 'to' => '/kitchen/refused', 'label' => 'Undo', 'fields' => ['allow' => $food]]);
    }

    public function undo(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        return $this->back($request, $dessert->undo());
    }

    public function redo(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        return $this->back($request, $dessert->redo());
    }

    /** To the sheet that it was asked from. */
    private function back(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $sheet = (string) $request->string('sheet');

        return in_array($sheet, ['account', 'pieces', 'scale', 'compare', 'card'], true) ? redirect($dessert->path("bench/$sheet")) : $this->bench->kept($request, $dessert);
    }

    public function proposals(Request $request, Dessert $dessert): View
    {
        return view($request->hasHeader('HX-Request') ? 'bench.proposals' : 'proposals', ['dessert' => $dessert, 'proposals' => $this->kernel->propose($dessert->brief), 'convention' => $dessert->brief->convention]);
    }

    /** The weave's twin for reading aloud: the same swap as one table. */
    public function table(Dessert $dessert): View
    {
        return view('weave-table', ['page' => new BenchPage($dessert, $this->kernel->convert($dessert->brief), $this->kernel, new MessageBag, [], null)]);
    }

    /** Two versions side by side, differences only. */
    public function versions(Request $request, Dessert $dessert): View
    {
        $recipe = $dessert->recipe ?? abort(404);
        $all = $recipe->versions()->orderBy('number')->get();
        $pick = static fn (string $field, ?Version $else): ?Version => $all->firstWhere('number', $request->integer($field)) ?? $else;
        [$a, $b] = [$pick('a', $all->first()), $pick('b', $all->last())];
        $work = fn (?Version $v): Conversion => $this->kernel->convert($recipe->briefOf($v ?? abort(404)));

        return view('versions', ['recipe' => $recipe, 'all' => $all, 'a' => $a, 'b' => $b, 'rows' => VersionRows::of($work($a), $work($b))]);
    }

    public function version(Dessert $dessert): RedirectResponse
    {
        ($dessert->recipe ?? abort(404))->startVersion();

        return redirect($dessert->path('bench'))->with('said', 'The version is set down as it was. You go on with the next.');
    }

    public function correct(Request $request, Dessert $dessert, string $key, CorrectionInput $input): Response|RedirectResponse
    {
        $corrections = $dessert->brief->corrections;
        if ($request->has('reset')) {
            $corrections = $corrections->without($key);
        } elseif ($request->has('leave_out')) {
            $corrections = $corrections->with($key, new Correction(isLeftOut: true));
        } else {
            [$said, $faults] = $input->read($request);
            if ($faults->isNotEmpty()) {
                return $this->bench->refuse($request, $dessert, $faults, $key);
            }
            $corrections = $corrections->with($key, ($corrections->of($key) ?? new Correction)->but(...$said, isLeftOut: false));
            $this->remember($dessert, $key, $said['food'] ?? null);
        }

        return $this->bench->kept($request, $dessert->keep($dessert->brief->but(corrections: $corrections)), $request->hasAny(['reset', 'leave_out', 'quick']) ? null : $key);
    }

    public function export(Dessert $dessert, string $side, string $form): Response
    {
        $written = $this->kernel->convert($dessert->brief)->written(Side::from($side));
        [$body, $type] = match ($form) {
            'txt' => [$written->text(), 'text/plain'],
            'csv' => [$written->csv(), 'text/csv'],
            default => [json_encode($written->schema(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), 'application/ld+json'],
        };
        $name = Str::slug($written->title).'-'.$side.'.'.($form === 'json' ? 'json' : $form);

        return response($body, 200, ['Content-Type' => "$type; charset=utf-8", 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }

    /** A food said for a name is taken for that name from now on, in this kitchen. */
    private function remember(Dessert $dessert, string $key, ?string $food): void
    {
        if ($dessert->recipe === null || $food === null) {
            return;
        }
        foreach ($this->kernel->read($dessert->brief)->lines as $line) {
            $name = FoodIndex::normal($line->name);
            if ($line->key === $key && $name !== '' && mb_strlen($name) <= 190) {
                $dessert->recipe->kitchen->rememberedNames()->updateOrCreate(['name' => $name], ['food' => $food, 'typed' => mb_substr($line->name, 0, 190)]);
            }
        }
    }

    public function text(Request $request, Dessert $dessert): Response|RedirectResponse
    {
        $brief = $dessert->brief->but(text: is_string($request->input('text')) ? $request->input('text') : '');
        try {
            $this->kernel->read($brief);
        } catch (UnreadableRecipe $fault) {
            return $this->bench->refuse($request, $dessert, new MessageBag(['text' => $fault->getMessage()]));
        }

        return $this->bench->kept($request, $dessert->keep($brief));
    }
}

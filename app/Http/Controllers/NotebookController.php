<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Side;
use Aglyca\Core\Trial\Experience;
use Aglyca\Core\Trial\FoundCause;
use App\Http\Requests\BakeRequest;
use App\Http\Requests\FindBakesRequest;
use App\Models\Bake;
use App\Models\Recipe;
use App\Models\Version;
use App\Support\NotebookZip;
use App\Support\Teaching;
use App\View\BakeLine;
use App\View\BakeRows;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final readonly class NotebookController
{
    private const PER_PAGE = 20;

    public function __construct(private Kernel $kernel) {}

    /** All bakes, the latest first; found by words, foods, marks and dates. */
    public function index(FindBakesRequest $request): View
    {
        $kitchen = $request->user()->kitchen;
        $said = $request->validated();
        $find = '%'.addcslashes((string) ($said['find'] ?? ''), '%_\\').'%';
        $bakes = Bake::query()
            ->whereIn('recipe_id', $kitchen->recipes()->select('id'))
            ->when(
                $said['find'] ?? null,
                static fn ($q) => $q->where(
                    static fn ($w) => $w
                        ->where('words', 'like', $find)
                        ->orWhereIn('recipe_id', $kitchen->recipes()->where('title', 'like', $find)->select('id'))
                        ->orWhereIn(
                            'version_id',
                            Version::query()
                                ->whereIn('recipe_id', $kitchen->recipes()->select('id'))
                                ->where('document', 'like', $find)
                                ->select('id'),
                        ),
                ),
            )
            ->when($said['mark'] ?? null, static fn ($q, $mark) => $q->where('mark', '>=', $mark))
            ->when($said['from'] ?? null, static fn ($q, $day) => $q->where('baked_on', '>=', $day))
            ->when($said['to'] ?? null, static fn ($q, $day) => $q->where('baked_on', '<=', $day))
            ->orderByDesc('baked_on')->orderByDesc('id')->select('id')->paginate(self::PER_PAGE)->withQueryString();
        // Words, versions and pictures are fetched for this page alone: sorting all bakes needs none of them.
        $bakes->setCollection(
            Bake::query()
                ->whereKey($bakes->pluck('id'))
                ->with(['recipe:id,ulid,title', 'version:id,recipe_id,number'])
                ->withCount('photos')
                ->orderByDesc('baked_on')
                ->orderByDesc('id')
                ->get(),
        );

        return view('notebook', [
            'bakes' => $bakes,
            'said' => $said,
            'boxes' => $kitchen
                ->boxes()
                ->with('bake.recipe')
                ->where('pieces_left', '>', 0)
                ->orderBy('good_until')
                ->limit(self::PER_PAGE)
                ->get(),
        ]);
    }

    public function dessert(Request $request, Recipe $recipe): View
    {
        abort_if($recipe->trashed(), 404);
        $versions = $recipe->versions()->with('bakes.photos')->orderBy('number')->get();
        $bakes = $versions
            ->flatMap(static fn (Version $v): Collection => $v->bakes)
            ->sortBy([['baked_on', 'desc'], ['id', 'desc']])
            ->values();
        $bakes->each(
            static fn (Bake $b): Bake => $b
                ->setRelation('recipe', $recipe)
                ->setRelation('version', $versions->firstWhere('id', $b->version_id)),
        );
        $open = $bakes->firstWhere('id', (int) $request->query('bake')) ?? $bakes->first();
        $other = $bakes->firstWhere('id', (int) $request->query('beside'));

        return view('notebook-dessert', [
            'recipe' => $recipe,
            'line' => new BakeLine($versions),
            'bakes' => $bakes,
            'open' => $open,
            'other' => $other,
            'causes' => $open === null ? [] : $this->causes($open),
            'rows' => $open === null || $other === null ? [] : BakeRows::of($this->kernel, $open, $other),
            'answer' => $open === null ? '' : $this->answer($open, $bakes),
        ]);
    }

    public function bake(Bake $bake): View
    {
        abort_if($bake->trashed(), 404);

        return view('notebook-bake', ['bake' => $bake->load(['recipe', 'version', 'photos', 'boxes'])]);
    }

    public function write(BakeRequest $request, Bake $bake, Teaching $teaching): RedirectResponse
    {
        abort_if($bake->trashed(), 404);
        $bake->update($request->bake());
        $teaching->of($bake->load(['recipe.kitchen', 'version']));

        return redirect()->route('notebook.dessert', [$bake->recipe->ulid, 'bake' => $bake->id])->with('said', 'It is written down.');
    }

    /** Opens the next version with the one change that a cause asks for. */
    public function tryChange(Request $request, Bake $bake): RedirectResponse
    {
        abort_if($bake->trashed(), 404);
        $recipe = $bake->recipe;
        foreach ($this->causes($bake) as $cause) {
            if ($cause->key === $request->string('cause')->value() && $cause->change !== null) {
                $brief = $this->kernel->trying(
                    $this->kernel->convert($recipe->briefOf($bake->version)),
                    $cause->change,
                );
                $recipe->goOnFrom($bake->version, $brief, [
                    'cause' => $cause->key,
                    'label' => $cause->label,
                    'sentence' => $cause->change->sentence,
                ]);

                return redirect()->route('bench.show', $recipe->ulid)->with(
                    'said',
                    'The next version tries: '.$cause->change->sentence,
                );
            }
        }

        return redirect()->route('notebook.dessert', [$recipe->ulid, 'bake' => $bake->id])->with(
            'said',
            'That change can no longer be worked out.',
        );
    }

    public function pin(Request $request, Recipe $recipe): RedirectResponse
    {
        $version = $recipe->versions()->findOrFail($request->integer('version'));
        $recipe->update(['house_version_id' => $recipe->house_version_id === $version->id ? null : $version->id]);

        return redirect()->route('notebook.dessert', $recipe->ulid);
    }

    /** Goes back to a version: the next one is as that was. */
    public function back(Request $request, Recipe $recipe): RedirectResponse
    {
        $version = $recipe->versions()->findOrFail($request->integer('version'));
        $recipe->goOnFrom($version);

        return redirect()->route('bench.show', $recipe->ulid)->with('said', "You go on from version $version->number as it was.");
    }

    public function export(Request $request): BinaryFileResponse
    {
        return response()
            ->download(NotebookZip::of($request->user()->kitchen), 'notebook.zip', [
                'Content-Type' => 'application/zip',
            ])
            ->deleteFileAfterSend();
    }

    /** @return list<FoundCause> */
    private function causes(Bake $bake): array
    {
        $conversion = $this->kernel->convert($bake->recipe->briefOf($bake->version));

        return $this->kernel->diagnose($conversion, Side::Swapped, $bake->notes(), $this->tried($bake->recipe));
    }

    /**
     * How often this kitchen tried the change of a cause, and how often the next bake was judged better.
     *
     * @return array<string, Experience>
     */
    private function tried(Recipe $recipe): array
    {
        $tried = [];
        $versions = Version::query()
            ->whereHas('recipe', static fn ($q) => $q->where('kitchen_id', $recipe->kitchen_id))
            ->whereNotNull('tries')
            ->with('bakes')
            ->get();
        foreach ($versions as $version) {
            $after = $version->bakes->sortBy('id')->first();
            $before = Bake::query()->where('version_id', $version->parent_id)->orderByDesc('id')->first();
            if ($after !== null && $before !== null && $after->mark !== null && $before->mark !== null) {
                $cause = (string) ($version->tries['cause'] ?? '');
                $tried[$cause] = ($tried[$cause] ?? new Experience)->after($after->mark > $before->mark);
            }
        }

        return $tried;
    }

    /**
     * Whether what a version tried did help.
     *
     * @param  Collection<int, Bake>  $bakes
     */
    private function answer(Bake $bake, Collection $bakes): string
    {
        $tries = $bake->version->tries;
        $before = $bakes->first(static fn (Bake $b): bool => $b->version_id === $bake->version->parent_id);
        if ($tries === null || ! $before instanceof Bake || $bake->mark === null || $before->mark === null) {
            return '';
        }

        return 'It tried: '.$tries['sentence'].' '.match (true) {
            $bake->mark > $before->mark => "That helped: $before->mark of 5 before, $bake->mark now.",
            $bake->mark < $before->mark => "That did not help: $before->mark of 5 before, $bake->mark now.",
            default => "Nothing changed in the mark: $bake->mark of 5 both times.",
        };
    }
}

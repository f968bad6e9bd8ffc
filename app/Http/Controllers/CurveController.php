<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Trial\MeterFile;
use App\Http\Requests\CurveRequest;
use App\Models\CurveNote;
use App\Models\Recipe;
use App\View\CurveDrawing;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use InvalidArgumentException;

/** Glucose before and after a portion, for whoever wants it. */
final readonly class CurveController
{
    private const MOST_BYTES = 500_000;

    public function __construct(private Kernel $kernel) {}

    public function index(Request $request): View
    {
        $curves = $request->user()->kitchen->curves()->orderByDesc('eaten_on')->orderByDesc('id')->limit(60)->get();
        $open = array_values(
            array_filter([
                $curves->firstWhere('id', $request->integer('a')) ?? $curves->first(),
                $curves->firstWhere('id', $request->integer('b')),
            ]),
        );

        return view('response', [
            'cautions' => array_values(array_unique(array_merge([], ...array_map(
                fn (CurveNote $note): array => array_filter([
                    ...$note->told ?? [],
                    $this->kernel->cautionOf($note->curve()),
                ]),
                $open,
            )))),
            'curves' => $curves,
            'drawing' => $open === [] ? null : new CurveDrawing($open),
            'open' => $open,
            'recipes' => $request
                ->user()
                ->kitchen->recipes()
                ->orderBy('title')
                ->limit(200)
                ->get(['id', 'ulid', 'title']),
        ]);
    }

    public function store(CurveRequest $request): RedirectResponse
    {
        $said = $request->validated();
        $file = $request->file('file');
        try {
            $text =
                $file instanceof UploadedFile
                    ? ($file->isValid() && $file->getSize() <= self::MOST_BYTES
                        ? (string) $file->get()
                        : throw new InvalidArgumentException('A file of up to 500 kB, please.'))
                    : (string) ($said['readings'] ?? '');
            // Typed readings need no heading: minutes and a value on each line.
            $csv =
                preg_match('~^\s*-?\d~', $text) === 1
                    ? "minutes;glucose\n".preg_replace('~^\s*(-?\d+)[\s,;:]+(\d+(?:[.,]\d+)?|\p{L}+)\s*$~mu', '$1;$2', mb_scrub($text))
                    : $text;
            $file = MeterFile::read($csv, (string) ($said['unit'] ?? ''));
            $meal = $this->kernel->meal($file, $file->minuteOf((string) ($said['first_bite'] ?? '')));
        } catch (InvalidArgumentException $fault) {
            return redirect()->route('curves')->withInput()->withErrors(['readings' => $fault->getMessage()]);
        }
        $kitchen = $request->user()->kitchen;
        $recipe = Recipe::query()
            ->where('kitchen_id', $kitchen->id)
            ->where('ulid', $said['dessert'] ?? '')
            ->value('id');
        $curve = $kitchen
            ->curves()
            ->create([
                'name' => $said['name'],
                'eaten_on' => $said['eaten_on'],
                'points' => $meal->curve->points,
                'told' => $meal->told,
                'recipe_id' => $recipe,
            ]);

        return redirect()->route('curves', ['a' => $curve->id])->with('said', 'Saved: '.$curve->name.'.');
    }

    public function remove(CurveNote $curve): RedirectResponse
    {
        $curve->delete();

        return redirect()->route('curves')->with('undo', [
            'said' => "“{$curve->name}” was removed.",
            'to' => "/notebook/response/$curve->id/restore",
            'label' => 'Undo',
        ]);
    }

    public function restore(CurveNote $curve): RedirectResponse
    {
        $curve->restore();

        return redirect()->route('curves', ['a' => $curve->id]);
    }
}

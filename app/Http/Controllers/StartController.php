<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Reading\Format\RecipeFile;
use Aglyca\Core\Reading\UnreadableRecipe;
use App\Models\Recipe;
use App\Support\Draft;
use App\View\FirstLook;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;

final readonly class StartController
{
    private const SHOWN = 'cardamom-orange-loaf';

    public function __construct(private Kernel $kernel, private Draft $draft) {}

    public function show(Request $request): View
    {
        return view('start', [
            'shown' => $request->user() === null ? $this->example() : null,
            'text' => (string) $request->old('text', ''),
            'fault' => null,
            'draft' => $this->draft->brief(),
        ]);
    }

    /** What a first visit shows before it asks for anything: a dessert of the demo, swapped. */
    private function example(): FirstLook
    {
        $text = (string) file_get_contents(database_path('demo/'.self::SHOWN.'.txt'));

        return new FirstLook($text, $this->kernel->convert(new Brief($text)));
    }

    /** An unreadable text comes back on the page with the reason beside it: nothing is stored and nothing is lost. */
    public function paste(Request $request): RedirectResponse|Response
    {
        $typed = is_string($request->input('text')) ? $request->input('text') : '';
        $file = $request->file('file');
        $text = $typed;
        $kitchen = $request->user()?->kitchen;
        try {
            if ($file instanceof UploadedFile) {
                $text =
                    $file->isValid() && $file->getSize() <= RecipeFile::MOST_BYTES
                        ? (string) $file->get()
                        : throw UnreadableRecipe::fileTooLarge(RecipeFile::MOST_BYTES);
            }
            $brief = new Brief(
                RecipeFile::text($text),
                convention: Convention::tryFrom(
                    $kitchen->convention ?? (string) $request->session()->get('counts'),
                ) ?? Convention::LowCarb,
            );
            $recipe = $this->kernel->read($brief);
        } catch (UnreadableRecipe $fault) {
            $text = $file instanceof UploadedFile ? $typed : $text;

            return response()->view(
                'start',
                [
                    'shown' => null,
                    'text' => mb_scrub(str_replace("\0", '', $text)),
                    'fault' => $fault->getMessage(),
                    'draft' => $this->draft->brief(),
                ],
                422,
            );
        }
        $brief = $brief->but(title: $recipe->title);
        if ($kitchen === null) {
            $this->draft->keep($brief);

            return redirect()->route('bench.show', 'draft')->with('kept', 'paste');
        }

        $liked = $kitchen->taught()->of(Taught::SWEETNESS);
        $brief = $liked === [] ? $brief : $brief->wishing(sweetness: $this->kernel->likedSweetness($liked));

        return redirect()->route('bench.show', Recipe::begin($kitchen, $brief)->ulid)->with('kept', 'paste');
    }
}

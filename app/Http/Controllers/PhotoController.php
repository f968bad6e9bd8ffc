<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Bake;
use App\Models\Photo;
use App\Support\PhotoMaker;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use InvalidArgumentException;

final readonly class PhotoController
{
    public function store(Request $request, Bake $bake): RedirectResponse
    {
        abort_if($bake->trashed(), 404);
        $file = $request->file('photo');
        try {
            if (! $file instanceof UploadedFile) {
                throw new InvalidArgumentException('Choose a picture: JPEG, PNG or WebP, up to 12 MB.');
            }
            if ($bake->photos()->count() >= Photo::MOST) {
                throw new InvalidArgumentException('A bake keeps up to '.Photo::MOST.' pictures. Remove one first.');
            }
            $bake->photos()->create(PhotoMaker::of($file));
        } catch (InvalidArgumentException $fault) {
            return redirect(route('bake.show', $bake).'#photos')->withErrors(['photo' => $fault->getMessage()]);
        }

        return redirect(route('bake.show', $bake).'#photos');
    }

    public function show(Photo $photo): Response
    {
        return response((string) base64_decode($photo->jpeg_base64, true), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=86400',
        ]);
    }

    public function remove(Photo $photo): RedirectResponse
    {
        $photo->delete();

        return redirect(route('bake.show', $photo->bake_id).'#photos')->with('said', 'The picture was removed.');
    }
}

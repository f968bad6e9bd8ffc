<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use App\Models\User;
use App\Support\KitchenZip;
use App\Support\SecurityLog;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use InvalidArgumentException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A whole kitchen taken along, and brought in again. */
final readonly class CopyController
{
    public function take(Request $request, Kernel $kernel): BinaryFileResponse
    {
        $kitchen = $request->user()->kitchen;
        SecurityLog::of('copy taken', $request->user());

        return response()
            ->download(
                KitchenZip::of($kitchen, $kernel),
                Str::slug($kitchen->name).'-'.now()->toDateString().'.zip',
                ['Content-Type' => 'application/zip'],
            )
            ->deleteFileAfterSend();
    }

    public function bring(Request $request): RedirectResponse
    {
        $user = $request->user();
        abort_if($user->role !== User::BAKER, 403);
        $file = $request->file('copy');
        try {
            if (! $file instanceof UploadedFile || ! $file->isValid()) {
                throw new InvalidArgumentException('Choose the ZIP file of a copy, up to 30 MB.');
            }
            KitchenZip::into($user->kitchen, $file->getPathname());
        } catch (InvalidArgumentException $fault) {
            return redirect()->route('you')->withErrors(['copy' => $fault->getMessage()]);
        }
        SecurityLog::of('copy brought in', $user);

        return redirect()->route('shelf')->with('said', 'The copy is in your kitchen.');
    }
}

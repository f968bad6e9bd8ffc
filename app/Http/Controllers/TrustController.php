<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** How a tablet in the house comes to trust this kitchen's own certificate. */
final readonly class TrustController
{
    public function show(): View
    {
        $file = storage_path('app/lan-address');

        return view('trust', ['address' => is_file($file) ? trim((string) file_get_contents($file)) : '']);
    }

    public function certificate(): BinaryFileResponse
    {
        $file = storage_path('app/aglyca-ca.crt');
        abort_unless(is_file($file), 404);

        return response()->download($file, 'aglyca-ca.crt', ['Content-Type' => 'application/x-x509-ca-cert']);
    }
}

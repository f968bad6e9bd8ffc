<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Mail\FolderTransport;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What would be sent, where no mail is sent. Only who sits at this machine may read it. */
final readonly class MailController
{
    public function index(Request $request): View
    {
        abort_unless(config('mail.default') === 'folder' && in_array($request->ip(), ['127.0.0.1', '::1'], true), 404);

        return view('mails', ['mails' => FolderTransport::mails((string) config('mail.folder'))]);
    }
}

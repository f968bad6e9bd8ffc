<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Kernel;
use Aglyca\Core\Side;
use App\Support\Dessert;
use App\View\Figures;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A dessert as text, table or structured data. */
final readonly class ExportController
{
    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    public function __construct(private Kernel $kernel) {}

    public function show(Dessert $dessert, string $side, string $form): Response
    {
        $conversion = $this->kernel->convert($dessert->brief);
        $written = $conversion->written(Side::from($side));
        [$body, $type] = match ($form) {
            'txt' => [Figures::inWords($written->text()), 'text/plain'],
            'csv' => [$written->csv(), 'text/csv'],
            default => [
                json_encode(
                    $written->paced($this->kernel->pace($conversion, Side::from($side)))->schema(),
                    self::JSON,
                ),
                'application/ld+json',
            ],
        };
        $name = Str::slug($written->title)."-$side.$form";

        return response($body, 200, [
            'Content-Type' => "$type; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"$name\"",
        ]);
    }
}

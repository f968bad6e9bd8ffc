<?php

declare(strict_types=1);

namespace App\Support;

use App\View\Card;
use App\View\PaperFit;
use Dompdf\Dompdf;
use Dompdf\Options;

/** The card as a PDF: of one page up to what a kitchen bakes, of as many as it takes beyond. */
final class CardPdf
{
    /** @param  'a4'|'letter'  $paper */
    public static function of(Card $card, string $paper): string
    {
        [$size, $isOne] = PaperFit::of($card, $paper);
        $dompdf = new Dompdf(
            (new Options())
                ->setIsRemoteEnabled(false)
                ->setIsPhpEnabled(false)
                ->setIsJavascriptEnabled(false)
                ->setDefaultFont('DejaVu Sans')
                ->setTempDir(storage_path('framework/cache'))
                ->setFontCache(storage_path('framework/cache'))
                ->setChroot(resource_path('views')),
        );
        $dompdf->setPaper($paper);
        $dompdf->loadHtml(view('card-pdf', ['card' => $card, 'size' => $size, 'isOne' => $isOne])->render());
        $dompdf->render();

        return (string) $dompdf->output();
    }
}

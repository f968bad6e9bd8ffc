<?php

declare(strict_types=1);

namespace App\Support;

use App\View\Card;
use Dompdf\Dompdf;
use Dompdf\Options;

/** The card as a PDF of one page. */
final class CardPdf
{
    /** Type sizes in points, tried from the largest until the card fits the page. */
    private const SIZES = [10.5, 9.5, 8.5, 7.5, 6.5, 5.5];

    /** @param  'a4'|'letter'  $paper */
    public static function of(Card $card, string $paper): string
    {
        $pdf = '';
        foreach (self::SIZES as $size) {
            $dompdf = new Dompdf((new Options)->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setIsJavascriptEnabled(false)->setDefaultFont('DejaVu Sans')->setTempDir(storage_path('framework/cache'))->setFontCache(storage_path('framework/cache'))->setChroot(resource_path('views')));
            $dompdf->setPaper($paper);
            $dompdf->loadHtml(view('card-pdf', ['card' => $card, 'size' => $size])->render());
            $dompdf->render();
            $pdf = (string) $dompdf->output();
            if ($dompdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return $pdf;
    }
}

<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use Dompdf\Dompdf;
use Dompdf\Options;

/** Makes a PDF of a page that carries its own styles and pictures; nothing is fetched, nothing is run. */
final readonly class Pdf
{
    /** @param array{float, float}|Paper $paper one that printers hold, or width and height in points */
    public function of(string $html, array|Paper $paper): string
    {
        $options = new Options();
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $pdf = new Dompdf($options);
        $pdf->setPaper($paper instanceof Paper ? $paper->value : [0, 0, ...$paper]);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}

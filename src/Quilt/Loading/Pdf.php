<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use Dompdf\Dompdf;
use Dompdf\Options;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;

/** Makes a PDF of a page that carries its own styles and pictures; nothing is fetched, nothing is run. */
final readonly class Pdf
{
    public const TYPE = 'application/pdf';
    /** The typeface of the pages, cut out for paper when the scripts are built: by what a page calls it. */
    public const FONTS = [
        'normal normal' => 'paper-regular.ttf',
        'bold normal' => 'paper-bold.ttf',
        'normal italic' => 'paper-italic.ttf',
    ];

    public function __construct(
        #[Autowire('%kernel.project_dir%/public/build')] private string $fonts,
        #[Autowire('%kernel.cache_dir%/pdf')] private string $cache,
    ) {}

    /** @param array{float, float}|Paper $paper one that printers hold, or width and height in points */
    public function of(string $html, array|Paper $paper): string
    {
        $options = new Options();
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        if (!is_dir($this->cache)) {
            (new Filesystem())->mkdir($this->cache);
        }
        $options->setChroot([$this->fonts]);
        $options->setFontDir($this->cache);
        $options->setFontCache($this->cache);
        $options->setDefaultFont('DejaVu Sans');
        $pdf = new Dompdf($options);
        $pdf->setPaper($paper instanceof Paper ? $paper->value : [0, 0, ...$paper]);
        $pdf->setBasePath($this->fonts);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}

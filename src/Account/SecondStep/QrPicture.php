<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

/** A text as a picture that a phone's camera reads: dark squares as one path, one unit each. */
final readonly class QrPicture
{
    private function __construct(public int $size, public string $path) {}

    public static function of(string $text): self
    {
        /** @var list<list<int>> $rows */
        $rows = (new \TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray()['bcode'];
        $path = '';
        foreach ($rows as $y => $row) {
            foreach ($row as $x => $isDark) {
                $path .= $isDark ? "M$x {$y}h1v1h-1z" : '';
            }
        }

        return new self(\count($rows), $path);
    }

    /** As data, for a page that is made into a PDF. */
    public function data(): string
    {
        return 'data:image/svg+xml;base64,' .
            base64_encode(
                \sprintf(
                    '<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%1$d" viewBox="0 0 %1$d %1$d"><path d="%2$s" fill="#000"/></svg>',
                    $this->size,
                    $this->path,
                ),
            );
    }
}

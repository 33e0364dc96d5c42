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
}

<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Quilt\Loading\Paper;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PaperTest extends TestCase
{
    #[DataProvider('places')]
    public function testThePaperIsTheOneThatShopsThereSell(string $zone, Paper $paper): void
    {
        self::assertSame($paper, Paper::at(new \DateTimeZone($zone)));
    }

    /** @return iterable<string, array{string, Paper}> */
    public static function places(): iterable
    {
        yield 'Letter' => ['America/Chicago', Paper::Letter];
        yield 'Letter, north of it' => ['America/Toronto', Paper::Letter];
        yield 'the same continent, but A4' => ['America/Sao_Paulo', Paper::A4];
        yield 'A4' => ['Europe/Vienna', Paper::A4];
        yield 'no place at all' => ['UTC', Paper::A4];
        yield 'hours from Greenwich' => ['+02:00', Paper::A4];
    }
}

<?php

declare(strict_types=1);

namespace Tests\App\Platform;

use App\Platform\Sought;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SoughtTest extends TestCase
{
    #[TestWith(['Harbour Lamps', 'harbour lamps'])]
    #[TestWith(['Äpfel, Ñandú & Œuvre', 'apfel, nandu & œuvre'])]
    #[TestWith(['Straße', 'strasse'])]
    #[TestWith(["Cafe\u{301}", 'cafe'])]
    #[TestWith(['ШЁЛК', 'шелк'])]
    #[TestWith(['', ''])]
    public function testATextIsSoughtInSmallLettersWithoutAccents(string $text, string $sought): void
    {
        self::assertSame($sought, Sought::in($text));
        self::assertSame($sought, Sought::in($sought));
    }

    public function testNoTextIsLongerThanItsPlace(): void
    {
        $title = str_repeat('ß', 120);
        self::assertSame(Sought::LENGTH, mb_strlen(Sought::in($title)));
        self::assertSame('%100 !%%', Sought::anywhere('100 %'));
    }
}

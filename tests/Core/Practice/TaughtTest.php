<?php

declare(strict_types=1);

namespace Tests\Core\Practice;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Practice\Taught;

/** What a frame has taught is written down and read again; what is no figure is left out. */
#[CoversClass(Taught::class)]
final class TaughtTest extends TestCase
{
    public function testItIsReadAsItWasWritten(): void
    {
        $taught = new Taught(['cotton wool' => 1.2, 'flannel cotton' => 0.9], ['full' => 4]);

        self::assertEquals($taught, Taught::fromArray($taught->toArray()));
        self::assertEquals(new Taught(), Taught::fromArray([]));
    }

    public function testWhatIsNoFigureIsLeftOut(): void
    {
        self::assertEquals(
            new Taught(['cotton wool' => 1.0], ['part' => 3]),
            Taught::fromArray([
                'thickness' => ['cotton wool' => 1, 'cotton cotton' => 'thick'],
                'drift' => ['full' => 0.5, 'part' => 3],
            ]),
        );
        self::assertEquals(new Taught(), Taught::fromArray(['thickness' => 'thick', 'drift' => null]));
    }
}

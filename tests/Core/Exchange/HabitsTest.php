<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Exchange\HabitsReader;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Job\Desk;
use Schwung\Core\Job\Working;
use Schwung\Core\Practice\ChannelLock;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\LayerOrder;
use Tests\Core\Jobs;

#[CoversClass(HabitsReader::class)]
final class HabitsTest extends TestCase
{
    public function testWhatIsSaidOfALoadGoesBeforeTheDesk(): void
    {
        $desk = self::desk(['layers' => 'batting-then-roll'], ['order' => 'top-first', 'lock' => 'none']);

        self::assertSame(LayerOrder::BattingThenRoll, $desk->habits->order);
        self::assertSame(ChannelLock::None, $desk->habits->lock);
    }

    /**
     * @param array<string, mixed> $habits
     * @param array<string, mixed> $atTheDesk
     */
    #[DataProvider('workings')]
    public function testAQuiltIsTurnedOrItsBordersComeLastWhereEitherIsSaid(
        array $habits,
        array $atTheDesk,
        Working $working,
    ): void {
        self::assertSame($working, self::desk($habits, $atTheDesk)->working);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, Working}> */
    public static function workings(): iterable
    {
        yield 'neither' => [[], [], Working::Plain];
        yield 'turned' => [['turn_at_middle' => true], [], Working::TurnedRound];
        yield 'borders' => [['borders_last' => true], [], Working::BordersLast];
        yield 'both: turned comes first' => [
            ['borders_last' => true, 'turn_at_middle' => true],
            [],
            Working::TurnedRound,
        ];
        yield 'said at the desk' => [[], ['turn_round' => true], Working::TurnedRound];
        yield 'taken back' => [['turn_at_middle' => false], ['turn_round' => true], Working::Plain];
    }

    public function testAHandAndASeamAreSaidWithTheSchools(): void
    {
        $habits = self::desk(['hand' => 'left', 'centre_seam' => true], [])->habits;

        self::assertSame(Hand::Left, $habits->hand);
        self::assertTrue($habits->centreSeam);
        self::assertNull(self::desk([], [])->habits->hand, 'that of the person at hand');
        self::assertTrue(self::desk([], ['centre_seam' => true])->habits->centreSeam);
        self::assertFalse(self::desk(['centre_seam' => false], ['centre_seam' => true])->habits->centreSeam);
    }

    public function testAFlagIsTrueOrFalse(): void
    {
        $this->expectException(FaultyDocument::class);
        self::desk(['turn_at_middle' => 'yes'], []);
    }

    /**
     * @param array<string, mixed> $habits
     * @param array<string, mixed> $atTheDesk
     */
    private static function desk(array $habits, array $atTheDesk): Desk
    {
        $document = Jobs::document();
        if ([] !== $habits) {
            $document['load'] = [...(array) ($document['load'] ?? []), 'habits' => $habits];
        }
        if ([] !== $atTheDesk) {
            $document['desk'] = $atTheDesk;
        }

        return (new JobReader())->read(json_decode(json_encode($document, \JSON_THROW_ON_ERROR)))->desk;
    }
}

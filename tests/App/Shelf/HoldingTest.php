<?php

declare(strict_types=1);

namespace Tests\App\Shelf;

use App\AtTheFrame\Run;
use App\AtTheFrame\Starting;
use App\Demo\DemoStudio;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Quilt\Quilt;
use App\Shelf\Holding\AtHand;
use App\Shelf\Holding\HangingNow;
use App\Shelf\Holding\OnRail;
use App\Shelf\Holding\PieceCount;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Frame\Fittings;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

#[CoversClass(AtHand::class)]
#[CoversClass(HangingNow::class)]
#[CoversClass(OnRail::class)]
#[CoversClass(PieceCount::class)]
#[CoversClass(Run::class)]
#[CoversClass(Starting::class)]
final class HoldingTest extends ShelfTestCase
{
    private const CLIPPED = ['load/lead/method' => 'channel-clips', 'load/tail/method' => 'channel-clips'];

    public function testWhatHangsOnAFrameIsNotAtHand(): void
    {
        $quilt = $this->clipped('On the frame', $this->stocked('North frame', 8));
        $this->begin($quilt);
        $page = $this->open('/shelf/holding');

        self::assertStringContainsString(
            'channel clips, 36 in North frame: 8',
            $page->filter('tr:contains("36 in")')->text(),
        );
        self::assertStringContainsString(
            '6 on North frame (On the frame)',
            $page->filter('tr:contains("36 in")')->text(),
        );
        self::assertSame('2', $page->filter('tr:contains("36 in") td')->last()->text());
    }

    public function testFramesThatLendPlanWithWhatIsLeftOnTheDay(): void
    {
        [$north, $south] = [$this->stocked('North frame', 8), $this->stocked('South frame', 1)];
        $first = $this->clipped('On the frame', $north);
        $second = $this->clipped('Waiting', $south);
        $missing = fn(): int => $this->open("/quilts/{$second->id()}/attach")
            ->filter('main:contains("does not hold it")')
            ->count();
        self::assertGreaterThan(0, $missing(), 'one clip of its own frame does not hold it');

        $this->lend('They lend each other');
        self::assertSame(0, $missing(), 'nine of both do');
        $this->begin($first);
        self::assertGreaterThan(0, $missing(), 'six hang on the other frame');
        $page = $this->open("/quilts/{$second->id()}/attach");
        self::assertStringContainsString(
            'Planned without what hangs on North frame then: 6 channel clips of On the frame.',
            $page->filter('main')->text(),
        );
        $this->lend('Each frame keeps its own');
        self::assertStringNotContainsString('Planned without', $this->open("/quilts/{$second->id()}/attach")->text());
    }

    public function testWhatComesOffBeforeItsDayIsAtHandAgain(): void
    {
        [$north, $south] = [$this->stocked('North frame', 8), $this->stocked('South frame', 1)];
        $first = $this->clipped('On the frame', $north);
        $this->begin($first);
        $this->lend('They lend each other');
        $second = $this->clipped('Waiting', $south, ['load/planned' => '2027-03-20T09:00:00+00:00']);
        $this->plan();

        self::assertStringNotContainsString('Planned without', $this->open("/quilts/{$second->id()}/attach")->text());
    }

    private function lend(string $button): void
    {
        $this->browser->submit($this->open('/shelf/holding')->selectButton($button)->form());
        self::assertResponseRedirects();
    }

    private function stocked(string $name, int $clips): StudioFrame
    {
        $frame = new StudioFrame($this->ownerAnew()->studio(), $name, (new DemoStudio())->frames()['North frame']);
        $frame->equip(new Fittings(), new Stock(['channel-clips' => [new StockPiece(Length::inches(36), $clips)]]));
        $this->service(EntityManagerInterface::class)->persist($frame);
        $this->service(EntityManagerInterface::class)->flush();

        return $frame;
    }

    /** @param array<string, mixed> $entries */
    private function clipped(string $title, StudioFrame $frame, array $entries = []): Quilt
    {
        return $this->quilt(
            [...self::rows(), ...self::CLIPPED, ...$entries],
            person: $this->ownerAnew(),
            title: $title,
            frame: $this->service(StudioFrameRepository::class)->find($frame->id()),
        );
    }
}

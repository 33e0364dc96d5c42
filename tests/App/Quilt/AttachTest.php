<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Frames\StudioFrame;
use App\Leaders\StudioLeaderRepository;
use App\Quilt\Attaching\AttachViews;
use App\Quilt\Attaching\Loading;
use App\Quilt\Attaching\RailStrip;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Frame\Fittings;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Leader\PastLoad;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\StudioTestCase;

#[CoversClass(AttachViews::class)]
#[CoversClass(RailStrip::class)]
#[CoversClass(Loading::class)]
final class AttachTest extends StudioTestCase
{
    public function testEveryPieceIsDrawnAtItsPlaceAndNumbered(): void
    {
        $page = $this->attach([...self::entries(), 'load/direction' => 'as-is']);

        self::assertStringContainsString('2.8 minutes to attach', $page->filter('#sheet h2')->text());
        self::assertCount(21, $page->filter('figure')->first()->filter('.pin'));
        self::assertStringNotContainsString(
            'with only',
            $page->filter('#sheet')->text(),
            'the pins stand no further apart than the cloth before the top allows',
        );
        self::assertStringContainsString('21 pins for the tail.', $page->filter('#sheet')->text());
        self::assertStringStartsWith(
            '1 0 in 2 3 ⅞ in 3 −3 ⅞ in',
            $page->filter('details:contains("Places from the centre mark") p')->first()->text(),
        );
    }

    public function testAFrameOfPolesHasNeitherRollersNorAHangingEnd(): void
    {
        $entries = [
            ...self::entries(),
            'load/direction' => 'as-is',
            'load/lead/method' => 'spring-clamps',
            'load/tail/method' => 'spring-clamps',
        ];
        $rollers = $this->quilt($entries, frame: $this->frame());
        $poles = $this->quilt($entries, title: 'On poles', frame: $this->frame(name: 'Window frame'));
        $told = [];
        foreach ([$rollers, $poles] as $quilt) {
            $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/attach");
            self::assertResponseIsSuccessful();
            $told[] = [
                $page->filter('figcaption span:first-child')->each(static fn(Crawler $one): string => $one->text()),
                str_contains($page->filter('#sheet')->text(), 'To the back, at the back pole'),
                str_contains($page->filter('svg.bed')->text(), 'LEAD, back pole'),
                str_contains($page->filter('#sheet')->text(), 'What holds the hanging end'),
            ];
        }

        self::assertSame(
            [
                [['Lead, take-up roller', 'Tail, backing roller'], false, false, true],
                [['Lead, back pole', 'Tail, front pole'], true, true, false],
            ],
            $told,
        );
        $page = $this->browser->request('GET', "/quilts/{$poles->id()}/direction");
        self::assertStringContainsString('To the back pole goes', $page->filter('#leads')->text());
    }

    public function testASchoolIsOverruledAndShowsItsConsequence(): void
    {
        // Tight: what is laid at both ends is less than the school asks for.
        $quilt = $this->quilt([
            ...self::entries(),
            'load/direction' => 'as-is',
            'backing/sides/left' => '92 in',
            'backing/sides/right' => '92 in',
            'backing/diagonal' => '',
        ]);
        $this->enter($quilt, 'attach', ['load/lead/school' => 'end-to-end', 'load/tail/school' => 'wide']);
        $page = $this->browser->followRedirect();

        self::assertStringContainsString('41 pins, 2.7 min', $page->filter('#held-lead')->text());
        self::assertStringContainsString('Pins 5 ½ in apart at the tail', $page->filter('#sheet')->text());
        self::assertStringContainsString(
            'needs a decision',
            $page->filter('nav[aria-label=Stages] a[aria-current=step]')->text(),
        );
    }

    public function testClipsThatBothEndsWantAreSharedAndWhatIsMissingIsStuckEverywhere(): void
    {
        $page = $this->attach(
            [
                ...self::entries(),
                'load/direction' => 'as-is',
                'load/lead/method' => 'channel-clips',
                'load/tail/method' => 'channel-clips',
            ],
            new Stock(['channel-clips' => [self::pieces(36, 3), self::pieces(12, 4)]]),
        );

        self::assertSame('What is at hand does not hold it.', $page->filter('#sheet h2')->text());
        self::assertStringContainsString('With 1 more clip of 36 in it would be held', $page->filter('#sheet')->text());
        self::assertStringNotContainsString('Borrow', $page->filter('#sheet')->text());
        self::assertSame('32 in', $page->filter('summary:contains("Clips missing") span')->last()->text());
        self::assertStringContainsString('stuck', $page->filter('nav[aria-label=Stages] a[aria-current=step]')->text());
        self::assertStringContainsString(
            'Not yet: the clips at hand are 32 in short of the tail edge.',
            $page->filter('svg.bed')->attr('aria-label') ?? '',
        );
    }

    public function testClipsThatNobodyCountedAreNotGuessed(): void
    {
        $page = $this->attach([...self::entries(), 'load/tail/method' => 'channel-clips']);

        self::assertStringContainsString('Nobody counted the clips of this frame.', $page->filter('#sheet')->text());
        self::assertStringContainsString(
            'needs a decision',
            $page->filter('nav[aria-label=Stages] a[aria-current=step]')->text(),
        );
    }

    public function testAShapedEdgeFloatsAndAHeldTopHasItsOwnRail(): void
    {
        $page = $this->attach([...self::entries(), 'top/edge' => 'scalloped', 'load/float' => 'none']);
        self::assertCount(0, $page->filter('#held-top'));
        self::assertStringContainsString('A shaped edge is never attached.', $page->filter('#sheet')->text());
        self::assertStringContainsString('What holds the hanging end', $page->filter('#sheet')->text());

        $held = $this->quilt([
            ...self::entries(),
            'load/float' => 'none',
            'top/seams_along' => [['at' => '20 in', 'kind' => 'block'], ['at' => '48 in', 'kind' => 'block']],
            'load/direction' => 'as-is',
        ]);
        $page = $this->browser->request('GET', "/quilts/{$held->id()}/attach");
        self::assertCount(1, $page->filter('#held-top'));
        self::assertStringContainsString(
            'Drift markers on seams of the top, from the centre mark: −14 in, 14 in.',
            $page->filter('#sheet')->text(),
        );
        self::assertCount(2, $page->filter('svg .marker'));
    }

    public function testTheLeftHandStartsOnTheLeft(): void
    {
        $quilt = $this->quilt([...self::entries(), 'load/direction' => 'as-is']);
        $numbers = fn(): array => $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/attach")
            ->filter('figure')
            ->first()
            ->filter('text.strong')
            ->each(static fn(Crawler $text): string => $text->text());
        self::assertSame(['3', '1', '2'], \array_slice($numbers(), 9, 3));
        $this->browser->request('GET', '/settings/you');
        $this->browser->submitForm('Tell it for me so', ['body[hand]' => 'left']);

        self::assertSame(['2', '1', '3'], \array_slice($numbers(), 9, 3));
    }

    public function testTheStudiosOwnWordsAreUsed(): void
    {
        $quilt = $this->quilt([...self::rows(), 'load/direction' => 'as-is']);
        $this->browser->request('GET', '/settings/practice');
        $this->browser->submitForm('Use these', [
            'words[leveller bar]' => 'dead bar',
            'words[take-up roller]' => 'far roller',
        ]);

        self::assertStringContainsString(
            'Lead, far roller',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/attach")
                ->filter('main')
                ->text(),
        );
        self::assertStringContainsString(
            'dead bar',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/passes")
                ->filter('main')
                ->text(),
        );
        self::assertStringContainsString(
            'dead bar',
            $this->browser
                ->request('GET', "/frames/{$this->reloaded($quilt)->frame()?->id()}")
                ->filter('main')
                ->text(),
        );
    }

    public function testALoadedQuiltWearsTheLeadersOnceAndTheNextHangsAside(): void
    {
        $quilt = $this->quilt(self::rows());
        $frame = $quilt->frame();
        self::assertNotNull($frame);
        $start = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/load")
            ->filter('#start')
            ->form();
        $this->browser->submit($start);
        $this->browser->submit($start);
        $loads = $this->service(StudioLeaderRepository::class)
            ->ofFrame(
                $this->service(EntityManagerInterface::class)->getReference(StudioFrame::class, $frame->id()) ?? $frame,
            )
            ->at(End::Lead)
            ?->pastLoads();
        self::assertEquals([new PastLoad(Length::zero(), Length::inches(78))], $loads);

        $this->enter($quilt, 'attach', ['desk/position' => 'in-turn']);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('−12 in, taken', $page->filter('#sheet')->text());
    }

    public function testEveryHoldTellsWhatItWouldCost(): void
    {
        $page = $this->attach(
            [...self::entries(), 'load/direction' => 'as-is'],
            (new Stock())->withCounts(['magnets' => 5]),
        );
        $holds = $page
            ->filter('section[aria-labelledby=held-lead] details:contains("What every hold would be") li')
            ->each(static fn(Crawler $row): string => $row->text());

        self::assertCount(6, $holds, 'spring clamps sit on poles');
        $of = static fn(string $word): string => array_values(
            array_filter($holds, static fn(string $hold): bool => str_starts_with($hold, $word)),
        )[0] ?? '';
        self::assertStringContainsString('1.4 min', $of('pins, taken'));
        self::assertStringContainsString('many pinches', $of('pins, taken'));
        self::assertStringContainsString('5 in of cloth', $of('magnets'));
        self::assertStringContainsString('too few pieces at hand', $of('magnets'));
    }

    public function testAHoldThatAnotherQuiltOfTheDayWantsIsSaid(): void
    {
        $frame = $this->frame();
        $planned = ['load/planned' => '2027-03-03T10:00:00+01:00'];
        $this->quilt(
            [...self::entries(), ...$planned, 'load/tail/method' => 'zip'],
            title: 'Kite weather',
            frame: $frame,
        );
        $other = ['load/planned' => '2027-03-04T10:00:00+01:00', 'load/tail/method' => 'magnets'];
        $this->quilt([...self::entries(), ...$other], title: 'The day after', frame: $frame);
        $quilt = $this->quilt([...self::entries(), ...$planned], frame: $frame);
        $told = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/attach")
            ->filter('main')
            ->text();

        self::assertStringContainsString('wanted for Kite weather that day', $told);
        self::assertStringNotContainsString('wanted for The day after', $told);
    }

    public function testThePrintSheetShowsTheRailsAndWhatToFetch(): void
    {
        $quilt = $this->quilt(self::rows());
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/sheet");

        self::assertStringContainsString('What to fetch', $page->filter('main')->text());
        self::assertGreaterThan(30, $page->filter('main svg .pin')->count());
    }

    /** @param array<string, mixed> $entries */
    private function attach(array $entries, Stock $stock = new Stock()): Crawler
    {
        $frame = $this->frame();
        $frame->equip(new Fittings(), $stock);

        return $this->browser->request('GET', "/quilts/{$this->quilt($entries, frame: $frame)->id()}/attach");
    }

    private static function pieces(float $inches, int $count): StockPiece
    {
        return new StockPiece(Length::inches($inches), $count);
    }
}

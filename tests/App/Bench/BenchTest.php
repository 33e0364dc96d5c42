<?php

declare(strict_types=1);

namespace Tests\App\Bench;

use App\Bench\BenchController;
use App\Bench\ShelfFilter;
use App\Quilt\QuiltRepository;
use App\Quilt\RecountVerdicts;
use App\Quilt\RecountVerdictsHandler;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\Messenger\MessageBusInterface;
use Tests\App\StudioTestCase;

#[CoversClass(BenchController::class)]
#[CoversClass(QuiltRepository::class)]
#[CoversClass(ShelfFilter::class)]
#[CoversClass(RecountVerdicts::class)]
#[CoversClass(RecountVerdictsHandler::class)]
final class BenchTest extends StudioTestCase
{
    public function testVerdictsFromBeforeAreCalledSoUntilTheyAreWorkedOutAnew(): void
    {
        $quilts = $this->service(QuiltRepository::class);
        foreach (range(1, 3) as $i) {
            $this->quilt(self::entries(), title: "Harbour lamps $i");
        }
        $quilts->markOutdated($this->owner->studio(), null);
        $this->service(EntityManagerInterface::class)->clear();
        $page = $this->browser->request('GET', '/');

        self::assertStringContainsString('3 verdicts are still being worked out', $page->filter('#shelf > p')->text());
        self::assertCount(3, $page->filter('#shelf li:contains("From before the change.")'));

        $this->service(RecountVerdictsHandler::class)(new RecountVerdicts($this->owner->studio()->id()));
        $page = $this->browser->request('GET', '/');

        self::assertSame(0, $quilts->countOutdated($this->owner->studio()));
        self::assertCount(0, $page->filter('#shelf > p'));
        self::assertCount(0, $page->filter('#shelf li:contains("From before")'));
    }

    public function testARecountGoesOnInBatchesAndLeavesOtherStudiosAlone(): void
    {
        $other = $this->studio('other@studio.example');
        $this->quilt(self::entries(), person: $other);
        foreach (range(1, 51) as $i) {
            $this->quilt([], title: "Quilt $i");
        }
        $quilts = $this->service(QuiltRepository::class);
        $quilts->markOutdated($this->owner->studio(), null);
        $quilts->markOutdated($other->studio(), null);
        $this->service(EntityManagerInterface::class)->clear();
        $this->service(MessageBusInterface::class)->dispatch(new RecountVerdicts($this->owner->studio()->id()));

        self::assertSame(0, $quilts->countOutdated($this->owner->studio()));
        self::assertSame(1, $quilts->countOutdated($other->studio()));
    }

    public function testTheShelfSaysOfEachQuiltWhetherItWillLoad(): void
    {
        $this->quilt(self::entries(), title: 'Harbour lamps');
        $this->quilt(self::entries('70 in'), title: 'Salt stairs');
        $page = $this->browser->request('GET', '/');

        self::assertSame(
            [
                'fine: It will load, with 2 in to spare across and ¾ in along.',
                'stuck: Not yet: the backing is 6 in short across.',
            ],
            $page->filter('#shelf li a > span:nth-child(2)')->each(static fn($verdict): string => $verdict->text()),
        );
    }

    public function testTheSearchLooksInTitleAndClientAndTakesSignsAsTheyAre(): void
    {
        $this->quilt(title: 'Harbour lamps');
        $this->quilt(title: '100 % wool');
        $this->quilt(title: 'Äpfel an der Straße');
        $counts = ['lamps' => 1, 'LAMPS' => 1, 'odile' => 3, '%' => 1, '_' => 0];
        $counts += ['apfel' => 1, 'ÄPFEL' => 1, 'strasse' => 1, 'Straße' => 1, 'nothing' => 0];
        foreach ($counts as $search => $found) {
            $page = $this->browser->request('GET', '/', ['q' => (string) $search]);
            self::assertCount($found, $page->filter('#shelf li'), (string) $search);
        }
        self::assertSelectorTextContains('#shelf', 'Nothing on the shelf has "nothing"');
    }

    public function testTheListIsFilteredAndSortedAndFoundByNumber(): void
    {
        $this->quilt(self::entries(), title: 'Bees');
        $this->quilt(self::entries('70 in'), title: 'Ants');
        $year = (new \DateTimeImmutable())->format('y');
        foreach (
            [
                '' => ['Bees', 'Ants'],
                'sort=title' => ['Ants', 'Bees'],
                'sort=nonsense' => ['Bees', 'Ants'],
                'state=stuck' => ['Ants'],
                'state=fine' => ['Bees'],
                'state=frame' => [],
                'trouble=undated' => ['Bees', 'Ants'],
                'trouble=late' => [],
                'trouble=parked' => [],
                'trouble=promised' => [],
                'client=Odile+Marrant&sort=title' => ['Ants', 'Bees'],
                'client=Nobody' => [],
                'frame=01M8H47STJ5Z418SQMZ634J9Z7' => [],
                "q=$year-002" => ['Ants'],
                "q=$year-2" => ['Ants'],
                "q=$year-003" => [],
            ]
            as $query => $titles
        ) {
            self::assertSame(
                $titles,
                $this->browser
                    ->request('GET', "/?$query")
                    ->filter('#shelf li a b, #shelf li a .font-bold')
                    ->each(static fn($title): string => $title->text()),
                $query,
            );
        }
    }

    public function testAQuiltOnItsFrameLeadsThere(): void
    {
        $quilt = $this->quilt([...self::rows(), 'load/direction' => 'as-is']);
        $this->begin($quilt);
        $link = $this->browser->request('GET', '/', ['state' => 'frame'])->filter('#shelf li a');
        self::assertSame("/quilts/{$quilt->id()}/frame", $link->attr('href'));
        self::assertStringContainsString('on North frame', $link->text());
    }

    public function testAFragmentIsOnlyTheShelf(): void
    {
        $this->browser->request('GET', '/', ['q' => 'x'], server: ['HTTP_HX_REQUEST' => 'true']);
        self::assertStringStartsWith('<section id="shelf"', trim((string) $this->browser->getResponse()->getContent()));
    }

    public function testAnEmptyStudioIsToldWhatToDoFirst(): void
    {
        $this->browser->request('GET', '/');
        self::assertSelectorTextContains('main', 'Measure your frame first');
        self::assertSelectorTextContains('#shelf', 'The shelf is empty.');
    }

    public function testOtherStudiosQuiltsAreNotOnTheShelf(): void
    {
        $this->quilt(person: $this->studio('other@studio.example'));
        self::assertCount(0, $this->browser->request('GET', '/')->filter('#shelf li'));
    }

    public function testNeitherNonsenseNorHugePagesBreakIt(): void
    {
        foreach (['abc', '-3', '99999999999999999999'] as $page) {
            $this->browser->request('GET', '/', ['page' => $page]);
            self::assertResponseIsSuccessful();
        }
    }
}

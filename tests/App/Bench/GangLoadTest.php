<?php

declare(strict_types=1);

namespace Tests\App\Bench;

use App\AtTheFrame\LogBook;
use App\AtTheFrame\LogEntryRepository;
use App\AtTheFrame\Riders;
use App\AtTheFrame\Run;
use App\AtTheFrame\RunRepository;
use App\Bench\Gangs\GangController;
use App\Bench\Gangs\GangOffers;
use App\Bench\Gangs\GangSheet;
use App\Bench\Gangs\RiderPlaces;
use App\Frames\StudioFrame;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;

#[CoversClass(GangController::class)]
#[CoversClass(GangOffers::class)]
#[CoversClass(GangSheet::class)]
#[CoversClass(RiderPlaces::class)]
#[CoversClass(Riders::class)]
final class GangLoadTest extends QueueTestCase
{
    public function testSmallQuiltsAreOfferedTogetherWithWhatItSavesAndPartedAgain(): void
    {
        $this->three();
        $carrier = $this->together();
        $text = $this->browser
            ->request('GET', "/bench/{$carrier->id()}")
            ->filter('[aria-labelledby=riders]')
            ->text();
        self::assertStringContainsString('Sun, its middle 37 in left of the centre mark', $text);
        self::assertStringContainsString('Moon, its middle 2 in right of the centre mark', $text);
        self::assertStringContainsString('Star, its middle 39 in right of the centre mark', $text);
        $titles = array_map(static fn(array $quilt): string => $quilt['title'], array_values($this->plan()->waiting()));
        self::assertSame(['Together: Sun, Moon, Star'], $titles, 'they wait as one');

        $page = $this->browser->request('GET', "/bench/{$carrier->id()}");
        $this->browser->submit($page->selectButton('Load each by itself after all')->form());
        self::assertResponseRedirects('/', 303);
        self::assertCount(3, $this->plan()->waiting());
        self::assertCount(1, $this->plan()->gangs(), 'and are offered again');
    }

    public function testEachTopHasItsOwnLogAndItsOwnEnd(): void
    {
        $this->three();
        $carrier = $this->together();
        $this->enter($carrier, 'backing', [
            'backing/sides/top' => '118 in',
            'backing/sides/bottom' => '118 in',
            'backing/sides/left' => '58 in',
            'backing/sides/right' => '58 in',
        ]);
        $this->enter($carrier, 'backing', ['batting/width' => '112 in', 'batting/length' => '44 in']);
        $this->begin($carrier);
        [$sun, $moon, $star] = $this->service(QuiltRepository::class)->findCarried($this->reloaded($carrier));
        $runs = $this->service(RunRepository::class);
        $run = $runs->findOpen($this->reloaded($carrier));
        self::assertNotNull($run);
        $this->service(LogBook::class)->write($run, [
            $this->entry('a-step-that-is-done', EntryKind::Done, 'room'),
            $this->entry('a-pleat-on-the-left', EntryKind::Problem, null, [
                'x' => -900.0,
                'y' => 300.0,
                'layer' => 'top',
                'seen' => 'top-pleat',
                'severity' => 'noted',
                'action' => '',
            ]),
        ]);
        $kinds = fn(Quilt $quilt): array => array_values(
            array_map(
                static fn(JournalEntry $entry): string => $entry->kind->value,
                $this->service(LogEntryRepository::class)->entriesOf($this->open($quilt)),
            ),
        );
        self::assertSame(['done', 'problem'], $kinds($carrier));
        self::assertSame(['done', 'problem'], $kinds($sun), 'it lies there');
        self::assertSame(['done'], $kinds($moon));
        self::assertSame(['done'], $kinds($star));
        self::assertStringContainsString(
            'Together: Sun, Moon, Star',
            $this->browser->request('GET', '/')->filter('#loaded')->closest('section')?->text() ?? '',
        );

        foreach ([$star, $sun, $moon] as $i => $quilt) {
            self::assertFalse($this->reloaded($carrier)->isFinished());
            $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
            $this->browser->submit(
                $page->selectButton('It is off the frame')->form([
                    'off[nextTime]' => "Top $i",
                    'off[finishedWidth]' => '30 in',
                    'off[finishedLength]' => '36 in',
                ]),
            );
            self::assertTrue($this->reloaded($quilt)->isFinished());
        }
        self::assertTrue($this->reloaded($carrier)->isFinished(), 'once the last is off');
        self::assertStringContainsString(
            'drew in 0 % across, 0 % along.',
            $this->browser
                ->request('GET', '/history', ['q' => 'Star'])
                ->filter('main li:contains("Top 0")')
                ->text(),
            'by its own size, not by that of the row',
        );

        // On the shelf again, each is a quilt like any other, and they can be loaded together once more.
        foreach ([$star, $sun, $moon] as $quilt) {
            $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
            $this->browser->submit($page->selectButton('Put it on the shelf again')->form());
        }
        self::assertCount(3, $this->plan()->waiting());
        $this->browser->submit($this->browser->request('GET', '/')->selectButton('Load them as one')->form());
        self::assertCount(1, $this->plan()->waiting());
    }

    public function testATopOfALoadGoesOnItsFrameWithTheOthers(): void
    {
        $this->three();
        $carrier = $this->together();
        $sun = $this->service(QuiltRepository::class)->findCarried($this->reloaded($carrier))[0];
        $page = $this->browser->request('GET', "/quilts/{$sun->id()}/load");
        self::assertStringContainsString('It goes on its frame together with others:', $page->filter('main')->text());
        self::assertCount(0, $page->filter('button:contains("Start at the frame")'));
        $token = $page->filter('#start input[name=_token]')->attr('value');
        $this->browser->request('POST', "/quilts/{$sun->id()}/frame/start", ['_token' => $token]);
        self::assertFalse($this->reloaded($sun)->isLoaded());
    }

    public function testWhatCannotBeLoadedTogetherAnyMoreIsSaid(): void
    {
        $this->three();
        $page = $this->browser->request('GET', '/');
        $form = $page->selectButton('Load them as one')->form();
        $this->browser->request('POST', '/bench/gang', [...$form->getPhpValues(), 'ids' => 'x y']);
        self::assertStringContainsString(
            'cannot be loaded together any more',
            $this->browser->followRedirect()->text(),
        );
        $this->browser->submit($form);
        $first = $this->browser->getResponse()->headers->get('Location');
        $this->browser->submit($form);
        self::assertNotNull($first);
        self::assertCount(
            1,
            array_filter(
                $this->service(QuiltRepository::class)->findBy(['studio' => $this->owner->studio()]),
                static fn(Quilt $quilt): bool => str_starts_with($quilt->title(), 'Together'),
            ),
            'pressed twice, it is one load',
        );
    }

    private function three(): StudioFrame
    {
        $frame = $this->frame();
        foreach (['Star' => [30, 36], 'Moon' => [36, 38], 'Sun' => [34, 40]] as $title => [$wide, $long]) {
            $this->waiting($title, '2027-03-20', $frame, [
                ...array_fill_keys(['top/widths/top', 'top/widths/middle', 'top/widths/bottom'], "$wide in"),
                ...array_fill_keys(['top/lengths/left', 'top/lengths/middle', 'top/lengths/right'], "$long in"),
                ...array_fill_keys(['backing/sides/top', 'backing/sides/bottom'], $wide + 12 . ' in'),
                ...array_fill_keys(['backing/sides/left', 'backing/sides/right'], $long + 14 . ' in'),
                'batting/width' => $wide + 6 . ' in',
                'batting/length' => $long + 6 . ' in',
            ]);
        }
        $gangs = $this->plan()->gangs();
        self::assertCount(1, $gangs);
        self::assertCount(3, $gangs[0]['ids']);
        self::assertGreaterThan(20, $gangs[0]['alone'] - $gangs[0]['together']);

        return $frame;
    }

    private function together(): Quilt
    {
        $page = $this->browser->request('GET', '/');
        self::assertStringContainsString(
            'Sun, Moon, Star: side by side on one backing on North frame, which saves',
            $page->filter('[aria-labelledby=gangs]')->text(),
        );
        $this->browser->submit($page->selectButton('Load them as one')->form());
        $carrier = $this->service(QuiltRepository::class)->findOneBy(['title' => 'Together: Sun, Moon, Star']);
        self::assertNotNull($carrier);

        return $carrier;
    }

    private function open(Quilt $quilt): Run
    {
        $run = $this->service(RunRepository::class)->findOpen($this->reloaded($quilt));
        self::assertNotNull($run);

        return $run;
    }

    /** @param array<string, mixed> $data */
    private function entry(string $key, EntryKind $kind, ?string $step, array $data = []): JournalEntry
    {
        return new JournalEntry($key, $kind, $step, new \DateTimeImmutable('2027-03-01 10:00'), $data, 'Owner');
    }
}

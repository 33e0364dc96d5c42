<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Frames\Taught\Lesson;
use App\Frames\Taught\LessonKind;
use App\Frames\Taught\LessonRepository;
use App\Platform\DeletedFilter;
use App\Platform\PruneCommand;
use App\Public\JobLinks;
use App\Quilt\PutAway\PutAwayController;
use App\Quilt\PutAway\PutAwayRepository;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\Sheet;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\Bench\QueueTestCase;

#[CoversClass(DeletedFilter::class)]
#[CoversClass(PruneCommand::class)]
#[CoversClass(PutAwayController::class)]
#[CoversClass(PutAwayRepository::class)]
#[CoversClass(Sheet::class)]
final class PutAwayTest extends QueueTestCase
{
    public function testADeletedQuiltIsNowhereAndComesBackWhole(): void
    {
        $quilt = $this->waiting('Gone', '2027-03-20', $this->frame());
        $this->waiting('Stays', '2027-03-20', $this->frame(name: 'Window frame'));
        $link = $this->link($quilt);
        $this->press($quilt, 'Delete it');
        self::assertStringContainsString('Gone is deleted.', $this->browser->followRedirect()->text());

        foreach (["/quilts/{$quilt->id()}/measure", "/quilts/{$quilt->id()}/bag", $link] as $path) {
            $this->browser->request('GET', $path);
            self::assertResponseStatusCodeSame(404, $path);
        }
        self::assertCount(1, $this->plan()->waiting());
        foreach (['/', '/clients', '/history', '/tension'] as $path) {
            self::assertStringNotContainsString('Gone', $this->browser->request('GET', $path)->filter('main')->text());
        }
        $this->browser->request('GET', '/put-away');
        $this->browser->submitForm('Bring it back');
        self::assertSame('74 in', $this->reloaded($quilt)->sheet()->text('batting/width'));
        self::assertCount(2, $this->plan()->waiting());
    }

    public function testAQuiltWithALogCanBeDeletedAndItsRoomsStillAnswer(): void
    {
        $quilt = $this->waiting('Logged', '2027-03-20', $this->frame());
        $this->begin($quilt);
        $this->press($quilt, 'Delete it');
        self::assertStringContainsString(
            'take it off first',
            $this->browser->followRedirect()->filter('[role=alert]')->text(),
        );
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        $this->browser->submit($page->selectButton('It is off the frame')->form());
        $this->press($quilt, 'Delete it');

        $this->plan();
        foreach (['/', '/history', '/tension', '/clients', '/settings/hours', '/bench/times.csv'] as $path) {
            $this->browser->request('GET', $path);
            self::assertLessThan(500, $this->browser->getResponse()->getStatusCode(), $path);
        }
        self::assertCount(0, $this->browser->request('GET', '/history')->filter('main li'));
    }

    public function testTheNumberOfADeletedQuiltIsNotGivenAgain(): void
    {
        $frame = $this->frame();
        $quilt = $this->quilt(frame: $frame);
        $quilt->delete(new \DateTimeImmutable());
        $this->service(PutAwayRepository::class)->save();

        self::assertNotSame($quilt->number(), $this->quilt(title: 'Next', frame: $frame)->number());
    }

    public function testAQuiltIsPutAwayAndBackOnTheShelf(): void
    {
        $quilt = $this->waiting('Away', '2027-03-20', $this->frame());
        $this->press($quilt, 'Put it away');
        self::assertTrue($this->reloaded($quilt)->isFinished());
        self::assertSame([], $this->plan()->waiting());
        $this->browser->request('GET', '/put-away');
        $this->browser->submitForm('On the shelf again');

        $quilt = $this->reloaded($quilt);
        self::assertSame([false, false], [$quilt->isFinished(), $quilt->isArchived()]);
    }

    public function testACopyHasTheClothAndNothingThatHappenedToTheFirst(): void
    {
        $quilt = $this->quilt([
            ...self::rows(),
            'batting/opened' => '2026-01-01T09:00:00+00:00',
            'top/marks' => [['kind' => 'stain', 'across' => '1 in', 'along' => '1 in']],
        ]);
        $form = $this->about($quilt)->selectButton('Copy it')->form();
        $this->browser->submit($form);
        $this->browser->submit($form);

        $copies = $this->service(QuiltRepository::class)->findBy(['title' => 'Harbour lamps, again']);
        self::assertCount(1, $copies);
        $sheet = $copies[0]->sheet();
        self::assertSame(
            ['68 in', '', []],
            [$sheet->text('top/widths/top'), $sheet->text('batting/opened'), $sheet->get('top/marks')],
        );
        self::assertSame(['Odile Marrant', null], [$copies[0]->client(), $copies[0]->due()]);
        self::assertNotSame($quilt->number(), $copies[0]->number());
    }

    public function testAFrameIsPrunedWithWhatItTaught(): void
    {
        $frame = $this->frame();
        $entities = $this->service(EntityManagerInterface::class);
        $entities->persist(new Lesson($frame, LessonKind::Drift, 'full'));
        $frame->delete(new \DateTimeImmutable('-40 days'));
        $entities->flush();

        self::assertSame(1, $this->service(PutAwayRepository::class)->purge(new \DateTimeImmutable('-30 days')));
        self::assertSame(0, $this->service(LessonRepository::class)->count());
    }

    public function testAFrameThatNothingUsesIsDeletedAndBroughtBack(): void
    {
        $used = $this->frame();
        $this->quilt(frame: $used);
        $free = $this->frame(name: 'Window frame');
        foreach ([[$used, 'Quilts are or were on this frame'], [$free, 'is deleted']] as [$frame, $said]) {
            $this->browser->request('GET', "/frames/{$frame->id()}");
            $this->browser->submitForm('Delete this frame');
            self::assertStringContainsString($said, $this->browser->followRedirect()->text());
        }
        self::assertCount(1, $this->browser->request('GET', '/frames')->filter('main li'));
        $this->browser->request('GET', '/put-away');
        $this->browser->submitForm('Bring it back');
        self::assertCount(2, $this->browser->request('GET', '/frames')->filter('main li'));
    }

    public function testAfterThirtyDaysItIsGoneForGood(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->link($quilt);
        $this->begin($quilt);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        $this->browser->submit($page->selectButton('It is off the frame')->form());
        $this->press($quilt, 'Delete it');
        $away = $this->service(PutAwayRepository::class);

        self::assertSame(0, $away->purge(new \DateTimeImmutable('2027-03-01')));
        self::assertSame(1, $away->purge(new \DateTimeImmutable('2027-03-02')));
        foreach (
            ['quilt' => 'id', 'run' => 'quilt_id', 'revision' => 'quilt_id', 'job_link' => 'quilt_id']
            as $table => $column
        ) {
            self::assertSame(
                '0',
                (string) json_encode(
                    $this->service(EntityManagerInterface::class)
                        ->getConnection()
                        ->fetchOne("SELECT COUNT(*) FROM $table WHERE $column = ?", [$quilt->id()->toBinary()]),
                ),
                $table,
            );
        }
    }

    public function testAnotherStudiosQuiltsAreNotTouched(): void
    {
        $quilt = $this->quilt(person: $this->studio('other@studio.example'));
        $this->browser->request('GET', '/put-away');
        $this->browser->request('POST', "/quilts/{$quilt->id()}/delete", ['_token' => 'x']);

        self::assertNull($this->reloaded($quilt)->deletedSince());
    }

    private function press(Quilt $quilt, string $button): void
    {
        $this->browser->submit($this->about($quilt)->selectButton($button)->form());
        self::assertResponseStatusCodeSame(303);
    }

    private function about(Quilt $quilt): Crawler
    {
        return $this->browser->request('GET', "/quilts/{$quilt->id()}/about");
    }

    private function link(Quilt $quilt): string
    {
        $links = $this->service(JobLinks::class);

        return (string) parse_url($links->address($links->make($quilt)), \PHP_URL_PATH);
    }
}

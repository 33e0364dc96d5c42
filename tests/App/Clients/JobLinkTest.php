<?php

declare(strict_types=1);

namespace Tests\App\Clients;

use App\AtTheFrame\Photo;
use App\AtTheFrame\PhotoRepository;
use App\Clients\ClientBook;
use App\Clients\ClientDocument;
use App\Public\ClientMeasures;
use App\Public\FrontInput;
use App\Public\JobController;
use App\Public\JobLink;
use App\Public\JobLinkRepository;
use App\Public\JobLinks;
use App\Public\JobState;
use App\Public\JobStates;
use App\Public\Proposal;
use App\Public\ProposalController;
use App\Public\ProposalDesk;
use App\Public\ProposalOutcome;
use App\Public\ProposalRepository;
use App\Public\ProposalShown;
use App\Public\ProposalView;
use App\Public\ProposedMeasure;
use App\Public\StudioFrontRepository;
use App\Quilt\Quilt;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Uid\Ulid;
use Tests\App\StudioTestCase;

#[CoversClass(ClientMeasures::class)]
#[CoversClass(JobController::class)]
#[CoversClass(JobLink::class)]
#[CoversClass(JobLinkRepository::class)]
#[CoversClass(ClientDocument::class)]
#[CoversClass(JobLinks::class)]
#[CoversClass(JobState::class)]
#[CoversClass(JobStates::class)]
#[CoversClass(Proposal::class)]
#[CoversClass(ProposalController::class)]
#[CoversClass(ProposalDesk::class)]
#[CoversClass(ProposalOutcome::class)]
#[CoversClass(ProposalRepository::class)]
#[CoversClass(ProposalShown::class)]
#[CoversClass(ProposalView::class)]
#[CoversClass(ProposedMeasure::class)]
final class JobLinkTest extends StudioTestCase
{
    public function testAClientSeesTheirQuiltAndNothingElse(): void
    {
        $quilt = $this->quilt(self::entries('70 in'));
        $this->quilt(title: 'Of somebody else', frame: $quilt->frame());
        $page = $this->asClient($this->link($quilt));

        self::assertResponseIsSuccessful();
        $said = $page->filter('main')->text();
        foreach (['Harbour lamps', 'It waits for you: see below what is missing.', '76 in (193.1 cm)'] as $words) {
            self::assertStringContainsString($words, $said);
        }
        self::assertStringNotContainsString('Of somebody else', $said);
        self::assertStringNotContainsString('Odile', $said);
        $answer = $this->browser->getResponse();
        self::assertSame([], $answer->headers->getCookies());
        self::assertCount(0, $page->filter('script'));
        self::assertSame('same-origin', $answer->headers->get('Referrer-Policy'));
    }

    /** @param array<string, mixed> $entries */
    #[DataProvider('states')]
    public function testItSaysWhereItStands(array $entries, string $state): void
    {
        $quilt = $this->quilt($entries);
        $said = $this->asClient($this->link($quilt))->filter('main')->text();

        self::assertStringContainsString($state, $said);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function states(): iterable
    {
        yield 'nothing here' => [[], 'It waits for you: not everything is here and measured.'];
        yield 'short' => [self::entries('70 in'), 'see below what is missing'];
        $opened = (new \DateTimeImmutable('-2 hours'))->format(\DATE_ATOM);
        yield 'resting' => [[...self::rows(), 'batting/opened' => $opened], 'Its batting rests'];
        yield 'its turn' => [[...self::rows(), 'batting/opened' => '2026-01-01T09:00:00+00:00'], 'waits for its turn'];
    }

    public function testOnTheFrameItSaysThePassAndTakesNoMeasuresAnyMore(): void
    {
        $quilt = $this->quilt([...self::rows(), 'batting/opened' => '2026-01-01T09:00:00+00:00']);
        $this->listen();
        $link = $this->link($quilt);
        $this->browser->loginUser($this->owner);
        $this->begin($quilt);
        $page = $this->asClient($link);

        self::assertStringContainsString('It is on the frame: pass 1 of ', $page->filter('main')->text());
        self::assertCount(0, $page->filter('form'));
    }

    public function testAClosedLinkSaysSoAndAWrongOneIsNowhere(): void
    {
        $quilt = $this->quilt(self::entries());
        $old = $this->link($quilt);
        $new = $this->link($quilt);

        self::assertNotSame($old, $new);
        self::assertStringContainsString('This link is closed', $this->asClient($old)->text());
        self::assertResponseStatusCodeSame(410);
        $this->asClient($new);
        self::assertResponseIsSuccessful();
        $this->asClient(substr($new, 0, -1) . ('A' === substr($new, -1) ? 'B' : 'A'));
        self::assertResponseStatusCodeSame(404);
        $this->browser->loginUser($this->owner);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/messages");
        $this->browser->submitForm('Close it');
        $this->asClient($new);
        self::assertResponseStatusCodeSame(410);
    }

    public function testNothingIsTakenBeforeTheStudioListens(): void
    {
        $quilt = $this->quilt();
        $link = $this->link($quilt);
        self::assertCount(0, $this->asClient($link)->filter('form'));
        $page = $this->browser->request('POST', $link, ['text' => 'hello', 'm' => []]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('takes nothing by this page', $page->filter('[role=alert]')->text());
        self::assertSame([], $this->service(ProposalRepository::class)->findOf($quilt));
    }

    public function testMeasuresComeInAsAProposalAndChangeNothingBeforeTheyAreAccepted(): void
    {
        $quilt = $this->quilt([
            'top/widths/top' => '68 in',
            'top/widths/middle' => '68 in',
            'top/widths/bottom' => '68 in',
        ]);
        $this->listen();
        $link = $this->link($quilt);
        $this->send(
            $link,
            ['top/widths/middle' => '70', 'top/lengths/middle' => '87 1/4', 'backing/sides/top' => '72 3/4 in'],
            'Is it enough?',
        );
        self::assertStringContainsString('It is there.', $this->browser->followRedirect()->text());
        self::assertSame('', $this->reloaded($quilt)->sheet()->text('backing/sides/top'));

        $this->browser->loginUser($this->owner);
        self::assertStringContainsString(
            'has sent something about',
            $this->browser->request('GET', '/clients')->text(),
        );
        $task = 'Read what Odile Marrant has sent about Harbour lamps.';
        self::assertStringContainsString($task, $this->browser->request('GET', '/')->text());
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/messages");
        self::assertStringContainsString('Is it enough?', $page->text());
        // What the studio measured is not ticked.
        self::assertSame(
            ['top/lengths/middle', 'backing/sides/top'],
            $page->filter('input[name="paths[]"][checked]')->extract(['value']),
        );
        $this->browser->submitForm('Take over what is ticked');
        $sheet = $this->reloaded($quilt)->sheet();
        self::assertSame('72 3/4 in', $sheet->text('backing/sides/top'));
        self::assertSame('87 1/4 in', $sheet->text('top/lengths/right'));
        self::assertSame('68 in', $sheet->text('top/widths/middle'));
        self::assertStringContainsString('accepted by Owner', $this->browser->followRedirect()->text());
        self::assertStringNotContainsString($task, $this->browser->request('GET', '/')->text());
    }

    public function testTwoPeopleDecideOnce(): void
    {
        $quilt = $this->quilt();
        $this->listen();
        $this->send($this->link($quilt), ['backing/sides/top' => '72 in']);
        $this->browser->loginUser($this->owner);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/messages");
        $this->browser->submit($page->selectButton('Refuse')->form());
        $this->browser->submit($page->selectButton('Take over what is ticked')->form());
        self::assertStringContainsString(
            'it is decided already',
            $this->browser->followRedirect()->filter('[role=alert]')->text(),
        );
        self::assertSame('', $this->reloaded($quilt)->sheet()->text('backing/sides/top'));
    }

    /** A measure that would undo what the studio decided is not laid over it behind its back. */
    public function testWhatAKeptDecisionStandsAgainstStaysOpen(): void
    {
        $quilt = $this->quilt([...self::rows(), ...self::entries('70 in', '89 in')]);
        $this->listen();
        $link = $this->link($quilt);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/backing?try=extend");
        $this->browser->submit($page->selectButton('Keep it')->form());
        $strips = $this->reloaded($quilt)->sheet()->get('pins');
        self::assertCount(2, (array) $strips);
        $this->send($link, ['backing/sides/top' => '69 in']);
        $this->browser->loginUser($this->owner);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/messages");
        $form = $this->browser->getCrawler()->selectButton('Take over what is ticked')->form();
        $this->browser->request('POST', $form->getUri(), [...$form->getPhpValues(), 'paths' => ['backing/sides/top']]);
        $page = $this->browser->followRedirect();

        self::assertStringContainsString('kept stands against it', $page->filter('[role=alert]')->text());
        self::assertCount(1, $page->selectButton('Refuse'));
        $sheet = $this->reloaded($quilt)->sheet();
        self::assertSame(['70 in', $strips], [$sheet->text('backing/sides/top'), $sheet->get('pins')]);
    }

    public function testNonsenseIsToldAtItsFieldAndKept(): void
    {
        $quilt = $this->quilt();
        $this->listen();
        $page = $this->send(
            $this->link($quilt),
            ['backing/sides/top' => 'wide enough', 'batting/width' => '4000 in'],
            'Hello',
        );

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('cannot be', $page->filter('#m-batting-width-fault')->text());
        self::assertNotSame('', $page->filter('#m-backing-sides-top-fault')->text());
        self::assertSame('wide enough', $page->filter('#m-backing-sides-top')->attr('value'));
        self::assertSame('Hello', $page->filter('textarea')->text());
        self::assertSame([], $this->service(ProposalRepository::class)->findOf($quilt));
    }

    public function testAPhotoComesAlongAndADoubleClickSendsOnce(): void
    {
        $quilt = $this->quilt();
        $this->listen();
        $link = $this->link($quilt);
        $form = $this->asClient($link)
            ->selectButton('Send it')
            ->form(['text' => 'Look at this.']);
        $path = tempnam(sys_get_temp_dir(), 'job');
        imagepng(imagecreatetruecolor(60, 40), $path);
        foreach ([1, 2] as $click) {
            $this->browser->request('POST', $form->getUri(), $form->getPhpValues(), [
                'photo' => new UploadedFile($path, 'x.png', 'image/png', test: true),
            ]);
            self::assertResponseStatusCodeSame(303, "click $click");
        }
        $sent = $this->service(ProposalRepository::class)->findOf($quilt);

        self::assertCount(1, $sent);
        self::assertSame('image/jpeg', getimagesizefromstring((string) $sent[0]->photo?->jpeg())['mime'] ?? '');
    }

    /** All that is kept names what they sent and what was sent to them; erased, nothing of it stays. */
    public function testWhatAClientSentIsInTheirDocumentAndGoesWithThem(): void
    {
        $quilt = $this->quilt();
        $photo = Photo::ofQuilt($quilt, 'as it came');
        $photo->remake('made anew', 'small');
        $kept = Photo::ofQuilt($quilt, 'of the studio');
        $measures = ['batting/width' => '70 in'];
        $sent = new Proposal(new Ulid(), $quilt, $measures, 'Look at this.', $photo, new \DateTimeImmutable());
        $this->service(PhotoRepository::class)->keep($photo);
        $this->service(PhotoRepository::class)->keep($kept);
        $this->service(ProposalRepository::class)->keep($sent);
        $client = $quilt->whose();
        self::assertNotNull($client);
        $document = $this->service(ClientDocument::class)->of($client);
        self::assertSame(
            ['text' => 'Look at this.', 'photo' => base64_encode('made anew')],
            array_intersect_key($document['quilts'][0]['sent_by_the_client'][0], ['text' => 1, 'photo' => 1]),
        );
        self::assertEquals((object) $measures, $document['quilts'][0]['sent_by_the_client'][0]['measures']);

        $this->service(ClientBook::class)->erase($client);
        $photos = $this->service(PhotoRepository::class)->findBy(['quilt' => $quilt->id()]);
        self::assertSame(
            [(string) $kept->id()],
            array_map(static fn(Photo $one): string => (string) $one->id(), $photos),
        );
    }

    public function testAFloodIsStopped(): void
    {
        $quilt = $this->quilt();
        $this->listen();
        $link = $this->link($quilt);
        for ($i = 0; $i < 200; ++$i) {
            $this->browser->request('POST', $link, ['text' => "message $i"]);
        }

        self::assertResponseStatusCodeSame(429);
        self::assertLessThanOrEqual(20, \count($this->service(ProposalRepository::class)->findOf($quilt)));
    }

    private function listen(): void
    {
        $front = $this->service(StudioFrontRepository::class)->of($this->owner->studio());
        $input = new FrontInput();
        $input->listens = true;
        $front->open($input);
        $this->service(StudioFrontRepository::class)->keep($front);
    }

    /** @return string the path of a new link */
    private function link(Quilt $quilt): string
    {
        $links = $this->service(JobLinks::class);

        return (string) parse_url($links->address($links->make($quilt)), \PHP_URL_PATH);
    }

    private function asClient(string $link): Crawler
    {
        $this->browser->getCookieJar()->clear();

        return $this->browser->request('GET', $link);
    }

    /** @param array<string, string> $measures */
    private function send(string $link, array $measures, string $text = ''): Crawler
    {
        $values = $this->asClient($link)->selectButton('Send it')->form()->getPhpValues();
        $form = $this->browser->getCrawler()->selectButton('Send it')->form();

        return $this->browser->request('POST', $form->getUri(), [...$values, 'm' => $measures, 'text' => $text]);
    }
}

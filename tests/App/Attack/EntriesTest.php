<?php

declare(strict_types=1);

namespace Tests\App\Attack;

use App\AtTheFrame\FrameController;
use App\AtTheFrame\LogBook;
use App\AtTheFrame\LogCsv;
use App\AtTheFrame\LogEntry;
use App\AtTheFrame\LogEntryRepository;
use App\AtTheFrame\MomentMs;
use App\AtTheFrame\Photo;
use App\AtTheFrame\PhotoCame;
use App\AtTheFrame\PhotoCameHandler;
use App\AtTheFrame\PhotoMaker;
use App\AtTheFrame\PhotoPieces;
use App\AtTheFrame\RunRepository;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Tests\App\StudioTestCase;

/** What a device may send to a log, and what it must not cost. */
#[CoversClass(FrameController::class)]
#[CoversClass(LogBook::class)]
#[CoversClass(LogCsv::class)]
#[CoversClass(MomentMs::class)]
#[CoversClass(PhotoCameHandler::class)]
#[CoversClass(PhotoMaker::class)]
#[CoversClass(PhotoPieces::class)]
final class EntriesTest extends StudioTestCase
{
    #[TestWith(['9223372036854775807'])]
    #[TestWith(['-9223372036854775808'])]
    #[TestWith(['1e400'])]
    #[TestWith(["12\0"])]
    #[TestWith([''])]
    public function testADevicesClockCanSayWhatItLikes(string $now): void
    {
        $quilt = $this->begun();
        $this->send(
            $quilt,
            [['key' => 'clock-0000001', 'kind' => 'note', 'at' => \PHP_INT_MAX, 'data' => ['text' => 'a']]],
            $now,
        );

        self::assertResponseIsSuccessful();
        self::assertCount(1, $this->service(LogEntryRepository::class)->findAll());
    }

    public function testKeysThatDifferInCaseAreTwoAndOneBadEntryCostsNoOther(): void
    {
        $quilt = $this->begun();
        $note = static fn(string $key, string $text): array => [
            'key' => $key,
            'kind' => 'note',
            'at' => 1_790_000_000_000,
            'data' => ['text' => $text],
        ];
        $this->send($quilt, [
            $note('abcdefghijk', 'one'),
            $note('ABCDEFGHIJK', 'two'),
            ['kind' => 'note'],
            'no entry',
            $note("bad\u{0}key0000", 'three'),
            $note('abcdefghijk', 'again'),
            $note('zzzzzzzzzzz', 'four'),
        ]);
        self::assertResponseIsSuccessful();
        $texts = array_map(
            static fn($entry): string => $entry->entry()->text('text'),
            $this->service(LogEntryRepository::class)->findBy([], ['id' => 'ASC']),
        );

        self::assertSame(['one', 'two', 'four'], $texts);
    }

    public function testOnlyTwoPhotosAPostAreTakenAndTheRestIsNotLost(): void
    {
        $quilt = $this->begun();
        $photos = array_map(
            fn(int $i): array => [
                'key' => "photo-000000$i",
                'kind' => 'problem',
                'at' => 1_790_000_000_000,
                'data' => [
                    'layer' => 'top',
                    'seen' => 'top-pleat',
                    'severity' => 'noted',
                    'photo' => 0 === $i ? self::blownUp() : $this->small(),
                ],
            ],
            range(0, 2),
        );
        $this->send($quilt, $photos);
        self::assertResponseStatusCodeSame(429);
        self::assertSame(
            [],
            $this->service(LogEntryRepository::class)->findAll(),
            'the device sends all of them again',
        );

        $this->send($quilt, \array_slice($photos, 0, 2));
        $this->send($quilt, $photos);
        self::assertResponseIsSuccessful();
        $with = array_map(
            static fn($entry): bool => isset($entry->entry()->data['photo']),
            $this->service(LogEntryRepository::class)->findBy([], ['id' => 'ASC']),
        );

        self::assertSame([false, true, true], $with, 'what unpacks to too much is left out, its entry is not');
    }

    public function testAPhotoComesInPiecesAndGoesOnWhereItStopped(): void
    {
        $quilt = $this->begun();
        $photo = $this->large();
        $half = intdiv(\strlen($photo), 2);
        $key = 'photo-00000001';
        self::assertSame(0, $this->piece($quilt, $key, 0, ''), 'The first question learns what is there.');
        self::assertSame($half, $this->piece($quilt, $key, 0, substr($photo, 0, $half)));
        self::assertSame($half, $this->piece($quilt, $key, 0, 'once more'), 'What does not follow is not added.');
        $entry = [
            'key' => $key,
            'kind' => 'problem',
            'at' => 1_790_000_000_000,
            'data' => ['layer' => 'top', 'seen' => 'top-pleat', 'severity' => 'noted', 'photo' => 'in pieces'],
        ];
        self::assertSame(\strlen($photo), $this->piece($quilt, $key, $half, substr($photo, $half)));
        $this->send($quilt, [$entry]);
        self::assertResponseIsSuccessful();
        $id = $this->service(EntityManagerInterface::class)->getRepository(Photo::class)->findOneBy([])?->id();
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/photo/$id");
        self::assertResponseHeaderSame('Content-Type', 'image/jpeg');

        // The answer was lost, and all is sent once more.
        $this->piece($quilt, $key, 0, $photo);
        $this->send($quilt, [$entry]);
        self::assertSame(0, $this->piece($quilt, $key, 0, ''), 'Nothing of it stays behind.');
        self::assertSame(1, $this->service(LogEntryRepository::class)->count([]));
    }

    public function testAnEntryWhosePhotoIsNotThereIsSentAgain(): void
    {
        $quilt = $this->begun();
        $data = ['layer' => 'top', 'seen' => 'top-pleat', 'severity' => 'noted', 'photo' => 'in pieces'];
        $this->send($quilt, [
            ['key' => 'photo-00000002', 'kind' => 'problem', 'at' => 1_790_000_000_000, 'data' => $data],
        ]);
        self::assertResponseStatusCodeSame(429);
        self::assertSame(0, $this->service(LogEntryRepository::class)->count([]));
    }

    public function testPiecesAreLimited(): void
    {
        $quilt = $this->begun();
        foreach (
            [['short', 'x'], ['photo-00000003', str_repeat('x', 100_001)], ["photo-00000003\n", 'x']]
            as [$key, $piece]
        ) {
            $this->piece($quilt, $key, 0, $piece);
            self::assertResponseStatusCodeSame(429);
        }
        for ($photo = 0; $photo < 40; ++$photo) {
            self::assertSame(1, $this->piece($quilt, \sprintf('photo-1000%04d', $photo), 0, 'x'));
        }
        $this->piece($quilt, 'photo-10000040', 0, 'x');
        self::assertResponseStatusCodeSame(429);
    }

    public function testAPictureThatIsNoneAfterAllIsTakenAway(): void
    {
        $quilt = $this->begun();
        $run = $this->service(RunRepository::class)->findLatest($quilt);
        self::assertNotNull($run);
        $entities = $this->service(EntityManagerInterface::class);
        $photo = Photo::sent($run, 'no picture');
        $entities->persist($photo);
        $entities->flush();
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/photo/{$photo->id()}");
        self::assertResponseHeaderSame('Content-Type', 'image/svg+xml', 'What was sent is shown to nobody.');
        $this->service(PhotoCameHandler::class)(new PhotoCame($photo->id()));
        $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/photo/{$photo->id()}");
        self::assertResponseStatusCodeSame(404);
        $this->service(PhotoCameHandler::class)(new PhotoCame($photo->id()));
    }

    /** A clock that was an hour behind while it was written, and right again when it is sent. */
    public function testABatchFromBeforeTheLoadIsMovedAsAWhole(): void
    {
        $quilt = $this->begun();
        $now = (int) (microtime(true) * 1000);
        $at = static fn(int $seconds): int => $now - 3_600_000 + 1000 * $seconds;
        $this->send(
            $quilt,
            array_map(
                static fn(int $seconds): array => [
                    'key' => "early-0000$seconds",
                    'kind' => 'note',
                    'at' => $at($seconds),
                    'data' => ['text' => "after $seconds s"],
                ],
                [0, 2, 5],
            ),
            (string) $now,
        );
        self::assertResponseIsSuccessful();
        $entries = array_map(
            static fn(LogEntry $entry): JournalEntry => $entry->entry(),
            $this->service(EntityManagerInterface::class)
                ->getRepository(LogEntry::class)
                ->findBy(['kind' => EntryKind::Note], ['id' => 'ASC']),
        );
        $began = $this->service(RunRepository::class)->findLatest($quilt)?->started;
        self::assertNotNull($began);
        $moments = array_map(static fn(JournalEntry $entry): int => MomentMs::of($entry->at), $entries);

        self::assertSame(MomentMs::of($began), $moments[0], 'The first lies where the load began.');
        self::assertSame(
            ['after 0 s', 'after 2 s', 'after 5 s'],
            array_map(static fn(JournalEntry $entry): string => $entry->text('text'), $entries),
        );
        self::assertLessThanOrEqual($moments[1], $moments[0]);
        self::assertLessThanOrEqual($moments[2], $moments[1]);
        self::assertLessThanOrEqual(MomentMs::of(new \DateTimeImmutable()), $moments[2], 'None lies in the future.');
    }

    public function testWhatOnePersonWroteIsSentByNobodyElse(): void
    {
        $quilt = $this->begun();
        $this->send($quilt, [], person: '01ARZ3NDEKTSV4RRFFQ69G5FAV');

        self::assertResponseStatusCodeSame(403);
    }

    public function testAPictureThatUnpacksToTooMuchIsNeverUnpacked(): void
    {
        $before = memory_get_peak_usage();

        self::assertNull((new PhotoMaker())->checked(self::blownUp()));
        self::assertLessThan(5_000_000, memory_get_peak_usage() - $before);
    }

    #[TestWith(['=1+1', "'=1+1"])]
    #[TestWith(['-1+cmd', "'-1+cmd"])]
    #[TestWith(['-12', '-12'])]
    #[TestWith(['+12', '+12'])]
    #[TestWith(['-1.5', "'-1.5"])]
    #[TestWith(['@SUM(A1)', "'@SUM(A1)"])]
    #[TestWith(['plain', 'plain'])]
    public function testCellsThatBeginLikeFormulasAreTold(string $text, string $cell): void
    {
        $quilt = $this->begun();
        $this->send($quilt, [
            ['key' => 'cells-0000001', 'kind' => 'note', 'at' => 1_790_000_000_000, 'data' => ['text' => $text]],
        ]);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/log.csv");
        $rows = explode("\r\n", (string) $this->browser->getResponse()->getContent());

        self::assertContains($cell, str_getcsv($rows[1] ?? '', escape: ''));
    }

    private function begun(): Quilt
    {
        $quilt = $this->quilt([...self::rows(), 'load/direction' => 'as-is']);
        $this->begin($quilt);

        return $quilt;
    }

    /** @param list<mixed> $entries */
    private function send(Quilt $quilt, array $entries, string $now = '1790000000000', string $person = ''): void
    {
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame");
        $token = $page->filter('[data-next] [name=_token]')->attr('value');
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/entries", [
            '_token' => $token,
            'now' => $now,
            'person' => $person,
            'entries' => json_encode($entries, \JSON_THROW_ON_ERROR),
        ]);
    }

    private function piece(Quilt $quilt, string $key, int $offset, string $piece): int
    {
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame");
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/photo-piece", [
            '_token' => $page->filter('body')->attr('data-token'),
            'key' => $key,
            'offset' => (string) $offset,
            'piece' => $piece,
        ]);
        $have = $this->answered()['have'] ?? -1;

        return \is_int($have) ? $have : -1;
    }

    /** @return array<mixed> */
    private function answered(): array
    {
        $answer = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($answer);

        return $answer;
    }

    private function large(): string
    {
        $image = imagecreatetruecolor(300, 200);
        for ($i = 0; $i < 4000; ++$i) {
            imagesetpixel($image, ($i * 7) % 300, ($i * 13) % 200, ($i * 7919) & 16_777_215);
        }
        ob_start();
        imagejpeg($image, null, 95);

        return 'data:image/jpeg;base64,' . base64_encode((string) ob_get_clean());
    }

    private function small(): string
    {
        $image = imagecreatetruecolor(8, 8);
        ob_start();
        imagejpeg($image);

        return 'data:image/jpeg;base64,' . base64_encode((string) ob_get_clean());
    }

    /** A PNG of a few bytes whose head says that it is 30,000 pixels wide and high. */
    private static function blownUp(): string
    {
        $chunk = static fn(string $kind, string $data): string => pack('N', \strlen($data)) .
            $kind .
            $data .
            pack('N', crc32($kind . $data));

        return 'data:image/png;base64,' .
            base64_encode(
                "\x89PNG\r\n\x1a\n" .
                    $chunk('IHDR', pack('NNCCCCC', 30_000, 30_000, 1, 0, 0, 0, 0)) .
                    $chunk('IDAT', (string) gzcompress(str_repeat("\0", 100))) .
                    $chunk('IEND', ''),
            );
    }
}

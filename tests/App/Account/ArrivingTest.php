<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Account\Arriving\ImportCommand;
use App\Account\Arriving\NewNumbers;
use App\Account\Arriving\StudioArchive;
use App\Account\Arriving\StudioImport;
use App\Account\Arriving\UnreadableArchive;
use App\Account\Leaving\StudioExport;
use App\Account\Leaving\StudioRows;
use App\Account\Person;
use App\Account\PersonRepository;
use App\Account\Studio;
use App\Account\Transfer\StudioTransfer;
use App\Account\Transfer\StudioTransferRepository;
use App\Account\Transfer\TransferAsked;
use App\Account\Transfer\TransferAskedHandler;
use App\Account\Transfer\TransferController;
use App\Account\Transfer\TransferFolder;
use App\Account\Transfer\TransferState;
use App\AtTheFrame\Photo;
use App\AtTheFrame\PhotoRepository;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Tests\App\StudioTestCase;

/** An export of a studio comes back as it went. */
#[CoversClass(ImportCommand::class)]
#[CoversClass(NewNumbers::class)]
#[CoversClass(StudioArchive::class)]
#[CoversClass(StudioExport::class)]
#[CoversClass(StudioImport::class)]
#[CoversClass(StudioRows::class)]
#[CoversClass(StudioTransfer::class)]
#[CoversClass(StudioTransferRepository::class)]
#[CoversClass(TransferAskedHandler::class)]
#[CoversClass(TransferController::class)]
#[CoversClass(TransferFolder::class)]
#[CoversClass(TransferState::class)]
#[CoversClass(UnreadableArchive::class)]
final class ArrivingTest extends StudioTestCase
{
    use AtTheDoor;

    private string $token = '';

    /** Whose they are, or worked out anew. */
    private const OF_NOBODY = [
        'studio',
        'person',
        'signed_in',
        'account_link',
        'invitation',
        'audit_entry',
        'bench_plan',
        'quilt_facts',
        'photo_piece',
        'job_link',
        'letter',
        'studio_front',
        'studio_transfer',
    ];

    public function testTheDemoComesBackAsItWent(): void
    {
        $demo = $this->demo();
        $photo = Photo::ofQuilt($this->anyQuilt($demo), self::jpeg());
        $photo->remake(self::jpeg(), self::jpeg());
        $this->service(PhotoRepository::class)->keep($photo);
        $first = $this->export($demo->studio());
        self::assertNotNull(self::$kernel);
        $tester = new CommandTester((new Application(self::$kernel))->find('app:studio:import'));
        self::assertSame(
            0,
            $tester->execute(['archive' => $first, 'owner' => 'owner@studio.example']),
            $tester->getDisplay(),
        );
        $second = $this->export($this->again($this->owner)->studio());

        foreach (array_keys(StudioRows::TABLES) as $table) {
            if (!\in_array($table, self::OF_NOBODY, true)) {
                self::assertSame(
                    self::canonical($first, $table, $demo),
                    self::canonical($second, $table, $this->owner),
                    $table,
                );
            }
        }
        self::assertSame([sha1(self::jpeg())], self::pictures($first));
        self::assertSame(self::pictures($first), self::pictures($second));
        // Every page of it answers.
        $this->browser->loginUser($this->again($this->owner));
        foreach (['/', '/clients', '/history', '/frames', '/tension', '/settings/hours'] as $path) {
            $this->browser->request('GET', $path);
            self::assertResponseIsSuccessful($path);
        }
        $quilt = $this->anyQuilt($this->again($this->owner));
        $this->browser->request('GET', "/quilts/{$quilt->id()}/measure");
        self::assertResponseIsSuccessful();
        unlink($first);
        unlink($second);
    }

    /** What the first version wrote down had no clients and no photos of quilts. */
    public function testAnArchiveOfTheFirstVersionIsRead(): void
    {
        $other = $this->studio('other@studio.example');
        $this->quilt(self::entries());
        $path = $this->changed($this->export($this->owner->studio()), static function (
            string $name,
            string $text,
        ): ?string {
            if ('records/client.jsonl' === $name || 'records/studio_front.jsonl' === $name) {
                return null;
            }
            if ('manifest.json' === $name) {
                return str_replace('"version": 2', '"version": 1', $text);
            }

            return 'records/quilt.jsonl' === $name
                ? (string) preg_replace('/,"(whose_id|brought|archived|deleted)":("[^"]*"|null|\{[^}]*\})/', '', $text)
                : $text;
        });
        $other = $this->again($other);
        $this->service(StudioImport::class)->take($other, StudioArchive::open($path), static function (
            int $done,
        ): void {});

        self::assertSame('Odile Marrant', $this->anyQuilt($this->again($other))->whose()?->name());
        unlink($path);
    }

    /** @param \Closure(string, string): ?string $change of each member; null takes it away */
    #[DataProvider('wrong')]
    public function testAnArchiveThatWasMadeByHandIsRefusedWhole(\Closure $change, string $message): void
    {
        $other = $this->studio('other@studio.example');
        $this->quilt(self::entries());
        $path = $this->changed($this->export($this->owner->studio()), $change);
        $other = $this->again($other);
        try {
            $this->service(StudioImport::class)->take($other, StudioArchive::open($path), static function (
                int $done,
            ): void {});
            self::fail('It was taken in.');
        } catch (UnreadableArchive $unreadable) {
            self::assertStringContainsString($message, $unreadable->getMessage());
        }
        self::assertTrue($this->service(StudioImport::class)->mayArrive($other));
        unlink($path);
    }

    /** @return iterable<string, array{\Closure(string, string): ?string, string}> */
    public static function wrong(): iterable
    {
        yield 'no manifest' => [self::of('manifest.json', static fn(): ?string => null), 'no export of a studio'];
        yield 'a newer version' => [
            self::of(
                'manifest.json',
                static fn(string $text): string => str_replace('"version": 2', '"version": 3', $text),
            ),
            'newer version of Schwung (3)',
        ];
        yield 'a row that is none' => [
            self::of('records/quilt.jsonl', static fn(): string => "[1]\n"),
            'Line 1 of records/quilt.jsonl is no record.',
        ];
        yield 'a member that is not known' => [
            self::of(
                'records/quilt.jsonl',
                static fn(string $text): string => str_replace('"title"', '"tittle"', $text),
            ),
            'a member that is not known: tittle',
        ];
        yield 'a clock that is nowhere' => [
            self::of(
                'records/studio.jsonl',
                static fn(string $text): string => str_replace(
                    '"time_zone":"UTC"',
                    '"time_zone":"Nowhere/At_all"',
                    $text,
                ),
            ),
            'a clock that is nowhere',
        ];
        yield 'a word that there is none of' => [
            self::of(
                'records/quilt.jsonl',
                static fn(string $text): string => (string) preg_replace(
                    '/"standing":"[a-z]+"/',
                    '"standing":"sideways"',
                    $text,
                ),
            ),
            'says what cannot be',
        ];
        yield "another studio's frame" => [
            self::of(
                'records/quilt.jsonl',
                static fn(string $text): string => (string) preg_replace(
                    '/"frame_id":"[^"]+"/',
                    '"frame_id":"01M8HJ102N14PT4DHRRMGB5KJ5"',
                    $text,
                ),
            ),
            'points to something that is not in the archive',
        ];
    }

    public function testWhatWasAskedForTwiceIsTakenInOnce(): void
    {
        $other = $this->studio('other@studio.example');
        $this->quilt(self::entries());
        $path = $this->export($this->owner->studio());
        $import = $this->service(StudioImport::class);
        $nothing = static function (int $done): void {};
        $import->take($this->again($other), StudioArchive::open($path), $nothing);
        try {
            $import->take($this->again($other), StudioArchive::open($path), $nothing);
            self::fail('It was taken in twice.');
        } catch (UnreadableArchive $refused) {
            self::assertSame('This studio is not empty.', $refused->getMessage());
        }
        self::assertSame(1, $this->service(QuiltRepository::class)->count(['studio' => $other->studio()]));
        unlink($path);
    }

    /** The worker that wrote it was stopped half way. */
    #[DataProvider('states')]
    public function testOnlyWhatIsNotOverIsBegunAgain(TransferState $state, bool $isWritten): void
    {
        $this->quilt(self::entries());
        $owner = $this->again($this->owner);
        $transfer = new StudioTransfer($owner->studio(), $owner, false, new \DateTimeImmutable());
        $transfers = $this->service(StudioTransferRepository::class);
        $transfers->keep($transfer);
        $transfers->tell($transfer->id(), $state, 40);
        $this->service(EntityManagerInterface::class)->clear();
        $this->service(TransferAskedHandler::class)(new TransferAsked($transfer->id()));

        self::assertSame($isWritten, is_file($this->service(TransferFolder::class)->path($transfer->id())));
    }

    /** @return iterable<string, array{TransferState, bool}> */
    public static function states(): iterable
    {
        yield 'waiting' => [TransferState::Waiting, true];
        yield 'under way' => [TransferState::UnderWay, true];
        yield 'done' => [TransferState::Done, false];
        yield 'failed' => [TransferState::Failed, false];
    }

    public function testAStrangersMemberIsRefused(): void
    {
        $path = $this->export($this->owner->studio());
        $zip = new \ZipArchive();
        $zip->open($path);
        $zip->addFromString('../../etc/passwd', 'x');
        $zip->close();
        $this->expectExceptionMessage('does not belong into the export of a studio');
        StudioArchive::open($path);
    }

    public function testThePageTakesAnArchiveIntoAnEmptyStudioOnly(): void
    {
        $filled = $this->studio('filled@studio.example');
        $this->quilt(self::entries(), $filled);
        $path = $this->export($filled->studio());
        $this->beSure('/settings/account/transfer');
        $this->token = (string) $this->browser->getCrawler()->filter('main input[name=_token]')->attr('value');
        $page = $this->upload(__FILE__);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('no ZIP that can be opened', $page->filter('#archive-fault')->text());
        $this->upload($path);
        self::assertResponseRedirects('/settings/account/transfer', 303);
        self::assertStringContainsString(
            'The studio is here',
            $this->browser->followRedirect()->filter('main')->text(),
        );
        self::assertSame('Harbour lamps', $this->anyQuilt($this->again($this->owner))->title());
        $page = $this->upload($path);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('is not empty', $page->filter('#archive-fault')->text());
    }

    public function testEverythingIsWrittenWhileNobodyWaitsAndFetchedThen(): void
    {
        $this->quilt(self::entries());
        $this->beSure('/settings/account/transfer');
        $this->browser->request('GET', '/settings/account/export.zip');
        self::assertResponseRedirects('/settings/account/transfer', 303);
        $this->browser->followRedirect();
        $this->browser->submitForm('Write everything into a ZIP');
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('Fetch the ZIP', $page->filter('main')->text());
        $this->browser->click($page->selectLink('Fetch the ZIP')->link());

        self::assertResponseHeaderSame('Content-Type', 'application/zip');
        self::assertStringStartsWith('PK', $this->browser->getInternalResponse()->getContent());
    }

    public function testWhatIsWrongInsideIsSaidOnceItWasRead(): void
    {
        $filled = $this->studio('filled@studio.example');
        $this->quilt(self::entries(), $filled);
        $path = $this->changed(
            $this->export($filled->studio()),
            self::of('records/quilt.jsonl', static fn(): string => "[1]\n"),
        );
        $this->beSure('/settings/account/transfer');
        $this->token = (string) $this->browser->getCrawler()->filter('main input[name=_token]')->attr('value');
        $this->upload($path);
        $said = $this->browser->followRedirect()->filter('[role=alert]')->text();

        self::assertStringContainsString('Line 1 of records/quilt.jsonl is no record. Nothing was taken in.', $said);
    }

    public function testNumbersKeepTheirTimeAndTheirOrder(): void
    {
        $numbers = new NewNumbers();
        $old = ['01M8HJ102N14PT4DHRRMGB5KJ5', '01M8HJ102N14PT4DHRRMGB5KJ6', '01M8HJ107WYT34594F0C487N81'];
        array_map($numbers->meet(...), $old);
        $new = array_map($numbers->of(...), $old);

        self::assertSame(substr($old[0], 0, 10), substr((string) $new[0], 0, 10));
        self::assertNotSame($old[0], $new[0]);
        self::assertSame("a {$new[2]} b", $numbers->in("a {$old[2]} b"));
        self::assertNull($numbers->of('01M8HJ102N14PT4DHRRMGB5KJ9'));
    }

    private function upload(string $path): Crawler
    {
        $copy = tempnam(sys_get_temp_dir(), 'up');
        copy($path, $copy);

        return $this->browser->request(
            'POST',
            '/settings/account/import',
            ['_token' => $this->token],
            ['archive' => new UploadedFile($copy, 'studio.zip', 'application/zip', test: true)],
        );
    }

    /**
     * @param \Closure(string): ?string $change
     *
     * @return \Closure(string, string): ?string
     */
    private static function of(string $member, \Closure $change): \Closure
    {
        return static fn(string $name, string $text): ?string => $member === $name ? $change($text) : $text;
    }

    private function demo(): Person
    {
        self::assertNotNull(self::$kernel);
        (new CommandTester((new Application(self::$kernel))->find('app:demo')))->execute([
            '--email' => 'went@schwung.example',
        ]);
        $demo = $this->service(PersonRepository::class)->findOneBy(['email' => 'went@schwung.example']);
        self::assertNotNull($demo);

        return $demo;
    }

    private function export(Studio $studio): string
    {
        return $this->service(StudioExport::class)->write($studio);
    }

    private function again(Person $person): Person
    {
        $found = $this->service(EntityManagerInterface::class)->find(Person::class, $person->id());
        self::assertNotNull($found);

        return $found;
    }

    private function anyQuilt(Person $person): Quilt
    {
        $quilt = $this->service(EntityManagerInterface::class)
            ->getRepository(Quilt::class)
            ->findOneBy(['studio' => $person->studio()], ['number' => 'ASC']);
        self::assertNotNull($quilt);

        return $quilt;
    }

    /** @param \Closure(string, string): ?string $change */
    private function changed(string $path, \Closure $change): string
    {
        $zip = new \ZipArchive();
        $zip->open($path);
        for ($index = $zip->numFiles - 1; $index >= 0; --$index) {
            $name = (string) $zip->getNameIndex($index);
            $text = $change($name, (string) $zip->getFromIndex($index));
            null === $text ? $zip->deleteName($name) : $zip->addFromString($name, $text);
        }
        $zip->close();

        return $path;
    }

    /** @return list<string> its rows with every number that is one studio's own taken as one */
    private static function canonical(string $path, string $table, Person $owner): array
    {
        $zip = new \ZipArchive();
        $zip->open($path);
        $known = [];
        foreach (array_diff(array_keys(StudioRows::TABLES), ['job_link']) as $each) {
            foreach (explode("\n", trim((string) $zip->getFromName("records/$each.jsonl"))) as $line) {
                $row = json_decode($line, true);
                if (\is_array($row) && \is_string($row['id'] ?? null)) {
                    // The order of numbers is kept, so that each is told by the place at which it comes.
                    $known[$row['id']] = true;
                }
            }
        }
        ksort($known);
        $names = [];
        foreach (array_keys($known) as $id) {
            $names[$id] =
                $id === (string) $owner->studio()->id() || $id === (string) $owner->id()
                    ? 'own'
                    : substr((string) $id, 0, 10);
        }
        $rows = [];
        foreach (explode("\n", trim((string) $zip->getFromName("records/$table.jsonl"))) as $line) {
            $row = json_decode($line, true);
            if (\is_array($row)) {
                unset($row['revision_id'], $row['last'], $row['letter_id'], $row['small']);
                if (!\is_string($row['id'] ?? '')) {
                    unset($row['id']);
                }
                $rows[] = strtr((string) json_encode($row), $names);
            }
        }
        sort($rows);

        return $rows;
    }

    /** @return list<string> a sum of each photo */
    private static function pictures(string $path): array
    {
        $zip = new \ZipArchive();
        $zip->open($path);
        $sums = [];
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            if (str_starts_with((string) $zip->getNameIndex($index), 'photos/')) {
                $sums[] = sha1((string) $zip->getFromIndex($index));
            }
        }
        sort($sums);

        return $sums;
    }

    private static function jpeg(): string
    {
        ob_start();
        imagejpeg(imagecreatetruecolor(20, 10));

        return (string) ob_get_clean();
    }
}

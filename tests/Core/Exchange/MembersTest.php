<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\BackingReader;
use Schwung\Core\Exchange\BattingReader;
use Schwung\Core\Exchange\DeskReader;
use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Exchange\FrameReader;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\LoadReader;
use Schwung\Core\Exchange\QuiltingReader;
use Schwung\Core\Exchange\StockReader;
use Schwung\Core\Exchange\TopReader;
use Schwung\Core\Job\Faults;
use Schwung\Core\Job\JobParts;
use Tests\Core\Jobs;
use Tests\Core\Season\Season;

/** Every member of a job for itself: left out, or something else in its place. */
#[CoversClass(JobReader::class)]
#[CoversClass(TopReader::class)]
#[CoversClass(BackingReader::class)]
#[CoversClass(BattingReader::class)]
#[CoversClass(FrameReader::class)]
#[CoversClass(LoadReader::class)]
#[CoversClass(QuiltingReader::class)]
#[CoversClass(DeskReader::class)]
#[CoversClass(StockReader::class)]
#[CoversClass(JobParts::class)]
final class MembersTest extends TestCase
{
    private const MAY_BE_LEFT =
        '~^/(batting|quilting|desk|top/diagonals|top/seams_\w+|backing/(diagonal|bolt|seams|seams/\d/pressed)|' .
        'batting/(loft|opened)|frame/(unreachable_\w+|\w+_allowance|bed_span|leader_\w+|ratchet_teeth|methods|stock|' .
        'stock/\d/method|side_clamps)|load/(lead|tail|top)(/\w+)?|load/planned|quilting/directional|desk/\w+)$~';

    #[DataProvider('quilts')]
    public function testWhatIsLeftOutIsMissedOrMayBeLeft(int $quilt): void
    {
        $document = Season::quilt($quilt);
        foreach (self::paths($document) as $path => $ignored) {
            if (1 === preg_match('~/\d+$~', $path)) {
                continue;
            }
            $faults = self::faults(self::changed($document, $path, null));
            1 === preg_match(self::MAY_BE_LEFT, $path)
                ? self::assertSame([], $faults, $path)
                : self::assertStringStartsWith("$path: is missing", $faults[0] ?? 'nothing', $path);
        }
    }

    #[DataProvider('quilts')]
    public function testAnythingElseInItsPlaceIsRefusedThere(int $quilt): void
    {
        $document = Season::quilt($quilt);
        foreach (self::paths($document) as $path => $value) {
            \assert('' !== $path);
            foreach ([17.5, -3, ['x' => 1], 'neither'] as $wrong) {
                $isText = 1 === preg_match('~^/title|^/desk/(pieces|design|despite|despite_of)~', $path);
                if (($isText && \is_string($wrong)) || (\is_array($value) && [] === $value)) {
                    continue;
                }
                $faults = self::faults(self::changed($document, $path, $wrong));
                self::assertNotSame([], $faults, $path . ' ' . json_encode($wrong));
                self::assertStringStartsWith($path, $faults[0], $path . ' ' . json_encode($wrong));
            }
        }
    }

    /** @return iterable<string, array{int}> */
    public static function quilts(): iterable
    {
        foreach ([0, 3, 7, 12, 21, 33] as $quilt) {
            yield "quilt $quilt" => [$quilt];
        }
    }

    public function testPartsThatAreThereAreReadBesideOthersThatAreNot(): void
    {
        $faults = new Faults();
        $parts = (new JobReader())->parts(
            ['format' => 'schwung/job', 'version' => 1, 'top' => Jobs::document()['top'], 'title' => 'Half'],
            $faults,
        );

        self::assertNotNull($parts->top);
        self::assertSame('Half', $parts->title);
        self::assertNull($parts->backing);
        self::assertNull($parts->units);
        self::assertNull($parts->job());
    }

    /**
     * @param array<mixed> $document
     *
     * @return list<string>
     */
    private static function faults(array $document): array
    {
        try {
            (new JobReader())->read($document);
        } catch (FaultyDocument $faulty) {
            return explode("\n", $faulty->getMessage());
        }

        return [];
    }

    /**
     * @param array<mixed> $members
     *
     * @return array<string, mixed> every member, the inner ones too, by its pointer
     */
    private static function paths(array $members, string $under = ''): array
    {
        $paths = [];
        foreach ($members as $name => $member) {
            $paths["$under/$name"] = $member;
            $paths += \is_array($member) ? self::paths($member, "$under/$name") : [];
        }

        return $paths;
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed> with something else there; null takes the member away
     */
    private static function changed(array $document, string $path, mixed $to): array
    {
        [$member, $rest] = [...explode('/', substr($path, 1), 2), null];
        if (null !== $rest) {
            $inner = \is_array($document[$member]) ? self::changed($document[$member], "/$rest", $to) : [];
            $document[$member] = [] === $inner ? new \stdClass() : $inner;
        } elseif (null === $to) {
            unset($document[$member]);
        } else {
            $document[$member] = $to;
        }

        return $document;
    }
}

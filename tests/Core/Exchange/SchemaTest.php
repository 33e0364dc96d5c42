<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\FittingsReader;
use Schwung\Core\Exchange\FrameReader;
use Schwung\Core\Exchange\FrameWriter;
use Schwung\Core\Exchange\HabitsReader;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\PlanWriter;
use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Job\Entries;
use Schwung\Core\Job\Entry;
use Schwung\Core\Job\EntryType;
use Schwung\Core\Measure\Length;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Plan\Standing;
use Tests\Core\Jobs;

/** The published schemas say what the code says: the same members, the same words, nothing more and nothing less. */
#[CoversClass(Entries::class)]
#[CoversClass(Entry::class)]
#[CoversClass(FrameMeasure::class)]
#[CoversClass(FrameReader::class)]
#[CoversClass(FrameWriter::class)]
#[CoversClass(JobReader::class)]
#[CoversClass(PlanWriter::class)]
final class SchemaTest extends TestCase
{
    /** Members of a job that are written together with others, and by which entries. */
    private const GATHERED = ['load/custom' => 'load/margins', 'top/diagonals' => 'top/diagonals'];

    #[DataProvider('entries')]
    public function testTheSchemaHasEveryEntryWithItsWords(Entry $entry): void
    {
        $at = $this->member(self::schema('job'), explode('/', $entry->path));
        if (\array_key_exists(\dirname($entry->path), self::GATHERED)) {
            $at ??= $this->member(self::schema('job'), explode('/', self::GATHERED[\dirname($entry->path)]));
        }

        self::assertIsArray($at, $entry->path);
        if (EntryType::Word === $entry->type) {
            $words = self::words($at);
            sort($words);
            // Margins of one's own are no word: the document has the four of them in its place.
            $choices = array_diff(array_map(strval(...), array_keys($entry->choices())), ['custom']);
            sort($choices);
            self::assertSame($choices, $words, $entry->path);
        }
    }

    /** @return iterable<string, array{Entry}> */
    public static function entries(): iterable
    {
        foreach (Entries::all() as $path => $entry) {
            yield $path => [$entry];
        }
    }

    public function testTheSchemaHasNoEntryThatIsNotDeclared(): void
    {
        $declared = array_map(
            static fn(string $path): string => implode('/', \array_slice(explode('/', $path), 0, 2)),
            array_keys(Entries::all()),
        );
        $known = [];
        foreach (['top', 'backing', 'batting', 'load', 'quilting', 'desk'] as $part) {
            foreach (self::members($this->member(self::schema('job'), [$part])) as $member) {
                $known[] = "$part/$member";
            }
        }

        // The schools have a place of their own in a document; at the desk they are entries one by one.
        self::assertSame(['load/habits'], array_values(array_diff($known, $declared)));
    }

    public function testTheSchemaHasEverySchoolAndEveryWordOfIt(): void
    {
        foreach (HabitsReader::WORDS as $habit => $enum) {
            $words = array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases());
            foreach (['job' => ['load', 'habits', $habit], 'plan' => ['habits', $habit]] as $schema => $path) {
                self::assertEqualsCanonicalizing(
                    $words,
                    self::words($this->member(self::schema($schema), $path) ?? []),
                    $habit,
                );
            }
        }
    }

    public function testTheSchemaHasEveryMeasureOfAFrameAndEveryWordOfIt(): void
    {
        $measures = array_map(static fn(FrameMeasure $measure): string => $measure->value, FrameMeasure::cases());

        self::assertEqualsCanonicalizing(
            ['kind', ...$measures, 'ratchet_teeth', 'methods', 'stock', 'side_clamps', ...FittingsReader::KEYS],
            self::members($this->member(self::schema('job'), ['frame'])),
        );
        foreach (['kind' => FrameKind::cases(), 'side_clamps' => ClampWidth::cases()] as $member => $cases) {
            self::assertEqualsCanonicalizing(
                array_map(static fn(\BackedEnum $case): string => (string) $case->value, $cases),
                self::words($this->member(self::schema('job'), ['frame', $member]) ?? []),
            );
        }
        $methods = $this->member(self::schema('job'), ['frame', 'methods']);
        self::assertIsArray($methods['items'] ?? null);
        self::assertEqualsCanonicalizing(
            array_map(static fn(HoldingSystem $system): string => $system->value, HoldingSystem::cases()),
            self::words($methods['items']),
        );
    }

    public function testThePlansSchemaHasEveryCodeStageAndStanding(): void
    {
        $text = (string) file_get_contents(__DIR__ . '/../../../docs/formats/plan.schema.json');
        $enums = [];
        preg_match_all('/"enum":\s*\[([^\]]*)\]/', $text, $found);
        foreach ($found[1] as $list) {
            preg_match_all('/"([^"]*)"/', $list, $words);
            sort($words[1]);
            $enums[] = $words[1];
        }
        $standings = array_map(static fn(Standing $standing): string => $standing->value, Standing::cases());
        sort($standings);
        $codes = array_map(static fn(FindingCode $code): string => $code->value, FindingCode::cases());
        sort($codes);

        self::assertContains($standings, $enums);
        self::assertContains($codes, $enums);
        foreach (Stage::PLANNED as $stage) {
            self::assertStringContainsString("\"$stage->value\"", $text);
        }
    }

    public function testAFrameWithEveryMemberDifferentComesBackAsItWent(): void
    {
        foreach (FrameKind::cases() as $kind) {
            $measures = [];
            foreach (FrameMeasure::cases() as $i => $measure) {
                $measures[$measure->value] = Length::inches(20 + $i * 1.125);
            }
            $measures['rail'] = Length::inches(144.0625);
            $piece = static fn(float $inches, int $count): StockPiece => new StockPiece(
                Length::inches($inches),
                $count,
            );
            $frame = new Frame(
                $kind,
                $measures,
                48,
                [HoldingSystem::Magnets, HoldingSystem::ChannelClips, HoldingSystem::Zip],
                new Stock([
                    HoldingSystem::ChannelClips->value => [$piece(36, 3), $piece(12.5, 4)],
                    HoldingSystem::Zip->value => [$piece(108, 2)],
                ]),
                ClampWidth::Rod,
            );
            $document = [...Jobs::document(), 'frame' => (new FrameWriter())->document($frame)];
            $back = (new JobReader())->read($document)->frame;

            self::assertSame((new FrameWriter())->document($frame), (new FrameWriter())->document($back), $kind->value);
            foreach ($measures as $name => $length) {
                self::assertEqualsWithDelta(
                    $length->toInches(),
                    $back->size(FrameMeasure::from($name))->toInches(),
                    1e-9,
                    "$kind->value: $name",
                );
            }
            self::assertSame([48, ClampWidth::Rod], [$back->ratchetTeeth, $back->sideClamps]);
            self::assertEquals($frame->stock, $back->stock);
            self::assertSame($frame->methods, $back->methods);
        }
    }

    /** @return array<mixed> */
    private static function schema(string $name): array
    {
        $text = (string) file_get_contents(__DIR__ . "/../../../docs/formats/$name.schema.json");

        return (array) json_decode($text, true, flags: \JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<mixed>|null $at
     *
     * @return list<string>
     */
    private static function members(?array $at): array
    {
        $properties = $at['properties'] ?? [];

        return array_map(strval(...), \is_array($properties) ? array_keys($properties) : []);
    }

    /**
     * @param array<mixed> $schema
     * @param list<string> $path
     *
     * @return array<mixed>|null
     */
    private function member(array $schema, array $path): ?array
    {
        $at = $schema;
        foreach ($path as $name) {
            foreach (\is_array($at['oneOf'] ?? null) ? $at['oneOf'] : [$at] as $one) {
                $ref = \is_array($one) ? $one['$ref'] ?? null : null;
                if (\is_string($ref)) {
                    $defs = $schema['$defs'] ?? [];
                    $one = \is_array($defs) ? $defs[basename($ref)] ?? null : null;
                }
                if (\is_array($one)) {
                    $at = $one;
                }
            }
            $properties = $at['properties'] ?? [];
            $next = \is_array($properties) ? $properties[$name] ?? null : null;
            if (!\is_array($next)) {
                return null;
            }
            $at = $next;
        }

        return $at;
    }

    /**
     * @param array<mixed> $at
     *
     * @return list<string>
     */
    private static function words(array $at): array
    {
        $words = $at['enum'] ?? [];
        foreach (\is_array($at['oneOf'] ?? null) ? $at['oneOf'] : [] as $one) {
            $words = \is_array($one) && \is_array($one['enum'] ?? null) ? $one['enum'] : $words;
        }

        return array_values(array_filter(\is_array($words) ? $words : [], is_string(...)));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\DocumentCommand;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\JsonText;
use Schwung\Core\Exchange\Node;
use Schwung\Core\Exchange\PlanWriter;
use Tests\Core\Jobs;

#[CoversClass(DocumentCommand::class)]
#[CoversClass(JobReader::class)]
#[CoversClass(JsonText::class)]
#[CoversClass(Node::class)]
#[CoversClass(PlanWriter::class)]
final class PlanCommandTest extends TestCase
{
    private const FORMATS = __DIR__ . '/../../../docs/formats/';

    /** One file a case: a job, and beside it the plan that it must give. */
    #[DataProvider('cases')]
    public function testAJobGivesItsPlan(string $case, int $exit): void
    {
        [$code, $out] = Commands::run(
            'schwung:plan',
            (string) file_get_contents(__DIR__ . "/documents/$case.job.json"),
        );

        self::assertSame($exit, $code);
        self::assertJsonStringEqualsJsonFile(__DIR__ . "/documents/$case.plan.json", $out);
    }

    #[DataProvider('cases')]
    public function testJobAndPlanKeepTheirSchemas(string $case): void
    {
        $this->assertMatchesSchema('job', (string) file_get_contents(__DIR__ . "/documents/$case.job.json"));
        $this->assertMatchesSchema('plan', (string) file_get_contents(__DIR__ . "/documents/$case.plan.json"));
    }

    /** @return iterable<string, array{string, int}> */
    public static function cases(): iterable
    {
        yield 'everything is there and fits' => ['fits', 0];
        yield 'short both ways, no batting' => ['short', 1];
        yield 'crooked and metric, batting to trim' => ['metric', 0];
        yield 'turned, clips and zips, a gap that fits, the top pinned' => ['turned', 1];
        yield 'blocks worked over the seams, held by dowels, top not floated' => ['blocks', 0];
        yield 'borders worked last, top first, at the left of the leader' => ['borders', 0];
        yield 'minky too thick, turned round in the middle' => ['round', 1];
        yield 'a clamp frame with a top wider than it' => ['clamps', 0];
        yield 'one strip a side, out of a repeat' => ['strips', 0];
        yield 'a backing pieced off the bolt and batting of two pieces' => ['pieced', 0];
        yield 'basted by hand before it came, and started despite of what is short' => ['prebasted', 0];
        yield 'only basted, with magnets and all margins worked out' => ['basting', 0];
        yield 'wider than the needle reaches, no ratchet counted' => ['huge', 1];
        yield 'a cushion with margins of its own' => ['tiny', 0];
    }

    /** @param array<string, mixed> $change members to replace, by path */
    #[DataProvider('faults')]
    public function testEachFaultIsToldAtItsPlace(array $change, string $line): void
    {
        [$code, $out, $err] = Commands::run('schwung:plan', json_encode($this->changed($change), \JSON_THROW_ON_ERROR));

        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString($line, $err);
    }

    public function testOfAKindThatIsNoneNothingElseIsHeldAgainstTheFrame(): void
    {
        $job = $this->changed(['frame/kind' => 'poles', 'frame/leader_length' => '0 in', 'frame/rail' => '0 in']);
        [, , $err] = Commands::run('schwung:plan', json_encode($job, \JSON_THROW_ON_ERROR));

        preg_match_all('~^(/\S+):~m', $err, $places);
        self::assertSame(['/frame/kind', '/frame/rail'], $places[1]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'wrong version' => [['version' => 2], '/version: 2 cannot be here. Accepted is 1.'];
        yield 'wrong format' => [['format' => 'other'], '/format: "other" cannot be here. Accepted is "schwung/job".'];
        yield 'unknown key' => [['top/widht' => '5 in'], '/top/widht: is not a known key; did you mean "widths"?'];
        yield 'key with a slash' => [['a~b' => 1], '/a~0b: is not a known key;'];
        yield 'zero' => [
            ['top/widths/top' => '0 in'],
            '/top/widths/top: "0 in" cannot be here. Accepted is a length above zero',
        ];
        yield 'negative' => [['backing/sides/left' => '-5 in'], '/backing/sides/left: "-5 in" cannot be here.'];
        yield 'absurd' => [
            ['top/lengths/left' => '301 in'],
            '/top/lengths/left: "301 in" cannot be here. Accepted is a length of up to 300 in or 762 cm.',
        ];
        yield 'no unit' => [['batting/width' => '74'], '/batting/width: "74" has no unit.'];
        yield 'a number' => [
            ['batting/width' => 74],
            '/batting/width: 74 cannot be here. Accepted is a length with its unit in quotes',
        ];
        yield 'unreadable' => [['frame/rail' => 'long'], '/frame/rail: "long" is not a length.'];
        yield 'a diagonal that cannot be' => [
            ['backing/diagonal' => '200 in'],
            '/backing/diagonal: The diagonal and the top and right sides cannot close',
        ];
        yield 'sides that cannot be' => [['backing/sides/top' => '299 in'], '/backing/sides: '];
        yield 'a diagonal of the top that cannot be' => [
            ['top/diagonals' => ['250 in', '110 in']],
            '/top/diagonals/0: ',
        ];
        yield 'one diagonal of two' => [['top/diagonals' => ['110 in']], '/top/diagonals: '];
        yield 'a seam outside the top' => [
            ['top/seams_across' => [['at' => '95 in', 'kind' => 'block']]],
            '/top/seams_across/0/at: ',
        ];
        yield 'a missing part' => [['top' => null], '/top: is missing. Needed is an object with widths,'];
        yield 'a missing member' => [['top/widths/middle' => null], '/top/widths/middle: is missing.'];
        yield 'an unknown word' => [
            ['load/float' => 'half'],
            '/load/float: "half" cannot be here. Accepted is one of full, part, none.',
        ];
        yield 'an unknown school' => [['load/margins' => 'six'], '/load/margins: "six" cannot be here.'];
        yield 'a margin below zero' => [
            ['load/margins' => ['lead' => '-1 in', 'tail' => '4 in', 'left' => '4 in', 'right' => '4 in']],
            '/load/margins/lead: ',
        ];
        yield 'an hour without its offset' => [['batting/opened' => '2027-03-01T09:00:00'], '/batting/opened: '];
        yield 'a hold that is a word' => [
            ['load/lead' => 'pins'],
            '/load/lead: "pins" cannot be here. Accepted is an object',
        ];
        yield 'a bolt of nothing but seams' => [['backing/bolt' => '1 in'], '/backing/bolt: '];
        yield 'a rail out of reach' => [['frame/unreachable_left' => '126 in'], '/frame/rail: '];
        yield 'rows that nest too far' => [['quilting/gap' => '-4 in'], '/quilting/gap: '];
        yield 'a stock of none' => [
            ['load/tail' => ['method' => 'channel-clips', 'stock' => [['length' => '36 in', 'count' => 0]]]],
            '/load/tail/stock/0/count: 0 cannot be here.',
        ];
    }

    #[DataProvider('noJson')]
    public function testWhatIsNoDocumentIsToldAtTheEmptyPointer(string $text, string $message): void
    {
        [$code, , $err] = Commands::run('schwung:plan', $text);

        self::assertSame(2, $code);
        self::assertStringStartsWith(': ' . $message, $err);
    }

    /** @return iterable<string, array{string, string}> */
    public static function noJson(): iterable
    {
        yield 'not JSON' => ['units: in', 'is no JSON'];
        yield 'nothing' => ['', 'is no JSON'];
        yield 'five megabytes of nesting' => [str_repeat('[', 5_000_000), 'is 1.0 MB long'];
        yield 'a little nesting' => [str_repeat('[', 500) . str_repeat(']', 500), 'is nested more than 32 levels deep'];
        yield 'a list' => ['[]', '[] cannot be here. Accepted is an object with format'];
        yield 'null' => ['null', 'is missing. Needed is an object with format'];
    }

    public function testAllFaultsAreToldTogether(): void
    {
        [, , $err] = Commands::run(
            'schwung:plan',
            json_encode(
                $this->changed(['version' => 3, 'top/edge' => 'round', 'frame/rail' => '0 in']),
                \JSON_THROW_ON_ERROR,
            ),
        );

        self::assertCount(3, explode("\n", trim($err)));
    }

    public function testAFileThatIsNotThereIsSaid(): void
    {
        self::assertSame(
            [2, '', ": the file \"/nowhere/job.json\" cannot be read.\n"],
            Commands::run('schwung:plan', '', '/nowhere/job.json'),
        );
        self::assertStringStartsWith(': no file is named;', Commands::run('schwung:plan', '', null)[2]);
        self::assertNull(DocumentCommand::named('schwung:other'));
    }

    public function testTheWholeCommandNeedsNoDatabase(): void
    {
        $console = \dirname(__DIR__, 3) . '/bin/console';
        exec(
            'DATABASE_URL= ' .
                escapeshellarg(\PHP_BINARY) .
                ' ' .
                escapeshellarg($console) .
                ' schwung:plan ' .
                escapeshellarg(__DIR__ . '/documents/short.job.json') .
                ' 2>&1 >/dev/null',
            $lines,
            $code,
        );

        self::assertSame([1, ['/backing: backing-short']], [$code, $lines]);
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<mixed>
     */
    private function changed(array $change): array
    {
        $document = Jobs::document();
        foreach ($change as $path => $value) {
            $document = $this->with($document, explode('/', $path), $value);
        }

        return $document;
    }

    /**
     * @param array<mixed>           $members
     * @param non-empty-list<string> $keys
     *
     * @return array<mixed>
     */
    private function with(array $members, array $keys, mixed $value): array
    {
        $key = array_shift($keys);
        if ([] !== $keys) {
            $inner = $members[$key] ?? [];
            $members[$key] = $this->with(\is_array($inner) ? $inner : [], $keys, $value);
        } elseif (null === $value) {
            unset($members[$key]);
        } else {
            $members[$key] = $value;
        }

        return $members;
    }

    private function assertMatchesSchema(string $name, string $text): void
    {
        $schema = (string) file_get_contents(self::FORMATS . $name . '.schema.json');
        $error = (new Validator())->validate(json_decode($text, false), $schema)->error();
        self::assertNull($error, null === $error ? '' : (string) json_encode((new ErrorFormatter())->format($error)));
    }
}

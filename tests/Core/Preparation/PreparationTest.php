<?php

declare(strict_types=1);

namespace Tests\Core\Preparation;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\Level;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Plan\Standing;
use Schwung\Core\Practice\EdgeLine;
use Schwung\Core\Preparation\CircumstancesRule;
use Schwung\Core\Preparation\Decision;
use Schwung\Core\Preparation\FindingRule;
use Schwung\Core\Preparation\PassesSentence;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Preparation\PromiseRule;
use Schwung\Core\Preparation\SentenceRule;
use Schwung\Core\Preparation\StandingRule;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Sizing\BackingState;
use Tests\Core\Jobs;
use Tests\Core\Loading\Loads;

#[CoversClass(Preparation::class)]
#[CoversClass(StandingRule::class)]
#[CoversClass(SentenceRule::class)]
#[CoversClass(PromiseRule::class)]
#[CoversClass(FindingRule::class)]
#[CoversClass(PassesSentence::class)]
#[CoversClass(FindingCode::class)]
#[CoversClass(Standing::class)]
final class PreparationTest extends TestCase
{
    private const LETTERS = ['open' => 'o', 'fine' => 'f', 'decide' => 'd', 'stuck' => 's'];

    /**
     * @param array<string, mixed> $changes  to a job that loads
     * @param string               $standing a letter for each of measure, backing, direction, attach, passes, load
     * @param list<string>         $found    codes
     * @param list<string>         $promises
     */
    #[DataProvider('quilts')]
    public function testStandingsAndSentenceGoTogether(
        array $changes,
        string $standing,
        Standing $overall,
        bool $mayStart,
        string $sentence,
        array $found = [],
        array $promises = [],
    ): void {
        $preparation = Jobs::prepared($changes);

        self::assertSame(
            $standing,
            implode(
                '',
                array_map(static fn(Standing $one): string => self::LETTERS[$one->value], $preparation->standings()),
            ),
        );
        self::assertSame($overall, $preparation->overall());
        self::assertSame($mayStart, $preparation->mayStart());
        self::assertSame($sentence, self::text($preparation->sentence()));
        self::assertSame(
            $found,
            array_map(static fn(Finding $finding): string => $finding->code->value, $preparation->findings()),
        );
        self::assertSame(
            $promises,
            array_map(static fn(Decision $promise): string => self::text($promise->text), $preparation->promises()),
        );
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: string, 2: Standing, 3: bool, 4: string, 5?: list<string>, 6?: list<string>}> */
    public static function quilts(): iterable
    {
        $loads = 'It will load, with 1 ⅞ in to spare across and ¾ in along.';
        $short = Jobs::sides(70, 90);

        yield 'all is there' => [[], 'ffffff', Standing::Fine, true, $loads];
        yield 'nothing chosen to quilt' => [['quilting' => null], 'ffffoo', Standing::Fine, false, $loads];
        yield 'no batting, so no roll' => [['batting' => null], 'ffffoo', Standing::Fine, false, $loads];
        yield 'three clips for two edges of 69 in' => [
            [
                ...Jobs::sides(69, 84),
                ...Jobs::measures(60, 76),
                'backing/seams' => [],
                'load/lead' => ['method' => 'channel-clips'],
                'load/tail' => ['method' => 'channel-clips'],
                'frame/stock' => [['length' => '36 in', 'count' => 3]],
            ],
            'fdfsfs',
            Standing::Stuck,
            false,
            'Not yet: the clips at hand are 71 in short of the tail edge.',
            ['batting-trim', 'clips-short'],
            ['Trim the batting to 68 in across.'],
        ];
        yield 'a short backing' => [
            $short,
            'fsfdfs',
            Standing::Stuck,
            false,
            'Not yet: the backing is 6 ⅛ in short across and 5 ¼ in along.',
            ['backing-short', 'pin-spacing-over-margin'],
        ];
        yield 'strips kept' => [
            [...$short, 'desk/mend' => 'extend'],
            'fffffd',
            Standing::Decide,
            false,
            'It will load once the strips are sewn on.',
            ['backing-to-mend'],
            [
                'Cut two strips 3 ¾ in × 70 in and sew one to the lead and one to the tail end.',
                'Cut two strips 4 ¼ in × 95 ½ in and sew one to the left and one to the right side, where the clamps hold.',
            ],
        ];
        yield 'only the ends cut' => [
            [...$short, 'desk/mend' => 'square-up'],
            'fffdfd',
            Standing::Decide,
            false,
            'It will load with only its ends cut straight.',
            ['pin-spacing-over-margin', 'backing-to-mend'],
            ['Cut lead and tail of the backing straight; leave the sides as they are.'],
        ];
        yield 'a new one pieced of a bolt that is not known' => [
            [...$short, 'desk/mend' => 'piece', 'backing/bolt' => null],
            'fffffd',
            Standing::Decide,
            false,
            'It will load once the new backing is pieced.',
            ['backing-to-mend'],
            ['Piece the new backing, 76 ⅛ in × 95 ¼ in at least.'],
        ];
        yield 'the client is asked' => [
            [...$short, 'desk/mend' => 'ask-client'],
            'fsfdfs',
            Standing::Stuck,
            false,
            'Waiting for a larger backing from the client.',
            ['pin-spacing-over-margin', 'backing-awaited'],
            ['Take in the larger backing of the client, 76 ⅛ in × 95 ¼ in at least, and measure it.'],
        ];
        yield 'batting under the clamps' => [
            ['batting/width' => '90 in'],
            'fdfffd',
            Standing::Decide,
            false,
            'The backing is enough. Trim the batting to 77 in across first.',
            ['batting-trim'],
            ['Trim the batting to 77 in across.'],
        ];
        yield 'too little batting' => [
            ['batting/width' => '60 in'],
            'fsfffs',
            Standing::Stuck,
            false,
            'Not yet: the batting is 12 ⅛ in short across.',
            ['batting-short'],
        ];
        yield 'batting butted of two pieces' => [
            ['batting/width' => '60 in', 'desk/pieces' => "45 x 93\n40 x 93"],
            'fffffd',
            Standing::Decide,
            false,
            'It will load once the pieces of batting are butted and joined.',
            ['batting-to-piece'],
            [
                'Cut pieces of batting to 45 in × 91 ¼ in, 27 ⅛ in × 91 ¼ in, butt them edge to edge without an overlap and join them flat.',
            ],
        ];
        yield 'batting fresh from its bag' => [
            ['batting/opened' => '2027-03-03T09:00:00+01:00'],
            'fdfffd',
            Standing::Decide,
            true,
            'The batting has not rested by the planned time. It is fine from 4 March, 09:00.',
            ['batting-not-rested'],
        ];
        yield 'full edges' => [
            ['top/widths' => ['top' => '70 in', 'middle' => '67 in', 'bottom' => '68 in'], 'top/diagonals' => null],
            'dffffd',
            Standing::Decide,
            true,
            'The backing is enough. Speak to the client about the edges of the top first.',
            ['edge-too-full', 'middle-doubtful'],
        ];
        yield 'the frame comes before the clips' => [
            ['frame/rail' => '60 in', 'frame/leader_width' => '58 in'],
            'ffssfs',
            Standing::Stuck,
            false,
            'The top is 68 ⅛ in across, but the needle gets to 60 in only. Turn it, or take a wider frame.',
            ['reach', 'leader', 'backing-wider-than-leader', 'clips-short'],
        ];
        yield 'a row taller than the throat' => [
            ['quilting/row_height' => '20 in', 'quilting/finish' => 'run-off'],
            'ffffss',
            Standing::Stuck,
            false,
            'A row of 20 in does not fit: pass 1 has only 14 in of depth.',
            ['row', 'run-off-past-tail'],
        ];
        yield 'a roll under a low arm' => [
            ['batting/loft' => '60 mm'],
            'ffffss',
            Standing::Stuck,
            false,
            'At pass 6 the roll is 9 ¼ in thick, but only 9 in goes under the arm.',
            ['roll'],
        ];
    }

    public function testWhatIsStuckIsStartedOnlyWithAReasonThatCoversAllOfIt(): void
    {
        $why = 'She brings a longer one on Monday.';
        $short = Jobs::sides(70, 90);
        $covered = Jobs::prepared([...$short, 'desk/despite' => $why, 'desk/despite_of' => 'backing-short']);
        $other = Jobs::prepared([...$short, 'desk/despite' => $why, 'desk/despite_of' => 'clips-short']);

        self::assertTrue($covered->isOverruled());
        self::assertTrue($covered->mayStart());
        self::assertSame(Standing::Stuck, $covered->standing(Stage::Backing), 'it stays red where it is stuck');
        self::assertSame(Standing::Decide, $covered->standing(Stage::Load));
        self::assertSame(Standing::Decide, $covered->overall());
        self::assertFalse($other->isOverruled(), 'what came after the reason is not covered by it');
        self::assertFalse($other->mayStart());
    }

    public function testANewBackingIsPlannedAsItWasAskedForWhereItsBoltIsNotKnown(): void
    {
        $changes = [...Jobs::sides(70, 90), 'desk/mend' => 'piece', 'backing/bolt' => null];
        foreach (['as-is', 'turned'] as $direction) {
            $check = Jobs::prepared([...$changes, 'load/direction' => $direction])
                ->kept()
                ?->chosenPlan()->backing;

            self::assertSame(BackingState::Fits, $check?->state());
            self::assertSame(
                [$check->required->across->length()->toInches(), $check->required->along->length()->toInches()],
                [$check->squaredUp->across->toInches(), $check->squaredUp->along->toInches()],
            );
        }
    }

    public function testNoStageWithSomethingStuckIsGreenAndEveryFindingIsToldOnce(): void
    {
        foreach (self::quilts() as $name => [$changes]) {
            $preparation = Jobs::prepared($changes);
            $told = [];
            foreach (Stage::PLANNED as $stage) {
                $here = $preparation->findingsAt($stage);
                $told = [...$told, ...$here];
                foreach ($here as $finding) {
                    self::assertSame($stage, $finding->code->stage(), $name);
                    self::assertNotSame(
                        Standing::Fine,
                        $finding->isStuck() ? $preparation->standing($stage) : null,
                        $name . ': ' . $finding->code->value,
                    );
                }
            }
            self::assertEqualsCanonicalizing(
                array_map(spl_object_id(...), $preparation->findings()),
                array_map(spl_object_id(...), $told),
                $name,
            );
        }
    }

    public function testEveryCodeHasOneStageAndErrorsAreStuck(): void
    {
        foreach (FindingCode::cases() as $code) {
            self::assertContains($code->stage(), Stage::PLANNED);
            self::assertSame(FindingCode::PinBroken === $code, Stage::Load === $code->stage(), $code->value);
            self::assertSame(
                Level::Error === $code->level() ||
                    \in_array($code, [FindingCode::BattingShort, FindingCode::BackingAwaited], true),
                Standing::Stuck === $code->standing($code->level()),
                $code->value,
            );
        }
    }

    public function testEverythingIsWorkedOutOnce(): void
    {
        $preparation = Jobs::prepared([]);

        self::assertSame($preparation->plan(), $preparation->plan());
        self::assertSame($preparation->kept(), $preparation->kept());
        self::assertSame($preparation->winding(), $preparation->winding());
        self::assertSame($preparation->setup(), $preparation->setup());
        self::assertSame($preparation->sentence(), $preparation->sentence());
    }

    /** A step that was done here is evidence; one that was done before the quilt was entered is none. */
    public function testWhatCameBeforeAQuiltWasEnteredIsNoEvidence(): void
    {
        $preparation = Jobs::prepared([]);
        [$setup, $steps] = [$preparation->setup(), $preparation->steps()];
        self::assertNotNull($setup);
        self::assertNotNull($steps);
        $at = new \DateTimeImmutable('2027-03-03 10:00:00');
        $evened = static function (array $data) use ($preparation, $setup, $steps, $at): ?bool {
            /** @var array<string, mixed> $data */
            $entries = array_map(
                static fn($step): JournalEntry => new JournalEntry($step->key, EntryKind::Done, $step->key, $at, $data),
                \array_slice($steps->steps, 0, 40),
            );
            $fault = new JournalEntry('fault', EntryKind::Problem, null, $at, ['x' => 0, 'y' => 0]);
            $journal = new Journal($steps, [...$entries, $fault], $at);

            return (new CircumstancesRule($preparation->known, $setup))->ofFault($steps, $journal, $fault, $at, [])
                ->hold->evened;
        };

        self::assertTrue($evened([]));
        self::assertNull($evened(['entered' => true]));
    }

    public function testWherePolesHoldTheEndsNoEdgeWasLaidOnALine(): void
    {
        $at = new \DateTimeImmutable('2027-03-03 10:00:00');
        $edge = static function (array $changes) use ($at): ?EdgeLine {
            /** @var array<string, mixed> $changes */
            $preparation = Jobs::prepared($changes);
            $setup = $preparation->setup();
            self::assertNotNull($setup);

            return (new CircumstancesRule($preparation->known, $setup))->planned($at)->hold->edgeSchool;
        };

        self::assertSame(EdgeLine::Line, $edge([]));
        self::assertNull($edge(Loads::clamped()));
    }

    public function testScaledRowsAreSaidBeforeThePasses(): void
    {
        $passes = static fn(string $path, mixed $value): string => self::text(
            (new PassesSentence())->of(Jobs::prepared([$path => $value])),
        );

        self::assertStringStartsWith(
            'Rows of 8 ⅜ in (104 %): ',
            $passes('quilting/finish', 'fit-scale'),
            'a row that is made taller to come out at the edge is said as well',
        );
        self::assertStringStartsNotWith('Rows', $passes('quilting/finish', 'run-off'));
        self::assertSame('Choose rows or blocks to see the passes.', $passes('quilting', null));
        self::assertSame('Measure the batting to see the passes: it makes the roll.', $passes('batting', null));
    }

    private static function text(Phrase $phrase): string
    {
        return $phrase->writtenBy(new LengthWriter(UnitSystem::Inches));
    }
}

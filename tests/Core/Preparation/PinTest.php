<?php

declare(strict_types=1);

namespace Tests\Core\Preparation;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Job\JobParts;
use Schwung\Core\Job\Pin;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Measure\Written;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Plan\Standing;
use Schwung\Core\Preparation\BrokenPin;
use Schwung\Core\Preparation\Decision;
use Schwung\Core\Preparation\DecisionRule;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\PinKind;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Preparation\StandingRule;
use Tests\Core\Jobs;

/** What was kept stays kept until somebody lets it go; what was promised holds the start until it is done. */
#[CoversClass(Pin::class)]
#[CoversClass(PinKind::class)]
#[CoversClass(Decision::class)]
#[CoversClass(DecisionRule::class)]
#[CoversClass(BrokenPin::class)]
#[CoversClass(Written::class)]
#[CoversClass(StandingRule::class)]
final class PinTest extends TestCase
{
    private const AT = '2027-03-01T09:00:00+01:00';

    public function testAPromiseHoldsTheStartUntilItIsDone(): void
    {
        $changes = [...Jobs::sides(70, 90), 'desk/mend' => 'extend'];
        $open = self::with($changes, []);
        $pins = array_map(self::pin(...), $open->promises());
        $half = self::with($changes, [$pins[0]->done('Maren', self::AT), $pins[1]]);
        $done = self::with($changes, array_map(static fn(Pin $pin): Pin => $pin->done('Maren', self::AT), $pins));

        self::assertSame(['strip/lead-tail', 'strip/left-right'], self::keys($open->openPromises()));
        self::assertSame(Standing::Fine, $open->standing(Stage::Backing), 'it is decided');
        self::assertFalse($open->mayStart());
        self::assertSame(['strip/left-right'], self::keys($half->openPromises()));
        self::assertFalse($half->mayStart());
        self::assertSame([], $done->openPromises());
        self::assertTrue($done->mayStart());
        self::assertSame(Standing::Fine, $done->standing(Stage::Load));
        self::assertSame(Standing::Fine, $done->overall());
    }

    public function testAPromiseIsOverruledWithAReasonThatNamesIt(): void
    {
        $changes = ['batting/width' => '90 in', 'desk/despite' => 'It is cut on the frame.'];
        $covered = self::with([...$changes, 'desk/despite_of' => 'trim'], []);
        $other = self::with([...$changes, 'desk/despite_of' => 'backing-short'], []);

        self::assertSame(['trim'], $covered->holdingBack());
        self::assertTrue($covered->isOverruled());
        self::assertTrue($covered->mayStart());
        self::assertFalse($other->mayStart());
    }

    public function testStripsThatAreKeptAreNotResizedSilently(): void
    {
        $changes = [...Jobs::sides(70, 90), 'desk/mend' => 'extend'];
        $pins = array_map(self::pin(...), self::with($changes, [])->promises());
        $same = self::with($changes, $pins);
        $other = self::with([...$changes, 'load/margins' => 'three'], $pins);

        self::assertSame([], $same->brokenPins());
        self::assertSame(['strip/lead-tail', 'strip/left-right'], self::brokenKeys($other));
        $broken = $other->brokenPins()[0];
        self::assertSame(
            'Cut two strips 3 ¾ in × 70 in and sew one to the lead and one to the tail end.',
            $broken->pin->said(UnitSystem::Inches),
        );
        self::assertSame(
            'Cut two strips 2 ¾ in × 70 in and sew one to the lead and one to the tail end.',
            $broken->now?->words()['in'],
        );
        self::assertSame('Nothing is cut yet: the cut list changes.', self::cost($broken));
        self::assertSame(Standing::Decide, $other->standing(Stage::Load));
        self::assertContains(
            FindingCode::PinBroken,
            array_map(static fn(Finding $finding): FindingCode => $finding->code, $other->findings()),
        );
        self::assertNotContains(
            FindingCode::PinBroken,
            array_map(static fn(Finding $finding): FindingCode => $finding->code, $same->findings()),
        );
    }

    public function testWhatIsCutCostsMoreToLetGo(): void
    {
        $changes = [...Jobs::sides(70, 90), 'desk/mend' => 'extend'];
        $pin = self::pin(self::with($changes, [])->promises()[0])->done('Maren', self::AT);
        $gone = self::with(Jobs::sides(84, 104), [$pin])->brokenPins();

        self::assertCount(1, $gone);
        self::assertNull($gone[0]->now, 'a backing that fits needs no strips');
        self::assertSame('The strips are cut: others have to be cut and sewn on.', self::cost($gone[0]));
        self::assertFalse($pin->undone()->isDone());
    }

    /** @param array<string, mixed> $change */
    #[TestWith(['way', ['load/direction' => 'turned'], 'The quilt lies turned: its left edge leads.'])]
    #[TestWith(['hold/tail', ['load/tail' => ['method' => 'zip']], 'The tail is held by zips.'])]
    #[TestWith(['design', ['quilting/row_height' => '7 in'], null])]
    #[TestWith(['load', ['load/margins' => 'five'], null])]
    public function testEveryKindOfDecisionIsNoticed(string $key, array $change, ?string $now): void
    {
        $pin = self::pin(self::with([], [])->decisions()[$key]);
        $after = self::with($change, [$pin])->brokenPins();

        self::assertSame([], self::with([], [$pin])->brokenPins());
        self::assertCount(1, $after);
        self::assertNotNull($after[0]->now);
        self::assertSame($now ?? $after[0]->now->words()['in'], $after[0]->now->words()['in']);
        self::assertNotSame($pin->said(UnitSystem::Centimetres), $after[0]->now->words()['cm']);
    }

    public function testEveryKindSaysWhereItIsDecidedAndWhatItCosts(): void
    {
        foreach (PinKind::cases() as $kind) {
            self::assertSame($kind, PinKind::of($kind->value . '/lead'));
            self::assertSame(PinKind::Load === $kind, [] === $kind->decidedAt());
            self::assertNotSame('', $kind->cost(false)->writtenBy(new LengthWriter(UnitSystem::Inches)));
            self::assertContains($kind->stage(), Stage::PLANNED);
            self::assertSame(
                \in_array(
                    $kind,
                    [PinKind::Strip, PinKind::Piecing, PinKind::SquareUp, PinKind::Pieces, PinKind::Trim],
                    true,
                ),
                $kind->cost(true) != $kind->cost(false),
                'what is cut is not put back',
            );
        }
        self::assertNull(PinKind::of('nothing'));
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<Pin>            $pins
     */
    private static function with(array $changes, array $pins): Preparation
    {
        $job = (new JobReader())->read(Jobs::changed($changes));

        return new Preparation(new Known(parts: JobParts::of($job), pins: $pins));
    }

    private static function pin(Decision $decision): Pin
    {
        return new Pin($decision->key, $decision->words(), 'Maren', self::AT);
    }

    /**
     * @param list<Decision> $decisions
     *
     * @return list<string>
     */
    private static function keys(array $decisions): array
    {
        return array_map(static fn(Decision $decision): string => $decision->key, $decisions);
    }

    /** @return list<string> */
    private static function brokenKeys(Preparation $preparation): array
    {
        return array_map(static fn(BrokenPin $one): string => $one->pin->key, $preparation->brokenPins());
    }

    private static function cost(BrokenPin $broken): string
    {
        return $broken->cost()->writtenBy(new LengthWriter(UnitSystem::Inches));
    }
}

<?php

declare(strict_types=1);

namespace Tests\App\Frames;

use App\Frames\FrameInput;
use App\Frames\FramesController;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Measure\LengthTransformer;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Frame\BetterWay;
use Schwung\Core\Frame\Fittings;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Machine;
use Schwung\Core\Frame\MachineKind;
use Schwung\Core\Measure\UnitSystem;
use Tests\App\StudioTestCase;

#[CoversClass(FramesController::class)]
#[CoversClass(FrameInput::class)]
#[CoversClass(StudioFrame::class)]
#[CoversClass(LengthTransformer::class)]
final class FramesTest extends StudioTestCase
{
    private const ENTRIES = [
        'frame[name]' => 'South frame',
        'frame[rail]' => '10 ft 6',
        'frame[throat]' => '20',
        'frame[armClearance]' => '22,9 cm',
        'frame[takeupDiameter]' => '2',
    ];

    public function testAFrameIsMeasuredAndKeptExactly(): void
    {
        $this->browser->request('GET', '/frames/new');
        $this->browser->submitForm('Save the frame', self::ENTRIES);
        self::assertResponseRedirects('/frames', 303);
        $measures = $this->service(StudioFrameRepository::class)->findOf($this->owner->studio())[0]->measures();

        self::assertSame(
            [126.0, 229.0, 3.0],
            [
                $measures->size(FrameMeasure::Rail)->toInches(),
                $measures->size(FrameMeasure::ArmClearance)->toMillimetres(),
                $measures->size(FrameMeasure::FrontAllowance)->toInches(),
            ],
        );
    }

    public function testTheStockIsCountedAndKept(): void
    {
        $this->browser->request('GET', '/frames/new');
        $this->browser->submitForm('Save the frame', [
            ...self::ENTRIES,
            'frame[clips]' => "36 x 3\n30,5 cm × 4",
            'frame[magnets]' => '40',
            'frame[steelBars]' => '1',
        ]);
        $frame = $this->service(StudioFrameRepository::class)->findOf($this->owner->studio())[0];

        self::assertTrue($frame->fittings()->hasSteelBars);
        self::assertSame(
            [[36.0, 3], [12.007874015748031, 4]],
            array_map(
                static fn($piece): array => [$piece->length->toInches(), $piece->count],
                $frame->stock()->of(HoldingSystem::ChannelClips),
            ),
        );
        self::assertSame(
            [40, null],
            [$frame->stock()->count(HoldingSystem::Magnets), $frame->stock()->count(HoldingSystem::Pins)],
        );
    }

    public function testTheMachineItsFeetAndWhatIsBesideItAreKept(): void
    {
        $this->browser->request('GET', '/frames/new');
        $this->browser->submitForm('Save the frame', [
            ...self::ENTRIES,
            'frame[backingDiameter]' => '3',
            'frame[rollerToBar]' => '14',
            'frame[table]' => '0',
            'frame[sideClamps]' => 'narrow',
            'frame[sideClampCount]' => '4',
            'frame[machine]' => 'computer-guided',
            'frame[feet]' => [1 => 'disc'],
            'frame[always]' => 'open-toe',
            'frame[better]' => 'to-the-left',
            'frame[leadhold]' => '2',
            'frame[levelled]' => '2026-03-01',
        ]);
        $frame = $this->service(StudioFrameRepository::class)->findOf($this->owner->studio())[0];

        self::assertEquals(
            new Fittings(
                false,
                false,
                4,
                new Machine(MachineKind::ComputerGuided, [Foot::Disc], Foot::OpenToe, BetterWay::ToTheLeft),
            ),
            $frame->measures()->fittings,
        );
        self::assertSame(3.0, $frame->measures()->size(FrameMeasure::BackingDiameter)->toInches());
        self::assertSame(14.0, $frame->measures()->size(FrameMeasure::RollerToBar)->toInches());
        self::assertSame(2.0, ($frame->distances()['lead-hold'] ?? null)?->toInches());
        $page = $this->browser->request('GET', "/frames/{$frame->id()}");
        self::assertSame('2 in', $page->filter('#frame_leadhold')->attr('value'));
        self::assertStringContainsString('more than half a year ago', $page->filter('main')->text());
        self::assertSame('computer-guided', $page->filter('#frame_machine option[selected]')->attr('value'));
    }

    public function testSavingInOtherUnitsDoesNotMoveAMeasure(): void
    {
        $frame = $this->frame();
        $before = $frame->measures();
        $this->browser->request('GET', "/frames/{$frame->id()}");
        $this->browser->submitForm('cm');
        $this->browser->followRedirect();
        self::assertInputValueSame('frame[throat]', '50.8 cm');
        $this->browser->submitForm('Save the frame');

        $saved = $this->service(StudioFrameRepository::class)->findOf($this->owner->studio())[0]->measures();
        self::assertEquals($before, $saved);
    }

    /** @param array<string, string> $wrong */
    #[DataProvider('faults')]
    public function testAFaultIsToldAtItsFieldAndTheEntryIsKept(array $wrong, string $message): void
    {
        $this->browser->request('GET', '/frames/new');
        $this->browser->submitForm('Save the frame', [...self::ENTRIES, ...$wrong]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main form', $message);
        foreach ($wrong as $field => $text) {
            self::assertSame(
                $text,
                $this->browser
                    ->getCrawler()
                    ->filter("[name='$field']")
                    ->attr('value') ??
                    $this->browser
                        ->getCrawler()
                        ->filter("[name='$field']")
                        ->text(),
            );
        }
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function faults(): iterable
    {
        yield 'no name' => [['frame[name]' => ''], 'Give the frame a name.'];
        yield 'no throat' => [['frame[throat]' => ''], 'This measure is needed.'];
        yield 'unreadable' => [['frame[rail]' => 'long'], '"long" is not a length. Write it like 66 1/2 in or 169 cm.'];
        yield 'zero' => [['frame[throat]' => '0'], 'accepted is more than zero and up to 300 in'];
        yield 'negative' => [['frame[backAllowance]' => '-1'], 'accepted is zero or more'];
        yield 'absurd' => [['frame[rail]' => '400'], 'up to 300 in or 762 cm'];
        yield 'clips that cannot be read' => [['frame[clips]' => '36 by three'], '"36 by three" cannot be read.'];
        yield 'a negative count of clips' => [['frame[clips]' => '36 x -3'], '"36 x -3" cannot be read.'];
        yield 'a clip longer than the leader' => [
            ['frame[leaderWidth]' => '30 in', 'frame[clips]' => '36 in x 3'],
            'A clip of 36 in is longer than the leader.',
        ];
        yield 'negative pins' => [['frame[pins]' => '-5'], 'Between 0 and 5000 pieces.'];
        yield 'a throat within what is kept free' => [['frame[throat]' => '5'], 'The throat must be longer'];
        yield 'a rail within what is out of reach' => [['frame[unreachableLeft]' => '130'], 'The rail must be longer'];
    }

    public function testAFrameInUseIsNotChangedSilently(): void
    {
        $frame = $this->frame();
        $quilt = $this->quilt(self::rows(), frame: $frame);
        $this->begin($quilt);
        $this->browser->request('GET', "/frames/{$frame->id()}");
        $this->browser->submitForm('Save the frame', ['frame[throat]' => '18']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main form', 'Harbour lamps is on this frame');
        self::assertInputValueSame('frame[throat]', '18');
        $this->browser->submitForm('Save the frame', ['frame[throat]' => '18', 'frame[changeLoaded]' => '1']);
        self::assertResponseRedirects('/frames', 303);

        $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        $this->browser->submitForm('It is off the frame');
        $this->browser->request('GET', "/frames/{$frame->id()}");
        self::assertSelectorNotExists('#frame_changeLoaded');
    }

    public function testTheNameOfAFrameInUseMayChange(): void
    {
        $frame = $this->frame();
        $quilt = $this->quilt(self::rows(), frame: $frame);
        $this->begin($quilt);
        $this->browser->request('GET', "/frames/{$frame->id()}");
        $this->browser->submitForm('Save the frame', ['frame[name]' => 'Northernmost frame']);

        self::assertResponseRedirects('/frames', 303);
    }

    public function testVerdictsFollowTheFrame(): void
    {
        $frame = $this->frame();
        $quilt = $this->quilt(self::rows(), frame: $frame);
        $this->browser->request('GET', "/frames/{$frame->id()}");
        $this->browser->submitForm('Save the frame', ['frame[throat]' => '13']);

        self::assertStringContainsString('does not fit', $this->reloaded($quilt)->verdict(UnitSystem::Inches));
    }

    public function testTheFrameIsDrawnFromTheSideAndFromAbove(): void
    {
        $parts = ['North frame' => 'top roller', 'Window frame' => 'front pole', 'Attic frame' => 'backing roller'];
        $frames = array_map(fn(string $name): string => (string) $this->frame(name: $name)->id(), array_keys($parts));
        foreach (array_combine($frames, $parts) as $id => $part) {
            $page = $this->browser->request('GET', "/frames/$id");
            self::assertCount(2, $page->filter('figure svg'));
            self::assertStringContainsString($part, $page->filter('figure svg')->text());
            self::assertGreaterThanOrEqual(8, $page->filter('figure input')->count(), 'a field at each dimension');
            self::assertStringContainsString('Is this the true throat?', $page->filter('main')->text());
        }
    }

    public function testAnotherStudiosFrameIsNotThere(): void
    {
        $theirs = $this->frame($this->studio('other@studio.example'));
        $this->browser->request('GET', "/frames/{$theirs->id()}");
        self::assertResponseStatusCodeSame(404);
    }
}

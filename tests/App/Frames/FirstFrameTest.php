<?php

declare(strict_types=1);

namespace Tests\App\Frames;

use App\Account\Person;
use App\Frames\AskedMeasures;
use App\Frames\FrameMeasuresController;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Measure\Length;
use Tests\App\StudioTestCase;

/** A frame begins with two measures; what is usual stands in and is marked until somebody has taken it. */
#[CoversClass(FrameMeasuresController::class)]
#[CoversClass(AskedMeasures::class)]
#[CoversClass(FrameMeasure::class)]
final class FirstFrameTest extends StudioTestCase
{
    public function testRailAndThroatAreEnoughAndTheRestIsUsual(): void
    {
        $frame = $this->first(['126', '20']);

        self::assertResponseRedirects('/quilts/new', 303);
        self::assertEquals(Length::inches(126), $frame->measures()->size(FrameMeasure::Rail));
        self::assertEquals(Length::inches(8), $frame->measures()->size(FrameMeasure::ArmClearance));
        self::assertSame([FrameMeasure::ArmClearance, FrameMeasure::TakeupDiameter], $frame->assumed());
    }

    public function testWhatCannotBeIsToldAtItsField(): void
    {
        $this->browser->request('GET', '/frames/first');
        self::assertCount(2, $this->browser->getCrawler()->filter('main svg'), 'each with where to put the tape');
        $this->browser->submitForm('Now the first quilt', [
            'frame_ask[rail]' => '126',
            'frame_ask[throat]' => '5',
        ]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main', 'The throat must be longer than what is kept free');
        self::assertInputValueSame('frame_ask[rail]', '126');
    }

    public function testAPageThatGoesByAMeasureAsksForItUntilItIsTaken(): void
    {
        $frame = $this->first(['126', '20']);
        $owner = $this->service(EntityManagerInterface::class)->find(Person::class, $this->owner->id());
        $quilt = $this->quilt(self::rows(), $owner, frame: $this->again($frame));
        $at = "/quilts/{$quilt->id()}/passes";
        $page = $this->browser->request('GET', $at);
        self::assertStringContainsString(
            'Arm clearance and take-up roller of the frame are not measured yet: usual figures stand in.',
            $page->filter('main')->text(),
        );
        self::assertStringNotContainsString(
            'not measured yet',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/direction")
                ->filter('main')
                ->text(),
        );

        $this->browser->request('GET', $at);
        $this->browser->clickLink('Measure them');
        $this->browser->submitForm('So it is', ['frame_ask[armClearance]' => '7 in']);
        self::assertResponseRedirects($at, 303);
        self::assertSame([], $this->again($frame)->assumed(), 'what was left as it stood was looked at, too');
        self::assertEquals(Length::inches(7), $this->again($frame)->measures()->size(FrameMeasure::ArmClearance));
        self::assertStringNotContainsString(
            'not measured yet',
            $this->browser->request('GET', $at)->filter('main')->text(),
        );
        $this->browser->request('GET', "/frames/{$frame->id()}/measures/passes?back=//elsewhere.example");
        self::assertResponseRedirects("/frames/{$frame->id()}", 303, 'nothing is left to ask, and one of ours');
    }

    public function testTheFramesOwnPageTellsWhatIsUsualAndAChangeTakesIt(): void
    {
        $frame = $this->first(['126', '20']);
        $this->browser->request('GET', "/frames/{$frame->id()}");
        self::assertSelectorTextContains('main', 'Usual, not measured yet: arm clearance, take-up roller.');
        $this->browser->submitForm('Save the frame', ['frame[takeupDiameter]' => '3']);

        self::assertSame([FrameMeasure::ArmClearance], $this->again($frame)->assumed());
    }

    /** @param array{string, string} $measures rail and throat */
    private function first(array $measures): StudioFrame
    {
        $this->browser->request('GET', '/frames/first');
        $this->browser->submitForm('Now the first quilt', [
            'frame_ask[rail]' => $measures[0],
            'frame_ask[throat]' => $measures[1],
        ]);
        $frames = $this->service(StudioFrameRepository::class)->findOf($this->owner->studio());
        self::assertCount(1, $frames);

        return $frames[0];
    }

    private function again(StudioFrame $frame): StudioFrame
    {
        $found = $this->service(StudioFrameRepository::class)->findOneOf($this->owner->studio(), $frame->id());
        self::assertNotNull($found);

        return $found;
    }
}

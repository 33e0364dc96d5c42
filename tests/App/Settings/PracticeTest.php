<?php

declare(strict_types=1);

namespace Tests\App\Settings;

use App\Quilt\Loading\Questions;
use App\Quilt\QuiltRepository;
use App\Quilt\Rejudging;
use App\Settings\PracticeController;
use App\Settings\PracticeSettings;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Entries;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;
use Tests\App\StudioTestCase;

#[CoversClass(PracticeController::class)]
#[CoversClass(PracticeSettings::class)]
#[CoversClass(Questions::class)]
#[CoversClass(Rejudging::class)]
final class PracticeTest extends StudioTestCase
{
    public function testTheStudiosThicknessIsWhatItsPlansReckonWith(): void
    {
        $quilt = $this->quilt(self::rows());
        self::assertStringContainsString('13 ⅛ in of depth', $this->sentence($quilt->id()));
        $this->browser->request('GET', '/settings/practice');
        $this->browser->submitForm('Plan with these figures', ['practice[thickness][loft_cotton_poly]' => '12']);
        self::assertResponseRedirects('/settings/practice', 303);

        self::assertStringContainsString('the last with 12 in of depth', $this->sentence($quilt->id()));
    }

    public function testVerdictsOnTheShelfFollow(): void
    {
        $quilt = $this->quilt([...self::entries('76 in', '96 in'), 'load/margins' => 'worked-out']);
        self::assertStringStartsWith('It will load', $quilt->verdict(UnitSystem::Inches));
        $this->browser->request('GET', '/settings/practice');
        $this->browser->submitForm('Plan with these figures', ['practice[footClearance]' => '4']);

        self::assertStringContainsString('short across', $this->reloaded($quilt)->verdict(UnitSystem::Inches));
    }

    public function testNewQuiltsBeginWithTheStudiosWaysAndSayWhereTheyHaveTheirOwn(): void
    {
        $before = $this->quilt(self::rows());
        $page = $this->browser->request('GET', '/settings/loading');
        self::assertCount(\count(Entries::HABITS), $page->filter('main fieldset'), 'every question is asked');
        self::assertCount(\count(Entries::HABITS), $page->filter('main input[checked]'));
        $this->browser->submitForm('Begin new quilts with these ways', [
            'ways[desk/loading_place]' => 'front',
            'ways[desk/people]' => 'two',
        ]);
        self::assertResponseRedirects('/settings/loading', 303);

        self::assertSame('front', $this->reloaded($before)->studio->ways()['desk/loading_place'] ?? null);
        $load = $this->browser->request('GET', "/quilts/{$before->id()}/load");
        self::assertSame('rear', $load->filter('[name="f[desk/loading_place]"][checked]')->attr('value'));
        self::assertStringContainsString(
            "The studio's way",
            $load->filter('[name="f[desk/loading_place]"][value=front]')->ancestors()->filter('label')->text(),
        );
        self::assertStringContainsString('this quilt only', $load->filter('#f-desk-people summary')->text());
        self::assertStringNotContainsString('this quilt only', $load->filter('#f-desk-sides summary')->text());
    }

    public function testAWayThatIsNoneIsNotTaken(): void
    {
        $quilt = $this->quilt();
        $token = $this->browser->request('GET', '/settings/loading')->filter('main [name=_token]')->attr('value');
        $this->browser->request('POST', '/settings/loading', [
            '_token' => $token,
            'ways' => ['desk/people' => 'a crowd', 'desk/nothing' => 'x', 'desk/sides' => ['x'], 'desk/lock' => 'none'],
        ]);

        self::assertSame(['desk/lock' => 'none'], $this->reloaded($quilt)->studio->ways());
    }

    public function testADistanceOfTheStudiosOwnIsToldInTheSteps(): void
    {
        $quilt = $this->quilt(self::rows());
        self::assertStringContainsString('⅛ in inside', $this->loadSheet($quilt->id()));
        $page = $this->browser->request('GET', '/settings/practice');
        self::assertCount(
            \count(Distance::cases()),
            $page->filter('main input[name^="practice[distances]"]'),
            'every distance can be set',
        );
        $this->browser->submitForm('Plan with these figures', [
            'practice[distances][basting_inset]' => '1/4',
            'practice[seconds][pins]' => '40',
            'practice[grips][pins_standoff]' => '2',
        ]);

        self::assertStringContainsString('¼ in inside', $this->loadSheet($quilt->id()));
        $practice = $this->reloaded($quilt)->studio->practice();
        self::assertSame(40.0, $practice->times->each(HoldingSystem::Pins));
        self::assertSame(2.0, $practice->grip(HoldingSystem::Pins, End::Tail)->standoff->toInches());
        self::assertSame(1.0, $practice->grip(HoldingSystem::Zip, End::Tail)->standoff->toInches());
    }

    public function testAFrameAndAPersonHaveWaysOfTheirOwn(): void
    {
        $frame = $this->frame();
        $this->browser->request('GET', '/settings/loading');
        $this->browser->submitForm('Begin new quilts with these ways', [
            'ways[desk/people]' => 'two',
            'ways[desk/lock]' => 'wheel-clip',
            'ways[load/margins]' => 'five',
        ]);
        foreach (
            [
                (string) $frame->id() => [
                    'ways[load/tail/method]' => 'zip',
                    'ways[desk/lock]' => 'none',
                    'ways[desk/needle]' => 'up',
                ],
                'you' => ['ways[desk/needle]' => 'down'],
            ]
            as $of => $ways
        ) {
            $page = $this->browser->request('GET', "/settings/loading?of=$of");
            self::assertStringContainsString('as the studio: two', $page->filter('main')->text());
            self::assertCount(\count(Entries::HABITS), $page->filter('main input[checked][value=""]'), 'none yet');
            $this->browser->submitForm('Begin new quilts with these ways', $ways);
            self::assertResponseRedirects("/settings/loading?of=$of", 303);
        }
        $this->browser->request('GET', '/quilts/new');
        $this->browser->submitForm('Measure it', ['new_quilt[title]' => 'Levels', 'new_quilt[client]' => 'A client']);
        $page = $this->browser->request(
            'GET',
            \dirname((string) $this->browser->getResponse()->headers->get('Location')) . '/load',
        );
        $chosen = static fn(string $path): ?string => $page->filter("[name=\"f[$path]\"][checked]")->attr('value');

        self::assertSame(
            ['two', 'none', 'down'],
            [$chosen('desk/people'), $chosen('desk/lock'), $chosen('desk/needle')],
            'the studio, before it the frame, before both the person',
        );
        $sheet = $this->service(QuiltRepository::class)
            ->findBy([], ['id' => 'DESC'], 1)[0]
            ->sheet();
        self::assertSame(
            ['five', 'zip', 'pins'],
            array_values($sheet->texts(['load/margins', 'load/tail/method', 'load/lead/method'])),
        );
        self::assertStringContainsString('The way on North frame', $page->filter('#f-desk-lock')->text());
        self::assertStringContainsString('Your way', $page->filter('#f-desk-needle')->text());
        self::assertStringContainsString("The studio's way", $page->filter('#f-desk-people')->text());
    }

    public function testNobodySeesTheWaysOfAnotherStudiosFrame(): void
    {
        $foreign = $this->frame($this->studio('other@schwung.example'));
        foreach ([(string) $foreign->id(), 'nobody'] as $of) {
            $this->browser->request('GET', "/settings/loading?of=$of");
            self::assertResponseStatusCodeSame(404);
        }
    }

    public function testAPersonsReachAndHandsAreKeptAndTold(): void
    {
        $quilt = $this->quilt(self::rows());
        self::assertStringNotContainsString('beyond your reach', $this->loadSheet($quilt->id()));
        $this->browser->request('GET', '/settings/you');
        $this->browser->submitForm('Tell it for me so', [
            'body[hand]' => 'left',
            'body[reach]' => '10',
            'body[soreHands]' => '1',
            'body[hangingend]' => '9',
        ]);
        self::assertResponseRedirects('/settings/you', 303);
        $page = $this->browser->followRedirect();

        self::assertSame('10 in', $page->filter('#body_reach')->attr('value'));
        $told = $this->loadSheet($quilt->id());
        self::assertStringContainsString('until 9 in hang before the front bar', $told);
        self::assertStringContainsString('to the left first', $told);
        $this->browser->request('GET', '/settings/you');
        $this->browser->submitForm('Tell it for me so', ['body[reach]' => '90']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main form', 'Between 6 in and 60 in.');
    }

    public function testFiguresThatAreNotSetAreTheUsualOnes(): void
    {
        self::assertEquals(
            PracticeSettings::of(new Practice()),
            PracticeSettings::of($this->owner->studio()->practice()),
        );
    }

    /** @param array<string, string> $wrong */
    #[DataProvider('faults')]
    public function testAFaultIsToldAndTheEntryKept(array $wrong, string $message): void
    {
        $this->browser->request('GET', '/settings/practice');
        $this->browser->submitForm('Plan with these figures', $wrong);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main form', $message);
        foreach ($wrong as $field => $text) {
            self::assertInputValueSame($field, $text);
        }
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function faults(): iterable
    {
        yield 'no length' => [['practice[clampBite]' => 'wide'], '"wide" is not a length.'];
        yield 'no number' => [['practice[thickness][top]' => 'thin'], 'Write millimetres as a number, like 0.3.'];
        yield 'nothing' => [['practice[thickness][backing_minky]' => ''], 'This figure is needed.'];
        yield 'absurd' => [['practice[thickness][loft_wool]' => '400.00'], 'Between 0.05 and 40 mm.'];
        yield 'no spacing at all' => [['practice[distances][basting_spacing]' => '1/8'], 'At least ½ in.'];
        yield 'basting that stays' => [['practice[prebastingPerInch]' => '9'], 'Between 1 and 4'];
        yield 'a best rest shorter than the least' => [
            ['practice[battingBestRestHours]' => '3'],
            'The best rest is no shorter than the least.',
        ];
    }

    private function loadSheet(\Stringable $quilt): string
    {
        return $this->browser
            ->request('GET', "/quilts/$quilt/load-sheet")
            ->filter('main')
            ->text();
    }

    private function sentence(\Stringable $quilt): string
    {
        return $this->browser
            ->request('GET', "/quilts/$quilt/passes")
            ->filter('#sheet h2')
            ->text();
    }
}

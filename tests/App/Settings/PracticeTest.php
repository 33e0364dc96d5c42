<?php

declare(strict_types=1);

namespace Tests\App\Settings;

use App\Quilt\Loading\Questions;
use App\Quilt\Rejudging;
use App\Settings\PracticeController;
use App\Settings\PracticeSettings;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Job\Entries;
use Schwung\Core\Measure\UnitSystem;
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
            "the studio's way",
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
        yield 'a best rest shorter than the least' => [
            ['practice[battingBestRestHours]' => '3'],
            'The best rest is no shorter than the least.',
        ];
    }

    private function sentence(\Stringable $quilt): string
    {
        return $this->browser
            ->request('GET', "/quilts/$quilt/passes")
            ->filter('#sheet h2')
            ->text();
    }
}

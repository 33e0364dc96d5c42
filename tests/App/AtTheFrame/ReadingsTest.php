<?php

declare(strict_types=1);

namespace Tests\App\AtTheFrame;

use App\AtTheFrame\EntryReader;
use App\AtTheFrame\ReadingInput;
use App\AtTheFrame\ReadingsController;
use App\AtTheFrame\ReadingType;
use App\AtTheFrame\Refitting;
use App\AtTheFrame\RunView;
use App\Quilt\Quilt;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\StudioTestCase;

#[CoversClass(ReadingsController::class)]
#[CoversClass(ReadingInput::class)]
#[CoversClass(ReadingType::class)]
#[CoversClass(Refitting::class)]
#[CoversClass(RunView::class)]
#[CoversClass(EntryReader::class)]
final class ReadingsTest extends StudioTestCase
{
    public function testARollThatWindsThickerChangesWhatIsLeftOnceItIsKept(): void
    {
        $quilt = $this->atPass(4, [...self::rows(), 'quilting/row_height' => '4 in']);
        $this->read($quilt, 'roll', ['round' => '19 in']);
        self::assertResponseRedirects("/quilts/{$quilt->id()}/frame/readings", 303);
        self::assertStringContainsString('One reading. A second one', $this->told($quilt)->text());
        $this->read($quilt, 'roll', ['through' => '6 in']);
        $told = $this->told($quilt);

        self::assertStringContainsString('Thicker than planned.', $told->text());
        self::assertCount(2, $told->filter('figure svg'), 'the side view before and after');
        $before = $this->passes($quilt);
        $this->browser->submit($told->selectButton('Plan the passes that are left so')->form());
        self::assertResponseRedirects("/quilts/{$quilt->id()}/frame", 303);
        $this->browser->submit($told->selectButton('Plan the passes that are left so')->form());

        self::assertGreaterThan($before, $this->passes($quilt));
        $log = $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch");
        $line = 'after pass 4 the passes go by';
        self::assertSame(1, substr_count($log->filter('section[aria-labelledby=log-title]')->text(), $line), 'once');
        $this->browser->submit(
            $log
                ->filter("section[aria-labelledby=log-title] li:contains(\"$line\")")
                ->selectButton('Was wrong')
                ->form(),
        );
        self::assertSame($before, $this->passes($quilt), 'one press takes it back');
    }

    public function testAnEncoderTellsTheRollByItself(): void
    {
        $quilt = $this->atPass(3);
        $this->send($quilt, [
            ['kind' => 'done', 'step' => 'pass-4-advance', 'data' => ['turns' => 1.02]],
            ['kind' => 'done', 'step' => 'pass-5-advance', 'data' => ['turns' => 0.9]],
            // Half an advance is none.
            ['kind' => 'done', 'step' => 'pass-6-advance', 'data' => ['turns' => 0.2]],
        ]);

        self::assertStringContainsString('2 readings (an', $this->told($quilt)->text());
    }

    public function testClicksThatWereCountedAreAReadingToo(): void
    {
        $quilt = $this->atPass(5);
        $this->read($quilt, 'roll', ['clicks' => '33']);
        self::assertResponseStatusCodeSame(303);
        self::assertStringContainsString('One reading.', $this->told($quilt)->text());
        self::assertStringContainsString(
            '33 clicks from',
            $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch")->text(),
        );
    }

    public function testWidthSlantAndStrainAreAnsweredAtOnce(): void
    {
        $quilt = $this->atPass(3);
        $this->read($quilt, 'width', ['depth' => '20 in', 'width' => '69 in']);
        $this->read($quilt, 'slant', ['left' => '3 in', 'right' => '3 1/4 in', 'apart' => '60 in']);
        $this->read($quilt, 'strain', ['layer' => 'top', 'apart' => '10 in', 'loaded' => '10 1/8 in']);
        $told = $this->told($quilt)->text();

        self::assertStringContainsString('+1.5 % against 68 in at the table. It is pulled wide', $told);
        self::assertStringContainsString(
            'Turn the next row by 0.2° clockwise, or lay its right side ¼ in lower.',
            $told,
        );
        self::assertStringContainsString('Pulled by 1.2 %, more than it bears: let a click off.', $told);
        self::assertStringNotContainsString('Both layers', $told, 'the backing is not read');
        $log = $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch")->text();
        self::assertStringContainsString('69 in wide, 20 in from the lead edge', $log);
        self::assertStringContainsString('top: 10 in slack, 10 ⅛ in loaded', $log);
    }

    #[TestWith(['10 in', 'The top is pulled the more: off the frame the edges will curl to the front, round a bow of'])]
    #[TestWith(['10 1/4 in', 'The backing is pulled the more: off the frame the edges will curl to the back'])]
    #[TestWith(['10 1/8 in', 'Both layers are pulled alike: the finished edges should lie flat.'])]
    public function testTheStrainOfBothLayersTellsHowTheEdgesCurl(string $backing, string $says): void
    {
        $quilt = $this->atPass(3);
        $this->read($quilt, 'strain', ['layer' => 'top', 'apart' => '10 in', 'loaded' => '10 1/8 in']);
        $this->read($quilt, 'strain', ['layer' => 'backing', 'apart' => '10 in', 'loaded' => $backing]);

        self::assertStringContainsString($says, $this->told($quilt)->text());
    }

    public function testAnAdvanceOffersTheReadingsThatNobodyMustTake(): void
    {
        $page = $this->browser->request('GET', "/quilts/{$this->atPass(3)->id()}/frame");
        $advances = $page->filter('[data-kind="advance"]');

        self::assertGreaterThan(0, $advances->count());
        self::assertSame(
            $advances->count(),
            $advances->filter('.frame-also [data-opens="roll-dialog"]')->count(),
            'one tap opens, one saves',
        );
    }

    /** @param array<string, string> $fields */
    #[DataProvider('bad')]
    public function testAReadingThatCannotBeIsToldAndKept(
        string $kind,
        array $fields,
        string $field,
        string $says,
    ): void {
        $quilt = $this->atPass(5);
        $this->read($quilt, $kind, $fields);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains("form[name=reading_$kind]", $says);
        self::assertInputValueSame("reading_{$kind}[$field]", $fields[$field]);
        self::assertStringContainsString('Nothing was read', $this->told($quilt)->text(), 'nothing is applied');
    }

    /** @return iterable<string, array{string, array<string, string>, string, string}> */
    public static function bad(): iterable
    {
        yield 'a roll smaller than its roller' => ['roll', ['round' => '5 in'], 'round', 'less than the bare roller'];
        yield 'two sizes of one roll' => [
            'roll',
            ['round' => '9 in', 'through' => '3 in'],
            'round',
            'One of the three',
        ];
        yield 'no size at all' => ['roll', ['round' => ''], 'round', 'One of the three'];
        yield 'no length' => ['roll', ['round' => 'fat'], 'round', '"fat"'];
        yield 'clicks without end' => ['roll', ['clicks' => '99999'], 'clicks', 'Between 1 and 9999'];
        yield 'two places on one point' => [
            'slant',
            ['left' => '1 in', 'right' => '2 in', 'apart' => '0 in'],
            'apart',
            'Both places lie on one point',
        ];
        yield 'marks on one point' => [
            'strain',
            ['apart' => '0 in', 'loaded' => '10 in'],
            'apart',
            'The two marks lie on one point',
        ];
        yield 'marks farther than cloth gives' => [
            'strain',
            ['apart' => '10 in', 'loaded' => '14 in'],
            'loaded',
            'No cloth gives so much',
        ];
        yield 'places farther apart than the top is wide' => [
            'slant',
            ['left' => '1 in', 'right' => '2 in', 'apart' => '90 in'],
            'apart',
            'The top is not so wide',
        ];
        yield 'the width of something else' => [
            'width',
            ['depth' => '20 in', 'width' => '96 in'],
            'width',
            'something else was measured',
        ];
        yield 'no width' => ['width', ['width' => ''], 'width', 'A length is needed here.'];
    }

    public function testReadingsThatContradictEachOtherAreNotTaken(): void
    {
        $quilt = $this->atPass(5);
        $this->send($quilt, [['kind' => 'roll', 'step' => null, 'data' => ['wound' => 300, 'round' => 400]]]);
        $this->read($quilt, 'roll', ['round' => '9 in']);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('form[name=reading_roll]', 'one of them is misread.');
    }

    public function testWhatADeviceReadAndCannotBeIsNotCounted(): void
    {
        $quilt = $this->atPass(5);
        $this->send($quilt, [
            ['kind' => 'roll', 'step' => null, 'data' => ['wound' => 300, 'round' => 20]],
            ['kind' => 'strain', 'step' => null, 'data' => ['layer' => 'backing', 'apart' => 0, 'loaded' => 254]],
        ]);
        $told = $this->told($quilt)->text();

        self::assertStringContainsString('Not counted: That is less than the bare roller', $told);
        self::assertStringContainsString('The two marks cannot stand so', $told);
    }

    public function testADeviceNeverChangesThePlanByItself(): void
    {
        $quilt = $this->atPass(5);
        $before = $this->passes($quilt);
        $this->send($quilt, [
            ['kind' => 'thickness', 'step' => null, 'data' => ['mm' => 30, 'passes' => 5]],
            ['kind' => 'refit', 'step' => null, 'data' => ['passes' => 5, 'from' => 6]],
        ]);

        self::assertSame($before, $this->passes($quilt));
    }

    public function testRowsThatAreLeftAreFittedToWhatIsLeftOfTheQuilt(): void
    {
        $quilt = $this->atPass(6);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/refit?rest=40");

        self::assertStringContainsString('would not end where they were to.', $page->filter('main')->text());
        self::assertGreaterThan(2, $page->filter('.refit-row')->count());
        self::assertCount(1, $page->filter('.refit-tail'));
        $this->browser->submit($page->selectButton('Change the gap')->form());
        self::assertResponseRedirects("/quilts/{$quilt->id()}/frame", 303);
        $this->browser->submit($page->selectButton('Change the gap')->form());
        $log = $this->browser->request('GET', "/quilts/{$quilt->id()}/stitch");
        self::assertSame(
            1,
            substr_count($log->filter('section[aria-labelledby=log-title]')->text(), 'row 6 and those after it'),
        );
        $again = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/refit?rest=40");
        self::assertStringContainsString('nothing to change', $again->filter('main')->text());
    }

    #[DataProvider('rests')]
    public function testARestThatCannotBeIsToldAndKept(string $rest, string $says): void
    {
        $quilt = $this->atPass(6);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/refit?rest=" . urlencode($rest));

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($says, $page->filter('#rest-note')->text());
        self::assertInputValueSame('rest', $rest);
    }

    /** @return iterable<string, array{string, string}> */
    public static function rests(): iterable
    {
        yield 'no length' => ['much', '"much" is not a length.'];
        yield 'nothing' => ['0 in', 'a length above zero'];
        yield 'another quilt' => ['200 in', 'too far from what the plan has left'];
    }

    public function testBlockWorkHasNoRowsToFit(): void
    {
        $quilt = $this->atPass(2, [...self::rows(), 'quilting/style' => 'blocks']);

        self::assertStringContainsString(
            'Block work is stitched to its seams',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/frame/refit")
                ->filter('main')
                ->text(),
        );
    }

    public function testNobodyElseReadsIt(): void
    {
        $other = $this->studio('other@studio.example');
        $quilt = $this->quilt(self::rows(), $other);
        foreach (['readings', 'told', 'refit'] as $page) {
            $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/$page");
            self::assertResponseStatusCodeSame(404);
        }
    }

    /** @param array<string, mixed>|null $entries */
    private function atPass(int $pass, ?array $entries = null): Quilt
    {
        $quilt = $this->quilt($entries ?? self::rows());
        $form = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/frame/half-done")
            ->selectButton('Go on from there')
            ->form(['pass' => (string) $pass]);
        $this->browser->submit($form);
        self::assertResponseRedirects("/quilts/{$quilt->id()}/frame", 303);

        return $quilt;
    }

    /** @param array<string, string> $fields */
    private function read(Quilt $quilt, string $kind, array $fields): void
    {
        $form = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/frame/readings")
            ->filter("form[name=reading_$kind]")
            ->form();
        foreach ($fields as $name => $value) {
            $form["reading_{$kind}[$name]"] = $value;
        }
        $this->browser->submit($form);
    }

    private function told(Quilt $quilt): Crawler
    {
        return $this->browser->request('GET', "/quilts/{$quilt->id()}/frame/told");
    }

    private function passes(Quilt $quilt): int
    {
        return (int) $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/frame")
            ->filter('#frame')
            ->attr('data-passes');
    }

    /** @param list<array<string, mixed>> $entries */
    private function send(Quilt $quilt, array $entries): void
    {
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/frame");
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/entries", [
            '_token' => $page->filter('[data-next] [name=_token]')->attr('value'),
            'entries' => json_encode(
                array_map(
                    static fn(array $entry, int $i): array => [
                        'key' => "device-reading-$i",
                        'at' => 1000 * time() + $i,
                        ...$entry,
                    ],
                    $entries,
                    array_keys($entries),
                ),
                \JSON_THROW_ON_ERROR,
            ),
        ]);
        self::assertResponseIsSuccessful();
    }
}

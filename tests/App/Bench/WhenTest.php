<?php

declare(strict_types=1);

namespace Tests\App\Bench;

use App\Bench\Plan\Assumed;
use App\Bench\When\Promising;
use App\Bench\When\WhenAnswer;
use App\Bench\When\WhenController;
use App\Bench\When\WhenInput;
use App\Bench\When\WhenType;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;

#[CoversClass(Assumed::class)]
#[CoversClass(Promising::class)]
#[CoversClass(WhenAnswer::class)]
#[CoversClass(WhenController::class)]
#[CoversClass(WhenInput::class)]
#[CoversClass(WhenType::class)]
final class WhenTest extends QueueTestCase
{
    public function testSizeAndKindGiveTwoDaysBehindWhatWaits(): void
    {
        $frame = $this->frame();
        $empty = $this->days($this->ask('60 in', '70 in'));
        self::assertSame(['Tue 2 Mar 2027', 'Tue 2 Mar 2027'], $empty, 'its batting rests a day');

        foreach (range(1, 6) as $i) {
            $this->waiting("Before $i", '2027-03-03', $frame, ['quilting/row_height' => '3 in']);
        }
        $this->plan();
        $behind = $this->days($this->ask('60 in', '70 in'));
        self::assertGreaterThan(strtotime($empty[0]), strtotime($behind[0]));
        self::assertGreaterThanOrEqual(strtotime($behind[1]), strtotime($behind[0]), 'the surer day is not the sooner');
    }

    public function testThePromisedDayGoesAlongToTheNewQuilt(): void
    {
        $this->frame();
        $this->ask('150 cm', '180 cm');
        $page = $this->browser->clickLink('Take it in for 2 Mar');
        self::assertSame('2027-03-02', $page->filter('#new_quilt_due')->attr('value'));
    }

    #[DataProvider('kinds')]
    public function testEveryKindIsAnswered(string $kind): void
    {
        $this->frame();
        self::assertCount(2, $this->days($this->ask('60 in', '72 in', $kind)));
        self::assertStringContainsString('of stitching', $this->browser->getCrawler()->filter('main')->text());
    }

    /** @return iterable<array{string}> */
    public static function kinds(): iterable
    {
        foreach (WhenInput::KINDS as $kind) {
            yield [$kind];
        }
    }

    public function testWhatCannotBeAnsweredIsSaid(): void
    {
        self::assertStringContainsString('There is no frame yet.', $this->ask('60 in', '70 in'));
        $this->frame();
        $huge = $this->ask('200 in', '210 in');
        self::assertStringContainsString('No frame of yours takes it:', $huge);
        self::assertStringNotContainsString('measure its sides', $huge);
        self::assertStringContainsString('"wide" is not a length.', $this->ask('wide', '70 in'));
        self::assertSame('wide', $this->browser->getCrawler()->filter('#when_across')->attr('value'));
        self::assertStringContainsString('About how long is it?', $this->ask('60 in', ''));
    }

    private function ask(string $across, string $along, string $kind = 'rows'): string
    {
        return $this->browser
            ->request('GET', '/when', ['when' => ['across' => $across, 'along' => $along, 'kind' => $kind]])
            ->filter('main')
            ->text();
    }

    /** @return list<string> the day with four chances in five, and the even one */
    private function days(string $page): array
    {
        preg_match_all('/\w{3} \d+ \w{3} \d{4}/', $page, $found);

        return $found[0];
    }
}

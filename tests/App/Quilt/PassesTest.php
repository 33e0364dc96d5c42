<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Frames\SideDrawer;
use App\Quilt\Drawing\PassBands;
use App\Quilt\QuiltController;
use App\Quilt\TryingOn;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\WindingRule;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\StudioTestCase;
use Tests\Core\Exchange\Commands;

#[CoversClass(QuiltController::class)]
#[CoversClass(TryingOn::class)]
#[CoversClass(WindingRule::class)]
#[CoversClass(PassBands::class)]
#[CoversClass(SideDrawer::class)]
final class PassesTest extends StudioTestCase
{
    public function testRowsAreEnteredAndEveryPassIsTold(): void
    {
        $quilt = $this->quilt([
            ...self::entries(),
            'batting/width' => '74 in',
            'batting/length' => '93 in',
            'batting/kind' => 'cotton-poly',
            'load/direction' => 'as-is',
        ]);
        self::assertSame(
            'Choose rows or blocks to see the passes.',
            $this->passes($quilt->id())->filter('#sheet h2')->text(),
        );
        $this->enter($quilt, 'passes', ['quilting/style' => 'rows']);
        $this->enter($quilt, 'passes', ['quilting/row_height' => '8']);
        $page = $this->browser->followRedirect();

        self::assertSame(
            'Rows of 8 ⅜ in (104 %): 10 passes, the last with 13 ⅛ in of depth.',
            $page->filter('#sheet h2')->text(),
        );
        self::assertSame(
            ['1', '1', '7 ⅞', '8 ⅞', '44', '14', '5 ⅝'],
            $page
                ->filter('table:contains("Passes") tr')
                ->eq(1)
                ->children()
                ->each(static fn(Crawler $cell): string => $cell->text()),
        );
        self::assertCount(10, $page->filter('svg .band'));
        self::assertSame(
            '13 ⅛ in',
            $this->passes($quilt->id(), '?pass=10')
                ->filter('summary:contains("Depth at pass 10") span')
                ->last()
                ->text(),
        );
    }

    public function testAPassBeyondTheLastIsTheLast(): void
    {
        $quilt = $this->quilt(self::rows());

        self::assertSame(
            'Pass 10 of 10',
            $this->passes($quilt->id(), '?pass=99999')->filter('label[for=pass]')->text(),
        );
        self::assertSame('Pass 1 of 10', $this->passes($quilt->id(), '?pass=-3')->filter('label[for=pass]')->text());
        self::assertSame('Pass 1 of 10', $this->passes($quilt->id(), '?pass=none')->filter('label[for=pass]')->text());
    }

    public function testAProposalIsTriedOnKeptAndUndone(): void
    {
        $quilt = $this->quilt(self::rows());
        $trying = $this->passes($quilt->id(), '?try=smaller-rows');
        self::assertStringContainsString(
            'Trying on: Make the rows 6 ¼ in high.',
            $trying->filter('#sheet [role=status]')->text(),
        );
        self::assertStringStartsWith('7 passes', $trying->filter('#sheet h2')->text());
        self::assertSame('8 in', $this->reloaded($quilt)->sheet()->text('quilting/row_height'));

        $this->browser->submit($trying->selectButton('Keep it')->form());
        self::assertStringStartsWith('7 passes', $this->browser->followRedirect()->filter('#sheet h2')->text());
        $this->browser->submitForm('Undo');
        self::assertStringStartsWith(
            'Rows of 8 ⅜ in (104 %): 10 passes',
            $this->browser->followRedirect()->filter('#sheet h2')->text(),
        );
    }

    public function testWhatIsNotOnOfferIsNeitherTriedNorKept(): void
    {
        $quilt = $this->quilt(self::rows());
        self::assertCount(0, $this->passes($quilt->id(), '?try=borders-last')->filter('#sheet [role=status]'));
        self::assertCount(0, $this->passes($quilt->id(), '?try=thinner-batting')->filter('#sheet [role=status]'));
        $before = $this->reloaded($quilt)->sheet()->toArray();
        $token = $this->passes($quilt->id())->filter('#sheet input[name=_token]')->attr('value');
        $this->browser->request('POST', "/quilts/{$quilt->id()}/passes/keep/turn-round", ['_token' => $token]);

        self::assertSame($before, $this->reloaded($quilt)->sheet()->toArray());
    }

    public function testARollTooThickIsSavedByTurningRound(): void
    {
        $quilt = $this->quilt([
            ...self::rows(),
            'batting/loft' => '30 mm',
            'backing/kind' => 'fleece',
            'quilting/row_height' => '7 in',
            'load/direction' => 'as-is',
        ]);
        $page = $this->passes($quilt->id());
        self::assertMatchesRegularExpression(
            '/^At pass \d+ the roll is .* thick, but only 9 in goes under the arm\.$/',
            $page->filter('#sheet h2')->text(),
        );
        self::assertGreaterThan(0, $page->filter('table .text-stop')->count());
        $this->browser->submit($this->passes($quilt->id(), '?try=turn-round')->selectButton('Keep it')->form());
        $page = $this->browser->followRedirect();

        self::assertStringContainsString('turned round in the middle', $page->filter('#sheet h2')->text());
        self::assertStringContainsString(
            'turn the quilt round; places count from the tail',
            $page->filter('table')->last()->text(),
        );
        self::assertStringContainsString('fine', $page->filter('nav[aria-label=Stages] a[aria-current=step]')->text());
        self::assertStringContainsString('It will load', $this->reloaded($quilt)->verdict(UnitSystem::Inches));
        $half = (int) $page->filter('table:contains("Passes") th[scope=row]')->count() / 2;
        self::assertStringContainsString(
            'turn it round, and load it from its tail',
            $this->passes($quilt->id(), '?pass=' . ((int) ceil($half) + 1))
                ->filter('#sheet')
                ->text(),
        );
    }

    public function testStopsThatCutABlockArePointedOutAndAvoidedByTurning(): void
    {
        $quilt = $this->quilt(self::blocks());
        $page = $this->passes($quilt->id());
        self::assertMatchesRegularExpression('/\d stops cut a block\.$/', $page->filter('#sheet h2')->text());
        self::assertStringContainsString('cuts a block,', $page->filter('svg.bed')->text());
        self::assertStringContainsString(
            'needs a decision',
            $page->filter('nav[aria-label=Stages] a[aria-current=step]')->text(),
        );
        $turned = $this->passes($quilt->id(), '?try=turn');

        self::assertStringNotContainsString('cut a block', $turned->filter('#sheet h2')->text());
    }

    public function testBordersCanBeLeftToTheEnd(): void
    {
        $quilt = $this->quilt([
            ...self::blocks(),
            'load/direction' => 'as-is',
            'desk/borders_last' => true,
            'top/seams_across' => [['at' => '6 in', 'kind' => 'border'], ['at' => '72 in', 'kind' => 'border']],
        ]);
        $page = $this->passes($quilt->id());

        self::assertStringContainsString(
            'Then the borders, each turned to lie along the rails',
            $page->filter('#sheet')->text(),
        );
        $this->enter($quilt, 'passes', ['desk/borders_last' => '']);
        self::assertStringNotContainsString('Then the borders', $this->passes($quilt->id())->filter('#sheet')->text());
    }

    public function testAClampFrameTellsItsSectionsAndMoves(): void
    {
        $quilt = $this->quilt(self::rows(), frame: $this->frame(name: 'Window frame'));
        $page = $this->passes($quilt->id(), '?pass=2');

        self::assertStringContainsString('section 2', $page->filter('svg.bed')->text());
        self::assertStringContainsString('Forward', $page->filter('section:contains("Moves of pass 2")')->text());
        self::assertStringContainsString(
            'Let go: the side clamps',
            $page->filter('section:contains("Moves of pass 2")')->text(),
        );
        self::assertStringContainsString('let them off by hand', $page->filter('#sheet')->text());
        self::assertSelectorTextContains('main', 'turns');
    }

    #[DataProvider('badEntries')]
    public function testWhatCannotBeIsKeptAndToldAtItsPlace(string $path, string $text, string $message): void
    {
        $quilt = $this->quilt(self::rows());
        $this->enter($quilt, 'passes', [$path => $text]);
        $page = $this->browser->followRedirect();

        self::assertInputValueSame("f[$path]", $text);
        self::assertStringContainsString($message, $page->filter('#sheet')->text());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function badEntries(): iterable
    {
        yield 'no length' => ['quilting/row_height', 'tall', '"tall" is not a length.'];
        yield 'no height' => ['quilting/row_height', '0 in', 'Accepted is a length above zero'];
        yield 'an overhang below zero' => ['quilting/overhang', '−1 in', 'Accepted is a length of zero or more'];
        yield 'rows that nest too far' => ['quilting/gap', '−4 in', 'a gap above minus half the row height'];
    }

    /** What the page plans and what the command plans are one document. */
    public function testThePagesPlanIsTheCommandsPlan(): void
    {
        $quilts = array_map(fn(array $entries): string => (string) $this->quilt($entries)->id(), [
            self::rows(),
            self::blocks(),
            [
                ...self::rows(),
                'quilting/gap' => '-1 in',
                'quilting/finish' => 'fit-gap',
                'quilting/directional' => true,
            ],
        ]);
        foreach ($quilts as $id) {
            $this->browser->request('GET', "/quilts/$id/job.json");
            [, $plan] = Commands::run('schwung:plan', (string) $this->browser->getResponse()->getContent());
            $this->browser->request('GET', "/quilts/$id/plan.json");

            self::assertJsonStringEqualsJsonString($plan, (string) $this->browser->getResponse()->getContent());
        }
    }

    public function testThePrintSheetHasThePassTable(): void
    {
        $quilt = $this->quilt(self::rows());
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/sheet");

        self::assertCount(10, $page->filter('table:contains("Passes") th[scope=row]'));
        self::assertStringContainsString('10 passes', $page->filter('main')->text());
    }

    public function testAnImportedJobKeepsItsQuilting(): void
    {
        $text = (string) file_get_contents(__DIR__ . '/../../Core/Exchange/documents/fits.job.json');
        $this->frame();
        $this->browser->request('GET', '/quilts/import');
        $this->browser->submitForm('Take it in', ['client' => 'Bertil', 'text' => $text]);
        $quilt = basename(\dirname((string) $this->browser->getResponse()->headers->get('Location')));

        self::assertStringStartsWith(
            'Rows of 8 ⅜ in (104 %): 10 passes',
            $this->passes($quilt)->filter('#sheet h2')->text(),
        );
    }

    private function passes(\Stringable|string $id, string $query = ''): Crawler
    {
        return $this->browser->request('GET', "/quilts/$id/passes$query");
    }

    /** @return array<string, mixed> blocks that end with a pass only when the quilt is turned */
    private static function blocks(): array
    {
        $block = static fn(string ...$at): array => array_map(
            static fn(string $place): array => ['at' => "$place in", 'kind' => 'block'],
            $at,
        );

        return [
            'top/widths/top' => '69 in',
            'top/widths/middle' => '69 in',
            'top/widths/bottom' => '69 in',
            'top/lengths/left' => '78 in',
            'top/lengths/middle' => '78 in',
            'top/lengths/right' => '78 in',
            'backing/sides/top' => '90 in',
            'backing/sides/right' => '90 in',
            'backing/sides/bottom' => '90 in',
            'backing/sides/left' => '90 in',
            'batting/width' => '82 in',
            'batting/length' => '86 in',
            'top/seams_across' => $block('26', '52'),
            'top/seams_along' => $block('11 1/2', '23', '34 1/2', '46', '57 1/2'),
            'quilting/style' => 'blocks',
            'load/direction' => 'as-is',
        ];
    }

    public function testTheFootIsProposedWithItsReasonAndCanBeOverruled(): void
    {
        $quilt = $this->quilt([...self::rows(), 'desk/raised' => true]);
        $foot = fn(): string => $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/passes")
            ->filter('section[aria-labelledby=foot]')
            ->text();
        self::assertStringContainsString('disc or bowl foot', $foot());
        self::assertStringContainsString('rides over raised', $foot());
        $this->enter($quilt, 'passes', ['desk/foot' => 'open-toe']);

        self::assertStringContainsString('Foot: open-toe foot', $foot());
        self::assertStringContainsString('chosen for this quilt', $foot());
    }
}

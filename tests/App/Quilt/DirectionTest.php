<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\Quilt\Drawing\WayDrawer;
use App\Quilt\QuiltController;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Standing;
use Tests\App\StudioTestCase;

#[CoversClass(QuiltController::class)]
#[CoversClass(WayDrawer::class)]
final class DirectionTest extends StudioTestCase
{
    public function testBothWaysStandSideBySideAndTheDecidingLineIsMarked(): void
    {
        $quilt = $this->quilt([...self::rows(), 'load/direction' => 'auto', 'backing/stretch' => 'across']);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/direction");

        self::assertSame(
            'Load it as it is: the stretch of the backing then lies along the rails.',
            $page->filter('#sheet h2')->text(),
        );
        self::assertCount(2, $page->filter('figure > svg'));
        self::assertSame('Stretch → decides', $page->filter('table tr.bg-ground th')->text());
        self::assertStringContainsString('lies from lead to tail', $page->filter('table tr.bg-ground')->text());
        self::assertStringContainsString('taken', $page->filter('figcaption')->first()->text());
        self::assertStringNotContainsString('taken', $page->filter('figcaption')->last()->text());
    }

    public function testOverrulingIsKeptMarkedAndSaysWhatItCosts(): void
    {
        $quilt = $this->quilt([...self::rows(), 'load/direction' => 'auto', 'backing/stretch' => 'across']);
        $this->enter($quilt, 'direction', ['load/direction' => 'turned']);
        $page = $this->browser->followRedirect();

        self::assertSame('You load it turned, against the proposal.', $page->filter('#sheet h2')->text());
        self::assertStringContainsString('stretch: lies from lead to tail', $page->filter('#sheet')->text());
        self::assertStringContainsString('every advance pulls it out of shape', $page->filter('#sheet')->text());
        self::assertStringContainsString(
            'needs a decision',
            $page->filter('nav[aria-label=Stages] a[aria-current=step]')->text(),
        );
    }

    public function testTheOtherEdgeMayLeadAndEveryPageSaysWhich(): void
    {
        $quilt = $this->quilt([...self::rows(), 'load/direction' => 'auto', 'top/directional' => true]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/direction");
        $edges = $page->filter('[name="f[load/lead_edge]"]');
        self::assertSame(['left', 'right'], $edges->each(static fn($edge): ?string => $edge->attr('value')));
        self::assertSame(['true', 'false'], $edges->each(static fn($edge): ?string => $edge->attr('aria-pressed')));
        $this->enter($quilt, 'direction', ['load/lead_edge' => 'bottom']);
        $page = $this->browser->followRedirect();

        self::assertSame('as-is', $this->reloaded($quilt)->sheet()->text('load/direction'));
        self::assertStringContainsString('its bottom edge leads', $page->filter('#sheet')->text());
        self::assertStringContainsString('toward you, to the front bar', $page->filter('#sheet')->text());
        self::assertStringContainsString(
            'the bottom edge leading',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/sheet")
                ->filter('main')
                ->text(),
        );
        $this->enter($quilt, 'direction', ['load/direction' => 'turned']);
        self::assertStringContainsString(
            'its left edge leads',
            $this->browser->followRedirect()->filter('main')->text(),
        );
        $this->enter($quilt, 'direction', ['load/direction' => 'auto']);
        self::assertSame('', $this->reloaded($quilt)->sheet()->text('load/lead_edge'), 'left to the plan again');
    }

    public function testArrowsTellStretchAndUps(): void
    {
        $quilt = $this->quilt([
            ...self::rows(),
            'load/direction' => 'auto',
            'backing/stretch' => 'along',
            'top/directional' => true,
            'quilting/directional' => true,
            'backing/directional' => true,
        ]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/direction");

        foreach (
            [
                'up of the top',
                'up of the design',
                'up of the print',
                'stretch, from lead to tail',
                'stretch, along the rails',
            ]
            as $word
        ) {
            self::assertStringContainsString(
                $word,
                $page->filter('figure')->text() . $page->filter('figure')->last()->text(),
            );
        }
    }

    public function testASeamThatWindsOnItselfShowsItsRidge(): void
    {
        $quilt = $this->quilt([
            ...self::rows(),
            'load/direction' => 'as-is',
            'backing/seams' => [['direction' => 'along', 'at' => '39 in', 'pressed' => 'side']],
        ]);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/direction");

        self::assertStringContainsString('stands 5.4 mm proud by the end', $page->filter('#sheet')->text());
        self::assertStringContainsString('the sides will wind slack', $page->filter('#sheet')->text());
        self::assertSame('5.4 mm', $page->filter('summary:contains("Ridge") span')->last()->text());
    }

    public function testWithoutMeasuresItSaysWhatIsMissing(): void
    {
        $quilt = $this->quilt();
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/direction");

        self::assertStringContainsString('Measure the top first', $page->filter('#sheet')->text());
        self::assertCount(0, $page->filter('figure'));
    }

    public function testAQuiltThatNoWayRoundLoadsIsStuckOnTheShelf(): void
    {
        $quilt = $this->quilt([
            ...self::entries('140 in', '140 in'),
            'top/widths/top' => '130 in',
            'top/widths/middle' => '130 in',
            'top/widths/bottom' => '130 in',
            'top/lengths/left' => '130 in',
            'top/lengths/middle' => '130 in',
            'top/lengths/right' => '130 in',
        ]);

        self::assertSame(Standing::Stuck, $quilt->standing());
        self::assertStringContainsString(
            'The top is 130 in across, but the needle gets to 126 in only.',
            $quilt->verdict(UnitSystem::Inches),
        );
    }
}

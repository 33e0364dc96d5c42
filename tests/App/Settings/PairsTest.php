<?php

declare(strict_types=1);

namespace Tests\App\Settings;

use App\Settings\PairsController;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\App\StudioTestCase;

#[CoversClass(PairsController::class)]
final class PairsTest extends StudioTestCase
{
    public function testAPairOfTheStudiosOwnIsMindedAndTakenAwayAgain(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->enter($quilt, 'backing', ['backing/shade' => 'dark', 'top/shade' => 'light', 'batting/kind' => 'silk']);
        self::assertStringContainsString('A dark backing and a light top: a dark backing shows', $this->told($quilt));

        $this->mind('silk', 'dark-backing', 'It crept on our frame.');
        $this->mind('silk', 'dark-backing', 'It crept on our frame.');
        $page = $this->browser->followRedirect();
        self::assertSame(1, substr_count($page->filter('#pairs')->text(), 'It crept on our frame.'));
        self::assertStringContainsString('it crept on our frame.', $this->told($quilt));

        $page = $this->browser->request('GET', '/settings/practice');
        $this->browser->submit($page->filter('#pairs li form')->form());
        self::assertStringNotContainsString('it crept on our frame.', $this->told($quilt));
    }

    public function testAPairThatIsNoneIsToldAndKept(): void
    {
        $this->browser->request('GET', '/settings/practice');
        $this->browser->submitForm('Mind this pair', ['one' => 'silk', 'other' => 'silk', 'says' => 'It slips.']);
        $page = $this->browser->followRedirect();

        self::assertStringContainsString('Choose two different things', $page->filter('#pairs [role=alert]')->text());
        self::assertInputValueSame('says', 'It slips.');
        self::assertCount(0, $page->filter('#pairs li form'));
    }

    private function mind(string $one, string $other, string $says): void
    {
        $this->browser->request('GET', '/settings/practice');
        $this->browser->submitForm('Mind this pair', ['one' => $one, 'other' => $other, 'says' => $says]);
        self::assertResponseRedirects('/settings/practice#pairs', 303);
    }

    private function told(\App\Quilt\Quilt $quilt): string
    {
        return $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/backing")
            ->filter('main')
            ->text();
    }
}

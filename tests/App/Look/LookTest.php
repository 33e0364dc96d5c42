<?php

declare(strict_types=1);

namespace Tests\App\Look;

use App\Look\ExampleQuilt;
use App\Look\LookController;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\StudioTestCase;

/** An example for whoever has no account: everything can be tried, and nothing is kept. */
#[CoversClass(LookController::class)]
#[CoversClass(ExampleQuilt::class)]
final class LookTest extends StudioTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->browser->getCookieJar()->clear();
    }

    #[TestWith(['measure'])]
    #[TestWith(['backing'])]
    #[TestWith(['direction'])]
    #[TestWith(['attach'])]
    #[TestWith(['passes'])]
    #[TestWith(['load'])]
    public function testEveryStageIsThereWithoutAnAccount(string $stage): void
    {
        $before = $this->service(EntityManagerInterface::class)->getRepository(Quilt::class)->count();
        $page = $this->browser->request('GET', "/look/$stage");

        self::assertResponseIsSuccessful();
        self::assertSame([], $page->filter('a[href*="/quilts/"], form[action*="/quilts/"]')->extract(['href']));
        self::assertStringContainsString('nothing is kept', $page->filter('main')->text());
        self::assertSame([], $this->browser->getResponse()->headers->getCookies());
        self::assertSame($before, $this->service(EntityManagerInterface::class)->getRepository(Quilt::class)->count());
    }

    public function testWhatIsTypedIsWorkedOutAndForgotten(): void
    {
        $page = $this->browser->request('GET', '/look/backing');
        self::assertStringContainsString('Not yet: the backing is', $page->filter('#sheet h2')->text());
        $values = $page->filter('#sheet')->form()->getPhpValues();
        $shown = \is_array($values['f'] ?? null) ? $values['f'] : [];
        $big = [
            'backing/sides/top' => '90 in',
            'backing/sides/bottom' => '90 in',
            'backing/sides/left' => '110 in',
            'backing/sides/right' => '110 in',
            'backing/diagonal' => '',
        ];
        $page = $this->browser->request('POST', '/look/backing', ['f' => [...$shown, ...$big]]);
        self::assertStringNotContainsString('Not yet: the backing is', $page->filter('#sheet h2')->text());

        $page = $this->browser->request('GET', '/look/backing');
        self::assertStringContainsString('Not yet: the backing is', $page->filter('#sheet h2')->text());
    }

    public function testAnOfferIsKeptForOnePageAlone(): void
    {
        $page = $this->browser->request('GET', '/look/backing?try=extend');
        self::assertStringContainsString('Trying on', $page->filter('main')->text());
        $page = $this->browser->request('POST', '/look/backing/keep/extend');
        self::assertStringContainsString('Kept: strips are sewn on.', $page->filter('main')->text());
    }

    #[TestWith(['GET', '/look/stitch'])]
    #[TestWith(['POST', '/look/frame/start'])]
    #[TestWith(['POST', '/look/promises/strip/lead-tail/done'])]
    public function testWhatNeedsAStudioSaysSo(string $method, string $path): void
    {
        $this->browser->request($method, $path);
        self::assertSelectorTextContains('h1', 'That is done in a studio of your own');
    }
}

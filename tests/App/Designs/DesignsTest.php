<?php

declare(strict_types=1);

namespace Tests\App\Designs;

use App\Designs\DesignsController;
use App\Designs\DesignShelf;
use App\Designs\StudioDesign;
use App\Designs\StudioDesignRepository;
use App\Quilt\FollowingChoices;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Schwung\Core\Design\SvgReader;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Tests\App\StudioTestCase;

#[CoversClass(DesignsController::class)]
#[CoversClass(DesignShelf::class)]
#[CoversClass(FollowingChoices::class)]
final class DesignsTest extends StudioTestCase
{
    private const ROW =
        '<svg xmlns="http://www.w3.org/2000/svg" width="8in" viewBox="0 0 80 40"><g ' .
        'transform="translate(0 10)"><path d="M0 30C20-10 60-10 80 30"/></g></svg>';

    public function testADesignIsBroughtInMeasuredAndTakenOff(): void
    {
        $this->bring('Arches', self::ROW);
        self::assertResponseRedirects('/designs', 303);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('3 in high, repeats every 8 in', $page->filter('ul li')->first()->text());
        $this->browser->submit($page->filter('form[action$=remove]')->form());

        self::assertSame(0, $this->service(StudioDesignRepository::class)->count([]));
    }

    public function testAStoredDesignThatCannotBeReadIsShownAsSuchWithItsRemoveButton(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->bring('Arches', self::ROW);
        $design = $this->service(StudioDesignRepository::class)->findAll()[0];
        $this->enter($quilt, 'passes', ['desk/design' => (string) $design->id()]);
        $this->service(EntityManagerInterface::class)
            ->getConnection()
            ->executeStatement("UPDATE studio_design SET path = 'M1 1LNAN NAN'");
        $this->service(EntityManagerInterface::class)->clear();
        $page = $this->browser->request('GET', '/designs');

        self::assertResponseIsSuccessful();
        self::assertStringContainsString('cannot be read any more', $page->filter('ul li')->first()->text());
        $this->browser->request('GET', "/quilts/{$quilt->id()}/passes");
        self::assertResponseIsSuccessful();
        $page = $this->browser->request('GET', '/designs');
        $this->browser->submit($page->filter('form[action$=remove]')->form());
        self::assertSame(0, $this->service(StudioDesignRepository::class)->count([]));
    }

    #[DataProvider('refused')]
    public function testADrawingThatCannotBeOneIsRefusedAtItsField(string $name, string $text, string $message): void
    {
        $this->bring($name, $text);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('main form', $message);
        self::assertInputValueSame('design[name]', $name);
        self::assertSame(0, $this->service(StudioDesignRepository::class)->count([]));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'no drawing' => ['Arches', 'hello', 'This is no SVG drawing'];
        yield 'a script' => [
            'Arches',
            '<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>',
            'wants to run something (script)',
        ];
        yield 'a document type' => [
            'Arches',
            '<!DOCTYPE svg SYSTEM "http://outside.example/x"><svg/>',
            'declares a document type',
        ];
        yield 'too large' => ['Arches', str_repeat(' ', 700_000), 'a row design may have 512 kB'];
        yield 'no name' => ['', self::ROW, 'Give the design a name.'];
    }

    public function testWithoutAFileItSaysSo(): void
    {
        $this->browser->request('GET', '/designs');
        $this->browser->submitForm('Measure it and keep it', ['design[name]' => 'Arches']);

        self::assertSelectorTextContains('main form', 'Choose an SVG file of one row.');
    }

    public function testAChosenDesignGivesTheRowsItsHeightAndIsLaid(): void
    {
        $design = $this->design();
        $quilt = $this->quilt(self::rows());
        $this->enter($quilt, 'passes', ['desk/design' => (string) $design->id()]);
        $page = $this->browser->followRedirect();

        self::assertInputValueSame('f[quilting/row_height]', '3 in');
        self::assertGreaterThan(100, $page->filter('svg.bed use')->count());
        self::assertStringContainsString('yd', $page->filter('p:contains("To stitch")')->text());
        $this->browser->request('GET', "/quilts/{$quilt->id()}/design.svg");
        self::assertResponseHeaderSame('Content-Type', 'image/svg+xml');
        self::assertStringContainsString(
            '<title>Harbour lamps</title>',
            (string) $this->browser->getResponse()->getContent(),
        );
    }

    public function testAHeightEnteredWithTheDesignIsLeftAlone(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->enter($quilt, 'passes', ['desk/design' => 'waves', 'quilting/row_height' => '6 in']);

        self::assertSame('6 in', $this->reloaded($quilt)->sheet()->text('quilting/row_height'));
    }

    public function testADesignThatIsGoneLeavesPlainRows(): void
    {
        $quilt = $this->quilt([...self::rows(), 'desk/design' => '01JZZZZZZZZZZZZZZZZZZZZZZZ']);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/passes");

        self::assertResponseIsSuccessful();
        self::assertCount(0, $page->filter('svg.bed use'));
        $this->browser->request('GET', "/quilts/{$quilt->id()}/design.svg");
        self::assertResponseStatusCodeSame(404);
    }

    public function testAnotherStudiosDesignIsNotThere(): void
    {
        $theirs = new StudioDesign(
            $this->studio('other@studio.example')->studio(),
            'Theirs',
            (new SvgReader())->read(self::ROW),
        );
        $this->service(EntityManagerInterface::class)->persist($theirs);
        $this->service(EntityManagerInterface::class)->flush();
        $mine = $this->design();
        $quilt = $this->quilt([...self::rows(), 'desk/design' => (string) $theirs->id()]);
        $page = $this->browser->request('GET', '/designs');
        self::assertStringNotContainsString('Theirs', $page->filter('main')->text());
        $token = $page->filter("form[action$='{$mine->id()}/remove'] input")->attr('value');
        $this->browser->request('POST', "/designs/{$theirs->id()}/remove", ['_token' => $token]);
        self::assertResponseStatusCodeSame(404);
        self::assertCount(0, $this->browser->request('GET', "/quilts/{$quilt->id()}/passes")->filter('svg.bed use'));
    }

    public function testTakingOffNeedsItsToken(): void
    {
        $this->browser->request('POST', "/designs/{$this->design()->id()}/remove");

        self::assertResponseStatusCodeSame(403);
    }

    private function design(): StudioDesign
    {
        $design = new StudioDesign($this->owner->studio(), 'Arches', (new SvgReader())->read(self::ROW));
        $this->service(EntityManagerInterface::class)->persist($design);
        $this->service(EntityManagerInterface::class)->flush();

        return $design;
    }

    private function bring(string $name, string $text): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'row');
        file_put_contents($file, $text);
        $form = $this->browser
            ->request('GET', '/designs')
            ->selectButton('Measure it and keep it')
            ->form(['design[name]' => $name]);
        $this->browser->request('POST', '/designs', $form->getPhpValues(), [
            'design' => ['file' => new UploadedFile($file, 'row.svg', 'image/svg+xml', test: true)],
        ]);
        unlink($file);
    }
}

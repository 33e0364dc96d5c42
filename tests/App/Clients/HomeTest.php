<?php

declare(strict_types=1);

namespace Tests\App\Clients;

use App\Clients\Bag\IntakeInput;
use App\Clients\Bag\IntakeRepository;
use App\Clients\Home\HandOver;
use App\Clients\Home\HandOverLine;
use App\Clients\Home\HandOvers;
use App\Clients\Home\HomeController;
use App\Quilt\Quilt;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\App\StudioTestCase;

#[CoversClass(HandOver::class)]
#[CoversClass(HandOverLine::class)]
#[CoversClass(HandOvers::class)]
#[CoversClass(HomeController::class)]
final class HomeTest extends StudioTestCase
{
    public function testTheListHasWhatWasMarkedWhatCameAndWhatWasWished(): void
    {
        $quilt = $this->brought();
        $said = $this->browser
            ->request('GET', "/quilts/{$quilt->id()}/home")
            ->filter('main')
            ->text();

        foreach (
            [
                'A stain (tea), 12 in from the left edge and 20 in from the top edge, was there when it came.',
                'Show it: the client does not know yet.',
                'What is left of what came: backing, batting.',
                'Wished: Feathers',
                // 68 × 87 ¼: twice both, and ten.
                '320 ½ in (814.1 cm)',
            ]
            as $words
        ) {
            self::assertStringContainsString($words, $said);
        }
    }

    public function testItGoesHomeWhenAllIsTickedOrSaidOtherwise(): void
    {
        $quilt = $this->brought();
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/home");
        $form = $page->selectButton('It goes home')->form();
        $this->browser->submit($form);
        self::assertStringContainsString(
            'Not everything is ticked',
            $this->browser->followRedirect()->filter('[role=alert]')->text(),
        );

        $all = $page->filter('input[name="ticked[]"]')->extract(['value']);
        $this->browser->request('POST', $form->getUri(), [...$form->getPhpValues(), 'ticked' => $all]);
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('handed over by Owner', $page->filter('main')->text());
        self::assertCount(\count($all), $page->filter('input[checked]'));
        self::assertTrue($this->reloaded($quilt)->isFinished());
        $this->browser->submit($page->selectButton('It is here still')->form());
        self::assertNull($this->service(IntakeRepository::class)->of($this->reloaded($quilt))->homeSince());
    }

    public function testWhatIsOnItsFrameDoesNotGoHome(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->begin($quilt);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/home");
        $this->browser->submitForm('It goes home', ['despite' => '1']);

        self::assertStringContainsString(
            'take it off first',
            $this->browser->followRedirect()->filter('[role=alert]')->text(),
        );
    }

    public function testTheFinishedSizeDecidesTheBindingWhereItIsKnown(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->begin($quilt);
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/off");
        $this->browser->submit(
            $page->selectButton('It is off the frame')->form([
                'off[finishedWidth]' => '66 in',
                'off[finishedLength]' => '85 in',
                'off[leftovers]' => 'two strips',
            ]),
        );
        $page = $this->browser->request('GET', "/quilts/{$quilt->id()}/home")->filter('main');
        $said = $page->text();

        self::assertStringContainsString('85 in', $page->filter('details.figures')->text());
        self::assertStringContainsString('It measures now 66 in (167.7 cm) × 85 in (215.9 cm)', $said);
        self::assertStringContainsString('312 in', $said);
        self::assertStringContainsString('Leftovers in the bag: two strips.', $said);
    }

    public function testTheClientTakesASheetAlong(): void
    {
        $quilt = $this->brought();
        foreach (['letter' => '612.000 792.000', 'a4' => '595.280 841.890'] as $paper => $size) {
            $this->browser->request('GET', "/quilts/{$quilt->id()}/home.pdf?paper=$paper");
            $pdf = (string) $this->browser->getResponse()->getContent();
            self::assertStringContainsString("/MediaBox [0.000 0.000 $size]", $pdf);
            self::assertSame(1, preg_match_all('~/Type /Page\b~', $pdf));
        }
    }

    private function brought(): Quilt
    {
        $quilt = $this->quilt([
            ...self::entries(),
            'top/marks' => [
                ['key' => 'a', 'kind' => 'stain', 'across' => '12 in', 'along' => '20 in', 'note' => 'tea'],
            ],
        ]);
        $intake = $this->service(IntakeRepository::class)->of($quilt);
        $input = new IntakeInput();
        [$input->came, $input->wishes] = [['top', 'backing', 'batting'], 'Feathers'];
        $intake->write($input);
        $this->service(IntakeRepository::class)->keep($intake);

        return $quilt;
    }
}

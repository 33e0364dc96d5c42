<?php

declare(strict_types=1);

namespace Tests\App\Quilt;

use App\AtTheFrame\FrameController;
use App\Quilt\FollowingChoices;
use App\Quilt\JobDocument;
use App\Quilt\JobImport;
use App\Quilt\QuiltController;
use App\Quilt\QuiltRepository;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Schwung\Core\Job\Entries;
use Schwung\Core\Job\EntryType;
use Tests\App\StudioTestCase;

/** What a person decides is kept, said, and never undone silently. */
#[CoversClass(QuiltController::class)]
#[CoversClass(FrameController::class)]
#[CoversClass(FollowingChoices::class)]
#[CoversClass(JobDocument::class)]
#[CoversClass(JobImport::class)]
final class DecisionsTest extends StudioTestCase
{
    public function testWhatIsStuckIsStartedOnlyWithAReason(): void
    {
        $quilt = $this->quilt([...self::rows(), ...self::entries('70 in')]);
        $at = "/quilts/{$quilt->id()}";
        $page = $this->browser->request('GET', "$at/load");

        self::assertCount(0, $page->filter('button:contains("Start at the frame")'));
        $this->browser->request('POST', "$at/frame/start", [
            '_token' => $page->filter('#start [name=_token]')->attr('value') ?? '',
        ]);
        self::assertFalse($this->reloaded($quilt)->isLoaded(), 'nor by whoever knows its address');

        $form = $this->browser->request('GET', "$at/load/overrule")->selectButton('Keep this reason');
        $this->browser->submit($form->form(['reason' => '  ']));
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('Write why', $this->browser->getCrawler()->filter('#reason-note')->text());
        $this->browser->submit($form->form(['reason' => 'She brings the strips on Monday.']));
        self::assertResponseRedirects("$at/load", 303);

        $page = $this->browser->request('GET', "$at/load");
        self::assertCount(1, $page->filter('button:contains("Start at the frame")'));
        self::assertStringContainsString('stuck', $page->filter('nav[aria-label=Stages] a')->eq(1)->text());
        self::assertStringContainsString(
            'She brings the strips on Monday.',
            $this->browser
                ->request('GET', "$at/load-sheet")
                ->filter('main')
                ->text(),
        );

        $this->enter($quilt, 'measure', ['batting/width' => '50 in']);
        self::assertCount(
            0,
            $this->browser->request('GET', "$at/load")->filter('button:contains("Start at the frame")'),
            'what got stuck later asks again',
        );
    }

    /** Blocks have no rows; both styles are sent there and back. */
    #[TestWith(['rows'])]
    #[TestWith(['blocks'])]
    public function testAQuiltComesBackFromItsDocumentAsItWent(string $style): void
    {
        $entries = [];
        foreach (Entries::all() as $path => $entry) {
            $words = array_keys($entry->choices());
            $entries[$path] = match ($entry->type) {
                EntryType::Word => (string) $words[\count($words) - 1],
                EntryType::Flag => !$entry->usual,
                EntryType::Moment => '2027-03-0' . (str_starts_with($path, 'load') ? 4 : 2) . 'T10:30:00+01:00',
                EntryType::Text => 'desk/pieces' === $path ? "45 x 93\n40 x 93" : 'a word',
                EntryType::TopSeams => [['at' => '6 in', 'kind' => 'border'], ['at' => '18 1/2 in', 'kind' => 'block']],
                EntryType::Marks => [['kind' => 'stain', 'across' => '1 in', 'along' => '2 in', 'note' => 'tea']],
                EntryType::BackingSeams => [['direction' => 'along', 'at' => '31 1/4 in', 'pressed' => 'side']],
                EntryType::Measure => 40 + \count($entries) . ' 1/4 in',
            };
        }
        $quilt = $this->quilt([...$entries, 'quilting/style' => $style, 'load/margins' => 'custom'], title: $style);
        $this->browser->request('GET', "/quilts/{$quilt->id()}/job.json");
        $document = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($document);
        $form = $this->browser->request('GET', '/quilts/import')->selectButton('Take it in');
        $this->browser->submit(
            $form->form([
                'client' => 'Bertil',
                'text' => json_encode([...$document, 'title' => "$style again"], \JSON_THROW_ON_ERROR),
            ]),
        );
        self::assertResponseStatusCodeSame(303);
        $again = $this->service(QuiltRepository::class)->findOneBy(['title' => "$style again"]);
        self::assertNotNull($again);
        $this->browser->request('GET', "/quilts/{$again->id()}/job.json");
        $back = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($back);
        unset($document['title'], $back['title'], $document['frame'], $back['frame']);

        self::assertSame($document, $back, $style);
        self::assertGreaterThan(25, \count($document, \COUNT_RECURSIVE));
    }

    public function testTheMeasuredLoftIsEnteredOnThePage(): void
    {
        $quilt = $this->quilt(self::rows());
        $this->enter($quilt, 'backing', ['batting/loft' => '7 mm']);

        self::assertSame('7 mm', $this->reloaded($quilt)->sheet()->text('batting/loft'));
        self::assertSame(
            '¼ in',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/backing")
                ->filter('[name="f[batting/loft]"]')
                ->attr('value'),
        );
    }

    public function testChoosingAStyleNeverTurnsAQuiltSilently(): void
    {
        // Without a style the way is open; rows alone would turn this quilt, since they need a pass less then.
        $quilt = $this->quilt([
            ...self::entries('80 in', '98 in'),
            'batting/width' => '90 in',
            'batting/length' => '98 in',
        ]);
        $way = fn(): string => $this->plan("/quilts/{$quilt->id()}/plan.json");
        $before = $way();
        $this->enter($quilt, 'passes', ['quilting/style' => 'rows', 'quilting/row_height' => '6 in']);
        $sheet = $this->reloaded($quilt)->sheet();

        self::assertSame($before, $way());
        self::assertContains($sheet->text('load/direction'), ['auto', $before]);
    }

    private function plan(string $at): string
    {
        $this->browser->request('GET', $at);
        $plan = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($plan);
        self::assertIsString($plan['chosen'] ?? null);

        return $plan['chosen'];
    }
}

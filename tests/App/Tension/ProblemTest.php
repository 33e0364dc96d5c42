<?php

declare(strict_types=1);

namespace Tests\App\Tension;

use App\Quilt\Quilt;
use App\Tension\CircumstancesOf;
use App\Tension\Inquiries;
use App\Tension\ProblemController;
use App\Tension\ProblemLog;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\StudioTestCase;

#[CoversClass(ProblemController::class)]
#[CoversClass(Inquiries::class)]
#[CoversClass(CircumstancesOf::class)]
final class ProblemTest extends StudioTestCase
{
    private const KEY = 'device-a-problem';

    public function testTheCausesAreRankedWithTheirReasonsAndATest(): void
    {
        $quilt = $this->withProblem('foot-catch');
        $page = $this->page($quilt);

        self::assertSame(
            'The foot catches an edge: most likely stitching reached an open side.',
            $page->filter('h1')->text(),
        );
        self::assertCount(3, $page->filter('main > div > ol > li'));
        self::assertStringContainsString(
            'Look at the side ahead.',
            $page->filter('section[aria-labelledby=test]')->text(),
        );
        self::assertCount(2, $page->filter('section[aria-labelledby=look] > div'));
        self::assertStringContainsString('nearly always so', $page->filter('ol')->text());
    }

    public function testWhatTheLogKnowsIsNotAskedAgain(): void
    {
        $quilt = $this->withProblem('foot-catch', [['kind' => 'done', 'step' => 'baste-sides', 'data' => []]]);

        self::assertStringContainsString('the log has the sides basted', $this->page($quilt)->filter('ol')->text());
        self::assertStringStartsWith(
            'The foot catches an edge: most likely the basting leaves a free flap.',
            $this->page($quilt)->filter('h1')->text(),
        );
    }

    public function testATestThatSaysNoBringsTheNextCauseUp(): void
    {
        $quilt = $this->withProblem('foot-catch');
        $this->browser->submit($this->page($quilt)->filter('section[aria-labelledby=test] button')->last()->form());
        $page = $this->browser->followRedirect();

        self::assertStringNotContainsString('most likely stitching reached an open side', $page->filter('h1')->text());
        self::assertStringContainsString(
            'stitching reached an open side: the test says no',
            $page->filter('main')->text(),
        );
    }

    public function testAnAnswerToAQuestionIsTakenOnce(): void
    {
        $quilt = $this->withProblem('side-dip');
        $question = $this->page($quilt)->filter('section[aria-labelledby=look] form')->first();
        $form = $question->form();
        $this->browser->submit($form);
        $this->browser->submit($form);
        $page = $this->browser->followRedirect();

        self::assertCount(1, $page->filter('main ul li'));
        self::assertNotContains(
            $question->filter('input[name=symptom]')->attr('value'),
            $page
                ->filter('section[aria-labelledby=look] input[name=symptom]')
                ->each(static fn(Crawler $input): ?string => $input->attr('value')),
        );
    }

    public function testWhatHelpedIsWrittenDownAndWeighsNextTime(): void
    {
        $quilt = $this->withProblem('centre-dip');
        $before = $this->page($quilt)->filter('ol > li')->first();
        $this->browser->submit(
            $before->selectButton('It helped')->form(['action' => 'Attached deeper in the middle.']),
        );
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('Attached deeper in the middle. It helped.', $page->filter('main')->text());
        self::assertStringContainsString(
            'it was the cause here once before',
            $page->filter('ol > li')->first()->text(),
        );
        self::assertCount(1, $this->service(ProblemLog::class)->fixes($this->owner->studio()));
        self::assertStringContainsString(
            'Remedy',
            $this->browser
                ->request('GET', "/quilts/{$quilt->id()}/stitch")
                ->filter('section[aria-labelledby=log-title]')
                ->text(),
        );
    }

    public function testAProblemThatIsNoneAndAnotherStudiosAreNotFound(): void
    {
        $quilt = $this->withProblem('drift');
        $this->browser->request('GET', "/quilts/{$quilt->id()}/problem/device-a-other1");
        self::assertResponseStatusCodeSame(404);
        $form = $this->page($quilt)->filter('section[aria-labelledby=test] form')->first()->form();
        $this->browser->request('POST', $form->getUri(), [...$form->getPhpValues(), '_token' => 'wrong']);
        self::assertResponseStatusCodeSame(403);
        $this->browser->request('POST', $form->getUri(), [
            ...$form->getPhpValues(),
            'cause' => 'ghosts',
            'symptom' => 'ghosts',
        ]);
        self::assertStringNotContainsString('ghosts', $this->browser->followRedirect()->filter('main')->text());
        $this->browser->loginUser($this->studio('stranger@studio.example'));
        $this->browser->request('GET', "/quilts/{$quilt->id()}/problem/" . self::KEY);
        self::assertResponseStatusCodeSame(404);
    }

    private function page(Quilt $quilt): Crawler
    {
        return $this->browser->request('GET', "/quilts/{$quilt->id()}/problem/" . self::KEY);
    }

    /** @param list<array<string, mixed>> $entries */
    private function withProblem(string $seen, array $entries = []): Quilt
    {
        $quilt = $this->quilt(self::rows());
        $this->begin($quilt);
        $token = $this->browser->followRedirect()->filter('body')->attr('data-token');
        $all = [
            ...$entries,
            [
                'key' => self::KEY,
                'kind' => 'problem',
                'step' => 'pass-1-stitch',
                'data' => [
                    'x' => 0,
                    'y' => 100,
                    'layer' => 'top',
                    'seen' => $seen,
                    'severity' => 'noted',
                    'action' => '',
                ],
            ],
        ];
        $this->browser->request('POST', "/quilts/{$quilt->id()}/frame/entries", [
            '_token' => $token,
            'entries' => json_encode(
                array_map(
                    static fn(int $i, array $entry): array => [
                        'key' => "device-a-000$i",
                        'at' => 1_700_000_000_000 + $i,
                        ...$entry,
                    ],
                    array_keys($all),
                    $all,
                ),
                \JSON_THROW_ON_ERROR,
            ),
        ]);
        self::assertResponseIsSuccessful();

        return $quilt;
    }
}

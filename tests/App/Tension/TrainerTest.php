<?php

declare(strict_types=1);

namespace Tests\App\Tension;

use App\Tension\BedPicture;
use App\Tension\FinishedPicture;
use App\Tension\FreeBench\FreeBenchController;
use App\Tension\FreeBench\Sliders;
use App\Tension\Trainer\Progress;
use App\Tension\Trainer\Round;
use App\Tension\Trainer\TrainerController;
use App\Tension\Trainer\TrainingRound;
use App\Tension\Trainer\TrainingRoundRepository;
use PHPUnit\Framework\Attributes\CoversClass;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Trainer\ExerciseMaker;
use Schwung\Core\Tension\Trainer\Level;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\DomCrawler\Field\ChoiceFormField;
use Tests\App\StudioTestCase;

#[CoversClass(TrainerController::class)]
#[CoversClass(Round::class)]
#[CoversClass(Progress::class)]
#[CoversClass(TrainingRound::class)]
#[CoversClass(TrainingRoundRepository::class)]
#[CoversClass(BedPicture::class)]
#[CoversClass(FinishedPicture::class)]
#[CoversClass(FreeBenchController::class)]
#[CoversClass(Sliders::class)]
final class TrainerTest extends StudioTestCase
{
    public function testARoundFromTheFirstLookToThePoints(): void
    {
        $page = $this->browser->request('GET', '/tension/trainer/2/4719');
        self::assertStringContainsString('Something is wrong with this bed.', $page->filter('h1')->text());
        self::assertCount(0, $page->filter('svg.plain-drawing .sketch-fault'), 'nothing shows before one has looked');

        $page = $this->browser->click($page->selectLink('Look into the bed 1 min')->link());
        self::assertSame('1 minute spent. What is it?', $page->filter('h1')->text());
        self::assertStringContainsString('A diagonal pull', $page->filter('#found')->text());
        self::assertCount(3, $page->filter('svg.plain-drawing .sketch-fault'));

        $page = $this->browser->click($page->selectLink('Measure the cloth 6 min')->link());
        self::assertStringContainsString(
            'The centre marks of both ends of the backing stand an inch apart.',
            $page->filter('#found')->text(),
        );

        $page = $this->answer($page, [Cause::AttachedOffCentre]);
        self::assertSame('100 of 100 points', $page->filter('h1')->text());
        self::assertStringContainsString('One end is off its centre', $page->filter('section h2')->text());
        self::assertStringContainsString('Shift that end.', $page->filter('main')->text());
        self::assertStringContainsString('By what you had looked at alone', $page->filter('main')->text());
    }

    public function testTheFirstAnswerToABedCounts(): void
    {
        $offered = (new ExerciseMaker(Knowledge::ofTheTrade()))->make(Level::Two, 4719)->offered;
        $wrong = array_values(
            array_filter($offered, static fn(Cause $one): bool => Cause::AttachedOffCentre !== $one),
        )[0];
        $this->answer($this->browser->request('GET', '/tension/trainer/2/4719'), [$wrong]);
        $page = $this->answer($this->browser->request('GET', '/tension/trainer/2/4719'), [Cause::AttachedOffCentre]);

        self::assertStringContainsString('0 points counted', $page->filter('main')->text());
        self::assertStringContainsString(
            '1 bed, 0 points on average',
            $this->browser->request('GET', '/tension/trainer')->filter('li')->eq(1)->text(),
        );
    }

    public function testWithoutAChoiceItAsksAgainAndKeepsWhatWasFound(): void
    {
        $page = $this->browser->request('GET', '/tension/trainer/3/12?did=well,press');
        $page = $this->browser->submit($page->selectButton('That is it')->form());

        self::assertResponseStatusCodeSame(422);
        self::assertSame('Choose two causes and two remedies.', $page->filter('[role=alert]')->text());
        self::assertStringContainsString('Hard as a drum, weave bent', $page->filter('#found')->text());
    }

    public function testThreeGoodBedsOpenTheNextLevel(): void
    {
        self::assertStringContainsString(
            'It is meant for after 3 beds',
            $this->browser->request('GET', '/tension/trainer')->filter('li')->eq(1)->text(),
        );
        foreach ([1, 2, 3] as $seed) {
            $this->answer(
                $this->browser->request('GET', "/tension/trainer/1/$seed"),
                (new ExerciseMaker(Knowledge::ofTheTrade()))->make(Level::One, $seed)->causes(),
            );
        }
        $levels = $this->browser->request('GET', '/tension/trainer');

        self::assertStringContainsString('3 beds', $levels->filter('li')->first()->text());
        self::assertStringNotContainsString('It is meant for after', $levels->filter('li')->eq(1)->text());
        self::assertStringContainsString('It is meant for after', $levels->filter('li')->eq(2)->text());
    }

    public function testANumberOpensItsBedAndNoneANewOne(): void
    {
        $this->browser->request('GET', '/tension/trainer/begin?level=3&seed=77');
        self::assertResponseRedirects('/tension/trainer/3/77');
        $this->browser->request('GET', '/tension/trainer/begin?level=nine&seed=100000');
        self::assertMatchesRegularExpression(
            '{^/tension/trainer/1/\d{1,5}$}',
            (string) $this->browser->getResponse()->headers->get('Location'),
        );
        $page = $this->browser->request('GET', '/tension/trainer/2/5?did=ghosts,well,well&causes=none');
        self::assertSame('1 minute spent. What is it?', $page->filter('h1')->text());
    }

    public function testTheFreeBenchShowsWhatEachSliderDoes(): void
    {
        $h1 = fn(string $query): string => $this->browser
            ->request('GET', "/tension/bench$query")
            ->filter('h1')
            ->text();

        self::assertSame('It lies flat to the eye.', $h1(''));
        self::assertSame('The middle hangs.', $h1('?bow=4'));
        self::assertSame(
            'Hard as a drum, weave bent, edges curl to the back.',
            $h1('?backing-left=5&backing-centre=5&backing-right=5'),
        );
        self::assertSame(
            'Both sides hang, a ridge grows on the roll.',
            $h1('?seam=roller-to-roller&pressed=side&turns=14'),
        );
        self::assertSame('The sides are drawn into scallops.', $h1('?bite=narrow'));
        self::assertSame('It lies flat to the eye.', $h1('?bow=ghosts&seam=ghosts&tilt=0'));
        $page = $this->browser->request('GET', '/tension/bench?bow=99&seam=roller-to-roller&pressed=side&turns=14');
        self::assertSame('½ in longer at the middle', $page->filter('#says-bow')->text());
        self::assertStringContainsString(
            'What the seam adds at each turn, times the turns.',
            $page->filter('#bench')->text(),
        );
        self::assertStringContainsString('(estimate)', $page->filter('#bench')->text());
        self::assertStringContainsString('are estimates', $page->filter('#bench')->text());
    }

    public function testTheFinishedQuiltCurlsTheWayOfTheFirmerLayer(): void
    {
        $label = fn(string $query): string => (string) $this->browser
            ->request('GET', "/tension/bench$query")
            ->filter('#bench svg')
            ->last()
            ->attr('aria-label');

        self::assertSame('The finished quilt from its edge: its edges lie flat.', $label(''));
        self::assertSame(
            'The finished quilt from its edge: its edges curl to the front.',
            $label('?top-left=5&top-centre=5&top-right=5'),
        );
        self::assertSame(
            'The finished quilt from its edge: its edges lie flat, and it ripples.',
            $label('?stretch=along'),
        );
    }

    /** @param list<Cause> $causes with the remedies of the same */
    private function answer(Crawler $page, array $causes): Crawler
    {
        $form = $page->selectButton('That is it')->form();
        foreach (['causes', 'remedies'] as $name) {
            $field = $form["{$name}[0]"];
            if ($field instanceof ChoiceFormField) {
                $field->select($causes[0]->value);
            }
        }
        $this->browser->submit($form);

        return $this->browser->followRedirect();
    }
}

<?php

declare(strict_types=1);

namespace Tests\App\Demo;

use App\Account\PersonRepository;
use App\Demo\DemoCommand;
use App\Demo\DemoStudio;
use App\Quilt\Quilt;
use App\Quilt\QuiltController;
use App\Quilt\QuiltRepository;
use App\Quilt\Workspace;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Schwung\Core\Exchange\DocumentCommand;
use Schwung\Core\Exchange\PlanAnswer;
use Schwung\Core\Plan\Standing;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Preparation\Preparation;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\DomCrawler\Crawler;
use Tests\App\StudioTestCase;

/** Walks through the whole demo: what the pages say, the command says of the files that they hand out. */
#[CoversClass(DemoCommand::class)]
#[CoversClass(DemoStudio::class)]
#[CoversClass(QuiltController::class)]
#[CoversClass(Workspace::class)]
#[CoversClass(Preparation::class)]
#[CoversClass(PlanAnswer::class)]
final class DemoWalkTest extends StudioTestCase
{
    private const EMAIL = 'walk@schwung.example';

    #[TestWith([Hand::Right])]
    #[TestWith([Hand::Left])]
    public function testPageAndCommandSayTheSameOfEveryQuilt(Hand $hand): void
    {
        $planned = 0;
        foreach ($this->demo($hand) as $quilt) {
            $at = "/quilts/{$quilt->id()}";
            $page = $this->browser->request('GET', "$at/measure");
            $said = $this->json("$at/plan.json");
            if (null === $said) {
                continue;
            }
            $plan = $this->command($this->json("$at/job.json") ?? []);
            ++$planned;

            self::assertSame($plan['standings'], $said['standings'], $quilt->title());
            self::assertSame($plan['sentence'], $said['sentence'], $quilt->title());
            self::assertSame(self::ofTheFile($plan), self::ofTheFile($said), $quilt->title());
            self::assertSame(
                $plan['standings'],
                \array_slice($this->standings($page), 0, \count($plan['standings'])),
                $quilt->title(),
            );
            self::assertStringContainsString(
                $plan['sentence'],
                $this->browser
                    ->request('GET', "$at/backing")
                    ->filter('body')
                    ->text(),
                $quilt->title(),
            );
        }

        self::assertGreaterThan(15, $planned);
    }

    public function testEveryPageThatTheDemoLeadsToAnswers(): void
    {
        $this->demo();
        [$waiting, $seen, $kinds] = [['/'], [], []];
        while (null !== ($at = array_shift($waiting))) {
            $page = $this->browser->request('GET', $at);
            self::assertLessThan(400, $this->browser->getResponse()->getStatusCode(), $at);
            foreach ($page->filter('a[href^="/"]')->extract(['href']) as $link) {
                $link = strtok(\is_string($link) ? $link : '', '#');
                $kind = preg_replace(['~/[0-9A-Z]{26}|/\d+~', '~=[^&]*~'], ['/N', '='], (string) $link);
                if (isset($seen[$link]) || 'sign-out' === $kind || ($kinds[$kind] ?? 0) >= 2) {
                    continue;
                }
                [$seen[$link], $kinds[$kind], $waiting[]] = [true, ($kinds[$kind] ?? 0) + 1, (string) $link];
            }
        }

        self::assertGreaterThan(40, \count($kinds));
    }

    /** @return list<Quilt> */
    private function demo(Hand $hand = Hand::Right): array
    {
        self::assertNotNull(self::$kernel);
        (new CommandTester((new Application(self::$kernel))->find('app:demo')))->execute(['--email' => self::EMAIL]);
        $owner =
            $this->service(PersonRepository::class)->findOneBy(['email' => self::EMAIL]) ??
            throw new \LogicException('The demo has an owner.');
        $owner->workWith(new Body($hand), []);
        $this->service(PersonRepository::class)->save();
        $this->browser->loginUser($owner);

        return $this->service(QuiltRepository::class)->findBy(['studio' => $owner->studio()]);
    }

    /** @return array<mixed>|null */
    private function json(string $at): ?array
    {
        $this->browser->request('GET', $at);
        if (404 === $this->browser->getResponse()->getStatusCode()) {
            return null;
        }

        return (array) json_decode(
            (string) $this->browser->getResponse()->getContent(),
            true,
            flags: \JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @param array<mixed> $job
     *
     * @return array{standings: array<mixed>, sentence: string, steps?: mixed, attachments?: mixed}
     */
    private function command(array $job): array
    {
        [$in, $out, $err] = [self::stream(json_encode($job, \JSON_THROW_ON_ERROR)), self::stream(), self::stream()];
        DocumentCommand::named('schwung:plan')?->run('-', $in, $out, $err);
        rewind($out);
        $plan = json_decode((string) stream_get_contents($out), true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($plan);
        self::assertIsString($plan['sentence'] ?? null);
        self::assertIsArray($plan['standings'] ?? null);

        return $plan;
    }

    /** @return resource */
    private static function stream(string $text = '')
    {
        $stream = fopen('php://memory', 'w+') ?: throw new \LogicException('Memory can be written to.');
        fwrite($stream, $text);
        rewind($stream);

        return $stream;
    }

    /**
     * What only the file decides: the studio's bars, the wear of its leaders and its own times are not in it, and they
     * show in the steps and in the places on the leader.
     *
     * @param array<mixed> $plan
     *
     * @return array<mixed>
     */
    private static function ofTheFile(array $plan): array
    {
        unset($plan['steps'], $plan['attachments']);

        return $plan;
    }

    /** @return array<string, string> by stage */
    private function standings(Crawler $page): array
    {
        $shown = array_combine(
            array_map(static fn(Standing $standing): string => $standing->words(), Standing::cases()),
            array_map(static fn(Standing $standing): string => $standing->value, Standing::cases()),
        );
        $said = [];
        foreach ($page->filter('nav[aria-label=Stages] a') as $stage) {
            $words = (new Crawler($stage))->filter('span > span');
            $said[strtolower($words->eq(0)->text())] = $shown[$words->eq(1)->text()] ?? 'unknown';
        }

        return $said;
    }
}

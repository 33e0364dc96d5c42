<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Studio;
use App\Platform\Build;
use Schwung\Core\Queue\Workload;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Says what is on each frame; what a log says is worked out once for each entry that comes into it. */
final readonly class OnFrames
{
    private const SECONDS = 86_400;

    public function __construct(
        private RunRepository $runs,
        private RunViews $views,
        private CacheInterface $cache,
        private Build $build,
    ) {}

    /** @return list<OnFrame> the earliest begun first */
    public function of(Studio $studio): array
    {
        return array_map(
            fn(array $found): OnFrame => $this->one($found[0], $found[1]),
            $this->runs->findOnFrames($studio),
        );
    }

    private function one(Run $run, int $last): OnFrame
    {
        /** @var array{pass: int, passes: int, left: string, parked: int|null, isFinished: bool, size: array{float, float}, work: array<string, array{float, float}>} $stands */
        $stands = $this->cache->get($this->key($run, $last), function (ItemInterface $item) use ($run): array {
            $item->expiresAfter(self::SECONDS);
            $view = $this->views->open($run);

            return [
                'pass' => $view->pass(),
                'passes' => $view->setup->winding->count(),
                'left' => $view->remaining()->words(),
                'parked' => $view->journal->parkedSince()?->getTimestamp(),
                'isFinished' => $view->journal->isFinished(),
                'size' => [$view->setup->across()->toMillimetres(), $view->setup->along()->toMillimetres()],
                'work' => Workload::of($view->steps, $view->journal->done())->parts,
            ];
        });

        return new OnFrame(
            quilt: $run->quilt->id(),
            title: $run->quilt->title(),
            frame: $run->quilt->frame()?->name(),
            frameId: $run->quilt->frame()?->id(),
            pass: $stands['pass'],
            passes: $stands['passes'],
            left: $stands['left'],
            parked: null === $stands['parked'] ? null : new \DateTimeImmutable('@' . $stands['parked']),
            isFinished: $stands['isFinished'],
            size: $stands['size'],
            work: new Workload($stands['work']),
            client: $run->quilt->client(),
            due: $run->quilt->due(),
        );
    }

    private function key(Run $run, int $last): string
    {
        return \sprintf('on-the-frame-%s-%s-%d', $this->build->id(), $run->id(), $last);
    }
}

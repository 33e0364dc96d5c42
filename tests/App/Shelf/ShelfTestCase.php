<?php

declare(strict_types=1);

namespace Tests\App\Shelf;

use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Plan\PlanRead;
use App\Clients\Client;
use App\Quilt\Quilt;
use App\Shelf\Batting\BattingInput;
use App\Shelf\Batting\BattingShelf;
use App\Shelf\Batting\ShelfBatting;
use App\Shelf\Batting\ShelfBattingRepository;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Uid\Ulid;
use Tests\App\Bench\QueueTestCase;

/** A studio with a shelf; it is Monday. */
abstract class ShelfTestCase extends QueueTestCase
{
    /** Needs 72 × 91 1/4 in of batting, cotton. */
    protected function wanting(string $title = 'Harbour lamps', string $kind = 'cotton'): Quilt
    {
        return $this->quilt(
            [...self::rows(), 'batting/width' => '', 'batting/length' => '', 'batting/kind' => $kind],
            person: $this->ownerAnew(),
            title: $title,
        );
    }

    protected function put(
        float $width,
        float $length,
        bool $isRoll = false,
        BattingKind $kind = BattingKind::Cotton,
        ?Client $client = null,
    ): ShelfBatting {
        $input = new BattingInput();
        [$input->isRoll, $input->kind, $input->client] = [$isRoll, $kind, $client];
        [$input->width, $input->length] = [Length::inches($width), Length::inches($length)];

        return $this->service(BattingShelf::class)->put($this->ownerAnew()->studio(), $input, (string) new Ulid());
    }

    /** @return list<string> labels and inches of what lies on the shelf, by label */
    protected function here(): array
    {
        $here = array_map(
            static fn(ShelfBatting $one): string => \sprintf(
                '%s %g×%g',
                $one->label(),
                $one->width()->toInches(),
                $one->length()->toInches(),
            ),
            $this->service(ShelfBattingRepository::class)->findHere($this->owner->studio()),
        );
        sort($here, \SORT_NATURAL);

        return $here;
    }

    protected function anew(ShelfBatting $batting): ShelfBatting
    {
        return $this->service(ShelfBattingRepository::class)->find($batting->id()) ??
            throw new \LogicException('It is gone.');
    }

    protected function read(): PlanRead
    {
        $plan =
            $this->service(BenchPlanRepository::class)
                ->find($this->owner->studio()->id())
                ?->plan() ?? [];

        return new PlanRead($plan, $this->owner->studio()->timeZone());
    }

    protected function open(string $address): Crawler
    {
        $page = $this->browser->request('GET', $address);
        self::assertResponseIsSuccessful();

        return $page;
    }
}

<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Studio;
use App\Frames\StudioFrame;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Measure\UnitSystem;

/** Keeps the verdicts on the shelf in step when something changes that many quilts share. */
final readonly class Rejudging
{
    /** So many quilts are read by one query. */
    private const BATCH = 100;

    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private Preparations $preparations,
    ) {}

    public function ofStudio(Studio $studio): void
    {
        $this->judge(fn(int $offset): array => $this->quilts->findBatch($studio, null, $offset, self::BATCH));
    }

    public function ofFrame(StudioFrame $frame): void
    {
        $this->judge(fn(int $offset): array => $this->quilts->findBatch($frame->studio, $frame, $offset, self::BATCH));
    }

    /** @param \Closure(int): list<Quilt> $batch */
    private function judge(\Closure $batch): void
    {
        for ($offset = 0; [] !== ($quilts = $batch($offset)); $offset += self::BATCH) {
            foreach ($quilts as $quilt) {
                $quilt->judge(Judgement::of($this->preparations->of($quilt, UnitSystem::Inches)));
            }
            $this->entities->flush();
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Frames\StudioFrame;
use App\Platform\KeepsRecords;
use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<StudioLeader> */
final class StudioLeaderRepository extends ServiceEntityRepository
{
    use KeepsRecords;

    private const MOST = 3;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, StudioLeader::class);
    }

    /** The leaders that a frame of its kind has; those without a record yet are made, not kept. */
    public function ofFrame(StudioFrame $frame): FrameLeaders
    {
        $known = [];
        foreach ($this->findBy(['frame' => $frame], ['roller' => 'ASC'], self::MOST) as $leader) {
            $known[$leader->roller->value] = $leader;
        }

        return new FrameLeaders($frame, $known);
    }
}

<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Queue\Workload;
use Symfony\Component\Uid\Ulid;

/**
 * Where a quilt on its frame stands, as the bench says it.
 *
 * Made with named arguments.
 */
final readonly class OnFrame
{
    /**
     * @param \DateTimeImmutable|null $parked since when
     * @param array{float, float}     $size   of the top across and along, as it hangs, in millimetres
     * @param Workload                $work   that is still to be done
     */
    public function __construct(
        public Ulid $quilt,
        public string $title,
        public ?string $frame,
        public ?Ulid $frameId,
        public int $pass,
        public int $passes,
        public string $left,
        public ?\DateTimeImmutable $parked,
        public bool $isFinished,
        public array $size,
        public Workload $work,
        public string $client,
        public ?\DateTimeImmutable $due,
    ) {}

    /** "pass 5 of 6, 2 passes, 3 ½ rows left, parked 13 days" */
    public function words(\DateTimeImmutable $now): string
    {
        $parked = $this->parkedFor($now);

        return ($this->isFinished ? 'every step done' : "pass $this->pass of $this->passes, $this->left") .
            ('' === $parked ? '' : ", $parked");
    }

    /** "parked 13 days"; empty where it is not. */
    public function parkedFor(\DateTimeImmutable $now): string
    {
        $days = (int) $this->parked?->diff($now)->days;

        return match (true) {
            null === $this->parked => '',
            0 === $days => 'parked',
            1 === $days => 'parked 1 day',
            default => "parked $days days",
        };
    }
}

<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Symfony\Component\Uid\Ulid;

/** Where a quilt on its frame stands, as the bench says it. */
final readonly class OnFrame
{
    /** @param \DateTimeImmutable|null $parked since when */
    public function __construct(
        public Ulid $quilt,
        public string $title,
        public ?string $frame,
        public int $pass,
        public int $passes,
        public string $left,
        public ?\DateTimeImmutable $parked,
        public bool $isFinished,
    ) {}

    /** "pass 5 of 6, 2 passes, 3 ½ rows left, parked 13 days" */
    public function words(\DateTimeImmutable $now): string
    {
        $days = null === $this->parked ? 0 : (int) $this->parked->diff($now)->days;

        return ($this->isFinished ? 'every step done' : "pass $this->pass of $this->passes, $this->left") .
            match (true) {
                null === $this->parked => '',
                0 === $days => ', parked',
                default => ", parked $days " . (1 === $days ? 'day' : 'days'),
            };
    }
}

<?php

declare(strict_types=1);

namespace App\Tension;

/** Everything that the room shows. */
final readonly class RoomView
{
    /**
     * @param list<FrameProblems>                   $frames
     * @param array<string, array{string, string}>  $quilts   id and title by id of the run
     */
    public function __construct(public array $frames, public array $quilts) {}
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Distance;

/** What a run of clips over an edge should reach, must reach, and may not pass. */
final readonly class ClipBounds
{
    /** Over the cloth at both sides together: one inch each is the least. */
    public const LEAST_INCHES = 2;

    private function __construct(public Length $wanted, public Length $least, public Length $longest) {}

    /** How much leader a run over this much cloth would like. */
    public static function wanted(Length $cloth, ?Length $beyond = null): Length
    {
        return $cloth->plus($beyond ?? Distance::ClipBeyond->usual());
    }

    public static function of(Edge $edge): self
    {
        $wanted = self::wanted($edge->length(), $edge->clipsBeyond);
        $longest = $edge->leader ?? $wanted;

        return new self(
            $wanted,
            Length::shortest($edge->length()->plus(Length::inches(self::LEAST_INCHES)), $longest),
            $longest,
        );
    }
}

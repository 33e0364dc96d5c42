<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Measure\Length;

/** What a run of clips over an edge should reach, must reach, and may not pass. */
final readonly class ClipBounds
{
    /** Over the cloth at both sides together: four inches each are wanted, one each is the least. */
    private const WANTED_INCHES = 8;
    private const LEAST_INCHES = 2;

    private function __construct(public Length $wanted, public Length $least, public Length $longest) {}

    /** How much leader a run over this much cloth would like. */
    public static function wanted(Length $cloth): Length
    {
        return $cloth->plus(Length::inches(self::WANTED_INCHES));
    }

    public static function of(Edge $edge): self
    {
        $wanted = self::wanted($edge->length());
        $longest = $edge->leader ?? $wanted;

        return new self(
            $wanted,
            Length::shortest($edge->length()->plus(Length::inches(self::LEAST_INCHES)), $longest),
            $longest,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Material\ThreadWeight;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Practice;

/** Everything that a plan of a quilt is made from. */
final readonly class Subject
{
    public function __construct(
        public string $title,
        public Sheet $sheet,
        public ?Frame $frame,
        public Practice $practice,
    ) {}

    /** A quilt as it stands now, or with another sheet. */
    public static function of(Quilt $quilt, ?Sheet $sheet = null): self
    {
        return new self(
            $quilt->title(),
            $sheet ?? $quilt->sheet(),
            $quilt->frame()?->measures(),
            ($quilt->frame()?->practice() ?? $quilt->studio->practice())->winding(self::onBobbin($quilt)),
        );
    }

    private static function onBobbin(Quilt $quilt): ?ThreadWeight
    {
        return null === $quilt->bobbinTex() ? null : ThreadWeight::ofTex($quilt->bobbinTex());
    }

    public function onFrame(?Frame $frame): self
    {
        return new self($this->title, $this->sheet, $frame, $this->practice);
    }

    public function job(UnitSystem $units): JobDocument
    {
        return new JobDocument($this->title, $this->sheet, $this->frame, $units);
    }
}

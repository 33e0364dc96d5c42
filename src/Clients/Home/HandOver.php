<?php

declare(strict_types=1);

namespace App\Clients\Home;

use App\AtTheFrame\OffSheet;
use App\Clients\Bag\Intake;
use App\Quilt\Quilt;
use Schwung\Core\Learning\ContractionLearnt;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Worked;

/** What both look at when a quilt goes home. */
final readonly class HandOver
{
    /**
     * @param list<HandOverLine>          $lines    to be looked at and ticked
     * @param array{Length, Length}|null  $size     it was when it came, width and length
     * @param array{Length, Length}|null  $finished it is now; null where nobody measured
     * @param ContractionLearnt|null      $expected how such a quilt is drawn in here, where it was not measured
     */
    public function __construct(
        public Quilt $quilt,
        public Intake $intake,
        public ?OffSheet $off,
        public array $lines,
        public ?array $size,
        public ?array $finished,
        public ?Worked $binding,
        public ?ContractionLearnt $expected = null,
    ) {}

    public function isTicked(): bool
    {
        return [] ===
            array_diff(
                array_map(static fn(HandOverLine $line): string => $line->key, $this->lines),
                $this->intake->ticked(),
            );
    }
}

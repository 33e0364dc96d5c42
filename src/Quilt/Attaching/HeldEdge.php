<?php

declare(strict_types=1);

namespace App\Quilt\Attaching;

use App\Drawing\Picture;
use Schwung\Core\Attachment\Attachment;

/** One edge as the page of stage Attach shows it. */
final readonly class HeldEdge
{
    /**
     * @param string          $name        lead, tail or top
     * @param Attachment|null $attachment  null where clips are wanted and none are counted
     * @param Picture|null    $strip       the rail with every piece at its place, read from the front of the frame
     * @param bool            $needsCasing the leader has no casing, and this hold needs one
     * @param bool            $hasSchool   whether the spacing of this hold is a matter of schools
     */
    public function __construct(
        public string $name,
        public ?Attachment $attachment,
        public ?Picture $strip,
        public bool $needsCasing,
        public bool $hasSchool,
    ) {}
}

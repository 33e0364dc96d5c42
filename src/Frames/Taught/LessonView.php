<?php

declare(strict_types=1);

namespace App\Frames\Taught;

use App\Drawing\Picture;
use Schwung\Core\Measure\Phrase;

/** A lesson as the frame's page shows it. */
final readonly class LessonView
{
    /**
     * @param Lesson|null         $lesson null of what is read off the leader checks
     * @param list<string>        $columns of the table beside the drawing
     * @param list<list<string>>  $rows
     * @param list<string>        $todo   what is to be measured or done
     */
    public function __construct(
        public ?Lesson $lesson,
        public string $heading,
        public Phrase $sentence,
        public string $rests,
        public Picture $plot,
        public array $columns,
        public array $rows,
        public array $todo = [],
        public bool $isAttention = false,
    ) {}

    /** Whether the studio could agree to what it says now. */
    public function canBeUsed(): bool
    {
        return null !== $this->lesson?->value() &&
            $this->lesson->kind->isForPlans() &&
            $this->lesson->value() !== $this->lesson->agreed();
    }
}

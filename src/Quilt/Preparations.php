<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Designs\DesignOnShelf;
use App\Designs\DesignShelf;
use App\Frames\StudioFrame;
use App\Leaders\LeadersOfFrame;
use App\Leaders\StudioLeaderRepository;
use App\Quilt\Pinning\SheetPins;
use App\Settings\CurrentBody;
use App\Shelf\Holding\AtHand;
use Schwung\Core\Advance\Change;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Faults;
use Schwung\Core\Job\Pin;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\PinKind;
use Schwung\Core\Preparation\Preparation;

/** Brings what a studio knows of a quilt to the front door of the core. */
final readonly class Preparations
{
    public function __construct(
        private StudioLeaderRepository $leaders,
        private DesignShelf $designs,
        private CurrentBody $person,
        private AtHand $atHand,
    ) {}

    public function of(Quilt $quilt, UnitSystem $units, ?Sheet $sheet = null): Preparation
    {
        return $this->ofSubject($quilt, $this->subject($quilt, $sheet), $units);
    }

    /** What a plan is made from, with the pieces that are really at hand on its day. */
    public function subject(Quilt $quilt, ?Sheet $sheet = null): Subject
    {
        $subject = Subject::of($quilt, $sheet);

        return $subject->onFrame(null === $subject->frame ? null : $this->atHand->on($subject->frame, $quilt));
    }

    /** The same on a frame that may be another than its own, held there by what that frame has. */
    public function onFrame(Quilt $quilt, StudioFrame $frame, Sheet $sheet, UnitSystem $units): Preparation
    {
        $methods = array_map(static fn(HoldingSystem $system): string => $system->value, $frame->measures()->methods);
        foreach ($quilt->frame() === $frame ? [] : ['lead', 'tail', 'top'] as $place) {
            if ([] !== $methods && !\in_array($sheet->text("load/$place/method"), $methods, true)) {
                $sheet = $sheet->with("load/$place/method", $methods[0]);
            }
        }

        return $this->prepare(
            $quilt,
            new Subject($quilt->title(), $sheet, $this->atHand->atBest($frame), $frame->practice()),
            $units,
            $frame,
        );
    }

    /** @return list<Pin> what was kept; of a load only while the quilt is on its frame */
    private function pins(Quilt $quilt, Sheet $sheet): array
    {
        return array_values(
            array_filter(
                SheetPins::of($sheet),
                static fn(Pin $pin): bool => $quilt->isLoaded() || PinKind::Load !== PinKind::of($pin->key),
            ),
        );
    }

    /**
     * The same of a quilt as it was written down when it went on its frame.
     *
     * @param list<Change> $changes of its passes, made there
     */
    public function ofSubject(Quilt $quilt, Subject $subject, UnitSystem $units, array $changes = []): Preparation
    {
        return $this->prepare($quilt, $subject, $units, $quilt->frame(), $changes);
    }

    /** @param list<Change> $changes */
    private function prepare(
        Quilt $quilt,
        Subject $subject,
        UnitSystem $units,
        ?StudioFrame $frame,
        array $changes = [],
    ): Preparation {
        $faults = new Faults();
        $parts = (new JobReader())->parts($subject->job($units)->toArray(), $faults, $subject->frame);

        return new Preparation(
            new Known(
                parts: $parts,
                faults: $faults->all(),
                practice: $subject->practice->differing($this->person->distances()),
                leaders: new LeadersOfFrame($this->leaders, $frame),
                design: new DesignOnShelf($this->designs, $quilt->studio, $parts->desk->design),
                body: $this->person->body(),
                pins: $this->pins($quilt, $subject->sheet),
                changes: $changes,
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

/** What can be written into the log of a load. */
enum EntryKind: string
{
    /** A step is done. */
    case Done = 'done';
    /** A step that was marked as done is not done after all. */
    case Undone = 'undone';
    /** Of a pass: so many of its rows are stitched, in halves. */
    case Rows = 'rows';
    case Register = 'register';
    case Firmness = 'firmness';
    case Release = 'release';
    case Straightness = 'straightness';
    /** The take-up roll was taped, or the clicks of an advance counted. */
    case Roll = 'roll';
    /** How wide the top lies in the bed. */
    case Width = 'width';
    /** How a seam across runs from the last row. */
    case Slant = 'slant';
    /** How far two marks stand apart, slack and loaded. */
    case Strain = 'strain';
    /** The passes that are left go by the roll as it was measured. */
    case Thickness = 'thickness';
    /** The rows that are left are laid otherwise, so that they end where they were to. */
    case Refit = 'refit';
    /** A part of the frame's state is not as the steps have it. */
    case State = 'state';
    case Problem = 'problem';
    /** Of a problem: a symptom was looked for. */
    case Looked = 'looked';
    /** Of a problem: a cause's own test was made. */
    case Tested = 'tested';
    /** Of a problem: what was done against a cause, and whether it helped. */
    case Fixed = 'fixed';
    case Note = 'note';
    case Park = 'park';
    case Resume = 'resume';
    /** The plan was made anew from the sheet as it had been changed. */
    case Replan = 'replan';
    /** An earlier entry was wrong; what is right, if anything, follows as an entry of its own. */
    case Correction = 'correction';

    /** Whether it changes the plan of the load: only a page that shows what it changes writes it. */
    public function changesThePlan(): bool
    {
        return self::Thickness === $this || self::Refit === $this;
    }

    public function words(): string
    {
        return match ($this) {
            self::Done => 'done',
            self::Undone => 'not done after all',
            self::Rows => 'rows stitched',
            self::Register => 'register',
            self::Firmness => 'firmness',
            self::Release => 'release test',
            self::Straightness => 'straightness',
            self::Roll => 'roll',
            self::Width => 'width in the bed',
            self::Slant => 'slant',
            self::Strain => 'strain',
            self::Thickness => 'passes by the roll',
            self::Refit => 'rows fitted again',
            self::State => 'state of the frame',
            self::Problem => 'problem',
            self::Looked => 'looked for',
            self::Tested => 'tested',
            self::Fixed => 'remedy',
            self::Note => 'note',
            self::Park => 'parked',
            self::Resume => 'taken up again',
            self::Replan => 'planned anew',
            self::Correction => 'corrected',
        };
    }
}

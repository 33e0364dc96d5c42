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

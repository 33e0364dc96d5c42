<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Stage;

/** What can be pinned. The key of a decision begins with its kind: "strip/lead". */
enum PinKind: string
{
    case Strip = 'strip';
    case Piecing = 'piecing';
    case SquareUp = 'square-up';
    case Client = 'client';
    case Pieces = 'pieces';
    case Trim = 'trim';
    case Way = 'way';
    case Hold = 'hold';
    case Design = 'design';
    case Load = 'load';

    public static function of(string $key): ?self
    {
        return self::tryFrom(explode('/', $key)[0]);
    }

    /** @return list<string> where it is decided: whoever changes that decides anew, and is not asked */
    public function decidedAt(): array
    {
        return match ($this) {
            self::Strip => ['desk/mend', 'desk/strips'],
            self::Piecing => ['desk/mend', 'desk/repeat', 'backing/bolt'],
            self::SquareUp, self::Client => ['desk/mend'],
            self::Pieces => ['desk/pieces'],
            self::Trim => ['batting/width', 'batting/length'],
            self::Way => ['load/direction', 'load/lead_edge'],
            self::Hold => ['load/lead/method', 'load/tail/method', 'load/top/method'],
            self::Design => [
                'quilting/style',
                'quilting/row_height',
                'quilting/gap',
                'quilting/overhang',
                'quilting/finish',
                'desk/design',
            ],
            self::Load => [],
        };
    }

    public function stage(): Stage
    {
        return match ($this) {
            self::Strip, self::Piecing, self::SquareUp, self::Client, self::Pieces, self::Trim => Stage::Backing,
            self::Way => Stage::Direction,
            self::Hold => Stage::Attach,
            self::Design => Stage::Passes,
            self::Load => Stage::Load,
        };
    }

    /** What it costs to let it go. */
    public function cost(bool $isDone): Phrase
    {
        return Phrase::of(
            '%s',
            match ($this) {
                self::Strip => $isDone
                    ? 'The strips are cut: others have to be cut and sewn on.'
                    : 'Nothing is cut yet: the cut list changes.',
                self::Piecing => $isDone
                    ? 'The backing is pieced: another has to be cut and sewn.'
                    : 'Nothing is cut yet: the cut list changes.',
                self::SquareUp => $isDone
                    ? 'The ends are cut straight already, and cannot be put back.'
                    : 'Nothing is cut yet.',
                self::Client => 'The client was told the size before: tell her the new one.',
                self::Pieces => $isDone ? 'The pieces are cut and joined already.' : 'Nothing is cut yet.',
                self::Trim => $isDone ? 'The batting is cut already, and cannot be put back.' : 'Nothing is cut yet.',
                self::Way => 'What was measured, cut and thought of so far was for the other way round.',
                self::Hold => 'Margins and pieces of the other hold were reckoned with.',
                self::Design => 'The rows that were chosen are not the ones that are stitched then.',
                self::Load => 'What lies on the frame goes by the plan as it was: a change here moves no cloth there.',
            },
        );
    }
}

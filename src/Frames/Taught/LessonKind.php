<?php

declare(strict_types=1);

namespace App\Frames\Taught;

/** What a frame can teach. */
enum LessonKind: string
{
    /** How thick a sandwich lies on its roll; about a backing and a batting. */
    case Thickness = 'thickness';
    /** What a top may drift; about a float. */
    case Drift = 'drift';
    /** How many clicks a turn has. */
    case Clicks = 'clicks';
    /** What the words of firmness are in numbers; about a layer. */
    case Firmness = 'firmness';

    /** Whether plans can go by it; of the others one learns, and plans nothing. */
    public function isForPlans(): bool
    {
        return self::Thickness === $this || self::Drift === $this;
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/** What is written into an entry of a quilt. */
enum EntryType
{
    case Measure;
    case Word;
    case Flag;
    case Moment;
    case TopSeams;
    case BackingSeams;
    case Marks;
    case Text;
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\JobParts;
use Schwung\Core\Measure\UnitSystem;

/** Reads a job document, version 1, and finds all its faults at once. */
final readonly class JobReader
{
    private const KEYS = ['units', 'title', 'top', 'backing', 'batting', 'frame', 'load', 'quilting'];

    /** @throws FaultyDocument if the document cannot be used */
    public function read(mixed $document): Job
    {
        $faults = new Faults();
        $job = $this->parts($document, $faults)->job();
        $all = $faults->all();
        if (null === $job || [] !== $all) {
            throw FaultyDocument::with([] === $all ? [new Fault('', 'is not a job document.')] : $all);
        }

        return $job;
    }

    /** Reads what can be read and notes every fault; a part that is missing or faulty is null. */
    public function parts(mixed $document, Faults $faults): JobParts
    {
        $root = new Node($document, '', $faults);
        $members = $root->document('schwung/job', self::KEYS);

        return new JobParts(
            $members['title']->text(),
            $members['units']->word(UnitSystem::class),
            (new TopReader())->read($members['top']),
            (new BackingReader())->read($members['backing'], $faults),
            $members['batting']->isMissing() ? null : (new BattingReader())->read($members['batting']),
            (new FrameReader())->read($members['frame']),
            (new LoadReader())->read($members['load']),
            $members['quilting']->isMissing() ? null : (new QuiltingReader())->read($members['quilting']),
        );
    }
}

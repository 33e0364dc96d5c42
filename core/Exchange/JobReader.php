<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\JobParts;
use Schwung\Core\Measure\UnitSystem;

/** Reads a job document, version 1, and finds all its faults at once. */
final readonly class JobReader
{
    private const KEYS = ['units', 'title', 'top', 'backing', 'batting', 'frame', 'load', 'quilting', 'desk'];

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

    /**
     * Reads what can be read and notes every fault; a part that is missing or faulty is null.
     *
     * @param Frame|null $frame that a studio knows already; it takes the place of the document's
     */
    public function parts(mixed $document, Faults $faults, ?Frame $frame = null): JobParts
    {
        $root = new Node($document, '', $faults);
        $members = $root->document('schwung/job', self::KEYS);
        $units = $members['units']->word(UnitSystem::class);

        $load = (new LoadReader())->read($members['load']);
        $top = (new TopReader())->read($members['top'])?->ledBy($load?->leadEdge);
        $backing = (new BackingReader())->read($members['backing'], $faults);
        $guess = new TapeReader();
        $tape = $guess->read($document);

        return new JobParts(
            title: $members['title']->text(),
            units: $units,
            top: $top,
            backing: $backing,
            batting: $members['batting']->isMissing() ? null : (new BattingReader())->read($members['batting']),
            frame: $frame ?? (new FrameReader())->read($members['frame']),
            load: $load,
            quilting: $members['quilting']->isMissing() ? null : (new QuiltingReader())->read($members['quilting']),
            desk: (new DeskReader($units ?? UnitSystem::Inches))->read(
                $members['desk'],
                $members['load']->at('habits'),
            ),
            tape: $tape,
            guessedTop: null === $top
                ? $guess->guessedTop($tape, $members['top']->value)?->ledBy($load?->leadEdge)
                : null,
            guessedBacking: null === $backing ? $guess->guessedBacking($tape, $members['backing']->value) : null,
        );
    }
}

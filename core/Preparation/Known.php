<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Advance\Change;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\JobParts;
use Schwung\Core\Job\Pin;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\Practice;

/**
 * What is known of a quilt, a frame, a studio and a person before anything is planned.
 *
 * Made with named arguments.
 */
final readonly class Known
{
    /**
     * @param list<Fault> $faults what of the entries is missing or cannot be
     * @param list<Pin>   $pins   decisions that were kept
     * @param list<Change> $changes of the passes, made while it is on its frame, in order
     */
    public function __construct(
        public JobParts $parts,
        public array $faults = [],
        public Practice $practice = new Practice(),
        public LeaderRecords $leaders = new NoLeaders(),
        public ChosenDesign $design = new NoDesign(),
        public Body $body = new Body(),
        public array $pins = [],
        public array $changes = [],
    ) {}

    public function pin(string $key): ?Pin
    {
        return Pin::among($this->pins, $key);
    }

    /** What is wrong with an entry, by its path; null where nothing is, or nothing is entered. */
    public function faultAt(string $path): ?string
    {
        $pointer = '/' . str_replace('load/custom/', 'load/margins/', $path);
        foreach ($this->wrong() as $fault) {
            if ($fault->pointer === $pointer || str_starts_with($fault->pointer, "$pointer/")) {
                return $fault->message;
            }
        }

        return null;
    }

    /**
     * The same with passes that were changed at the frame.
     *
     * @param list<Change> $changes in order
     */
    public function changed(array $changes): self
    {
        // @phpstan-ignore argument.type (the names and types are those of this class)
        return new self(...[...get_object_vars($this), 'changes' => $changes]);
    }

    /** A job as a document has it. */
    public static function ofJob(Job $job, Practice $practice = new Practice()): self
    {
        return new self(JobParts::of($job), practice: $practice);
    }

    /** @return list<Fault> entries that are there and cannot be, at one stage or at any */
    public function wrong(?Stage $stage = null): array
    {
        return array_values(
            array_filter(
                $this->faults,
                static fn(Fault $fault): bool => !$fault->isMissing &&
                    (null === $stage || $stage === Stage::ofPointer($fault->pointer)),
            ),
        );
    }
}

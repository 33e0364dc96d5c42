<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\Studio;
use App\AtTheFrame\LogBook;
use App\AtTheFrame\RunRepository;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Symptom;

/** Fills the logs of a studio with problems at places drawn from a fixed seed, for measuring speed. */
final readonly class ProblemCopies
{
    private const SEED = 6;

    public function __construct(private RunRepository $runs, private LogBook $book) {}

    /** @param int $wanted over all loads together; none where it is not positive */
    public function fill(Studio $studio, int $wanted): void
    {
        $chance = new Randomizer(new Mt19937(self::SEED));
        $runs = $this->runs->findAllOf($studio);
        foreach ($runs as $i => $run) {
            $count = intdiv($wanted, \count($runs)) + ($i < $wanted % \count($runs) ? 1 : 0);
            $this->book->write(
                $run,
                array_map(
                    static function (int $k) use ($run, $chance): JournalEntry {
                        $symptom = Symptom::cases()[$chance->getInt(0, \count(Symptom::cases()) - 1)];

                        return new JournalEntry(
                            "copied-problem-$k",
                            EntryKind::Problem,
                            null,
                            $run->started->modify("+$k seconds"),
                            [
                                'x' => (float) $chance->getInt(-1000, 1000),
                                'y' => (float) $chance->getInt(0, 2000),
                                'layer' => $symptom->layer()->value,
                                'seen' => $symptom->value,
                                'severity' => 'noted',
                                'action' => '',
                            ],
                        );
                    },
                    $count > 0 ? range(1, $count) : [],
                ),
            );
        }
    }
}

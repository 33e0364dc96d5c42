<?php

declare(strict_types=1);

namespace App\Demo;

use App\AtTheFrame\LogBook;
use App\AtTheFrame\OffSheet;
use App\AtTheFrame\Run;
use App\AtTheFrame\RunView;
use App\AtTheFrame\RunViews;
use App\AtTheFrame\Starting;
use App\Frames\StudioFrame;
use App\Frames\Taught\Teaching;
use App\Quilt\NewQuilt;
use App\Quilt\Pinning\Deciding;
use App\Quilt\QuiltEntry;
use App\Quilt\Sheet;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;

/** A year of finished quilts with what went wrong on them, so that what keeps coming back on one frame shows. */
final readonly class DemoYear
{
    private const PERSON = 'Maren Tideloft';
    /**
     * Title, client, frame by its place, and what was seen: symptom, millimetres right of the centre, layer, cause,
     * what was done, whether it helped.
     */
    private const QUILTS = [
        ['Amber stair', 'Odile Marrant', 0, []],
        ['Bramble lane', 'Bertil Ockley', 2, [['edge-fullness', 620, 'top', 'border-full', 'Walked it in.', true]]],
        [
            'Clockwork pond',
            'Ines Hallorane',
            0,
            [['bubble-ahead', -200, 'top', 'air-walks', 'Flattened it by hand.', true]],
        ],
        ['Drum and feather', 'Ewart Lindqvane', 0, []],
        ['East of the mill', 'Tamsel Ruddick', 2, []],
        [
            'Five lanterns',
            'Sunniva Aldertoft',
            0,
            [['centre-dip', 40, 'backing', 'not-evened', 'Wound it back and forth twice.', false]],
        ],
        [
            'Grey geese',
            'Philippa Dunmoor',
            2,
            [['scalloped-side', -700, 'backing', 'side-clamps-narrow', 'A rod along the side.', true]],
        ],
        ['Hollow hill', 'Odile Marrant', 0, [['top-pleat', 480, 'top', 'border-full', 'Eased the border in.', true]]],
        [
            'Ink and linen',
            'Bertil Ockley',
            0,
            [['centre-dip', -60, 'backing', 'leader-worn-centre', 'Attached it deeper in the middle.', true]],
        ],
        [
            'Juniper gate',
            'Ines Hallorane',
            2,
            [['batting-lumps', 100, 'batting', 'batting-creased', 'Misted it and waited.', true]],
        ],
        ['Kettle song', 'Ewart Lindqvane', 0, []],
        [
            'Low tide',
            'Tamsel Ruddick',
            0,
            [['centre-dip', 10, 'backing', 'leader-worn-centre', 'Attached it deeper in the middle.', true]],
        ],
        ['Milk and slate', 'Sunniva Aldertoft', 2, []],
        [
            'Night ferry',
            'Philippa Dunmoor',
            0,
            [['foot-catch', -760, 'top', 'sides-not-basted', 'Basted the sides.', true]],
        ],
        [
            'Orchard wall',
            'Odile Marrant',
            0,
            [['centre-dip', 90, 'backing', 'leader-worn-centre', 'Attached it deeper in the middle.', true]],
        ],
        ['Pebble choir', 'Bertil Ockley', 2, [['drift', 0, 'top', 'float-unheld', 'A bar on the hanging end.', true]]],
        ['Quiet engine', 'Ines Hallorane', 0, []],
        [
            'River chair',
            'Ewart Lindqvane',
            0,
            [['centre-dip', -20, 'backing', 'leader-worn-centre', 'Attached it deeper in the middle.', false]],
        ],
        [
            'Spare key',
            'Tamsel Ruddick',
            2,
            [['edge-fullness', -640, 'top', 'border-full', 'A wavy basting line.', true]],
        ],
        ['Thimble road', 'Sunniva Aldertoft', 0, []],
    ];
    private const DAYS_APART = 17;
    /** How thick a turn of this studio is, of a hundred of what is assumed. */
    private const WINDS = 122;
    /** This studio is quick at the machine and careful with pins. */
    private const TAKES = ['stitch' => 0.85, 'attach' => 1.4, 'baste' => 1.2, 'advance' => 1.1, 'wind' => 0.9];

    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltEntry $entry,
        private Starting $starting,
        private LogBook $book,
        private Deciding $deciding,
        private RunViews $views,
        private Teaching $teaching,
    ) {}

    /** @param list<StudioFrame> $frames */
    public function fill(array $frames, Sheet $sheet, \DateTimeImmutable $now): void
    {
        foreach (self::QUILTS as $i => [$title, $client, $frame, $seen]) {
            $input = new NewQuilt();
            [$input->title, $input->client, $input->frame, $input->key] = [
                $title,
                $client,
                $frames[$frame],
                \sprintf('demo-year-quilt-%04d', $i),
            ];
            $quilt = $this->entry->enter($frames[$frame]->studio, $input, $sheet);
            $this->deciding->tickAll($quilt, self::PERSON);
            $subject = $this->starting->subject($quilt);
            if (null === $subject) {
                continue;
            }
            $at = $now
                ->setTimezone(new \DateTimeZone('UTC'))
                ->modify(\sprintf('-%d days', self::DAYS_APART * (\count(self::QUILTS) - $i) + 10))
                ->setTime(9, 0);
            $run = new Run($quilt, $at, $subject);
            $this->entities->persist($run);
            $this->entities->flush();
            $view = $this->views->open($run);
            $this->book->write(
                $run,
                array_merge(
                    $this->steps($view, $i, $at),
                    $this->readings($view, $i, $at),
                    ...array_map(
                        fn(int $k, array $problem): array => $this->problem(
                            $k,
                            $problem,
                            150.0 + ((337 * $i) % 900),
                            $at,
                        ),
                        array_keys($seen),
                        $seen,
                    ),
                ),
            );
            $run->end(new OffSheet(), $at->modify('+6 hours'));
            $quilt->finish($at->modify('+6 hours'));
            $this->entities->flush();
            $this->teaching->learn($this->views->open($run));
        }
    }

    /** @return list<JournalEntry> every step done, as long as this studio takes for its kind */
    private function steps(RunView $view, int $load, \DateTimeImmutable $at): array
    {
        $entries = [];
        foreach ($view->steps->steps as $i => $step) {
            $varies = 0.9 + 0.05 * ((3 * $load + $i) % 5);
            $takes = $step->minutes * (self::TAKES[$step->kind->value] ?? 1.0) * $varies;
            $at = $at->modify(\sprintf('+%d seconds', (int) (60 * $takes)));
            $entries[] = new JournalEntry("demo-year-done-$i", EntryKind::Done, $step->key, $at, [], self::PERSON);
        }

        return $entries;
    }

    /**
     * The register at every pass, and a tape round the roll at two: this studio winds thicker than is assumed, and
     * its tops drift less.
     *
     * @return list<JournalEntry>
     */
    private function readings(RunView $view, int $load, \DateTimeImmutable $at): array
    {
        $winding = $view->setup->winding;
        $slope = (1 + ((7 * $load) % 9)) / 2500;
        $roll = $winding->roll->measured(
            $winding->roll->thickness->length()->scaledBy(self::WINDS + ((5 * $load) % 11) - 5, 100),
        );
        $entries = [];
        foreach ($winding->winds as $wind) {
            $wound = $wind->pass->wound->toMillimetres();
            $off = ($slope + 0.0004 * ((($load + $wind->number) % 3) - 1)) * $wound;
            $entries[] = new JournalEntry(
                "demo-year-read-$wind->number",
                EntryKind::Register,
                null,
                $at->modify("+$wind->number minutes"),
                ['left' => round($off), 'right' => round($off), 'wound' => round($wound, 3)],
                self::PERSON,
            );
            if ($wind->number > 1 && 0 === $wind->number % 2) {
                $entries[] = new JournalEntry(
                    "demo-year-roll-$wind->number",
                    EntryKind::Roll,
                    null,
                    $at->modify("+$wind->number minutes"),
                    ['wound' => round($wound, 3), 'round' => round(2 * \M_PI * $roll->radius($wound))],
                    self::PERSON,
                );
            }
        }

        return $entries;
    }

    /**
     * @param array{string, int, string, string, string, bool} $problem
     *
     * @return list<JournalEntry>
     */
    private function problem(int $number, array $problem, float $deep, \DateTimeImmutable $at): array
    {
        [$symptom, $x, $layer, $cause, $action, $worked] = $problem;
        $key = "demo-problem-$number";

        return [
            new JournalEntry(
                $key,
                EntryKind::Problem,
                null,
                $at->modify('+2 hours'),
                [
                    'x' => (float) $x,
                    'y' => $deep,
                    'layer' => $layer,
                    'seen' => $symptom,
                    'severity' => 'mended',
                    'action' => '',
                ],
                self::PERSON,
            ),
            new JournalEntry(
                "demo-remedy-$number",
                EntryKind::Fixed,
                null,
                $at->modify('+3 hours'),
                ['of' => $key, 'cause' => $cause, 'action' => $action, 'worked' => $worked],
                self::PERSON,
            ),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Frames\StudioFrame;
use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\JsonText;
use Schwung\Core\Job\Desk;
use Schwung\Core\Job\Entries;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Working;
use Schwung\Core\Practice\Purpose;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Uid\Ulid;

/** Makes a quilt of a job document; the studio's own frame takes the place of the document's. */
final readonly class JobImport
{
    /** @param list<StudioFrame> $frames */
    public function __construct(private array $frames) {}

    public function textOf(mixed $file, string $text): string
    {
        if (!($file instanceof UploadedFile)) {
            return $text;
        }
        $read = $file->isValid() ? file_get_contents($file->getPathname(), length: JsonText::LARGEST_BYTES + 1) : false;

        return false === $read ? '' : $read;
    }

    /** @return list<Fault> */
    public function faults(string $text, string $client): array
    {
        $faults = '' === $client ? [new Fault('client', 'Say whose quilt it is.')] : [];
        if ('' === trim($text)) {
            return [...$faults, new Fault('', 'There is no document: choose a file of up to 1 MB, or paste its text.')];
        }
        try {
            (new JobReader())->read((new JsonText())->decode($text));
        } catch (FaultyDocument $exception) {
            return [...$faults, ...$exception->faults];
        }

        return $faults;
    }

    /** @return list<Fault> */
    public function expired(): array
    {
        return [new Fault('', 'This page was open for too long. Send it once more.')];
    }

    /** @param string $key made when the form was shown, so that a second click makes no second quilt */
    public function quilt(string $text, string $client, string $key): NewQuilt
    {
        $input = new NewQuilt();
        $input->title =
            mb_substr((new JobReader())->read((new JsonText())->decode($text))->title, 0, 120) ?: 'Untitled';
        $input->client = $client;
        $input->frame = $this->frames[0] ?? null;
        $input->key = Ulid::isValid($key) ? $key : (string) new Ulid();

        return $input;
    }

    public function sheet(string $text): Sheet
    {
        /** @var array<string, mixed> $document */
        $document = json_decode($text, true, flags: \JSON_THROW_ON_ERROR);
        $members = array_intersect_key($document, [
            'top' => 1,
            'backing' => 1,
            'batting' => 1,
            'load' => 1,
            'quilting' => 1,
            'desk' => 1,
        ]);
        $sheet = Sheet::fromArray($members);
        $said = $sheet->get('load/habits');
        if (\is_array($said)) {
            $desk = (new JobReader())->read((new JsonText())->decode($text))->desk;
            $sheet = $this->withHabits($sheet, $desk, isset($said['turn_at_middle']) || isset($said['borders_last']));
        }
        $margins = $sheet->get('load/margins');

        return \is_array($margins) ? $sheet->with('load/custom', $margins)->with('load/margins', 'custom') : $sheet;
    }

    /** What the document chose under "load/habits" is chosen at the desk, where it can be changed. */
    private function withHabits(Sheet $sheet, Desk $desk, bool $withWorking): Sheet
    {
        $words = $desk->habits->words();
        foreach ([...Entries::HABITS, 'desk/purpose' => Purpose::class] as $path => $question) {
            $sheet = $sheet->with($path, $words[$question]);
        }

        $sheet = $sheet->with('desk/centre_seam', $desk->habits->centreSeam);

        return $withWorking
            ? $sheet
                ->with('desk/turn_round', Working::TurnedRound === $desk->working)
                ->with('desk/borders_last', Working::BordersLast === $desk->working)
            : $sheet;
    }
}

<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\Studio;
use App\Clients\Bag\Intake;
use App\Clients\Bag\IntakeInput;
use App\Clients\ClientBook;
use App\Clients\ClientInput;
use App\Clients\Messages\ClientMessage;
use App\Clients\Messages\MessageKind;
use App\Clients\Messages\ReadySentences;
use App\Clients\Messages\Sending;
use App\Public\FrontInput;
use App\Public\JobLinks;
use App\Public\Proposal;
use App\Public\StudioFront;
use App\Public\StudioFrontRepository;
use App\Quilt\Quilt;
use App\Quilt\Sheet;
use App\Quilt\SheetChanges;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Uid\Ulid;

/** The people of the demo: what they want, what one brought and what was seen of it, what another has sent. */
final readonly class DemoPeople
{
    private const WORD = 'tideloft';

    public function __construct(
        private EntityManagerInterface $entities,
        private ClientBook $book,
        private SheetChanges $changes,
        private JobLinks $links,
        private ReadySentences $sentences,
        private Sending $sending,
        private StudioFrontRepository $fronts,
    ) {}

    /** @param array<string, Quilt> $quilts by title */
    public function fill(Studio $studio, array $quilts, \DateTimeImmutable $today): void
    {
        if (!isset($quilts['Tall houses'], $quilts['Long acre'])) {
            return;
        }
        $this->front($studio);
        $this->wishes($studio);
        $this->bag($quilts['Tall houses']);
        $this->asked($quilts['Long acre'], $today);
    }

    private function front(Studio $studio): void
    {
        $front = new StudioFront($studio);
        $input = new FrontInput();
        // An address is one studio's only: a second demo beside the first has none.
        $isFree = !$this->fronts->isTaken(self::WORD, $studio);
        [$input->word, $input->calculates, $input->listens] = [$isFree ? self::WORD : '', $isFree, true];
        $front->open($input);
        $this->entities->persist($front);
    }

    private function wishes(Studio $studio): void
    {
        $odile = $this->book->named($studio, 'Odile Marrant');
        $input = ClientInput::of($odile);
        $input->email = 'odile@client.example';
        $input->wishes->thread = 'cotton, never white on dark';
        $input->wishes->trimming = 'leave';
        $input->wishes->left = Length::inches(0.5);
        $input->wishes->air = 'no fragrance';
        $this->book->write($odile, $input);
        $philippa = $this->book->named($studio, 'Philippa Dunmoor');
        $input = ClientInput::of($philippa);
        $input->email = 'philippa@client.example';
        $this->book->write($philippa, $input);
        $ewart = $this->book->named($studio, 'Ewart Lindqvane');
        $input = ClientInput::of($ewart);
        [$input->email, $input->units] = ['ewart@client.example', UnitSystem::Centimetres];
        $this->book->write($ewart, $input);
    }

    private function bag(Quilt $quilt): void
    {
        $intake = new Intake($quilt);
        $input = new IntakeInput();
        $input->came = ['top', 'backing'];
        [$input->backing, $input->batting, $input->pressed, $input->selvedgeOff] = ['client', 'studio', 'yes', 'no'];
        $input->wishes = 'Windows outlined; nothing in the corner with the name.';
        $intake->write($input);
        $this->entities->persist($intake);
        $marks = [
            ['kind' => 'stain', 'across' => '21 in', 'along' => '34 in', 'note' => 'tea, pale', 'client_knows' => true],
            ['kind' => 'bulky-seam', 'across' => '52 in', 'along' => '61 in', 'note' => 'eight points meet'],
        ];
        $this->changes->change(
            $quilt,
            static fn(Sheet $sheet): Sheet => $sheet->with(
                'top/marks',
                array_map(
                    static fn(array $mark): array => [
                        ...$mark,
                        'key' => (string) new Ulid(),
                        'cloth' => 'top',
                        'seen_by' => 'Maren Tideloft',
                    ],
                    $marks,
                ),
            ),
        );
    }

    private function asked(Quilt $quilt, \DateTimeImmutable $today): void
    {
        $this->links->make($quilt);
        [$subject, $text] = $this->sentences->write(MessageKind::Short, $quilt, 'Maren Tideloft');
        $this->sending->send(
            new ClientMessage(
                id: new Ulid(),
                quilt: $quilt,
                kind: MessageKind::Short,
                recipient: 'philippa@client.example',
                subject: $subject,
                text: $text,
                writtenBy: 'Maren Tideloft',
                written: $today->modify('-2 days')->setTime(11, 20),
            ),
        );
        $this->entities->persist(
            new Proposal(
                new Ulid(),
                $quilt,
                ['backing/sides/left' => '74 1/4 in', 'backing/sides/right' => '74 1/4 in'],
                'I have sewn a strip to each end; this is what it measures now.',
                null,
                $today->modify('-1 day')->setTime(18, 5),
            ),
        );
        $this->entities->flush();
    }
}

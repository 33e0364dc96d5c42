<?php

declare(strict_types=1);

namespace App\Shelf\Stocktaking;

use App\Account\Person;
use App\Clients\ClientRepository;
use App\Measure\CurrentUnits;
use App\Platform\Csv;
use App\Platform\Download;
use App\Shelf\Batting\BattingInput;
use App\Shelf\Batting\BattingShelf;
use App\Shelf\Batting\ShelfBattingRepository;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** A first stock-taking: piece after piece with the tape, or a list that somebody has. */
#[Route('/shelf', name: 'app_shelf_stock_')]
final class StocktakingController extends AbstractController
{
    private const LAST = 8;
    private const MOST_BYTES = 512_000;

    public function __construct(
        private readonly ShelfBattingRepository $battings,
        private readonly BattingShelf $shelf,
        private readonly CurrentUnits $units,
    ) {}

    #[Route('/batting.csv', name: 'csv', methods: ['GET'])]
    public function csv(#[CurrentUser] Person $person, BattingList $list): Response
    {
        return Download::of(
            Csv::of($list->rows($this->battings->findHere($person->studio()))),
            'text/csv; charset=utf-8',
            'batting.csv',
        );
    }

    #[Route('/bring', name: 'bring', methods: ['GET'])]
    public function bring(): Response
    {
        return $this->brought([]);
    }

    /** All of the list, or none of it. */
    #[Route('/bring', name: 'take_in', methods: ['POST'])]
    #[IsCsrfTokenValid('shelf')]
    public function takeIn(
        #[CurrentUser] Person $person,
        Request $request,
        BattingList $list,
        ClientRepository $clients,
    ): Response {
        $file = $request->files->get('list');
        $typed = $request->getPayload()->getString('typed');
        if ($file instanceof UploadedFile && $file->isValid() && $file->getSize() <= self::MOST_BYTES) {
            $typed = (string) file_get_contents($file->getPathname());
        } elseif ($file instanceof UploadedFile) {
            return $this->brought(['The file did not come whole, or is larger than 512 kB.'], $typed);
        }
        if ('' === trim($typed)) {
            return $this->brought(['Choose a file, or write the list into the field.']);
        }
        $studio = $person->studio();
        [$inputs, $faults] = $list->read($typed, $this->units->system(), $clients->findOf($studio));
        $room = ShelfBattingRepository::MOST - $this->battings->countHere($studio);
        if (\count($inputs) > $room) {
            $faults[] = 'The shelf holds ' . ShelfBattingRepository::MOST . "; there is room for $room more.";
        }
        if ([] === $inputs && [] === $faults) {
            $faults[] = 'Nothing stands below the line that names the columns.';
        }
        if ([] !== $faults) {
            return $this->brought($faults, $typed);
        }
        $key = $request->getPayload()->getString('key');
        $this->shelf->putAll($studio, $inputs, Ulid::isValid($key) ? $key : (string) new Ulid());
        $count = \count($inputs);
        $this->addFlash('draft', 'shelf-list');
        $this->addFlash('done', 1 === $count ? 'One is on the shelf.' : "$count are on the shelf.");

        return $this->redirectToRoute('app_shelf_index', status: Response::HTTP_SEE_OTHER);
    }

    /** One number after the other: "40, 62, next". */
    #[Route('/measure', name: 'measure', methods: ['GET'])]
    public function measure(#[CurrentUser] Person $person): Response
    {
        return $this->asked($person, BattingKind::Cotton, null, '', '');
    }

    #[Route('/measure', name: 'measured', methods: ['POST'])]
    #[IsCsrfTokenValid('shelf')]
    public function measured(#[CurrentUser] Person $person, Request $request, ValidatorInterface $validator): Response
    {
        $typed = $request->getPayload();
        $kind = BattingKind::tryFrom($typed->getString('kind')) ?? BattingKind::Cotton;
        $width = $this->length($typed->getString('width'));
        $text = trim($typed->getString('size'));
        $both = null === $width ? preg_split('/\s*[x×]\s*/iu', $text) : [$text];
        $sizes = array_map($this->length(...), false === $both ? [] : $both);
        if (\in_array(null, $sizes, true) || [] === $sizes || \count($sizes) > 2) {
            $fault = 'This is not a length. Write one like 40 1/2 in or 102 cm, or both: 40 x 62.';

            return $this->asked($person, $kind, $width, $text, $fault);
        }
        $sizes = null === $width ? $sizes : [$width, ...$sizes];
        $input = new BattingInput();
        [$input->kind, $input->width, $input->length] = [$kind, $sizes[0], $sizes[1] ?? $sizes[0]];
        $wrong = $validator->validate($input);
        foreach ($sizes as $size) {
            if (!$size->isPositive()) {
                return $this->asked($person, $kind, $width, $text, 'A piece is more than nothing wide and long.');
            }
        }
        if (\count($wrong) > 0) {
            return $this->asked($person, $kind, $width, $text, (string) $wrong->get(0)->getMessage());
        }
        if (!isset($sizes[1])) {
            return $this->asked($person, $kind, $sizes[0], '', '');
        }
        $key = $typed->getString('key');
        $this->shelf->put($person->studio(), $input, Ulid::isValid($key) ? $key : (string) new Ulid());

        return $this->redirectToRoute('app_shelf_stock_measure_on', ['kind' => $kind->value], Response::HTTP_SEE_OTHER);
    }

    #[Route('/measure/{kind}', name: 'measure_on', methods: ['GET'])]
    public function goOn(string $kind, #[CurrentUser] Person $person): Response
    {
        return $this->asked($person, BattingKind::tryFrom($kind) ?? BattingKind::Cotton, null, '', '');
    }

    private function asked(Person $person, BattingKind $kind, ?Length $width, string $typed, string $fault): Response
    {
        return $this->render(
            'shelf/measure.html.twig',
            [
                'kind' => $kind,
                'kinds' => BattingKind::cases(),
                'width' => $width,
                'typed' => $typed,
                'fault' => $fault,
                'last' => $this->battings->findLast($person->studio(), self::LAST),
                'key' => new Ulid(),
            ],
            '' === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    /** @param list<string> $faults */
    private function brought(array $faults, string $typed = ''): Response
    {
        return $this->render(
            'shelf/bring.html.twig',
            ['faults' => $faults, 'typed' => $typed, 'key' => new Ulid(), 'columns' => BattingList::HEADER],
            [] === $faults ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    private function length(string $text): ?Length
    {
        try {
            return '' === $text ? null : Length::parse($text, $this->units->system());
        } catch (UnreadableLength) {
            return null;
        }
    }
}

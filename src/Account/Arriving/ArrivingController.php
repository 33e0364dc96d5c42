<?php

declare(strict_types=1);

namespace App\Account\Arriving;

use App\Account\Person;
use App\Account\Sure\Grave;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** An exported studio comes into one that is empty. */
#[Route('/settings/account/import', name: 'app_account_import')]
#[IsGranted('ROLE_OWNER')]
#[Grave]
final class ArrivingController extends AbstractController
{
    public function __construct(private readonly StudioImport $import) {}

    #[Route('', name: '', methods: ['GET'])]
    public function ask(#[CurrentUser] Person $person): Response
    {
        return $this->page($person, null);
    }

    #[Route('', name: '_now', methods: ['POST'])]
    #[IsCsrfTokenValid('account')]
    public function take(#[CurrentUser] Person $person, Request $request): Response
    {
        $file = $request->files->get('archive');
        if (!$this->import->mayArrive($person)) {
            return $this->page($person, 'This studio is not empty: an archive would be mixed up with what is here.');
        }
        if (!($file instanceof UploadedFile) || !$file->isValid()) {
            return $this->page(
                $person,
                'Choose the ZIP that the export gave. One that is larger than this server takes is read by its command.',
            );
        }
        set_time_limit(0);
        try {
            $this->import->take($person, StudioArchive::open($file->getPathname()), static function (
                int $done,
            ): void {});
        } catch (UnreadableArchive $unreadable) {
            return $this->page($person, $unreadable->getMessage() . ' Nothing was taken in.');
        }
        $this->addFlash('done', 'The studio is here, with everything that was in the archive.');

        return $this->redirectToRoute('app_bench_index', status: Response::HTTP_SEE_OTHER);
    }

    private function page(Person $person, ?string $fault): Response
    {
        return $this->render(
            'account/import.html.twig',
            [
                'fault' => $fault,
                'isEmpty' => $this->import->mayArrive($person),
                'most' => UploadedFile::getMaxFilesize(),
            ],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}

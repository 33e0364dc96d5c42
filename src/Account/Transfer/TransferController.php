<?php

declare(strict_types=1);

namespace App\Account\Transfer;

use App\Account\Arriving\StudioArchive;
use App\Account\Arriving\StudioImport;
use App\Account\Arriving\UnreadableArchive;
use App\Account\Person;
use App\Account\Sure\Grave;
use App\Audit\AuditLog;
use App\Audit\Happening;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** A whole studio as one ZIP, and one of them into a studio that is empty; both are made while nobody waits. */
#[Route('/settings/account', name: 'app_account_')]
#[IsGranted('ROLE_OWNER')]
#[Grave]
final class TransferController extends AbstractController
{
    /** In the session once everything was fetched. */
    public const FETCHED = 'export_fetched';

    public function __construct(
        private readonly StudioTransferRepository $transfers,
        private readonly TransferFolder $folder,
        private readonly StudioImport $import,
        private readonly MessageBusInterface $bus,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/transfer', name: 'transfer', methods: ['GET'])]
    public function show(#[CurrentUser] Person $person): Response
    {
        return $this->page($person, null);
    }

    #[Route('/export', name: 'export_start', methods: ['POST'])]
    #[IsCsrfTokenValid('account')]
    public function export(#[CurrentUser] Person $person, AuditLog $log): Response
    {
        $last = $this->transfers->findLast($person->studio());
        // A second click does not write everything twice.
        if (null === $last || $last->isArriving || $last->state()->isOver()) {
            $log->note($person, Happening::Exported, 'everything');
            $this->start(new StudioTransfer($person->studio(), $person, false, $this->clock->now()));
        }

        return $this->redirectToRoute('app_account_transfer', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/export.zip', name: 'export', methods: ['GET'])]
    public function fetch(#[CurrentUser] Person $person, Request $request): Response
    {
        $ready = $this->transfers->findReady($person->studio());
        if (null === $ready || !is_file($this->folder->path($ready->id()))) {
            return $this->redirectToRoute('app_account_transfer', status: Response::HTTP_SEE_OTHER);
        }
        set_time_limit(0);
        $request->getSession()->set(self::FETCHED, true);
        $response = new BinaryFileResponse(
            $this->folder->path($ready->id()),
            headers: ['Content-Type' => 'application/zip'],
        );

        return $response->setContentDisposition('attachment', 'studio.zip');
    }

    #[Route('/import', name: 'import', methods: ['POST'])]
    #[IsCsrfTokenValid('account')]
    public function import(#[CurrentUser] Person $person, Request $request): Response
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
        try {
            StudioArchive::open($file->getPathname());
        } catch (UnreadableArchive $unreadable) {
            return $this->page($person, $unreadable->getMessage());
        }
        $transfer = new StudioTransfer($person->studio(), $person, true, $this->clock->now());
        $this->folder->put($file->getPathname(), $transfer->id());
        $this->start($transfer);

        return $this->redirectToRoute('app_account_transfer', status: Response::HTTP_SEE_OTHER);
    }

    private function start(StudioTransfer $transfer): void
    {
        $this->transfers->keep($transfer);
        $this->bus->dispatch(new TransferAsked($transfer->id()));
    }

    private function page(Person $person, ?string $fault): Response
    {
        return $this->render(
            'account/transfer.html.twig',
            [
                'fault' => $fault,
                'transfer' => $this->transfers->findLast($person->studio()),
                'isEmpty' => $this->import->mayArrive($person),
                'most' => UploadedFile::getMaxFilesize(),
            ],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}

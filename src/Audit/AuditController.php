<?php

declare(strict_types=1);

namespace App\Audit;

use App\Account\Person;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Who did what in the studio within the last year, for its owner. */
final class AuditController extends AbstractController
{
    #[Route('/settings/log', name: 'app_audit_log', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    public function log(
        #[CurrentUser] Person $person,
        AuditRepository $entries,
        #[MapQueryParameter(options: ['min_range' => 1, 'max_range' => 100000])] int $page = 1,
    ): Response {
        \assert($page > 0);

        return $this->render('settings/log.html.twig', [
            'entries' => $entries->findOf($person->studio(), $page),
            'page' => $page,
            'pages' => $entries->countPages($person->studio()),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** For a load balancer and for the benchmark; neither needs an account. */
final class StatusController extends AbstractController
{
    #[Route('/up', name: 'app_platform_up', methods: ['GET'])]
    public function up(Connection $connection): Response
    {
        try {
            $connection->fetchOne('SELECT version FROM doctrine_migration_versions LIMIT 1');
        } catch (\Doctrine\DBAL\Exception) {
            return new Response("database not reached\n", Response::HTTP_SERVICE_UNAVAILABLE, [
                'Content-Type' => 'text/plain',
            ]);
        }

        return new Response("up\n", headers: ['Content-Type' => 'text/plain']);
    }

    /** Nothing but the framework and one small template: what any page costs at the least. */
    #[Route('/floor', name: 'app_platform_floor', methods: ['GET'])]
    public function floor(): Response
    {
        return $this->render('platform/floor.html.twig');
    }
}

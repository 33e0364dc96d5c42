<?php

declare(strict_types=1);

namespace App\Device;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Stand-ins for devices that are not there: each sends the messages that a real one would. */
final class DeviceController extends AbstractController
{
    #[Route('/devices', name: 'app_device_index', methods: ['GET'])]
    public function index(): Response
    {
        return $this->render('device/index.html.twig');
    }
}

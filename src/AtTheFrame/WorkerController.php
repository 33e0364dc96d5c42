<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The script that keeps the page at the frame; a browser lets it do so only from the root. */
final class WorkerController extends AbstractController
{
    #[Route('/frame-worker.js', name: 'app_frame_worker', methods: ['GET'])]
    public function worker(#[Autowire('%kernel.project_dir%/public/build/frame-worker.js')] string $file): Response
    {
        $script = is_file($file) ? file_get_contents($file) : false;

        return false === $script
            ? throw $this->createNotFoundException()
            : new Response($script, headers: ['Content-Type' => 'text/javascript', 'Cache-Control' => 'no-cache']);
    }
}

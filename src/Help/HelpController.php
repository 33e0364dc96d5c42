<?php

declare(strict_types=1);

namespace App\Help;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What the words mean, and which keys do what. */
final class HelpController extends AbstractController
{
    #[Route('/help/words', name: 'app_help_words', methods: ['GET'])]
    public function words(): Response
    {
        return $this->render('help/words.html.twig', ['words' => Word::cases()]);
    }

    #[Route('/help/keys', name: 'app_help_keys', methods: ['GET'])]
    public function keys(): Response
    {
        return $this->render('help/keys.html.twig');
    }
}

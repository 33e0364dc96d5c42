<?php

declare(strict_types=1);

namespace App\Bench\When;

use App\Account\Person;
use App\Frames\StudioFrameRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** When can it be done? Size and kind in, two days out. */
final class WhenController extends AbstractController
{
    #[Route('/when', name: 'app_bench_when', methods: ['GET'])]
    public function when(
        #[CurrentUser] Person $person,
        Request $request,
        StudioFrameRepository $frames,
        Promising $promising,
    ): Response {
        $input = new WhenInput();
        $form = $this->createForm(WhenType::class, $input, [
            'frames' => $frames->findOf($person->studio()),
        ])->handleRequest($request);
        $answer =
            $form->isSubmitted() && $form->isValid()
                ? $promising->answer($person->studio(), $input, $person->units())
                : null;

        return $this->render('bench/when.html.twig', ['form' => $form, 'answer' => $answer]);
    }
}

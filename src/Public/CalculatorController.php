<?php

declare(strict_types=1);

namespace App\Public;

use App\Clients\Prep\PrepCards;
use App\Clients\Prep\PrepDrawer;
use App\Clients\Prep\PrepInput;
use App\Clients\Prep\PrepType;
use App\Measure\CurrentUnits;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What to bring for a top of this size: for whoever has the address, without an account, a session or a cookie. */
final class CalculatorController extends AbstractController
{
    private const SECONDS_KEPT = 300;

    #[
        Route(
            '/bring/{word}',
            name: 'app_public_calculator',
            requirements: ['word' => '[A-Za-z0-9-]{3,40}'],
            methods: ['GET'],
        ),
    ]
    public function bring(
        string $word,
        Request $request,
        StudioFrontRepository $fronts,
        PublicThrottle $throttle,
        PrepCards $cards,
        PrepDrawer $drawer,
        CurrentUnits $currentUnits,
    ): Response {
        $throttle->look($request);
        $front = $fronts->findCalculating($word) ?? throw $this->createNotFoundException();
        $units = $currentUnits->choose($front->studio->units());
        $input = new PrepInput();
        $form = $this->createForm(PrepType::class, $input);
        if ($request->query->has('across') || $request->query->has('along')) {
            $form->submit($request->query->all(), false);
        }
        $card =
            $form->isSubmitted() && $form->isValid() && null !== $input->across && null !== $input->along
                ? $cards->ofSize($front->studio, $input->across, $input->along, null, $units)
                : null;
        $response = $this->render(
            'public/bring.html.twig',
            [
                'studio' => $front->studio,
                'word' => $word,
                'texts' => $front->texts(),
                'form' => $form,
                'card' => $card,
                'open' => null === $card ? null : $drawer->open($card),
                'folded' => null === $card ? null : $drawer->folded($card),
            ],
            $form->isSubmitted() && null === $card ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );

        return $response->setPublic()->setMaxAge(self::SECONDS_KEPT);
    }
}

<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use App\Account\PersonRepository;
use App\Platform\OwnPath;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The one switch between the unit systems, on every page. */
final class UnitsController extends AbstractController
{
    #[Route('/units/{units}', name: 'app_settings_units', methods: ['POST'])]
    #[IsCsrfTokenValid('units')]
    public function change(
        UnitSystem $units,
        #[CurrentUser] Person $person,
        Request $request,
        PersonRepository $people,
    ): RedirectResponse {
        $person->changeUnits($units);
        $people->save();

        return new RedirectResponse(
            OwnPath::of($request->getPayload()->getString('back'), $this->generateUrl('app_bench_index')),
            Response::HTTP_SEE_OTHER,
        );
    }
}

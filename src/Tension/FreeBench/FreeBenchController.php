<?php

declare(strict_types=1);

namespace App\Tension\FreeBench;

use App\Measure\CurrentUnits;
use App\Tension\BedPicture;
use App\Tension\FinishedPicture;
use Schwung\Core\Measure\Length;
use Schwung\Core\Tension\Bed\BedRule;
use Schwung\Core\Tension\Bed\Cloth;
use Schwung\Core\Tension\Look;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A bed with a slider for everything that decides how it lies, and the quilt that comes off it. */
final class FreeBenchController extends AbstractController
{
    #[Route('/tension/bench', name: 'app_tension_bench', methods: ['GET'])]
    public function bench(Request $request, CurrentUnits $units): Response
    {
        $sliders = Sliders::of($request->query);
        $bed = (new BedRule())->lie($sliders->setup());

        return $this->render('tension/bench.html.twig', [
            'sliders' => $sliders,
            'bed' => $bed,
            'picture' => (new BedPicture($units->system()))->draw($bed, $bed->symptoms(), Look::cases()),
            'bed_span' => Length::millimetres(Cloth::SPAN_MM),
            'bed_width' => Length::inches(80),
            'finished' => FinishedPicture::draw($bed),
        ]);
    }
}

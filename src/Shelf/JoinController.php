<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Account\Person;
use App\Measure\CurrentUnits;
use App\Quilt\Preparations;
use App\Quilt\QuiltRepository;
use App\Shelf\Batting\CutRefused;
use App\Shelf\Batting\ShelfBattingRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** Cuts pieces that cover a quilt together: butted, never one over the other. */
final class JoinController extends AbstractController
{
    #[Route('/shelf/join/{id}', name: 'app_shelf_join', methods: ['POST'])]
    #[IsCsrfTokenValid('shelf')]
    public function join(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        QuiltRepository $quilts,
        ShelfBattingRepository $battings,
        Preparations $preparations,
        CurrentUnits $units,
        Serving $serving,
        Joining $joining,
    ): Response {
        $quilt = $quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $versions = [];
        foreach ($request->getPayload()->all('pieces') as $piece => $version) {
            $versions[(string) $piece] = is_numeric($version) ? (int) $version : 0;
        }
        $key = $request->getPayload()->getString('key');
        try {
            $joining->cut(
                $serving->need($quilt, $preparations->of($quilt, $units->system())),
                $battings->findPieces($person->studio(), array_map(strval(...), array_keys($versions))),
                $versions,
                $quilt,
                $person->name(),
                Ulid::isValid($key) ? $key : (string) new Ulid(),
            );
        } catch (CutRefused $refused) {
            $this->addFlash('done', $refused->getMessage());

            return $this->redirectToRoute('app_shelf_index', ['quilt' => $id], Response::HTTP_SEE_OTHER);
        }
        $this->addFlash('done', 'They are cut, and stand with the quilt: it says with which pass each is laid in.');

        return $this->redirectToRoute('app_quilt_stage', ['id' => $id, 'stage' => 'backing'], Response::HTTP_SEE_OTHER);
    }
}

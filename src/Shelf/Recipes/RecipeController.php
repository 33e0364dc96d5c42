<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use App\Account\Person;
use App\AtTheFrame\PhotoShelf;
use App\AtTheFrame\PhotosRefused;
use App\Platform\Kept\KeptUntilChanged;
use App\Quilt\QuiltRepository;
use App\Shelf\Drawing\ThreadDrawer;
use App\Shelf\Thread\ShelfThread;
use App\Shelf\Thread\ShelfThreadRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** What a quilt is stitched with: settled and tested before the first stitch. */
final class RecipeController extends AbstractController
{
    #[Route('/shelf/recipes', name: 'app_shelf_recipes', methods: ['GET'])]
    public function all(#[CurrentUser] Person $person, RecipeRepository $recipes): Response
    {
        return $this->render('shelf/recipes.html.twig', [
            'waiting' => $recipes->findWaiting($person->studio()),
            'stitched' => $recipes->findStitched($person->studio()),
        ]);
    }

    #[Route('/quilts/{id}/recipe', name: 'app_shelf_recipe', methods: ['GET', 'POST'])]
    #[KeptUntilChanged]
    public function show(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        QuiltRepository $quilts,
        RecipeRepository $recipes,
        RecipeCards $cards,
        ShelfThreadRepository $threads,
        PhotoShelf $photos,
    ): Response {
        $quilt = $quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $recipe = $recipes->of($quilt);
        $input = $recipe->facts();
        $form = $this->createForm(RecipeType::class, $input, [
            'threads' => array_filter(
                $threads->findHere($person->studio()),
                static fn(ShelfThread $one): bool => null === $one->client() || $one->client() === $quilt->whose(),
            ),
        ])->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            try {
                if (null !== $input->picture) {
                    $recipe->tested($photos->take($quilt, $input->picture));
                }
                $cards->settle($recipe, $input);
                $this->addFlash('draft', "recipe-$id");
                $this->addFlash('done', 'The recipe is kept.');

                return $this->redirectToRoute('app_shelf_recipe', ['id' => $id], Response::HTTP_SEE_OTHER);
            } catch (PhotosRefused $refused) {
                $form->get('picture')->addError(new FormError($refused->getMessage()));
            }
        }

        return $this->render(
            'shelf/recipe.html.twig',
            [
                'quilt' => $quilt,
                'recipe' => $recipe,
                'form' => $form,
                'picture' => (new ThreadDrawer())->pair(
                    $input->top,
                    $input->bobbin,
                    $input->topColour,
                    $input->backingColour,
                ),
                'card' => $cards->card($recipe),
            ],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Designs;

use App\Account\Person;
use Schwung\Core\Design\Exception\UnusableDesign;
use Schwung\Core\Design\ShippedDesigns;
use Schwung\Core\Design\StitchPath;
use Schwung\Core\Design\SvgReader;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** The studio's row designs. */
#[Route('/designs', name: 'app_designs_')]
final class DesignsController extends AbstractController
{
    public function __construct(private readonly StudioDesignRepository $designs) {}

    #[Route('', name: 'index', methods: ['GET', 'POST'])]
    public function index(#[CurrentUser] Person $person, Request $request): Response
    {
        $input = new DesignInput();
        $form = $this->createForm(DesignType::class, $input)->handleRequest($request);
        $path = $form->isSubmitted() && $form->isValid() ? $this->read($form, $input) : null;
        if (null !== $path) {
            $this->designs->keep(new StudioDesign($person->studio(), $input->name, $path));
            $this->addFlash('draft', 'design');
            $this->addFlash('done', 'The design is on the shelf. Choose it at a quilt, under Passes.');

            return $this->redirectToRoute('app_designs_index', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('designs/index.html.twig', [
            'form' => $form,
            'shipped' => $this->shipped(),
            'own' => $this->own($person),
        ]);
    }

    /** Takes a design off the shelf; quilts that were to have it keep their rows. */
    #[Route('/{id}/remove', name: 'remove', methods: ['POST'])]
    #[IsCsrfTokenValid('designs')]
    public function remove(Ulid $id, #[CurrentUser] Person $person): Response
    {
        $this->designs->drop(
            $this->designs->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException(),
        );
        $this->addFlash('done', 'The design is off the shelf.');

        return $this->redirectToRoute('app_designs_index', status: Response::HTTP_SEE_OTHER);
    }

    /** @param FormInterface<DesignInput> $form told what is wrong with the drawing */
    private function read(FormInterface $form, DesignInput $input): ?StitchPath
    {
        try {
            return (new SvgReader())->read($input->text(SvgReader::LARGEST_BYTES));
        } catch (UnusableDesign $exception) {
            $form->get('file')->addError(new FormError($exception->getMessage()));

            return null;
        }
    }

    /** @return list<ShelfDesign> */
    private function shipped(): array
    {
        $shipped = new ShippedDesigns();
        $designs = [];
        foreach ($shipped->names() as $word => $name) {
            $path = $shipped->find($word);
            $designs[] = null === $path ? null : new ShelfDesign($name, $path, null);
        }

        return array_values(array_filter($designs));
    }

    /** @return list<ShelfDesign> */
    private function own(Person $person): array
    {
        return array_map(
            static fn(StudioDesign $design): ShelfDesign => new ShelfDesign(
                $design->name,
                $design->path(),
                $design->id(),
            ),
            $this->designs->findOf($person->studio()),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Look;

use App\Measure\CurrentUnits;
use App\Quilt\SheetForm;
use App\Quilt\View;
use App\Quilt\Workspaces;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;

/**
 * An example quilt that can be walked without an account. Figures can be tried: each page is worked out from the
 * example and what the form just said, and nothing is kept anywhere.
 */
#[Route('/look', name: 'app_look')]
final class LookController extends AbstractController
{
    private const STAGES = 'measure|backing|direction|attach|passes|load';

    public function __construct(
        private readonly Workspaces $workspaces,
        private readonly CurrentUnits $units,
        private readonly ClockInterface $clock,
        #[Autowire(service: 'limiter.look')] private readonly RateLimiterFactory $limiter,
    ) {}

    #[Route('', name: '_start', methods: ['GET'])]
    public function start(): Response
    {
        return $this->redirectToRoute('app_look', ['stage' => 'measure']);
    }

    #[Route('/{stage}', name: '', requirements: ['stage' => self::STAGES], methods: ['GET', 'POST'])]
    #[
        Route(
            '/{stage}/keep/{offer}',
            name: '_keep',
            requirements: ['stage' => self::STAGES, 'offer' => '[a-z-]+'],
            methods: ['POST'],
        ),
    ]
    public function stage(string $stage, Request $request, string $offer = ''): Response
    {
        if (!$this->limiter->create(hash('sha256', (string) $request->getClientIp()))->consume()->isAccepted()) {
            throw new TooManyRequestsHttpException(60, 'Too many pages at once. Wait a minute.');
        }
        $example = ExampleQuilt::make($this->clock->now());
        $form = new SheetForm($this->units->writer(), new \DateTimeZone('UTC'));
        $sheet = $form->apply($request->getPayload()->all('f'), $example->sheet, $example->sheet);
        $sheet = '' === $offer ? $sheet : $this->workspaces->withOffer($example->quilt, $sheet, $stage, $offer);
        $view = View::from($request, $stage);
        $workspace = $this->workspaces->open(
            $example->quilt,
            '' === $offer ? $view : new View($stage, pass: $view->pass),
            $sheet,
            true,
        );
        $response = $request->headers->has('HX-Request')
            ? $this->renderBlock('quilt/stage.html.twig', 'workspace', ['workspace' => $workspace])
            : $this->render('quilt/stage.html.twig', ['workspace' => $workspace]);

        // Its links are those of a quilt; an example's lead round itself.
        return $response
            ->setContent(str_replace("/quilts/{$example->quilt->id()}/", '/look/', (string) $response->getContent()))
            ->setVary('HX-Request');
    }

    /** What needs a studio of one's own. */
    #[Route('/{other}', name: '_other', requirements: ['other' => '.+'], methods: ['GET', 'POST'], priority: -1)]
    public function other(): Response
    {
        return $this->render('look/other.html.twig');
    }
}

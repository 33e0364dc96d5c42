<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use App\Account\PersonRepository;
use App\Quilt\Rejudging;
use Schwung\Core\Practice\ClothTrait;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Pairs of cloth, batting and needle that a studio has learnt do not suit each other. */
#[Route('/settings/pairs', name: 'app_settings_pairs_')]
final class PairsController extends AbstractController
{
    private const LONGEST = 200;

    public function __construct(private readonly PersonRepository $people, private readonly Rejudging $rejudging) {}

    #[Route('', name: 'add', methods: ['POST'])]
    #[IsCsrfTokenValid('pairs')]
    public function add(#[CurrentUser] Person $person, Request $request): Response
    {
        $fields = $request->getPayload();
        [$one, $other] = [
            ClothTrait::tryFrom($fields->getString('one')),
            ClothTrait::tryFrom($fields->getString('other')),
        ];
        $says = mb_substr(trim(mb_scrub($fields->getString('says'), 'UTF-8')), 0, self::LONGEST);
        if (null === $one || null === $other || $one === $other || '' === $says) {
            $this->addFlash('pair_fault', 'Choose two different things, and say why they do not suit each other.');
            $this->addFlash('pair', ['one' => $one?->value, 'other' => $other?->value, 'says' => $says]);

            return $this->back();
        }
        $person->studio()->mind($one, $other, $says);

        return $this->changed($person, 'Every plan minds it from now on.');
    }

    #[Route('/{place}/remove', name: 'remove', requirements: ['place' => '\d{1,3}'], methods: ['POST'])]
    #[IsCsrfTokenValid('pairs')]
    public function remove(int $place, #[CurrentUser] Person $person): Response
    {
        $person->studio()->mindNoMore($place);

        return $this->changed($person, 'No plan minds it any more.');
    }

    private function changed(Person $person, string $words): Response
    {
        $this->people->save();
        $this->rejudging->ofStudio($person->studio());
        $this->addFlash('draft', 'pairs');
        $this->addFlash('done', $words);

        return $this->back();
    }

    private function back(): Response
    {
        return $this->redirect($this->generateUrl('app_settings_practice') . '#pairs', Response::HTTP_SEE_OTHER);
    }
}

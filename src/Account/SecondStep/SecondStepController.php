<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

use App\Account\Person;
use App\Account\Sure\Grave;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A person's own second step: turned on with a picture and a code, turned off with one press. */
#[Route('/settings/account/second-step', name: 'app_account_')]
#[Grave]
final class SecondStepController extends AbstractController
{
    private const KEY = 'second_step_key';

    public function __construct(private readonly SecondStep $secondStep) {}

    #[Route('', name: 'second_step', methods: ['GET'])]
    public function show(#[CurrentUser] Person $person, Request $request): Response
    {
        if ($person->hasSecondStep()) {
            return $this->render('account/second_step_on.html.twig');
        }

        return $this->begin($person, $this->key($request), null);
    }

    #[Route('', name: 'second_step_on', methods: ['POST'])]
    #[IsCsrfTokenValid('second-step')]
    public function on(#[CurrentUser] Person $person, Request $request): Response
    {
        if ($person->hasSecondStep()) {
            return $this->redirectToRoute('app_account_second_step', status: Response::HTTP_SEE_OTHER);
        }
        $key = $this->key($request);
        $codes = $this->secondStep->turnOn($person, $key, $request->getPayload()->getString('code'));
        if (null === $codes) {
            return $this->begin(
                $person,
                $key,
                'This is not the code for this minute. Wait for the next one, and type that.',
            );
        }
        $request->getSession()->remove(self::KEY);
        foreach ($codes as $code) {
            $this->addFlash('recovery_code', $code);
        }

        return $this->redirectToRoute('app_account_second_step', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/off', name: 'second_step_off', methods: ['POST'])]
    #[IsCsrfTokenValid('second-step')]
    public function off(#[CurrentUser] Person $person): Response
    {
        $this->secondStep->turnOff($person);
        $this->addFlash('done', 'You sign in with your password alone again.');

        return $this->redirectToRoute('app_account_settings', status: Response::HTTP_SEE_OTHER);
    }

    /** The same one until it is turned on, so that a reload does not make the scanned picture void. */
    private function key(Request $request): Totp
    {
        $kept = $request->getSession()->get(self::KEY);
        $totp = \is_string($kept) ? Totp::of((string) hex2bin($kept)) : Totp::make();
        $request->getSession()->set(self::KEY, bin2hex($totp->key));

        return $totp;
    }

    private function begin(Person $person, Totp $totp, ?string $fault): Response
    {
        return $this->render(
            'account/second_step.html.twig',
            [
                'key' => trim(chunk_split($totp->text(), 4, ' ')),
                'picture' => QrPicture::of($totp->address($person->studio()->name(), $person->email())),
                'fault' => $fault,
            ],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}

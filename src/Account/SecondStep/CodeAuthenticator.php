<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

use App\Account\Person;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\CsrfTokenBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\RememberMeBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\CustomCredentials;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\SecurityRequestAttributes;
use Symfony\Component\Security\Http\Util\TargetPathTrait;

/** Signs in by the second step whoever's password was right a moment ago. */
final class CodeAuthenticator extends AbstractAuthenticator
{
    use TargetPathTrait;

    /** @param \Closure(): SecondStep $secondStep made when a code comes: this class is asked at every request */
    public function __construct(
        private readonly HalfWay $halfWay,
        #[AutowireServiceClosure(SecondStep::class)] private readonly \Closure $secondStep,
        private readonly UrlGeneratorInterface $urls,
    ) {}

    public function supports(Request $request): bool
    {
        return $request->isMethod('POST') && 'app_account_code' === $request->attributes->get('_route');
    }

    public function authenticate(Request $request): Passport
    {
        $session = $request->getSession();
        $person = $this->halfWay->person($session);
        if (null === $person) {
            throw new CustomUserMessageAuthenticationException('That took long. Give your password once more.');
        }
        $payload = $request->getPayload();
        $remember = new RememberMeBadge($payload->all());
        if ($this->halfWay->isToBeRemembered($session)) {
            $remember->enable();
        }

        return new Passport(
            new UserBadge($person->email()),
            new CustomCredentials(
                fn(mixed $code, UserInterface $person): bool => \is_string($code) &&
                    $person instanceof Person &&
                    ($this->secondStep)()->takes($person, $code),
                mb_substr($payload->getString('code'), 0, 40),
            ),
            [new CsrfTokenBadge('authenticate', $payload->getString('_csrf_token')), $remember],
        );
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): Response
    {
        $this->halfWay->end($request->getSession());

        return new RedirectResponse(
            $this->getTargetPath($request->getSession(), $firewallName) ?? $this->urls->generate('app_bench_index'),
            Response::HTTP_SEE_OTHER,
        );
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        $request->getSession()->set(SecurityRequestAttributes::AUTHENTICATION_ERROR, $exception);

        return new RedirectResponse($this->urls->generate('app_account_code'), Response::HTTP_SEE_OTHER);
    }
}

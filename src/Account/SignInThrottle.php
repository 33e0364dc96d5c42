<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\RateLimiter\AbstractRequestRateLimiter;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Security\Http\SecurityRequestAttributes;

/** Few tries for one address at one e-mail, more for one address at all; counted in the database. */
final class SignInThrottle extends AbstractRequestRateLimiter
{
    public function __construct(
        #[Autowire(service: 'limiter.sign_in')] private readonly RateLimiterFactory $forOneEmail,
        #[Autowire(service: 'limiter.sign_in_anywhere')] private readonly RateLimiterFactory $forOneAddress,
    ) {}

    protected function getLimiters(Request $request): array
    {
        $email = $request->attributes->get(SecurityRequestAttributes::LAST_USERNAME, '');
        $address = (string) $request->getClientIp();

        return [
            $this->forOneAddress->create(hash('sha256', $address)),
            $this->forOneEmail->create(
                hash('sha256', mb_strtolower(\is_string($email) ? $email : '') . '|' . $address),
            ),
        ];
    }
}

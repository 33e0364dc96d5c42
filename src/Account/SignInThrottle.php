<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\RateLimiter\AbstractRequestRateLimiter;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\RateLimiter\LimiterInterface;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Security\Http\SecurityRequestAttributes;

/**
 * Few tries for one account from one address, some more for that account from anywhere, more for one address at all;
 * counted in the database, under a lock. A success forgives what was tried for its own account, and nothing else.
 */
final class SignInThrottle extends AbstractRequestRateLimiter
{
    public function __construct(
        #[Autowire(service: 'limiter.sign_in')] private readonly RateLimiterFactory $forBoth,
        #[Autowire(service: 'limiter.sign_in_account')] private readonly RateLimiterFactory $forAccount,
        #[Autowire(service: 'limiter.sign_in_anywhere')] private readonly RateLimiterFactory $forAddress,
    ) {}

    public function reset(Request $request): void
    {
        foreach ($this->ofAccount($request) as $limiter) {
            $limiter->reset();
        }
    }

    protected function getLimiters(Request $request): array
    {
        return [
            $this->forAddress->create(hash('sha256', (string) $request->getClientIp())),
            ...$this->ofAccount($request),
        ];
    }

    /** @return list<LimiterInterface> by the one spelling of the address that was typed */
    private function ofAccount(Request $request): array
    {
        $typed = $request->attributes->get(SecurityRequestAttributes::LAST_USERNAME, '');
        $email = Person::spelling(\is_string($typed) ? $typed : '');

        return [
            $this->forAccount->create(hash('sha256', $email)),
            $this->forBoth->create(hash('sha256', $email . '|' . $request->getClientIp())),
        ];
    }
}

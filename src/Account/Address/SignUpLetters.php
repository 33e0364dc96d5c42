<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\LinkSecret;
use App\Account\Person;
use App\Account\PersonRepository;
use App\Account\SignUp;
use App\Mail\Post;
use Psr\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

/** Answers a sign-up by a letter: one with a link, or one that says that there is a studio already. */
final readonly class SignUpLetters
{
    public function __construct(
        private SignUpWaitingRepository $waiting,
        private PersonRepository $people,
        private PasswordHasherFactoryInterface $hashers,
        private Post $post,
        private ClockInterface $clock,
    ) {}

    public function send(SignUp $signUp): void
    {
        // Reckoned in either case: the time must not tell which letter it is.
        $hash = $this->hashers->getPasswordHasher(Person::class)->hash($signUp->password);
        $person = $this->people->loadUserByIdentifier($signUp->email);
        $secret = LinkSecret::make();
        $waiting = new SignUpWaiting($signUp, $hash, $secret, $this->clock->now());
        if (null !== $person) {
            $this->post->send($person->studio(), $person->email(), 'known', ['person' => $person]);

            return;
        }
        $this->waiting->keep($waiting);
        $this->post->send(
            null,
            $waiting->email(),
            'sign_up',
            [
                'name' => $signUp->name(),
                'studio' => $signUp->studio,
                'link' => $this->post->link('app_account_open', ['secret' => $secret]),
            ],
            $waiting->expires(),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Account;

use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Validator\Constraints as Assert;

/** What a new studio tells of itself. */
final class SignUp
{
    public function __construct(
        #[
            Assert\NotBlank(message: 'Give your studio a name.'),
            Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.'),
        ]
        public string $studio = '',
        #[
            Assert\NotBlank(message: 'Say who you are.'),
            Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.'),
        ]
        public string $name = '',
        #[
            Assert\NotBlank(message: 'An e-mail address is needed to sign in.'),
            Assert\Email(message: 'This is not an e-mail address.'),
            Assert\Length(max: 180),
        ]
        public string $email = '',
        #[
            Assert\NotBlank(message: 'Choose a password.'),
            Assert\Length(
                min: 12,
                max: 200,
                minMessage: 'At least {{ limit }} characters, so that it is hard to guess.',
            ),
        ]
        public string $password = '',
        public UnitSystem $units = UnitSystem::Inches,
        #[
            Assert\NotBlank,
            Assert\Timezone(message: 'Choose a time zone from the list.'),
        ]
        public string $timeZone = 'UTC',
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Password\GoodPassword;
use App\Account\Password\OwnWords;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Validator\Constraints as Assert;

/** What a new studio tells of itself. */
#[GoodPassword]
final class SignUp implements OwnWords
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
        public string $password = '',
        public UnitSystem $units = UnitSystem::Inches,
        #[
            Assert\NotBlank,
            Assert\Timezone(message: 'Choose a time zone from the list.'),
        ]
        public string $timeZone = 'UTC',
    ) {}

    public function password(): string
    {
        return $this->password;
    }

    public function ownWords(): array
    {
        return [$this->studio, $this->name, $this->email];
    }
}

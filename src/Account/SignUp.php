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
            Assert\NotBlank(message: 'An e-mail address is needed to sign in.'),
            Assert\Email(message: 'This is not an e-mail address.'),
            Assert\Length(max: 180),
        ]
        public string $email = '',
        public string $password = '',
        public UnitSystem $units = UnitSystem::Inches,
        public string $timeZone = 'UTC',
    ) {}

    /** Told by the browser, not by the person: one that is not known is the world's. */
    public function timeZone(): string
    {
        return \in_array($this->timeZone, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)
            ? $this->timeZone
            : 'UTC';
    }

    /** What the owner is called until she says otherwise: as her address begins. */
    public function name(): string
    {
        $begin = explode('@', $this->email)[0];

        return mb_substr(mb_convert_case(trim(strtr($begin, '._-+', '    ')), \MB_CASE_TITLE), 0, 120) ?: $begin;
    }

    public function password(): string
    {
        return $this->password;
    }

    public function ownWords(): array
    {
        return [$this->studio, $this->email];
    }
}

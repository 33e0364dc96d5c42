<?php

declare(strict_types=1);

namespace App\Settings;

use Symfony\Component\Validator\Constraints as Assert;

/** A person whom an owner invites. */
final class Helper
{
    public function __construct(
        #[Assert\NotBlank(message: 'Say who is to help.'), Assert\Length(max: 120)] public string $name = '',
        #[
            Assert\NotBlank(message: 'An e-mail address is needed to sign in.'),
            Assert\Email(message: 'This is not an e-mail address.'),
            Assert\Length(max: 180),
        ]
        public string $email = '',
    ) {}
}

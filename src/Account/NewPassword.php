<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\Validator\Constraints as Assert;

final class NewPassword
{
    #[
        Assert\NotBlank(message: 'Choose a password.'),
        Assert\Length(min: 12, max: 200, minMessage: 'At least {{ limit }} characters, so that it is hard to guess.'),
    ]
    public string $password = '';
}

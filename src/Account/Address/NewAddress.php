<?php

declare(strict_types=1);

namespace App\Account\Address;

use Symfony\Component\Validator\Constraints as Assert;

final class NewAddress
{
    #[
        Assert\NotBlank(message: 'An e-mail address is needed to sign in.'),
        Assert\Email(message: 'This is not an e-mail address.'),
        Assert\Length(max: 180),
    ]
    public string $email = '';
}

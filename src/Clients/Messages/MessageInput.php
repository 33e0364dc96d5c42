<?php

declare(strict_types=1);

namespace App\Clients\Messages;

use Symfony\Component\Validator\Constraints as Assert;

/** A message as somebody is about to send it. */
final class MessageInput
{
    #[
        Assert\NotBlank(message: 'Where does it go? Write an e-mail address.'),
        Assert\Email(message: 'This is not an e-mail address. Write it like odile@example.org.'),
        Assert\Length(max: 180, maxMessage: 'Up to {{ limit }} letters.'),
    ]
    public string $recipient = '';

    #[
        Assert\NotBlank(message: 'A message needs a subject.', normalizer: 'trim'),
        Assert\Length(max: 200, maxMessage: 'Up to {{ limit }} letters.'),
        Assert\Regex('/[\r\n]/', message: 'A subject is one line.', match: false),
    ]
    public string $subject = '';

    #[
        Assert\NotBlank(message: 'There is nothing in it yet.', normalizer: 'trim'),
        Assert\Length(max: 6000, maxMessage: 'Up to {{ limit }} letters.'),
    ]
    public string $text = '';

    #[Assert\Ulid]
    public ?string $key = null;
}

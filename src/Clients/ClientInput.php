<?php

declare(strict_types=1);

namespace App\Clients;

use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Validator\Constraints as Assert;

/** What is written down of a client. */
final class ClientInput
{
    #[
        Assert\NotBlank(message: 'Say who it is.', normalizer: 'trim'),
        Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.'),
    ]
    public string $name = '';

    #[
        Assert\Email(message: 'This is not an e-mail address. Write it like odile@example.org.'),
        Assert\Length(max: 180, maxMessage: 'Up to {{ limit }} letters.'),
    ]
    public string $email = '';

    #[Assert\Length(max: 60, maxMessage: 'Up to {{ limit }} letters.')]
    public string $phone = '';

    #[Assert\Length(max: 300, maxMessage: 'Up to {{ limit }} letters.')]
    public string $address = '';

    public ?UnitSystem $units = null;

    #[Assert\Length(max: 4000, maxMessage: 'Up to {{ limit }} letters.')]
    public string $note = '';

    #[Assert\Valid]
    public Wishes $wishes;

    public function __construct()
    {
        $this->wishes = new Wishes();
    }

    public static function of(Client $client): self
    {
        $input = new self();
        $input->name = $client->name();
        $input->email = $client->email();
        $input->phone = $client->phone();
        $input->address = $client->address();
        $input->units = $client->ownUnits();
        $input->note = $client->note();
        $input->wishes = $client->wishes();

        return $input;
    }
}

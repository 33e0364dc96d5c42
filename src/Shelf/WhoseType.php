<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Clients\Client;
use Symfony\Bridge\Doctrine\Form\Type\EntityType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\OptionsResolver\OptionsResolver;

/**
 * Whose something on the shelf is: the studio's, or one client's.
 *
 * @extends AbstractType<Client>
 */
final class WhoseType extends AbstractType
{
    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'label' => 'Whose it is',
            'class' => Client::class,
            'choice_label' => static fn(Client $client): string => $client->name(),
            'required' => false,
            'placeholder' => 'the studio’s',
        ]);
    }

    public function getParent(): string
    {
        return EntityType::class;
    }
}

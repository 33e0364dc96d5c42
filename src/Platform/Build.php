<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\DependencyInjection\ParameterBag\ContainerBagInterface;

/** Which build of the application this is: what another one worked out and kept may come out otherwise here. */
final readonly class Build
{
    public function __construct(private ContainerBagInterface $parameters) {}

    public function id(): string
    {
        $id = $this->parameters->get('container.build_id');

        return \is_string($id) ? $id : '';
    }
}

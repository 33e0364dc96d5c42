<?php

declare(strict_types=1);

namespace App\Clients;

use App\Quilt\Quilt;
use Schwung\Core\Bringing\Profile;

/** What the page of one client shows. */
final readonly class ClientPage
{
    /**
     * @param list<Quilt> $here those that are in the studio's hands, the last first
     * @param list<Quilt> $gone those that went home
     */
    public function __construct(public array $here, public array $gone, public ?Profile $profile) {}
}

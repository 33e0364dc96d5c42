<?php

declare(strict_types=1);

namespace App\Public;

use App\Account\LinkSecret;
use App\Mail\Post;
use App\Quilt\Quilt;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Uid\Ulid;

/**
 * Links to one quilt for its client.
 *
 * The secret in an address is worked out from the link's number and the installation's own secret: nobody guesses it,
 * no row of the database opens anything, and yet a message can carry it again.
 */
final readonly class JobLinks
{
    public function __construct(
        private JobLinkRepository $links,
        private Post $post,
        private ClockInterface $clock,
        #[\SensitiveParameter, Autowire('%kernel.secret%')] private string $secret,
    ) {}

    public function openOf(Quilt $quilt): ?JobLink
    {
        return $this->links->findOpen($quilt);
    }

    /** A new one; the one before opens nothing any more. */
    public function make(Quilt $quilt): JobLink
    {
        $this->close($quilt);
        $link = new JobLink($quilt, $this->clock->now());
        $this->links->keep($link);

        return $link;
    }

    public function close(Quilt $quilt): void
    {
        $this->links->findOpen($quilt)?->close($this->clock->now());
        $this->links->save();
    }

    public function address(JobLink $link): string
    {
        return $this->post->link('app_public_job', [
            'id' => (string) $link->id(),
            'secret' => $this->secret($link->id()),
        ]);
    }

    /** Also one that was closed; null where nobody ever made it. */
    public function find(Ulid $id, #[\SensitiveParameter] string $secret): ?JobLink
    {
        return hash_equals($this->secret($id), $secret) ? $this->links->findOneById($id) : null;
    }

    private function secret(Ulid $id): string
    {
        return LinkSecret::spelled(hash_hmac('sha256', "job-link $id", $this->secret, true));
    }
}

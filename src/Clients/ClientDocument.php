<?php

declare(strict_types=1);

namespace App\Clients;

use App\Clients\Bag\IntakeRepository;
use App\Clients\Messages\ClientMessage;
use App\Clients\Messages\ClientMessageRepository;
use App\Public\Proposal;
use App\Public\ProposalRepository;
use App\Quilt\Quilt;
use App\Quilt\Subject;

/** All that is kept of a client, for whoever asks what that is. */
final readonly class ClientDocument
{
    public function __construct(
        private ClientRepository $clients,
        private IntakeRepository $intakes,
        private ClientMessageRepository $messages,
        private ProposalRepository $proposals,
    ) {}

    /** @return array{quilts: list<array{sent_by_the_client: list<array<string, mixed>>, ...<string, mixed>}>, ...<string, mixed>} */
    public function of(Client $client): array
    {
        return [
            'format' => 'schwung/client',
            'version' => 1,
            'name' => $client->name(),
            'email' => $client->email(),
            'phone' => $client->phone(),
            'address' => $client->address(),
            'units' => $client->units()->value,
            'wishes' => (object) $client->wishes()->toArray(),
            'note' => $client->note(),
            'since' => $client->since->format(\DATE_ATOM),
            'quilts' => array_map($this->quilt(...), $this->clients->findQuilts($client)),
        ];
    }

    /** @return array{sent_by_the_client: list<array<string, mixed>>, ...<string, mixed>} */
    private function quilt(Quilt $quilt): array
    {
        $intake = $this->intakes->of($quilt);

        return [
            'number' => $quilt->number(),
            'due' => $quilt->due()?->format('Y-m-d'),
            'job' => Subject::of($quilt)->job($quilt->studio->units())->toArray(),
            'bag' => (object) $intake->facts()->toArray(),
            'home_since' => $intake->homeSince()?->format(\DATE_ATOM),
            'messages' => array_map(
                static fn(ClientMessage $message): array => [
                    'written' => $message->written->format(\DATE_ATOM),
                    'by' => $message->writtenBy,
                    'to' => $message->recipient,
                    'subject' => $message->subject,
                    'text' => $message->text,
                    'state' => $message->state()->value,
                ],
                $this->messages->findOf($quilt),
            ),
            'sent_by_the_client' => array_map(
                static fn(Proposal $proposal): array => [
                    'came' => $proposal->came->format(\DATE_ATOM),
                    'measures' => (object) $proposal->measures,
                    'text' => $proposal->text,
                    'photo' => false === $proposal->photo?->isRaw() ? base64_encode($proposal->photo->jpeg()) : null,
                ],
                $this->proposals->findOf($quilt),
            ),
        ];
    }
}

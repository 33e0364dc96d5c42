<?php

declare(strict_types=1);

namespace App\Account\Leaving;

use App\Account\Address\AccountLetters;
use App\Account\Devices\SignedInRepository;
use App\Account\Person;
use App\Account\PersonRepository;
use App\Audit\AuditLog;
use App\Audit\Happening;
use App\Mail\Post;
use Doctrine\ORM\EntityManagerInterface;

/** Helpers go and owners change. What a person wrote into logs stays there under the name that they had. */
final readonly class Helpers
{
    public function __construct(
        private EntityManagerInterface $entities,
        private PersonRepository $people,
        private SignedInRepository $devices,
        private AuditLog $log,
        private Post $post,
        private AccountLetters $letters,
    ) {}

    public function remove(Person $owner, Person $helper): void
    {
        $this->log->note($owner, Happening::HelperRemoved, "{$helper->name()}, {$helper->email()}");
        $this->dismiss(
            $helper,
            "{$owner->name()} has removed you from {$helper->studio()->name()}. Your account there is gone.",
        );
    }

    public function leave(Person $helper): void
    {
        $this->log->note($helper, Happening::HelperLeft, $helper->email());
        $this->dismiss($helper, "You have left {$helper->studio()->name()}. Your account there is gone.");
    }

    public function handOver(Person $owner, Person $helper): void
    {
        $owner->handOverTo($helper);
        $this->entities->flush();
        $this->log->note($owner, Happening::HandedOver, "to {$helper->name()}, {$helper->email()}");
        $this->letters->notice($owner, "You have handed the studio over to {$helper->name()}; you help there now.");
        $this->letters->notice($helper, "{$owner->name()} has handed the studio over to you: you own it now.");
    }

    private function dismiss(Person $helper, string $what): void
    {
        if ($helper->isOwner()) {
            throw new \LogicException('An owner hands over before leaving.');
        }
        $this->post->send($helper->studio(), $helper->email(), 'farewell', [
            'name' => $helper->name(),
            'what' => $what,
        ]);
        $this->devices->endAllOf($helper);
        $this->people->drop($helper);
    }
}

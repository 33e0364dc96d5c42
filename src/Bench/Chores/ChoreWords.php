<?php

declare(strict_types=1);

namespace App\Bench\Chores;

use App\Bench\Plan\PlanRead;
use App\Shelf\Outlook;
use Schwung\Core\Queue\Chore;
use Schwung\Core\Queue\ChoreKind;

/** Says what is to be done. */
final readonly class ChoreWords
{
    private Outlook $outlook;

    public function __construct(private PlanRead $plan)
    {
        $this->outlook = $plan->outlook();
    }

    public function of(Chore $chore): string
    {
        $quilt = $this->plan->title($chore->quilt);
        $frame = $this->plan->frameName($chore->frame);

        return match ($chore->kind) {
            ChoreKind::Buy => "Buy {$this->kind($chore->quilt)}batting for $quilt: nothing on the shelf covers it.",
            ChoreKind::BuyThread => "Buy thread for $quilt: {$this->thread($chore->quilt)} does not last.",
            ChoreKind::Unpack => "Unpack the batting of $quilt, so that it can rest.",
            ChoreKind::AskClient => "Ask for the backing of $quilt.",
            ChoreKind::AtTheTable => "At the table for $quilt: " . self::promise($chore->of ?? '') . '.',
            ChoreKind::PinZips => "Pin the backing of $quilt to its zips while the one before it stitches.",
            ChoreKind::Load => "Load $quilt on $frame.",
            ChoreKind::GoOn => "Go on with $quilt on $frame.",
            ChoreKind::CheckLeader => "Check the leaders of $frame.",
            ChoreKind::Needle => 'New needle: it has stitched its hours.',
            ChoreKind::Service => 'The machine\'s service is due.',
        };
    }

    private function kind(?string $quilt): string
    {
        $kind = ($this->outlook->needs[$quilt ?? ''] ?? null)?->kind->words();

        return null === $kind ? '' : "$kind ";
    }

    private function thread(?string $quilt): string
    {
        return $this->outlook->threads[$quilt ?? ''] ?? 'what is settled';
    }

    private static function promise(string $key): string
    {
        return match (explode('/', $key)[0]) {
            'strip' => 'cut and sew the strips of its backing',
            'piecing' => 'piece its new backing',
            'square-up' => 'square its backing up',
            'client' => 'take in the larger backing',
            'pieces' => 'cut and join its batting',
            'trim' => 'trim its batting',
            default => 'what was promised of it',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Account\Transfer;

use App\Account\Arriving\StudioArchive;
use App\Account\Arriving\StudioImport;
use App\Account\Arriving\UnreadableArchive;
use App\Account\Leaving\StudioExport;
use Psr\Log\LoggerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/** Writes a studio out or takes one in, and tells how far it is. */
#[AsMessageHandler]
final readonly class TransferAskedHandler
{
    public function __construct(
        private StudioTransferRepository $transfers,
        private TransferFolder $folder,
        private StudioExport $export,
        private StudioImport $import,
        private LoggerInterface $logger,
    ) {}

    public function __invoke(TransferAsked $message): void
    {
        $transfer = $this->transfers->find($message->transfer);
        // What was under way when the machine stopped is begun again: nothing of it was kept.
        if (null === $transfer || $transfer->state()->isOver()) {
            return;
        }
        $id = $transfer->id();
        $this->transfers->tell($id, TransferState::UnderWay, 0);
        try {
            $transfer->isArriving ? $this->takeIn($transfer) : $this->writeOut($transfer);
            $this->transfers->tell($id, TransferState::Done, 100);
        } catch (UnreadableArchive $unreadable) {
            $this->transfers->tell($id, TransferState::Failed, 0, $unreadable->getMessage() . ' Nothing was taken in.');
        } catch (\Throwable $trouble) {
            $this->logger->error('A studio could not be moved.', ['exception' => $trouble]);
            $this->transfers->tell($id, TransferState::Failed, 0, 'It did not work. Is the disk of this machine full?');
        }
    }

    private function writeOut(StudioTransfer $transfer): void
    {
        $id = $transfer->id();
        $this->folder->put(
            $this->export->write(
                $transfer->studio,
                fn(int $percent) => $this->transfers->tell($id, TransferState::UnderWay, $percent),
            ),
            $id,
        );
    }

    private function takeIn(StudioTransfer $transfer): void
    {
        $path = $this->folder->path($transfer->id());
        // All of it is written at once, so that nobody could read how far it is before it is done.
        $this->import->take($transfer->owner, StudioArchive::open($path), static function (int $percent): void {});
        $this->folder->takeAway($transfer->id());
    }
}

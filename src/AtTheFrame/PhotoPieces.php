<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Schwung\Core\Running\JournalEntry;

/** Takes photos in pieces: after a line that broke a device goes on where it stopped. */
final readonly class PhotoPieces
{
    /** What an entry says in the place of its photo when that came in pieces. */
    public const IN_PIECES = 'in pieces';
    private const LONGEST_PIECE = 100_000;
    /** Of one run, on their way at once. */
    private const MOST = 40;

    public function __construct(
        private EntityManagerInterface $entities,
        private RunRepository $runs,
        private PhotoPieceRepository $pieces,
        private ClockInterface $clock,
    ) {}

    /**
     * Adds a piece where it follows on what is here; otherwise nothing is added.
     *
     * @param int $offset how many characters lie before it
     *
     * @return int how many are here now
     *
     * @throws PhotosRefused
     */
    public function take(Run $run, string $key, int $offset, string $piece): int
    {
        if (1 !== preg_match('/^[0-9A-Za-z-]{10,36}$/D', $key) || \strlen($piece) > self::LONGEST_PIECE) {
            throw new PhotosRefused('A piece of a photo needs its key, and up to 100,000 characters.');
        }

        return $this->entities->wrapInTransaction(function () use ($run, $key, $offset, $piece): int {
            $this->runs->lock($run);
            $here = $this->pieces->findOneOf($run, $key) ?? $this->begin($run, $key);
            if ($offset === \strlen($here->text())) {
                if ($offset + \strlen($piece) > PhotoMaker::LARGEST_BYTES) {
                    throw new PhotosRefused('The photo is too large.');
                }
                $here->add(mb_scrub($piece, 'ASCII'));
            }

            return \strlen($here->text());
        });
    }

    /**
     * The whole photo of an entry, wherever it lies.
     *
     * @throws PhotosRefused where its pieces are not here
     */
    public function whole(Run $run, JournalEntry $entry): string
    {
        $photo = $entry->text('photo');
        if (self::IN_PIECES !== $photo) {
            return $photo;
        }

        return $this->pieces->findOneOf($run, $entry->key)?->text() ??
            throw new PhotosRefused('The photo has not come yet; it is sent again.');
    }

    /** @param list<string> $keys */
    public function drop(Run $run, array $keys): void
    {
        foreach ($keys as $key) {
            $here = $this->pieces->findOneOf($run, $key);
            if (null !== $here) {
                $this->entities->remove($here);
            }
        }
    }

    /** @throws PhotosRefused */
    private function begin(Run $run, string $key): PhotoPiece
    {
        if ($this->pieces->countOf($run) >= self::MOST) {
            throw new PhotosRefused('Many photos are on their way at once.');
        }
        $here = new PhotoPiece($run, $key, $this->clock->now());
        $this->entities->persist($here);

        return $here;
    }
}

<?php

declare(strict_types=1);

namespace App\Shelf\Batting;

use App\Account\Studio;
use App\Measure\CurrentUnits;
use App\Quilt\Quilt;
use App\Quilt\Sheet;
use App\Quilt\SheetChanges;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Schwung\Core\Measure\Length;

/** Puts batting on the shelf, cuts it, and takes a cut back: each in one transaction. */
final readonly class BattingShelf
{
    /** By so much a needed length is rounded up before it is read. */
    private const A_HAIR_INCHES = 0.125;

    public function __construct(
        private ShelfBattingRepository $battings,
        private SheetChanges $sheets,
        private CurrentUnits $units,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
    ) {}

    /** A second click with the same key changes nothing. */
    public function put(Studio $studio, BattingInput $input, string $key): ShelfBatting
    {
        return $this->putAll($studio, [$input], $key)[0];
    }

    /**
     * All of a list; sent twice it is put there once.
     *
     * @param non-empty-list<BattingInput> $inputs
     *
     * @return non-empty-list<ShelfBatting> of a list that was sent before the first of it
     */
    public function putAll(Studio $studio, array $inputs, string $key): array
    {
        return $this->entities->wrapInTransaction(function () use ($studio, $inputs, $key): array {
            $this->entities->lock($studio, LockMode::PESSIMISTIC_WRITE);
            $known = $this->battings->findOneByKey($studio, "$key 0");
            if (null !== $known) {
                return [$known];
            }
            $number = $this->battings->nextNumber($studio);
            $put = [];
            foreach ($inputs as $i => $input) {
                $put[] = $batting = new ShelfBatting($studio, "$key $i", $number + $i, $this->clock->now());
                $batting->describe($input);
                $this->entities->persist($batting);
            }
            $this->entities->flush();

            return $put;
        });
    }

    /**
     * Cuts a part out, writes it into the quilt that it is for, and puts back what is worth a label.
     *
     * @throws CutRefused where it cannot be cut, or is not any more what was seen
     */
    public function cut(ShelfBatting $batting, CutAsked $asked): ShelfCut
    {
        return $this->battings->alone([$batting], function () use ($batting, $asked): ShelfCut {
            $known = $this->battings->findCutByKey($batting, $asked->key);
            if (null !== $known) {
                return $known;
            }
            $cut = $this->book($batting, $asked);
            if (null !== $asked->quilt) {
                $this->sheets->change($asked->quilt, static fn(Sheet $sheet): Sheet => self::written($sheet, $cut));
            }

            return $cut;
        });
    }

    /**
     * Cuts pieces that cover a quilt together, all of them or none.
     *
     * @param non-empty-list<array{ShelfBatting, CutAsked}> $parts from the lead edge down, left before right
     *
     * @throws CutRefused where one of them is not any more what was seen
     */
    public function join(array $parts, Quilt $quilt): void
    {
        $this->battings->alone(array_column($parts, 0), function () use ($parts, $quilt): void {
            $cuts = array_map(
                fn(array $part): ShelfCut => $this->battings->findCutByKey($part[0], $part[1]->key) ??
                    $this->book(...$part),
                $parts,
            );
            $this->sheets->change($quilt, static fn(Sheet $sheet): Sheet => self::butted($sheet, $cuts));
        });
    }

    /** Within a transaction that has locked the cloth. */
    private function book(ShelfBatting $batting, CutAsked $asked): ShelfCut
    {
        // Labels are counted on by one at a time.
        $this->entities->lock($batting->studio, LockMode::PESSIMISTIC_WRITE);
        $this->checkQuilt($asked->quilt, $asked->key);
        $over = self::within($asked->over, $batting->width());
        $off = self::within($asked->off, $batting->length());
        $this->check($batting, $asked->version, $over, $off);
        $now = $this->clock->now();
        $cut = new ShelfCut(
            batting: $batting,
            quilt: $asked->quilt,
            for: $asked->quilt?->title() ?? '',
            over: $over,
            off: $off,
            person: $asked->person,
            made: $now,
            entryKey: $asked->key,
        );
        $this->entities->persist($cut);
        $rests = $batting->restsOf($over, $off);
        $batting->takeOff($cut->length(), $now);
        $number = $this->battings->nextNumber($batting->studio);
        foreach ($rests as $i => $rest) {
            $piece = new ShelfBatting($batting->studio, "{$cut->id()} $i", $number + $i, $now);
            $piece->isRestOf($cut, $rest->width, $rest->length);
            $this->entities->persist($piece);
        }
        $this->entities->flush();

        return $cut;
    }

    /** @throws CutRefused where what it left over is not as it was */
    public function takeBack(ShelfCut $cut): void
    {
        $this->battings->alone([$cut->batting], function () use ($cut): void {
            $this->entities->refresh($cut);
            if (null !== $cut->undone()) {
                return;
            }
            foreach ($cut->rests() as $rest) {
                if (null !== $rest->gone() || [] !== $this->battings->findCuts($rest)) {
                    throw CutRefused::nothingBack($rest);
                }
            }
            $quilt = $cut->quilt;
            if (true === $quilt?->isLoaded() || true === $quilt?->isFinished()) {
                throw CutRefused::onFrame($quilt);
            }
            foreach ($cut->rests() as $rest) {
                $this->entities->remove($rest);
            }
            $cut->batting->putBack($cut->length());
            if (null !== $quilt) {
                $this->sheets->change($quilt, static fn(Sheet $sheet): Sheet => self::without($sheet, $cut));
            }
            $cut->takeBack($this->clock->now());
            $this->entities->flush();
        });
    }

    public function change(ShelfBatting $batting, int $version, BattingInput $input): void
    {
        $this->battings->alone([$batting], function () use ($batting, $version, $input): void {
            if ($batting->version() !== $version) {
                throw CutRefused::changed($batting, $this->size($batting));
            }
            $batting->describe($input);
            $this->entities->flush();
        });
    }

    /** Used up, given away or thrown out. */
    public function leave(ShelfBatting $batting): void
    {
        $batting->leave($this->clock->now());
        $this->entities->flush();
    }

    /** What is asked for in whole eighths of cloth that has none to spare is all of it. */
    private static function within(Length $asked, Length $there): Length
    {
        return $asked->minus($there)->isShorterThan(Length::inches(self::A_HAIR_INCHES))
            ? Length::shortest($asked, $there)
            : $asked;
    }

    private function check(ShelfBatting $batting, int $version, Length $over, Length $off): void
    {
        if (null !== $batting->gone()) {
            throw CutRefused::gone($batting);
        }
        if ($batting->version() !== $version) {
            throw CutRefused::changed($batting, $this->size($batting));
        }
        if (
            !$over->isPositive() ||
            !$off->isPositive() ||
            $over->isLongerThan($batting->width()) ||
            $off->isLongerThan($batting->length())
        ) {
            $write = fn(Length $length): string => $this->units->writer()->write($length);

            throw CutRefused::tooSmall(
                "{$write($batting->width())} wide and {$write($batting->length())} long",
                "{$write($over)} × {$write($off)}",
            );
        }
    }

    /** Two people cannot cut two pieces for one quilt either; what is cut at once has one key. */
    private function checkQuilt(?Quilt $quilt, string $key): void
    {
        if (null === $quilt) {
            return;
        }
        if ($quilt->isLoaded() || $quilt->isFinished()) {
            throw CutRefused::served($quilt, 'is on its frame already, or was');
        }
        $cut = $this->battings->findCutFor($quilt);
        if (null !== $cut && $key !== $cut->entryKey && '' !== $quilt->sheet()->text('batting/width')) {
            throw CutRefused::served($quilt, "has its batting already, from {$cut->batting->label()}");
        }
    }

    private function size(ShelfBatting $batting): string
    {
        $write = fn(Length $length): string => $this->units->writer()->write($length);

        return "it is {$write($batting->width())} × {$write($batting->length())} now.";
    }

    /**
     * What was measured otherwise since stays as it was measured; of pieces that were butted all have to be found
     * anew.
     */
    private static function without(Sheet $sheet, ShelfCut $cut): Sheet
    {
        $isAsCut =
            $sheet->text('batting/width') === $cut->over()->exactText() &&
            $sheet->text('batting/length') === $cut->off()->exactText();
        $isButted = \in_array(self::line($cut), explode("\n", $sheet->text('desk/pieces')), true);

        return $isAsCut || $isButted
            ? $sheet->withAll(['batting/width' => '', 'batting/length' => '', 'desk/pieces' => ''])
            : $sheet;
    }

    /** The batting of a quilt as it was cut for it; what else its sheet says of it stays. */
    private static function written(Sheet $sheet, ShelfCut $cut): Sheet
    {
        $batting = $cut->batting;

        return $sheet->withAll([
            'batting/width' => $cut->over()->exactText(),
            'batting/length' => $cut->off()->exactText(),
            'batting/kind' => $batting->kind()->value,
            'batting/loft' => $batting->loft()?->exactText() ?? '',
            'batting/opened' => $batting->opened()?->format(\DATE_ATOM) ?? '',
            'desk/pieces' => '',
        ]);
    }

    /**
     * Of pieces that are butted the first stands for the batting, and all of them beside it.
     *
     * @param non-empty-list<ShelfCut> $cuts
     */
    private static function butted(Sheet $sheet, array $cuts): Sheet
    {
        return self::written($sheet, $cuts[0])->with('desk/pieces', implode("\n", array_map(self::line(...), $cuts)));
    }

    /** As the sheet lists pieces of batting. */
    private static function line(ShelfCut $cut): string
    {
        return $cut->over()->exactText() . ' x ' . $cut->off()->exactText();
    }
}

<?php

declare(strict_types=1);

namespace App\Clients\Prep;

use App\Account\Studio;
use App\Clients\ClientFolder;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Quilt\Loading\Ways;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Quilt\Sheet;
use Schwung\Core\Bringing\PrepCard;
use Schwung\Core\Bringing\PrepRule;
use Schwung\Core\Bringing\Profile;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Uid\Ulid;

/** Works out what to bring, for a quilt that is entered or for a size that somebody asks about. */
final readonly class PrepCards
{
    public function __construct(
        private Preparations $preparations,
        private StudioFrameRepository $frames,
        private ClientFolder $folder,
    ) {}

    /** @return PrepCard|null null while its top is not measured */
    public function ofQuilt(Quilt $quilt, UnitSystem $units): ?PrepCard
    {
        return $this->card(
            $quilt,
            $quilt->sheet(),
            null === $quilt->frame() ? $this->frames->findOf($quilt->studio) : [$quilt->frame()],
            $this->folder->profileOf($quilt->whose()),
            $units,
        );
    }

    /** @param StudioFrame|null $frame null for any of the studio's */
    public function ofSize(
        Studio $studio,
        Length $across,
        Length $along,
        ?StudioFrame $frame,
        UnitSystem $units,
    ): PrepCard {
        $quilt = new Quilt($studio, (string) new Ulid(), 'A top', '', null, null);
        $sheet = Sheet::blank()
            ->withAll(Ways::of($studio, $frame)->all())
            ->withTop($across, $along);
        $frames = null === $frame ? $this->frames->findOf($studio) : [$frame];

        return $this->card($quilt, $sheet, $frames, null, $units) ?? throw new \LogicException('Its size is known.');
    }

    /** @param list<StudioFrame> $frames */
    private function card(Quilt $quilt, Sheet $sheet, array $frames, ?Profile $profile, UnitSystem $units): ?PrepCard
    {
        $prepared =
            [] === $frames
                ? [['', $this->preparations->of($quilt, $units, $sheet)]]
                : array_map(
                    fn(StudioFrame $frame): array => [
                        $frame->name(),
                        $this->preparations->onFrame($quilt, $frame, $sheet, $units),
                    ],
                    $frames,
                );

        return null === $prepared[0][1]->required() ? null : (new PrepRule($units))->card($prepared, $profile);
    }
}

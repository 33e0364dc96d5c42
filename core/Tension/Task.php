<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** What is to be done about a symptom that keeps coming back on a frame, whatever is on it. */
enum Task: string
{
    case CheckLeaders = 'check-leaders';
    case GetWideClamps = 'get-wide-clamps';
    case RestBatting = 'rest-batting';
    case TellClients = 'tell-clients';
    case LookOver = 'look-over';

    /** By the cause that most often brings it back. */
    public static function against(Symptom $symptom, bool $hasLeaders): self
    {
        return match ($symptom) {
            Symptom::CentreDip, Symptom::SideDip, Symptom::BothSidesDip, Symptom::DragLine, Symptom::Skew => $hasLeaders
                ? self::CheckLeaders
                : self::LookOver,
            Symptom::ScallopedSide, Symptom::SnapBack => self::GetWideClamps,
            Symptom::BattingLumps => self::RestBatting,
            Symptom::EdgeFullness, Symptom::TopPleat => self::TellClients,
            default => self::LookOver,
        };
    }

    /** What the button says. */
    public function words(): string
    {
        return match ($this) {
            self::CheckLeaders => 'Check the leaders',
            self::GetWideClamps => 'Get wide side clamps',
            self::RestBatting => 'Let batting rest two days',
            self::TellClients => 'Tell clients how borders are measured',
            self::LookOver => 'Look the frame over',
        };
    }
}

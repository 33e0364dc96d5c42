<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** The schools of loading and basting that a quilter follows; good ones differ in each. */
final readonly class LoadingHabits
{
    /**
     * @param bool      $centreSeam a seam along the backing, and not half its width, meets the centre of leaders and top
     * @param Hand|null $hand       whose steps they are; null for that of the person at hand
     */
    public function __construct(
        public Purpose $purpose = Purpose::Quilting,
        public LayerOrder $order = LayerOrder::RollThenGap,
        public BattingHold $batting = BattingHold::Line,
        public FarEdge $farEdge = FarEdge::Below,
        public EdgeGuide $guide = EdgeGuide::Lock,
        public BastingStitch $stitch = BastingStitch::Long,
        public SideBasting $sides = SideBasting::FromFront,
        public Alignment $alignment = Alignment::Seam,
        public LastEdge $lastEdge = LastEdge::Pinned,
        public LoadingPlace $place = LoadingPlace::Rear,
        public ToAndFro $toAndFro = ToAndFro::Twice,
        public HangingEnd $hangingEnd = HangingEnd::Bar,
        public ClampTime $clampTime = ClampTime::Last,
        public ClampGrip $clampGrip = ClampGrip::Backing,
        public ClampFirmness $clampFirmness = ClampFirmness::Straight,
        public PickTime $pick = PickTime::BeforeCrossed,
        public FirstFixings $firstFixings = FirstFixings::CentreOut,
        public SecondEnd $secondEnd = SecondEnd::Mark,
        public EdgeLine $edge = EdgeLine::Line,
        public EndStop $stop = EndStop::Reach,
        public LineDirection $direction = LineDirection::FromCentre,
        public ChannelLock $lock = ChannelLock::Electronic,
        public People $people = People::Alone,
        public Smoothing $smoothing = Smoothing::Outward,
        public EdgeRun $edgeRun = EdgeRun::Stacked,
        public Tug $tug = Tug::Never,
        public NeedleStop $needle = NeedleStop::Down,
        public bool $centreSeam = false,
        public ?Hand $hand = null,
    ) {}

    /** The same, but for the answer to one question. */
    public function with(School $answer): self
    {
        $answers = array_map(
            static fn(mixed $given): mixed => \is_object($given) && $given::class === $answer::class ? $answer : $given,
            get_object_vars($this),
        );

        // @phpstan-ignore argument.type (the names and types are those of this class)
        return new self(...$answers);
    }

    /** @return array<class-string<\BackedEnum>, string> the word that is chosen, by the question that it answers */
    public function words(): array
    {
        $words = [];
        foreach (get_object_vars($this) as $answer) {
            if ($answer instanceof \BackedEnum) {
                $words[$answer::class] = (string) $answer->value;
            }
        }

        return $words;
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Length;

/**
 * Where the cloth is at one moment of a load: what is wound on which roller, where the lead attachment stands, what is
 * laid, basted, pinned and locked. Each change answers the state after it, and refuses what hands could not do.
 *
 * Places are distances toward the quilter: the hold's from the leveller bar (negative behind it), all others from the
 * lead hold.
 */
final readonly class ClothState
{
    /** Two places nearer than this are one. */
    private const SAME_MM = 0.01;
    /** What goes into the roll first. */
    private const AT_THE_LEAD = ['lead'];
    /** What holds the ends, and comes off with them. */
    private const OF_THE_ENDS = ['lead', 'tail', 'top'];

    /**
     * @param Length                 $bed     from the front bar to the leveller bar
     * @param Length                 $cloth   the backing's length from end to end
     * @param array<string, Pieces>  $pieces  on the frame, by what they hold
     * @param array<string, LineIn>  $lines   basted and still in, by their key
     * @param list<Length>           $marks   register marks, from the rail's centre mark
     * @param Length|null            $girth   from the backing roller up to the front bar; null where nobody measured it
     */
    private function __construct(
        public Length $bed,
        public Length $cloth,
        public Length $onBacking,
        public Length $onTakeUp,
        public ?Length $hold = null,
        public bool $isTailAttached = false,
        public ?Length $lock = null,
        public Layer $batting = Layer::None,
        public ?Length $battingFrom = null,
        public Layer $top = Layer::None,
        public ?Length $topFrom = null,
        public array $lines = [],
        public array $marks = [],
        public array $pieces = [],
        public ?Length $from = null,
        public bool $isTopLifted = false,
        public ?Length $girth = null,
    ) {}

    /** A bare frame, and a cloth beside it. */
    public static function bare(Length $bed, Length $cloth, ?Length $girth = null): self
    {
        return new self($bed, $cloth, Length::zero(), Length::zero(), girth: $girth);
    }

    /** The lead end is attached where it hangs. */
    public function attachLead(Length $hold, Pieces $by): self
    {
        $this->refuseUnless(null === $this->hold, 'the lead end is attached already');

        return $this->with(hold: $hold, pieces: [...$this->pieces, 'lead' => $by]);
    }

    public function attachTail(Pieces $by): self
    {
        $this->refuseUnless(!$this->isTailAttached, 'the tail end is attached already');

        return $this->with(isTailAttached: true, pieces: [...$this->pieces, 'tail' => $by]);
    }

    /** Onto the backing roller, until so much of the lead end still hangs. */
    public function windOntoBacking(Length $hangs): self
    {
        $this->refuseUnless($this->isTailAttached, 'nothing holds the tail end to its roller');

        return $this->with(onBacking: $this->beyond($hangs));
    }

    /** Onto the take-up, until so much of the tail end still hangs. */
    public function parkOnTakeUp(Length $hangs): self
    {
        $this->refuseUnless(null !== $this->hold, 'nothing holds the lead end to the take-up');
        $wound = Length::longest(Length::zero(), $this->cloth->minus($hangs));

        return $this->with(onTakeUp: $wound, hold: $wound->negated());
    }

    /** Both rollers turned until the lead hold stands here and the backing lies over the bed. */
    public function standAt(Length $hold): self
    {
        $this->refuseUnless(null !== $this->hold && $this->isTailAttached, 'not both ends are attached');
        $inBed = $this->bed->minus($hold);

        return $this->with(
            hold: $hold,
            onTakeUp: Length::longest(Length::zero(), $hold->negated()),
            onBacking: $this->beyond($inBed),
        );
    }

    /** What is on the backing roller while so much of the cloth lies or hangs beyond the front bar. */
    private function beyond(Length $free): Length
    {
        return Length::longest(Length::zero(), $this->cloth->minus($free)->minus($this->girth ?? Length::zero()));
    }

    public function layBatting(Length $from): self
    {
        $this->refuseUnless(!$from->isNegative(), 'batting would lie over the hold');
        $this->refuseUnless(Layer::Rolled !== $this->top || $this->isTopLifted, 'the top roller is in its way');

        return $this->with(batting: Layer::Laid, battingFrom: $from);
    }

    public function rollTop(Pieces $by): self
    {
        return $this->with(top: Layer::Rolled, pieces: [...$this->pieces, 'top' => $by]);
    }

    /** The top roller is lifted, or its top thrown back over it, so that there is a gap to reach through. */
    public function liftTop(): self
    {
        $this->refuseUnless(Layer::Rolled === $this->top, 'no top is on its roller');

        return $this->with(isTopLifted: true);
    }

    public function lowerTop(): self
    {
        $this->refuseUnless($this->isTopLifted, 'the top roller is not lifted');

        return $this->with(isTopLifted: false);
    }

    public function layTop(Length $from): self
    {
        $this->refuseUnless(!$this->isTopLifted, 'the top roller is lifted still');
        $this->refuseUnless(Layer::None !== $this->batting, 'there is no batting below the top');

        return $this->with(top: Layer::Laid, topFrom: $from);
    }

    /** Batting and top are held at the lead by what holds the backing there. */
    public function holdThrough(): self
    {
        $this->refuseUnless(isset($this->pieces['lead']), 'nothing holds the lead end');
        $this->refuseUnless(
            Layer::Laid === $this->top && 0 === $this->topFrom?->nanometres && 0 === $this->battingFrom?->nanometres,
            'batting and top do not reach to the hold',
        );

        return $this->with(batting: Layer::Basted, top: Layer::Basted);
    }

    /** All three layers on the frame as one piece. */
    public function layAsOne(Length $from): self
    {
        return $this->with(batting: Layer::Basted, battingFrom: $from, top: Layer::Basted, topFrom: $from);
    }

    public function lockAt(Length $at): self
    {
        $this->refuseUnless(null === $this->lock, 'the head is locked already');

        return $this->with(lock: $at);
    }

    public function unlock(): self
    {
        return $this->with(unlocks: true);
    }

    /** A line is stitched; where the head is locked, the line lies at the depth of the lock. */
    public function baste(string $key, LineIn $line): self
    {
        if (null !== $this->lock && null !== $line->at) {
            $apart = abs($line->at->minus($this->lock)->toMillimetres());
            $this->refuseUnless($apart < self::SAME_MM, \sprintf('the lock stands %.1f mm from the line', $apart));
        }
        $batting = $line->kind->isOfBatting() ? Layer::Basted : $this->batting;
        $top = $line->kind->isOfTop() ? Layer::Basted : $this->top;

        return $this->with(lines: [...$this->lines, $key => $line], batting: $batting, top: $top);
    }

    /** @param array<string, LineIn> $lines by their keys */
    public function basteAll(array $lines): self
    {
        $cloth = $this;
        foreach ($lines as $key => $line) {
            $cloth = $cloth->baste($key, $line);
        }

        return $cloth;
    }

    /** Lines are picked out again: those whose keys begin so. */
    public function pick(string $key): self
    {
        $left = array_filter(
            $this->lines,
            static fn(string $line): bool => !str_starts_with($line, $key),
            \ARRAY_FILTER_USE_KEY,
        );
        $this->refuseUnless(\count($left) < \count($this->lines), "no line \"$key\" is in");

        return $this->with(lines: $left);
    }

    /** @param list<Length> $places from the rail's centre mark */
    public function mark(array $places): self
    {
        return $this->with(marks: $places);
    }

    public function put(string $what, Pieces $pieces): self
    {
        $there = $this->pieces[$what] ?? null;
        $this->refuseUnless(null === $there, "\"$what\" is held already");

        return $this->with(pieces: [...$this->pieces, $what => $pieces]);
    }

    /** Puts them in if there are any. */
    public function putAny(string $what, Pieces $pieces): self
    {
        return 0 === $pieces->count ? $this : $this->put($what, $pieces);
    }

    /** Takes out those that are there. */
    public function takeAny(string ...$all): self
    {
        $cloth = $this;
        foreach ($all as $what) {
            $cloth = $cloth->has($what) ? $cloth->take($what) : $cloth;
        }

        return $cloth;
    }

    /** What holds this, if anything does, lies in a closed roll from now on. */
    public function rollIn(string $what): self
    {
        return $this->lying($what, Where::Roller);
    }

    /** It has come out of its roll into the bed. */
    public function bringIn(string $what): self
    {
        return $this->lying($what, Where::Bed);
    }

    private function lying(string $what, Where $where): self
    {
        return isset($this->pieces[$what])
            ? $this->with(pieces: [...$this->pieces, $what => $this->pieces[$what]->at($where)])
            : $this;
    }

    /** What is rolled in cannot be taken out until it is unrolled. */
    public function take(string $what): self
    {
        $there = $this->pieces[$what] ?? null;
        $this->refuseUnless(null !== $there, "nothing holds \"$what\"");
        $this->refuseUnless(Where::Roller !== $there?->where, "what holds \"$what\" is rolled in");

        return $this->with(pieces: array_diff_key($this->pieces, [$what => true]));
    }

    /** How many pieces hold its ends now. */
    public function holdsEnds(): int
    {
        return array_sum(
            array_map(
                static fn(Pieces $pieces): int => $pieces->count,
                array_intersect_key($this->pieces, array_flip(self::OF_THE_ENDS)),
            ),
        );
    }

    /** Whether anything is there under this name. */
    public function has(string $what): bool
    {
        return isset($this->pieces[$what]);
    }

    /** Whether a line whose key begins so is in. */
    public function hasLine(string $key): bool
    {
        foreach (array_keys($this->lines) as $line) {
            if (str_starts_with($line, $key)) {
                return true;
            }
        }

        return false;
    }

    /** Wound on until so much of the quilt has gone by; the hold with its pieces goes into the roll. */
    public function advance(Length $past): self
    {
        $this->refuseUnless(null === $this->lock, 'the head is locked');
        foreach ($this->pieces as $what => $pieces) {
            $this->refuseUnless(
                Where::Bed !== $pieces->where,
                "the {$pieces->kind} of \"$what\" would go into the roll",
            );
        }
        $this->refuseUnless(
            !isset($this->pieces['hanging-end']),
            'the hold of the hanging end would turn with the bar',
        );
        $by = $past->minus($this->from ?? Length::zero());
        $hold = $this->hold?->minus($by);
        $pieces = $this->pieces;
        foreach (true === $hold?->isNegative() ? self::AT_THE_LEAD : [] as $what) {
            if (isset($pieces[$what])) {
                $pieces[$what] = $pieces[$what]->at(Where::Roller);
            }
        }

        return $this->with(
            hold: $hold,
            onTakeUp: null === $hold ? null : Length::longest(Length::zero(), $hold->negated()),
            onBacking: Length::longest(Length::zero(), $this->onBacking->minus($by)),
            pieces: $pieces,
            from: $past,
        );
    }

    /** All of it unrolled, toward the quilter: what was rolled in can be reached again. */
    public function unroll(): self
    {
        return $this->with(
            onTakeUp: Length::zero(),
            onBacking: Length::zero(),
            pieces: array_map(static fn(Pieces $pieces): Pieces => $pieces->at(Where::Rail), $this->pieces),
        );
    }

    /** Off both ends; what held it is back in its box. Register marks come off with it. */
    public function detach(): self
    {
        foreach ($this->pieces as $what => $pieces) {
            $this->refuseUnless(Where::Roller !== $pieces->where, "what holds \"$what\" is rolled in");
        }

        return new self(
            bed: $this->bed,
            cloth: $this->cloth,
            onBacking: Length::zero(),
            onTakeUp: Length::zero(),
            batting: $this->batting,
            top: $this->top,
            lines: $this->lines,
            pieces: array_diff_key($this->pieces, array_flip(self::OF_THE_ENDS)),
            girth: $this->girth,
        );
    }

    /** @throws \LogicException if hands could not do it: a fault of whoever wrote the steps */
    private function refuseUnless(bool $isPossible, string $otherwise): void
    {
        if (!$isPossible) {
            throw new \LogicException(ucfirst($otherwise) . '.');
        }
    }

    /**
     * @param array<string, LineIn>|null $lines
     * @param list<Length>|null          $marks
     * @param array<string, Pieces>|null $pieces
     */
    private function with(
        ?Length $onBacking = null,
        ?Length $onTakeUp = null,
        ?Length $hold = null,
        ?bool $isTailAttached = null,
        ?Length $lock = null,
        bool $unlocks = false,
        ?Layer $batting = null,
        ?Length $battingFrom = null,
        ?Layer $top = null,
        ?Length $topFrom = null,
        ?array $lines = null,
        ?array $marks = null,
        ?array $pieces = null,
        ?Length $from = null,
        ?bool $isTopLifted = null,
    ): self {
        return new self(
            bed: $this->bed,
            cloth: $this->cloth,
            onBacking: $onBacking ?? $this->onBacking,
            onTakeUp: $onTakeUp ?? $this->onTakeUp,
            hold: $hold ?? $this->hold,
            isTailAttached: $isTailAttached ?? $this->isTailAttached,
            lock: $unlocks ? null : $lock ?? $this->lock,
            batting: $batting ?? $this->batting,
            battingFrom: $battingFrom ?? $this->battingFrom,
            top: $top ?? $this->top,
            topFrom: $topFrom ?? $this->topFrom,
            lines: $lines ?? $this->lines,
            marks: $marks ?? $this->marks,
            pieces: $pieces ?? $this->pieces,
            from: $from ?? $this->from,
            isTopLifted: $isTopLifted ?? $this->isTopLifted,
            girth: $this->girth,
        );
    }
}

<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Practice;

/** Rule 17: what the feel of both layers says of the finished quilt, and what to do before the next stitch. */
final readonly class FirmnessRule
{
    /** What is said of a feel, by a word for each. */
    public const SAYS = [
        'rings' => 'It rings: let off until it gives under the hand.',
        'hangs' => 'It hangs: take up until it is firm.',
        'backing-firmer' =>
            'The backing is the firmer: off the frame the edges will curl to the back. Let the take-up off.',
        'top-firmer' =>
            'The top is the firmer: off the frame the edges will curl to the front. Let the top off, not the backing.',
        'one-side' => 'One side is firmer than the other: look for drag lines from corner to corner.',
        'jumped' => 'The cloth jumped back by more than an eighth of an inch: the side clamp was too tight.',
    ];

    /**
     * What follows where a roller turned by clicks can mend it (rule 29); %s is the cloth that one takes up or lets
     * off.
     */
    public const CLICK = 'One click of the take-up is %s of cloth at this roll: click by click, and feel again.';
    private const MENDED_BY_CLICKS = ['rings', 'hangs', 'backing-firmer'];

    /**
     * @param Length|null $click      of the take-up at its roll now; null where nothing clicks
     * @param Length|null $jumpedBack how far the cloth jumped when a side clamp was released; null where nobody looked
     *
     * @return list<Phrase> empty where all is well
     */
    public function advise(FirmnessReading $reading, ?Length $jumpedBack = null, ?Length $click = null): array
    {
        $holds = [
            'rings' => $reading->has(Firmness::Rings),
            'hangs' => $reading->has(Firmness::Hangs),
            'backing-firmer' => $reading->balance() >= 1,
            'top-firmer' => $reading->balance() <= -1,
            'one-side' => $reading->sideToSide() >= 1,
            'jumped' => null !== $jumpedBack && $jumpedBack->isLongerThan(Length::inches(Practice::JUMP_INCHES)),
        ];

        $words = array_keys(array_filter($holds));
        $says = array_map(static fn(string $word): Phrase => Phrase::of(self::SAYS[$word]), $words);

        return null === $click || [] === array_intersect($words, self::MENDED_BY_CLICKS)
            ? $says
            : [...$says, Phrase::of(self::CLICK, Figure::measured($click))];
    }
}

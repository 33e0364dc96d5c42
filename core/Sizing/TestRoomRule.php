<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/**
 * Room for test stitching in the first bed: where backing and batting both reach beyond a side of the top, less what
 * the clamps take. The wider side is named.
 */
final readonly class TestRoomRule
{
    /** Narrower, the foot has nothing to stand on. */
    private const LEAST_INCHES = 0.5;

    /** @param Length $bite of the side clamps */
    public function __construct(private Length $bite) {}

    /** Null where no place is wide enough. */
    public function room(Margins $laid, BattingCheck $batting, Length $across): ?TestRoom
    {
        $beside = ($batting->trimTo ?? $batting->layAcross)->minus($across)->half();
        $rooms = [
            new TestRoom(
                'beside the top at the right',
                Length::shortest($beside, $laid->right->length()->minus($this->bite)),
            ),
            new TestRoom(
                'beside the top at the left',
                Length::shortest($beside, $laid->left->length()->minus($this->bite)),
            ),
        ];
        usort($rooms, static fn(TestRoom $one, TestRoom $other): int => $other->width->compareTo($one->width));

        return $rooms[0]->width->isShorterThan(Length::inches(self::LEAST_INCHES)) ? null : $rooms[0];
    }
}

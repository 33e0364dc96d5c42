<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Quilt\Sheet;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Preparation\Preparation;

/**
 * Fills what is not known of a quilt yet with everyday cloth and rows, so that the time it takes can be told: a backing
 * and batting as they should come, rows of eight inches edge to edge.
 */
final readonly class Assumed
{
    public const ROWS = ['quilting/style' => 'rows', 'quilting/row_height' => '8 in', 'quilting/gap' => '1/2 in'];
    /** The batting beyond the top, both sides together; more than any hold asks for. */
    private const BATTING_BEYOND_INCHES = 6;

    /** @param list<string> $what that was assumed: backing, batting, quilting */
    private function __construct(public Sheet $sheet, public array $what) {}

    public static function of(Preparation $preparation, Sheet $sheet): self
    {
        [$parts, $top, $what] = [$preparation->known->parts, $preparation->top(), []];
        $required = $preparation->required();
        if (null === $top || null === $required) {
            return new self($sheet, []);
        }
        [$width, $height] = [$top->width->length(), $top->length->length()];
        $isTurned = Direction::Turned === $preparation->direction();
        if (null === $parts->backing) {
            $beyond = Length::longest(
                $required->across->length()->minus($isTurned ? $height : $width),
                $required->along->length()->minus($isTurned ? $width : $height),
            );
            [$across, $along] = [$width->plus($beyond), $height->plus($beyond)];
            $sheet = $sheet->withAll([
                'backing/sides/top' => self::text($across),
                'backing/sides/bottom' => self::text($across),
                'backing/sides/left' => self::text($along),
                'backing/sides/right' => self::text($along),
            ]);
            $what[] = 'backing';
        }
        if (null === $parts->batting) {
            $beyond = Length::inches(self::BATTING_BEYOND_INCHES);
            $sheet = $sheet->withAll([
                'batting/width' => self::text($width->plus($beyond)),
                'batting/length' => self::text($height->plus($beyond)),
            ]);
            $what[] = 'batting';
        }
        if (null === $parts->quilting) {
            $sheet = $sheet->withAll(self::ROWS);
            $what[] = 'quilting';
        }

        return new self($sheet, $what);
    }

    private static function text(Length $length): string
    {
        return \sprintf('%.1F mm', $length->toMillimetres());
    }
}

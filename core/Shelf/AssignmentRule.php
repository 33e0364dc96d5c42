<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Material\BattingKind;

/**
 * Which batting for which quilt: fewest quilts without, then least new cloth off the rolls (their width × the cut),
 * then least left over of the pieces that are used.
 *
 * A piece serves one quilt, either way round; a roll serves while its length lasts. Kinds have nothing to do with each
 * other, so each is solved by itself. Areas are told apart to a tenth of a square centimetre. Exact where the search
 * ends within its effort, and then says so; else the best that was met, never worse than taking one quilt after the
 * other.
 */
final readonly class AssignmentRule
{
    /** Steps of the matching; some tenths of a second. */
    public const EFFORT = 1_000_000;

    public function __construct(private int $effort = self::EFFORT) {}

    /**
     * @param list<Roll>  $rolls
     * @param list<Piece> $pieces
     * @param list<Need>  $needs  with ids of their own
     */
    public function assign(array $rolls, array $pieces, array $needs): Assignment
    {
        [$cuts, $isProved, $effort] = [[], true, $this->effort];
        foreach (BattingKind::cases() as $kind) {
            $of = static fn(Roll|Piece|Need $one): bool => $one->kind === $kind;
            $wanted = array_values(array_filter($needs, $of));
            if ([] === $wanted) {
                continue;
            }
            $search = new Search(
                new Choices(array_values(array_filter($rolls, $of)), array_values(array_filter($pieces, $of)), $wanted),
                $effort,
            );
            $cuts += $search->solve();
            $effort = max(0, $effort - $search->steps());
            $isProved = $isProved && $search->isProved();
        }

        return self::told($cuts, $isProved, $rolls, $pieces, $needs);
    }

    /**
     * @param array<string, Cut> $cuts by need
     * @param list<Roll>         $rolls
     * @param list<Piece>        $pieces
     * @param list<Need>         $needs
     */
    private static function told(array $cuts, bool $isProved, array $rolls, array $pieces, array $needs): Assignment
    {
        [$inOrder, $unserved, $new, $left] = [[], [], 0.0, 0.0];
        $width = [];
        foreach ($rolls as $roll) {
            $width[$roll->id] = $roll->width->toMillimetres();
        }
        $area = [];
        foreach ($pieces as $piece) {
            $area[$piece->id] = $piece->width->toMillimetres() * $piece->length->toMillimetres();
        }
        foreach ($needs as $need) {
            $cut = $cuts[$need->id] ?? null;
            if (null === $cut) {
                $unserved[] = $need->id;
                continue;
            }
            $inOrder[] = $cut;
            if (null === $cut->length) {
                $left += $area[$cut->from] - $need->across->toMillimetres() * $need->along->toMillimetres();
            } else {
                $new += $width[$cut->from] * $cut->length->toMillimetres();
            }
        }

        return new Assignment($inOrder, $unserved, $new / 1e6, $left / 1e6, $isProved);
    }
}

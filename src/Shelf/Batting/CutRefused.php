<?php

declare(strict_types=1);

namespace App\Shelf\Batting;

use App\Quilt\Quilt;

/** A cut that cannot be made, or not any more; the sentence is for people. */
final class CutRefused extends \RuntimeException
{
    public static function changed(ShelfBatting $batting, string $as): self
    {
        return new self(
            "Somebody else has changed {$batting->label()} meanwhile: $as Nothing was cut; look at it and decide anew.",
        );
    }

    public static function gone(ShelfBatting $batting): self
    {
        return new self("{$batting->label()} is not on the shelf any more. Nothing was cut.");
    }

    public static function tooSmall(string $there, string $asked): self
    {
        return new self("It is $there; $asked cannot be cut out of that.");
    }

    public static function onFrame(Quilt $quilt): self
    {
        return new self("{$quilt->title()} is on its frame with it, or was: the cut cannot be taken back.");
    }

    /** @param string $why a clause about the quilt, without its full stop */
    public static function served(Quilt $quilt, string $why): self
    {
        return new self("{$quilt->title()} $why. Nothing was cut.");
    }

    public static function notTogether(): self
    {
        return new self('Those pieces do not cover it together any more. Nothing was cut.');
    }

    public static function nothingBack(ShelfBatting $rest): self
    {
        return new self(
            "{$rest->label()}, which that cut left over, has been cut or has gone since: the cut cannot be taken back.",
        );
    }
}

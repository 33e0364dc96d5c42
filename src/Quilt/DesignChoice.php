<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Designs\DesignShelf;

/** When another row design is chosen, the rows take its height, unless a height was entered along with it. */
final readonly class DesignChoice
{
    public function __construct(private DesignShelf $designs)
    {
    }

    public function follow(Sheet $before, Sheet $after, Quilt $quilt): Sheet
    {
        $word = $after->text('desk/design');
        if ('' === $word || $word === $before->text('desk/design') || $after->text('quilting/row_height') !== $before->text('quilting/row_height')) {
            return $after;
        }
        $path = $this->designs->find($quilt->studio, $word);

        return null === $path ? $after : $after->with('quilting/row_height', \sprintf('%.3F mm', $path->height()->toMillimetres()));
    }
}

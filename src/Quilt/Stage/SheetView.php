<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use App\Quilt\Attaching\AttachView;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Sizing\Remedy;

/**
 * Everything of a quilt on paper.
 *
 * Made with named arguments.
 */
final readonly class SheetView
{
    /**
     * @param list<Finding> $findings of all stages
     * @param list<Remedy>  $remedies while none is kept
     */
    public function __construct(
        public ?Plan $plan,
        public array $findings,
        public array $remedies,
        public ?CuttingView $cutting,
        public ?AttachView $attach,
        public ?PassesView $passes,
        public TopEdge $leads,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use Schwung\Core\Job\Mend;
use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\BackingCheck;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RequiredSize;

/**
 * Whether the backing is enough, the ways out, and the batting.
 *
 * Made with named arguments.
 */
final readonly class BackingView
{
    /**
     * @param BackingCheck|null $check    of the cloth as it will be; null while nothing is planned
     * @param list<Remedy>      $remedies
     * @param array<'top'|'right'|'bottom'|'left', array{Length, Length}>|null $trim null without a diagonal
     */
    public function __construct(
        public ?RequiredSize $required,
        public ?BackingCheck $check,
        public bool $isSquareKnown,
        public array $remedies,
        public Mend $mend,
        public ?CuttingView $cutting,
        public ?array $trim,
        public BattingView $batting,
    ) {}
}

<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** What may know what; PHPStan checks it. */
final class CoreBoundary
{
    #[TestRule]
    public function coreKnowsNothingButItselfAndPhp(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Schwung\Core'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Schwung\Core'))
            ->because('the rules of the job are read, tested and used without any framework');
    }

    #[TestRule]
    public function rulesDoNotKnowTheirDocuments(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Schwung\Core'))
            ->excluding(Selector::inNamespace('Schwung\Core\Exchange'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Schwung\Core\Exchange'))
            ->because('documents are written of plans, plans are not made of documents');
    }
}

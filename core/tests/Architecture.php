<?php

declare(strict_types=1);

namespace StoneMill\Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Arrows point inwards: the core knows nobody. Static analysis checks this. */
final class Architecture
{
    public function test_the_core_depends_on_nothing_but_itself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::AllOf(Selector::inNamespace('StoneMill'), Selector::NOT(Selector::inNamespace('StoneMill\Tests'))))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('StoneMill'))
            ->because('the rules of the work must be tested and kept on their own');
    }
}

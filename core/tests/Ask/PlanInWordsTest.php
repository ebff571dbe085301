<?php

declare(strict_types=1);

namespace StoneMill\Tests\Ask;

use PHPUnit\Framework\TestCase;
use StoneMill\Ask\PlanInWords;
use StoneMill\Tests\Bench;

final class PlanInWordsTest extends TestCase
{
    public function test_a_plan_is_read_out_in_the_order_of_the_work_with_the_numbers_of_its_document(): void
    {
        foreach (Bench::reference()->styles->ids() as $style) {
            $plan = Bench::plan($style);
            $lines = (new PlanInWords($plan))->lines();
            self::assertStringStartsWith('Weigh ', $lines[1]);
            self::assertStringContainsString(sprintf('%d pieces of %.0f g', $plan->portions->count, $plan->portions->pieceGrams()), $lines[3]);
            self::assertSame(count($plan->turns->touches()), preg_match_all('/ at [0-9]+:[0-5][0-9]/', $lines[4]), $lines[4]);
            self::assertCount(6 + count($plan->warnings), $lines);
            foreach ($lines as $line) {
                self::assertMatchesRegularExpression('/^[A-Z0-9].*[.]$/s', $line);
            }
        }
    }
}

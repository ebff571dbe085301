<?php

declare(strict_types=1);

namespace StoneMill\Tests\Exchange;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\MergePatch;
use StoneMill\Tests\Said;

/** The examples of RFC 7396, appendix A, whose target and patch are objects. */
final class MergePatchTest extends TestCase
{
    #[TestWith(['{"a":"b"}', '{"a":"c"}', '{"a":"c"}'])]
    #[TestWith(['{"a":"b"}', '{"b":"c"}', '{"a":"b","b":"c"}'])]
    #[TestWith(['{"a":"b"}', '{"a":null}', '[]'])]
    #[TestWith(['{"a":"b","b":"c"}', '{"a":null}', '{"b":"c"}'])]
    #[TestWith(['{"a":["b"]}', '{"a":"c"}', '{"a":"c"}'])]
    #[TestWith(['{"a":"c"}', '{"a":["b"]}', '{"a":["b"]}'])]
    #[TestWith(['{"a":{"b":"c"}}', '{"a":{"b":"d","c":null}}', '{"a":{"b":"d"}}'])]
    #[TestWith(['{"a":[{"b":"c"}]}', '{"a":[1]}', '{"a":[1]}'])]
    #[TestWith(['{"e":null}', '{"a":1}', '{"e":null,"a":1}'])]
    #[TestWith(['{}', '{"a":{"bb":{"ccc":null}}}', '{"a":{"bb":[]}}'])]
    public function test_a_patch_takes_away_replaces_and_merges(string $document, string $patch, string $result): void
    {
        self::assertSame($result, json_encode(MergePatch::applied(Said::json($document)->fields(), Said::json($patch)->fields())));
    }

    #[TestWith(['{"a":{"b":"c"},"d":1}', '{"a":{"b":null}}', '{"d":1}'])]
    #[TestWith(['{"a":{"b":{"c":1}},"d":1}', '{"a":{"b":{"c":null},"e":2}}', '{"a":{"e":2},"d":1}'])]
    #[TestWith(['{"d":1}', '{"a":{"bb":{"ccc":null}}}', '{"d":1}'])]
    public function test_what_it_empties_can_go_with_it_since_it_would_be_written_down_as_a_list(string $document, string $patch, string $result): void
    {
        self::assertSame($result, json_encode(MergePatch::applied(Said::json($document)->fields(), Said::json($patch)->fields(), leavesEmptied: false)));
    }
}

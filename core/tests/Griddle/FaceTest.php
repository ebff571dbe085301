<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\TestCase;
use StoneMill\Griddle\Face;

/** The colour of a face in a cook's words. */
final class FaceTest extends TestCase
{
    public function test_every_shade_has_one_word_and_words_only_ever_darken(): void
    {
        $words = array_column(Face::words(), 'word');
        $before = 0;
        for ($percent = 0; $percent <= 100; $percent++) {
            $said = (new Face('first', 30.0, $percent / 100, 0.1, null))->inWords();
            $place = (int) array_search(strtok($said, ','), $words, true);
            self::assertGreaterThanOrEqual($before, $place);
            $before = $place;
        }
        self::assertSame(count($words) - 1, $before);
        // Half is golden, and from where a face is burnt in spots it is called dark.
        self::assertSame('golden', (new Face('first', 30.0, 0.5, 0.1, null))->inWords());
        self::assertSame(['brown', 'dark, near burning'], [(new Face('first', 30.0, Face::BURNT - 0.001, 0.1, null))->inWords(), (new Face('first', 30.0, Face::BURNT, 0.1, null))->inWords()]);
    }
}

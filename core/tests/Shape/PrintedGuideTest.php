<?php

declare(strict_types=1);

namespace StoneMill\Tests\Shape;

use PHPUnit\Framework\TestCase;
use StoneMill\Shape\Paper;
use StoneMill\Shape\PrintedGuide;
use StoneMill\Tests\Seeded;

final class PrintedGuideTest extends TestCase
{
    public function test_a_ring_lies_on_its_paper_whole_or_as_a_quarter(): void
    {
        $seeded = new Seeded(6);
        for ($case = 0; $case < 300; $case++) {
            $paper = $seeded->one(Paper::cases());
            $guide = PrintedGuide::read(['diameter_mm' => $seeded->between(20, 360), 'thickness_mm' => $seeded->between(0.3, 20), 'paper' => $paper->value]);
            ['x' => $x, 'y' => $y, 'radius' => $radius] = $guide->ring();
            self::assertGreaterThanOrEqual(9.99, $y - $radius);
            self::assertLessThanOrEqual($paper->width() - 9.99, $x + $radius);
            self::assertLessThanOrEqual($paper->height() - 62, $guide->fitsWhole() ? $y + $radius : $y);
            if ($guide->fitsWhole()) {
                self::assertGreaterThanOrEqual(9.99, $x - $radius);
            }
        }
    }

    public function test_paper_stacks_to_the_thickness(): void
    {
        self::assertSame(19, PrintedGuide::read(['diameter_mm' => 160, 'thickness_mm' => 1.9])->sheetsOfPaper());
        self::assertSame(3, PrintedGuide::read(['diameter_mm' => 160, 'thickness_mm' => 0.3])->sheetsOfPaper());
    }

    public function test_the_drawing_is_sound_xml_and_carries_a_ruler_of_a_hundred_millimetres(): void
    {
        $drawing = simplexml_load_string(PrintedGuide::read(['diameter_mm' => 161.4, 'thickness_mm' => 2, 'paper' => 'letter'])->toSvg());
        self::assertNotFalse($drawing);
        self::assertSame('215.9mm', (string) $drawing['width']);
        self::assertNotNull($drawing->g);
        self::assertEqualsWithDelta(80.7, (float) $drawing->g->circle['r'], 1e-6);
        self::assertEqualsWithDelta(2, (float) $drawing->g->rect['height'], 1e-6);
        self::assertStringContainsString('h100', (string) $drawing->asXML());
    }
}

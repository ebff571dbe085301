<?php

declare(strict_types=1);

namespace StoneMill\Shape;

use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Rounding;

/**
 * A sheet to print at true size: a ring to slide under a liner, a bar as thick as the dough should be, and a ruler that
 * tells whether the printer kept the size. A ring too wide for the paper is drawn as a quarter. Lengths in mm.
 */
final readonly class PrintedGuide
{
    public const RULER_MILLIMETRES = 100;

    private const MARGIN = 10.0;

    /** Foot of the page, for bar, ruler and words. */
    private const FOOT = 62.0;

    /** Pixels of the web in a millimetre. */
    private const PIXELS = 96 / 25.4;

    private const SHEET_OF_PAPER = 0.1;

    private function __construct(public float $diameterMillimetres, public float $thicknessMillimetres, public Paper $paper)
    {
    }

    public static function read(mixed $document): self
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['diameter_mm', 'thickness_mm', 'paper']);
        $diameter = $root->at('diameter_mm')->number(20, 360, 'mm');
        $thickness = $root->at('thickness_mm')->number(0.3, 40, 'mm');
        $paper = $root->at('paper')->optionalChoice(Paper::class) ?? Paper::A4;
        $findings->refuseIfAny();

        return new self($diameter, $thickness, $paper);
    }

    public function fitsWhole(): bool
    {
        return $this->diameterMillimetres <= min($this->paper->width(), $this->paper->height() - self::FOOT) - 2 * self::MARGIN;
    }

    /** @return array{x: float, y: float, radius: float} middle of the ring and its radius */
    public function ring(): array
    {
        $radius = $this->diameterMillimetres / 2;

        return $this->fitsWhole()
            ? ['x' => $this->paper->width() / 2, 'y' => self::MARGIN + $radius, 'radius' => $radius]
            : ['x' => self::MARGIN, 'y' => self::MARGIN + $radius, 'radius' => $radius];
    }

    /** Sheets of ordinary paper that stack to the thickness: a guide for who has none. */
    public function sheetsOfPaper(): int
    {
        return max(1, (int) round($this->thicknessMillimetres / self::SHEET_OF_PAPER));
    }

    /** The page as a drawing in mm, in the open format of vector drawings for the web. */
    public function toSvg(): string
    {
        $width = $this->paper->width();
        $height = $this->paper->height();
        $foot = $height - self::FOOT;

        // Not every reader scales a view box; all know pixels of 1/96 inch and a transform.
        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%smm" height="%smm" viewBox="0 0 %s %s">', self::mm($width), self::mm($height), self::mm($width * self::PIXELS), self::mm($height * self::PIXELS))
            .sprintf('<g transform="scale(%s)">', self::PIXELS).$this->ringSvg().$this->barSvg($foot + 12).self::rulerSvg($foot + 42).'</g></svg>';
    }

    private function ringSvg(): string
    {
        ['x' => $x, 'y' => $y, 'radius' => $radius] = $this->ring();
        $line = 'fill="none" stroke="#000000" stroke-width="0.4"';
        $cross = sprintf('<path d="M%s %s h8 M%s %s v8" %s/>', self::mm($x - ($this->fitsWhole() ? 4 : 0)), self::mm($y), self::mm($x), self::mm($y - 4), $line);

        return ($this->fitsWhole()
            ? sprintf('<circle cx="%s" cy="%s" r="%s" %s/>', self::mm($x), self::mm($y), self::mm($radius), $line)
            : sprintf('<path d="M%s %s A%s %s 0 0 1 %s %s" %s/>', self::mm($x), self::mm($y - $radius), self::mm($radius), self::mm($radius), self::mm($x + $radius), self::mm($y), $line)).$cross;
    }

    private function barSvg(float $y): string
    {
        return sprintf('<rect x="%s" y="%s" width="80" height="%s" fill="#000000"/>', self::mm(self::MARGIN), self::mm($y), self::mm($this->thicknessMillimetres));
    }

    private static function rulerSvg(float $y): string
    {
        $marks = '';
        for ($at = 0; $at <= self::RULER_MILLIMETRES; $at++) {
            $marks .= sprintf('M%s %s v%s ', self::mm(self::MARGIN + $at), self::mm($y), $at % 10 === 0 ? '-5' : ($at % 5 === 0 ? '-3.5' : '-2'));
        }

        return sprintf('<path d="M%s %s h%d %s" fill="none" stroke="#000000" stroke-width="0.2"/>', self::mm(self::MARGIN), self::mm($y), self::RULER_MILLIMETRES, $marks);
    }

    private static function mm(float $value): string
    {
        return Rounding::written($value, 3);
    }
}

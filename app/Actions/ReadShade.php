<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Photo;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use StoneMill\Bake\PhotographedFace;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Spread;

/** Reads the colour of a face off a photo, where a cook points at the bread and at a white sheet beside it. */
final class ReadShade
{
    /** How far around the place that was pointed at, as a share of the photo's shorter side, and how many places on it each way. */
    private const REACH = 0.04;

    private const STEPS = 6;

    /** @throws InvalidInput If the places are outside of the photo, or the sheet is too dark. */
    public function __invoke(Photo $photo, mixed $document): Spread
    {
        $findings = new Findings;
        $body = Node::root($document, $findings)->object(['white', 'bread']);
        [$white, $bread] = [self::place($body->at('white')), self::place($body->at('bread'))];
        $findings->refuseIfAny();
        $image = (new ImageManager(new Driver))->read($photo->bytes);
        $sheet = self::around($image, $white);
        $mean = static fn (int $channel): float => array_sum(array_column($sheet, $channel)) / count($sheet);

        return InvalidInput::unless(static fn (): Spread => (new PhotographedFace([$mean(0), $mean(1), $mean(2)], self::around($image, $bread)))->shade(), 'white');
    }

    /** @return array{float, float} as shares of width and height */
    private static function place(Node $node): array
    {
        $node->object(['x', 'y']);

        return [$node->at('x')->number(0, 1), $node->at('y')->number(0, 1)];
    }

    /**
     * @param array{float, float} $place
     * @return non-empty-list<array{float, float, float}>
     */
    private static function around(ImageInterface $image, array $place): array
    {
        [$width, $height] = [$image->width(), $image->height()];
        $reach = max(1.0, self::REACH * min($width, $height));
        $colours = [];
        for ($row = 0; $row < self::STEPS; $row++) {
            for ($column = 0; $column < self::STEPS; $column++) {
                $x = (int) max(0, min($width - 1, round($place[0] * $width + $reach * (2 * $column / (self::STEPS - 1) - 1))));
                $y = (int) max(0, min($height - 1, round($place[1] * $height + $reach * (2 * $row / (self::STEPS - 1) - 1))));
                [$red, $green, $blue] = array_map(static fn (int $one): float => $one / 255, $image->pickColor($x, $y)->toArray());
                $colours[] = [$red, $green, $blue];
            }
        }

        return $colours;
    }
}

<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

/**
 * Surfaces that a plan may be made for, in °C. Cooler ones colour no bread before it has dried through, hotter ones are past the smoke
 * point of most fats; the model itself reaches a little further, so that a plan at the edge can be tried ten degrees off.
 */
final class SurfaceRange
{
    public const LEAST_CELSIUS = 130;

    public const MOST_CELSIUS = 330;
}

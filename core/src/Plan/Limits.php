<?php

declare(strict_types=1);

namespace StoneMill\Plan;

/** The outermost values that a plan request may carry. The published schema repeats them; a test holds the two together. */
final class Limits
{
    public const LINES = 40;

    /** Two days. */
    public const MOST_REST_MINUTES = 2880;

    public const MOST_STAND_MINUTES = 240;

    public const EXTRAS = 12;

    /** Of a line that is no part of the dough, for each piece. */
    public const LEAST_EXTRA_GRAMS = 0.01;

    public const LEAST_GRAMS = 0.01;

    public const MOST_GRAMS = 50000;

    public const LEAST_PERCENT = 0.01;

    public const MOST_PERCENT = 1000;

    public const LEAST_VOLUME = 0.01;

    public const MOST_VOLUME = 100000;

    public const LEAST_BALANCE = 0.5;

    public const MOST_BALANCE = 2;

    public const MOST_TURNS = 12;

    public const EATERS = 100;

    /** Alike, on one hob or in one oven. */
    public const PANS = 8;

    public const EACH_TAKES = 20;

    public const PIECES = 200;

    public const LEAST_PIECE_GRAMS = 5;

    public const MOST_PIECE_GRAMS = 1000;

    public const LEAST_DIAMETER_MM = 40;

    public const MOST_DIAMETER_MM = 600;

    public const LEARNED_BATCHES = 1_000_000;

    public const LEAST_THICKNESS_MM = 0.5;

    public const MOST_THICKNESS_MM = 40;

    /** Across what bread is pressed in. */
    public const MOST_PRESS_MM = 800;

    /** Across a pan, or a griddle and its sides. */
    public const LEAST_PLATE_MM = 80;

    public const MOST_PAN_MM = 800;

    public const MOST_PLATE_MM = 2000;

    public const LEAST_METAL_MM = 1;

    public const MOST_METAL_MM = 60;

    public const LEAST_RESOLUTION_GRAMS = 0.1;

    public const MOST_RESOLUTION_GRAMS = 10;

    public const MOST_PREHEAT_SECONDS = 7200;

    public const LEAST_ROOM_CELSIUS = 0;

    public const MOST_ROOM_CELSIUS = 50;

    public const MOST_WATER_CELSIUS = 100;

    public const MOST_HYDRATION_PERCENT = 600;

    public const MOST_TAP_CELSIUS = 50;

    public const MOST_DOUGH_GRAMS = 200000;

    public const LEAST_GROWTH = 1.1;

    public const MOST_GROWTH = 3;

    /** In grams: what a kitchen would call a bag. */
    public const MOST_BAG_GRAMS = 1_000_000;

    public const MOST_PRICE = 100000;

    public const MOST_BUDGET_GRAMS = 1000;

    public const LEAST_RISK = 0.01;

    public const MOST_RISK = 0.5;

    public const HANDS = 4;

    public const LOTS = 200;

    public const LEAST_WATTS = 300;

    public const MOST_WATTS = 30000;
}

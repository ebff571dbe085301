<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\Exchange\Node;
use StoneMill\School\Grease;
use StoneMill\School\Shaping;

/** How long hands take, in seconds: planning defaults, where neither the cook nor the record says better. */
final readonly class Pace
{
    public const FIELDS = ['weigh_line', 'pour', 'knead', 'feel', 'portion', 'shape', 'oil', 'lay', 'turn', 'press', 'lift'];

    private const LEAST = 1.0;

    private const MOST = 1800.0;

    private const OIL = 5.0;

    /**
     * @param float $flame each piece is held in it, in hand, after its lift
     */
    private function __construct(
        public float $weighLine,
        public float $pour,
        public float $knead,
        public float $feel,
        public float $portion,
        public float $shape,
        public bool $pressed,
        public float $oil,
        public float $lay,
        public float $turn,
        public float $press,
        public float $lift,
        public float $flame,
    ) {
    }

    /**
     * @param float $lay from where a piece was shaped onto the griddle
     * @param float $shapingMore what this piece takes over a usual one of its shaping
     * @param array<string, float> $own seconds by task, as the cook or the record says
     */
    public static function of(Shaping $shaping, Grease $grease, float $knead, float $lay, float $shapingMore = 0.0, float $flame = 0.0, array $own = []): self
    {
        return new self(
            weighLine: $own['weigh_line'] ?? 30.0,
            pour: $own['pour'] ?? 60.0,
            knead: $own['knead'] ?? $knead,
            feel: $own['feel'] ?? 60.0,
            portion: ! $shaping->isPortioned() ? 0.0 : $own['portion'] ?? 8.0,
            shape: $shaping === Shaping::Pour ? 0.0 : $own['shape'] ?? $shaping->secondsPerPiece() + $shapingMore,
            pressed: $shaping->isPressed(),
            oil: $grease->usesFat() ? $own['oil'] ?? self::OIL : 0.0,
            lay: $own['lay'] ?? $lay,
            turn: $own['turn'] ?? 4.0,
            press: $own['press'] ?? 4.0,
            lift: $own['lift'] ?? 4.0,
            flame: $flame,
        );
    }

    /** @return array<string, float> seconds by task that a request gives; what is wrong goes to the findings of the node */
    public static function read(Node $node): array
    {
        $node->object(self::FIELDS);
        $own = [];
        foreach (self::FIELDS as $task) {
            $seconds = $node->at($task)->optionalNumber(self::LEAST, self::MOST, 's');
            if ($seconds !== null) {
                $own[$task] = $seconds;
            }
        }

        return $own;
    }

    /** @return array<string, float> by task, of one piece */
    public function ofAPiece(): array
    {
        return ['portion' => $this->portion, 'shape' => $this->shape, 'oil' => $this->oil, 'lay' => $this->lay, 'turn' => $this->turn, 'press' => $this->press, 'lift' => $this->lift, 'flame' => $this->flame];
    }
}

<?php

declare(strict_types=1);

namespace StoneMill\Hearth;

use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Hearth\Exception\TooFewReadings;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Spread;
use StoneMill\Measure\Unit;

/**
 * What readings and tests say of one griddle at one knob setting: how hot it gets against what was believed, how it
 * warms, and how long to preheat.
 */
final readonly class Calibration
{
    private const MOST_READINGS = 200;

    private const MOST_SPOTS = 30;

    /** Preheated once it is within this of its final heat, or hot enough for the bread. */
    private const NEAR_KELVIN = 5.0;

    /** Before anything is measured a knob may lie by this. Planning estimate. */
    private const BELIEF_DEVIATION = 20.0;

    /**
     * @param list<HeatTest> $tests
     * @param list<float> $spots °C read at once over the surface
     */
    private function __construct(
        public float $believedCelsius,
        private ?float $wantedCelsius,
        public ?WarmUp $warmUp,
        private ?float $steadyCelsius,
        private array $tests,
        public array $spots,
    ) {
    }

    public static function read(mixed $document): self
    {
        $findings = new Findings;
        $calibration = self::readNode(Node::root($document, $findings), $findings);

        return $findings->sound($calibration);
    }

    /** Reads readings that stand inside another document; null where they broke the contract, which the findings tell. */
    public static function readNode(Node $root, Findings $findings): ?self
    {
        $root->object(['believed_celsius', 'wanted_celsius', 'readings', 'tests', 'spots']);
        $believed = $root->at('believed_celsius')->number(60, 450, '°C');
        $wanted = $root->at('wanted_celsius')->optionalNumber(60, 450, '°C');
        $readings = self::readings($root->at('readings'));
        $tests = $root->at('tests')->isAbsent() ? [] : $root->at('tests')->choices(HeatTest::class, 12);
        $spots = $root->at('spots')->isAbsent() ? [] : array_map(
            static fn (Node $spot): float => $spot->number(0, 500, '°C'),
            $root->at('spots')->items(1, self::MOST_SPOTS),
        );
        $warmUp = null;
        $steady = null;
        try {
            $warmUp = $readings === [] ? null : WarmUp::fitted($readings);
        } catch (TooFewReadings) {
            // One or two readings of a hot griddle still say how hot it is.
            $steady = array_sum(array_column($readings, 'celsius')) / count($readings);
        }
        if ($readings === [] && $tests === [] && $spots === []) {
            $root->refuse('There is nothing to calibrate from.', 'at least one reading, test or spot');
        }

        return $findings->areEmpty() ? new self($believed, $wanted, $warmUp, $steady, $tests, $spots) : null;
    }

    /** Surface temperature at this setting: all that is known, each by its certainty. */
    public function surface(): Spread
    {
        $evidence = [[$this->believedCelsius, self::BELIEF_DEVIATION]];
        if ($this->warmUp !== null) {
            $evidence[] = [$this->warmUp->finalCelsius, max(3.0, $this->warmUp->finalDeviationCelsius)];
        }
        if ($this->steadyCelsius !== null) {
            $evidence[] = [$this->steadyCelsius, 8.0];
        }
        if ($this->spots !== []) {
            $evidence[] = [array_sum($this->spots) / count($this->spots), max(4.0, 8.0 / sqrt(count($this->spots)))];
        }
        foreach ($this->tests as $test) {
            $evidence[] = [$test->celsius()->likely, $test->celsius()->deviation()];
        }
        $weights = array_map(static fn (array $one): float => 1 / $one[1] ** 2, $evidence);
        $mean = array_sum(array_map(static fn (array $one, float $weight): float => $one[0] * $weight, $evidence, $weights)) / array_sum($weights);

        return Spread::normal($mean, 1 / sqrt(array_sum($weights)));
    }

    /** Null where no warm-up was read, or the setting never gets there. */
    public function preheatSeconds(): ?float
    {
        if ($this->warmUp === null) {
            return null;
        }
        $seconds = $this->warmUp->secondsUntil(min($this->wantedCelsius ?? INF, $this->warmUp->finalCelsius - self::NEAR_KELVIN));

        return $seconds === null ? null : round($seconds);
    }

    /** @return list<array{seconds: float, celsius: float}> */
    private static function readings(Node $node): array
    {
        $readings = [];
        foreach ($node->isAbsent() ? [] : $node->items(1, self::MOST_READINGS) as $reading) {
            $reading->object(['seconds', 'celsius']);
            $readings[] = ['seconds' => $reading->at('seconds')->number(0, 7200, 's'), 'celsius' => $reading->at('celsius')->number(-20, 500, '°C')];
        }

        return $readings;
    }

    /** @return list<Reason> */
    public function reasons(): array
    {
        $reasons = [Reason::amount('Believed', $this->believedCelsius, Unit::Celsius)];
        if ($this->warmUp !== null) {
            $reasons[] = Reason::amount('Its warm-up levels off at', $this->warmUp->finalCelsius, Unit::Celsius);
        }
        if ($this->steadyCelsius !== null) {
            $reasons[] = Reason::amount('Read', $this->steadyCelsius, Unit::Celsius);
        }
        if ($this->spots !== []) {
            $reasons[] = Reason::amount('Mean of the spots read', array_sum($this->spots) / count($this->spots), Unit::Celsius);
        }
        foreach ($this->tests as $test) {
            $reasons[] = Reason::amount($test->inWords(), $test->celsius()->likely, Unit::Celsius);
        }

        return $reasons;
    }

    /** @return list<string> */
    public function words(Spread $surface): array
    {
        $off = $surface->likely - $this->believedCelsius;
        $words = [abs($off) < self::NEAR_KELVIN
            ? 'The setting is as hot as believed.'
            : sprintf('At this setting the metal is about %.0f degrees %s than believed.', abs($off), $off > 0 ? 'hotter' : 'cooler')];
        $preheat = $this->preheatSeconds();
        if ($preheat !== null) {
            $words[] = sprintf('Preheat %.0f min; laid sooner, the first pieces stay pale, or dry out while they wait for their colour.', ceil($preheat / 60));
        }
        if ($this->wantedCelsius !== null && $this->warmUp !== null && $this->warmUp->finalCelsius < $this->wantedCelsius - self::NEAR_KELVIN) {
            $words[] = sprintf('This setting levels off at %.0f °C and never reaches %.0f °C: turn up.', $this->warmUp->finalCelsius, $this->wantedCelsius);
        }
        if ($this->spots !== [] && max($this->spots) - min($this->spots) > 25) {
            $words[] = 'Hot and cool places differ by more than 25 degrees: move pieces round the griddle, or preheat longer on a lower flame.';
        }

        return $words;
    }
}

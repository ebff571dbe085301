<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Line\RunRow;
use StoneMill\Line\RunSheet;

/**
 * Sentences of the core, which speaks in °C, grams and millimetres, in the units of whoever takes them along. The page does the same with
 * what it shows (web/ui/serverWords.ts).
 */
final readonly class ReadersUnits
{
    public const FIELDS = ['mass', 'temperature', 'length', 'clock'];

    private const GRAMS_IN_OUNCE = 28.349523125;

    private const MILLIMETRES_IN_INCH = 25.4;

    private function __construct(private bool $ounces, private bool $fahrenheit, private bool $inches, private bool $isTwelve)
    {
    }

    /** By the address; what is not said there is metric. */
    public static function of(Request $request): self
    {
        $findings = new Findings;
        // What a clock counts to is a word here, not a number.
        $asked = array_intersect_key($request->query->all(), array_flip(self::FIELDS));
        $address = Node::root($asked, $findings);
        $is = static function (string $field, string $metric, string $other) use ($asked, $address): bool {
            $said = $asked[$field] ?? $metric;
            if ($said !== $metric && $said !== $other) {
                $address->at($field)->refuse('This unit is not known.', "$metric or $other");
            }

            return $said === $other;
        };
        $units = new self($is('mass', 'g', 'oz'), $is('temperature', 'C', 'F'), $is('length', 'mm', 'in'), $is('clock', '24', '12'));
        $findings->refuseIfAny();

        return $units;
    }

    /** @param array<string, string|bool> $profile of a cook, who is not asking in person */
    public static function liked(array $profile): self
    {
        return new self(($profile['mass'] ?? null) === 'oz', ($profile['temperature'] ?? null) === 'F', ($profile['length'] ?? null) === 'in', ($profile['clock'] ?? null) === '12');
    }

    /** How a time of day is written, as PHP's date() takes it. */
    public function clock(): string
    {
        return $this->isTwelve ? 'g:i a' : 'H:i';
    }

    public function sheet(RunSheet $sheet): RunSheet
    {
        return $sheet->withRows(array_map(fn (RunRow $row): RunRow => new RunRow($row->what, $row->from, $row->until, $this->words($row->says), $this->words($row->detail)), $sheet->rows));
    }

    public function words(string $sentence): string
    {
        if ($this->fahrenheit) {
            $sentence = self::replaced('/(\d+(?:\.\d+)?) °C/u', $sentence, static fn (float $celsius): string => sprintf('%.0f °F', $celsius * 9 / 5 + 32));
        }
        if ($this->ounces) {
            $sentence = self::replaced('/(\d+(?:\.\d+)?) g(?![\w\/])/u', $sentence, static fn (float $grams): string => sprintf($grams < 280 ? '%.2f oz' : '%.1f oz', $grams / self::GRAMS_IN_OUNCE));
        }
        if ($this->inches) {
            $sentence = self::replaced('/(\d+(?:\.\d+)?) mm(?!\w)/u', $sentence, self::inInches(...));
        }

        return $sentence;
    }

    /** Thin things in sixteenths, as inch rulers show them; wide ones to a tenth. */
    private static function inInches(float $millimetres): string
    {
        $inches = $millimetres / self::MILLIMETRES_IN_INCH;
        if ($inches >= 1) {
            return sprintf('%.1f in', $inches);
        }
        $sixteenths = max(1, (int) round(16 * $inches));
        foreach ([16, 8, 4, 2] as $divisor) {
            if ($sixteenths % $divisor === 0) {
                return $divisor === 16 ? '1 in' : sprintf('%d/%d in', $sixteenths / $divisor, 16 / $divisor);
            }
        }

        return sprintf('%d/16 in', $sixteenths);
    }

    /** @param callable(float): string $as */
    private static function replaced(string $pattern, string $sentence, callable $as): string
    {
        return (string) preg_replace_callback($pattern, static fn (array $found): string => $as((float) $found[1]), $sentence);
    }
}

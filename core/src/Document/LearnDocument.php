<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Learn\CalibratedSetting;
use StoneMill\Learn\KitchenRecord;
use StoneMill\Learn\WaterRecord;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\LearnedWater;
use StoneMill\Plan\KnobSetting;
use StoneMill\Plan\LearnedKind;

/** What the record of a kitchen says of bags, griddles and hands. */
final class LearnDocument
{
    /** Points of a picture; older ones add nothing that can be seen. */
    private const SHOWN = 120;

    /** @return array<string, mixed>|null what is known of a bag; null where nothing was learned */
    public static function water(WaterRecord $record, string $flour, string $bag): ?array
    {
        $known = $record->bag($flour, $bag);

        return $known === null ? null : [...self::known($known), 'words' => 'This bag '.$known->inWords(), 'more_until_half' => $record->batchesUntilHalf($known), 'usual_grams' => round($known->points / 100 * $record->usualGrams($bag), 1)];
    }

    /** @return list<array<string, mixed>> how a bag became known, batch by batch */
    public static function settling(WaterRecord $record, string $flour, string $bag): array
    {
        return array_map(static fn (array $step): array => [
            'points' => round($step['points'], 2), 'reach' => round(Spread::DECILE_DEVIATIONS * $step['deviation'], 2), 'known' => self::known($step['known']),
        ], $record->settling($flour, $bag));
    }

    /**
     * What is known of a griddle: its settings with what was read and judged at each, and how far it sags under bread.
     *
     * @return array<string, mixed>
     */
    public static function heat(KitchenRecord $record, string $griddle): array
    {
        $settings = [];
        foreach ($record->griddles->settings($griddle) as $name) {
            $heat = $record->griddles->heat($griddle, $name);
            if ($heat !== null) {
                $reach = Spread::DECILE_DEVIATIONS * $heat->deviation;
                $settings[] = ['name' => $name, 'celsius' => round($heat->value, 1), 'low' => round($heat->value - $reach, 1), 'high' => round($heat->value + $reach, 1), 'batches' => $heat->batches, 'words' => (new KnobSetting($name, $heat))->inWords()];
            }
        }

        return [
            'aside' => KitchenRecord::asideSettings($griddle),
            'set_aside' => $record->isSetAside(KitchenRecord::asideSettings($griddle)),
            'settings' => $settings,
            'seen' => self::seen($record, $griddle),
        ];
    }

    /**
     * Everything that a kitchen has learned of hands, breads and griddles, each with the name under which it is set aside.
     *
     * @param list<array{id: string, name: string}> $cooks
     * @return list<array<string, mixed>>
     */
    public static function all(KitchenRecord $record, array $cooks): array
    {
        $told = [];
        foreach (LearnedKind::cases() as $kind) {
            foreach (self::subjects($record, $kind, array_column($cooks, 'id')) as [$cook, $style, $shape, $griddle]) {
                $learned = $record->learned($kind, $cook, $style, $shape, $griddle);
                if ($learned !== null) {
                    $aside = KitchenRecord::aside($kind, KitchenRecord::subject($kind, $cook, $style, $shape, $griddle ?? ''));
                    $told[] = [
                        'kind' => $kind->value, 'stage' => $kind->stage()->value, 'cook' => $cook === '' ? null : $cook, 'style' => $style === '' ? null : $style, 'shape' => $shape === '' ? null : $shape, 'griddle' => $griddle,
                        'value' => round($learned->value, 4), 'deviation' => round($learned->deviation, 4), 'batches' => $learned->batches,
                        'words' => $kind->inWords($learned), 'aside' => $aside, 'set_aside' => $record->isSetAside($aside),
                    ];
                }
            }
        }

        return $told;
    }

    /**
     * @param list<string> $cooks
     * @return list<array{string, string, string, string|null}> cook, style, shape and griddle, as far as this kind of thing is learned of them
     */
    private static function subjects(KitchenRecord $record, LearnedKind $kind, array $cooks): array
    {
        return match ($kind) {
            LearnedKind::Feel, LearnedKind::Evenness, LearnedKind::Portion => array_map(static fn (string $cook): array => [$cook, '', '', null], $cooks),
            LearnedKind::Thickness, LearnedKind::Shape => array_merge(...array_map(static fn (string $cook): array => array_map(static fn (string $shape): array => [$cook, '', $shape, null], $record->hands->shapes($cook)), $cooks)),
            LearnedKind::Heat, LearnedKind::BowlLoss => [['', '', '', null]],
            LearnedKind::Colour, LearnedKind::WeightLoss => array_map(static fn (string $style): array => ['', $style, '', null], $record->griddles->styles()),
            LearnedKind::Sag => array_map(static fn (string $griddle): array => ['', '', '', $griddle], $record->griddles->griddles()),
        };
    }

    /** @return list<array<string, mixed>> readings and judged colours of one griddle, in °C that the metal must have had */
    private static function seen(KitchenRecord $record, string $griddle): array
    {
        $seen = array_map(static fn (CalibratedSetting $one): array => ['setting' => $one->setting, 'celsius' => round($one->celsius, 1), 'how' => 'calibrated', 'day' => $one->day], $record->griddles->calibrations($griddle));
        foreach ($record->griddles->of($griddle) as $lesson) {
            foreach (['empty' => $lesson->emptyCelsius, 'loaded' => $lesson->workingCelsius] as $how => $readings) {
                foreach ($readings as $celsius) {
                    $seen[] = ['setting' => $lesson->setting, 'celsius' => round($celsius, 1), 'how' => $how, 'day' => $lesson->day];
                }
            }
            $byColour = $record->griddles->heatByColour($lesson);
            if ($byColour !== null) {
                $seen[] = ['setting' => $lesson->setting, 'celsius' => round($byColour, 1), 'how' => 'judged', 'day' => $lesson->day];
            }
        }

        return array_slice($seen, -self::SHOWN);
    }

    /** @return array{points: float, deviation: float, batches: int, low: float, high: float} */
    private static function known(LearnedWater $known): array
    {
        $reach = Spread::DECILE_DEVIATIONS * $known->deviation;

        return [...$known->toRequest(), 'low' => round($known->points - $reach, 2), 'high' => round($known->points + $reach, 2)];
    }
}

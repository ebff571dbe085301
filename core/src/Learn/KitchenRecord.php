<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Griddle\SurfaceRange;
use StoneMill\Measure\Learned;
use StoneMill\Plan\Experience;
use StoneMill\Plan\KnobSetting;
use StoneMill\Plan\LearnedKind;
use StoneMill\Shape\Portions;

/** Everything that the batches of a kitchen teach, and what of it a plan is told: all but what its cooks have set aside. */
final readonly class KitchenRecord
{
    public WaterRecord $water;

    public GriddleRecord $griddles;

    public HandRecord $hands;

    /**
     * @param list<BatchLesson> $lessons in the order in which they were learned
     * @param list<CalibratedSetting> $calibrations
     * @param list<string> $setAside what nobody wants used, as aside() names it
     * @param list<string> $anew bags from another mill than what their flour taught
     */
    public function __construct(array $lessons, array $calibrations, private array $setAside = [], array $anew = [])
    {
        $this->water = new WaterRecord(array_values(array_filter(array_map(static fn (BatchLesson $lesson): ?WaterLesson => $lesson->water, $lessons))), $anew);
        $heat = array_values(array_filter(array_map(static fn (BatchLesson $lesson): ?HeatLesson => $lesson->heat, $lessons)));
        $this->griddles = new GriddleRecord($heat, $calibrations);
        $this->hands = new HandRecord(array_values(array_filter(array_map(static fn (BatchLesson $lesson): ?HandLesson => $lesson->hand, $lessons))), $heat, Portions::usualLoss()->likely);
    }

    /** The name under which something learned is set aside: what it is, and of whom or what. */
    public static function aside(LearnedKind $kind, string $of): string
    {
        return "$kind->value:$of";
    }

    /** The same for the settings of a griddle's knob. */
    public static function asideSettings(string $griddle): string
    {
        return "settings:$griddle";
    }

    public function isSetAside(string $name): bool
    {
        return in_array($name, $this->setAside, true);
    }

    /** @return list<string> everybody whose hands it knows */
    public function cooks(): array
    {
        return array_values(array_unique([...$this->water->cooks(), ...$this->hands->cooks()]));
    }

    /** What a plan is told for this cook, bread, way of shaping and griddle. */
    public function experience(string $cook, string $style, string $shape, ?string $griddle): Experience
    {
        $known = [];
        foreach (LearnedKind::cases() as $kind) {
            $of = self::subject($kind, $cook, $style, $shape, $griddle ?? '');
            $learned = $this->isSetAside(self::aside($kind, $of)) ? null : $this->learned($kind, $cook, $style, $shape, $griddle);
            if ($learned !== null) {
                $known[$kind->value] = $learned;
            }
        }

        return new Experience($known);
    }

    /** Of whom or what something is learned. */
    public static function subject(LearnedKind $kind, string $cook, string $style, string $shape, string $griddle): string
    {
        return match ($kind) {
            LearnedKind::Feel, LearnedKind::Evenness, LearnedKind::Portion => $cook,
            LearnedKind::Thickness, LearnedKind::Shape => "$cook $shape",
            LearnedKind::Heat, LearnedKind::BowlLoss => '',
            LearnedKind::Colour, LearnedKind::WeightLoss => $style,
            LearnedKind::Sag => $griddle,
        };
    }

    public function learned(LearnedKind $kind, string $cook, string $style, string $shape, ?string $griddle): ?Learned
    {
        return match ($kind) {
            LearnedKind::Feel => $this->water->cook($cook),
            LearnedKind::Heat => $this->water->heat(),
            LearnedKind::Evenness => $this->hands->evenness($cook),
            LearnedKind::Portion => $this->hands->portionSeconds($cook),
            LearnedKind::Thickness => self::times($this->hands->thickness($cook, $shape)),
            LearnedKind::Shape => $this->hands->shapeSeconds($cook, $shape),
            LearnedKind::BowlLoss => $this->hands->bowlLoss(),
            LearnedKind::Colour => self::times($this->griddles->readiness($style)),
            LearnedKind::WeightLoss => $this->hands->weightLoss($style),
            LearnedKind::Sag => $griddle === null ? null : $this->griddles->sag($griddle),
        };
    }

    /** @return list<KnobSetting> of a griddle that a plan can be made for; none where the cook has set them aside */
    public function settings(string $griddle): array
    {
        if ($this->isSetAside(self::asideSettings($griddle))) {
            return [];
        }
        $settings = [];
        foreach ($this->griddles->settings($griddle) as $name) {
            $heat = $this->griddles->heat($griddle, $name);
            if ($heat !== null && $heat->value >= SurfaceRange::LEAST_CELSIUS && $heat->value <= SurfaceRange::MOST_CELSIUS) {
                $settings[] = new KnobSetting($name, $heat);
            }
        }

        return array_slice($settings, 0, KnobSetting::MOST);
    }

    /** Out of a logarithm: so many times, and give or take as many hundredths. */
    private static function times(?Learned $logarithm): ?Learned
    {
        return $logarithm === null ? null : new Learned(exp($logarithm->value), exp($logarithm->value) * $logarithm->deviation, $logarithm->batches);
    }
}

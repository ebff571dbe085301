<?php

declare(strict_types=1);

namespace StoneMill\Tests\Bake;

use PHPUnit\Framework\TestCase;
use StoneMill\Bake\Above;
use StoneMill\Bake\Burner;
use StoneMill\Bake\Contact;
use StoneMill\Bake\FaceState;
use StoneMill\Bake\Film;
use StoneMill\Bake\Iron;
use StoneMill\Bake\KitchenAir;
use StoneMill\Bake\Metal;
use StoneMill\Bake\Physics;
use StoneMill\Bake\RestingIron;
use StoneMill\Measure\Exception\OutOfRange;

/** The metal on its own, how it meets the bread, and what the bread meets above. */
final class IronTest extends TestCase
{
    public function test_a_plate_stores_what_its_metal_and_thickness_say(): void
    {
        // 5 mm of cast iron: 7200 kg/m³ · 500 J/(kg·K) · 0.005 m = 18 kJ/(m²·K).
        self::assertEqualsWithDelta(18000, Iron::of(Metal::CastIron, Burner::Steady, 5, 230, 0.4, 70)->storedPerKelvin, 1e-6);
    }

    public function test_left_alone_at_its_setting_it_stays_there(): void
    {
        foreach (Burner::cases() as $burner) {
            $iron = Iron::of(Metal::Steel, $burner, 4, 215, 0.4, 70);
            $resting = new RestingIron($iron, 21, 215);
            $resting->rest(600);
            self::assertEqualsWithDelta(215, $resting->celsius(), 0.01, $burner->value);
            self::assertEqualsWithDelta(26 * (215 - 21), $iron->power(215, 21), 1e-9);
        }
    }

    public function test_it_comes_back_from_a_load_and_sooner_when_a_hand_is_at_the_knob(): void
    {
        $after = static function (Burner $burner, float $seconds): float {
            $resting = new RestingIron(Iron::of(Metal::CastIron, $burner, 5, 230, 0.4, 70), 21, 190, 200);
            $resting->rest($seconds);

            return $resting->celsius();
        };
        foreach (Burner::cases() as $burner) {
            self::assertGreaterThan($after($burner, 20), $after($burner, 120));
            self::assertLessThanOrEqual(231, $after($burner, 3000));
            self::assertGreaterThan(222, $after($burner, 3000));
        }
        self::assertGreaterThan($after(Burner::Steady, 120), $after(Burner::Regulated, 120));
    }

    public function test_a_burner_never_gives_more_than_it_has_or_less_than_nothing(): void
    {
        $iron = Iron::of(Metal::CastIron, Burner::Regulated, 5, 230, 0.4, 70);
        self::assertSame(25000.0, $iron->power(20, 21));
        self::assertSame(0.0, $iron->power(300, 21));
        self::assertEqualsWithDelta(230, $iron->at(230)->setCelsius, 1e-9);
        self::assertEqualsWithDelta(180, $iron->at(180)->setCelsius, 1e-9);
    }

    public function test_contact_falls_as_the_face_dries_and_rises_with_oil_and_a_press(): void
    {
        $physics = new Physics;
        $face = static fn (float $water, Film $film = Film::None): FaceState => new FaceState(100, $water, $film);
        $before = INF;
        foreach ([1.2, 0.6, 0.4, 0.2, 0.05] as $water) {
            $conductance = Contact::conductance($physics, $face($water), 20, false, false);
            self::assertLessThanOrEqual($before, $conductance);
            $before = $conductance;
        }
        // A dry crust, settled: the dry figure itself.
        self::assertEqualsWithDelta($physics->contactDry, $before, 0.1);
        self::assertGreaterThan($before, Contact::conductance($physics, $face(0.05, Film::Oil), 20, false, false));
        self::assertEqualsWithDelta(1.6 * $before, Contact::conductance($physics, $face(0.05), 20, false, true), 1e-9);
        self::assertEqualsWithDelta(0.65 * $before, Contact::conductance($physics, $face(0.05), 20, true, false), 1e-9);
        self::assertLessThan($before, Contact::conductance($physics, $face(0.05), 0, false, false), 'it must settle first');
    }

    public function test_what_is_above_the_bread(): void
    {
        $kitchen = new KitchenAir(21, 185);
        $physics = new Physics;
        self::assertGreaterThan(Above::Covered->surround($kitchen, $physics, 5)->airCelsius, Above::Covered->surround($kitchen, $physics, 200)->airCelsius);
        self::assertLessThan(97.01, Above::Covered->surround($kitchen, $physics, 9000)->airCelsius);
        self::assertSame(185.0, Above::Oven->surround($kitchen, $physics, 0)->airCelsius);
        self::assertGreaterThan(400, Above::Flame->surroundBelow($kitchen, $physics, 0)->airCelsius);
        self::assertLessThan(60, Above::Flame->surround($kitchen, $physics, 0)->airCelsius, 'the flame is below');
        self::assertSame([true, true, false], [Above::Oven->leavesTheMetal(), Above::Flame->leavesTheMetal(), Above::Covered->leavesTheMetal()]);
        // ε σ (T + T₀)(T² + T₀²) at 100 over 21 °C: 0.9 · 5.67e-8 · 667.3 · 225765 = 7.69 W/(m²·K).
        self::assertEqualsWithDelta(7.69, Above::Open->surround($kitchen, $physics, 0)->radiation(100), 0.02);
    }

    public function test_a_griddle_of_paper_or_wholly_covered_is_refused(): void
    {
        foreach ([[0.5, 0.4], [5.0, 1.5], [500.0, 0.4]] as [$thickness, $covered]) {
            try {
                Iron::of(Metal::CastIron, Burner::Steady, $thickness, 230, $covered, 70);
                self::fail('It was taken for a griddle.');
            } catch (OutOfRange $refusal) {
                self::assertMatchesRegularExpression('/must be between/', $refusal->getMessage());
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace StoneMill\Record;

use DateTimeImmutable;
use StoneMill\Griddle\Griddling;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Label\GlutenStatus;
use StoneMill\Line\Pace;
use StoneMill\Line\PieceWork;
use StoneMill\Measure\Rounding;
use StoneMill\Measure\SpoonSet;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\School\Grease;
use StoneMill\School\Measuring;
use StoneMill\School\Shaping;
use StoneMill\School\Stage;
use StoneMill\School\Texture;
use StoneMill\School\TurnAction;
use StoneMill\School\WayOver;

/**
 * What the log needs to know of the plan it follows. It is read from the plan as it stood, so that a later
 * rule does not rewrite an old batch.
 *
 * @phpstan-type PlannedLine array{ingredient: string, name: string, role: string, lot?: string|null, grams: float, brings_grams: float}
 * @phpstan-type PlannedExtra array{ingredient: string, name: string, place: string, words: string, stage: string, grams_each: float, lot: string|null}
 * @phpstan-type PlannedStep array{id: string, stage: string, name: string, check: string, ingredients: list<string>, seconds: int}
 * @phpstan-type PlannedTouch array{action: string, at_seconds: float, from_seconds: float, to_seconds: float}
 * @phpstan-type Point array{value: float}
 * @phpstan-type PlanDocument array{
 *   ledger: list<PlannedLine>,
 *   steps?: list<PlannedStep>,
 *   extras?: list<PlannedExtra>,
 *   style?: array{id: string},
 *   method: array<string, string>,
 *   water: array{grams: Point, first_pour_grams: Point, hydration_percent?: Point, celsius?: Point, catalogue_grams?: float, swollen_share?: Point, parts?: list<array{kind: string, grams: float, celsius: float}>, as_batter_grams?: float, spoon?: string, texture?: string},
 *   portion: array{count: int, resolution_grams: float, dough_grams: Point, mixed_grams: Point, piece_grams: Point},
 *   shape: array{diameter_mm: Point, thickness_mm: Point},
 *   griddle: array{turns: list<PlannedTouch>, lift: PlannedTouch, places: list<array{x: float, y: float}>, finish?: string, finish_seconds?: int, finish_rounds?: list<array{what: string, seconds: int}>, recover_seconds?: float, stride?: array{first_share: float, bare_celsius: float}|null, surface_celsius: Point, tool?: array{id: string|null, setting: string|null, celsius: float}, weight_loss_percent?: Point, faces?: list<array{shade: Point}>, centre_celsius?: Point|null, done_celsius?: float},
 *   line: array{hands: int, actions?: list<array{kind: string}>, length_seconds: int, ready_at: string|null, pace?: array<string, float|int|bool>, stages: list<array{stage: string, at_seconds: float}>},
 *   moved_by?: array{thickness_times: float, colour_times: float, loss_points: float},
 *   mix?: array{knead_seconds?: int, hand_warm_minutes?: Point},
 *   portrait?: array<string, mixed>,
 *   label?: array{gluten: array{status: string}},
 *   rise?: array{growth: float}|null,
 *   rest: array{seconds: int, stand_seconds?: int, second_seconds?: int},
 *   stack: array{seconds: int}
 * }
 */
final readonly class PlannedBatch
{
    /** Thicker ones break before they bend round a finger. Planning estimate. */
    private const FOLDED_UP_TO_MILLIMETRES = 10.0;

    /**
     * @param list<PlannedLine> $lines
     * @param non-empty-list<PlannedTouch> $touches turns and lift, in order
     * @param float $afterLiftSeconds from the last lift until it is served
     * @param float $surfaceCelsius of the bare metal while bread lies on it
     * @param float $heldCelsius of the empty metal
     * @param float $lossPercent weight that is lost, as it is worked out without what was learned of it
     * @param float $movedThickness by how many times the record made the disc thicker than wished
     * @param float $movedColour by how many times the record made it colour more readily than its kind
     * @param list<float> $shades of both faces, as expected
     * @param array<string, mixed>|null $portrait what the bread will look like
     * @param PlanDocument $document
     */
    private function __construct(
        public array $lines,
        public float $waterGrams,
        public float $firstPourGrams,
        public int $count,
        public float $resolutionGrams,
        public float $keptShare,
        public array $touches,
        public int $places,
        public float $pieceGrams,
        public float $diameterMillimetres,
        public float $thicknessMillimetres,
        public int $restSeconds,
        public int $stackSeconds,
        public Measuring $measuring,
        public float $batterGrams,
        public Texture $texture,
        public int $hands,
        public ?DateTimeImmutable $readyAt,
        public float $afterLiftSeconds,
        public ?float $wantedCentreCelsius,
        public string $style,
        public string $shape,
        public ?string $griddleId,
        public ?string $setting,
        public float $surfaceCelsius,
        public float $heldCelsius,
        public float $lossPercent,
        public float $movedThickness,
        public float $movedColour,
        public array $shades,
        public float $hydrationPercent,
        public float $waterCelsius,
        public float $swollenShare,
        public ?array $portrait,
        public bool $containsWheat,
        private array $document,
    ) {
    }

    public static function of(BatchPlan $plan): self
    {
        /** @var PlanDocument $document */
        $document = $plan->toArray();

        return self::fromDocument($document);
    }

    /** @param PlanDocument $plan a stored batch plan */
    public static function fromDocument(array $plan): self
    {
        $surface = $plan['griddle']['surface_celsius']['value'];

        return new self(
            lines: $plan['ledger'],
            waterGrams: $plan['water']['grams']['value'],
            firstPourGrams: $plan['water']['first_pour_grams']['value'],
            count: $plan['portion']['count'],
            resolutionGrams: $plan['portion']['resolution_grams'],
            keptShare: $plan['portion']['dough_grams']['value'] / $plan['portion']['mixed_grams']['value'],
            touches: [...$plan['griddle']['turns'], $plan['griddle']['lift']],
            places: count($plan['griddle']['places']),
            pieceGrams: $plan['portion']['piece_grams']['value'],
            diameterMillimetres: $plan['shape']['diameter_mm']['value'],
            thicknessMillimetres: $plan['shape']['thickness_mm']['value'],
            restSeconds: $plan['rest']['seconds'],
            stackSeconds: $plan['stack']['seconds'],
            measuring: Measuring::from($plan['method']['measure']),
            // Plans from before batters were worked out do not say; the water of the dough is then the least it takes.
            batterGrams: $plan['water']['as_batter_grams'] ?? $plan['water']['grams']['value'],
            texture: Texture::from($plan['water']['texture'] ?? Texture::Press->value),
            hands: $plan['line']['hands'],
            readyAt: $plan['line']['ready_at'] === null ? null : new DateTimeImmutable($plan['line']['ready_at']),
            afterLiftSeconds: (float) ($plan['stack']['seconds'] + (($plan['griddle']['finish'] ?? '') === 'flame' ? 0 : $plan['griddle']['finish_seconds'] ?? 0)),
            wantedCentreCelsius: $plan['griddle']['done_celsius'] ?? null,
            style: $plan['style']['id'] ?? '',
            shape: $plan['method']['shape'],
            griddleId: $plan['griddle']['tool']['id'] ?? null,
            setting: $plan['griddle']['tool']['setting'] ?? null,
            surfaceCelsius: (float) ($plan['griddle']['stride']['bare_celsius'] ?? $surface),
            heldCelsius: (float) ($plan['griddle']['tool']['celsius'] ?? $surface),
            lossPercent: (float) ($plan['griddle']['weight_loss_percent']['value'] ?? 0) - (float) ($plan['moved_by']['loss_points'] ?? 0),
            movedThickness: (float) ($plan['moved_by']['thickness_times'] ?? 1),
            movedColour: (float) ($plan['moved_by']['colour_times'] ?? 1),
            shades: array_map(static fn (array $face): float => (float) $face['shade']['value'], $plan['griddle']['faces'] ?? []),
            hydrationPercent: (float) ($plan['water']['hydration_percent']['value'] ?? 0),
            waterCelsius: (float) ($plan['water']['celsius']['value'] ?? 0),
            swollenShare: (float) ($plan['water']['swollen_share']['value'] ?? 0),
            portrait: $plan['portrait'] ?? null,
            containsWheat: ($plan['label']['gluten']['status'] ?? '') === GlutenStatus::ContainsWheat->value,
            document: $plan,
        );
    }

    /**
     * The touches of a piece on a place that nothing lay on before: the metal is fresh, and all of it comes sooner.
     *
     * @return non-empty-list<PlannedTouch>
     */
    public function firstTouches(): array
    {
        return self::stretched($this->touches, $this->firstShare());
    }

    /**
     * @param non-empty-list<PlannedTouch> $touches
     * @return non-empty-list<PlannedTouch> the same at so many times their moments
     */
    public static function stretched(array $touches, float $factor): array
    {
        return array_map(static fn (array $touch): array => [
            ...$touch,
            'at_seconds' => $factor * $touch['at_seconds'],
            'from_seconds' => $factor * $touch['from_seconds'],
            'to_seconds' => $factor * $touch['to_seconds'],
        ], $touches);
    }

    private function firstShare(): float
    {
        $stride = $this->document['griddle']['stride'] ?? null;

        return $stride === null ? 1.0 : $stride['first_share'];
    }

    /** What a piece asks of hands and griddle. Plans from before the line was searched do not say; the usual pace holds for them. */
    /** @param float $paceFactor times as long as planned that a bread lies */
    public function pieceWork(float $paceFactor = 1.0): PieceWork
    {
        $griddle = $this->document['griddle'];
        $own = array_filter($this->document['line']['pace'] ?? [], is_numeric(...));
        $flame = ($griddle['finish'] ?? '') === 'flame' ? (float) ($griddle['finish_seconds'] ?? 0) : 0.0;
        $touches = array_map(
            static fn (array $touch): TurnWindow => new TurnWindow(TurnAction::from($touch['action']), (float) $touch['at_seconds'], (float) $touch['from_seconds'], (float) $touch['to_seconds']),
            self::stretched($this->touches, $paceFactor),
        );
        $shaping = Shaping::from($this->document['method']['shape']);
        $pace = Pace::of($shaping, Grease::from($this->document['method']['grease']), 0.0, WayOver::usualOf($shaping)->seconds(), flame: $flame, own: array_map(floatval(...), $own));

        return PieceWork::of($touches, $pace, (float) ($own['recover'] ?? $griddle['recover_seconds'] ?? 0), $own['dries'] ?? INF, $this->firstShare());
    }

    /** What is done at a touch, counted from 1; null where the plan has none there. */
    public function actionOf(int $touch): ?TurnAction
    {
        return isset($this->touches[$touch - 1]) ? TurnAction::from($this->touches[$touch - 1]['action']) : null;
    }

    /** Seconds of the line from the beginning of a stage until it is served. */
    public function fromStage(Stage $stage): float
    {
        return $this->document['line']['length_seconds'] - ($this->startOf($stage->value) ?? 0.0);
    }

    /** Seconds of the line from turning the griddle on until it is served. */
    public function fromPreheat(): float
    {
        return $this->document['line']['length_seconds'] - ($this->startOf('preheat') ?? 0.0);
    }

    /** How long the griddle is on before the first piece; 0 where the line does not say when. */
    public function preheatSeconds(): float
    {
        $on = $this->startOf('preheat');

        return $on === null ? 0.0 : max(0.0, ($this->startOf('griddle') ?? $on) - $on);
    }

    /** In which what is worked in is told. */
    public function spoons(): SpoonSet
    {
        return SpoonSet::from($this->document['water']['spoon'] ?? SpoonSet::Metric->value);
    }

    public function kneadSeconds(): float
    {
        return (float) ($this->document['mix']['knead_seconds'] ?? 0);
    }

    /** How long the scalded dough is too hot for hands; 0 where it is not. */
    public function handWarmSeconds(): float
    {
        return max(60 * (float) ($this->document['mix']['hand_warm_minutes']['value'] ?? 0), (float) ($this->document['rest']['stand_seconds'] ?? 0));
    }

    public function secondRestSeconds(): float
    {
        return (float) ($this->document['rest']['second_seconds'] ?? 0);
    }

    /** Times its first size that a raised dough is to grow to. */
    public function wantedGrowth(): float
    {
        return $this->document['rise']['growth'] ?? 1.0;
    }

    /** Whether it is folded when it is eaten: a thick bread is split, and one from under the broiler or out of the oven is cut. */
    public function isFolded(): bool
    {
        return $this->thicknessMillimetres <= self::FOLDED_UP_TO_MILLIMETRES && in_array($this->document['griddle']['finish'] ?? 'none', ['none', 'flame'], true);
    }

    /** Whether its layers can part on the griddle. */
    public function puffs(): bool
    {
        return $this->thicknessMillimetres <= Griddling::PUFFS_UP_TO_MILLIMETRES && $this->texture !== Texture::Batter;
    }

    public function isPoured(): bool
    {
        return $this->shape === Shaping::Pour->value;
    }

    public function rises(): bool
    {
        return ($this->document['rise'] ?? null) !== null;
    }

    private function startOf(string $stage): ?float
    {
        foreach ($this->document['line']['stages'] as ['stage' => $name, 'at_seconds' => $at]) {
            if ($name === $stage) {
                return (float) $at;
            }
        }

        return null;
    }

    /** @return list<array{ingredient: string, lot: string|null, is_flour: bool}> what is weighed, from which bag, each once; what only stands beside the dough is no flour of it */
    public function bags(): array
    {
        $bags = [];
        foreach ($this->lines as $line) {
            $bags[$line['ingredient'].' '.($line['lot'] ?? '')] = ['ingredient' => $line['ingredient'], 'lot' => $line['lot'] ?? null, 'is_flour' => self::isFlourBase($line['role'])];
        }
        foreach ($this->extras() as $extra) {
            $bags[$extra['ingredient'].' '.$extra['lot']] ??= ['ingredient' => $extra['ingredient'], 'lot' => $extra['lot'], 'is_flour' => false];
        }

        return array_values($bags);
    }

    /** @return list<PlannedStep> on the way into the dough; plans from before they were told say none */
    public function steps(): array
    {
        return $this->document['steps'] ?? [];
    }

    /** @return list<PlannedExtra> what is no part of the dough; plans from before it was told say nothing */
    public function extras(): array
    {
        return $this->document['extras'] ?? [];
    }

    /** @return list<array{flour: string, bag: string|null, share: float}> of the flour base as planned, together 1 */
    public function flourParts(): array
    {
        $flours = array_values(array_filter($this->lines, static fn (array $line): bool => self::isFlourBase($line['role'])));
        $grams = $this->flourGrams();

        return array_map(static fn (array $line): array => ['flour' => $line['ingredient'], 'bag' => $line['lot'] ?? null, 'share' => round($line['grams'] / $grams, 4)], $flours);
    }

    /** Flour base as planned. */
    public function flourGrams(): float
    {
        return array_sum(array_map(static fn (array $line): float => self::isFlourBase($line['role']) ? $line['grams'] : 0.0, $this->lines));
    }

    /** Water that each gram of its flour base has by the plan, that of lines that bring some with it. */
    public function waterPerFlour(): float
    {
        return ($this->waterGrams + array_sum(array_column($this->lines, 'brings_grams'))) / $this->flourGrams();
    }

    /** @return list<array{what: string, seconds: int}> in the oven and under the broiler, in order */
    public function finishRounds(): array
    {
        $griddle = $this->document['griddle'];
        $isOven = in_array($griddle['finish'] ?? '', ['oven', 'broiler_then_oven'], true);
        $rounds = $griddle['finish_rounds'] ?? [];

        // Plans from before the rounds were told apart know only how long it takes together.
        return $rounds !== [] || ! $isOven || ($griddle['finish_seconds'] ?? 0) <= 0 ? $rounds : [['what' => 'oven', 'seconds' => $griddle['finish_seconds']]];
    }

    /** How often the oven is filled for so many pieces, by the line of the plan. */
    public function ovenLoads(int $count): int
    {
        $loads = count(array_filter($this->document['line']['actions'] ?? [], static fn (array $action): bool => $action['kind'] === 'finish'));

        return max(1, min($loads, $count));
    }

    /** @return list<array{kind: string, grams: float, celsius: float}> what goes into the jug for so much water of the planned temperature */
    public function jug(float $grams): array
    {
        $parts = $this->document['water']['parts'] ?? [];
        $planned = array_sum(array_column($parts, 'grams'));
        $left = $grams;
        $jug = [];
        foreach ($parts as $index => $part) {
            // The last part is what the others leave, so that they come to the whole.
            $share = $index === count($parts) - 1 ? $left : min($left, Rounding::toStep($part['grams'] * $grams / $planned, $this->resolutionGrams));
            $left -= $share;
            $jug[] = [...$part, 'grams' => round($share, 4)];
        }

        return array_values(array_filter($jug, static fn (array $part): bool => $part['grams'] > 0));
    }

    /** Water in % of the flour base that catalogue and practice ask for, without what was learned. */
    public function catalogueHydrationPercent(): float
    {
        return 100 * ($this->document['water']['catalogue_grams'] ?? $this->waterGrams) / $this->flourGrams();
    }

    public function has(string $ingredient): bool
    {
        return in_array($ingredient, array_column($this->lines, 'ingredient'), true);
    }

    public static function isFlourBase(string $role): bool
    {
        return Role::from($role)->isFlourBase();
    }

    /** Salt, gums and leavening keep their share when flour is added; egg and fat are not added again. */
    public static function goesWithFlour(string $role): bool
    {
        return Role::from($role)->goesWithFlour();
    }
}

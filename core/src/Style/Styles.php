<?php

declare(strict_types=1);

namespace StoneMill\Style;

use StoneMill\Exchange\Node;
use StoneMill\Griddle\StylePlan;
use StoneMill\Griddle\UsualBaking;
use StoneMill\Measure\Spread;
use StoneMill\School\ActionKind;
use StoneMill\School\AheadStep;
use StoneMill\School\Method;
use StoneMill\School\Purpose;
use StoneMill\School\Texture;
use StoneMill\School\TurnAction;
use StoneMill\Style\Exception\UnknownStyle;

/**
 * The shipped bread styles, read from the rows of core/data/styles.json.
 *
 * @phpstan-type PlanRow array{reference_celsius: float, reference_mm: float, turns: list<array{action: string, at_seconds: float}>, lift: float, finish_seconds?: int}
 * @phpstan-type StyleRow array{
 *   id: string, name: string, purpose: string, texture: string, formula: list<array{ingredient: string, percent: float}>,
 *   method: array<string, string>, hydration_percent: array{float, float}, water_celsius: array{float, float},
 *   pieces: array{count: int, grams: float, grams_range: array{float, float}, thickness_mm: float, thickness_range_mm: array{float, float}},
 *   air_share: float, cooked_diameter_factor: float, binding_needed: float, gummy_above: float, preheat_seconds: int,
 *   stack_seconds: int, uncovered_seconds: int,
 *   griddle: array{surface_celsius: array{float, float, float}, weight_loss_percent: array{float, float, float}, shade: array{float, float, float}, colouring: float, turn_plans: array<string, PlanRow>},
 *   source: string, uses: non-empty-list<string>, swollen_wanted: float|null, weakens: bool,
 *   ahead?: list<array{kind: string, hand_seconds: int, wait_seconds: array{int, int, int}}>
 * }
 */
final class Styles
{
    /** @var array<string, Style> */
    private array $read = [];

    /** @param array<string, StyleRow> $rows by id */
    private function __construct(private readonly array $rows)
    {
    }

    /** @param list<StyleRow> $rows */
    public static function read(array $rows): self
    {
        return new self(array_column($rows, null, 'id'));
    }

    /** @throws UnknownStyle If there is none of that name. */
    public function style(string $id): Style
    {
        return $this->read[$id] ??= self::styleOf($this->rows[$id] ?? throw UnknownStyle::named($id, $this->ids()));
    }

    /** The style that a document names; the first one where it names none, which the findings of the node tell. */
    public function named(Node $node): Style
    {
        $id = $node->text(60);
        if ($id !== '' && ! $this->has($id)) {
            $node->refuse('This is not a bread style.', 'one of '.implode(', ', $this->ids()));
        }

        return $this->style($this->has($id) ? $id : $this->ids()[0]);
    }

    public function has(string $id): bool
    {
        return isset($this->rows[$id]);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_keys($this->rows);
    }

    /** @return list<Style> */
    public function all(): array
    {
        return array_map(fn (string $id): Style => $this->style($id), $this->ids());
    }

    /** @param StyleRow $row */
    private static function styleOf(array $row): Style
    {
        $pieces = $row['pieces'];
        $griddle = $row['griddle'];

        return new Style(
            id: $row['id'],
            name: $row['name'],
            purpose: $row['purpose'],
            texture: Texture::from($row['texture']),
            formula: $row['formula'],
            method: Method::fromRow($row['method']),
            hydrationBand: self::range($row['hydration_percent']),
            waterCelsius: self::range($row['water_celsius']),
            pieceCount: $pieces['count'],
            pieceGrams: $pieces['grams'],
            pieceGramsBand: self::range($pieces['grams_range']),
            thicknessMillimetres: $pieces['thickness_mm'],
            thicknessBand: self::range($pieces['thickness_range_mm']),
            airShare: $row['air_share'],
            cookedDiameterFactor: $row['cooked_diameter_factor'],
            bindingNeeded: $row['binding_needed'],
            gummyAbove: $row['gummy_above'],
            preheatSeconds: $row['preheat_seconds'],
            stackSeconds: $row['stack_seconds'],
            uncoveredSeconds: $row['uncovered_seconds'],
            baking: new UsualBaking(
                $row['name'],
                Spread::of(...$griddle['surface_celsius']),
                Spread::of(...$griddle['weight_loss_percent']),
                Spread::of(...$griddle['shade']),
                $griddle['colouring'],
                array_map(self::turnPlan(...), $griddle['turn_plans']),
                Texture::from($row['texture']) === Texture::Batter,
            ),
            source: $row['source'],
            uses: array_map(Purpose::from(...), $row['uses']),
            swollenWanted: $row['swollen_wanted'],
            weakens: $row['weakens'],
            ahead: array_map(static fn (array $step): AheadStep => new AheadStep(ActionKind::from($step['kind']), (float) $step['hand_seconds'], $step['wait_seconds']), $row['ahead'] ?? []),
        );
    }

    /** @param PlanRow $row */
    private static function turnPlan(array $row): StylePlan
    {
        $turns = array_map(
            static fn (array $turn): array => ['action' => TurnAction::from($turn['action']), 'seconds' => (float) $turn['at_seconds']],
            $row['turns'],
        );

        return new StylePlan($row['reference_celsius'], $row['reference_mm'], $turns, $row['lift'], $row['finish_seconds'] ?? 0);
    }

    /** @param array{float, float} $range */
    private static function range(array $range): Spread
    {
        return Spread::of($range[0], ($range[0] + $range[1]) / 2, $range[1]);
    }
}

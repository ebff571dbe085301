<?php

declare(strict_types=1);

namespace StoneMill\Style;

use StoneMill\Exchange\Node;
use StoneMill\Exchange\Row;
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

/** The shipped bread styles, read from the rows of core/data/styles.json when they are asked for. */
final class Styles
{
    /** @var array<string, Style> */
    private array $read = [];

    /** @param array<string, Row> $rows by id */
    private function __construct(private readonly array $rows)
    {
    }

    /** @param list<Row> $rows */
    public static function of(array $rows): self
    {
        return new self(Row::by('id', $rows));
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

    private static function styleOf(Row $row): Style
    {
        $pieces = $row->row('pieces');
        $texture = $row->choice('texture', Texture::class);

        return new Style(
            id: $row->text('id'),
            name: $row->text('name'),
            purpose: $row->text('purpose'),
            texture: $texture,
            formula: array_map(static fn (Row $line): array => ['ingredient' => $line->text('ingredient'), 'percent' => $line->number('percent')], $row->rows('formula')),
            method: Method::ofRow($row->row('method')),
            hydrationBand: self::range($row->range('hydration_percent')),
            waterCelsius: self::range($row->range('water_celsius')),
            pieceCount: $pieces->whole('count'),
            pieceGrams: $pieces->number('grams'),
            pieceGramsBand: self::range($pieces->range('grams_range')),
            thicknessMillimetres: $pieces->number('thickness_mm'),
            thicknessBand: self::range($pieces->range('thickness_range_mm')),
            airShare: $row->number('air_share'),
            cookedDiameterFactor: $row->number('cooked_diameter_factor'),
            bindingNeeded: $row->number('binding_needed'),
            gummyAbove: $row->number('gummy_above'),
            preheatSeconds: $row->whole('preheat_seconds'),
            stackSeconds: $row->whole('stack_seconds'),
            uncoveredSeconds: $row->whole('uncovered_seconds'),
            baking: self::usualBaking($row->text('name'), $row->row('griddle'), $texture),
            source: $row->text('source'),
            uses: $row->someChoices('uses', Purpose::class),
            swollenWanted: $row->optionalNumber('swollen_wanted'),
            weakens: $row->isTrue('weakens'),
            ahead: array_map(self::aheadStep(...), $row->optionalRows('ahead')),
        );
    }

    private static function usualBaking(string $name, Row $griddle, Texture $texture): UsualBaking
    {
        return new UsualBaking(
            $name,
            Spread::of(...$griddle->three('surface_celsius')),
            Spread::of(...$griddle->three('weight_loss_percent')),
            Spread::of(...$griddle->three('shade')),
            $griddle->number('colouring'),
            array_map(self::turnPlan(...), $griddle->row('turn_plans')->all()),
            $texture === Texture::Batter,
        );
    }

    private static function turnPlan(Row $row): StylePlan
    {
        $turns = array_map(
            static fn (Row $turn): array => ['action' => $turn->choice('action', TurnAction::class), 'seconds' => $turn->number('at_seconds')],
            $row->rows('turns'),
        );

        return new StylePlan($row->number('reference_celsius'), $row->number('reference_mm'), $turns, $row->number('lift'), $row->optionalWhole('finish_seconds') ?? 0);
    }

    private static function aheadStep(Row $step): AheadStep
    {
        return new AheadStep($step->choice('kind', ActionKind::class), $step->number('hand_seconds'), $step->three('wait_seconds'));
    }

    /** @param array{float, float} $range */
    private static function range(array $range): Spread
    {
        return Spread::of($range[0], ($range[0] + $range[1]) / 2, $range[1]);
    }
}

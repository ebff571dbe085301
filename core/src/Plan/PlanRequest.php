<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use DateTimeImmutable;
use StoneMill\Dough\AddingOrder;
use StoneMill\Dough\Extra;
use StoneMill\Dough\Formula;
use StoneMill\Dough\Rise;
use StoneMill\Dough\Room;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Line\Pace;
use StoneMill\Measure\Cup;
use StoneMill\Measure\KitchenMeasure;
use StoneMill\Measure\Spoons;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\LearnedWater;
use StoneMill\Pantry\LotFacts;
use StoneMill\Pantry\OwnLabel;
use StoneMill\School\Method;
use StoneMill\School\PourOrder;
use StoneMill\School\Purpose;
use StoneMill\School\Scald;
use StoneMill\School\Shaping;
use StoneMill\School\Texture;
use StoneMill\School\Worked;
use StoneMill\Shape\Portions;
use StoneMill\Style\Style;

/** Everything that a batch plan is worked out from. */
final readonly class PlanRequest
{
    private const FIELDS = [
        'style', 'formula', 'pieces', 'room', 'water', 'griddle', 'gear', 'lots', 'hands', 'serve_at',
        'own_ingredients', 'purpose', 'budget', 'rise', 'begin_at', 'pace', 'learned', 'carry',
    ];

    private const DEFAULT_ROOM_CELSIUS = 21.0;

    /**
     * @param list<Extra> $extras what is no part of the dough
     * @param array<string, LotFacts> $lots by lot
     * @param DateTimeImmutable|null $beginAt before which no hand is free
     * @param array<string, float> $pace seconds by task, where the cook or the record knows better
     */
    private function __construct(
        public Catalogue $catalogue,
        public Style $style,
        public Formula $formula,
        public array $extras,
        public PourOrder $order,
        public Worked $worked,
        public RestWish $rests,
        public Texture $texture,
        public ?ScaleWish $scale,
        public Method $method,
        public PieceWish $pieces,
        public Room $room,
        public WaterWish $water,
        public GriddleWish $griddle,
        public GearWish $gear,
        public array $lots,
        public int $hands,
        public ?DateTimeImmutable $serveAt,
        public ?Purpose $purpose,
        public ?float $netCarbohydrateBudgetGrams,
        public float $growth,
        public ?DateTimeImmutable $beginAt,
        public array $pace,
        public Experience $experience,
        public CarryWish $carry,
    ) {
    }

    /** A shipped bread as it ships, with nothing wished. */
    public static function ofStyle(string $style, Reference $reference): self
    {
        return self::read(['style' => $style], $reference);
    }

    /**
     * Reads a decoded JSON document.
     *
     * @throws InvalidInput If anything in it breaks the contract; all of it is named at once.
     */
    public static function read(mixed $document, Reference $reference): self
    {
        $findings = new Findings;
        $root = Node::root($document, $findings);
        if ($root->isAbsent() || $root->isList() && $document !== []) {
            $root->refuse('A plan request must be an object.', 'an object with '.implode(', ', self::FIELDS));
        }
        $findings->refuseIfAny();
        $request = self::readNode($root, $reference, $findings);

        return $findings->sound($request);
    }

    /** Reads a request that stands inside another document; null where it broke the contract, which the findings tell. */
    public static function readNode(Node $root, Reference $reference, Findings $findings): ?self
    {
        $root->object(self::FIELDS);
        $style = $reference->styles->named($root->at('style'));
        $catalogue = $reference->catalogue->with(OwnLabel::readAll($root->at('own_ingredients'), $reference->catalogue));
        $formula = $root->at('formula')->object(['lines', 'extras', 'order', 'worked', 'stand_minutes', 'rest', 'second_rest', 'method', 'texture', 'scale']);
        $method = Method::read($formula->at('method'), $style->method);
        if (! $style->baking->allows($method->turns)) {
            $formula->at('method')->at('turns')->refuse('This bread cannot be turned that way.', $style->baking->schoolsInWords());
        }
        $lots = self::lots($root->at('lots'));
        $gear = GearWish::read($root->at('gear'));
        $gear = $method->shape === Shaping::Pour ? $gear->inPans() : $gear;
        $bags = array_map(strval(...), array_keys($lots));
        $lines = (new FormulaReader($catalogue, $findings, $gear->cup))->read($formula->at('lines'), $style, $bags, $method->fat);
        $method = $lines === null ? $method : $method->withFat(FormulaReader::fatIn($lines->lines));
        $griddle = GriddleWish::read($root->at('griddle'));
        $extras = (new ExtrasReader($catalogue, $bags))->read($formula->at('extras'), $method, $griddle->own?->brushes() ?? 0);
        $order = $formula->at('order')->optionalChoice(PourOrder::class) ?? PourOrder::WaterIntoFlour;
        $worked = $formula->at('worked')->optionalChoice(Worked::class) ?? Worked::Hand;
        $rests = RestWish::read($formula->at('stand_minutes'), $formula->at('rest'), $formula->at('second_rest'));
        $texture = $formula->at('texture')->optionalChoice(Texture::class) ?? $style->texture;
        $scale = ScaleWish::read($formula->at('scale'));
        $pieces = PieceWish::read($root->at('pieces'), $style);
        if ($lines !== null) {
            $scale?->check($lines, $formula->at('scale'));
            self::refuseTwoSizes($root->at('pieces'), $pieces, $lines, $scale);
        }
        $experience = Experience::read($root->at('learned'));
        $room = $root->at('room')->object(['celsius', 'relative_humidity']);
        $request = [
            $pieces,
            new Room(
                $room->at('celsius')->optionalNumber(Limits::LEAST_ROOM_CELSIUS, Limits::MOST_ROOM_CELSIUS, '°C') ?? self::DEFAULT_ROOM_CELSIUS,
                $room->at('relative_humidity')->optionalNumber(1, 99, '%'),
            ),
            WaterWish::read($root->at('water')),
            $griddle,
            $gear,
            $lots,
            $root->at('hands')->optionalInteger(1, Limits::HANDS) ?? 1,
            $root->at('serve_at')->optionalMoment(),
            $root->at('purpose')->optionalChoice(Purpose::class),
            $root->at('budget')->object(['net_carbohydrate_grams'])->at('net_carbohydrate_grams')->optionalNumber(0.1, Limits::MOST_BUDGET_GRAMS, 'g a piece'),
            $root->at('rise')->object(['growth'])->at('growth')->optionalNumber(Limits::LEAST_GROWTH, Limits::MOST_GROWTH) ?? Rise::DEFAULT_GROWTH,
            $root->at('begin_at')->optionalMoment(),
            Pace::read($root->at('pace')),
            // What was learned of the griddle is not true of a pan.
            $gear->usesPans() ? $experience->without(LearnedKind::Sag) : $experience,
            CarryWish::read($root->at('carry'), $method->shape),
        ];

        return $lines === null || ! $findings->areEmpty() ? null : new self($catalogue, $style, $lines, $extras, $order, $worked, $rests, $texture, $scale, $method, ...$request);
    }

    /** The same, however early hands have to be free for it. */
    public function beginningAnyTime(): self
    {
        return new self(
            $this->catalogue,
            $this->style,
            $this->formula,
            $this->extras,
            $this->order,
            $this->worked,
            $this->rests,
            $this->texture,
            $this->scale,
            $this->method,
            $this->pieces,
            $this->room,
            $this->water,
            $this->griddle,
            $this->gear,
            $this->lots,
            $this->hands,
            $this->serveAt,
            $this->purpose,
            $this->netCarbohydrateBudgetGrams,
            $this->growth,
            null,
            $this->pace,
            $this->experience,
            $this->carry,
        );
    }

    /** The style's own lines, whatever this request makes of them. */
    public function usualFormula(): Formula
    {
        return Formula::of(FormulaReader::usualLines($this->style, $this->catalogue));
    }

    /** Share of the flour cooked in the pot: the cook's own, or the school's. */
    public function potShare(): float
    {
        return $this->water->potShare ?? $this->method->scald->potShare();
    }

    /** In mm: as wished, or as is usual for the bread and what it is for. */
    public function wishedThicknessMillimetres(): float
    {
        $usual = $this->style->uses[0];

        return $this->pieces->thicknessMillimetres ?? $this->style->thicknessMillimetres * ($this->purpose ?? $usual)->thicker() / $usual->thicker();
    }

    /** How long the griddle warms: as it was timed, or as is usual for the bread. */
    public function preheatSeconds(): float
    {
        return $this->gear->preheatSeconds ?? (float) $this->style->preheatSeconds;
    }

    /**
     * °C of the bare metal: the cook's own wish, or else the heat of the knob's setting that comes nearest to what the bread likes, or that
     * itself where nobody calibrated the griddle.
     */
    public function surfaceCelsius(): float
    {
        return $this->griddle->surfaceCelsius ?? $this->setting()->heat->value ?? $this->style->baking->surfaceCelsius->likely;
    }

    /** Whether so much flour is asked for, and not so much dough or so many pieces. */
    public function keepsFlour(): bool
    {
        return ($this->scale === null ? $this->formula->flourBaseGrams() : $this->scale->flourBaseGrams($this->formula)) !== null;
    }

    /** The setting of the knob to take; null where none was calibrated. */
    public function setting(): ?KnobSetting
    {
        return $this->gear->settingNear($this->griddle->surfaceCelsius ?? $this->style->baking->surfaceCelsius->likely);
    }

    /** Share of the dough that bowl and hands keep: as it was weighed, or as is usual. */
    public function bowlLoss(): Spread
    {
        $learned = $this->experience->of(LearnedKind::BowlLoss);
        $reach = Spread::DECILE_DEVIATIONS * ($learned->deviation ?? 0.0);

        return $learned === null ? Portions::usualLoss() : Spread::of(max(0.0, $learned->value - $reach), $learned->value, $learned->value + $reach);
    }

    public function addingOrder(): AddingOrder
    {
        return new AddingOrder($this->formula, $this->order, $this->texture, $this->scalds(), $this->worked);
    }

    /** An amount in the kitchen's own cups and spoons; of water where no density is said. */
    public function dipped(float $grams, float $gramsPerMillilitre = 1.0): string
    {
        return Spoons::orCups($grams, $gramsPerMillilitre, $this->cup(), $this->gear->spoons);
    }

    /** A volume in the one measure of the kitchen that suits it, as a formula is written. */
    public function measured(float $millilitres): KitchenMeasure
    {
        return KitchenMeasure::of($millilitres, $this->cup(), $this->gear->spoons);
    }

    /** What is said in cups is said in the kitchen's own. */
    public function cup(): Cup
    {
        return $this->gear->cup ?? Cup::Metric;
    }

    /** Seconds that the dough is worked, by hand or by machine. */
    public function kneadSeconds(): int
    {
        return $this->worked->seconds($this->method->knead);
    }

    public function scalds(): bool
    {
        return $this->potShare() > 0 || $this->method->scald !== Scald::None;
    }

    /** @return array<string, bool> certified or not, by lot */
    public function certifiedLots(): array
    {
        return array_map(static fn (LotFacts $lot): bool => $lot->certifiedGlutenFree, $this->lots);
    }

    private static function refuseTwoSizes(Node $node, PieceWish $pieces, Formula $formula, ?ScaleWish $scale): void
    {
        $sized = $pieces->gramsEach !== null || ($pieces->diameterMillimetres !== null && $pieces->thicknessMillimetres !== null);
        if ($pieces->count !== null && $sized && (! $formula->isScalable() || $scale !== null)) {
            $node->refuse(
                $scale === null ? 'The formula in grams already fixes the dough; count and size together say too much.' : 'The scale already fixes the dough; count and size together say too much.',
                'count or a size, unless every line is in percent and no scale is given',
            );
        }
    }

    private static function learned(Node $node): ?LearnedWater
    {
        if ($node->isAbsent()) {
            return null;
        }
        $node->object(['points', 'deviation', 'batches']);

        return new LearnedWater(
            $node->at('points')->number(-LearnedWater::MOST_POINTS, LearnedWater::MOST_POINTS, 'points'),
            $node->at('deviation')->number(0, LearnedWater::MOST_DEVIATION, 'points'),
            $node->at('batches')->integer(0, Limits::LEARNED_BATCHES),
        );
    }

    /** @return array<string, LotFacts> */
    private static function lots(Node $node): array
    {
        $lots = [];
        foreach ($node->entries(Limits::LOTS) as $name => $lot) {
            $lot->object(['certified_gluten_free', 'price_per_kg', 'left_grams', 'water']);
            $lots[$name] = new LotFacts($lot->at('certified_gluten_free')->boolean(), $lot->at('price_per_kg')->optionalNumber(0, Limits::MOST_PRICE, 'a kg'), self::learned($lot->at('water')), $lot->at('left_grams')->optionalNumber(0, Limits::MOST_BAG_GRAMS, 'g'));
        }

        return $lots;
    }
}

<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use DateTimeImmutable;
use StoneMill\Dough\Formula;
use StoneMill\Dough\Room;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Shape\Gear;
use StoneMill\Style\Method;
use StoneMill\Style\Style;

/** Everything that a batch plan is worked out from. */
final readonly class PlanRequest
{
    private const FIELDS = ['style', 'formula', 'pieces', 'room', 'water', 'griddle', 'gear', 'lots', 'hands', 'serve_at'];

    private const DEFAULT_ROOM_CELSIUS = 21.0;

    /** @param array<string, bool> $certifiedLots by lot */
    private function __construct(
        public Style $style,
        public Formula $formula,
        public Method $method,
        public PieceWish $pieces,
        public Room $room,
        public WaterWish $water,
        public ?float $surfaceCelsius,
        public Gear $gear,
        public array $certifiedLots,
        public int $hands,
        public ?DateTimeImmutable $serveAt,
    ) {
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
        $root->object(self::FIELDS);
        $style = self::style($root->at('style'), $reference);
        $formula = $root->at('formula')->object(['lines', 'method']);
        $method = Method::read($formula->at('method'), $style->method);
        if (! isset($style->turnPlans[$method->turns->value])) {
            $formula->at('method')->at('turns')->refuse('This style is not turned that way.', 'one of '.implode(', ', array_keys($style->turnPlans)));
        }
        $lots = self::lots($root->at('lots'));
        $lines = (new FormulaReader($reference->catalogue, $findings))->read($formula->at('lines'), $style, array_map(strval(...), array_keys($lots)));
        $room = $root->at('room')->object(['celsius', 'relative_humidity']);
        $griddle = $root->at('griddle')->object(['surface_celsius']);
        $pieces = PieceWish::read($root->at('pieces'));
        if ($lines !== null && ! $lines->isScalable() && $pieces->count !== null && ($pieces->gramsEach !== null || ($pieces->diameterMillimetres !== null && $pieces->thicknessMillimetres !== null))) {
            $root->at('pieces')->refuse('The formula in grams already fixes the dough; count and size together say too much.', 'count or a size, unless every line is in percent');
        }
        $request = [
            $pieces,
            new Room(
                $room->at('celsius')->optionalNumber(Limits::LEAST_ROOM_CELSIUS, Limits::MOST_ROOM_CELSIUS, '°C') ?? self::DEFAULT_ROOM_CELSIUS,
                $room->at('relative_humidity')->optionalNumber(1, 99, '%'),
            ),
            WaterWish::read($root->at('water')),
            $griddle->at('surface_celsius')->optionalNumber(Limits::LEAST_SURFACE_CELSIUS, Limits::MOST_SURFACE_CELSIUS, '°C'),
            Gear::read($root->at('gear')),
            $lots,
            $root->at('hands')->optionalInteger(1, Limits::HANDS) ?? 1,
            $root->at('serve_at')->optionalMoment(),
        ];
        $findings->refuseIfAny();

        return new self($style, $lines ?? throw new \LogicException('A formula without findings was not read.'), $method, ...$request);
    }

    private static function style(Node $node, Reference $reference): Style
    {
        $id = $node->text(60);
        if ($id !== '' && ! $reference->styles->has($id)) {
            $node->refuse('This is not a bread style.', 'one of '.implode(', ', $reference->styles->ids()));
        }

        return $reference->styles->style($reference->styles->has($id) ? $id : $reference->styles->ids()[0]);
    }

    /** @return array<string, bool> */
    private static function lots(Node $node): array
    {
        $lots = [];
        foreach ($node->entries(Limits::LOTS) as $name => $lot) {
            $lots[$name] = $lot->object(['certified_gluten_free'])->at('certified_gluten_free')->boolean();
        }

        return $lots;
    }
}

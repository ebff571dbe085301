<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\Griddle\TurnWindow;
use StoneMill\School\ActionKind;
use StoneMill\School\Finish;
use StoneMill\School\Stage;
use StoneMill\School\WorkStep;

/** What a run sheet says of each thing. */
final readonly class RunWords
{
    public function __construct(private SheetFacts $facts)
    {
    }

    /** @return array{string, string}|null what to do and with what; null for what needs no row */
    public function of(string $what): ?array
    {
        $facts = $this->facts;

        return match ($what) {
            ActionKind::Simmer->value => ['Simmer the corn with lime', 'Caustic: gloves, eye protection, no aluminium pot.'],
            ActionKind::Steep->value => ['Steep', ''],
            ActionKind::Grind->value => ['Rinse and grind', ''],
            ActionKind::Weigh->value => ['Weigh', $this->lines().$this->extras()],
            ActionKind::Scald->value => [sprintf('Scald: %.0f g of water at %.0f °C', $facts->firstPourGrams, $facts->waterCelsius), sprintf('Spoon first, hands later: it burns. Keep %.0f g by.', $facts->reserveGrams)],
            ActionKind::Pour->value => [sprintf('Pour %.0f g of water at %.0f °C', $facts->firstPourGrams, $facts->waterCelsius), sprintf('Keep %.0f g by.', $facts->reserveGrams)],
            ActionKind::Cool->value => ['Let it cool until hands bear it', ''],
            ActionKind::Knead->value => ['Knead', ''],
            ActionKind::Feel->value => ['Feel it and mend it', 'Work in the reserve by the spoon until it is ready.'],
            ActionKind::Rest->value => ['Rest, covered', $facts->restWords === '' ? '' : ucfirst($facts->restWords).'.'],
            ActionKind::SecondRest->value => ['Pieces rest, covered', ''],
            ActionKind::Stir->value => ['Stir', 'A batter settles and thickens while it stands.'],
            ActionKind::Refill->value => ['Refill the jug', ''],
            ActionKind::Preheat->value => [sprintf('Griddle on, to %.0f °C', $facts->surfaceCelsius), 'Hot metal: dry mitts, clear bench.'],
            ActionKind::Portion->value => [sprintf('Divide: %d × %.0f g', $facts->count, $facts->pieceGrams), 'Keep pieces under a damp cloth.'],
            Stage::Griddle->value => ['Shape, lay, turn, lift', $this->griddle()],
            ActionKind::Finish->value => [$facts->finish === Finish::BroilerThenOven ? 'Broiler, then oven' : 'Finish in the oven', ''],
            ActionKind::Stack->value => ['Stack', ''],
            default => null,
        };
    }

    /** What is done with the finished bread, step by step. */
    public function serving(): string
    {
        $steps = array_filter($this->facts->steps, static fn (WorkStep $step): bool => $step->stage === Stage::Stack);

        return implode('', array_map(static fn (WorkStep $step): string => sprintf('%s. %s ', $step->name, $step->check), $steps));
    }

    private function lines(): string
    {
        return implode(', ', array_map(static fn (SheetLine $line): string => sprintf('%s %.0f g', $line->name, $line->grams), $this->facts->lines)).'.';
    }

    private function extras(): string
    {
        $extras = array_map(static fn (SheetLine $extra): string => sprintf('%s %.0f g %s', $extra->name, $extra->grams, $extra->words), $this->facts->extras);

        return $extras === [] ? '' : ' Beside it: '.implode(', ', $extras).'.';
    }

    private function griddle(): string
    {
        $facts = $this->facts;
        $touches = array_map(static fn (TurnWindow $touch): string => sprintf('%s at %s', $touch->action->value, Clock::minutes($touch->atSeconds)), $facts->touches);

        return sprintf(
            '%s, %.1f mm thick; %d at a time. Each: %s.',
            $facts->lengthShare > 1.0 ? sprintf('%.0f × %.0f mm', $facts->lengthShare * $facts->diameterMillimetres, $facts->widthShare * $facts->diameterMillimetres) : sprintf('%.0f mm across', $facts->diameterMillimetres),
            $facts->thicknessMillimetres,
            $facts->places,
            implode(', ', $touches),
        );
    }
}

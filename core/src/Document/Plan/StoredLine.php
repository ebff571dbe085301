<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use DateTimeImmutable;
use StoneMill\Line\Action;
use StoneMill\Line\SheetFacts;
use StoneMill\Line\SheetLine;
use StoneMill\School\ActionKind;
use StoneMill\School\Finish;
use StoneMill\School\Stage;

/** The order of work, read from a plan document of any version. */
final readonly class StoredLine
{
    /** @param list<Action> $actions by start */
    private function __construct(public ?DateTimeImmutable $startsAt, public int $lengthSeconds, public array $actions)
    {
    }

    public static function of(Stored $line): self
    {
        return new self(self::moment($line->at('starts_at')), $line->at('length_seconds')->int(), array_map(self::action(...), $line->at('actions')->all()));
    }

    public static function moment(Stored $moment): ?DateTimeImmutable
    {
        return $moment->isNothing() ? null : new DateTimeImmutable($moment->text());
    }

    public static function sheet(Stored $plan): SheetFacts
    {
        [$water, $shape, $griddle] = [$plan->at('water'), $plan->at('shape'), $plan->at('griddle')];
        $line = self::of($plan->at('line'));
        $keep = $plan->at('stack.keep');

        return new SheetFacts(
            bread: $plan->at('style.name')->text(),
            eaters: sprintf('%s. %s', $plan->at('label.gluten.words')->text(), $plan->at('label.contains')->text()),
            lines: array_map(static fn (Stored $one): SheetLine => new SheetLine($one->at('name')->text(), $one->at('grams')->float(), ''), $plan->at('ledger')->all()),
            extras: array_map(static fn (Stored $one): SheetLine => new SheetLine($one->at('name')->text(), $one->at('grams')->float(), $one->at('words')->text()), $plan->at('extras')->all()),
            steps: array_map(StoredBatch::step(...), $plan->at('steps')->all()),
            firstPourGrams: $water->at('first_pour_grams.value')->float(),
            reserveGrams: $water->at('reserve_grams.value')->float(),
            waterCelsius: $water->at('celsius.value')->float(),
            restWords: $plan->at('rest.words')->text(''),
            count: $plan->at('portion.count')->int(),
            pieceGrams: $plan->at('portion.piece_grams.value')->float(),
            diameterMillimetres: $shape->at('diameter_mm.value')->float(),
            thicknessMillimetres: $shape->at('thickness_mm.value')->float(),
            lengthShare: $shape->at('length_share')->float(1.0),
            widthShare: $shape->at('width_share')->float(1.0),
            surfaceCelsius: $griddle->at('surface_celsius.value')->float(),
            touches: [...array_map(StoredBatch::touch(...), $griddle->at('turns')->all()), StoredBatch::touch($griddle->at('lift'))],
            finish: $griddle->at('finish')->choice(Finish::class),
            places: count($griddle->at('places')->all()),
            actions: $line->actions,
            lengthSeconds: $line->lengthSeconds,
            keeping: implode(' ', array_map(static fn (Stored $one): string => $one->at('words')->text(), $keep->at('lines')->all())),
            warmMinutes: $keep->at('warm_minutes.value')->int(0),
        );
    }

    private static function action(Stored $action): Action
    {
        return new Action(
            $action->at('kind')->choice(ActionKind::class),
            Stage::tryFrom($action->at('stage')->text()),
            $action->at('at_seconds')->float(),
            $action->at('until_seconds')->float(),
            $action->at('hands')->isNothing() ? null : $action->at('hands')->int(),
            $action->at('piece')->isNothing() ? null : $action->at('piece')->int(),
            $action->at('place')->isNothing() ? null : $action->at('place')->int(),
        );
    }
}

<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use DateTimeImmutable;
use StoneMill\Exchange\Row;
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

    public static function of(Row $line): self
    {
        return new self(self::moment($line, 'starts_at'), $line->whole('length_seconds'), array_map(self::action(...), $line->optionalRows('actions')));
    }

    public static function moment(Row $row, string $field): ?DateTimeImmutable
    {
        $text = $row->optionalText($field);

        return $text === null ? null : new DateTimeImmutable($text);
    }

    public static function sheet(Row $plan): SheetFacts
    {
        [$water, $shape, $griddle] = [$plan->part('water'), $plan->part('shape'), $plan->part('griddle')];
        $line = self::of($plan->row('line'));
        $keep = $plan->part('stack.keep');

        return new SheetFacts(
            bread: $plan->text('style.name'),
            eaters: sprintf('%s. %s', $plan->text('label.gluten.words'), $plan->text('label.contains')),
            lines: array_map(static fn (Row $one): SheetLine => new SheetLine($one->text('name'), $one->number('grams'), ''), $plan->optionalRows('ledger')),
            extras: array_map(static fn (Row $one): SheetLine => new SheetLine($one->text('name'), $one->number('grams'), $one->text('words')), $plan->optionalRows('extras')),
            steps: array_map(StoredBatch::step(...), $plan->optionalRows('steps')),
            firstPourGrams: $water->number('first_pour_grams.value'),
            reserveGrams: $water->number('reserve_grams.value'),
            waterCelsius: $water->number('celsius.value'),
            restWords: $plan->optionalText('rest.words') ?? '',
            count: $plan->whole('portion.count'),
            pieceGrams: $plan->number('portion.piece_grams.value'),
            diameterMillimetres: $shape->number('diameter_mm.value'),
            thicknessMillimetres: $shape->number('thickness_mm.value'),
            lengthShare: $shape->optionalNumber('length_share') ?? 1.0,
            widthShare: $shape->optionalNumber('width_share') ?? 1.0,
            surfaceCelsius: $griddle->number('surface_celsius.value'),
            touches: [...array_map(StoredBatch::touch(...), $griddle->optionalRows('turns')), StoredBatch::touch($griddle->row('lift'))],
            finish: $griddle->choice('finish', Finish::class),
            places: count($griddle->optionalRows('places')),
            actions: $line->actions,
            lengthSeconds: $line->lengthSeconds,
            keeping: implode(' ', array_map(static fn (Row $one): string => $one->text('words'), $keep->optionalRows('lines'))),
            warmMinutes: $keep->optionalWhole('warm_minutes.value') ?? 0,
        );
    }

    private static function action(Row $action): Action
    {
        return new Action(
            $action->choice('kind', ActionKind::class),
            Stage::tryFrom($action->text('stage')),
            $action->number('at_seconds'),
            $action->number('until_seconds'),
            $action->optionalWhole('hands'),
            $action->optionalWhole('piece'),
            $action->optionalWhole('place'),
        );
    }
}

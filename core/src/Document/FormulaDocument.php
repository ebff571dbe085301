<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Pantry\Catalogue;
use StoneMill\Reading\AmountKind;
use StoneMill\Reading\LineKind;
use StoneMill\Reading\ReadFormula;
use StoneMill\Reading\ReadLine;
use StoneMill\Style\Style;
use StoneMill\Style\Styles;

/** A formula as it was read from words: what each part was taken for, and the formula that a plan can take. */
final readonly class FormulaDocument
{
    /** Shipped breads that are named as alike. */
    private const LIKEST = 5;

    public function __construct(private ReadFormula $read, private Catalogue $catalogue, private Styles $styles)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'parts' => array_map(fn (ReadLine $line): array => self::part($line, $this->catalogue), $this->read->lines),
            'open' => $this->read->open(),
            'formula' => [
                'lines' => array_map(self::line(...), $this->read->dough()),
                'extras' => array_map(self::extra(...), $this->read->extras()),
            ],
            'count' => $this->read->count(),
            'water_celsius' => $this->read->waterCelsius(),
            'likest' => array_slice(array_map(static fn (Style $style): array => ['id' => $style->id, 'name' => $style->name], $this->read->likest($this->styles)), 0, self::LIKEST),
        ];
    }

    /** @return array<string, mixed> */
    private static function part(ReadLine $line, Catalogue $catalogue): array
    {
        return [
            'text' => $line->text,
            'as' => $line->kind->value,
            'ingredient' => $line->ingredient?->id,
            'name' => $line->ingredient?->name,
            'amount' => $line->amount?->words,
            'grams' => $line->grams === null ? null : ['low' => round($line->grams->low, 2), 'likely' => round($line->grams->likely, 2), 'high' => round($line->grams->high, 2)],
            'percent' => $line->amount?->kind === AmountKind::Percent ? round($line->amount->number->likely, 2) : null,
            'goes_in' => $line->goesIn?->value,
            'place' => $line->place?->value,
            'where' => $line->kind === LineKind::Extra ? $line->place?->inWords() : null,
            'celsius' => $line->celsius,
            'doubts' => $line->doubts,
            'choices' => $catalogue->named($line->choices),
        ];
    }

    /** @return array<string, mixed> a line as a plan request takes it: a volume stays one, with its own spread */
    private static function line(ReadLine $line): array
    {
        $amount = $line->amount;

        return [
            'ingredient' => $line->ingredient?->id,
            ...match ($amount?->kind) {
                AmountKind::Percent => ['percent' => round($amount->number->likely, 2)],
                AmountKind::Volume => ['volume' => ['amount' => round($amount->number->likely, 3), 'unit' => $amount->unit?->value]],
                default => ['grams' => round($line->grams->likely ?? 0.0, 2)],
            },
            ...($line->goesIn === null || $line->kind === LineKind::Water ? [] : ['goes_in' => $line->goesIn->value]),
        ];
    }

    /** @return array<string, mixed> */
    private static function extra(ReadLine $line): array
    {
        return [
            'ingredient' => $line->ingredient?->id, 'place' => $line->place?->value,
            ...($line->grams === null ? [] : ['grams' => round($line->grams->likely, 2)]),
        ];
    }
}

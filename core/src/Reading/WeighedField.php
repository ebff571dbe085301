<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/** What a column of a list of weighings may say. */
enum WeighedField: string implements SheetField
{
    case Batch = 'batch';
    case At = 'at';
    case Bread = 'bread';
    case What = 'what';
    case Ingredient = 'ingredient';
    case Grams = 'grams';
    case Water = 'water_grams';
    case Flour = 'flour_grams';
    case Celsius = 'celsius';
    case Feel = 'feel';
    case Undone = 'undone';

    public function inWords(): string
    {
        return match ($this) {
            self::Batch => 'Name or number of the batch',
            self::At => 'When it was weighed',
            self::Bread => 'Bread',
            self::What => 'What was done',
            self::Ingredient => 'What was weighed',
            self::Grams => 'Weight',
            self::Water => 'Water worked in',
            self::Flour => 'Flour worked in',
            self::Celsius => 'How warm it was',
            self::Feel => 'How it felt',
            self::Undone => 'Taken back',
        };
    }

    public function heads(): array
    {
        return match ($this) {
            self::Batch => ['batch', 'batch no', 'batch number', 'id', 'no', 'nr'],
            self::At => ['at utc', 'at', 'time', 'when', 'date', 'day'],
            self::Bread => ['bread', 'recipe', 'style', 'dish'],
            self::What => ['what', 'step', 'action', 'done', 'entry'],
            self::Ingredient => ['ingredient', 'item', 'flour', 'name', 'weighed'],
            self::Grams => ['weight', 'weight g', 'grams', 'g', 'amount', 'scale'],
            self::Water => ['water', 'water g', 'water added'],
            self::Flour => ['flour g', 'flour added'],
            self::Celsius => ['temperature °c', 'temperature', 'temp', '°c'],
            self::Feel => ['feel', 'felt', 'dough'],
            self::Undone => ['undone', 'deleted', 'void'],
        };
    }
}

<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/** What a column of a cook's own record may say of a batch. */
enum MadeField: string implements SheetField
{
    case Batch = 'batch';
    case At = 'at';
    case Bread = 'bread';
    case Flour = 'flour_grams';
    case Water = 'water_grams';
    case Hydration = 'hydration_percent';
    case Celsius = 'water_celsius';
    case Pieces = 'pieces';
    case Felt = 'felt';
    case Again = 'again';
    case Score = 'score';
    case Pliability = 'pliability';
    case Puff = 'puff';
    case ShadeFirst = 'shade_first';
    case ShadeSecond = 'shade_second';
    case Cracks = 'cracks';
    case Sticking = 'sticking';
    case Good = 'pieces_good';
    case Second = 'pieces_second';
    case Lost = 'pieces_lost';
    case Notes = 'notes';

    public function inWords(): string
    {
        return match ($this) {
            self::Batch => 'Name or number of the batch',
            self::At => 'When it was made',
            self::Bread => 'Bread',
            self::Flour => 'Flour',
            self::Water => 'Water',
            self::Hydration => 'Water in % of flour',
            self::Celsius => 'How warm the water was',
            self::Pieces => 'Pieces',
            self::Felt => 'How the dough felt',
            self::Again => 'To make again',
            self::Score => 'Score',
            self::Pliability => 'How it folded',
            self::Puff => 'How it puffed',
            self::ShadeFirst => 'First face',
            self::ShadeSecond => 'Second face',
            self::Cracks => 'Cracks',
            self::Sticking => 'Sticking',
            self::Good => 'Good pieces',
            self::Second => 'Seconds',
            self::Lost => 'Lost pieces',
            self::Notes => 'Notes',
        };
    }

    public function heads(): array
    {
        return match ($this) {
            self::Batch => ['batch', 'batch no', 'batch number', 'id', 'no', 'nr', 'number', '#'],
            self::At => ['started utc', 'started', 'date', 'day', 'when', 'made on', 'baked on', 'made', 'baked'],
            self::Bread => ['bread', 'recipe', 'style', 'what', 'kind', 'dish', 'name'],
            self::Flour => ['flour', 'flour g', 'flour weight', 'dry', 'flour total', 'total flour'],
            self::Water => ['water', 'water g', 'water ml', 'water weight', 'liquid'],
            self::Hydration => ['water % of flour', 'hydration', 'hydration %', 'water %', '% water'],
            self::Celsius => ['water °c', 'water °f', 'water temperature', 'water temp', 'temperature of water', 'temperature', 'temp'],
            self::Pieces => ['pieces', 'count', 'how many', 'number of pieces', 'yield', 'pcs'],
            self::Felt => ['feel', 'felt', 'dough', 'dough feel', 'dough felt'],
            self::Again => ['good', 'again', 'make again', 'worked', 'success', 'keeper', 'ok', 'verdict', 'result'],
            self::Score => ['score', 'rating', 'stars', 'points', 'mark'],
            self::Pliability => ['pliability', 'folding', 'fold', 'folds', 'bends'],
            self::Puff => ['puff', 'puffed', 'puffing'],
            self::ShadeFirst => ['first face 0 pale to 1 burnt', 'first face', 'shade first'],
            self::ShadeSecond => ['second face 0 pale to 1 burnt', 'second face', 'shade second'],
            self::Cracks => ['cracks', 'cracked', 'cracking'],
            self::Sticking => ['sticking', 'stuck', 'sticks'],
            self::Good => ['pieces good', 'good pieces'],
            self::Second => ['pieces second', 'seconds'],
            self::Lost => ['pieces lost', 'lost', 'lost pieces', 'wasted'],
            self::Notes => ['notes', 'note', 'remarks', 'remark', 'comment', 'comments', 'what i saw', 'learned'],
        };
    }
}

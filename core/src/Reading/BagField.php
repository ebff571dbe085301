<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/** What a column of a cook's own sheet may say of a bag. */
enum BagField: string implements SheetField
{
    case Ingredient = 'ingredient';
    case Label = 'label';
    case Grams = 'grams';
    case Price = 'price_per_kg';
    case Bought = 'bought_on';
    case Opened = 'opened_on';
    case BestBefore = 'best_before';
    case Certified = 'certified_gluten_free';
    case Notes = 'notes';

    public function inWords(): string
    {
        return match ($this) {
            self::Ingredient => 'What it is',
            self::Label => 'What it is called',
            self::Grams => 'How much was bought',
            self::Price => 'Price of a kilogram',
            self::Bought => 'Bought on',
            self::Opened => 'Opened on',
            self::BestBefore => 'Best before',
            self::Certified => 'Certified gluten free',
            self::Notes => 'Notes',
        };
    }

    public function heads(): array
    {
        return match ($this) {
            self::Ingredient => ['ingredient', 'flour', 'item', 'product', 'kind', 'type', 'what'],
            self::Label => ['label', 'name', 'bag', 'called', 'description'],
            self::Grams => ['bought grams', 'grams', 'weight', 'amount', 'quantity', 'size', 'bought g', 'g', 'kg'],
            self::Price => ['price per kg', 'price/kg', 'price kg', 'cost per kg', 'per kg', 'price'],
            self::Bought => ['bought', 'date bought', 'bought on', 'purchased', 'purchase date', 'date'],
            self::Opened => ['opened', 'opened on', 'open since', 'date opened'],
            self::BestBefore => ['best before', 'bb', 'bbe', 'use by', 'expiry', 'expires', 'expiry date', 'best before date'],
            self::Certified => ['certified gluten free', 'certified', 'gluten free', 'gf', 'certificate'],
            self::Notes => ['notes', 'note', 'remarks', 'remark', 'comment', 'comments'],
        };
    }
}

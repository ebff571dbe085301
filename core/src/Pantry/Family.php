<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

/** Ingredients that do alike in a dough; what stands in for what is told by family. */
enum Family: string
{
    case Masa = 'masa';
    case Grain = 'grain';
    case Pseudograin = 'pseudograin';
    case Legume = 'legume';
    case Root = 'root';
    case Blend = 'blend';
    case Wheat = 'wheat';
    case Starch = 'starch';
    case Nut = 'nut';
    case Seed = 'seed';
    case Fibre = 'fibre';
    case Gum = 'gum';
    case Gel = 'gel';
    case Egg = 'egg';
    case Potato = 'potato';
    case Dairy = 'dairy';
    case Fat = 'fat';
    case Sugar = 'sugar';
    case Salt = 'salt';
    case Acid = 'acid';
    case Leavening = 'leavening';
    case Vegetable = 'vegetable';
    case Spice = 'spice';
    case Filling = 'filling';
    case Alkali = 'alkali';
    case Kernel = 'kernel';
    case Water = 'water';
}

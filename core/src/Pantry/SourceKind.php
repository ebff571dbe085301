<?php

declare(strict_types=1);

namespace StoneMill\Pantry;

/** Where the composition of an ingredient comes from. */
enum SourceKind: string
{
    case FoodCompositionTable = 'food_composition_table';
    case PackageTypical = 'package_typical';
    case PureSubstance = 'pure_substance';
    case OwnLabel = 'own_label';
}

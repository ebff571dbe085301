<?php

declare(strict_types=1);

namespace StoneMill\Measure;

/** The units that a figure may carry. SI or kitchen-SI; every other unit is the reader's display choice. */
enum Unit: string
{
    case Gram = 'g';
    case GramPerGram = 'g/g';
    case GramPerMillilitre = 'g/mL';
    case Celsius = 'celsius';
    case Millimetre = 'mm';
    case Second = 's';
    case Minute = 'min';
    case Percent = 'percent';
    case Point = 'points';
    case Share = 'share';
    case Index = 'index';
    case Kilojoule = 'kJ';
    case Hour = 'h';
    case Money = 'money';
}

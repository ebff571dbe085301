<?php

declare(strict_types=1);

namespace App\Http;

use StoneMill\Exchange\Node;

/** How somebody reads units and sees the pages. What is left out is as the device has it. */
final class Profile
{
    /** What there is to choose from, by what is chosen. */
    private const CHOICES = [
        'mass' => ['g', 'oz'], 'temperature' => ['C', 'F'], 'length' => ['mm', 'in'], 'energy' => ['both', 'kJ', 'kcal'], 'clock' => ['24', '12'], 'week_start' => ['monday', 'sunday', 'saturday'],
        'cup' => ['kitchen', 'us', 'metric'], 'spoon' => ['kitchen', 'us', 'metric', 'au'], 'theme' => ['light', 'dark'], 'view' => ['desk', 'bench'],
    ];

    private const SWITCHES = ['muted', 'spoken', 'simulated'];

    /** @return array<string, string|bool> */
    public static function read(Node $root): array
    {
        $root->object([...array_keys(self::CHOICES), ...self::SWITCHES]);
        $read = [];
        foreach (self::CHOICES as $name => $choices) {
            $value = $root->at($name)->optionalText(10);
            if ($value !== null && ! in_array($value, $choices, true)) {
                $root->at($name)->refuse('This is not a choice.', implode(' or ', $choices));
            }
            $read += $value === null ? [] : [$name => $value];
        }
        foreach (self::SWITCHES as $name) {
            $value = $root->at($name)->optionalBoolean();
            $read += $value === null ? [] : [$name => $value];
        }

        return $read;
    }
}

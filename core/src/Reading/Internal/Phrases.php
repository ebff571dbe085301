<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\School\ExtraPlace;
use StoneMill\School\GoesIn;

/** What the words around a name say: how it comes in, where it goes, how warm it is. */
final class Phrases
{
    /** °C that a word for water means. Planning estimates. */
    private const WARMTH = [
        'boiling' => 98.0, 'just boiled' => 95.0, 'very hot' => 75.0, 'lukewarm' => 37.0, 'luke warm' => 37.0, 'hand-hot' => 40.0, 'hand hot' => 40.0, 'tepid' => 32.0,
        'very warm' => 50.0, 'hot' => 65.0, 'warm' => 43.0, 'room temperature' => 20.0, 'room-temperature' => 20.0, 'ice cold' => 3.0, 'ice-cold' => 3.0, 'iced' => 3.0, 'cold' => 10.0,
    ];

    private const PLACES = [
        '(?:for|to)\s+(?:the\s+)?(?:dust(?:ing)?|flouring|roll(?:ing)?|the\s+board|board|work\s*(?:top|surface)|bench)' => ExtraPlace::Dusting,
        '(?:for|to)\s+(?:\w+\s+)?coat(?:ing)?' => ExtraPlace::Coating,
        'for\s+(?:the\s+|your\s+|oiling\s+(?:the\s+)?)?hands?' => ExtraPlace::Hands,
        '(?:for|to)\s+(?:the\s+)?(?:\w+\s+)?(?:fill(?:ing)?|stuff(?:ing)?)' => ExtraPlace::Filling,
        '(?:for|to)\s+(?:\w+\s+)?brush(?:ing)?|for\s+(?:the\s+)?(?:faces|tops?\s+and\s+bottoms?|each\s+side)' => ExtraPlace::Faces,
        '(?:for|to)\s+(?:the\s+|a\s+|shallow\s+|pan\s*-?)?(?:griddle|pan|skillet|grease|greasing|fry(?:ing)?|cook(?:ing)?|wip(?:e|ing)|oil(?:ing)?(?:\s+the\s+pan)?|comal|tawa)' => ExtraPlace::Griddle,
        '(?:for|to)\s+(?:the\s+)?(?:top(?:ping)?|sprinkl(?:e|ing)|scatter(?:ing)?|garnish(?:ing)?)|on\s+top|for\s+the\s+top' => ExtraPlace::Topping,
        '(?:for|to)\s+(?:serv(?:e|ing)|finish(?:ing)?|drizzl(?:e|ing))|when\s+(?:they\s+are\s+)?done|at\s+the\s+table' => ExtraPlace::After,
    ];

    private const WAYS = [
        'melted' => GoesIn::Melted, 'browned' => GoesIn::Browned, 'rubbed in' => GoesIn::RubbedIn, 'cubed' => GoesIn::RubbedIn, 'cut in' => GoesIn::RubbedIn,
        'whisked' => GoesIn::Whisked, 'beaten' => GoesIn::Whisked, 'kneaded in' => GoesIn::KneadedIn, 'folded in' => GoesIn::AtTheEnd, 'in stages' => GoesIn::InStages,
        'dissolved' => GoesIn::InTheWater, 'in the water' => GoesIn::InTheWater, 'softened' => GoesIn::KneadedIn, 'warmed' => GoesIn::Warm,
    ];

    /** Words that say how something is and not what it is. */
    private const MODIFIERS = 'fresh finely fine freshly coarsely coarse ground milled organic good quality best certified gluten free large medium small big little ripe raw plain dried dry warm warmed very hot hottish boiling boiled just cold iced ice lukewarm luke tepid hand room temperature cool tap filtered melted softened soft softish chopped grated minced diced sliced crushed peeled mashed cooked sifted roughly thinly thickly beaten whisked lightly well drained rinsed squeezed toasted roasted about approx approximately around circa roughly of the and or an for to with in from at on more extra plus optional taste your my some each heaped heaping rounded generous scant level levelled leveled packed firmly loosely white yellow blue red brown black green dark light whole wholegrain wholemeal stone superfine unsalted salted virgin refined unrefined natural pure powdered powder cut cubed into cube bit piece pea sized size soaked overnight needed necessary desired required as if you like it is by feel enough few such any other off leaf leave stalk stem removed deseeded seed juice puree left over leftover store bought homemade home made own usual house neutral tasting not too that this then it make dough them until combined together may be use using used fat full low thick stirred strained cream mild strong sharp crumbled shredded torn picked washed patted thawed frozen tinned canned tin can unblanched blanched skin untreated sweet type kind quick easy rubbed in folded kneaded dissolved browned stage top half halved preferably ideally weighed weight measured spooned scooped brim full up total divided plus say between gram ml tbsp tsp cup per piece person half one two three four';

    /** @var array<string, int>|null as keys; worked out once a run */
    private static ?array $modifiers = null;

    public static function celsius(string $text): ?float
    {
        $lower = mb_strtolower($text);
        foreach (self::WARMTH as $word => $celsius) {
            if (preg_match('/\b'.preg_quote($word, '/').'\b/u', $lower) === 1) {
                return $celsius;
            }
        }

        return null;
    }

    public static function place(string $text): ?ExtraPlace
    {
        foreach (self::PLACES as $pattern => $place) {
            if (preg_match("/\b(?:$pattern)\b/iu", $text) === 1) {
                return $place;
            }
        }

        return null;
    }

    /** The text without what says where it goes. */
    public static function withoutPlace(string $text): string
    {
        return preg_replace(array_map(static fn (string $pattern): string => "/\\b(?:$pattern)\\b/iu", array_keys(self::PLACES)), ' ', $text) ?? $text;
    }

    /** As the text says it; null where it says nothing that a dough does with such an ingredient. */
    public static function way(string $text, Ingredient $ingredient): ?GoesIn
    {
        $lower = mb_strtolower($text);
        foreach (self::WAYS as $word => $way) {
            if (str_contains($lower, $word) && ($way !== GoesIn::Melted && $way !== GoesIn::Browned && $way !== GoesIn::RubbedIn || $ingredient->role === Role::Fat)) {
                return $way;
            }
        }

        return null;
    }

    public static function isModifier(string $word): bool
    {
        self::$modifiers ??= array_flip(array_map(Words::stem(...), explode(' ', self::MODIFIERS)));

        return isset(self::$modifiers[$word]);
    }
}

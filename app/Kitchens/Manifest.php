<?php

declare(strict_types=1);

namespace App\Kitchens;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Cup;
use StoneMill\Measure\SpoonSet;

/** What a kitchen file says of itself: of which kitchen it is, and the sum of each of its parts. */
final readonly class Manifest
{
    private const MOST_PARTS = 40;

    private const MOST_SET_ASIDE = 20_000;

    /** It may name a cook, whose 80 characters take up to twelve each on the way. */
    private const LONGEST_SET_ASIDE = 160 + 12 * 80;

    /**
     * @param string $holds kitchen, bread, batch, trial or bag
     * @param list<string> $setAside of what was learned, cooks by their names
     * @param array<string, string> $sums SHA-256 by part
     */
    private function __construct(public string $holds, public string $kitchen, public ?Cup $cup, public ?SpoonSet $spoon, public array $setAside, public array $sums)
    {
    }

    /**
     * @param mixed $document decoded, of a format and version that were looked at
     *
     * @throws InvalidInput If anything in it is not as a house writes it.
     */
    public static function read(mixed $document): self
    {
        $findings = new Findings;
        $root = Node::root($document, $findings)->object(['format', 'version', 'holds', 'kitchen', 'parts']);
        $kitchen = $root->at('kitchen')->object(['name', 'cup', 'spoon', 'set_aside']);
        $manifest = new self(
            $root->at('holds')->text(20),
            $kitchen->at('name')->text(80),
            $kitchen->at('cup')->optionalChoice(Cup::class),
            $kitchen->at('spoon')->optionalChoice(SpoonSet::class),
            array_map(static fn (Node $name): string => $name->text(self::LONGEST_SET_ASIDE), $kitchen->at('set_aside')->items(0, self::MOST_SET_ASIDE)),
            array_map(static fn (Node $part): string => $part->object(['rows', 'sha256'])->at('sha256')->text(64), $root->at('parts')->entries(self::MOST_PARTS)),
        );
        $findings->refuseIfAny();

        return $manifest;
    }
}

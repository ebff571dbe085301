<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\Extra;
use StoneMill\Exchange\Node;
use StoneMill\Pantry\Catalogue;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Fat;
use StoneMill\School\Grease;
use StoneMill\School\Method;

/** Reads the lines of a formula that are no part of the dough. */
final readonly class ExtrasReader
{
    /** What a griddle is wiped with where the formula has no fat of its own, or one that burns there. */
    private const OIL = 'sunflower-oil';

    /** @param list<string> $lots the lots that the request describes */
    public function __construct(private Catalogue $catalogue, private array $lots)
    {
    }

    /**
     * @param Method $method whose own fat is taken where no lines are given
     * @param int $brushes times that the cook's own plan brushes a face with fat
     * @return list<Extra> those that can be read; what is wrong with the others the findings of the node tell
     */
    public function read(Node $extras, Method $method, int $brushes = 0): array
    {
        if ($extras->isAbsent()) {
            return $this->usual($method, $brushes);
        }
        $read = [];
        $seen = [];
        foreach ($extras->items(0, Limits::EXTRAS) as $node) {
            $extra = $this->extra($node);
            $key = $extra === null ? null : $extra->place->value.' '.$extra->ingredient->id;
            if ($key !== null && isset($seen[$key])) {
                $node->at('ingredient')->refuse('This stands in the same place twice.', 'each ingredient once in a place; '.$seen[$key].' has it already');
            }
            if ($extra !== null) {
                $seen[$key] = $node->path;
                $read[] = $extra;
            }
        }

        return $read;
    }

    /** @return list<Extra> the fat that this way of greasing takes, which somebody eats though no formula names it */
    private function usual(Method $method, int $brushes): array
    {
        $place = match ($method->grease) {
            Grease::Wiped => ExtraPlace::Griddle,
            Grease::FatEachSide => ExtraPlace::Faces,
            Grease::Dry, Grease::WetTop => null,
        };

        $fat = $method->fat === Fat::Butter ? null : $method->fat->ingredient();

        $fat = $this->catalogue->ingredient($fat ?? self::OIL);
        // What is usual for the faces is for both of them.
        $brushed = $brushes > 0 && $place !== ExtraPlace::Faces ? [Extra::usual($fat, ExtraPlace::Faces, times: $brushes / 2)] : [];

        return [...($place === null ? [] : [Extra::usual($fat, $place)]), ...$brushed];
    }

    private function extra(Node $node): ?Extra
    {
        $node->object(['ingredient', 'place', 'grams', 'grams_each', 'lot']);
        $place = $node->at('place')->choice(ExtraPlace::class);
        $id = $node->at('ingredient')->text(60);
        if ($id !== '') {
            $this->catalogue->refuseUnknown($id, $node->at('ingredient'));
        }
        $lot = $node->at('lot')->optionalText(60);
        if ($lot !== null && $lot !== '' && ! in_array($lot, $this->lots, true)) {
            $node->at('lot')->refuse('This lot is not described under lots.', 'a name under lots');
        }
        $ofBatch = $node->at('grams')->optionalNumber(Limits::LEAST_GRAMS, Limits::MOST_GRAMS, 'g');
        $ofPiece = $node->at('grams_each')->optionalNumber(Limits::LEAST_EXTRA_GRAMS, Limits::MOST_PIECE_GRAMS, 'g a piece');
        if ($ofBatch !== null && $ofPiece !== null) {
            $node->refuse('This line has more than one amount.', 'one of grams, grams_each, or neither for as much as is usual');
        }
        $ingredient = $this->catalogue->has($id) ? $this->catalogue->ingredient($id) : null;
        if ($ingredient === null) {
            return null;
        }
        if (! $ingredient->isEaten()) {
            $node->at('ingredient')->refuse('This is not eaten as it is.', 'what is made with it');
        }

        return match (true) {
            $ofBatch !== null => Extra::forBatch($ingredient, $place, $ofBatch, $lot),
            $ofPiece !== null => Extra::forPiece($ingredient, $place, $ofPiece, $lot),
            default => Extra::usual($ingredient, $place, $lot),
        };
    }
}

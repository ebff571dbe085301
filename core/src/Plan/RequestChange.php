<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use DateTimeInterface;
use StoneMill\Bake\Burner;
use StoneMill\Exchange\MergePatch;
use StoneMill\Pantry\LotFacts;
use StoneMill\School\After;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Fat;
use StoneMill\School\Grease;
use StoneMill\School\Knead;
use StoneMill\School\Measuring;
use StoneMill\School\Purpose;
use StoneMill\School\Rest;
use StoneMill\School\RestPlace;
use StoneMill\School\Scald;
use StoneMill\School\Shaping;
use StoneMill\School\Texture;
use StoneMill\School\TurnSchool;
use StoneMill\School\WaterSchool;
use StoneMill\School\WayOver;

/** What to change in a plan request, as a remedy, a swap or the level of a trial asks for it. Written as JSON merge patch (RFC 7396). */
final readonly class RequestChange
{
    /** @param array<string, mixed> $patch */
    private function __construct(private array $patch)
    {
    }

    public static function nothing(): self
    {
        return new self([]);
    }

    /** @param float|null $percent of the flour base; null leaves it to the dough */
    public static function hydration(?float $percent): self
    {
        return new self(['water' => ['hydration_percent' => $percent]]);
    }

    /** @param float|null $celsius of the water as it is poured; null leaves it to the school */
    public static function waterOf(?float $celsius): self
    {
        return new self(['water' => ['celsius' => $celsius, 'dough_celsius' => null]]);
    }

    /** Water of whatever temperature mixes the dough to this one. */
    public static function doughOf(float $celsius): self
    {
        return new self(['water' => ['celsius' => null, 'dough_celsius' => $celsius]]);
    }

    /** Another school of a step; what the cook had set beside that step, in grams or minutes, makes way for it. */
    public static function school(WaterSchool|Scald|Knead|Rest|Measuring|Fat|Shaping|Grease|TurnSchool|After $school): self
    {
        $step = match ($school::class) {
            WaterSchool::class => 'water',
            Scald::class => 'scald',
            Knead::class => 'knead',
            Rest::class => 'rest',
            Measuring::class => 'measure',
            Fat::class => 'fat',
            Shaping::class => 'shape',
            Grease::class => 'grease',
            TurnSchool::class => 'turns',
            After::class => 'after',
        };
        $beside = match ($school::class) {
            WaterSchool::class => ['water' => ['celsius' => null, 'dough_celsius' => null]],
            Scald::class => ['water' => ['pot_share' => null]],
            Rest::class => ['formula' => ['rest' => ['minutes' => null]]],
            default => [],
        };

        return (new self(['formula' => ['method' => [$step => $school->value]]]))->and(new self($beside));
    }

    /** Without any rest, of whatever length the cook had set. */
    public static function withoutRests(): self
    {
        return self::school(Rest::None)->and(new self(['formula' => ['rest' => null, 'second_rest' => null]]));
    }

    /** @param list<array<array-key, mixed>> $lines as the contract has them; they take the place of all */
    public static function lines(array $lines): self
    {
        return new self(['formula' => ['lines' => $lines]]);
    }

    public static function bag(string $lot, LotFacts $facts): self
    {
        return new self(['lots' => [$lot => $facts->toRequest()]]);
    }

    /** Made at whatever time. */
    public static function anyTime(): self
    {
        return new self(['serve_at' => null, 'begin_at' => null]);
    }

    /** So much flour, and as much dough and as many pieces as that makes. */
    public static function flour(float $grams): self
    {
        return self::scaledTo(flourGrams: $grams);
    }

    /** So many of the dough that there is, as large as that makes them. */
    public static function piecesOfTheDough(int $count): self
    {
        return new self(['pieces' => ['grams_each' => null, 'diameter_mm' => null, 'thickness_mm' => null, 'like' => null, 'each_takes' => null, 'eaters' => null, 'count' => $count]]);
    }

    public static function pieces(int $count): self
    {
        return new self(['pieces' => ['count' => $count, 'eaters' => null]]);
    }

    public static function pieceOf(float $grams): self
    {
        return new self(['pieces' => ['grams_each' => $grams, 'like' => null]]);
    }

    /** As wide as weight and thickness make it. */
    public static function anyWidth(): self
    {
        return new self(['pieces' => ['diameter_mm' => null]]);
    }

    /** As many as the flour makes. */
    public static function anyCount(): self
    {
        return new self(['pieces' => ['count' => null, 'eaters' => null]]);
    }

    public static function thickness(float $millimetres): self
    {
        return new self(['pieces' => ['thickness_mm' => $millimetres]]);
    }

    /** So thick, however wide that makes it. */
    public static function thicknessAlone(float $millimetres): self
    {
        return self::thickness($millimetres)->and(self::anyWidth());
    }

    public static function diameter(float $millimetres): self
    {
        return new self(['pieces' => ['diameter_mm' => $millimetres]]);
    }

    public static function carriedOver(WayOver $way): self
    {
        return new self(['carry' => ['over' => $way->value]]);
    }

    /** So many pairs of hands. */
    public static function hands(int $count): self
    {
        return new self(['hands' => $count]);
    }

    /** @param float|null $relativeHumidity in %; null leaves it to what is usual */
    public static function room(float $celsius, ?float $relativeHumidity = null): self
    {
        return new self(['room' => ['celsius' => $celsius, 'relative_humidity' => $relativeHumidity]]);
    }

    public static function servedAt(DateTimeInterface $moment): self
    {
        return new self(['serve_at' => $moment->format(DATE_RFC3339), 'begin_at' => null]);
    }

    public static function purpose(Purpose $purpose): self
    {
        return new self(['purpose' => $purpose->value]);
    }

    /** @param array<string, float|int> $grams by ingredient; these lines and no other */
    public static function weighed(array $grams): self
    {
        return self::linesIn('grams', $grams);
    }

    /** @param array<string, float|int> $percent of the flour base, by ingredient; these lines and no other */
    public static function ofFlour(array $percent): self
    {
        return self::linesIn('percent', $percent);
    }

    /** So much dough, and as many pieces as that makes. */
    public static function dough(float $grams): self
    {
        return self::scaledTo(doughGrams: $grams);
    }

    /** So much of one ingredient, and as many pieces as all that goes with it makes. */
    public static function limitedBy(string $ingredient, float $grams): self
    {
        return self::scaledTo(limit: ['ingredient' => $ingredient, 'grams' => $grams]);
    }

    /** For so many eaters. */
    public static function eaters(int $count): self
    {
        return new self(['pieces' => ['count' => null, 'eaters' => $count]]);
    }

    public static function longOverWide(float $ratio): self
    {
        return new self(['pieces' => ['long_over_wide' => $ratio]]);
    }

    public static function press(float $diameterMillimetres): self
    {
        return new self(['gear' => ['press' => ['diameter_mm' => $diameterMillimetres]]]);
    }

    /** @param float $grams that the scale can tell apart */
    public static function scaleOf(float $grams): self
    {
        return new self(['gear' => ['scale' => ['resolution_grams' => $grams]]]);
    }

    /**
     * This beside the dough, and nothing else.
     *
     * @param float|null $gramsEach null leaves it to what is usual there
     */
    public static function beside(string $ingredient, ExtraPlace $place, ?float $gramsEach = null): self
    {
        return new self(['formula' => ['extras' => [['ingredient' => $ingredient, 'place' => $place->value] + ($gramsEach === null ? [] : ['grams_each' => $gramsEach])]]]);
    }

    /** @param int $pieces that each eater takes */
    public static function eachTakes(int $pieces): self
    {
        return new self(['pieces' => ['each_takes' => $pieces]]);
    }

    /** @param RestPlace|null $place null leaves it where it rests */
    public static function restOf(float $minutes, ?RestPlace $place = null): self
    {
        return new self(['formula' => ['rest' => ['minutes' => $minutes] + ($place === null ? [] : ['place' => $place->value])]]);
    }

    public static function texture(Texture $texture): self
    {
        return new self(['formula' => ['texture' => $texture->value]]);
    }

    /** @param float $share of the flour that is cooked in the pot */
    public static function potShare(float $share): self
    {
        return new self(['water' => ['pot_share' => $share]]);
    }

    /** Nothing is done before this moment. */
    public static function begunAt(DateTimeInterface $moment): self
    {
        return new self(['begin_at' => $moment->format(DATE_RFC3339)]);
    }

    /** A piece holds no more than this. */
    public static function carbohydrateBudget(float $netGrams): self
    {
        return new self(['budget' => ['net_carbohydrate_grams' => $netGrams]]);
    }

    /** So many round pans, side by side. */
    public static function pans(float $diameterMillimetres, int $count): self
    {
        return new self(['gear' => ['pan' => ['diameter_mm' => $diameterMillimetres, 'count' => $count]]]);
    }

    public static function ovenAt(float $celsius): self
    {
        return new self(['gear' => ['oven' => ['celsius' => $celsius]]]);
    }

    /** So many pieces are in the oven at once. */
    public static function ovenHolds(int $pieces): self
    {
        return new self(['gear' => ['oven' => ['holds' => $pieces]]]);
    }

    /** @param float $celsius of the bare metal */
    public static function heat(float $celsius): self
    {
        return new self(['griddle' => ['surface_celsius' => $celsius]]);
    }

    /** @param float $percent of its weight that a piece loses; turns of the cook's own make way */
    public static function weightLoss(float $percent): self
    {
        return new self(['griddle' => ['weight_loss_percent' => $percent, 'own' => null]]);
    }

    /** @param float $balance of the first face's time against the others'; turns of the cook's own make way */
    public static function balance(float $balance): self
    {
        return new self(['griddle' => ['balance' => $balance, 'own' => null]]);
    }

    /** @param Burner|null $burner null leaves it to what is usual */
    public static function roundGriddle(float $diameterMillimetres, ?Burner $burner = null): self
    {
        return new self(['gear' => ['griddle' => ['shape' => 'round', 'diameter_mm' => $diameterMillimetres, 'burner' => $burner?->value]]]);
    }

    /** Both; where they speak of one thing, the other's word counts. */
    public function and(self $other): self
    {
        return new self(MergePatch::joined($this->patch, $other->patch));
    }

    public function isNothing(): bool
    {
        return $this->patch === [];
    }

    /** @return array<string, mixed> JSON merge patch of a plan request */
    public function patch(): array
    {
        return $this->patch;
    }

    /**
     * @param 'grams'|'percent' $measure
     * @param array<string, float|int> $amounts by ingredient
     */
    private static function linesIn(string $measure, array $amounts): self
    {
        return self::lines(array_map(static fn (string $ingredient, float|int $amount): array => ['ingredient' => $ingredient, $measure => $amount], array_keys($amounts), array_values($amounts)));
    }

    /**
     * One of the three ways to say how much; the others make way, and as many pieces come of it as there is dough for.
     *
     * @param array{ingredient: string, grams: float}|null $limit
     */
    private static function scaledTo(?float $flourGrams = null, ?float $doughGrams = null, ?array $limit = null): self
    {
        return (new self(['formula' => ['scale' => ['flour_grams' => $flourGrams, 'dough_grams' => $doughGrams, 'limit' => $limit]]]))->and(self::anyCount());
    }
}

<?php

declare(strict_types=1);

namespace StoneMill\Reading\Internal;

use DateTimeImmutable;
use DateTimeZone;
use StoneMill\Dough\FeelGrade;
use StoneMill\Kitchen\PastBatch;
use StoneMill\Kitchen\PastEntry;
use StoneMill\Pantry\ByNames;
use StoneMill\Plan\Limits;
use StoneMill\Reading\Columns;
use StoneMill\Reading\MadeField;
use StoneMill\Record\Verdict;

/** The cells of one row of a record, each read for what its column says. What cannot be read so goes to the notes as it stands: nothing is dropped. */
final readonly class MadeCells
{
    private CellNumbers $numbers;

    /** @param bool $goodWasReady whether a dough of which a good bread came was right to the hand, where nothing else is said of it */
    public function __construct(ByNames $names, private Columns $columns, private DateTimeZone $zone, private bool $goodWasReady)
    {
        $this->numbers = new CellNumbers($names);
    }

    /**
     * Null where it does not say when it was.
     *
     * @param list<string> $row
     * @param list<PastEntry> $weighed
     */
    public function batch(array $row, string $key, ?DateTimeImmutable $at, array $weighed, Doubts $doubts): ?PastBatch
    {
        if ($at === null) {
            return null;
        }
        $unread = new Unread($this->columns, $row);
        $within = static fn (float|int|null $value, float $least, float $most): bool => $value !== null && $value >= $least && $value <= $most;
        $flour = $unread->take(MadeField::Flour, $this->numbers->grams(...), static fn (float $grams): bool => $within($grams, Limits::LEAST_GRAMS, Limits::MOST_GRAMS));
        $water = $unread->take(MadeField::Water, $this->numbers->water(...), static fn (float $grams): bool => $within($grams, 0, Limits::MOST_GRAMS));
        $percent = $unread->take(MadeField::Hydration, static fn (string $said): ?float => CellNumbers::percent($said, $doubts), static fn (float $percent): bool => $within($percent, 0, Limits::MOST_HYDRATION_PERCENT));
        $celsius = $unread->take(MadeField::Celsius, static fn (string $said, string $head): ?float => CellNumbers::celsius($said, $head, $doubts), static fn (float $celsius): bool => $within($celsius, 0, Limits::MOST_WATER_CELSIUS));
        $pieces = $unread->take(MadeField::Pieces, CellNumbers::whole(...), static fn (int $count): bool => $within($count, 1, Limits::PIECES));
        $felt = $unread->take(MadeField::Felt, static fn (string $said): ?FeelGrade => CellWords::feel($said, $doubts));
        $verdict = $this->verdict($unread, $doubts);
        $counted = (int) $verdict->good + (int) $verdict->seconds + (int) $verdict->lost;
        if ($counted > (int) $pieces) {
            $doubts->say(sprintf('Good, second and lost pieces are %d together: so many are taken.', $counted));
            $pieces = $counted;
        }
        if ($water !== null && $percent !== null) {
            $percent = null;
        }
        if ($felt === null && $this->goodWasReady && $verdict->isGood() === true) {
            $felt = FeelGrade::Ready;
        }
        $notes = implode("\n", array_filter([$unread->cell(MadeField::Notes), ...$unread->words()], static fn (string $words): bool => $words !== ''));
        if (mb_strlen($notes) > Verdict::LONGEST_NOTES) {
            $doubts->say(sprintf('Its notes are longer than %d letters: the rest is left out.', Verdict::LONGEST_NOTES));
            $notes = mb_substr($notes, 0, Verdict::LONGEST_NOTES);
        }
        foreach ($unread->words() as $words) {
            $doubts->say(sprintf('“%s” goes to the notes as it stands.', $words));
        }

        return new PastBatch($key, $at, $flour, $water, $percent, $celsius, $pieces, $felt, $weighed, $verdict->saysSomething() ? $verdict->noting($notes === '' ? null : $notes) : null, $notes === '' ? null : $notes);
    }

    /** @param list<string> $row */
    public function at(array $row, Doubts $doubts): ?DateTimeImmutable
    {
        $said = $this->columns->cell($row, MadeField::At);
        if ($said === '') {
            $doubts->say('It does not say when it was.');
        }

        return Days::moment($said, Days::zone((string) $this->columns->head(MadeField::At), $this->zone), $doubts);
    }

    private function verdict(Unread $unread, Doubts $doubts): Verdict
    {
        // Good, second and lost ones together are no more than a batch can have.
        $count = static fn (MadeField $field): ?int => $unread->take($field, CellNumbers::whole(...), static fn (int $count): bool => 3 * $count <= Limits::PIECES);
        [$good, $second, $lost] = array_map($count, [MadeField::Good, MadeField::Second, MadeField::Lost]);

        return Verdict::kept(
            $unread->take(MadeField::Pliability, CellWords::pliability(...)),
            $unread->take(MadeField::Puff, CellWords::puff(...)),
            $unread->take(MadeField::ShadeFirst, CellNumbers::share(...)),
            $unread->take(MadeField::ShadeSecond, CellNumbers::share(...)),
            $unread->take(MadeField::Cracks, CellWords::extent(...)),
            $unread->take(MadeField::Sticking, CellWords::extent(...)),
            $good,
            $second,
            $lost,
            null,
            $unread->take(MadeField::Score, static fn (string $said, string $head): ?int => CellNumbers::score($said, $head, $doubts)),
            [],
            $unread->take(MadeField::Again, CellWords::yesOrNo(...)),
        );
    }
}

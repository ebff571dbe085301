<?php

declare(strict_types=1);

namespace App\Kitchens;

use App\Models\Kitchen;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What of a kitchen goes along: all of it, or one bread, batch, trial or bag with what it stands on. */
final readonly class Choice
{
    /**
     * @param string $holds kitchen, bread, batch, trial or bag
     * @param array<string, list<string>>|null $uuids by part; null for everything
     */
    private function __construct(public string $holds, private ?array $uuids)
    {
    }

    public static function everything(): self
    {
        return new self('kitchen', null);
    }

    public static function bag(string $uuid): self
    {
        return new self('bag', [Part::Bags->value => [$uuid]]);
    }

    public static function bread(string $uuid): self
    {
        return new self('bread', [Part::Breads->value => [$uuid]]);
    }

    /** A batch with its log, its bread and its trial. */
    public static function batch(Kitchen $kitchen, string $uuid): self
    {
        $batches = DB::table('batches')->join('formula_revisions', 'formula_revisions.id', 'formula_revision_id')->join('formulas', 'formulas.id', 'formula_revisions.formula_id')->leftJoin('trials', 'trials.id', 'trial_id')
            ->where('batches.kitchen_id', $kitchen->id)->where('batches.uuid', $uuid);

        return new self('batch', [Part::Breads->value => self::all($batches, 'formulas.uuid'), Part::Trials->value => self::all($batches, 'trials.uuid'), Part::Batches->value => [$uuid]]);
    }

    /** A trial with its bread and all its batches. */
    public static function trial(Kitchen $kitchen, string $uuid): self
    {
        $trials = DB::table('trials')->join('formulas', 'formulas.id', 'trials.formula_id')->leftJoin('batches', 'batches.trial_id', 'trials.id')->where('trials.kitchen_id', $kitchen->id)->where('trials.uuid', $uuid);

        return new self('trial', [Part::Breads->value => self::all($trials, 'formulas.uuid'), Part::Trials->value => [$uuid], Part::Batches->value => self::all($trials, 'batches.uuid')]);
    }

    /** @return list<string> */
    private static function all(Builder $query, string $column): array
    {
        return array_values(array_unique(array_filter($query->pluck($column)->all(), is_string(...))));
    }

    /** @param array<string, mixed> $row */
    public function takes(Part $part, array $row): bool
    {
        if ($this->uuids === null) {
            return true;
        }
        $of = fn (Part $whose, mixed $uuid): bool => is_string($uuid) && in_array($uuid, $this->uuids[$whose->value] ?? [], true);

        return match ($part) {
            Part::Bags, Part::Breads, Part::Trials, Part::Batches => $of($part, $row['uuid'] ?? null),
            Part::Revisions => $of(Part::Breads, $row['bread'] ?? null),
            Part::Events, Part::Verdicts, Part::VerdictHistory, Part::Photos => $of(Part::Batches, $row['batch'] ?? null),
            default => false,
        };
    }
}

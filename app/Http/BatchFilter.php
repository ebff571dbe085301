<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Batch;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;
use StoneMill\Exchange\Node;

/** What a cook looks for in the record. Everything that is not said matches; discarded batches are found only where they are asked for. */
final readonly class BatchFilter
{
    public const FIELDS = ['bread', 'bag', 'griddle', 'cook', 'from', 'until', 'verdict', 'words', 'done', 'discarded', 'recurring'];

    private const VERDICTS = ['good', 'not_good', 'none'];

    private function __construct(
        private int $kitchenId,
        private ?string $bread,
        private ?string $bag,
        private ?string $griddle,
        private ?int $cook,
        private ?string $from,
        private ?string $until,
        private ?string $verdict,
        private ?string $words,
        private bool $doneOnly,
        private bool $discarded,
        public bool $wantsRecurring,
    ) {
    }

    /** @param Node $address the fields of the address */
    public static function read(Node $address, int $kitchenId): self
    {
        $verdict = $address->at('verdict')->optionalText(20);
        if ($verdict !== null && ! in_array($verdict, self::VERDICTS, true)) {
            $address->at('verdict')->refuse('The record is not kept by this.', 'one of '.implode(', ', self::VERDICTS));
        }

        return new self(
            $kitchenId,
            $address->at('bread')->optionalUuid(),
            $address->at('bag')->optionalUuid(),
            $address->at('griddle')->optionalUuid(),
            $address->at('cook')->optionalInteger(1, PHP_INT_MAX),
            $address->at('from')->optionalDay(),
            $address->at('until')->optionalDay(),
            $verdict,
            $address->at('words')->optionalText(120),
            $address->at('done')->optionalText(5) === 'yes',
            $address->at('discarded')->optionalText(5) === 'yes',
            $address->at('recurring')->optionalText(5) === 'yes',
        );
    }

    public function saysDone(): bool
    {
        return $this->doneOnly;
    }

    /** @param Builder<Batch> $batches */
    public function narrow(Builder $batches): void
    {
        $this->discarded ? $batches->whereNotNull('discarded_at') : $batches->whereNull('discarded_at');
        if ($this->bread !== null) {
            $batches->whereIn('formula_revision_id', fn (Query $of): Query => $of->select('formula_revisions.id')->from('formula_revisions')->join('formulas', 'formulas.id', '=', 'formula_id')->where('formulas.uuid', $this->bread));
        }
        if ($this->bag !== null) {
            // With the plus it is a set to look into while the list is walked, and never what is walked.
            $batches->whereIn(DB::raw('+batches.id'), fn (Query $of): Query => $of->select('batch_id')->from('batch_bags')->where('kitchen_id', $this->kitchenId)->where('lot', $this->bag));
        }
        if ($this->griddle !== null) {
            $batches->where('griddle', $this->griddle);
        }
        if ($this->cook !== null) {
            $batches->where('cooks', 'like', "%|$this->cook|%");
        }
        if ($this->from !== null) {
            $batches->where('started_at', '>=', "$this->from 00:00:00");
        }
        if ($this->until !== null) {
            $batches->where('started_at', '<=', "$this->until 23:59:59");
        }
        match ($this->verdict) {
            'good' => $batches->where('is_good', 1),
            'not_good' => $batches->where('is_good', 0),
            'none' => $batches->whereNull('is_good'),
            default => null,
        };
        foreach (preg_split('/\s+/', $this->words ?? '', -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $batches->whereRaw("words LIKE ? ESCAPE '!'", ['%'.str_replace(['!', '%', '_'], ['!!', '!%', '!_'], $word).'%']);
        }
    }
}

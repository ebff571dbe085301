<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Batch;
use App\Models\UtcMoment;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use StoneMill\Exchange\Node;

/** One page of a kitchen's batches: those under way first, then the newest; the next page begins after the last of this one. */
final readonly class BatchPage
{
    public const MOST = 200;

    private const USUAL = 60;

    /** What a list needs; plans and logs stay where they are. */
    private const COLUMNS = ['id', 'uuid', 'kitchen_id', 'formula_revision_id', 'version', 'started_at', 'finished_at', 'summary', 'lesson_left_out', 'is_good', 'discarded_at', 'sheet_key', 'trial_id', 'trial_level'];

    private const CURSOR = '/^([od])~(\d{4}-\d\d-\d\d \d\d:\d\d:\d\d)~(\d{1,18})$/D';

    /** @param Collection<int, Batch> $batches */
    private function __construct(public Collection $batches, public ?string $next, public BatchFilter $filter, public bool $isFirst)
    {
    }

    public static function read(Node $address, int $kitchenId): self
    {
        $limit = $address->at('limit')->optionalInteger(1, self::MOST) ?? self::USUAL;
        $after = $address->at('after')->optionalText(60);
        $cursor = [];
        if ($after !== null && preg_match(self::CURSOR, (string) base64_decode(strtr($after, '-_', '+/'), true), $cursor) !== 1) {
            $address->at('after')->refuse('This is no place in the list.', 'what an earlier page gave as next');
        }

        return self::after($kitchenId, BatchFilter::read($address, $kitchenId), $limit, $cursor);
    }

    /** @param array<int, string> $cursor whether the last one was open or done, when it was begun, its row */
    private static function after(int $kitchenId, BatchFilter $filter, int $limit, array $cursor): self
    {
        [, $section, $startedAt, $row] = $cursor === [] ? ['', $filter->saysDone() ? 'd' : 'o', null, '0'] : $cursor;
        $found = $section === 'o' ? self::section($kitchenId, $filter, false, $limit + 1, $startedAt, (int) $row) : new Collection;
        if ($found->count() <= $limit) {
            $found = $found->concat(self::section($kitchenId, $filter, true, $limit + 1 - $found->count(), $section === 'd' ? $startedAt : null, (int) $row));
        }
        $page = $found->take($limit)->values();
        $last = $page->last();

        return new self($page, $found->count() > $limit && $last instanceof Batch ? self::cursor($last) : null, $filter, $cursor === []);
    }

    /** @return Collection<int, Batch> */
    private static function section(int $kitchenId, BatchFilter $filter, bool $done, int $limit, ?string $startedAt, int $row): Collection
    {
        $query = Batch::query()->with(['verdict', 'trial', 'revision:id,formula_id,number', 'revision.formula'])->where('kitchen_id', $kitchenId);
        $query->whereRaw('(finished_at IS NOT NULL) = ?', [$done ? 1 : 0]);
        $filter->narrow($query);
        if ($startedAt !== null) {
            $query->where(static fn (Builder $before): Builder => $before->where('started_at', '<', $startedAt)
                ->orWhere(static fn (Builder $same): Builder => $same->where('started_at', $startedAt)->where('id', '<', $row)));
        }

        $query->orderByDesc('started_at')->orderByDesc('id')->limit($limit);

        return $query->get(self::COLUMNS);
    }

    private static function cursor(Batch $last): string
    {
        $place = sprintf('%s~%s~%d', $last->finished_at === null ? 'o' : 'd', UtcMoment::kept($last->started_at), $last->id);

        return strtr(rtrim(base64_encode($place), '='), '+/', '-_');
    }
}

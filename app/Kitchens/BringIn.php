<?php

declare(strict_types=1);

namespace App\Kitchens;

use App\Actions\JoinKitchen;
use App\Models\Batch;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use stdClass;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use Throwable;

/**
 * Brings what a kitchen file holds into a kitchen, whole or not at all. What both have alike stays; of what they have unlike, the cook says which
 * stays. A log is never torn: a batch whose log goes on in the file is taken with it, one whose log went on here is kept, and one that went on
 * in both is kept as it is here, and named.
 *
 * @phpstan-import-type Row from Rows
 */
final class BringIn
{
    private readonly Report $report;

    private Kitchen $kitchen;

    /** @var array<string, bool> of each batch of the file whether what belongs to it comes in */
    private array $comes = [];

    /** @var array<string, list<string>> columns of each part, asked of the database once */
    private array $columns = [];

    /** @var array<string, int> of names of other parts, their numbers here */
    private array $numbers = [];

    private function __construct(private readonly OpenKitchenFile $file, private readonly Differing $differing, private readonly Reference $reference, private readonly BesideBatch $beside)
    {
        $this->report = new Report;
    }

    /**
     * @param Kitchen|null $into null for a house that has no kitchen yet
     * @param bool $look only what would come in
     * @param (callable(string): void)|null $tell of each part, before it
     *
     * @throws InvalidInput If the file cannot be used; then all is as it was.
     */
    public static function from(OpenKitchenFile $file, ?Kitchen $into, Differing $differing, bool $look, Reference $reference, ?callable $tell = null): Report
    {
        $bring = new self($file, $differing, $reference, new BesideBatch($reference));
        try {
            DB::transaction(static function () use ($bring, $into, $look, $tell): void {
                $bring->into($into, $tell);
                if ($look) {
                    throw new LookedOnly;
                }
            });
        } catch (LookedOnly) {
            // Nothing of it stayed.
        } catch (QueryException $failure) {
            throw InvalidInput::at('(file)', 'The file holds what this house cannot keep.', mb_substr($failure->getMessage(), 0, 200), 'rows as a house writes them');
        }

        return $bring->report;
    }

    /** @param (callable(string): void)|null $tell */
    private function into(?Kitchen $into, ?callable $tell): void
    {
        $said = $this->file->manifest;
        $this->kitchen = $into ?? Kitchen::query()->create(['name' => $said->kitchen, 'cup' => $said->cup?->value, 'spoon' => $said->spoon?->value]);
        foreach (Part::cases() as $part) {
            $tell === null || $tell($part->value);
            match (true) {
                $part === Part::Cooks => $this->cooks(),
                $part === Part::Batches => $this->batches(),
                $part->isOfABatch() => $this->ofBatches($part),
                default => $this->part($part),
            };
        }
        if ($into === null || $said->holds === 'kitchen' && $this->differing === Differing::Take) {
            $this->kitchen->update(['cup' => $said->cup?->value, 'spoon' => $said->spoon?->value, 'set_aside' => SetAside::byNumber($said->setAside)]);
        }
        $this->standBeside();
    }

    /** Names that wrote in the log. Passwords stay where they were: an owner, or whoever keeps the house, gives new ones. */
    private function cooks(): void
    {
        foreach ($this->file->rows(Part::Cooks) as $row) {
            $name = self::text($row, 'name');
            $role = KitchenRole::tryFrom(self::text($row, 'role')) ?? throw InvalidInput::at('cooks.jsonl', 'This is no role.', self::text($row, 'role'), 'owner, cook or guest');
            $user = User::query()->where('name', $name)->first();
            if ($user === null) {
                $user = User::query()->create(['kitchen_id' => $this->kitchen->id, 'name' => $name, 'password' => bin2hex(random_bytes(32))]);
                (new JoinKitchen)($user, $this->kitchen, $role);
                $this->report->count(Part::Cooks, 'new');
                $this->report->note("$name has no password here yet.");
            } elseif (Membership::query()->where('kitchen_id', $this->kitchen->id)->where('user_id', $user->id)->exists()) {
                $this->report->count(Part::Cooks, 'same');
            } else {
                $this->report->count(Part::Cooks, 'kept');
                $this->report->note("$name cooks in another kitchen of this house; what that name wrote stands under it, and it has no place in this kitchen.");
            }
        }
    }

    private function part(Part $part): void
    {
        $here = $this->here($part);
        foreach ($this->file->rows($part) as $row) {
            $known = $here[Rows::key($part, $row)] ?? null;
            if ($known === null) {
                $this->refuseElsewhere($part, $row);
                $this->put($part, $row);
            }
            $this->report->count($part, match (true) {
                $known === null => 'new',
                $known === Rows::line($row) => 'same',
                $part->isKept() || $this->differing === Differing::Keep => 'kept',
                default => $this->change($part, $row),
            });
        }
    }

    private function batches(): void
    {
        $here = $this->here(Part::Batches);
        $logs = $here === [] ? [] : $this->logsThere(array_keys($here));
        foreach ($this->file->rows(Part::Batches) as $row) {
            $uuid = self::text($row, 'uuid');
            $known = $here[$uuid] ?? null;
            $this->comes[$uuid] = $known === null;
            if ($known === null) {
                $this->refuseElsewhere(Part::Batches, $row);
                $this->put(Part::Batches, $row);
                $this->report->count(Part::Batches, 'new');

                continue;
            }
            $mine = self::logHere($uuid);
            $theirs = $logs[$uuid] ?? [];
            $isFurther = array_slice($theirs, 0, count($mine)) === $mine;
            if (! $isFurther && array_slice($mine, 0, count($theirs)) !== $theirs) {
                $this->report->note("The log of batch $uuid went on both here and there: it is kept as it is here.");
            }
            $isSame = $known === Rows::line($row) && $mine === $theirs;
            $this->comes[$uuid] = ! $isSame && $isFurther && $this->differing === Differing::Take;
            $this->report->count(Part::Batches, $isSame ? 'same' : ($this->comes[$uuid] ? $this->change(Part::Batches, $row) : 'kept'));
        }
    }

    private function ofBatches(Part $part): void
    {
        $here = $this->here($part);
        foreach ($this->file->rows($part) as $row) {
            $known = $here[Rows::key($part, $row)] ?? null;
            $comes = $this->comes[self::text($row, 'batch')] ?? false;
            if ($known === null && $comes) {
                $this->put($part, $row);
            }
            $this->report->count($part, match (true) {
                $known === null => $comes ? 'new' : 'kept',
                $known === Rows::line($row) => 'same',
                $part->isKept() || ! $comes => 'kept',
                default => $this->change($part, $row),
            });
        }
    }

    /** What the house works out itself, for each batch that came; a log that cannot be followed comes in nowhere. */
    private function standBeside(): void
    {
        foreach (array_chunk(array_keys(array_filter($this->comes)), 50) as $uuids) {
            foreach (Batch::query()->with(['revision.formula', 'verdict'])->whereIn('uuid', $uuids)->get() as $batch) {
                try {
                    $this->beside->keep($batch);
                } catch (QueryException $failure) {
                    throw $failure;
                } catch (Throwable $failure) {
                    throw InvalidInput::at('events.jsonl', 'The log of this batch cannot be followed.', $batch->uuid, mb_substr($failure->getMessage(), 0, 200));
                }
            }
        }
    }

    /** @return array<string, string> lines by key, of what this kitchen has already; of batches, only of those in the file */
    private function here(Part $part): array
    {
        $here = [];
        foreach (Rows::of($this->kitchen, $part) as $row) {
            if (! $part->isOfABatch() || isset($this->comes[self::text($row, 'batch')])) {
                $here[Rows::key($part, $row)] = Rows::line($row);
            }
        }

        return $here;
    }

    /**
     * @param list<string> $batches
     * @return array<string, list<string>>
     */
    private function logsThere(array $batches): array
    {
        $of = array_flip($batches);
        $logs = [];
        foreach ($this->file->rows(Part::Events) as $row) {
            $batch = self::text($row, 'batch');
            if (isset($of[$batch])) {
                $logs[$batch][] = self::text($row, 'uuid');
            }
        }

        return $logs;
    }

    /** @return list<string> */
    private static function logHere(string $batch): array
    {
        return array_values(array_filter(DB::table('batch_events')->join('batches', 'batches.id', 'batch_id')->where('batches.uuid', $batch)->orderBy('batch_events.id')->pluck('batch_events.uuid')->all(), is_string(...)));
    }

    /**
     * An identifier is of one thing in a house.
     *
     * @param Row $row
     */
    private function refuseElsewhere(Part $part, array $row): void
    {
        if (in_array('uuid', $part->key(), true) && ! $part->isOfABatch() && DB::table($part->table())->where('uuid', $row['uuid'])->exists()) {
            throw InvalidInput::at("$part->value.jsonl", 'Another kitchen of this house has this already.', self::text($row, 'uuid'), 'what no other kitchen here has');
        }
    }

    /** @param Row $row */
    private function put(Part $part, array $row): void
    {
        DB::table($part->table())->insert($this->columns($part, $row));
    }

    /**
     * @param Row $row
     * @return 'taken'
     */
    private function change(Part $part, array $row): string
    {
        $columns = $this->columns($part, $row);
        $query = DB::table($part->table());
        match ($part) {
            Part::Ingredients => $query->where('kitchen_id', $this->kitchen->id)->where('name', $row['name']),
            Part::Verdicts => $query->where('batch_id', $columns['batch_id']),
            default => $query->where('uuid', $row['uuid']),
        };
        $query->update($columns);

        return 'taken';
    }

    /**
     * A row as its table has it here.
     *
     * @param Row $row
     * @return array<string, mixed>
     */
    private function columns(Part $part, array $row): array
    {
        $named = $part->names();
        $own = array_diff_key($row, $part === Part::Cooks ? [] : $named);
        $known = $this->columns[$part->value] ??= Rows::columns($part);
        $strange = array_diff(array_keys($own), $known);
        if ($strange !== []) {
            throw InvalidInput::at("$part->value.jsonl", 'This house does not know this field.', implode(', ', $strange), implode(', ', $known));
        }
        foreach ($part->json() as $column) {
            $own[$column] = ($own[$column] ?? null) === null ? null : Rows::kept($own[$column]);
        }
        if ($part === Part::Revisions) {
            PlanRequest::read(json_decode(self::kept($own, 'document'), true), $this->reference);
        }

        return [...$own, ...$this->numbersOf($part, $row)];
    }

    /**
     * @param Row $row
     * @return array<string, mixed> for names of other parts, their numbers here
     */
    private function numbersOf(Part $part, array $row): array
    {
        $kitchen = ['kitchen_id' => $this->kitchen->id];
        $batch = fn (): int => $this->number('batches', 'uuid', self::text($row, 'batch'));
        $cook = fn (): ?int => ($row['cook'] ?? null) === null ? null : $this->number('users', 'name', self::text($row, 'cook'));

        return match ($part) {
            Part::Ingredients, Part::Bags, Part::Gear, Part::Breads => $kitchen,
            Part::Calibrations => ['gear_id' => $this->number('gear', 'uuid', self::text($row, 'tool'))],
            Part::Revisions => ['formula_id' => $this->number('formulas', 'uuid', self::text($row, 'bread'))],
            Part::Trials => [...$kitchen, 'formula_id' => $this->number('formulas', 'uuid', self::text($row, 'bread'))],
            Part::Batches => [
                ...$kitchen, 'formula_revision_id' => $this->revision($row),
                'trial_id' => ($row['trial'] ?? null) === null ? null : $this->number('trials', 'uuid', self::text($row, 'trial')),
            ],
            Part::Events, Part::VerdictHistory => ['batch_id' => $batch(), 'user_id' => $cook()],
            Part::Photos => ['batch_id' => $batch(), 'user_id' => $cook(), 'bytes' => $this->picture(self::text($row, 'uuid'))],
            Part::Verdicts => ['batch_id' => $batch()],
            Part::Riddles => ['user_id' => $cook()],
            Part::Cooks => [],
        };
    }

    /** @param Row $row */
    private function revision(array $row): int
    {
        $formula = $this->number('formulas', 'uuid', self::text($row, 'bread'));
        $id = DB::table('formula_revisions')->where('formula_id', $formula)->where('number', $row['revision'])->value('id');

        return is_int($id) ? $id : throw InvalidInput::at('batches.jsonl', 'The version that this batch was made by is not there.', self::text($row, 'uuid'), 'a version that revisions.jsonl names');
    }

    private function number(string $table, string $column, string $name): int
    {
        return $this->numbers["$table $name"] ??= is_int($id = DB::table($table)->where($column, $name)->value('id'))
            ? $id : throw InvalidInput::at('(file)', "This names something that is not there, in $table.", $name, 'what the file or the kitchen has');
    }

    /** @return resource */
    private function picture(string $uuid)
    {
        $bytes = $this->file->photo($uuid);
        if (@getimagesizefromstring($bytes) === false) {
            throw InvalidInput::at('photos', 'This is no picture.', $uuid, 'a JPEG as a house keeps it');
        }
        $stream = fopen('php://memory', 'r+b') ?: throw new \RuntimeException('There is no memory for a photo.');
        fwrite($stream, $bytes);
        rewind($stream);

        return $stream;
    }

    /** @param array<string, mixed> $row */
    private static function text(array $row, string $field): string
    {
        $value = $row[$field] ?? null;

        return is_string($value) ? $value : throw InvalidInput::at($field, 'This must be text.', $value instanceof stdClass ? 'an object' : get_debug_type($value), 'text');
    }

    /** @param array<string, mixed> $row */
    private static function kept(array $row, string $field): string
    {
        return is_string($row[$field] ?? null) ? $row[$field] : '{}';
    }
}

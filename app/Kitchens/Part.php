<?php

declare(strict_types=1);

namespace App\Kitchens;

/**
 * The parts of a kitchen that goes from house to house, in the order in which one stands on another. A row is all that its table knows of a thing
 * but what only this house can know: its own numbers, for which names and identifiers stand, and what it works out anew.
 */
enum Part: string
{
    case Cooks = 'cooks';
    case Ingredients = 'ingredients';
    case Bags = 'bags';
    case Gear = 'gear';
    case Calibrations = 'calibrations';
    case Breads = 'breads';
    case Revisions = 'revisions';
    case Trials = 'trials';
    case Batches = 'batches';
    case Events = 'events';
    case Verdicts = 'verdicts';
    case VerdictHistory = 'verdict_history';
    case Photos = 'photos';
    case Riddles = 'riddles';

    public function table(): string
    {
        return match ($this) {
            self::Cooks => 'memberships',
            self::Ingredients => 'own_ingredients',
            self::Bags => 'lots',
            self::Breads => 'formulas',
            self::Revisions => 'formula_revisions',
            self::Events => 'batch_events',
            default => $this->value,
        };
    }

    /** @return list<string> columns that name a row within its kitchen */
    public function key(): array
    {
        return match ($this) {
            self::Cooks => ['name'],
            self::Ingredients => ['name'],
            self::Revisions => ['bread', 'number'],
            self::Events => ['batch', 'uuid'],
            self::Verdicts => ['batch'],
            self::VerdictHistory => ['batch', 'said_at', 'cook', 'verdict'],
            self::Riddles => ['cook', 'seed'],
            default => ['uuid'],
        };
    }

    /** @return list<string> columns that stay here: numbers of this house, and what it works out anew */
    public function left(): array
    {
        $numbers = ['id', 'kitchen_id', 'user_id', 'batch_id', 'gear_id', 'formula_id', 'formula_revision_id', 'trial_id'];

        return match ($this) {
            self::Batches => [...$numbers, 'tally', 'summary', 'lesson', 'cooks', 'words', 'griddle', 'is_good', 'event_count', 'shape'],
            self::Photos => [...$numbers, 'bytes'],
            self::Cooks => [...$numbers, 'created_at', 'updated_at'],
            default => $numbers,
        };
    }

    /** @return list<string> columns that hold JSON, which stands in a row as it is */
    public function json(): array
    {
        return match ($this) {
            self::Ingredients, self::Revisions => ['document'],
            self::Calibrations => ['question', 'answer'],
            self::Breads => ['portrait'],
            self::Trials => ['levels', 'names'],
            self::Batches => ['request', 'plan'],
            self::Verdicts => ['halves'],
            self::VerdictHistory => ['verdict'],
            default => [],
        };
    }

    /** @return array<string, string> what a row names of other parts, and where that is read from */
    public function names(): array
    {
        return match ($this) {
            self::Cooks => ['name' => 'users.name'],
            self::Calibrations => ['tool' => 'gear.uuid'],
            self::Revisions, self::Trials => ['bread' => 'formulas.uuid'],
            self::Batches => ['bread' => 'formulas.uuid', 'revision' => 'formula_revisions.number', 'trial' => 'trials.uuid'],
            self::Events, self::VerdictHistory, self::Photos => ['batch' => 'batches.uuid', 'cook' => 'users.name'],
            self::Verdicts => ['batch' => 'batches.uuid'],
            self::Riddles => ['cook' => 'users.name'],
            default => [],
        };
    }

    /** SQL that reads it, with a question mark for the kitchen; in an order that every house gives. */
    public function source(): string
    {
        $table = $this->table();

        return match ($this) {
            self::Cooks => 'memberships JOIN users ON users.id = memberships.user_id WHERE memberships.kitchen_id = ? ORDER BY users.name',
            self::Calibrations => 'calibrations JOIN gear ON gear.id = calibrations.gear_id WHERE gear.kitchen_id = ? ORDER BY calibrations.uuid',
            self::Revisions => 'formula_revisions JOIN formulas ON formulas.id = formula_revisions.formula_id WHERE formulas.kitchen_id = ? ORDER BY formulas.uuid, formula_revisions.number',
            self::Trials => 'trials JOIN formulas ON formulas.id = trials.formula_id WHERE trials.kitchen_id = ? ORDER BY trials.uuid',
            self::Batches => 'batches JOIN formula_revisions ON formula_revisions.id = batches.formula_revision_id JOIN formulas ON formulas.id = formula_revisions.formula_id LEFT JOIN trials ON trials.id = batches.trial_id WHERE batches.kitchen_id = ? ORDER BY batches.started_at, batches.uuid',
            // The log in its own order, which is part of it.
            self::Events, self::VerdictHistory => "$table JOIN batches ON batches.id = $table.batch_id LEFT JOIN users ON users.id = $table.user_id WHERE batches.kitchen_id = ? ORDER BY batches.uuid, $table.id",
            self::Photos => 'photos JOIN batches ON batches.id = photos.batch_id LEFT JOIN users ON users.id = photos.user_id WHERE batches.kitchen_id = ? ORDER BY photos.uuid',
            self::Verdicts => 'verdicts JOIN batches ON batches.id = verdicts.batch_id WHERE batches.kitchen_id = ? ORDER BY batches.uuid',
            self::Riddles => 'riddles JOIN users ON users.id = riddles.user_id JOIN memberships ON memberships.user_id = users.id WHERE memberships.kitchen_id = ? ORDER BY users.name, riddles.seed',
            default => "$table WHERE $table.kitchen_id = ? ORDER BY $table.".$this->key()[0],
        };
    }

    /** Whether a row once kept never changes. */
    public function isKept(): bool
    {
        return in_array($this, [self::Calibrations, self::Revisions, self::Events, self::VerdictHistory, self::Photos, self::Riddles], true);
    }

    /** Whether it is a part of a batch, and comes in with it or not at all. */
    public function isOfABatch(): bool
    {
        return in_array($this, [self::Events, self::Verdicts, self::VerdictHistory, self::Photos], true);
    }
}

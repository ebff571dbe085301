<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\School\TurnAction;

/** What can happen in a batch. Nothing is ever changed or taken out of the log; an undo is one more event. */
enum EventKind: string
{
    case Entered = 'entered';
    case Measured = 'measured';
    /** Something that is no part of the dough stands ready. */
    case ExtraWeighed = 'extra_weighed';
    /** A step on the way into the dough. */
    case StepBegun = 'step_begun';
    case StepDone = 'step_done';
    case Poured = 'poured';
    case Felt = 'felt';
    case Corrected = 'corrected';
    case TemperatureTaken = 'temperature_taken';
    case KneadStarted = 'knead_started';
    case RestStarted = 'rest_started';
    /** The pieces rest once more. */
    case SecondRestStarted = 'second_rest_started';
    /** How far a raised dough has grown, against a mark on its bowl. */
    case GrowthSeen = 'growth_seen';
    case ScaleSet = 'scale_set';
    case DiscMeasured = 'disc_measured';
    case Portioned = 'portioned';
    case Laid = 'laid';
    case Turned = 'turned';
    case Wetted = 'wetted';
    case Brushed = 'brushed';
    /** Pressed down as it lies. */
    case Pressed = 'pressed';
    case Lifted = 'lifted';
    /** How done a face looks, before its next touch. */
    case SignSeen = 'sign_seen';
    case SurfaceTaken = 'surface_taken';
    case CentreTaken = 'centre_taken';
    case Paused = 'paused';
    case Resumed = 'resumed';
    case OvenIn = 'oven_in';
    case OvenOut = 'oven_out';
    case Stacked = 'stacked';
    case Noted = 'noted';
    /** Something was seen that should not be so. */
    case FaultSeen = 'fault_seen';
    /** Something was done about it, for the cause that was thought of. */
    case Remedied = 'remedied';
    case Undone = 'undone';

    /** @return list<string> the fields that such an event must carry, besides id, kind and time */
    public function required(): array
    {
        return match ($this) {
            self::Entered => ['stage'],
            self::Measured => ['ingredient', 'grams'],
            self::ExtraWeighed => ['extra', 'ingredient', 'grams'],
            self::StepBegun, self::StepDone => ['step'],
            self::Poured => ['grams'],
            self::Felt => ['grade'],
            self::Corrected => ['water_grams', 'flour_grams'],
            self::TemperatureTaken, self::SurfaceTaken => ['celsius'],
            self::CentreTaken => ['piece', 'celsius'],
            self::SignSeen => ['piece', 'sign'],
            self::GrowthSeen => ['growth'],
            self::ScaleSet => ['grams', 'pieces'],
            self::DiscMeasured => ['diameter_mm'],
            self::Portioned => ['grams'],
            self::Laid => ['piece', 'place'],
            self::Turned, self::Wetted, self::Brushed, self::Pressed, self::Lifted => ['piece'],
            self::Noted => ['text'],
            self::FaultSeen => ['symptom'],
            self::Remedied => ['symptom', 'cause'],
            self::Undone => ['event'],
            self::OvenIn, self::OvenOut, self::KneadStarted, self::RestStarted, self::SecondRestStarted, self::Paused, self::Resumed, self::Stacked => [],
        };
    }

    /** @return list<string> further fields that such an event may carry */
    public function optional(): array
    {
        return match ($this) {
            self::Poured => ['celsius'],
            self::Corrected => ['pieces'],
            self::Turned, self::Wetted, self::Brushed, self::Pressed, self::Lifted => ['touch', 'place'],
            self::SurfaceTaken => ['place'],
            self::DiscMeasured => ['piece'],
            self::Stacked => ['grams'],
            self::Noted => ['stage', 'piece'],
            self::FaultSeen => ['stage', 'piece'],
            self::Remedied => ['text', 'piece'],
            default => [],
        };
    }

    /** Whether a piece that lies there is touched by it. */
    public function isTouch(): bool
    {
        return match ($this) {
            self::Turned, self::Wetted, self::Brushed, self::Pressed, self::Lifted => true,
            default => false,
        };
    }

    /** What such an event does in the words of a plan; null where a plan can have it as more than one thing, or as none. */
    public function action(): ?TurnAction
    {
        return match ($this) {
            self::Wetted => TurnAction::Wet,
            self::Brushed => TurnAction::Brush,
            self::Pressed => TurnAction::PressDown,
            default => null,
        };
    }

    /** Whether it moves what hands do next there. */
    public function isAtTheGriddle(): bool
    {
        return match ($this) {
            self::Laid, self::Resumed => true,
            default => $this->isTouch(),
        };
    }
}

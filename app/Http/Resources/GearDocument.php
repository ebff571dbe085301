<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Gear;
use App\Models\KeptCalibration;
use StoneMill\Document\LearnDocument;
use StoneMill\Kitchen\ToolKind;
use StoneMill\Learn\KitchenRecord;

/** One tool as the hearth shows it, with the newest calibration of each of its settings. */
final class GearDocument
{
    /**
     * @param Gear $gear with its calibrations
     * @return array<string, mixed>
     */
    public static function of(Gear $gear, KitchenRecord $record): array
    {
        return [
            'id' => $gear->uuid, 'version' => $gear->version, 'kind' => $gear->kind, 'name' => $gear->name, 'archived' => $gear->archived_at !== null, 'request' => $gear->told($record),
            'heat' => $gear->kind === ToolKind::Griddle->value ? LearnDocument::heat($record, $gear->uuid) : null,
            'calibrations' => array_values($gear->calibrations->keyBy('setting')->map(self::calibration(...))->all()),
        ];
    }

    /** @return array<string, mixed> */
    public static function calibration(KeptCalibration $calibration): array
    {
        return ['id' => $calibration->uuid, 'setting' => $calibration->setting, 'taken_at' => $calibration->taken_at, 'answer' => $calibration->answer];
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gear;
use App\Models\KeptCalibration;
use App\Models\Kitchen;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use StoneMill\Document\CalibrationDocument;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Hearth\Calibration as Reckoning;
use StoneMill\Kitchen\ToolKind;

/** Keeps what was read of a griddle at one setting, with what the core makes of it. Sent twice, it is kept once. */
final readonly class KeepCalibration
{
    /** @throws InvalidInput If anything in the document breaks the contract. */
    public function __invoke(Kitchen $kitchen, string $uuid, mixed $document): KeptCalibration
    {
        $findings = new Findings;
        $id = Node::root(['calibration' => $uuid], $findings)->at('calibration')->uuid();
        $body = Node::root($document, $findings)->object(['gear', 'setting', 'taken_at', 'question']);
        $tool = $body->at('gear')->uuid();
        $setting = $body->at('setting')->text(60);
        $takenAt = $body->at('taken_at')->moment();
        $question = $body->at('question')->fields();
        $reckoning = Reckoning::readNode($body->at('question'), $findings);
        $answer = (new CalibrationDocument($findings->sound($reckoning)))->json();

        return DB::transaction(static function () use ($kitchen, $id, $tool, $setting, $takenAt, $question, $answer): KeptCalibration {
            $gear = Gear::query()->where('kitchen_id', $kitchen->id)->where('uuid', $tool)->where('kind', ToolKind::Griddle->value)->first() ?? throw new ModelNotFoundException;
            $kept = KeptCalibration::query()->where('uuid', $id)->first();
            if ($kept !== null && $kept->gear_id !== $gear->id) {
                throw new ModelNotFoundException;
            }

            return $kept ?? KeptCalibration::query()->create([
                'uuid' => $id, 'gear_id' => $gear->id, 'setting' => $setting, 'question' => $question, 'answer' => $answer,
                'taken_at' => $takenAt->format('Y-m-d\TH:i:s.v\Z'),
            ]);
        });
    }
}

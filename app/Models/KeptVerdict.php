<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use StoneMill\Record\Extent;
use StoneMill\Record\Pliability;
use StoneMill\Record\Puff;
use StoneMill\Record\Verdict as CoreVerdict;

/**
 * What came out of a batch.
 *
 * @property int $id
 * @property int $batch_id
 * @property string|null $pliability
 * @property string|null $puff
 * @property float $shade_first
 * @property float $shade_second
 * @property string $cracks
 * @property string $sticking
 * @property int $pieces_good
 * @property int $pieces_second
 * @property int $pieces_lost
 * @property string|null $notes
 * @property int|null $score from 0 to 10, of all together
 * @property string|null $change_id the client's identifier of the last change
 */
final class KeptVerdict extends Model
{
    protected $table = 'verdicts';

    protected $guarded = [];

    public function toCore(): CoreVerdict
    {
        return CoreVerdict::kept(
            $this->pliability === null ? null : Pliability::from($this->pliability),
            $this->puff === null ? null : Puff::from($this->puff),
            $this->shade_first,
            $this->shade_second,
            Extent::from($this->cracks),
            Extent::from($this->sticking),
            $this->pieces_good,
            $this->pieces_second,
            $this->pieces_lost,
            $this->notes,
            $this->score,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shade_first' => 'float', 'shade_second' => 'float'];
    }
}

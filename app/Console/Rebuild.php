<?php

declare(strict_types=1);

namespace App\Console;

use App\Kitchens\BesideBatch;
use App\Models\Batch;
use App\Models\Bread;
use App\Models\BreadRevision;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use StoneMill\Document\PortraitDocument;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Portrait;

/** Brings stored plans up to date, and works out anew from the logs what stands beside each batch. */
final class Rebuild extends OnKitchen
{
    private const AT_ONCE = 50;

    protected $signature = 'mill:rebuild';

    protected $description = 'Works out anew what stands beside each batch';

    public function __construct(private readonly BesideBatch $beside)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        $done = 0;
        Batch::query()->with(['revision.formula', 'verdict'])->chunkById(self::AT_ONCE, function (Collection $batches) use (&$done): void {
            DB::transaction(function () use ($batches, &$done): void {
                foreach ($batches as $batch) {
                    $this->beside->keep($batch, $this->tell(...));
                    $done++;
                }
            });
        });
        $this->drawBreads();
        $this->line("$done batches are worked out anew.");

        return self::SUCCESS;
    }

    /** Breads from before each had a picture of its own. */
    private function drawBreads(): void
    {
        foreach (Bread::query()->whereNull('portrait')->get() as $bread) {
            $request = BreadRevision::query()->where('formula_id', $bread->id)->latest('number')->first()?->given() ?? GivenRequest::ofStyle($bread->style);
            $bread->update(['portrait' => PortraitDocument::json(Portrait::of($this->beside->planned($request, $bread->style, $bread->name, $this->tell(...))))]);
        }
    }

    private function tell(string $words): void
    {
        $this->getOutput()->getErrorStyle()->writeln("  $words");
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\CurrentKitchen;
use App\Kitchens\Choice;
use App\Kitchens\KitchenFile;
use App\Models\Lot;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A whole kitchen for its owner, or one bread, batch, trial or bag for whoever cooks with it, as a file for another house. */
final class ExportKitchenController
{
    public function __invoke(Request $request, string $kind = 'kitchen', string $id = ''): BinaryFileResponse
    {
        $kitchen = $kind === 'kitchen' ? CurrentKitchen::kept($request) : CurrentKitchen::of($request);
        $choice = match ($kind) {
            'breads' => Choice::bread(CurrentKitchen::bread($request, $id)->uuid),
            'batches' => Choice::batch($kitchen, CurrentKitchen::batch($request, $id)->uuid),
            'trials' => Choice::trial($kitchen, CurrentKitchen::trial($request, $id)->uuid),
            'lots' => Choice::bag(Lot::query()->where('kitchen_id', $kitchen->id)->where('uuid', $id)->firstOrFail()->uuid),
            default => Choice::everything(),
        };
        $file = tempnam(sys_get_temp_dir(), 'mill') ?: throw new \RuntimeException('There is no room to write in.');
        KitchenFile::write($kitchen, $choice, $file);

        return (new BinaryFileResponse($file, 200, ['Content-Type' => 'application/zip']))
            ->setContentDisposition('attachment', sprintf('stone-mill-%s.zip', $choice->holds))
            ->deleteFileAfterSend();
    }
}

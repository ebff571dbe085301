<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Batch;
use App\Models\Photo;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\DecoderException;
use Intervention\Image\ImageManager;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Record\LogTime;

/** Keeps a photo of a batch, shrunk to what a screen shows, without what the camera wrote about place and owner. Sent twice, it is kept once. */
final class KeepPhoto
{
    public const MOST_BYTES = 12_000_000;

    private const MOST_PHOTOS = 6;

    private const LONGEST_SIDE = 1600;

    private const MOST_PIXELS = 30_000_000;

    private const QUALITY = 80;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** @throws InvalidInput If it is no picture, too large, or one too many. */
    public function __invoke(Batch $batch, User $cook, string $uuid, string $bytes): Photo
    {
        $findings = new Findings;
        $id = Node::root(['photo' => $uuid], $findings)->at('photo')->uuid();
        $findings->refuseIfAny();
        $known = Photo::query()->where('uuid', $id)->first();
        if ($known !== null) {
            return $known->batch_id === $batch->id ? $known : abort(404);
        }
        [$jpeg, $width, $height] = $this->shrunk($bytes);

        return DB::transaction(static function () use ($batch, $cook, $id, $jpeg, $width, $height): Photo {
            if (Photo::query()->where('batch_id', $batch->id)->count() >= self::MOST_PHOTOS) {
                throw InvalidInput::at('photo', 'This batch has as many photos as it can keep: delete one first.', self::MOST_PHOTOS, sprintf('at most %d a batch', self::MOST_PHOTOS));
            }
            $stream = fopen('php://memory', 'r+b') ?: throw new \RuntimeException('There is no memory for a photo.');
            fwrite($stream, $jpeg);
            rewind($stream);
            Photo::query()->insert([
                'uuid' => $id, 'batch_id' => $batch->id, 'user_id' => $cook->id, 'taken_at' => LogTime::format(new DateTimeImmutable),
                'width' => $width, 'height' => $height, 'bytes' => $stream,
            ]);

            return Photo::query()->where('uuid', $id)->firstOrFail(['id', 'uuid', 'batch_id', 'taken_at', 'width', 'height']);
        });
    }

    /** @return array{string, int, int} JPEG, its width and height */
    private function shrunk(string $bytes): array
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidInput::at('photo', 'This photo is too large.', strlen($bytes), sprintf('at most %d bytes', self::MOST_BYTES));
        }
        $size = $bytes === '' ? false : @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::KINDS, true)) {
            throw InvalidInput::at('photo', 'This is no photo that can be read.', strlen($bytes), 'a JPEG, PNG or WebP file');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw InvalidInput::at('photo', 'This photo has too many pixels.', $size[0] * $size[1], sprintf('at most %d pixels', self::MOST_PIXELS));
        }
        try {
            $image = (new ImageManager(new Driver))->read($bytes)->scaleDown(self::LONGEST_SIDE, self::LONGEST_SIDE);
        } catch (DecoderException) {
            throw InvalidInput::at('photo', 'This photo is damaged.', strlen($bytes), 'a whole JPEG, PNG or WebP file');
        }

        return [(string) $image->toJpeg(self::QUALITY), $image->width(), $image->height()];
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchens;

use App\Models\Kitchen;
use App\Models\Photo;
use RuntimeException;
use StoneMill\Exchange\Exception\InvalidInput;
use ZipArchive;

/**
 * A kitchen, or a part of one, as a file: a zip with `kitchen.json`, which says what it is, a file of JSON lines for each part, and the photos.
 * The same kitchen gives the same bytes. See formats/kitchen-file.schema.json.
 */
final readonly class KitchenFile
{
    public const FORMAT = 'stone-mill-kitchen';

    public const VERSION = 1;

    private const MANIFEST = 'kitchen.json';

    /** A zip notes when a file was changed; what it holds has moments of its own. 1 January 1980, the first that it can say. */
    private const NO_TIME = 315_532_800;

    /** Unpacked, so that a small file cannot fill the house. */
    private const MOST_BYTES = 4_000_000_000;

    /** @param (callable(string, int): void)|null $tell of a part and its rows, once it is written */
    public static function write(Kitchen $kitchen, Choice $choice, string $file, ?callable $tell = null): void
    {
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("The file $file cannot be written.");
        }
        $folder = self::folder();
        try {
            $parts = [];
            foreach (Part::cases() as $part) {
                $parts[$part->value] = self::writePart($kitchen, $part, $choice, $folder, $zip);
                $tell === null || $tell($part->value, $parts[$part->value]['rows']);
            }
            self::add($zip, self::MANIFEST, self::text($folder, self::MANIFEST, json_encode([
                'format' => self::FORMAT, 'version' => self::VERSION, 'holds' => $choice->holds,
                'kitchen' => ['name' => $kitchen->name, 'cup' => $kitchen->cup, 'spoon' => $kitchen->spoon, 'set_aside' => SetAside::byName($kitchen->set_aside)],
                'parts' => $parts,
            ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n"));
            if (! $zip->close()) {
                throw new RuntimeException("The file $file could not be written whole.");
            }
        } finally {
            self::clear($folder);
        }
    }

    /** @return array{rows: int, sha256: string} */
    private static function writePart(Kitchen $kitchen, Part $part, Choice $choice, string $folder, ZipArchive $zip): array
    {
        $name = "$part->value.jsonl";
        $stream = fopen("$folder/$name", 'wb') ?: throw new RuntimeException('There is no room to write in.');
        $rows = 0;
        foreach (Rows::of($kitchen, $part) as $row) {
            if ($choice->takes($part, $row)) {
                fwrite($stream, Rows::line($row)."\n");
                $rows++;
                if ($part === Part::Photos && is_string($uuid = $row['uuid'] ?? null)) {
                    $bytes = Photo::query()->where('uuid', $uuid)->firstOrFail()->bytes;
                    self::add($zip, "photos/$uuid.jpg", self::text($folder, "$uuid.jpg", $bytes));
                }
            }
        }
        fclose($stream);
        self::add($zip, $name, "$folder/$name");

        return ['rows' => $rows, 'sha256' => (string) hash_file('sha256', "$folder/$name")];
    }

    /**
     * Opens one, having looked it through: nothing of a file that is foreign, newer or damaged is read.
     *
     * @throws InvalidInput If it cannot be used.
     */
    public static function open(string $file): OpenKitchenFile
    {
        $zip = new ZipArchive;
        if (! is_file($file) || $zip->open($file, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw self::refused('This is no kitchen file, or it is damaged.', basename($file));
        }
        $bytes = 0;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $bytes += is_array($entry = $zip->statIndex($index)) ? $entry['size'] : 0;
        }
        if ($bytes > self::MOST_BYTES) {
            throw self::refused('This unpacks to more than a kitchen can be.', $bytes);
        }
        $said = json_decode((string) $zip->getFromName(self::MANIFEST), true);
        if (! is_array($said) || ($said['format'] ?? null) !== self::FORMAT || ! is_int($said['version'] ?? null)) {
            throw self::refused('This is no kitchen file.', basename($file));
        }
        if ($said['version'] > self::VERSION) {
            throw self::refused('This file is newer than this house.', $said['version']);
        }
        $manifest = Manifest::read($said);
        foreach (Part::cases() as $part) {
            if (($manifest->sums[$part->value] ?? null) !== self::sum($zip, "$part->value.jsonl")) {
                throw self::refused('This file is damaged: a part is not as it was written.', $part->value);
            }
        }

        return new OpenKitchenFile($zip, $manifest);
    }

    /** Read as a stream, however large it is; of a part that is not there, the sum of nothing. */
    private static function sum(ZipArchive $zip, string $name): string
    {
        $sum = hash_init('sha256');
        $stream = $zip->getStream($name);
        if ($stream !== false) {
            hash_update_stream($sum, $stream);
            fclose($stream);
        }

        return hash_final($sum);
    }

    private static function refused(string $message, string|int $value): InvalidInput
    {
        return InvalidInput::at('(file)', $message, $value, sprintf('a whole file of the format %s, version %d at most', self::FORMAT, self::VERSION));
    }

    private static function add(ZipArchive $zip, string $name, string $path): void
    {
        if (! $zip->addFile($path, $name) || ! $zip->setMtimeName($name, self::NO_TIME)) {
            throw new RuntimeException("$name cannot be packed.");
        }
        $zip->setExternalAttributesName($name, ZipArchive::OPSYS_UNIX, 0o100644 << 16);
    }

    private static function text(string $folder, string $name, string $text): string
    {
        file_put_contents("$folder/$name", $text);

        return "$folder/$name";
    }

    private static function folder(): string
    {
        $folder = sys_get_temp_dir().'/mill-'.bin2hex(random_bytes(8));
        mkdir($folder, 0700) || throw new RuntimeException('There is no room to write in.');

        return $folder;
    }

    private static function clear(string $folder): void
    {
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchens;

use Generator;
use StoneMill\Exchange\Exception\InvalidInput;
use ZipArchive;

/**
 * A kitchen file that was found whole.
 *
 * @phpstan-import-type Row from Rows
 */
final readonly class OpenKitchenFile
{
    /** Bytes of a row: one that is longer is cut, and then no row. */
    private const LONGEST_LINE = 20_000_000;

    public function __construct(private ZipArchive $zip, public Manifest $manifest)
    {
    }

    /**
     * @return Generator<int, Row>
     *
     * @throws InvalidInput If a line is no row.
     */
    public function rows(Part $part): Generator
    {
        $stream = $this->zip->getStream("$part->value.jsonl");
        for ($number = 1; $stream !== false && ($line = fgets($stream, self::LONGEST_LINE)) !== false; $number++) {
            $found = json_decode($line, false);
            if (! $found instanceof \stdClass) {
                throw InvalidInput::at("$part->value.jsonl", 'This line is no row.', $number, 'one JSON object on each line');
            }
            $row = Rows::named(get_object_vars($found));
            foreach ([...$part->key(), ...array_keys($part->names())] as $field) {
                if (! array_key_exists($field, $row)) {
                    throw InvalidInput::at("$part->value.jsonl", "This line has no $field.", $number, implode(', ', $part->key()));
                }
            }
            yield $row;
        }
    }

    public function photo(string $uuid): string
    {
        $bytes = $this->zip->getFromName("photos/$uuid.jpg");

        return is_string($bytes) ? $bytes : throw InvalidInput::at('photos', 'This photo is not in the file.', $uuid, 'each photo that photos.jsonl names');
    }
}

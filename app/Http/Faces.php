<?php

declare(strict_types=1);

namespace App\Http;

use Dompdf\FontMetrics;

/**
 * Faces of printed pages beside the first one, letter by letter where that has no sign: DejaVu Sans has Latin, Greek and Cyrillic in full,
 * Free Sans has Devanagari and its kin, Droid Sans Fallback has Chinese and Japanese, Nanum Gothic has Korean. Letters stand one by one: marks that change
 * places with them, as in Devanagari, stand where they are written. Where a machine has no such file, those signs stay empty boxes.
 */
final class Faces
{
    /** Of Debian's packages fonts-freefont-ttf, fonts-droid-fallback and fonts-nanum, which set-up brings. */
    private const FILES = [
        'stone mill indic' => ['normal' => '/usr/share/fonts/truetype/freefont/FreeSans.ttf', 'bold' => '/usr/share/fonts/truetype/freefont/FreeSansBold.ttf'],
        'stone mill hangul' => ['normal' => '/usr/share/fonts/truetype/nanum/NanumGothic.ttf', 'bold' => '/usr/share/fonts/truetype/nanum/NanumGothicBold.ttf'],
        'stone mill east' => ['normal' => '/usr/share/fonts/truetype/droid/DroidSansFallbackFull.ttf', 'bold' => '/usr/share/fonts/truetype/droid/DroidSansFallbackFull.ttf'],
    ];

    /** As a style sheet names them, the first one first. */
    public const FAMILY = "'DejaVu Sans', 'stone mill indic', 'stone mill east', 'stone mill hangul', sans-serif";

    /** Scripts that DejaVu Sans has nothing of. */
    private const FAR = '/[\x{0900}-\x{0DFF}\x{1100}-\x{11FF}\x{2E80}-\x{9FFF}\x{AC00}-\x{D7AF}\x{F900}-\x{FAFF}\x{FF00}-\x{FFEF}]/u';

    /** Whether a page wants more than the first face; to read a large one takes a while. */
    public static function wants(string $page): bool
    {
        return preg_match(self::FAR, $page) === 1;
    }

    public static function register(FontMetrics $metrics): void
    {
        foreach (self::FILES as $family => $weights) {
            foreach ($weights as $weight => $file) {
                if (is_file($file)) {
                    $metrics->registerFont(['family' => $family, 'style' => 'normal', 'weight' => $weight], "file://$file");
                }
            }
        }
    }

    /** @return list<string> where the files are, for a reader that opens no others */
    public static function folders(): array
    {
        return array_values(array_unique(array_map(dirname(...), array_merge(...array_map(array_values(...), array_values(self::FILES))))));
    }
}

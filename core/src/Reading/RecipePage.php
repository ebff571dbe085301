<?php

declare(strict_types=1);

namespace StoneMill\Reading;

/**
 * A recipe as other programs write one: a Recipe of schema.org as JSON-LD, by itself or inside a page of HTML. Only what it says is read, nothing
 * of the page is run.
 */
final readonly class RecipePage
{
    public const MOST_LETTERS = 900_000;

    private const DEEPEST = 12;

    /** @param list<string> $lines as the recipe has them */
    private function __construct(public string $name, private array $lines, private ?string $yield)
    {
    }

    /** The first recipe in it; null where there is none. */
    public static function in(string $page): ?self
    {
        preg_match_all('~<script[^>]*application/ld\+json[^>]*>(.*?)</script>~is', $page, $found);
        foreach ($found[1] === [] ? [$page] : $found[1] as $text) {
            $recipe = self::found(json_decode(trim($text), true), 0);
            if ($recipe !== null) {
                return $recipe;
            }
        }

        return null;
    }

    /** As a cook would have written it down. */
    public function text(): string
    {
        return implode("\n", [...($this->yield === null ? [] : ['Makes '.$this->yield]), ...$this->lines]);
    }

    private static function found(mixed $document, int $depth): ?self
    {
        if (! is_array($document) || $depth > self::DEEPEST) {
            return null;
        }
        if (in_array('Recipe', (array) ($document['@type'] ?? []), true)) {
            return self::of($document);
        }
        foreach ($document as $part) {
            $recipe = self::found($part, $depth + 1);
            if ($recipe !== null) {
                return $recipe;
            }
        }

        return null;
    }

    /** @param array<mixed> $recipe */
    private static function of(array $recipe): ?self
    {
        $lines = array_values(array_filter(array_map(
            static fn (mixed $line): string => is_string($line) ? self::plain($line) : '',
            is_array($recipe['recipeIngredient'] ?? null) ? $recipe['recipeIngredient'] : [],
        ), static fn (string $line): bool => $line !== ''));
        $yields = array_filter((array) ($recipe['recipeYield'] ?? []), static fn (mixed $one): bool => is_string($one) || is_int($one));
        preg_match('/\d+/', implode(' ', $yields), $count);

        return $lines === [] ? null : new self(is_string($recipe['name'] ?? null) ? self::plain($recipe['name']) : '', $lines, $count[0] ?? null);
    }

    private static function plain(string $text): string
    {
        $text = html_entity_decode(strip_tags($text), ENT_QUOTES | ENT_HTML5, 'UTF-8');

        return trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', $text));
    }
}

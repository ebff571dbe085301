<?php

declare(strict_types=1);

namespace StoneMill\Tests;

use StoneMill\Ask\Question;

/**
 * Documents drawn from the published schemas, with a liking for their limits: what the contract allows and nobody means.
 * Some are spoilt on purpose. The same seed gives the same documents.
 */
final class CornerDocuments
{
    private const NONSENSE = [-1, 0, 1e12, 1e308, 'two', "nul\0byte", "\u{202e}turned", null, [], true, ['a' => 1], '', '../../etc/passwd', 1e-9, '2026-02-31T00:00:00Z', '{{7*7}}'];

    private const MOMENTS = ['2026-03-01T12:30:00+00:00', '2026-03-01T12:30:00+05:00', '2099-12-31T23:59:59Z', '2000-01-01T00:00:00-12:00'];

    private const DEEPEST = 9;

    public function __construct(private readonly Seeded $seeded, private readonly FormatFiles $files)
    {
    }

    public function for(Question $question): mixed
    {
        $document = $this->drawn(...[...$this->files->ofQuestion($question), 0, '']);
        $usual = self::examples($question, $this->files->folder);
        if ($usual !== [] && is_array($document) && $this->seeded->int(0, 3) > 0) {
            // A document that is answered, with one to three places from the corners in it: alone they would rarely get so far.
            $answered = (array) $this->oneOf($usual);
            for ($places = $this->seeded->int(1, 3); $places > 0; $places--) {
                $answered = $this->withOnePlaceOf($document, $answered);
            }
            $document = $answered;
        }

        return $this->seeded->int(0, 5) === 0 ? $this->spoilt($document) : $document;
    }

    /** @param array<string, mixed> $schema */
    private function drawn(array $schema, string $file, int $depth, string $name): mixed
    {
        if (isset($schema['$ref'])) {
            return $this->drawn(...[...$this->files->followed($schema, $file), $depth + 1, $name]);
        }
        if (isset($schema['enum']) && is_array($schema['enum'])) {
            return $this->oneOf(array_values($schema['enum']));
        }
        if (array_key_exists('const', $schema)) {
            return $schema['const'];
        }
        foreach (['anyOf', 'oneOf'] as $choice) {
            if (isset($schema[$choice]) && is_array($schema[$choice]) && ! isset($schema['properties'])) {
                return $this->drawn((new Said($this->oneOf(array_values($schema[$choice]))))->fields(), $file, $depth + 1, $name);
            }
        }

        return match (is_array($schema['type'] ?? 'object') ? $this->oneOf(array_values($schema['type'])) : $schema['type'] ?? 'object') {
            'number' => $this->number($schema, false),
            'integer' => (int) $this->number($schema, true),
            'boolean' => $this->seeded->int(0, 1) === 1,
            'string' => $this->text($schema, $name),
            'array' => $this->items($schema, $file, $depth, $name),
            'null' => null,
            default => $this->object($schema, $file, $depth),
        };
    }

    /**
     * @param array<string, mixed> $schema
     * @return array<string, mixed>
     */
    private function object(array $schema, string $file, int $depth): array
    {
        $drawn = [];
        $required = (array) ($schema['required'] ?? []);
        $alternatives = array_map(static fn (mixed $one): mixed => ((array) (((array) $one)['required'] ?? []))[0] ?? null, (array) ($schema['oneOf'] ?? []));
        $chosen = $alternatives === [] ? null : $this->oneOf(array_values($alternatives));
        foreach ((array) ($schema['properties'] ?? []) as $name => $property) {
            $isAlternative = in_array($name, $alternatives, true);
            $wanted = in_array($name, $required, true) || ($isAlternative ? $name === $chosen : $depth < self::DEEPEST && $this->seeded->int(0, 2) === 0);
            if ($wanted) {
                $drawn[(string) $name] = $this->drawn((new Said($property))->fields(), $file, $depth + 1, (string) $name);
            }
        }
        if (is_array($schema['additionalProperties'] ?? null)) {
            foreach (range(1, $this->seeded->int(1, 3)) as $number) {
                $drawn['bag '.$number] = $this->drawn((new Said($schema['additionalProperties']))->fields(), $file, $depth + 1, '');
            }
        }

        return $drawn;
    }

    /**
     * @param array<string, mixed> $schema
     * @return list<mixed>
     */
    private function items(array $schema, string $file, int $depth, string $name): array
    {
        $least = self::whole($schema['minItems'] ?? 0);
        $most = min(self::whole($schema['maxItems'] ?? 4), $least + 6);
        $items = [];
        for ($count = $this->seeded->int($least, max($least, $most)); $count > 0; $count--) {
            $items[] = $this->drawn((new Said($schema['items'] ?? []))->fields(), $file, $depth + 1, $name);
        }

        return $items;
    }

    /** @param array<string, mixed> $schema */
    private function number(array $schema, bool $whole): float|int
    {
        $least = self::limit($schema['minimum'] ?? $schema['exclusiveMinimum'] ?? 0);
        $most = self::limit($schema['maximum'] ?? $schema['exclusiveMaximum'] ?? 1000);
        $drawn = match ($this->seeded->int(0, 5)) {
            0, 1 => $least,
            2, 3 => $most,
            4 => $least + ($most - $least) * $this->seeded->between(0, 0.05),
            default => $this->seeded->between($least, $most),
        };

        return $whole || $drawn === floor($drawn) && abs($drawn) < 1e9 ? (int) $drawn : $drawn;
    }

    /** @param array<string, mixed> $schema */
    private function text(array $schema, string $name): string
    {
        return match (true) {
            $name === 'style' => $this->oneOfText(Bench::reference()->styles->ids()),
            in_array($name, ['ingredient', 'replace', 'larder', 'without', 'flours', 'likened', 'only'], true) => $this->oneOfText(array_map(static fn ($one): string => $one->id, Bench::reference()->catalogue->all())),
            $name === 'lot' => 'bag '.$this->seeded->int(1, 3),
            ($schema['format'] ?? '') === 'date-time' || str_ends_with($name, '_at') || $name === 'not_before' => $this->oneOfText(self::MOMENTS),
            default => $this->oneOfText(['Bread', 'x', "two\nlines", str_repeat('long', 20), 'a-name']),
        };
    }

    /** @return list<mixed> the published examples of that question */
    private static function examples(Question $question, string $formats): array
    {
        $files = $question === Question::Plan ? array_map(static fn (string $style): string => "$formats/examples/$style.json", ['almond-wrap', 'millet-round', 'pressed-masa', 'rice-round'])
            : [...(glob("$formats/examples/{$question->value}-*.json") ?: []), ...(glob("$formats/examples/{$question->value}.json") ?: [])];

        return array_map(static fn (string $file): mixed => json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR), $files);
    }

    /**
     * @param array<mixed> $corner
     * @param array<mixed> $into
     * @return array<mixed>
     */
    private function withOnePlaceOf(array $corner, array $into): array
    {
        if ($corner === []) {
            return $into;
        }
        $key = $this->oneOf(array_keys($corner));
        assert(is_int($key) || is_string($key));
        $there = $into[$key] ?? null;
        $into[$key] = is_array($corner[$key]) && is_array($there) && $this->seeded->int(0, 4) > 0 ? $this->withOnePlaceOf($corner[$key], $there) : $corner[$key];

        return $into;
    }

    private function spoilt(mixed $document): mixed
    {
        if (! is_array($document) || $document === [] || $this->seeded->int(0, 4) === 0) {
            return $this->oneOf(self::NONSENSE);
        }
        $key = $this->oneOf(array_keys($document));
        $document[is_int($key) || is_string($key) ? $key : 0] = $this->spoilt($document[is_int($key) || is_string($key) ? $key : 0]);

        return $document;
    }

    /** @param list<mixed> $of */
    private function oneOf(array $of): mixed
    {
        return $of[$this->seeded->int(0, count($of) - 1)];
    }

    /** @param list<string> $of */
    private function oneOfText(array $of): string
    {
        return $of[$this->seeded->int(0, count($of) - 1)];
    }

    private static function whole(mixed $limit): int
    {
        return is_numeric($limit) ? (int) $limit : 0;
    }

    private static function limit(mixed $limit): float
    {
        return is_numeric($limit) ? (float) $limit : 0.0;
    }
}

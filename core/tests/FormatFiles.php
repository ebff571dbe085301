<?php

declare(strict_types=1);

namespace StoneMill\Tests;

use StoneMill\Ask\Question;
use Symfony\Component\Yaml\Yaml;

/** The published schemas, each file read once, with their references followed. */
final class FormatFiles
{
    private const CONTRACT = 'openapi.yaml';

    /** @var array<string, Said> by name */
    private array $files = [];

    public function __construct(public readonly string $folder)
    {
    }

    /** @return array{array<string, mixed>, string} the schema of that question's document, and the file it stands in */
    public function ofQuestion(Question $question): array
    {
        return [$this->at(self::CONTRACT, ['paths', '/'.$question->value, 'post', 'requestBody', 'content', 'application/json', 'schema']), self::CONTRACT];
    }

    /** @return iterable<string, array{array<string, mixed>}> the schema of each document that is sent, by method and path */
    public function sent(): iterable
    {
        foreach ($this->at(self::CONTRACT, ['paths']) as $path => $methods) {
            foreach (new Said($methods) as $method => $operation) {
                if (isset($operation['requestBody']['content']['application/json'])) {
                    yield "$method $path" => [$operation['requestBody']['content']['application/json']['schema']->fields()];
                }
            }
        }
    }

    /**
     * What a schema refers to, and the file that stands in; itself where it refers to nothing.
     *
     * @param array<string, mixed> $schema
     * @return array{array<string, mixed>, string}
     */
    public function followed(array $schema, string $file): array
    {
        while (is_string($schema['$ref'] ?? null)) {
            [$target, $path] = [...explode('#', $schema['$ref'], 2), ''];
            $file = $target === '' ? $file : basename($target);
            $schema = $this->at($file, array_values(array_filter(explode('/', $path))));
        }

        return [$schema, $file];
    }

    /**
     * @param list<string> $path
     * @return array<string, mixed>
     */
    private function at(string $file, array $path): array
    {
        $found = $this->files[$file] ??= str_ends_with($file, '.yaml')
            ? new Said(Yaml::parseFile($this->folder.'/'.$file))
            : Said::json((string) file_get_contents($this->folder.'/'.$file));
        foreach ($path as $step) {
            $step = str_replace('~1', '/', $step);
            $found = isset($found[$step]) ? $found[$step] : new Said([]);
        }

        return $found->fields();
    }
}

<?php

declare(strict_types=1);

namespace StoneMill\Exchange\Internal;

/**
 * Walks through a JSON text sign by sign (RFC 8259), to say where it breaks off and whether a field stands twice: PHP's own
 * decoder tells neither. It builds nothing; the decoder does.
 */
final class JsonWalk
{
    /** A string, a sign, or a word such as a number; what is none of these is taken byte by byte and is a fault. */
    private const TOKEN = '/\G[ \t\r\n]*+(?:("(?:[^"\\\\\x00-\x1f]++|\\\\(?:["\\\\\/bfnrt]|u[0-9a-fA-F]{4}))*+")|([{}\[\]:,])|(-?(?:0|[1-9][0-9]*+)(?:\.[0-9]++)?(?:[eE][+-]?[0-9]++)?|true|false|null)(?![0-9A-Za-z_.+-])|(.))/s';

    private const AFTER_VALUE = [',', '}', ']'];

    /** @var list<array<string, true>|null> fields seen of each open object, the innermost last; null for a list */
    private array $open = [];

    /** What may come: "value", "first" (a value or the end of a list), "key", "field" (a key or the end of an object), ":" or "after". */
    private string $next = 'value';

    private int $at = 0;

    /** The field that stands twice, where it came to one. */
    public ?string $twice = null;

    /** Whether it came through the whole text, and that was one document. */
    public bool $isWhole = false;

    private function __construct(private readonly string $text)
    {
    }

    /** Walks to the end, to the first fault, or to the first field that stands twice. */
    public static function through(string $text): self
    {
        $walk = new self($text);
        $walk->walk();

        return $walk;
    }

    /** Where it came to, as people count. */
    public function place(): string
    {
        $before = substr($this->text, 0, $this->at);
        $lineStart = strrpos($before, "\n");

        return sprintf('line %d, column %d', substr_count($before, "\n") + 1, mb_strlen(substr($before, $lineStart === false ? 0 : $lineStart + 1), 'UTF-8') + 1);
    }

    /** What should stand there instead of what does. */
    public function wanted(): string
    {
        return match ($this->next) {
            'value' => 'a value',
            'first' => 'a value or the end of the list',
            'key' => 'the name of a field in double quotes',
            'field' => 'the name of a field in double quotes, or the end of the object',
            ':' => 'a colon',
            default => $this->open === [] ? 'the end of the document' : 'a comma or the end of the '.(end($this->open) === null ? 'list' : 'object'),
        };
    }

    private function walk(): void
    {
        $offset = 0;
        while (preg_match(self::TOKEN, $this->text, $token, PREG_UNMATCHED_AS_NULL, $offset) === 1) {
            $string = $token[1] ?? null;
            $sign = $token[2] ?? '';
            $last = $string ?? ($sign !== '' ? $sign : $token[3] ?? $token[4] ?? '');
            $offset += strlen((string) $token[0]);
            $this->at = $offset - strlen($last);
            if (($token[4] ?? null) !== null || ! $this->took($string, $sign, $last)) {
                return;
            }
        }
        $this->at = strlen(rtrim($this->text));
        $this->isWhole = $this->next === 'after' && $this->open === [];
    }

    /** Whether this may stand here; what may come next follows from it. */
    private function took(?string $string, string $sign, string $last): bool
    {
        return match ($this->next) {
            'key', 'field' => $string !== null ? $this->named($string) : $this->next === 'field' && $sign === '}' && $this->closed(),
            ':' => $sign === ':' && $this->then('value'),
            'after' => in_array($sign, self::AFTER_VALUE, true) && $this->ended($sign),
            default => $this->began($sign),
        };
    }

    private function began(string $sign): bool
    {
        if ($sign === '{' || $sign === '[') {
            $this->open[] = $sign === '{' ? [] : null;

            return $this->then($sign === '{' ? 'field' : 'first');
        }
        if ($sign === ']' && $this->next === 'first') {
            return $this->closed();
        }

        return $sign === '' && $this->then('after');
    }

    private function ended(string $sign): bool
    {
        if ($this->open === []) {
            return false;
        }
        $isList = end($this->open) === null;

        return match ($sign) {
            ',' => $this->then($isList ? 'value' : 'key'),
            ']' => $isList && $this->closed(),
            default => ! $isList && $this->closed(),
        };
    }

    private function named(string $string): bool
    {
        $name = json_decode($string);
        $name = is_string($name) ? $name : $string;
        $seen = array_pop($this->open) ?? [];
        if (isset($seen[$name])) {
            $this->twice = $name;

            return false;
        }
        $seen[$name] = true;
        $this->open[] = $seen;

        return $this->then(':');
    }

    private function closed(): bool
    {
        array_pop($this->open);

        return $this->then('after');
    }

    private function then(string $next): bool
    {
        $this->next = $next;

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Tests;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use StoneMill\Tests\Said;
use Symfony\Component\Yaml\Yaml;

/** formats/ as the tests hold answers against it. */
final class Contract
{
    private const BASE = 'https://stone-mill.invalid/formats/';

    private static ?Validator $validator = null;

    public static function validator(): Validator
    {
        if (self::$validator !== null) {
            return self::$validator;
        }
        $folder = dirname(__DIR__).'/formats';
        $validator = new Validator(stop_at_first_error: false);
        $validator->resolver()?->registerPrefix(self::BASE, $folder);
        $validator->resolver()?->registerRaw((string) json_encode(['$id' => self::BASE.'openapi.json', ...self::openapi()->fields()]), self::BASE.'openapi.json');

        return self::$validator = $validator;
    }

    /** What the contract says against a document, by place; empty where it holds. */
    public static function errors(string $schema, mixed $document): string
    {
        $plain = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $result = self::validator()->validate($plain, self::BASE.$schema);
        $error = $result->error();

        return $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES);
    }

    /** The text is validated as sent, since PHP's arrays cannot tell an empty list from an empty object. */
    public static function assertHolds(string $schema, string $json): void
    {
        $result = self::validator()->validate(json_decode($json), self::BASE.$schema);
        $error = $result->error();
        Assert::assertNull($error, $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));
    }

    /** Of a part of the contract that openapi.yaml describes. */
    public static function assertComponent(string $component, string $json): void
    {
        self::assertHolds('openapi.json#/components/schemas/'.$component, $json);
    }

    public static function openapi(): Said
    {
        return new Said(Yaml::parseFile(dirname(__DIR__).'/formats/openapi.yaml'));
    }
}

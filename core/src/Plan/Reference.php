<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Facts;
use StoneMill\Exchange\Row;
use StoneMill\Label\Cautions;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Style\Schools;
use StoneMill\Style\Styles;

/** The reference facts that ship with the core. */
final readonly class Reference
{
    /** Each in a file of core/data, under its own name. */
    private const PARTS = ['ingredients', 'styles', 'cautions'];

    public function __construct(public Catalogue $catalogue, public Styles $styles, public Cautions $cautions)
    {
    }

    public static function shipped(): self
    {
        return self::from(array_map(Facts::of(...), array_combine(self::PARTS, self::PARTS)));
    }

    /** @param string $file of PHP that returns what facts() gives: quicker to read than core/data */
    public static function compiled(string $file): self
    {
        return self::from(Row::of(require $file, $file)->all());
    }

    /** @return array<string, mixed> the rows of core/data, to be kept in a form that is quicker to read */
    public static function facts(): array
    {
        return array_map(static fn (string $part): mixed => Facts::decoded($part), array_combine(self::PARTS, self::PARTS));
    }

    /** What cooks call the ingredients, which no plan needs: only who reads what they wrote. */
    public static function names(): ByNames
    {
        return ByNames::of(Facts::of('names'));
    }

    /** The schools of the work, which no plan needs: only who chooses among them. */
    public static function schools(): Schools
    {
        return Schools::of(Facts::of('schools')->rows('schools'));
    }

    /** @param array<string, Row> $facts by part */
    private static function from(array $facts): self
    {
        return new self(Catalogue::of($facts['ingredients']->rows('ingredients')), Styles::of($facts['styles']->rows('styles')), Cautions::of($facts['cautions']->rows('cautions')));
    }
}

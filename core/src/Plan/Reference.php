<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Label\Cautions;
use StoneMill\Pantry\ByNames;
use StoneMill\Pantry\Catalogue;
use StoneMill\Pantry\IngredientRows;
use StoneMill\Style\Schools;
use StoneMill\Style\Styles;

/**
 * The reference facts that ship with the core. core/data is part of the code, so reading it here is the
 * one place where the core touches a file.
 *
 * @phpstan-import-type IngredientRow from IngredientRows
 * @phpstan-import-type StyleRow from Styles
 * @phpstan-import-type CautionRow from Cautions
 * @phpstan-import-type SchoolRow from Schools
 * @phpstan-import-type NameRows from ByNames
 *
 * @phpstan-type Facts array{ingredients: list<IngredientRow>, styles: list<StyleRow>, cautions: list<CautionRow>}
 */
final readonly class Reference
{
    public function __construct(public Catalogue $catalogue, public Styles $styles, public Cautions $cautions)
    {
    }

    public static function shipped(): self
    {
        return self::from(self::facts());
    }

    /** @param string $file of PHP that returns what facts() gives: quicker to read than core/data */
    public static function compiled(string $file): self
    {
        /** @var Facts $facts */
        $facts = require $file;

        return self::from($facts);
    }

    /** @param Facts $facts as facts() gives them, perhaps kept in a form that is quicker to read */
    public static function from(array $facts): self
    {
        return new self(Catalogue::of($facts['ingredients']), Styles::read($facts['styles']), Cautions::read($facts['cautions']));
    }

    /** @return Facts the rows of core/data */
    public static function facts(): array
    {
        /** @var array{ingredients: list<IngredientRow>} $ingredients */
        $ingredients = self::decoded('ingredients');
        /** @var array{styles: list<StyleRow>} $styles */
        $styles = self::decoded('styles');
        /** @var array{cautions: list<CautionRow>} $cautions */
        $cautions = self::decoded('cautions');

        return ['ingredients' => $ingredients['ingredients'], 'styles' => $styles['styles'], 'cautions' => $cautions['cautions']];
    }

    /** What cooks call the ingredients, which no plan needs: only who reads what they wrote. */
    public static function names(): ByNames
    {
        /** @var NameRows $names */
        $names = self::decoded('names');

        return ByNames::of($names);
    }

    /** The schools of the work, which no plan needs: only who chooses among them. */
    public static function schools(): Schools
    {
        /** @var array{schools: list<SchoolRow>} $schools */
        $schools = self::decoded('schools');

        return Schools::read($schools['schools']);
    }

    /** @return array<mixed> */
    private static function decoded(string $name): array
    {
        $path = dirname(__DIR__, 2).'/data/'.$name.'.json';

        return (array) json_decode((string) file_get_contents($path), true, 32, JSON_THROW_ON_ERROR);
    }
}

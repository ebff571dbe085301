<?php

declare(strict_types=1);

namespace StoneMill\Tests\Ask;

use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** A pasted text becomes a formula that a plan takes. */
final class FormulaDeskTest extends TestCase
{
    private const TEXT = "Makes 12\n2 cups masa harina\n1 ½ tsp salt\n300 ml warm water\na thumb of ghee\noil for the griddle\nKnead and rest 20 minutes.";

    public function test_what_is_read_can_be_planned_and_the_water_stays_the_cooks_own(): void
    {
        $read = new Said(Bench::ask('formula', ['text' => self::TEXT, 'measures' => ['cup' => 'metric']]));
        self::assertSame(0, $read['open']->value);
        self::assertSame('pressed-masa', $read['likest'][0]['id']->value);
        $plan = new Said(Bench::ask('plan', ['style' => $read['likest'][0]['id']->value, 'formula' => $read['formula']->value, 'pieces' => ['count' => $read['count']->value]]));
        // 2 cups of 250 mL at 0.50 g/mL, between spooned and scooped, are 250 g: 300 g of water are 120 %.
        self::assertEqualsWithDelta(300.0, $plan['water']['grams']['value']->value, 1.0);
        self::assertSame(12, $plan['portion']['count']->value);
        self::assertSame(['griddle'], $plan['extras']->each('place'));
    }

    public function test_what_is_asked_about_is_left_out_until_the_cook_has_said_it(): void
    {
        $text = "200 g rice flour\n100 g flour\n2 tbsp almond butter";
        $read = new Said(Bench::ask('formula', ['text' => $text]));
        self::assertSame(2, $read['open']->value);
        self::assertSame(['rice-white'], $read['formula']['lines']->each('ingredient'));
        $settled = new Said(Bench::ask('formula', ['text' => $text, 'settled' => [['part' => 2, 'ingredient' => 'tapioca-starch'], ['part' => 3, 'note' => true]]]));
        self::assertSame(0, $settled['open']->value);
        self::assertSame([['ingredient' => 'rice-white', 'grams' => 200.0], ['ingredient' => 'tapioca-starch', 'grams' => 100.0]], $settled['formula']['lines']->value);
        self::assertSame('note', $settled['parts'][2]['as']->value);
    }

    public function test_an_amount_that_was_not_named_is_said_in_grams(): void
    {
        $read = new Said(Bench::ask('formula', ['text' => "200 g rice flour\nsalt", 'settled' => [['part' => 2, 'grams' => 4]]]));
        self::assertSame([0, 4.0], [$read['open']->value, $read['formula']['lines'][1]['grams']->value]);
    }

    public function test_one_thing_named_twice_is_one_line_of_both(): void
    {
        $read = new Said(Bench::ask('formula', ['text' => "200 g rice flour\n200 g water\n50 g rice flour\n30 g water"]));
        self::assertSame([['rice-white', 250.0], ['water', 230.0]], array_map(static fn (Said $line): array => [$line['ingredient']->value, $line['grams']->value], [...$read['formula']['lines']]));
    }

    public function test_a_part_that_is_not_there_is_refused_by_its_place(): void
    {
        try {
            Bench::ask('formula', ['text' => '200 g rice flour', 'settled' => [['part' => 9, 'grams' => 1]]]);
            self::fail('taken');
        } catch (InvalidInput $refusal) {
            self::assertSame(['settled[0].part', 'a part from 1 to 1'], [$refusal->errors[0]->path, $refusal->errors[0]->limit]);
        }
    }

    public function test_a_recipe_is_read_out_of_a_page_and_nothing_else_of_it(): void
    {
        $recipe = ['@context' => 'https://schema.org', '@graph' => [['@type' => 'WebPage'], [
            '@type' => ['Recipe'], 'name' => 'Sunday rounds &amp; more', 'recipeYield' => ['8', '8 rounds'], 'recipeIngredient' => ['250&nbsp;g rice flour', '<b>4 g</b> salt', '260 ml hot water'],
        ]]];
        $page = '<html><script>alert("1 kg wheat flour")</script><script type="application/ld+json">{"@type":"Organization"}</script><script type=\'application/ld+json\'>'.json_encode($recipe).'</script></html>';
        $read = new Said(Bench::ask('formula', ['recipe' => $page]));
        self::assertSame(['Sunday rounds & more', "Makes 8\n250 g rice flour\n4 g salt\n260 ml hot water", 0, 8], [$read['name']->value, $read['text']->value, $read['open']->value, $read['count']->value]);
        self::assertSame($read['parts']->value, Bench::ask('formula', ['recipe' => json_encode($recipe)])['parts']);
    }

    public function test_a_page_without_a_recipe_is_refused(): void
    {
        foreach (['<html>250 g rice flour</html>', '{"@type": "Recipe", "recipeIngredient": []}', str_repeat('[', 600)] as $page) {
            try {
                Bench::ask('formula', ['recipe' => $page]);
                self::fail('taken');
            } catch (InvalidInput $refusal) {
                self::assertSame(['recipe', 'There is no recipe in this.'], [$refusal->errors[0]->path, $refusal->errors[0]->message]);
            }
        }
    }
}

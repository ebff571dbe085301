<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Controllers\ExportTableController;
use Database\Seeders\DemoKitchen;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use StoneMill\Plan\Reference;
use StoneMill\Tests\Said;
use Tests\TestCase;

/** Tables for any spreadsheet, read back by a program that is not ours. */
final class ExportTest extends TestCase
{
    private const NOTES = "=HYPERLINK(\"x\"), then \"quoted\",\nand a second line; –10 °C";

    public function test_the_record_is_read_back_row_by_row_with_what_was_said_in_it(): void
    {
        $this->cook();
        $judged = (new Said(DB::table('verdicts')->min('batch_id')))->whole();
        DB::table('verdicts')->where('batch_id', $judged)->update(['notes' => self::NOTES]);
        $rows = $this->read('record');
        self::assertCount(DB::table('batches')->count(), $rows);
        $row = collect($rows)->firstWhere('batch', DB::table('batches')->where('id', $judged)->value('uuid'));
        self::assertSame("'".self::NOTES, $row['notes'] ?? null, 'words that a spreadsheet would run are told as words');
        self::assertSame((string) (new Said(DB::table('verdicts')->where('batch_id', $judged)->value('pieces_good')))->whole(), $row['pieces good'] ?? null);
        self::assertMatchesRegularExpression('/^\d+(\.\d+)?$/', $row['water (% of flour)'] ?? '');
    }

    public function test_weighings_are_all_there_and_what_was_undone_is_marked(): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $poured = self::event('poured', ['grams' => 300]);
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [$poured, self::event('undone', ['event' => $poured['id']]), self::event('corrected', ['water_grams' => 12.5, 'flour_grams' => 0])]])->assertOk();
        $rows = array_values(array_filter($this->read('weighings'), static fn (array $row): bool => $row['batch'] === $batch['id']->value));
        self::assertSame([['poured', '300', '', 'yes'], ['corrected', '', '12.5', 'no']], array_map(static fn (array $row): array => [$row['what'], $row['weight (g)'], $row['water (g)'], $row['undone']], $rows));
    }

    public function test_every_table_has_as_many_cells_as_heads_and_ends_its_lines_as_the_standard_says(): void
    {
        $this->cook();
        foreach (array_keys(ExportTableController::TABLES) as $table) {
            $text = $this->text($table);
            self::assertStringEndsWith("\r\n", $text);
            $rows = $this->read($table);
            self::assertNotSame([], $rows, $table);
            foreach ($rows as $row) {
                self::assertArrayNotHasKey('', $row, "$table: no cell without a head");
            }
        }
        self::assertSame($this->text('record'), $this->text('record'), 'the same kitchen gives the same bytes');
    }

    public function test_a_bread_is_a_recipe_that_other_programs_read(): void
    {
        $this->cook();
        $bread = DemoKitchen::uuid('bread pressed-masa');
        $answer = $this->get("/breads/$bread/recipe.jsonld")->assertOk();
        self::assertSame('application/ld+json', $answer->headers->get('Content-Type'));
        $script = 'import json, re, sys; r = json.load(sys.stdin); assert r["@type"] == "Recipe" and r["@context"] == "https://schema.org"; minutes = [int(re.fullmatch(r"PT(\\d+)M", r[k]).group(1)) for k in ("prepTime", "cookTime", "totalTime")]; print(json.dumps([minutes, r["recipeIngredient"], [s["name"] for s in r["recipeInstructions"]], r["nutrition"], r.get("suitableForDiet")]))';
        $read = Process::input((string) $answer->getContent())->run(['/usr/bin/python3', '-c', $script])->throw();
        [$minutes, $ingredients, $steps, $nutrition, $diet] = Said::json($read->output())->listed();
        self::assertEqualsWithDelta($minutes[2]->value, $minutes[0]->whole() + $minutes[1]->whole(), 1);
        self::assertMatchesRegularExpression('/^\d+ g instant nixtamalised corn flour.* cups?\)$/', $ingredients[0]->text());
        self::assertMatchesRegularExpression('/^\d+ g water, \d+ °C$/', $ingredients[2]->text());
        self::assertContains('Shape, lay, turn, lift', $steps->all());
        self::assertMatchesRegularExpression('/^\d+ kcal$/', $nutrition['calories']->text());
        self::assertSame('https://schema.org/GlutenFreeDiet', $diet->value, 'every dry line comes from a certified bag');
        $wheat = self::uuid();
        $this->postJson('/api/v1/breads', ['id' => $wheat, 'name' => 'With wheat', 'request' => ['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'wheat', 'percent' => 100]]]]])->assertSuccessful();
        self::assertNull($this->get("/breads/$wheat/recipe.jsonld")->assertOk()->json('suitableForDiet'));
        $this->otherCook();
        $this->get("/breads/$bread/recipe.jsonld")->assertNotFound();
    }

    public function test_a_recipe_that_was_taken_along_is_read_back_line_by_line(): void
    {
        $this->cook();
        foreach (['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap'] as $style) {
            $answer = $this->get('/breads/'.DemoKitchen::uuid("bread $style").'/recipe.jsonld')->assertOk();
            $read = $this->postJson('/api/v1/formula', ['recipe' => (string) $answer->getContent()])->assertOk();
            self::assertSame(0, $read->json('open'), $style);
            self::assertSame($answer->json('name'), $read->json('name'));
            self::assertSame((int) Said::at($answer->json(), 'recipeYield.0')->text(), $read->json('count'));
            self::assertCount(count(Said::at($answer->json(), 'recipeIngredient')->all()), [...Said::at($read->json(), 'formula.lines')->all(), ...Said::at($read->json(), 'formula.extras')->all()]);
        }
    }

    public function test_the_bags_that_were_taken_along_are_read_back_as_they_were(): void
    {
        $this->cook();
        $read = (array) $this->postJson('/api/v1/bags', ['csv' => $this->text('larder')])->assertOk()->json('bags');
        $facts = ['ingredient', 'label', 'grams', 'price_per_kg', 'bought_on', 'opened_on', 'best_before', 'certified_gluten_free'];
        $of = static fn (mixed $bag): array => array_map(static fn (string $fact): mixed => data_get($bag, $fact), $facts);
        $kept = array_map($of, (array) $this->getJson('/api/v1/kitchen')->json('lots'));
        sort($kept);
        $read = array_map($of, $read);
        sort($read);
        self::assertEquals($kept, $read);
    }

    public function test_the_trials_that_were_taken_along_are_weighed_anywhere(): void
    {
        $this->cook();
        $rows = $this->read('trials');
        $judged = array_values(array_filter($rows, static fn (array $row): bool => $row['good'] !== ''));
        self::assertNotSame([], $judged);
        $said = $this->postJson('/api/v1/trial', ['csv' => $this->text('trials'), 'trial' => $judged[0]['question']])->assertOk();
        $of = array_filter($judged, static fn (array $row): bool => $row['question'] === $judged[0]['question']);
        self::assertSame(count($of), array_sum(array_column(Said::at($said->json(), 'levels')->all(), 'count')));
        self::assertEqualsCanonicalizing(array_values(array_unique(array_column($of, 'set to'))), array_column(Said::at($said->json(), 'levels')->all(), 'name'));
    }

    public function test_a_load_after_another_is_one_step_of_a_recipe(): void
    {
        $this->cook();
        $bread = self::uuid();
        $this->postJson('/api/v1/breads', ['id' => $bread, 'name' => 'Vegetable rounds', 'request' => ['style' => 'rice-vegetable-round']])->assertCreated();
        $steps = self::document($this->get("/breads/$bread/recipe.jsonld")->assertOk())['recipeInstructions']->texts('text');
        self::assertSame(array_values(array_unique($steps)), $steps);
    }

    public function test_every_shipped_bread_is_a_card_of_one_page_on_every_paper(): void
    {
        $this->cook();
        foreach (app(Reference::class)->styles->all() as $style) {
            $bread = self::uuid();
            $this->postJson('/api/v1/breads', ['id' => $bread, 'name' => $style->name, 'request' => ['style' => $style->id]])->assertCreated();
            foreach (['a5', 'a4', 'letter'] as $paper) {
                $pdf = (string) $this->get("/breads/$bread/recipe-card.pdf?paper=$paper&mass=oz")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
                self::assertSame(1, preg_match_all('~/Type\s*/Page\b~', $pdf), "$style->id on $paper");
            }
        }
        $this->getJson('/breads/'.DemoKitchen::uuid('bread pressed-masa').'/recipe-card.pdf?paper=folio')->assertUnprocessable()->assertJsonPath('errors.0.path', 'paper');
    }

    public function test_nobody_takes_another_kitchen_along(): void
    {
        $this->cook();
        $this->otherCook();
        self::assertSame([], $this->read('record'));
        self::assertSame([], $this->read('larder'));
        $this->get('/exports/passwords.csv')->assertNotFound();
    }

    private function text(string $table): string
    {
        $answer = $this->get("/exports/$table.csv")->assertOk();
        self::assertSame('text/csv; charset=utf-8; header=present', $answer->headers->get('Content-Type'));

        return $answer->streamedContent();
    }

    /** @return list<array<int|string, string>> as Python's own reader has them */
    private function read(string $table): array
    {
        $script = 'import csv, io, json, sys; print(json.dumps(list(csv.DictReader(io.StringIO(sys.stdin.buffer.read().decode("utf-8"), newline=""), strict=True, restkey=""))))';
        $read = Process::input($this->text($table))->run(['/usr/bin/python3', '-c', $script])->throw();

        return array_map(static fn (Said $row): array => array_map(static fn (Said $cell): string => $cell->text(), iterator_to_array($row)), Said::json($read->output())->listed());
    }

    public function test_a_name_in_any_of_these_scripts_is_printed_with_its_own_letters_and_they_are_in_the_file(): void
    {
        $this->cook();
        $bread = DemoKitchen::uuid('bread pressed-masa');
        foreach (['Tortas de maíz, ñandú', 'Хлеб на каждый день', 'Ψωμί της ημέρας', 'रोटी', '玉米饼', 'トルティーヤ', '옥수수 빵'] as $name) {
            $this->patchJson("/api/v1/breads/$bread", ['name' => $name])->assertOk();
            $file = (string) tempnam(sys_get_temp_dir(), 'card');
            file_put_contents($file, (string) $this->get("/breads/$bread/recipe-card.pdf?paper=a5")->assertOk()->getContent());

            self::assertStringContainsString($name, Process::run(['pdftotext', '-layout', $file, '-'])->throw()->output(), 'a reader that is not ours finds the name');
            foreach (array_slice(explode("\n", trim(Process::run(['pdffonts', $file])->throw()->output())), 2) as $face) {
                self::assertMatchesRegularExpression('/ yes +yes +yes +\d/', $face, 'every face is in the file, as much of it as is used');
            }
            unlink($file);
        }
    }
}

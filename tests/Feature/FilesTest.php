<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Bread;
use App\Models\KitchenRole;
use App\Models\Lot;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Tests\Contract;
use Tests\TestCase;

/** What a kitchen gives out as files: to whom, as what, and what an address says that asks for none. */
final class FilesTest extends TestCase
{
    /** @return array<string, list<string>> addresses by the path that the contract describes */
    private function addresses(): array
    {
        $bread = Bread::query()->firstOrFail()->uuid;
        $batch = Batch::query()->firstOrFail()->uuid;

        return [
            '/batches/{batch}/timeline.ics' => ["/batches/$batch/timeline.ics", "/batches/$batch/timeline.ics?keep=yes&mass=oz&clock=12"],
            '/batches/{batch}/run-sheet.{form}' => ["/batches/$batch/run-sheet.pdf?paper=letter", "/batches/$batch/run-sheet.txt?temperature=F&length=in"],
            '/guides/ring' => ['/guides/ring?diameter_mm=161&thickness_mm=1.9&paper=a4'],
            '/breads/{bread}/recipe-card.pdf' => ["/breads/$bread/recipe-card.pdf", "/breads/$bread/recipe-card.pdf?paper=a4&mass=oz"],
            '/breads/{bread}/recipe.jsonld' => ["/breads/$bread/recipe.jsonld"],
            '/exports/kitchen.zip' => ['/exports/kitchen.zip'],
            '/exports/{kind}/{id}.zip' => [
                "/exports/breads/$bread.zip", "/exports/batches/$batch.zip",
                '/exports/trials/'.Trial::query()->firstOrFail()->uuid.'.zip', '/exports/lots/'.Lot::query()->firstOrFail()->uuid.'.zip',
            ],
            '/exports/{table}.csv' => ['/exports/record.csv', '/exports/weighings.csv', '/exports/larder.csv', '/exports/trials.csv'],
        ];
    }

    /** @return array<string, list<string>> media types that the contract gives each file, by its path */
    private static function described(): array
    {
        $described = [];
        foreach (Contract::openapi()['paths'] as $path => $operations) {
            if (! isset($operations['servers']) || (isset($operations['get']['security']) && count($operations['get']['security']) === 0)) {
                continue;
            }
            $content = $operations['get']['responses']['200']['content'];
            if (! isset($content['application/json'])) {
                $described[(string) $path] = array_map(strval(...), array_keys($content->all()));
            }
        }

        return $described;
    }

    public function test_every_file_of_the_contract_is_what_it_says_and_nobodys_without_signing_in(): void
    {
        $this->cook();
        $addresses = $this->addresses();
        $described = self::described();
        self::assertSame([], array_diff_key($described, $addresses), 'a file that is not asked for here');
        foreach ($addresses as $path => $ofOne) {
            foreach ($ofOne as $address) {
                $type = (string) $this->get($address)->assertOk()->headers->get('Content-Type');
                self::assertContains(explode(';', $type)[0], $described[$path], $address);
            }
        }
        Auth::logout();
        foreach (array_merge(...array_values($addresses)) as $address) {
            $this->get($address)->assertRedirect('/sign-in');
        }
    }

    public function test_what_a_file_is_asked_with_is_what_the_contract_says_it_can_be_asked_with(): void
    {
        $this->cook();
        $contract = Contract::openapi();
        foreach ($this->addresses() as $path => $ofOne) {
            $known = [];
            $get = $contract['paths'][$path]['get'];
            foreach (isset($get['parameters']) ? $get['parameters'] : [] as $one) {
                $one = isset($one['$ref']) ? $contract['components']['parameters'][basename($one['$ref']->text())] : $one;
                $known[$one['name']->text()] = isset($one['required']) && $one['required']->value === true;
            }
            foreach ($ofOne as $address) {
                parse_str((string) parse_url($address, PHP_URL_QUERY), $asked);
                self::assertSame([], array_diff_key($asked, $known), $address);
                foreach (array_keys(array_filter($known)) as $required) {
                    $this->get((string) preg_replace("/$required=[^&]*/", '', $address), ['Accept' => 'application/json'])->assertUnprocessable()->assertJsonPath('errors.0.path', $required);
                }
            }
        }
    }

    public function test_what_is_another_kitchens_is_not_there(): void
    {
        $this->cook();
        $addresses = $this->addresses();
        $this->otherCook();
        foreach (array_diff_key($addresses, ['/guides/ring' => 0, '/exports/kitchen.zip' => 0, '/exports/{table}.csv' => 0]) as $ofOne) {
            foreach ($ofOne as $address) {
                $this->get($address)->assertNotFound();
            }
        }
        self::assertStringNotContainsString('Everyday masa discs', $this->get('/exports/record.csv')->assertOk()->streamedContent(), 'their own record is empty');
    }

    public function test_a_whole_kitchen_is_given_to_its_owners_and_the_rest_to_whoever_has_a_place_in_it(): void
    {
        $kitchen = $this->cook()->kitchen;
        $addresses = $this->addresses();
        foreach ([KitchenRole::Cook, KitchenRole::Guest] as $role) {
            $this->actingAs(User::factory()->for($kitchen)->with($role)->create());
            $refused = $this->get('/exports/kitchen.zip', ['Accept' => 'application/json'])->assertForbidden();
            self::assertStringContainsString('owner', (string) $refused->getContent());
            foreach (['/exports/{kind}/{id}.zip', '/exports/{table}.csv', '/breads/{bread}/recipe-card.pdf'] as $path) {
                $this->get($addresses[$path][0])->assertOk();
            }
        }
    }

    public function test_an_address_that_asks_for_what_is_not_to_be_had_names_field_value_and_what_is(): void
    {
        $this->cook();
        $addresses = $this->addresses();
        $bread = $addresses['/breads/{bread}/recipe-card.pdf'][0];
        $batch = $addresses['/batches/{batch}/timeline.ics'][0];
        foreach ([
            [$bread.'?paper=a6', 'paper', 'a5, a4, letter'],
            [$bread.'?mass=stone', 'mass', 'g or oz'],
            [$batch.'?clock=13', 'clock', '24 or 12'],
            [$batch.'?temperature=K', 'temperature', 'C or F'],
            [str_replace('timeline.ics', 'run-sheet.pdf', $batch).'?length=ell', 'length', 'mm or in'],
            ['/guides/ring?diameter_mm=-4&thickness_mm=2', 'diameter_mm', 'mm'],
            ['/guides/ring?thickness_mm=2', 'diameter_mm', 'mm'],
        ] as [$address, $field, $wanted]) {
            $error = self::document($this->get($address, ['Accept' => 'application/json'])->assertUnprocessable())['errors'][0];
            self::assertSame($field, $error['path']->value, $address);
            self::assertStringContainsString($wanted, (string) json_encode($error, JSON_UNESCAPED_SLASHES), $address);
        }
        foreach (['/exports/loaves/x.zip', '/exports/passwords.csv', '/exports/breads/nothing.zip', '/calendars/guess.ics'] as $address) {
            $this->get($address)->assertNotFound();
        }
    }
}

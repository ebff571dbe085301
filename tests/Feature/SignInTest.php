<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Database\Seeders\DemoKitchen;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class SignInTest extends TestCase
{
    public function test_a_cook_signs_in_and_out_and_the_door_is_shut_behind(): void
    {
        $this->seed(DemoKitchen::class);
        $this->getJson('/api/v1/session')->assertOk()->assertJson(['user' => null, 'first_run' => false]);
        $this->getJson('/api/v1/kitchen')->assertUnauthorized()->assertHeader('Content-Type', 'application/problem+json');
        $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => 'masa-and-water'])->assertOk()->assertJsonPath('user.name', 'cook');
        $this->getJson('/api/v1/kitchen')->assertOk();
        $this->deleteJson('/api/v1/session')->assertOk()->assertJsonPath('user', null);
        $this->getJson('/api/v1/kitchen')->assertUnauthorized();
    }

    public function test_a_wrong_password_says_nothing_about_the_name_and_guessing_is_slowed_down(): void
    {
        $this->seed(DemoKitchen::class);
        $wrong = $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => 'no'])->assertUnauthorized()->getContent();
        self::assertSame($wrong, $this->postJson('/api/v1/session', ['name' => 'nobody', 'password' => 'no'])->assertUnauthorized()->getContent());
        $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => 'masa-and-water'])->assertOk();
        $this->deleteJson('/api/v1/session')->assertOk();
        for ($try = 0; $try < 5; $try++) {
            $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => 'guess'.$try])->assertUnauthorized();
        }
        $this->postJson('/api/v1/session', ['name' => 'cook', 'password' => 'masa-and-water'])->assertStatus(429)->assertHeader('Content-Type', 'application/problem+json');
    }

    public function test_passwords_are_hashed(): void
    {
        $this->seed(DemoKitchen::class);
        $stored = User::query()->firstOrFail()->password;
        self::assertNotSame('masa-and-water', $stored);
        self::assertTrue(Hash::check('masa-and-water', $stored));
    }

    public function test_an_empty_house_opens_one_kitchen_with_four_breads_and_then_no_other(): void
    {
        $this->getJson('/api/v1/session')->assertJson(['user' => null, 'first_run' => true]);
        $this->postJson('/api/v1/kitchens', ['kitchen' => 'Back room', 'name' => 'first', 'password' => 'a long enough one'])
            ->assertCreated()->assertJson(['user' => ['name' => 'first', 'kitchen' => 'Back room']]);
        self::assertCount(4, (array) $this->getJson('/api/v1/kitchen')->json('breads'));
        $this->postJson('/api/v1/kitchens', ['kitchen' => 'Another', 'name' => 'second', 'password' => 'a long enough one'])->assertForbidden();
    }

    public function test_a_short_password_is_refused_and_never_repeated(): void
    {
        $response = $this->postJson('/api/v1/kitchens', ['kitchen' => 'Back room', 'name' => 'first', 'password' => 'short7!']);
        $response->assertUnprocessable()->assertJsonPath('errors.0.path', 'password');
        self::assertStringNotContainsString('short7!', (string) $response->getContent());
        self::assertSame(0, User::query()->count());
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function foreignRequests(): iterable
    {
        yield 'another origin' => [['Origin' => 'https://elsewhere.invalid']];
        yield 'another site by fetch metadata' => [['Sec-Fetch-Site' => 'cross-site']];
        yield 'the same machine on another port' => [['Sec-Fetch-Site' => 'same-site']];
    }

    /** @param array<string, string> $headers */
    #[DataProvider('foreignRequests')]
    public function test_writes_from_elsewhere_are_refused(array $headers): void
    {
        $this->cook();
        $this->postJson('/api/v1/plan', ['style' => 'pressed-masa'], $headers)->assertForbidden()->assertJsonPath('type', 'urn:stone-mill:problem:cross-origin');
    }

    public function test_a_foreign_name_for_this_address_is_refused(): void
    {
        $this->get('http://kitchen.elsewhere.invalid/')->assertStatus(421)->assertSee('MILL_HOSTS=kitchen.elsewhere.invalid');
        $this->getJson('http://kitchen.elsewhere.invalid/api/v1/session')->assertStatus(421)->assertJsonPath('type', 'urn:stone-mill:problem:unknown-host');
        $this->get('http://127.0.0.1/')->assertOk();
    }

    public function test_who_has_a_list_is_told_in_a_line_that_it_still_stands(): void
    {
        $this->cook();
        foreach (['kitchen', 'batches', 'trials', 'people', 'riddles', 'catalogue'] as $list) {
            $tag = (string) $this->getJson("/api/v1/$list")->assertOk()->headers->get('ETag');
            self::assertNotSame('', $tag, $list);
            $still = $this->getJson("/api/v1/$list", ['If-None-Match' => $tag])->assertStatus(304);
            self::assertSame('', (string) $still->getContent());
        }
    }

    public function test_the_page_runs_nothing_inline_and_is_framed_by_nobody(): void
    {
        $response = $this->get('/');
        $policy = (string) $response->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
        self::assertDoesNotMatchRegularExpression('/<script(?![^>]*\bsrc=)|\son\w+=|\sstyle=/', (string) $response->getContent());
    }

    public function test_another_password_signs_its_cook_out_everywhere_and_nobody_else(): void
    {
        $this->cook();
        $session = static fn (int $user): array => ['id' => hash('sha256', "session of $user"), 'payload' => json_encode(['_token' => 'x', 'login_web_59ba36addc2b2f9401580f014c7f58ea4e30989d' => $user], JSON_THROW_ON_ERROR), 'seen_at' => time()];
        $cook = User::query()->where('name', 'cook')->firstOrFail();
        $other = User::query()->where('name', '!=', 'cook')->firstOrFail();
        DB::table('sessions')->insert([$session($cook->id), $session($other->id)]);
        config(['mill.demo_password' => 'another long word']);
        self::assertSame(0, Artisan::call('mill:password', ['name' => 'cook']));
        self::assertSame([$session($other->id)['id']], DB::table('sessions')->pluck('id')->all());
        self::assertTrue(Hash::check('another long word', (string) $cook->refresh()->password));

        self::assertSame(2, Artisan::call('mill:password', ['name' => 'nobody here']));
        self::assertStringContainsString('Nobody named nobody here', Artisan::output());
        config(['mill.demo_password' => 'short']);
        self::assertSame(2, Artisan::call('mill:password', ['name' => 'cook']));
        self::assertTrue(Hash::check('another long word', (string) $cook->refresh()->password), 'a password too short changes nothing');
    }
}

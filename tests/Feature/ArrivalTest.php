<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Whoever arrives at an address is answered with the page, and with the answers to what the page would ask first. */
final class ArrivalTest extends TestCase
{
    private const ID = '0b5c3a52-6c77-4b6e-9f39-7a7f0a7c1f11';

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    /** @return iterable<string, array{string, string}> every address that the page knows, and the part of it that is shown there */
    public static function addresses(): iterable
    {
        $router = (string) file_get_contents(__DIR__.'/../../web/router.ts');
        preg_match_all("/path: '([^']+)',\s+name: '[^']+',\s+component: \(\) => import\('\.\/([^']+)'\)/", $router, $pages, PREG_SET_ORDER);
        foreach ($pages as [, $path, $part]) {
            if ($path !== '/:rest(.*)*') {
                yield $path => [str_replace([':id', '/:stage?'], [self::ID, '/mix'], $path), $part];
            }
        }
    }

    #[DataProvider('addresses')]
    public function test_an_address_of_the_page_is_found_and_its_part_comes_with_the_page(string $address, string $part): void
    {
        $this->cook();
        $arrival = $this->arrive($address)->assertOk();
        self::assertSame(['web/main.ts', "web/$part"], $arrival->viewData('parts'));
    }

    public function test_every_address_of_the_router_is_read(): void
    {
        self::assertSame(substr_count((string) file_get_contents(__DIR__.'/../../web/router.ts'), 'component:') - 1, count([...self::addresses()]));
    }

    public function test_a_cook_who_arrives_is_given_the_kitchen_with_the_page_and_today_what_is_under_way(): void
    {
        $cook = $this->cook();
        $cook->kitchen->update(['name' => '</script><b>']);
        $arrival = $this->arrive('/')->assertDontSee('</script><b>', false);
        preg_match_all('~<script type="application/json" data-answer="/api/v1/(\w+)">(.*?)</script>~s', (string) $arrival->getContent(), $given, PREG_SET_ORDER);
        foreach ($given as [, $asked, $answer]) {
            self::assertSame($this->getJson("/api/v1/$asked")->json(), json_decode($answer, true, 32, JSON_THROW_ON_ERROR), "as it is answered to whoever asks: $asked");
        }
        self::assertSame(['session', 'kitchen', 'batches'], array_column($given, 1));
        self::assertSame(['session', 'kitchen'], array_keys((array) $this->arrive('/larder')->viewData('answers')));
        // What stands behind the address is no question of the page.
        self::assertCount(3, (array) $this->arrive('/?done=perhaps')->assertOk()->viewData('answers'));
    }

    public function test_a_stranger_is_shown_the_door_and_asks_for_nothing_that_is_refused(): void
    {
        $arrival = $this->arrive('/larder')->assertDontSee('/api/v1/kitchen')->assertSee('{"user":null,"first_run":', false);
        self::assertSame(['web/main.ts', 'web/places/SignIn.vue'], $arrival->viewData('parts'));
    }

    public function test_the_copy_that_a_tablet_keeps_for_all_addresses_names_nothing_of_one_cook(): void
    {
        $this->cook();
        $kept = $this->get('/');
        self::assertSame([['web/main.ts'], []], [$kept->viewData('parts'), $kept->viewData('answers')]);
        self::assertStringNotContainsString('data-answer', (string) $kept->getContent());
    }

    public function test_the_page_can_read_the_time_of_the_house_from_its_own_arrival(): void
    {
        $arrival = $this->arrive('/sign-in');
        self::assertSame('house-time;dur='.$arrival->headers->get('House-Time'), $arrival->headers->get('Server-Timing'));
    }

    public function test_an_address_that_leads_nowhere_says_so(): void
    {
        $this->arrive('/nowhere-at-all')->assertNotFound();
    }

    /** @return TestResponse<Response> */
    private function arrive(string $address): TestResponse
    {
        return $this->get($address, ['Sec-Fetch-Dest' => 'document']);
    }
}

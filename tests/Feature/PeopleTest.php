<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Invitation;
use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\Membership;
use App\Models\User;
use Database\Factories\UserFactory;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\DataProvider;
use Ramsey\Uuid\Uuid;
use StoneMill\Tests\Said;
use Tests\Contract;
use Tests\ReadsCalendars;
use Tests\TestCase;

/** Several people in a kitchen, several kitchens in a house. */
final class PeopleTest extends TestCase
{
    use ReadsCalendars;

    public function test_somebody_new_follows_a_link_once_and_writes_in_the_log_under_the_own_name(): void
    {
        $this->cook();
        $secret = $this->invited('cook');
        $this->deleteJson('/api/v1/session');
        $this->getJson("/api/v1/joining/$secret")->assertOk()->assertJson(['kitchen' => 'Low Wall Kitchen', 'role' => 'cook']);
        $session = $this->postJson("/api/v1/joining/$secret", ['name' => 'third cook', 'password' => 'a long enough one'])->assertCreated();
        Contract::assertComponent('Session', (string) $session->getContent());
        self::assertSame(['third cook', 'Low Wall Kitchen', 'cook'], [$session->json('user.name'), $session->json('user.kitchen'), $session->json('user.role')]);
        $this->postJson("/api/v1/joining/$secret", [])->assertNotFound();
        $batch = $this->startBatch('pressed-masa');
        $this->postJson("/api/v1/batches/{$batch['id']}/events", ['events' => [['id' => Uuid::uuid4()->toString(), 'kind' => 'noted', 'at' => '2026-03-02T09:40:00Z', 'text' => 'mine']]])->assertOk();
        self::assertSame('third cook', DB::table('batch_events')->join('users', 'users.id', '=', 'user_id')->where('text', 'mine')->value('users.name'));
    }

    public function test_a_link_opens_nothing_once_it_is_a_week_old_or_withdrawn(): void
    {
        $this->cook();
        $old = $this->invited('cook');
        Invitation::query()->update(['expires_at' => now()->subMinute()]);
        $this->getJson("/api/v1/joining/$old")->assertNotFound();
        self::assertSame([], $this->getJson('/api/v1/people')->json('invitations'));
        $withdrawn = $this->invited('owner');
        $id = Invitation::query()->latest('id')->firstOrFail()->uuid;
        $this->deleteJson("/api/v1/invitations/$id")->assertOk();
        $this->postJson("/api/v1/joining/$withdrawn", ['name' => 'late', 'password' => 'a long enough one'])->assertNotFound();
        self::assertSame(0, User::query()->where('name', 'late')->count());
    }

    public function test_no_link_can_be_read_from_a_copy_of_the_database(): void
    {
        $this->cook();
        $secret = $this->invited('cook');
        self::assertStringNotContainsString($secret, (string) json_encode(DB::table('invitations')->get()));
        self::assertSame(64, strlen($secret));
    }

    public function test_a_taken_name_and_a_short_password_are_named_and_use_up_nothing(): void
    {
        $this->cook();
        $secret = $this->invited('cook');
        $this->deleteJson('/api/v1/session');
        $answer = $this->postJson("/api/v1/joining/$secret", ['name' => 'cook', 'password' => 'short'])->assertUnprocessable();
        self::assertEqualsCanonicalizing(['name', 'password'], array_column(Said::at($answer->json(), 'errors')->all(), 'path'));
        self::assertStringNotContainsString('short"', (string) $answer->getContent());
        $this->getJson("/api/v1/joining/$secret")->assertOk();
    }

    /** @return iterable<string, array{string, string, array<string, string>}> */
    public static function ownersWork(): iterable
    {
        yield 'asking somebody in' => ['post', 'invitations', ['id' => '0190a0aa-0000-7000-8000-000000000001', 'role' => 'cook']];
        yield 'withdrawing that' => ['delete', 'invitations/0190a0aa-0000-7000-8000-000000000001', []];
        yield 'making somebody an owner' => ['put', 'people/ME', ['role' => 'owner']];
        yield 'setting a password anew' => ['put', 'people/OWNER', ['password' => 'a long enough one']];
        yield 'showing somebody out' => ['delete', 'people/OWNER', []];
    }

    /** @param array<string, string> $body */
    #[DataProvider('ownersWork')]
    public function test_who_cooks_here_is_for_owners_to_say(string $method, string $path, array $body): void
    {
        $owner = $this->cook();
        $cook = $this->member('helper', KitchenRole::Cook);
        $this->actingAs($cook);
        $this->json($method, '/api/v1/'.strtr($path, ['OWNER' => (string) $owner->id, 'ME' => (string) $cook->id]), $body)->assertForbidden();
        self::assertSame([], $this->getJson('/api/v1/people')->json('invitations'));
        self::assertSame(KitchenRole::Cook, $cook->role());
    }

    public function test_a_kitchen_is_never_without_an_owner(): void
    {
        $owner = $this->cook();
        $this->putJson("/api/v1/people/{$owner->id}", ['role' => 'cook'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'role');
        $this->deleteJson("/api/v1/people/{$owner->id}")->assertUnprocessable();
        $second = $this->member('helper', KitchenRole::Cook);
        $this->putJson("/api/v1/people/{$second->id}", ['role' => 'owner'])->assertOk();
        $this->putJson("/api/v1/people/{$owner->id}", ['role' => 'cook'])->assertOk();
    }

    public function test_who_was_shown_out_comes_in_no_more_and_the_log_keeps_the_name(): void
    {
        $this->cook();
        $gone = $this->member('gone', KitchenRole::Cook);
        $batch = $this->startBatch('pressed-masa');
        DB::table('batch_events')->insert(['batch_id' => DB::table('batches')->where('uuid', $batch['id'])->value('id'), 'user_id' => $gone->id, 'uuid' => Uuid::uuid4()->toString(), 'kind' => 'noted', 'happened_at' => '2026-03-02 09:00:00', 'recorded_at' => '2026-03-02 09:00:00', 'text' => 'left behind']);
        $this->deleteJson("/api/v1/people/{$gone->id}")->assertOk();
        $this->deleteJson('/api/v1/session');
        $refused = $this->postJson('/api/v1/session', ['name' => 'gone', 'password' => UserFactory::PASSWORD])->assertForbidden();
        Contract::assertHolds('problem.schema.json', (string) $refused->getContent());
        $this->getJson('/api/v1/kitchen')->assertUnauthorized();
        self::assertSame('gone', DB::table('batch_events')->join('users', 'users.id', '=', 'user_id')->where('text', 'left behind')->value('users.name'));
    }

    public function test_one_person_cooks_in_two_kitchens_and_sees_only_the_one_they_are_in(): void
    {
        $cook = $this->cook();
        $first = (string) $cook->kitchen_id;
        $breads = count((array) $this->getJson('/api/v1/kitchen')->json('breads'));
        $session = $this->postJson('/api/v1/me/kitchens', ['kitchen' => 'Market stall'])->assertCreated();
        self::assertSame(['Market stall', 'owner'], [$session->json('user.kitchen'), $session->json('user.role')]);
        self::assertCount(2, Said::at($session->json(), 'user.kitchens')->all());
        self::assertSame([], $this->getJson('/api/v1/kitchen')->json('lots'));
        self::assertSame([], $this->getJson('/api/v1/batches')->json('batches'));
        $this->putJson('/api/v1/me/kitchen', ['kitchen' => $first])->assertOk()->assertJsonPath('user.kitchen', 'Low Wall Kitchen');
        self::assertCount($breads, (array) $this->getJson('/api/v1/kitchen')->json('breads'));
        $strange = $this->putJson('/api/v1/me/kitchen', ['kitchen' => '999'])->assertNotFound();
        Contract::assertHolds('problem.schema.json', (string) $strange->getContent());
    }

    public function test_who_is_signed_in_follows_a_link_into_another_kitchen(): void
    {
        $cook = $this->cook();
        $secret = $this->invited('cook');
        $other = $this->otherCook();
        $this->postJson("/api/v1/joining/$secret", [])->assertCreated()->assertJsonPath('user.kitchen', 'Low Wall Kitchen');
        self::assertSame(2, Membership::query()->where('user_id', $other->id)->count());
        self::assertSame($cook->kitchen_id, $other->refresh()->kitchen_id);
    }

    public function test_a_password_is_changed_by_who_knows_it_and_set_anew_by_an_owner(): void
    {
        $cook = $this->cook();
        $this->putJson('/api/v1/me/password', ['password' => 'not this', 'new_password' => 'another long one'])->assertForbidden();
        $this->putJson('/api/v1/me/password', ['password' => 'masa-and-water', 'new_password' => 'short'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'new_password');
        $this->putJson('/api/v1/me/password', ['password' => 'masa-and-water', 'new_password' => 'another long one'])->assertOk();
        self::assertTrue(Hash::check('another long one', $cook->refresh()->password));
        $second = $this->member('helper', KitchenRole::Cook);
        $this->putJson("/api/v1/people/{$second->id}", ['password' => 'the owner set this'])->assertOk();
        self::assertTrue(Hash::check('the owner set this', $second->refresh()->password));
    }

    public function test_an_owner_sets_no_password_of_somebody_who_also_cooks_elsewhere(): void
    {
        $owner = $this->cook();
        $other = $this->otherCook();
        $this->actingAs($owner);
        Membership::query()->create(['kitchen_id' => User::query()->where('name', 'cook')->value('kitchen_id'), 'user_id' => $other->id, 'role' => KitchenRole::Cook]);
        $this->putJson("/api/v1/people/{$other->id}", ['role' => 'owner', 'password' => 'taken from you 1'])->assertUnprocessable();
        self::assertSame(KitchenRole::Cook, Membership::query()->where('kitchen_id', $owner->kitchen_id)->where('user_id', $other->id)->firstOrFail()->role, 'nothing is half kept');
        self::assertFalse(Hash::check('taken from you 1', $other->refresh()->password));
    }

    public function test_what_somebody_likes_goes_along_to_every_device(): void
    {
        $this->cook();
        $this->putJson('/api/v1/me/profile', ['mass' => 'oz', 'spoken' => true])->assertOk();
        self::assertEqualsCanonicalizing(['mass' => 'oz', 'spoken' => true], $this->getJson('/api/v1/session')->json('user.profile'));
        $this->putJson('/api/v1/me/profile', ['mass' => 'stone'])->assertUnprocessable()->assertJsonPath('errors.0.limit', 'g or oz');
    }

    public function test_a_calendar_is_followed_from_outside_until_its_address_is_withdrawn(): void
    {
        $this->travelTo('2026-03-02 10:00:00');
        $cook = $this->cook();
        $this->startBatch('pressed-masa');
        $this->putJson('/api/v1/me/profile', ['mass' => 'oz'])->assertOk();
        $people = $this->putJson('/api/v1/me/calendar')->assertOk();
        Contract::assertComponent('People', (string) $people->getContent());
        $secret = Said::at($people->json(), 'calendar')->text();
        self::assertSame($secret, $this->putJson('/api/v1/me/calendar')->json('calendar'), 'asked twice it is one');
        $this->deleteJson('/api/v1/session');
        $file = (string) $this->get("/calendars/$secret.ics")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
        self::assertStringContainsString('Pour', $file);
        self::assertStringContainsString(' oz', $file);
        $events = self::readByAnotherProgram($file);
        self::assertNotSame([], array_filter($events, static fn (array $event): bool => str_starts_with($event['summary'], 'Made: ')));
        self::assertSame(count($events), count(array_unique(array_column($events, 'uid'))));
        foreach ($events as $event) {
            self::assertGreaterThan($event['start'], $event['end'], $event['summary']);
        }
        $day = substr($events[0]['start'], 0, 10);
        $ofDay = self::readByAnotherProgram((string) $this->get("/calendars/$secret.ics?day=$day")->assertOk()->getContent());
        self::assertSame([$day], array_values(array_unique(array_map(static fn (array $event): string => substr($event['start'], 0, 10), $ofDay))));
        $this->actingAs($cook);
        self::assertNull($this->deleteJson('/api/v1/me/calendar')->assertOk()->json('calendar'));
        $this->get("/calendars/$secret.ics")->assertNotFound();
        self::assertNotSame($secret, $this->putJson('/api/v1/me/calendar')->json('calendar'));
    }

    public function test_the_calendar_of_who_was_shown_out_opens_nothing(): void
    {
        $owner = $this->cook();
        $gone = $this->member('gone', KitchenRole::Cook);
        $this->actingAs($gone);
        $secret = self::document($this->putJson('/api/v1/me/calendar'))['calendar']->text();
        $this->get("/calendars/$secret.ics")->assertOk();
        $this->actingAs($owner);
        $this->deleteJson("/api/v1/people/{$gone->id}")->assertOk();
        $this->get("/calendars/$secret.ics")->assertNotFound();
    }

    public function test_who_looks_on_sees_all_asks_what_stores_nothing_and_changes_nothing_but_their_own(): void
    {
        $owner = $this->cook();
        $bread = self::document($this->getJson('/api/v1/kitchen'))['breads'][0]['id']->text();
        $batch = $this->startBatch('pressed-masa')['id'];
        $secret = $this->invited('guest');
        $this->deleteJson('/api/v1/session');
        $this->postJson("/api/v1/joining/$secret", ['name' => 'neighbour', 'password' => 'a long enough one'])->assertCreated()->assertJsonPath('user.role', 'guest');
        $counts = fn (): array => array_map(static fn (string $table): int => DB::table($table)->count(), ['batches', 'batch_events', 'lots', 'formulas', 'formula_revisions', 'gear', 'trials', 'verdicts', 'memberships']);
        $before = $counts();
        foreach (['kitchen', 'batches', "batches/$batch", "breads/$bread", 'people', 'day'] as $address) {
            $this->getJson("/api/v1/$address")->assertOk();
        }
        $this->postJson('/api/v1/plan', ['style' => 'pressed-masa'])->assertOk();
        $this->putJson('/api/v1/me/profile', ['clock' => '12'])->assertOk();
        $refused = [
            ['POST', 'batches', ['id' => Uuid::uuid4()->toString(), 'bread' => $bread]],
            ['POST', "batches/$batch/events", ['events' => [['id' => Uuid::uuid4()->toString(), 'kind' => 'noted', 'at' => '2026-03-02T09:40:00Z', 'text' => 'mine']]]],
            ['PUT', "batches/$batch/discarded", ['discarded' => true]], ['PATCH', "breads/$bread", ['name' => 'Mine']], ['PATCH', 'kitchen', []], ['POST', 'copies', []],
            ['PUT', 'lots/'.Uuid::uuid4()->toString(), []], ['POST', 'trials', []], ['POST', 'imports', []], ['DELETE', "people/$owner->id", []], ['POST', 'invitations', []],
        ];
        foreach ($refused as [$method, $address, $body]) {
            $said = $this->json($method, "/api/v1/$address", $body)->assertForbidden();
            self::assertSame('urn:stone-mill:problem:http-403', $said->json('type'), $address);
        }
        self::assertSame($before, $counts());
    }

    public function test_somebody_can_be_made_to_look_on_and_a_kitchen_keeps_an_owner(): void
    {
        $owner = $this->cook();
        $second = Membership::query()->where('kitchen_id', $owner->kitchen_id)->where('user_id', '!=', $owner->id)->firstOrFail();
        $this->putJson("/api/v1/people/$second->user_id", ['role' => 'guest'])->assertOk();
        self::assertSame(KitchenRole::Guest, $second->refresh()->role);
        $this->putJson("/api/v1/people/$owner->id", ['role' => 'guest'])->assertUnprocessable();
    }

    public function test_whoever_was_shown_out_by_mistake_is_let_in_again_as_before_and_nobody_else_is(): void
    {
        $owner = $this->cook();
        $second = Membership::query()->where('kitchen_id', $owner->kitchen_id)->where('user_id', '!=', $owner->id)->firstOrFail();
        $second->update(['role' => KitchenRole::Guest]);
        $this->deleteJson("/api/v1/people/$second->user_id")->assertOk()->assertJsonPath('former', [['id' => (string) $second->user_id, 'name' => $second->user->name, 'role' => 'guest']]);
        $this->putJson("/api/v1/people/$second->user_id/back")->assertOk()->assertJsonPath('former', []);
        self::assertSame(KitchenRole::Guest, $second->user->refresh()->role());
        $this->putJson("/api/v1/people/$second->user_id/back")->assertNotFound();
        $stranger = $this->otherCook();
        $this->actingAs($owner);
        $this->putJson("/api/v1/people/$stranger->id/back")->assertNotFound();
        $this->actingAs($second->user);
        self::assertSame([], $this->getJson('/api/v1/people')->json('former'));
    }

    public function test_a_cup_of_somebodys_own_measures_their_batches_and_nobody_elses(): void
    {
        $cook = $this->cook();
        $cook->kitchen->update(['cup' => 'us']);
        $bread = Uuid::uuid4()->toString();
        $this->postJson('/api/v1/breads', ['id' => $bread, 'name' => 'By the cup', 'request' => ['style' => 'pressed-masa', 'formula' => ['lines' => [['ingredient' => 'instant-masa-fine', 'volume' => ['amount' => 2, 'unit' => 'cup', 'fill' => 'spooned']]]]]])->assertCreated();
        $flour = fn (): float => Said::at($this->postJson('/api/v1/batches', ['id' => Uuid::uuid4()->toString(), 'bread' => $bread, 'at' => '2026-03-02T09:00:00Z'])->assertCreated()->json(), 'plan.ledger.0.grams')->number();
        $us = $flour();
        $this->putJson('/api/v1/me/profile', ['cup' => 'metric', 'spoon' => 'au'])->assertOk();
        $cook->refresh();
        // 250 mL over 236.588.
        self::assertEqualsWithDelta(250 / 236.588, $flour() / $us, 0.01);
        $this->putJson('/api/v1/me/profile', ['cup' => 'kitchen'])->assertOk();
        $cook->refresh();
        self::assertSame($us, $flour());
        $this->putJson('/api/v1/me/profile', ['cup' => 'bucket'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'cup');
    }

    public function test_how_somebody_reads_hours_weeks_and_energy_comes_along_and_other_words_are_refused(): void
    {
        $this->cook();
        $this->putJson('/api/v1/me/profile', ['clock' => '12', 'week_start' => 'sunday', 'energy' => 'kcal'])->assertOk();
        self::assertEqualsCanonicalizing(['clock' => '12', 'week_start' => 'sunday', 'energy' => 'kcal'], $this->getJson('/api/v1/session')->json('user.profile'));
        $this->putJson('/api/v1/me/profile', ['clock' => '13'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'clock');
        $batch = $this->startBatch('pressed-masa')['id'];
        self::assertMatchesRegularExpression('/^\d{1,2}:\d\d [ap]m  /m', (string) $this->get("/batches/$batch/run-sheet.txt?clock=12")->assertOk()->getContent());
        self::assertMatchesRegularExpression('/^\d\d:\d\d  /m', (string) $this->get("/batches/$batch/run-sheet.txt")->assertOk()->getContent());
    }

    public function test_copies_are_an_owners_business_and_are_put_back_by_who_owns_the_whole_house(): void
    {
        $owner = $this->cook();
        $folder = sys_get_temp_dir().'/mill-copies-'.bin2hex(random_bytes(4));
        mkdir($folder);
        config(['mill.copies' => $folder]);
        file_put_contents("$folder/kitchen-2026-03-01-033000.sqlite", 'not a database');
        file_put_contents("$folder/private.sqlite", 'not named as a copy');
        $listed = $this->getJson('/api/v1/copies')->assertOk();
        Contract::assertComponent('Copies', (string) $listed->getContent());
        self::assertSame([true, ['kitchen-2026-03-01-033000.sqlite']], [$listed->json('may_restore'), array_column(Said::at($listed->json(), 'copies')->all(), 'id')]);
        foreach (['private.sqlite', '..', 'kitchen-2026-03-02-033000.sqlite'] as $other) {
            $this->postJson("/api/v1/copies/$other/restored")->assertNotFound();
        }
        Kitchen::factory()->create();
        self::assertFalse($this->getJson('/api/v1/copies')->json('may_restore'));
        $this->postJson('/api/v1/copies/kitchen-2026-03-01-033000.sqlite/restored')->assertForbidden();
        Membership::query()->where('user_id', $owner->id)->update(['role' => KitchenRole::Cook]);
        $this->getJson('/api/v1/copies')->assertForbidden();
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);
    }

    private function invited(string $role): string
    {
        $people = $this->postJson('/api/v1/invitations', ['id' => Uuid::uuid4()->toString(), 'role' => $role])->assertOk();
        Contract::assertComponent('People', (string) $people->getContent());

        $invitations = self::document($people)['invitations'];

        return $invitations[count($invitations) - 1]['secret']->text();
    }

    private function member(string $name, KitchenRole $role): User
    {
        return User::factory()->for(User::query()->where('name', 'cook')->firstOrFail()->kitchen)->with($role)->create(['name' => $name]);
    }
}

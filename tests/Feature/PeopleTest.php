<?php

declare(strict_types=1);

use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use App\Notifications\Invitation;
use App\People\MailAddress;
use Database\Seeders\DemoSeeder;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;

beforeEach(function () {
    config(['mail.default' => 'none']);
    $this->owner = $this->person(Role::Owner);
    $this->invite = fn (array $with = []) => $this->actingAs($this->owner)->post('/people', ['name' => 'Anna Reed', 'email' => 'anna@example.org', 'role' => 'technician', ...$with]);
    /** What stands in the link that was shown. */
    $this->shown = function (): array {
        $href = session('link')['href'];
        parse_str((string) parse_url($href, PHP_URL_QUERY), $query);

        return ['token' => basename((string) parse_url($href, PHP_URL_PATH)), 'email' => $query['email'], 'path' => parse_url($href, PHP_URL_PATH)];
    };
    $this->leave = fn () => $this->post('/logout');
});

it('lets an owner ask somebody in, who chooses a password and takes the first reading', function () {
    ($this->invite)()->assertRedirect();
    $link = ($this->shown)();
    ($this->leave)();
    $this->post('/login', ['email' => 'anna@example.org', 'password' => 'anything at all'])->assertSessionHasErrors('email');
    $this->get($link['path'].'?email='.$link['email'])->assertOk()->assertInertia(fn ($page) => $page->component('choose-password')->where('invited', true));
    $this->post('/password', [...$link, 'invited' => true, 'password' => 'three tall ladders'])->assertRedirect('/login');
    $this->post('/login', ['email' => 'anna@example.org', 'password' => 'three tall ladders'])->assertRedirect('/jobs');

    $job = $this->demoJob($this->owner);
    $this->postJson("/jobs/{$job->id}/surveys/before/readings", ['id' => 'first', 'call' => 'JL JR 829.5', 'unit' => 'mm'])->assertOk();
    expect(AuditEntry::query()->pluck('action')->all())->toBe(['invited', 'came in'])
        ->and(User::query()->where('email', 'anna@example.org')->first()->workshop_id)->toBe($this->owner->workshop_id);
});

it('lets a link in once, and no other token', function () {
    ($this->invite)();
    $link = ($this->shown)();
    ($this->leave)();
    $this->post('/password', [...$link, 'token' => 'made-up', 'invited' => true, 'password' => 'three tall ladders'])->assertSessionHasErrors('password');
    $this->post('/password', [...$link, 'invited' => false, 'password' => 'three tall ladders'])->assertSessionHasErrors('password');
    $this->post('/password', [...$link, 'invited' => true, 'password' => 'short'])->assertSessionHasErrors('password');
    $this->post('/password', [...$link, 'invited' => true, 'password' => 'three tall ladders'])->assertRedirect('/login');
    $this->post('/password', [...$link, 'invited' => true, 'password' => 'four tall ladders'])->assertSessionHasErrors('password');
});

it('lets an invitation grow old after a week', function () {
    ($this->invite)();
    $link = ($this->shown)();
    ($this->leave)();
    $this->travel(8)->days();
    $this->post('/password', [...$link, 'invited' => true, 'password' => 'three tall ladders'])->assertSessionHasErrors('password');
});

it('sends invitation and reset by mail where the server has one, and shows no link then', function () {
    config(['mail.default' => 'array']);
    Notification::fake();
    ($this->invite)()->assertSessionMissing('link');
    $anna = User::query()->where('email', 'anna@example.org')->firstOrFail();
    Notification::assertSentTo($anna, Invitation::class, fn (Invitation $sent): bool => str_contains((string) $sent->toMail($anna)->actionUrl, '/invitation/'));
    $anna->update(['invited_at' => null]);
    ($this->leave)();
    $this->post('/forgotten', ['email' => ' Anna@Example.org '])->assertRedirect('/login');
    Notification::assertSentTo($anna, ResetPassword::class);
});

it('says the same of an address that nobody has', function () {
    config(['mail.default' => 'array']);
    Notification::fake();
    $said = fn (string $email) => $this->post('/forgotten', ['email' => $email])->assertRedirect('/login') && session('notice');
    expect($said('nobody@example.org'))->toBe($said($this->owner->email));
    Notification::assertSentTimes(ResetPassword::class, 1);
});

it('says on a server without mail whom to ask', function () {
    $this->get('/forgotten')->assertOk()->assertInertia(fn ($page) => $page->where('mails', false));
});

it('takes no second account at one address, and none in letters that look like others', function (string $email) {
    ($this->invite)();
    ($this->invite)(['email' => $email])->assertSessionHasErrors('email');
})->with([
    'the same' => 'anna@example.org',
    'in capitals' => 'ANNA@Example.ORG',
    'with an accent' => 'ánna@example.org',
    'with a letter of another alphabet' => 'аnna@example.org',
    'none' => 'anna',
    'two in one' => "anna@example.org\nx@example.org",
]);

it('keeps accounts apart that only a collation would take for one', function () {
    DB::table('users')->insert(['workshop_id' => $this->owner->workshop_id, 'name' => 'E', 'email' => 'ren@example.org', 'password' => bcrypt('plain letters 1'), 'role' => 'technician']);
    DB::table('users')->insert(['workshop_id' => $this->owner->workshop_id, 'name' => 'É', 'email' => 'rén@example.org', 'password' => bcrypt('accented letters'), 'role' => 'technician']);
    $this->post('/login', ['email' => 'rén@example.org', 'password' => 'plain letters 1'])->assertSessionHasErrors('email');
    $this->post('/login', ['email' => 'REN@example.org', 'password' => 'plain letters 1'])->assertRedirect('/jobs');
});

it('slows down who guesses, however the address is spelt', function () {
    $spellings = ['owner.x@example.org', 'OWNER.X@example.org', ' owner.x@example.org', 'ówner.x@example.org', 'owner.x@exámple.org', 'оwner.x@example.org', 'owner.x@example.org ', 'öwner.x@example.org'];
    $this->owner->update(['email' => 'owner.x@example.org']);
    foreach ($spellings as $spelling) {
        $this->post('/login', ['email' => $spelling, 'password' => 'guess']);
    }
    $this->withServerVariables(['REMOTE_ADDR' => '10.1.2.3'])->post('/login', ['email' => 'owner.x@example.org', 'password' => 'open-sesame-9'])->assertStatus(429);
});

it('slows down a client that tries many addresses', function () {
    foreach (range(1, 40) as $i) {
        $this->post('/login', ['email' => "guess$i@example.org", 'password' => 'guess']);
    }
    $this->post('/login', ['email' => $this->owner->email, 'password' => 'open-sesame-9'])->assertStatus(429);
});

it('forgets the wrong tries of who got in', function () {
    foreach (range(1, 3) as $round) {
        foreach (range(1, 5) as $i) {
            $this->post('/login', ['email' => $this->owner->email, 'password' => 'guess']);
        }
        $this->post('/login', ['email' => $this->owner->email, 'password' => 'open-sesame-9'])->assertRedirect('/jobs');
        ($this->leave)();
    }
});

it('throws away what is left of wrong tries once it is past its time', function () {
    DB::table('cache')->insert([['key' => 'old', 'value' => 'i:1;', 'expiration' => time() - 5], ['key' => 'counts', 'value' => 'i:1;', 'expiration' => time() + 50]]);
    DB::table('invitation_tokens')->insert(['email' => 'late@example.org', 'token' => 'x', 'created_at' => now()->subDays(8)]);
    $this->post('/login', ['email' => 'nobody@example.org', 'password' => 'guess']);
    expect(DB::table('cache')->pluck('key')->all())->toBe(['counts'])
        ->and(DB::table('invitation_tokens')->count())->toBe(0);
});

it('lets a leaver out at once, keeps what they measured, and lets them in again', function () {
    $leaver = $this->person();
    DB::table('sessions')->insert(['id' => 'theirs', 'user_id' => $leaver->id, 'payload' => '', 'last_activity' => time()]);
    $this->actingAs($this->owner)->put("/people/{$leaver->id}/activity", ['active' => false])->assertRedirect();
    expect(DB::table('sessions')->where('id', 'theirs')->exists())->toBeFalse();
    $this->actingAs($leaver->fresh())->get('/jobs')->assertRedirect('/login');
    $this->actingAs($leaver->fresh())->getJson('/jobs')->assertUnauthorized();
    $this->post('/login', ['email' => $leaver->email, 'password' => 'open-sesame-9'])->assertSessionHasErrors('email');
    $this->actingAs($this->owner)->post("/people/{$leaver->id}/link")->assertStatus(422);
    $this->actingAs($this->owner)->put("/people/{$leaver->id}/activity", ['active' => true]);
    ($this->leave)();
    $this->post('/login', ['email' => $leaver->email, 'password' => 'open-sesame-9'])->assertRedirect('/jobs');
});

it('keeps a shop its last owner', function () {
    $this->actingAs($this->owner)->put("/people/{$this->owner->id}/role", ['role' => 'technician'])->assertSessionHasErrors('person');
    $this->actingAs($this->owner)->put("/people/{$this->owner->id}/activity", ['active' => false])->assertSessionHasErrors('person');
    $second = $this->person(Role::Owner);
    $this->actingAs($this->owner)->put("/people/{$this->owner->id}/role", ['role' => 'technician'])->assertSessionHasNoErrors();
    expect($this->owner->fresh()->role)->toBe(Role::Technician)
        ->and($second->fresh()->role)->toBe(Role::Owner);
});

it('counts an owner who has not come in yet as none', function () {
    ($this->invite)(['role' => 'owner']);
    $this->actingAs($this->owner)->put("/people/{$this->owner->id}/activity", ['active' => false])->assertSessionHasErrors('person');
});

it('is for the owner alone, and for people of the shop', function () {
    $technician = $this->person();
    $this->actingAs($technician)->get('/people')->assertForbidden();
    $this->actingAs($technician)->post('/people', ['name' => 'X', 'email' => 'x@example.org', 'role' => 'owner'])->assertForbidden();
    $this->actingAs($technician)->put("/people/{$technician->id}/role", ['role' => 'owner'])->assertForbidden();
    $stranger = $this->person(workshop: 'Other yard');
    $this->actingAs($this->owner)->put("/people/{$stranger->id}/role", ['role' => 'owner'])->assertForbidden();
    $this->actingAs($this->owner)->post("/people/{$stranger->id}/link")->assertForbidden();
    $this->actingAs($this->owner)->get('/people')->assertOk()->assertInertia(fn ($page) => $page->has('people', 2));
});

it('gives who forgot a password a link by the owner', function () {
    $forgetful = $this->person();
    $this->actingAs($this->owner)->post("/people/{$forgetful->id}/link")->assertRedirect();
    $link = ($this->shown)();
    ($this->leave)();
    $this->get($link['path'].'?email='.$link['email'])->assertOk()->assertInertia(fn ($page) => $page->where('invited', false));
    $this->post('/password', [...$link, 'password' => 'three tall ladders'])->assertRedirect('/login');
    $this->post('/login', ['email' => $forgetful->email, 'password' => 'three tall ladders'])->assertRedirect('/jobs');
});

describe('one\'s own account', function () {
    beforeEach(fn () => $this->actingAs($this->owner));

    it('has name, unit and screen, and brings them to every page', function () {
        $this->put('/account', ['name' => 'Olive Marsh', 'unit' => 'in', 'theme' => 'dark'])->assertRedirect();
        $this->get('/jobs')->assertInertia(fn ($page) => $page->where('user.name', 'Olive Marsh')->where('user.unit', 'in')->where('user.theme', 'dark'));
        $this->put('/account', ['name' => '', 'unit' => 'furlong', 'theme' => 'pink'])->assertSessionHasErrors(['name', 'unit', 'theme']);
    });

    it('changes its password for who knows it, and ends the other sessions', function () {
        DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $this->owner->id, 'payload' => '', 'last_activity' => time()]);
        $this->put('/account/password', ['current' => 'wrong', 'password' => 'three tall ladders'])->assertSessionHasErrors('current');
        $this->put('/account/password', ['current' => 'open-sesame-9', 'password' => 'three tall ladders'])->assertSessionHasNoErrors();
        expect(DB::table('sessions')->where('id', 'elsewhere')->exists())->toBeFalse();
        ($this->leave)();
        $this->post('/login', ['email' => $this->owner->email, 'password' => 'three tall ladders'])->assertRedirect('/jobs');
    });

    it('shows where it is logged in, and logs out there', function () {
        DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $this->owner->id, 'ip_address' => '10.0.0.9', 'user_agent' => 'A phone', 'payload' => '', 'last_activity' => time()]);
        $this->get('/account')->assertInertia(fn ($page) => $page->where('account.sessions.0.browser', 'A phone')->where('account.sessions.0.isThis', false));
        $this->delete('/account/sessions')->assertSessionHas('notice', 'One other session is ended.');
        $this->delete('/account/sessions')->assertSessionHas('notice', 'You were logged in nowhere else.');
    });
});

it('notes who changed a setting of the shop', function () {
    $this->actingAs($this->owner)->put('/workshop', ['inchDenominator' => '16', 'hidesExpected' => true, 'unit' => 'mm', 'values' => []])->assertRedirect();
    expect(AuditEntry::query()->pluck('about')->all())->toBe(['inch denominator: 16', 'hides expected: 1']);
});

describe('on the command line', function () {
    it('invites, changes, closes and opens', function () {
        $this->artisan('geodex:person', ['email' => 'Bea@example.org', '--invite' => 'Slate Yard Chassis', '--name' => 'Bea'])->expectsOutputToContain('/invitation/')->assertSuccessful();
        $this->artisan('geodex:person', ['email' => 'bea@example.org', '--role' => 'inspector'])->expectsOutputToContain('inspector')->assertSuccessful();
        $this->artisan('geodex:person', ['email' => 'bea@example.org', '--deactivate' => true])->expectsOutputToContain('closed')->assertSuccessful();
        $this->artisan('geodex:person', ['email' => 'bea@example.org', '--activate' => true])->expectsOutputToContain('can log in')->assertSuccessful();
        $this->artisan('geodex:person', ['email' => $this->owner->email, '--link' => true])->expectsOutputToContain('/password/')->assertSuccessful();
    });

    it('says what is wrong', function (array $call) {
        $this->artisan('geodex:person', $call)->assertFailed();
    })->with([
        'nobody' => [['email' => 'nobody@example.org']],
        'no address' => [['email' => 'nobody']],
        'no role' => [['email' => 'x@example.org', '--role' => 'king']],
        'no shop' => [['email' => 'x@example.org', '--invite' => 'Nowhere']],
    ]);

    it('does not close the last owner', function () {
        $this->artisan('geodex:person', ['email' => $this->owner->email, '--deactivate' => true])->assertFailed();
    });

    it('closes the demo logins', function () {
        DB::table('workshops')->delete();
        $this->seed(DemoSeeder::class);
        $this->artisan('geodex:forget-demo')->expectsOutputToContain('demo logins are closed')->assertSuccessful();
        $this->post('/login', ['email' => DemoSeeder::USERS[0]['email'], 'password' => DemoSeeder::PASSWORD])->assertSessionHasErrors('email');
        $this->artisan('geodex:logins')->doesntExpectOutputToContain(DemoSeeder::PASSWORD)->assertSuccessful();
    });
});

it('knows one spelling of an address', function (string $typed, ?string $is) {
    expect(MailAddress::of($typed))->toBe($is);
})->with([
    [' Anna@Example.org ', 'anna@example.org'],
    ['a.b+c@example.org', 'a.b+c@example.org'],
    ['ánna@example.org', null],
    ['anna', null],
    ['', null],
    [str_repeat('a', 200).'@example.org', null],
]);

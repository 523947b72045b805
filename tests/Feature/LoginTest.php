<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\Workshop;
use Database\Seeders\DemoSeeder;

it('asks a stranger to log in before anything is shown', function (string $path) {
    $this->get($path)->assertRedirect('/login');
})->with(['/jobs', '/jobs/1', '/jobs/1/plan', '/jobs/1/surveys/before', '/workshop']);

it('lets somebody in with the right password, and not with the wrong one', function () {
    $user = $this->person();
    $this->post('/login', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors(['email' => 'This address and password do not go together. Check both and try again.']);
    $this->assertGuest();
    $this->post('/login', ['email' => $user->email, 'password' => 'open-sesame-9'])->assertRedirect('/jobs');
    $this->assertAuthenticatedAs($user);
    $this->post('/logout')->assertRedirect('/login');
    $this->assertGuest();
});

it('slows down guessing', function () {
    $user = $this->person();
    foreach (range(1, 8) as $_) {
        $this->post('/login', ['email' => $user->email, 'password' => 'guess']);
    }
    $this->post('/login', ['email' => $user->email, 'password' => 'open-sesame-9'])->assertStatus(429);
});

it('tells a request from the screen that its session is over, not where to go', function () {
    $this->postJson('/jobs/1/surveys/before/readings', [])->assertStatus(401);
});

it('makes the demo workshop once, with a login for every role', function () {
    $this->artisan('geodex:demo')->assertSuccessful();
    $this->artisan('geodex:demo')->assertSuccessful();
    expect(Workshop::count())->toBe(1);
    $this->post('/login', ['email' => DemoSeeder::USERS[0]['email'], 'password' => DemoSeeder::PASSWORD])->assertRedirect('/jobs');
    $this->artisan('geodex:logins')->expectsOutputToContain('owner@slate-yard.example')->assertSuccessful();
});

it('makes a workshop and its owner from the shell', function () {
    $this->artisan('geodex:logins')->expectsOutputToContain('geodex:workshop');
    $this->artisan('geodex:workshop', ['workshop' => 'Quay Frames', 'email' => 'boss@example.org'])->expectsOutputToContain('boss@example.org')->assertSuccessful();
    expect(Workshop::firstWhere('name', 'Quay Frames')->users()->firstOrFail()->role)->toBe(Role::Owner);
    $this->artisan('geodex:workshop', ['workshop' => 'Quay Frames', 'email' => 'boss@example.org'])->assertFailed();
});

it('sends pages that run nothing but their own scripts', function () {
    $this->get('/login')->assertOk()->assertHeader('X-Content-Type-Options', 'nosniff');
    expect($this->get('/login')->headers->get('Content-Security-Policy'))->toContain("default-src 'self'")->not->toContain('unsafe-inline');
});

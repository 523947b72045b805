<?php

declare(strict_types=1);

use Illuminate\Database\QueryException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Support\Facades\Route;

function failing(callable $fail): void
{
    Route::middleware('web')->any('/failing', fn () => $fail());
}

it('says that the database is gone, to a screen and to a page, and that nothing typed is lost', function () {
    failing(fn () => throw new QueryException('mariadb', 'select 1', [], new PDOException('SQLSTATE[HY000] [2002] Connection refused')));
    $this->postJson('/failing')->assertStatus(503)->assertJsonPath('code', 'database.unreachable')->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'is kept'));
    $this->get('/failing')->assertStatus(503)->assertSee('No answer from the database');
});

it('does not call a wrong question a lost database', function () {
    failing(fn () => throw new QueryException('mariadb', 'select x', [], new PDOException('SQLSTATE[42S22]: Column not found')));
    $this->postJson('/failing')->assertStatus(500);
});

it('says that an upload was larger than the server takes', function () {
    failing(fn () => throw new PostTooLargeException);
    $this->post('/failing')->assertRedirect('/jobs?too-large=1');
    $this->actingAs($this->person())->get('/jobs?too-large=1')->assertInertia(fn ($page) => $page->where('tooLarge', true));
});

it('says that the session is over', function () {
    failing(fn () => abort(419));
    $this->postJson('/failing')->assertStatus(419)->assertJsonPath('code', 'session.expired');
    $this->post('/failing')->assertRedirect('/login')->assertSessionHas('notice');
});

it('answers /up without a login', function () {
    $this->get('/up')->assertOk();
});

it('keeps the TypeScript types of props and routes up to date', function () {
    $this->artisan('geodex:types', ['--check' => true])->assertSuccessful();
});

<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;

it('says that it is up when its database is, and loads nothing from elsewhere', function () {
    $said = $this->get('/up')->assertOk()->getContent();
    expect($said)->toBe("up\n");
    DB::shouldReceive('select')->andThrow(new PDOException('gone'));
    $this->get('/up')->assertStatus(503);
});

it('puts its headers on every answer, failures too', function (string $path, int $status) {
    Route::get('/breaks', fn () => throw new RuntimeException('broken'));
    Log::spy();
    $this->get($path)->assertStatus($status)->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'SAMEORIGIN')->assertHeader('Content-Security-Policy')->assertHeaderMissing('X-Powered-By');
})->with([
    'a page' => ['/login', 200],
    'nothing' => ['/nothing', 404],
    'a redirect' => ['/jobs', 302],
    'a failure' => ['/breaks', 500],
    'an instrument' => ['/instrument/wanted', 401],
    'health' => ['/up', 200],
]);

it('refuses names that are not its own', function (string $host, int $status) {
    config(['geodex.hosts' => ['geodex.example'], 'app.url' => 'https://chassis.example']);
    $this->get("http://$host/login")->assertStatus($status);
})->with([
    'its own' => ['chassis.example', 200],
    'one that was named' => ['geodex.example', 200],
    'this machine' => ['127.0.0.1', 200],
    'another' => ['evil.example', 400],
    'one that contains it' => ['geodex.example.evil.example', 400],
    'one that a dot lets in' => ['geodexXexample', 400],
]);

it('takes the word of the proxies it was told of, and of no other', function (array $proxies, string $from, bool $secure) {
    config(['geodex.proxies' => $proxies, 'geodex.hsts' => 3600]);
    $answer = $this->withServerVariables(['REMOTE_ADDR' => $from])->get('/login', ['X-Forwarded-Proto' => 'https']);
    expect($answer->headers->has('Strict-Transport-Security'))->toBe($secure);
})->with([
    'told of' => [['10.0.0.1'], '10.0.0.1', true],
    'of its range' => [['10.0.0.0/8'], '10.9.9.9', true],
    'another' => [['10.0.0.1'], '10.0.0.2', false],
    'of none' => [[], '10.0.0.1', false],
    'of all' => [['*'], '10.0.0.2', true],
]);

it('keeps no browser to https where that was not asked for', function () {
    config(['geodex.proxies' => ['*']]);
    expect($this->get('/login', ['X-Forwarded-Proto' => 'https'])->headers->has('Strict-Transport-Security'))->toBeFalse();
});

it('writes one line for each failure', function () {
    $file = tempnam(sys_get_temp_dir(), 'log');
    config(['logging.default' => 'daily', 'logging.channels.daily.path' => $file, 'logging.channels.daily.driver' => 'single']);
    Log::forgetChannel('daily');
    report(new RuntimeException("broken\nover two lines", 0, new LogicException('because')));
    $lines = file($file);
    expect($lines)->toHaveCount(1)
        ->and(json_decode($lines[0], true)['context']['exception']['message'])->toContain('broken');
    unlink($file);
});

<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Models\Reading;
use App\Models\User;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/surveys/before";
    $this->send = fn (array $more) => $this->postJson("$this->at/readings", ['id' => 'one', 'call' => 'AL BR 1204', 'unit' => 'mm', ...$more]);
});

it('stores a reading sent twice once, and says so both times', function () {
    ($this->send)([])->assertOk()->assertJsonPath('stored', 'one');
    $count = Reading::count();
    ($this->send)([])->assertOk()->assertJsonPath('stored', 'one');
    expect(Reading::count())->toBe($count);
});

it('never calls another reading under the same id stored', function (array $other) {
    ($this->send)([])->assertOk();
    $count = Reading::count();
    ($this->send)($other)->assertStatus(409)->assertJsonPath('code', 'reading.id-taken')->assertJsonPath('message', fn (string $text): bool => str_contains($text, 'Another reading has the id “one” already'));
    expect(Reading::count())->toBe($count);
})->with([
    'another value' => [['call' => 'AL BR 1205']],
    'other points' => [['call' => 'AR BL 1204']],
    'another kind' => [['call' => 'p AL BR 1204']],
    'another unit' => [['call' => 'AL BR 12', 'unit' => 'in']],
    'between edges' => [['call' => 'AL BR 1204 near']],
    'other pointers' => [['call' => 'AL BR 1204 @100,250']],
]);

it('tells capital from small letters, and plain from accented ones', function () {
    ($this->send)([])->assertOk();
    ($this->send)(['id' => 'ONE', 'call' => 'AL BR 1209'])->assertOk()->assertJsonPath('stored', 'ONE');
    User::create(['workshop_id' => $this->user->workshop_id, 'name' => 'Rene', 'email' => 'rene@example.org', 'password' => 'open-sesame-9', 'role' => 'technician']);
    User::create(['workshop_id' => $this->user->workshop_id, 'name' => 'René', 'email' => 'rené@example.org', 'password' => 'open-sesame-9', 'role' => 'technician']);
    expect(User::where('email', 'rene@example.org')->value('name'))->toBe('Rene');
});

it('answers each line of an instrument by itself, whatever became of the one before', function () {
    $token = str_repeat('t', 40);
    Instrument::create(['workshop_id' => $this->user->workshop_id, 'name' => 'Bar', 'kind' => 'tram-bar', 'token_hash' => hash('sha256', $token), 'survey_id' => $this->surveyOf($this->job)->id]);
    $lines = [
        ['id' => 'i1', 'kind' => 'tram', 'from' => 'AL', 'to' => 'BR', 'value' => 1204.5],
        ['id' => "i2\n", 'kind' => 'tram', 'from' => 'AL', 'to' => 'BR', 'value' => 1204.5],
        ['id' => 'i3', 'kind' => 'tram', 'from' => 'AL', 'to' => 'BR', 'value' => 1e-7],
        ['id' => 'i1', 'kind' => 'tram', 'from' => 'AL', 'to' => 'BR', 'value' => 1300],
        ['id' => 'i4', 'kind' => 'guess', 'from' => 'AL', 'to' => 'BR', 'value' => 1204.5],
        ['id' => 'i5', 'kind' => 'tram', 'from' => 'AL', 'to' => 'CR', 'value' => str_repeat('9', 300)],
        ['id' => 'i6', 'kind' => 'tram', 'from' => 'AL', 'to' => 'CR', 'value' => 2010],
    ];
    $answer = $this->call('POST', '/instrument/readings', server: ['HTTP_AUTHORIZATION' => "Bearer $token", 'CONTENT_TYPE' => 'application/x-ndjson'], content: implode("\n", array_map(json_encode(...), $lines)));
    $answers = array_map(fn (string $line): array => json_decode($line, true), array_filter(explode("\n", (string) $answer->assertOk()->getContent())));
    expect(array_column($answers, 'stored'))->toBe([true, false, false, false, false, false, true])
        ->and($answers[3]['error'])->toContain('Another reading has the id “i1” already');
});

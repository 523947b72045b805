<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Models\Reading;
use App\Models\Role;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Testing\TestResponse;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
});

function tool(array $with = []): Instrument
{
    test()->post('/instruments', ['unit' => 'mm', 'name' => 'Long bar', 'kind' => 'tram-bar', 'reach' => '2.5 m', 'simulated' => false, ...$with])->assertRedirect('/instruments');

    return Instrument::latest('id')->firstOrFail();
}

function tokenOf(Instrument $tool): string
{
    test()->post("/instruments/{$tool->id}/token")->assertRedirect('/instruments');

    return session('token')['token'];
}

/** @param  list<array<string, mixed>|string>  $lines */
function sendLines(string $token, array $lines): TestResponse
{
    $body = implode("\n", array_map(fn ($line): string => is_string($line) ? $line : json_encode($line), $lines));

    return test()->call('POST', '/instrument/readings', server: ['HTTP_AUTHORIZATION' => "Bearer $token", 'CONTENT_TYPE' => 'application/x-ndjson'], content: $body);
}

function linesOf(TestResponse $response): array
{
    return array_map(fn (string $line): array => json_decode($line, true), array_filter(explode("\n", (string) $response->getContent())));
}

it('checks a tool against a known length and says when it is due again', function () {
    $tool = tool();
    expect($tool->needsCheck())->toBeTrue();
    $this->post("/instruments/{$tool->id}/check", ['unit' => 'mm', 'known' => '1000', 'readings' => ['1001.0', '1001.2', '1001.4', '1001.1', '1001.3', '']])->assertRedirect();
    $tool->refresh();
    expect($tool->offset)->toEqualWithDelta(1.2, 1e-4)
        ->and($tool->sigma)->toEqualWithDelta(0.1732, 1e-3)
        ->and($tool->needsCheck())->toBeFalse()
        ->and((string) $tool->lastCheck()?->text->in(LengthUnit::Millimetre))->toContain('too much');
    $this->travel(91)->days();
    expect($tool->needsCheck())->toBeTrue();
    $this->post("/instruments/{$tool->id}/check", ['unit' => 'mm', 'known' => '1000', 'readings' => ['1000', 'abc', '1001']])->assertSessionHasErrors('readings.1');
});

it('takes its offset off and believes its sigma in what is read with it', function () {
    $tool = tool();
    $tool->update(['offset' => 1.5, 'sigma' => 0.4]);
    $this->postJson("/jobs/{$this->job->id}/surveys/before/readings", ['id' => 'c-1', 'call' => 'JL JR 830', 'unit' => 'mm', 'instrument' => $tool->id])->assertOk();
    $this->postJson("/jobs/{$this->job->id}/surveys/before/readings", ['id' => 'c-2', 'call' => 'h JL 500', 'unit' => 'mm', 'instrument' => $tool->id])->assertOk();
    expect(Reading::firstWhere('client_id', 'c-1'))->value_mm->toBe(830.0)->offset_mm->toBe(1.5)->sigma->toBe(0.4)->instrument_id->toBe($tool->id)
        ->and(Reading::firstWhere('client_id', 'c-2')->instrument_id)->toBeNull();
    // What was read keeps the offset of its day.
    $tool->update(['offset' => 0.0]);
    $exported = collect(json_decode((string) $this->get("/jobs/{$this->job->id}/file")->getContent(), true)['surveys'][0]['readings'])->firstWhere('id', 'c-1');
    expect($exported)->toMatchArray(['offset' => '1.5 mm', 'instrument' => 'Long bar', 'sigma' => '0.4 mm']);
    $copy = $this->jobFrom($this->user, (string) $this->get("/jobs/{$this->job->id}/file")->getContent());
    expect($copy->surveys()->first()->readings()->where('client_id', 'c-1')->first()->value_mm)->toBe(830.0)
        ->and($copy->surveys()->first()->readings()->where('client_id', 'c-1')->first()->offset_mm)->toEqualWithDelta(1.5, 1e-9);
});

it('hands over the reading of the stand-in from the screen, the same for the same seed', function () {
    $tool = tool(['name' => 'Stand-in', 'simulated' => true, 'seed' => 5, 'slop' => '1', 'misreads' => '0', 'damage' => 'rear-sidesway=12']);
    $ask = fn (string $id) => $this->postJson("/jobs/{$this->job->id}/surveys/before/ask", ['instrument' => $tool->id, 'id' => $id, 'call' => 'JL JR']);
    $ask('s-1')->assertOk()->assertJsonPath('stored', 's-1');
    $ask('s-1')->assertOk();
    $reading = Reading::firstWhere('client_id', 's-1');
    expect(Reading::where('client_id', 's-1')->count())->toBe(1)
        ->and($reading->value_mm)->toEqualWithDelta(860, 40)
        ->and($reading->user_id)->toBe($this->user->id);
    $this->postJson("/jobs/{$this->job->id}/surveys/before/ask", ['instrument' => $tool->id, 'id' => 's-2', 'call' => 'h JL'])->assertUnprocessable()->assertJsonPath('code', 'instrument.cannot-read');
    $this->post('/instruments', ['unit' => 'mm', 'name' => 'Other', 'kind' => 'tram-bar', 'simulated' => true, 'damage' => 'rear-bend=3'])->assertSessionHasErrors('damage');
});

describe('the interface of an instrument', function () {
    it('lets nobody in without a token, and takes nothing before it is attached', function () {
        sendLines('wrong', [['id' => 'a']])->assertUnauthorized();
        $token = tokenOf(tool());
        sendLines($token, [['id' => 'a']])->assertStatus(409);
        expect(Instrument::first()->token_hash)->not->toContain($token);
    });

    it('says what is wanted, takes it, and wants it no more', function () {
        $tool = tool();
        $token = tokenOf($tool);
        $this->postJson("/jobs/{$this->job->id}/surveys/before/ask", ['instrument' => $tool->id, 'id' => 'w-1', 'call' => 'JL JR'])->assertOk()->assertJsonPath('stored', null);
        $wanted = fn () => $this->call('GET', '/instrument/wanted', server: ['HTTP_AUTHORIZATION' => "Bearer $token"]);
        $lines = linesOf($wanted()->assertOk());
        expect($lines)->toBe([['id' => 'w-1', 'kind' => 'tram', 'from' => 'JL', 'to' => 'JR', 'number' => 63]]);
        expect(linesOf(sendLines($token, [[...$lines[0], 'value' => 829.5, 'unit' => 'mm']])->assertOk()))->toBe([['id' => 'w-1', 'stored' => true, 'number' => 63]]);
        $wanted()->assertNoContent();
        expect(Reading::firstWhere('client_id', 'w-1'))->value_mm->toBe(829.5)->user_id->toBe($this->user->id)->instrument_id->toBe($tool->id);
    });

    it('takes many lines and answers each, the bad ones with what was wrong', function () {
        $tool = tool();
        $tool->update(['survey_id' => $this->surveyOf($this->job)->id]);
        $token = tokenOf($tool);
        $answers = linesOf(sendLines($token, [
            ['id' => 'a-1', 'kind' => 'tram', 'from' => 'JL', 'to' => 'JR', 'value' => '32 21/32 in'],
            'not json', ['id' => 'a b', 'kind' => 'tram'], ['id' => 'a-2', 'kind' => 'height', 'point' => 'JL', 'value' => 500],
            ['id' => 'a-3', 'kind' => 'tram', 'from' => 'JL', 'to' => 'ZZ', 'value' => 1],
            ['id' => 'a-1', 'kind' => 'tram', 'from' => 'JL', 'to' => 'JR', 'value' => '32 21/32 in'],
            ['id' => 'a-4', 'kind' => 'tram', 'from' => 'KL', 'to' => 'KR', 'value' => ['x']],
        ])->assertOk());
        expect(array_column($answers, 'stored'))->toBe([true, false, false, false, false, true, false])
            ->and($answers[3]['error'])->toContain('takes no height')->and($answers[4]['error'])->toContain('There is no point “ZZ”')->and($answers[6]['error'])->toContain('value');
        expect(Reading::where('client_id', 'a-1')->count())->toBe(1);
        sendLines($token, [''])->assertUnprocessable();
    });
});

it('leaves the tools of a shop to those who measure in it', function () {
    $tool = tool();
    $this->actingAs($this->person(Role::Inspector));
    $this->get('/instruments')->assertInertia(fn ($page) => $page->where('canWork', false)->has('instruments', 1));
    $this->post("/instruments/{$tool->id}/token")->assertForbidden();
    $this->actingAs($this->person(Role::Owner, 'Another yard'));
    $this->post("/instruments/{$tool->id}/token")->assertForbidden();
    $this->get('/instruments')->assertInertia(fn ($page) => $page->has('instruments', 0));
});

<?php

declare(strict_types=1);

use App\Models\BenchRound;
use App\Models\Reading;
use App\Models\Role;
use Illuminate\Testing\TestResponse;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
});

function setUpBench(array $with = []): TestResponse
{
    return test()->putJson('/jobs/'.test()->job->id.'/bench', ['unit' => 'mm', 'length' => '6 m', 'width' => '1200', 'pitch' => '2', 'travel' => '80', 'tolerance' => '1', 'clockwiseRaises' => true, ...$with]);
}

function benchRound(array $round): TestResponse
{
    return test()->postJson('/jobs/'.test()->job->id.'/bench/rounds', ['unit' => 'mm', ...$round]);
}

it('asks for the size of the bench first, in any unit', function () {
    $this->get("/jobs/{$this->job->id}/bench")->assertInertia(fn ($page) => $page->component('jobs/bench')->where('bench.jig', null)->has('bench.pairs', 12));
    setUpBench(['pitch' => '1/8 in'])->assertOk()->assertJsonPath('jig.length', 6000)->assertJsonPath('jig.pitch', 3.175);
    setUpBench(['width' => 'wide'])->assertUnprocessable()->assertJsonValidationErrors('width');
    setUpBench(['width' => '0'])->assertUnprocessable()->assertJsonPath('code', 'bench.not-positive');
});

it('keeps each round of levelling with the turns that follow from it', function () {
    setUpBench();
    $first = benchRound(['kind' => 'level', 'way' => 'above', 'frontLeft' => '100', 'frontRight' => '103', 'rearLeft' => '98', 'rearRight' => '109'])->assertOk();
    $turns = collect($first->json('rounds.0.turns'))->pluck('turns', 'corner');
    expect($turns['rear right'])->toBe(3.25)
        ->and($first->json('rounds.0.good'))->toBeFalse()
        ->and(sentence($first->json('rounds.0.says.0')))->toBe('The corners differ by 11.0 mm.');
    $second = benchRound(['kind' => 'level', 'way' => 'below', 'frontLeft' => '100', 'frontRight' => '100.4', 'rearLeft' => '99.8', 'rearRight' => '100.1'])->assertOk();
    expect(array_column($second->json('rounds'), 'worst'))->toBe([11, 0.6])
        ->and($second->json('rounds.1.good'))->toBeTrue()
        ->and($second->json('rounds.1.by'))->toBe('Technician');
});

it('levels by a spirit level on the beams', function () {
    setUpBench();
    $round = benchRound(['kind' => 'level', 'way' => 'slopes', 'front' => '0.1', 'rear' => '0.1', 'left' => '−0.05', 'right' => '-0.05'])->assertOk();
    expect(sentence($round->json('rounds.0.says.1')))->toContain('falls 5.2 mm rearward and rises 2.1 mm to the right');
    benchRound(['kind' => 'level', 'way' => 'slopes', 'front' => 'level', 'rear' => '0', 'left' => '0', 'right' => '0'])->assertUnprocessable()->assertJsonValidationErrors('front');
});

it('squares by sides and diagonals, and names the ones that are missing; a quick round takes the two diagonals alone', function () {
    setUpBench();
    benchRound(['kind' => 'square', 'front' => '1200', 'rear' => '1200'])->assertUnprocessable()->assertJsonValidationErrors(['diagonalA', 'diagonalB']);
    benchRound(['kind' => 'square', 'front' => '1200', 'rear' => '1200', 'diagonalA' => '6125', 'diagonalB' => '6112'])->assertUnprocessable()->assertJsonValidationErrors(['left', 'right']);
    $round = benchRound(['kind' => 'square', 'front' => '1200', 'rear' => '1200', 'left' => '6000', 'right' => '6000', 'diagonalA' => '6125', 'diagonalB' => '6112'])->assertOk();
    expect($round->json('rounds.0.corners'))->toHaveCount(2)
        ->and($round->json('rounds.0.showsMoves'))->toBeTrue()
        ->and(sentence($round->json('rounds.0.says.1')))->toContain('the right side sits 6.6 mm rearward');
    $quick = benchRound(['kind' => 'square', 'diagonalA' => '6125', 'diagonalB' => '6112', 'load' => 'standing'])->assertOk();
    expect($quick->json('rounds.1.corners'))->toBe([])->and($quick->json('rounds.1.good'))->toBeFalse()->and($quick->json('rounds.1.load'))->toBe('standing')
        ->and(sentence($quick->json('rounds.1.says.0')))->toContain('pull the left front corner and the right rear corner')->toContain('A quick round presumes');
});

it('asks for the size of the bench only where it is used', function () {
    $this->putJson("/jobs/{$this->job->id}/bench", ['unit' => 'mm', 'length' => '', 'width' => '', 'pitch' => '2', 'travel' => '100', 'tolerance' => '1', 'clockwiseRaises' => true])->assertOk();
    benchRound(['kind' => 'level', 'way' => 'above', 'frontLeft' => '1', 'frontRight' => '2', 'rearLeft' => '3', 'rearRight' => '4'])->assertOk();
    expect(benchRound(['kind' => 'level', 'way' => 'slopes', 'front' => '0.1', 'rear' => '0.1', 'left' => '0', 'right' => '0'])->assertUnprocessable()->json('message'))->toContain('Enter both');
});

it('sets the vehicle, says when it may be tacked, and carries offsets and heights into the survey once', function () {
    setUpBench();
    $setting = ['kind' => 'set', 'frontStation' => '500', 'frontLeft' => '397', 'frontRight' => '403', 'frontLeftHeight' => '548', 'frontRightHeight' => '548', 'rearStation' => '4500', 'rearLeft' => '400', 'rearRight' => '400', 'rearLeftHeight' => '548', 'rearRightHeight' => '548', 'frontLeftPoint' => 'AL', 'frontRightPoint' => 'AR'];
    $round = benchRound($setting)->assertOk();
    expect(sentence($round->json('rounds.0.says.0')))->toBe('Not ready to tack: the front stands 3.0 mm to the right.')
        ->and((float) $round->json('rounds.0.supports.0.right'))->toBe(-3.0);
    $good = benchRound([...$setting, 'frontLeft' => '400', 'frontRight' => '400.5'])->assertOk();
    expect(sentence($good->json('rounds.1.says.0')))->toStartWith('Ready to tack');
    $id = $good->json('rounds.1.id');
    foreach ([1, 2] as $again) {
        $this->post("/jobs/{$this->job->id}/bench/rounds/$id/carry")->assertRedirect("/jobs/{$this->job->id}/surveys/before");
    }
    expect(Reading::where('client_id', 'like', 'bench-%')->orderBy('client_id')->pluck('value_mm', 'client_id')->all())->toBe([
        "bench-$id-front-Left-h" => 548.0, "bench-$id-front-Left-o" => -400.0, "bench-$id-front-Right-h" => 548.0, "bench-$id-front-Right-o" => 400.5,
    ]);
});

it('goes with the job file', function () {
    setUpBench();
    benchRound(['kind' => 'level', 'way' => 'above', 'frontLeft' => '1', 'frontRight' => '2', 'rearLeft' => '3', 'rearRight' => '4']);
    $copy = $this->jobFrom($this->user, (string) $this->get("/jobs/{$this->job->id}/file")->getContent());
    expect($copy->bench['length'])->toEqual(6000)
        ->and($copy->benchRounds)->toHaveCount(1)
        ->and($copy->benchRounds[0]->worst_mm)->toBe(3.0);
});

it('is looked at by an inspector and worked by a technician of the shop alone', function () {
    setUpBench();
    $this->actingAs($this->person(Role::Inspector));
    $this->get("/jobs/{$this->job->id}/bench")->assertOk();
    benchRound(['kind' => 'level'])->assertForbidden();
    $this->actingAs($this->person(Role::Owner, 'Another yard'));
    $this->get("/jobs/{$this->job->id}/bench")->assertForbidden();
    setUpBench()->assertForbidden();
    expect(BenchRound::count())->toBe(0);
});

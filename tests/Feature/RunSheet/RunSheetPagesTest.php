<?php

declare(strict_types=1);

use App\Models\LogEntry;
use App\Models\Role;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/run";
    $this->stretch = fn () => $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']]])->assertOk();
    $this->write = fn (string $step, string $kind = 'done', array $more = []) => $this->postJson("$this->at/log", ['clientId' => (string) Str::uuid(), 'step' => $step, 'kind' => $kind, 'isSeenTo' => true, ...$more]);
    $this->ids = fn (array $run): array => array_column($run['steps'], 'id');
});

describe('the order that a person wants', function () {
    beforeEach(fn () => ($this->stretch)());

    it('is kept where the rules allow it, and let go of again', function () {
        $before = ($this->ids)($this->get($this->at)->inertiaProps('run'));
        expect(array_search('safe', $before, true))->toBeLessThan(array_search('survey', $before, true));
        $run = $this->postJson("$this->at/order", ['first' => 'survey', 'then' => 'safe'])->assertOk()->json();
        expect(array_search('survey', ($this->ids)($run), true))->toBeLessThan(array_search('safe', ($this->ids)($run), true))
            ->and($run['arrows'][0]['thenTitle'])->toBe('Make the vehicle safe');
        expect(($this->ids)($this->deleteJson("$this->at/order", ['first' => 'survey', 'then' => 'safe'])->assertOk()->json()))->toBe($before);
    });

    it('is turned round by its opposite', function () {
        $this->postJson("$this->at/order", ['first' => 'safe', 'then' => 'survey'])->assertOk();
        expect($this->postJson("$this->at/order", ['first' => 'survey', 'then' => 'safe'])->assertOk()->json('arrows'))->toHaveCount(1);
    });

    it('that cannot be is explained in two sentences, and not kept', function () {
        $message = $this->postJson("$this->at/order", ['first' => 'op1-root', 'then' => 'op1-tack'])->assertStatus(422)->json('message');
        expect($message)->toContain('That cannot be.')->toContain('comes before')
            ->and(substr_count($message, 'comes before'))->toBe(2)
            ->and($this->get($this->at)->inertiaProps('run.arrows'))->toBe([]);
    });

    it('names steps that there are', function () {
        $this->postJson("$this->at/order", ['first' => 'gone', 'then' => 'safe'])->assertStatus(422);
        $this->postJson("$this->at/order", ['first' => 'safe', 'then' => 'safe'])->assertStatus(422);
        $this->actingAs($this->person(Role::Inspector))->postJson("$this->at/order", ['first' => 'safe', 'then' => 'survey'])->assertForbidden();
    });
});

describe('the page of welds', function () {
    it('of a job without a cut says so', function () {
        expect($this->get("$this->at/welds")->assertOk()->inertiaProps('welds.joints'))->toBe([]);
    });

    it('numbers every piece of both joints, with tacks and what it does', function () {
        ($this->stretch)();
        $joint = $this->get("$this->at/welds")->assertOk()->inertiaProps('welds.joints.0');
        expect($joint['school'])->toBe('balanced')
            ->and(array_column($joint['sequence'], 'number'))->toBe(range(1, count($joint['sequence'])))
            ->and(array_unique(array_column($joint['sequence'], 'edge')))->toContain('left rail, rear joint, web')
            ->and($joint['tacks'])->not->toBe([])
            ->and($joint['distortion'][0]['template'])->toContain('draws in about')
            ->and(count($joint['scores']))->toBe(5);
    });

    it('takes the parts of the joint that were taken', function () {
        ($this->stretch)();
        $plain = count($this->get("$this->at/welds")->inertiaProps('welds.joints.0.sequence'));
        $asked = collect($this->get("/jobs/{$this->job->id}/parts")->inertiaProps('parts.asked'))->first(fn (array $one): bool => str_contains($one['key'], 'sleeve-welded') || str_contains($one['key'], 'plate-welded'));
        $this->postJson("/jobs/{$this->job->id}/parts/take", ['key' => $asked['key']])->assertOk();
        $joint = $this->get("$this->at/welds")->inertiaProps('welds.joints.0');
        expect(count($joint['sequence']))->toBeGreaterThan($plain)
            ->and(array_intersect(array_column($joint['distortion'], 'code'), ['splice.outside', 'splice.room', 'splice.narrow', 'splice.closed']))->toHaveCount(1);
    });

    it('is welded by another school, held or free, and keeps it', function () {
        ($this->stretch)();
        $joint = $this->putJson("$this->at/welds", ['operation' => 'op1', 'school' => 'opposite', 'isHeld' => false, 'isTurned' => false])->assertOk()->json('joints.0');
        expect($joint['school'])->toBe('opposite')
            ->and($joint['isHeld'])->toBeFalse()
            ->and($joint['sequence'][0]['edge'])->toContain('left')
            ->and($joint['sequence'][1]['edge'])->toContain('right')
            ->and($this->get("$this->at/welds")->inertiaProps('welds.joints.0.school'))->toBe('opposite');
    });

    it('refuses a school that nobody teaches, and a joint that is not planned', function () {
        ($this->stretch)();
        $this->putJson("$this->at/welds", ['operation' => 'op1', 'school' => 'by-feel', 'isHeld' => true, 'isTurned' => true])->assertStatus(422);
        $this->putJson("$this->at/welds", ['operation' => 'op9', 'school' => 'opposite', 'isHeld' => true, 'isTurned' => true])->assertStatus(422);
        $this->actingAs($this->person(Role::Inspector))->putJson("$this->at/welds", ['operation' => 'op1', 'school' => 'opposite', 'isHeld' => true, 'isTurned' => true])->assertForbidden();
    });
});

describe('the strip list', function () {
    it('knows what crosses a cut, takes more, and numbers its bags', function () {
        ($this->stretch)();
        $planned = $this->get("$this->at/strip")->assertOk()->inertiaProps('strip.items');
        $items = $this->postJson("$this->at/strip", ['what' => 'Mudguards'])->assertOk()->json('items');
        expect($planned)->not->toBe([])
            ->and(array_column($items, 'bag'))->toBe(range(1, count($planned) + 1))
            ->and($items[count($planned)])->toMatchArray(['what' => 'Mudguards', 'isOwn' => true, 'isOut' => false]);
    });

    it('makes a step out and a step back, in reverse', function () {
        $this->postJson("$this->at/strip", ['what' => 'Mudguards'])->assertOk();
        $this->postJson("$this->at/strip", ['what' => 'Battery box'])->assertOk();
        $titles = array_column($this->get($this->at)->inertiaProps('run.steps'), 'title');
        $place = fn (string $title): int => (int) array_search($title, $titles, true);
        expect($titles)->toContain('Out of the way of the heat: Mudguards, bag 1')
            ->and($place('Back, longer or shorter: Battery box, bag 2'))->toBeLessThan($place('Back, longer or shorter: Mudguards, bag 1'));
    });

    it('says what is out and what is back, and lets go of what a person put in', function () {
        $this->postJson("$this->at/strip", ['what' => 'Mudguards'])->assertOk();
        $out = collect($this->get($this->at)->inertiaProps('run.steps'))->firstWhere('title', 'Out of the way of the heat: Mudguards, bag 1');
        ($this->write)($out['id'])->assertOk();
        expect($this->get("$this->at/strip")->inertiaProps('strip.items.0.isOut'))->toBeTrue()
            ->and($this->deleteJson("$this->at/strip", ['what' => 'Mudguards'])->assertOk()->json('items'))->toBe([])
            ->and(LogEntry::query()->count())->toBe(1);
    });

    it('refuses nothing at all', function () {
        $this->postJson("$this->at/strip", ['what' => ''])->assertStatus(422);
        $this->postJson("$this->at/coatings", ['place' => 'Inside', 'what' => ''])->assertStatus(422);
    });
});

it('maps what is coated with what, and what closes it', function () {
    ($this->stretch)();
    $coatings = $this->postJson("$this->at/coatings", ['place' => 'Outside', 'what' => 'zinc primer', 'closed' => 'the body goes on'])->assertOk()->json('coatings');
    expect($coatings)->toHaveCount(2)
        ->and($coatings[0])->toMatchArray(['place' => 'inside of the rail, op1', 'isCoated' => false, 'isOwn' => false])
        ->and($coatings[1]['what'])->toBe('zinc primer')
        ->and($this->deleteJson("$this->at/coatings", ['place' => 'Outside'])->assertOk()->json('coatings'))->toHaveCount(1);
});

describe('what the work taught', function () {
    it('shows every cut of the shop, and which of them is learnt from', function () {
        ($this->stretch)();
        $target = collect($this->get($this->at)->inertiaProps('run.steps'))->firstWhere('id', 'op1-tack')['hold']['target'];
        ($this->write)('op1-tack', 'done', ['unit' => 'mm', 'reading' => (string) $target])->assertOk();
        ($this->write)('op1-weld', 'done', ['unit' => 'mm', 'reading' => (string) ($target - 0.6)])->assertOk();
        $case = $this->get("$this->at/book")->assertOk()->inertiaProps('book.cases.0');
        expect($case['drewIn'])->toEqualWithDelta(0.6, 1e-6)
            ->and($case['isRecorded'])->toBeFalse()
            ->and($case['kind'])->toBe('insert, butt')
            ->and($case['planned'])->toEqualWithDelta($target, 1e-6);
    });

    it('takes no sister for a stage of the work', function () {
        $this->postJson("/jobs/{$this->job->id}/surveys", ['name' => 'Sister vehicle', 'stage' => 'sister'])->assertRedirect();
        $this->postJson("/jobs/{$this->job->id}/surveys", ['name' => 'Cold', 'stage' => 'after'])->assertRedirect();
        expect($this->job->refresh()->ownSurveys()->map(fn (App\Models\Survey $one): string => $one->stage)->all())->toBe(['before', 'after'])
            ->and($this->get("$this->at/book")->assertOk()->inertiaProps('book.movement.surveys'))->not->toContain('Sister vehicle');
    });

    it('splits what moved by survey', function () {
        $movement = $this->get("$this->at/book")->inertiaProps('book.movement');
        expect($movement['surveys'])->toHaveCount(count($movement['surveys']))
            ->and($movement['rows'])->toBeArray();
    });
});

it('keeps sheets of fasteners and fillers with the job', function (string $page, string $tool, array $values) {
    $this->get("/jobs/{$this->job->id}/gear/$page")->assertOk()->assertInertia(fn ($shown) => $shown->component('jobs/gear')->where('gear.isOfRunSheet', true));
    $sheets = collect($this->postJson("/jobs/{$this->job->id}/gear", ['tool' => $tool, 'title' => 'Rear hanger', 'unit' => 'mm', 'values' => $values])->assertOk()->json('tools'))->firstWhere('tool.name', $tool)['sheets'];
    expect($sheets)->toHaveCount(1)->and($sheets[0]['title'])->toBe('Rear hanger');
})->with([
    ['fasteners', 'torque', ['size' => '12', 'class' => '10.9', 'condition' => 'dry']],
    ['fasteners', 'fit-forecast', ['firstSigma' => '0.4', 'secondSigma' => '0.4', 'play' => '1', 'holes' => [['id' => 'a', 'at' => ['0', '0']], ['id' => 'b', 'at' => ['300', '0']]]]],
    ['welding', 'duty', ['ratings' => [['current' => '200', 'duty' => '30']], 'current' => '165']],
]);

it('puts what its sheets of fasteners say among the steps', function () {
    ($this->stretch)();
    $this->postJson("/jobs/{$this->job->id}/gear", ['tool' => 'torque', 'title' => 'Rear hanger', 'unit' => 'mm', 'values' => ['size' => '12', 'class' => '10.9', 'condition' => 'dry']])->assertOk();
    $this->postJson("/jobs/{$this->job->id}/gear", ['tool' => 'fit-forecast', 'title' => 'Hanger holes', 'unit' => 'mm', 'values' => ['firstSigma' => '0.4', 'secondSigma' => '0.4', 'play' => '1', 'holes' => [['id' => 'a', 'at' => ['0', '0']], ['id' => 'b', 'at' => ['300', '0']], ['id' => 'c', 'at' => ['300', '200']], ['id' => 'd', 'at' => ['0', '200']]]]])->assertOk();
    $titles = array_column($this->get($this->at)->inertiaProps('run.steps'), 'title');
    $torque = array_search('Rear hanger: draw up to 126 N·m, dry, and mark', $titles, true);
    $drill = array_key_first(array_filter($titles, fn (string $one): bool => str_starts_with($one, 'Hanger holes: match-drill')));
    expect($torque)->not->toBeFalse()
        ->and($drill)->not->toBeNull()
        ->and($drill)->toBeLessThan($torque);
});

it('costs what its steps and its filler cost, and tells what was timed', function () {
    ($this->stretch)();
    $this->postJson("/jobs/{$this->job->id}/gear", ['tool' => 'consumables', 'title' => 'Joint', 'unit' => 'mm', 'values' => ['process' => 'mag', 'welds' => [['kind' => 'fillet', 'leg' => '5', 'length' => '3000']], 'wire' => ['diameter' => '0.9', 'feed' => '6'], 'rates' => ['filler' => '4.5', 'gas' => '22', 'labour' => '70']]])->assertOk();
    $cost = $this->get("$this->at/book")->inertiaProps('book.cost');
    expect($cost['rate'])->toEqual(70)
        ->and($cost['filler'])->toBeGreaterThan(1.0)->toBeLessThan(10.0)
        ->and($cost['labour'])->toBeGreaterThan(300.0)
        ->and($cost['taken'])->toEqual(0);
});

it('adds up how long the arc was on, and what the machine allows', function () {
    ($this->stretch)();
    foreach (range(1, 2) as $i) {
        ($this->write)('op1-root', 'run', ['unit' => 'mm', 'zone' => 'left-front-web', 'run' => ['process' => 'mag', 'voltage' => '20.5', 'current' => '165', 'length' => '60', 'seconds' => '30']])->assertOk();
    }
    expect($this->get($this->at)->inertiaProps('run.arc'))->toEqual(['minutes' => 1, 'allowed' => null]);
    $this->postJson("/jobs/{$this->job->id}/gear", ['tool' => 'duty', 'title' => 'The welder', 'unit' => 'mm', 'values' => ['ratings' => [['current' => '200', 'duty' => '30']], 'current' => '165']])->assertOk();
    expect($this->get($this->at)->inertiaProps('run.arc.allowed'))->toEqualWithDelta(4.41, 0.01);
    $this->travel(11)->minutes();
    expect($this->get($this->at)->inertiaProps('run.arc.minutes'))->toEqual(0);
});

<?php

declare(strict_types=1);

use App\Models\Role;
use Geodex\Core\Calculators\Calculators;

beforeEach(function () {
    $this->actingAs($this->person(Role::Inspector));
});

it('lists every calculator of core, and shows a page of each', function () {
    $this->get('/tools')->assertOk()->assertInertia(fn ($page) => $page->component('tools/index')->has('tools', count(Calculators::all()))->where('tools.0.name', 'square-check'));
    foreach (Calculators::all() as $tool) {
        $this->get('/tools/'.$tool::name())->assertOk()->assertInertia(fn ($page) => $page->component('tools/tool')->where('tool.title', $tool::title())->has('tool.fields', count($tool::fields())));
    }
    $this->get('/tools/guess')->assertNotFound();
    $this->get('/calculator')->assertRedirect('/tools/square-check');
});

it('says in words whether a panel is square, from what was typed in inches', function () {
    $this->postJson('/tools/square-check', ['unit' => 'in', 'values' => ['diagonalA' => '85 1/8', 'diagonalB' => '84 1/2', 'length' => '78 3/4', 'width' => '']])->assertOk()
        ->assertJsonPath('square', false)->assertJsonPath('text', fn (array $text): bool => str_contains(sentence($text), 'The right rail sits'));
});

it('names each field that is missing or wrong, groups too', function () {
    $paths = fn (string $tool, array $values): array => array_column($this->postJson("/tools/$tool", ['unit' => 'mm', 'values' => $values])->assertUnprocessable()->json('problems'), 'path');
    expect($paths('square-check', ['diagonalA' => '2154', 'more' => 1]))->toBe(['more', 'diagonalB', 'length'])
        ->and($paths('support-twist', ['heights' => ['frontLeft' => 'x', 'frontRight' => '1', 'rearLeft' => '2', 'rearRight' => '3'], 'frontWidth' => '0', 'rearWidth' => '800']))->toBe(['heights.frontLeft', 'frontWidth'])
        ->and($paths('heat-input', ['process' => 'mag', 'voltage' => '20', 'current' => '-5', 'speed' => '300']))->toBe(['current']);
});

it('refuses what is no panel in the words of core', function () {
    $this->postJson('/tools/square-check', ['unit' => 'mm', 'values' => ['diagonalA' => '9000', 'diagonalB' => '2000', 'length' => '2000']])->assertUnprocessable()->assertJsonPath('code', 'bench.lengths-do-not-close');
    $this->postJson('/tools/square-check', ['unit' => 'mm'])->assertUnprocessable();
});

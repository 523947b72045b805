<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Models\PracticeRun;
use App\Models\Role;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\Field;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Settings\ShopDefaults;
use Geodex\Core\Simulation\RandomSource;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Route;

const NONSENSE = [
    'nothing' => null, 'an empty text' => '', 'a long text' => 'x y z', 'a number' => -1e30, 'a list' => [1, [2, [3]]], 'a shape' => ['id' => ['x' => 1], 'points' => 'y', 'unit' => 5], 'a truth' => true,
    'a script' => '"><script>alert(1)</script>', 'other digits' => '٣٤٥ mm', 'a null byte' => "a\u{0}b", 'almost nothing' => 1e-7, 'a line break' => "AL\n", 'no number' => 'NaN', 'halves of a letter' => "\u{FFFD}\u{202E}",
];

/** What is declared as fields in core, filled with one thing. @return array<string, mixed> */
function declared(callable $with): array
{
    $filled = fn (array $fields): array => array_combine(array_map(fn (Field $field): string => $field->name, $fields), array_map(fn (): mixed => $with(), $fields));
    $operations = array_map(fn (string $class): array => ['id' => 'op-'.$class::kind(), 'kind' => $class::kind(), ...$filled($class::fields())], OperationKinds::all());
    $tools = array_merge(...array_map(fn (string $class): array => $filled($class::fields()), Calculators::all()));

    return ['operations' => $operations, 'values' => [...$filled(array_map(fn ($default): Field => $default->field, array_values(ShopDefaults::all()))), ...$tools]];
}

/** Fields that a route takes: those of its form request, and those that its controller reads by itself. @return list<string> */
function fieldsOf(OneRoute $route): array
{
    $fields = ['id', 'kind', 'points', 'fields', 'file'];
    [$class, $method] = [...explode('@', $route->getActionName()), '__invoke'];
    if ($class === 'Closure' || ! method_exists($class, $method)) {
        return $fields;
    }
    $action = new ReflectionMethod($class, $method);
    foreach ($action->getParameters() as $parameter) {
        $type = $parameter->getType();
        $request = $type instanceof ReflectionNamedType && is_subclass_of($type->getName(), FormRequest::class) ? $type->getName() : null;
        if ($request !== null) {
            $source = (string) file_get_contents((string) (new ReflectionClass($request))->getFileName());
            preg_match_all("/'([A-Za-z_]\w*)(?:\.[^']*)?' => \[/", $source, $found);
            preg_match_all("/(?:input|string|integer|boolean|array)\('(\w+)'\)/", $source, $read);
            array_push($fields, ...$found[1], ...$read[1]);
        }
    }
    $lines = array_slice((array) file((string) $action->getFileName()), $action->getStartLine() - 1, $action->getEndLine() - $action->getStartLine() + 1);
    preg_match_all("/'(\w+)' => \['|(?:integer|boolean|input|string|text)\((?:\\\$request, )?'(\w+)'/", implode('', $lines), $read);

    return array_values(array_unique(array_filter([...$fields, ...$read[1], ...$read[2]])));
}

/** @return list<array{string, string, list<string>}> method, address and fields of every route that takes something, or shows something */
function doors(string $with): array
{
    $doors = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $method = array_values(array_intersect($route->methods(), ['POST', 'PUT', 'DELETE', 'GET']))[0] ?? 'GET';
        $shut = in_array($route->getName(), ['logout', 'login.store', 'hand-over.pdf'], true) || str_starts_with($route->uri(), 'instrument/') || preg_match('/^(storage|_|\/$)/', $route->uri());
        if (! $shut && ($with === '' || $method === $with || ($with === 'WRITE' && $method !== 'GET'))) {
            $doors[] = [$method, '/'.ltrim($route->uri(), '/'), fieldsOf($route)];
        }
    }

    return $doors;
}

beforeEach(function () {
    $this->user = $this->person();
    $this->owner = $this->person(Role::Owner);
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
    $tool = Instrument::create(['workshop_id' => $this->user->workshop_id, 'name' => 'Tape', 'kind' => 'tape']);
    $run = PracticeRun::create(['user_id' => $this->user->id, 'seed' => 3, 'level' => 'apprentice', 'readings' => []]);
    $this->with = ['{job}' => $this->job->id, '{survey}' => 'before', '{reading}' => 'r37', '{instrument}' => $tool->id, '{run}' => $run->id, '{round}' => 1, '{since}' => 'before'];
    $this->knock = function (string $method, string $uri, array $body): void {
        $this->actingAs(str_contains($uri, 'workshop') ? $this->owner : $this->user);
        $began = microtime(true);
        $url = strtr($uri, $this->with).($method === 'GET' ? '?'.http_build_query($body) : '');
        $answer = $method === 'GET' ? $this->get($url) : $this->json($method, $url, $body);
        $this->slowest = max($this->slowest ?? 0.0, microtime(true) - $began);
        $this->answers[$answer->getStatusCode()] = ($this->answers[$answer->getStatusCode()] ?? 0) + 1;
        if ($answer->getStatusCode() >= 500) {
            $this->broken[] = "$method $uri ".json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR).': '.($answer->exception?->getMessage() ?? '');
        }
    };
    $this->stillOpen = function (): void {
        expect(array_slice($this->broken ?? [], 0, 20))->toBe([]);
        $this->actingAs($this->user);
        $this->get('/jobs')->assertOk();
        $this->get("/jobs/{$this->job->id}/surveys/before")->assertOk();
    };
});

it('finds the fields of every door', function () {
    $doors = collect(doors('WRITE'))->mapWithKeys(fn (array $door): array => ["$door[0] $door[1]" => $door[2]]);
    expect($doors->count())->toBeGreaterThan(25)
        ->and($doors['POST /jobs/{job}/surveys/{survey}/readings'])->toContain('call', 'unit', 'supersedes', 'instrument')
        ->and($doors['PUT /workshop'])->toContain('inchDenominator', 'values')
        ->and($doors['PUT /jobs/{job}/archive'])->toContain('aside');
});

it('breaks on no form filled with nonsense, and says what is wrong', function (mixed $nonsense) {
    foreach (doors('WRITE') as [$method, $uri, $fields]) {
        ($this->knock)($method, $uri, array_fill_keys($fields, is_string($nonsense) && strlen($nonsense) === 5 ? str_repeat($nonsense, 2000) : $nonsense));
    }
    foreach (doors('WRITE') as [$method, $uri, $fields]) {
        $inside = array_intersect_key(declared(fn (): mixed => $nonsense), array_flip($fields));
        if ($inside !== []) {
            ($this->knock)($method, $uri, ['unit' => 'mm', 'inchDenominator' => 32, 'hidesExpected' => false, ...$inside]);
        }
    }
    foreach (doors('GET') as [, $uri, $fields]) {
        ($this->knock)('GET', $uri, array_fill_keys([...$fields, 'first', 'second', 'present', 'since', 'archived'], $nonsense));
    }
    ($this->stillOpen)();
})->with(array_map(fn (mixed $one): array => [$one], NONSENSE));

it('breaks on no request made up of what people and machines send (seeded; HOSTILE=10000 for the figure in docs/reliability.md)', function () {
    $random = new RandomSource(7);
    $doors = doors('');
    $sane = [
        'call' => ['AL BR 1204', 'h AL 500', 'a AL BL BR 90', 'AL AL 5', 'AL BR 0', 'AL BR 1e9', 'l AL AR 59', 'AL BR 1204 @0,2999', "AL BR 5'6\"", 'x AL -20000', 'AL BR 1204 near'],
        'unit' => ['mm', 'in', 'ft'],
        'units' => ['mm', 'in'],
        'kind' => ['tram', 'level', 'square', 'set', 'tape', 'chart', 'sister'],
        'stage' => ['before', 'tack', 'sister'],
        'code' => ['tack', 'Tack', 'second'],
        'choice' => ['in', 'out', 'tested'],
        'point' => ['AL', 'ZZ'],
        'reading' => ['tram AL BR'],
        'points' => [['AL', 'BR'], ['AL'], [['id' => 'AL', 'x' => '1', 'y' => '2', 'z' => '3']]],
        'level' => ['master', 'apprentice'],
    ];
    $requests = (int) (getenv('HOSTILE') ?: 250);
    for ($i = 0; $i < $requests; $i++) {
        [$method, $uri, $fields] = $random->pick($doors);
        $body = [];
        foreach ($fields as $field) {
            $body[$field] = match ($random->whole(0, 3)) {
                0 => $random->pick(array_values(NONSENSE)),
                1 => $random->pick($sane[$field] ?? ['12 mm', '500', '3', 'before', true]),
                2 => (string) $random->between(-5000, 5000),
                default => $random->pick(['', '1e400', '0x1F', '-0', '999999999999', str_repeat('9', 50), ['a' => ['b' => ['c' => 1]]], 0.1 + 0.2]),
            };
        }
        if ($random->share() < 0.5) {
            $body = [...$body, 'unit' => 'mm', ...array_intersect_key(declared(fn (): mixed => $random->pick([...array_values(NONSENSE), '500', '-0', '1e400', 3, 0.5])), array_flip($fields))];
        }
        ($this->knock)($method, $uri, array_filter($body, fn (): bool => $random->share() < 0.85));
    }
    ($this->stillOpen)();
    if (getenv('HOSTILE') !== false) {
        fwrite(STDERR, sprintf("%d requests, slowest %.2f s, answers %s\n", $requests, $this->slowest, json_encode($this->answers)));
    }
});

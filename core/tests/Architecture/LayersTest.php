<?php

declare(strict_types=1);

/** Each folder of core may use only those before it. */
const LAYERS = ['Failure', 'Units', 'Words', 'Geometry', 'Fields', 'Shop', 'LinearAlgebra', 'Frame', 'Bench', 'Survey', 'Reference', 'Findings', 'Structure', 'Chassis', 'Plan', 'Driveline', 'Calculators', 'Parts', 'RunSheet', 'Settings', 'Simulation', 'JobFile', 'Cli'];

/** @return array<string, list<string>> used namespaces by file */
function usesIn(string $folder): array
{
    $uses = [];
    $files = new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/src/$folder")), '/\.php$/');
    foreach ($files as $file) {
        preg_match_all('/^use (?:function )?([\w\\\\]+)/m', (string) file_get_contents((string) $file), $found);
        $uses[(string) $file] = $found[1];
    }

    return $uses;
}

it('has no folder outside the list', function () {
    $folders = array_map(basename(...), glob(dirname(__DIR__, 2).'/src/*', GLOB_ONLYDIR));
    expect($folders)->toEqualCanonicalizing(LAYERS);
});

it('looks only upwards in the list', function (string $folder) {
    expect(usesIn($folder))->not->toBe([]);
    $allowed = array_slice(LAYERS, 0, 1 + array_search($folder, LAYERS, true));
    foreach (usesIn($folder) as $file => $uses) {
        foreach ($uses as $use) {
            $layer = str_starts_with($use, 'Geodex\\Core\\') ? explode('\\', $use)[2] : null;
            expect($layer === null || in_array($layer, $allowed, true))->toBeTrue("$file uses $use");
        }
    }
})->with(LAYERS);

it('knows no framework, application, clock or environment', function (string $folder) {
    foreach (usesIn($folder) as $file => $uses) {
        foreach ($uses as $use) {
            expect(preg_match('/^(Geodex\\\\Core|Brick\\\\Math|Opis\\\\JsonSchema'.($folder === 'Cli' ? '|Symfony\\\\Component\\\\Console' : '').')\\\\/', $use))->toBe(1, "$file uses $use");
        }
        $code = (string) file_get_contents($file);
        // The budget of a computation is the one thing in core that looks at a clock.
        if ($folder !== 'Cli' && basename($file) !== 'Budget.php') {
            expect(preg_match('/\b(time|microtime|date|getenv|rand|mt_rand|random_int|file_put_contents)\(/', $code))->toBe(0, "$file");
        }
        expect($code)->toContain('declare(strict_types=1);');
    }
})->with(LAYERS);

it('keeps its classes small', function () {
    foreach (LAYERS as $folder) {
        foreach (array_keys(usesIn($folder)) as $file) {
            expect(count((array) file($file)))->toBeLessThan(320, $file);
        }
    }
});

it('has no two helpers of one name in its tests, which PHP would refuse to load together', function () {
    $names = [];
    foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__))), '/Test\.php$/') as $file) {
        preg_match_all('/^ *function (\w+)\(/m', (string) file_get_contents((string) $file), $found);
        array_push($names, ...$found[1]);
    }
    expect(array_keys(array_filter(array_count_values($names), fn (int $times): bool => $times > 1)))->toBe([]);
});

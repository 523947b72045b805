<?php

declare(strict_types=1);

/** Files of a folder of the application that name something of another. @return list<string> */
function leaning(string $folder, string $on): array
{
    $files = new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path($folder))), '/\.php$/');
    $found = [];
    foreach ($files as $file) {
        if (preg_match('/^use '.preg_quote($on, '/').'/m', (string) file_get_contents((string) $file))) {
            $found[] = basename((string) $file);
        }
    }

    return $found;
}

it('keeps what is done apart from how it is shown', function (string $folder, string $on) {
    expect(leaning($folder, $on))->toBe([]);
})->with([
    'actions know no props' => ['Actions', 'App\Http'],
    'models know no props' => ['Models', 'App\Http'],
    'documents know no props' => ['Documents', 'App\Http'],
    'imports know no props' => ['Import', 'App\Http'],
    'models do nothing' => ['Models', 'App\Actions'],
    'props store nothing' => ['Http/Props', 'Illuminate\Support\Facades\Cache'],
    'stages know no props' => ['Stages', 'App\Http\Props'],
    'requests store nothing' => ['Http/Requests', 'App\Actions'],
]);

it('lets nobody else ask a kind of reading for its class', function () {
    foreach (['Http', 'Actions', 'Documents', 'Import', 'Report'] as $folder) {
        expect(leaning($folder, 'Geodex\Core\Survey\Reading\TramReading'))->toBe([]);
    }
});

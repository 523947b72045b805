<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Failure\Refusal;

/**
 * A document with some of its values put to nonsense.
 *
 * @param  array<mixed>  $document
 * @return array<mixed>
 */
function spoilt(array $document, array $nonsense): array
{
    foreach ($document as $key => $value) {
        $document[$key] = match (true) {
            mt_rand(0, 9) === 0 => $nonsense[mt_rand(0, count($nonsense) - 1)],
            is_array($value) => spoilt($value, $nonsense),
            default => $value,
        };
    }

    return $document;
}

it('answers spoilt input with finite numbers or with a refusal, never with anything else', function (string $file) {
    mt_srand(20261126);
    $case = json_decode((string) file_get_contents($file), true);
    for ($i = 0; $i < 60; $i++) {
        $given = spoilt($case['input'], [0, -1, 1, 1e9, -1e9, 1e-300, 0.5, null, true, 'x', '3 in', [], [1, 2], ['id' => 'a'], 90, NAN, 1e308]);
        try {
            $result = Calculators::run($case['tool'], $given);
            array_walk_recursive($result, fn (mixed $one) => is_float($one) && expect(is_finite($one))->toBeTrue($case['tool']));
        } catch (Refusal $refusal) {
            expect($refusal->getMessage())->not->toBe('');
        }
    }
})->with(fn (): array => glob(dirname(__DIR__).'/cases/calc/*.json'));

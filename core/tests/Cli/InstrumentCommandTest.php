<?php

declare(strict_types=1);

use Geodex\Core\Cli\HttpLines;
use Geodex\Core\Cli\InstrumentCommand;
use Geodex\Core\Cli\UnusableCall;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Tests\Support\InstrumentServer;
use Geodex\Core\Tests\Support\Readings;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;

/** @return list<array<string, mixed>> what the stand-in says it handed over */
function standIn(InstrumentServer $server, array $options = []): array
{
    $given = ['--url' => $server->url, '--token' => 'good', '--wait' => '0', '--misreads' => '0', ...$options];
    $out = new BufferedOutput;
    (new InstrumentCommand)->run(new ArrayInput($given), $out);

    return array_map(fn (string $line): array => json_decode($line, true), array_filter(explode("\n", $out->fetch())));
}

const WANTED = [
    ['id' => 'w-1', 'kind' => 'tram', 'from' => 'AL', 'to' => 'FR', 'number' => 1],
    ['id' => 'w-2', 'kind' => 'height', 'point' => 'FL', 'number' => 2],
];

beforeEach(function () {
    $this->server = new InstrumentServer(Readings::ladder(6));
});

afterEach(function () {
    unset($this->server);
});

it('reads what is wanted off its hidden frame and hands it over, wanted id and all', function () {
    $this->server->wants(WANTED);
    $said = standIn($this->server, ['--slop' => '0', '--damage' => 'rear-sidesway=20']);
    $at = Readings::truth(Readings::ladder(6));
    expect(array_column($this->server->sent(), 'id'))->toBe(['w-1', 'w-2'])->and($this->server->sent()[0]['unit'])->toBe('mm')
        ->and($said[0]['answer'])->toBe(['id' => 'w-1', 'stored' => true])->and($said[1]['points'])->toBe(['FL'])
        // The rear stands 20 mm further right than the chart has it, so that the diagonal to it is longer.
        ->and($said[0]['value'])->toBeGreaterThan($at['AL']->minus($at['FR'])->norm() + 2.0)
        ->and($said[1]['value'])->toEqualWithDelta($at['FL']->z, 1.0);
});

it('reads the same again from the same seed, another way from another', function () {
    $read = function (string $seed): array {
        $this->server->wants(WANTED);

        return array_column(standIn($this->server, ['--seed' => $seed, '--slop' => '3']), 'value');
    };
    expect($read('5'))->toBe($read('5'))->not->toBe($read('6'));
});

it('stops at its count, and when nothing more is wanted', function () {
    $this->server->wants(WANTED);
    expect(standIn($this->server, ['--count' => '1']))->toHaveCount(1)
        ->and(standIn($this->server))->toBe([]);
});

it('says in words why the server does not take it', function (int $status, string $says) {
    $this->server->answersOnly($status);
    expect(fn () => standIn($this->server))->toThrow(UnusableCall::class, $says);
})->with([
    [401, 'does not know this token'],
    [409, 'choose it in the survey on screen'],
    [500, 'the server answered 500'],
]);

it('needs a frame to hide: all points on the chart', function () {
    $bare = new InstrumentServer(new Frame(array_map(fn (Point $point): Point => $point->at(null, null, $point->base), Readings::ladder(3)->points)));
    expect(fn () => standIn($bare))->toThrow(UnusableCall::class, 'no chart position for AL');
});

it('refuses options beyond reason', function (array $options, string $says) {
    expect(fn () => standIn($this->server, $options))->toThrow(UnusableCall::class, $says);
})->with([
    [['--misreads' => '2'], '--misreads takes a number from 0 to 1'],
    [['--slop' => '-1'], '--slop takes a number from 0 to 20'],
    [['--count' => '0'], '--count takes a whole number from 1'], [['--token' => 'wrong'], 'does not know this token'],
]);

describe('JSON lines over HTTP', function () {
    it('leave out what is no JSON, and keep the rest', function () {
        file_put_contents($file = tempnam(sys_get_temp_dir(), 'lines'), "{\"a\":1}\nnonsense\n\n[1,2]\n\"text\"\n");
        [, $lines] = (new HttpLines)->send('GET', "file://$file", 'good', []);
        unlink($file);
        expect($lines)->toBe([['a' => 1], [1, 2]]);
    });

    it('say with 0 that nobody answers', function () {
        expect((new HttpLines)->send('GET', 'http://127.0.0.1:9/instrument/wanted', 'good', []))->toBe([0, []]);
    });
});

<?php

declare(strict_types=1);

use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Units\LengthUnit;

describe('every registered kind', function () {
    it('has a name and a letter of its own', function () {
        $letters = array_map(fn (string $kind): string => $kind::letter(), ReadingKinds::all());
        expect(array_unique(ReadingKinds::names()))->toBe(ReadingKinds::names())
            ->and(array_unique($letters))->toBe($letters);
    });

    it('is one that the job file knows, with the roles of its points as keys', function (string $name) {
        $reading = json_decode((string) file_get_contents(dirname(__DIR__, 4).'/docs/job-file.schema.json'), true)['$defs']['reading']['properties'];
        expect($reading['kind']['enum'])->toBe(ReadingKinds::names());
        foreach (ReadingKinds::named($name)::roles() as $role) {
            expect($reading)->toHaveKey($role);
        }
    })->with(ReadingKinds::names());

    it('is called as its example says', function (string $name) {
        $kind = ReadingKinds::named($name);
        $called = (new CallReader(Readings::ladder(4)))->read($kind::example(), LengthUnit::Millimetre);
        expect($called->kind::name())->toBe($name)
            ->and($called->kind->points())->toHaveCount(count($kind::roles()))
            ->and($kind::label())->not->toBe('')
            ->and($kind::word())->toMatch('/^[A-Z][a-z]+$/');
    })->with(ReadingKinds::names());

    it('is laid to other points as the same tool', function (string $name) {
        $kind = ReadingKinds::named($name);
        $points = array_slice(['A', 'B', 'C'], 0, count($kind::roles()));
        $other = array_slice(['D', 'E', 'F'], 0, count($kind::roles()));
        $read = $kind::between($points, $kind::hasPointers() ? [100.0, 250.0] : null);
        expect($read->at($other)->points())->toBe($other)->and($read->at($other)->pointers())->toBe($read->pointers())
            ->and($read->at($points)->repeatKey())->toBe($read->repeatKey())->and($read->at($other)->key())->not->toBe($read->key());
    })->with(ReadingKinds::names());

    it('moves with the frame on the bench or not, as it says', function (string $name) {
        $kind = ReadingKinds::named($name);
        $at = Readings::truth(Readings::ladder(3));
        $points = array_slice(['AL', 'BR', 'CL'], 0, count($kind::roles()));
        $turned = array_map(fn ($p) => \Geodex\Core\Geometry\Vector3::of($p->x * cos(0.1) - $p->z * sin(0.1) + 40, $p->y + 60, $p->x * sin(0.1) + $p->z * cos(0.1) + 25), $at);
        $difference = abs($kind::between($points, null)->linearise($at)->predicted - $kind::between($points, null)->linearise($turned)->predicted);
        expect($difference > 1e-6)->toBe($kind::seesBench());
    })->with(ReadingKinds::names());
});

it('holds a point by an angle where a length is missing', function () {
    $frame = Readings::ladder(4);
    $truth = Readings::truth($frame);
    $readings = array_values(array_filter(Readings::tour($truth), fn ($reading): bool => ! in_array('DR', $reading->kind->points(), true)));
    $held = [...$readings, Readings::true('tram CR DR', $truth), Readings::true('height DR', $truth), Readings::true('angle CL CR DR', $truth)];
    $point = (new SurveyComputer)->compute($frame, Readings::survey($held))->point('DR');
    expect($point->isDetermined())->toBeTrue()->and($point->deviation->norm())->toBeLessThan(1e-3)
        ->and((new SurveyComputer)->compute($frame, Readings::survey(array_slice($held, 0, -1)))->point('DR')->isDetermined())->toBeFalse();
});

it('asks for each point that an angle names', function () {
    expect(fn () => (new CallReader(Readings::ladder(4)))->read('a AL BL', LengthUnit::Millimetre))->toThrow(Geodex\Core\Failure\Refusal::class, 'needs a third point, such as “a AL BL BR 90”');
});

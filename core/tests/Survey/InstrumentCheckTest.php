<?php

declare(strict_types=1);

use Geodex\Core\Survey\Instrument\Instrument;
use Geodex\Core\Survey\Instrument\InstrumentCheck;
use Geodex\Core\Survey\Instrument\InstrumentKind;
use Geodex\Core\Survey\Instrument\UnusableInstrument;
use Geodex\Core\Tests\Support\Said;

/** Share of Student's distribution within ± t, by Simpson's rule over its density. */
function studentWithin(float $t, int $degrees): float
{
    $density = fn (float $x): float => (1 + $x * $x / $degrees) ** (-($degrees + 1) / 2);
    $integral = function (float $to) use ($density): float {
        $steps = 4000;
        $sum = $density(0.0) + $density($to);
        for ($i = 1; $i < $steps; $i++) {
            $sum += ($i % 2 === 1 ? 4 : 2) * $density($i * $to / $steps);
        }

        return $sum * $to / $steps / 3;
    };
    // Γ((ν + 1) / 2) / (√(νπ) Γ(ν / 2)), its gammas by Γ(a + 1) = a Γ(a).
    $gamma = function (float $a): float {
        for ($product = 1.0; $a > 1.25; $a--) {
            $product *= $a - 1;
        }

        return $product * ($a < 0.75 ? sqrt(M_PI) : 1.0);
    };

    return 2 * $integral($t) * $gamma(($degrees + 1) / 2) / (sqrt($degrees * M_PI) * $gamma($degrees / 2));
}

it('says how sure the offset is by Student, for three readings as for thirty-one', function (int $readings) {
    // Half read a millimetre too much and half too little, so that mean and spread are known: s² = n / (n − 1), for odd n with one in the middle.
    $read = array_map(fn (int $i): float => 1000.0 + [-1.0, 1.0][$i % 2], range(1, 2 * intdiv($readings, 2)));
    $read = $readings % 2 === 1 ? [...$read, 1000.0] : $read;
    $spread = sqrt(2 * intdiv($readings, 2) / ($readings - 1));
    $check = InstrumentCheck::of(1000.0, $read);
    $t = $check->offsetExpanded * sqrt($readings) / $spread;
    expect(studentWithin($t, $readings - 1))->toEqualWithDelta(0.95, 5e-5)
        ->and($check->sigma)->toEqualWithDelta($spread * sqrt(1 + 1 / $readings), 1e-12)
        ->and($check->readings)->toBe($readings);
})->with(range(3, 31));

it('keeps the factor of thirty degrees of freedom for more readings', function () {
    $read = array_map(fn (int $i): float => 1000.0 + [-1.0, 1.0][$i % 2], range(1, 60));
    expect(InstrumentCheck::of(1000.0, $read)->offsetExpanded * sqrt(60) / sqrt(60 / 59))->toEqualWithDelta(2.042, 1e-9);
});

it('takes a scale for no finer than a twentieth', function () {
    $check = InstrumentCheck::of(1000.0, [1000.0, 1000.0, 1000.0, 1000.0]);
    expect($check->sigma)->toEqualWithDelta(0.05 * sqrt(1.25), 1e-12)
        ->and($check->offsetExpanded)->toEqualWithDelta(0.05 * 3.182 / 2, 1e-12);
});

it('takes an offset off only where it is more than its uncertainty', function (float $off, bool $matters, float $offset) {
    // s = 1, three readings: ± 4.303 / √3 = 2.4844.
    $check = InstrumentCheck::of(500.0, [499.0 + $off, 500.0 + $off, 501.0 + $off]);
    expect($check->offsetMatters)->toBe($matters)->and($check->offset)->toEqualWithDelta($offset, 1e-9);
})->with([[2.48, false, 0.0], [2.49, true, 2.49], [-2.48, false, 0.0], [-2.49, true, -2.49]]);

it('says which way it reads wrong, and how good one reading is, in the unit of the tool', function () {
    expect(Said::mm(InstrumentCheck::of(1000.0, [996.9, 997.0, 997.1])->text))->toBe('It reads 3.00 ± 0.25 mm too little; that is taken off from now on. One reading is good to ± 0.23 mm.')
        ->and(Said::mm(InstrumentCheck::of(45.0, [45.3, 45.4, 45.5], '°')->text))->toBe('It reads 0.40 ± 0.25 ° too much; that is taken off from now on. One reading is good to ± 0.23 °.')
        ->and(Said::mm(InstrumentCheck::of(45.0, [44.9, 45.0, 45.1], '°')->text))->toBe('No offset to be seen (0.00 ± 0.25 °). One reading is good to ± 0.23 °.');
});

it('does not take readings a hundred millimetres off for the known length', function (float $off, bool $refused) {
    $check = fn () => InstrumentCheck::of(1000.0, [1000.0 + $off, 1000.0 + $off, 1000.0 + $off]);
    $refused
        ? expect($check)->toThrow(UnusableInstrument::class, sprintf('The readings lie about %.0f mm from the known length; is 1000 mm right, and the unit?', $off))
        : expect($check()->offset)->toEqualWithDelta($off, 1e-9);
})->with([[100.0, false], [-100.0, false], [101.0, true], [-101.0, true]]);

it('says with each refusal what it is about', function (callable $try, string $code, array $about) {
    try {
        $try();
    } catch (UnusableInstrument $refused) {
        expect($refused->errorCode())->toBe($code)->and($refused->context())->toBe($about);

        return;
    }
    $this->fail('It was taken.');
})->with([
    'two readings' => [fn () => InstrumentCheck::of(100.0, [100.0, 100.1]), 'instrument.too-few-readings', ['count' => 2]],
    'inches' => [fn () => InstrumentCheck::of(1000.0, [40.0, 40.0, 40.0]), 'instrument.far-off', ['mean' => 40.0, 'known' => 1000.0]],
    'no reach' => [fn () => new Instrument('bar', 'Bar', InstrumentKind::TramBar, 0.0), 'instrument.not-positive', ['what' => 'The reach of Bar']],
    'an endless reach' => [fn () => new Instrument('bar', 'Bar', InstrumentKind::TramBar, INF), 'instrument.not-positive', ['what' => 'The reach of Bar']],
    'a negative sigma' => [fn () => new Instrument('bar', 'Bar', InstrumentKind::TramBar, 2500.0, -0.5), 'instrument.not-positive', ['what' => 'The sigma of Bar']],
    'a level' => [fn () => (new Instrument('l', 'Long level', InstrumentKind::Level))->mustRead(Geodex\Core\Survey\Reading\TramReading::class), 'instrument.cannot-read', ['instrument' => 'Long level', 'kind' => 'tram']],
]);

it('takes nothing off a tool that was never checked, and has no limit where none is given', function () {
    $tape = new Instrument('tape', 'Tape', InstrumentKind::Tape);
    expect([$tape->offset, $tape->reach, $tape->sigma])->toBe([0.0, null, null]);
});

it('knows what each tool of the trade reads', function () {
    $reads = array_map(fn (InstrumentKind $kind): string => $kind->words().': '.implode(', ', $kind->reads()).($kind->readsAngles() ? ', in degrees' : ''), InstrumentKind::cases());
    expect($reads)->toBe([
        'tram bar: tram, plan',
        'tape: tram, plan, station, offset, height',
        'plumb bob: offset, station, plan',
        'height staff: height, rise',
        'level: slope, in degrees',
        'dial: ',
    ]);
});

<?php

declare(strict_types=1);

use Geodex\Core\Survey\Instrument\Instrument;
use Geodex\Core\Survey\Instrument\InstrumentCheck;
use Geodex\Core\Survey\Instrument\InstrumentKind;
use Geodex\Core\Survey\Instrument\UnusableInstrument;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\TramReading;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

it('finds offset and sigma from readings of a known length', function () {
    // Mean 1001.2, s = 0.158, t(4) = 2.776: offset 1.2 ± 0.196.
    $check = InstrumentCheck::of(1000.0, [1001.0, 1001.2, 1001.4, 1001.1, 1001.3]);
    expect($check->offset)->toEqualWithDelta(1.2, 1e-9)->and($check->offsetExpanded)->toEqualWithDelta(0.1963, 1e-3)
        ->and($check->sigma)->toEqualWithDelta(0.1581 * sqrt(1.2), 1e-3)->and($check->offsetMatters)->toBeTrue()->and(Said::mm($check->text))->toContain('It reads 1.20 ± 0.20 mm too much');
});

it('takes no offset off that the readings cannot show', function () {
    $check = InstrumentCheck::of(1000.0, [999.2, 1001.4, 1000.1, 999.8]);
    expect($check->offset)->toBe(0.0)
        ->and($check->offsetMatters)->toBeFalse()
        ->and(Said::mm($check->text))->toContain('No offset to be seen (0.13 ± ');
});

it('never believes a tool finer than its scale', function () {
    expect(InstrumentCheck::of(1000.0, [1000.0, 1000.0, 1000.0])->sigma)->toBeGreaterThan(0.05);
});

it('finds its own sigma and offset in about 95 of 100 checks (seed 7)', function () {
    $noise = Readings::noise(7, 0.8);
    $held = 0;
    for ($i = 0; $i < 400; $i++) {
        $read = array_map(fn (): float => 1500.0 + 0.9 + $noise(), range(1, 6));
        $check = InstrumentCheck::of(1500.0, $read);
        $held += abs(array_sum($read) / 6 - 1500.9) <= $check->offsetExpanded ? 1 : 0;
    }
    expect($held / 400)->toBeGreaterThan(0.92)->toBeLessThan(0.98);
});

it('refuses too few readings and readings of something else', function () {
    expect(fn () => InstrumentCheck::of(1000.0, [1000.0, 1001.0]))->toThrow(UnusableInstrument::class, 'at least three')
        ->and(fn () => InstrumentCheck::of(1000.0, [39.4, 39.4, 39.3]))->toThrow(UnusableInstrument::class, 'is 1000 mm right, and the unit');
});

it('asks for a check after a quarter of a year, and before the first use', function () {
    expect(Instrument::needsCheck(null))->toBeTrue()
        ->and(Instrument::needsCheck(90))->toBeFalse()
        ->and(Instrument::needsCheck(91))->toBeTrue();
});

it('takes only the readings of its kind', function () {
    $bar = new Instrument('bar', 'Long bar', InstrumentKind::TramBar, 2500.0, 0.7);
    $bar->mustRead(TramReading::class);
    expect(fn () => $bar->mustRead(HeightReading::class))->toThrow(UnusableInstrument::class, '“Long bar” is a tram bar and takes no height')
        ->and(fn () => new Instrument('bar', 'Bar', InstrumentKind::TramBar, sigma: 0.0))->toThrow(UnusableInstrument::class, 'The sigma of Bar');
});

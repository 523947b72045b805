<?php

declare(strict_types=1);

use Geodex\Core\Frame\Feature;
use Geodex\Core\Frame\FeatureKind;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Survey\Reading\AsRead;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;

/** A ladder of six rows whose points are holes of 14 mm. */
function drilled(): Frame
{
    return new Frame(array_map(
        fn (Point $p): Point => new Point($p->id, $p->name, $p->side, $p->mate, new Feature(FeatureKind::Hole, Length::ofMillimetres(14)), $p->reference, $p->tolerance, $p->base),
        Readings::ladder(6)->points,
    ));
}

/** @return array{string, string} kind and text of the likeliest cause when this one reading goes wrong by $error */
function causeOf(string $call, float $error, ?AsRead $asRead = null): array
{
    $frame = drilled();
    $at = Readings::truth($frame);
    $readings = array_map(
        fn (Reading $r): Reading => $r->id === $call ? new Reading($r->id, $r->kind, $r->value + $error, $r->sigma, null, $asRead) : $r,
        Readings::tour($at),
    );
    foreach ((new SurveyComputer)->compute($frame, Readings::survey($readings))->readings as $result) {
        if ($result->id === $call) {
            expect($result->status)->toBe(ReadingStatus::Suspect);

            return [$result->causes[0]->kind->value ?? 'none', isset($result->causes[0]) ? Said::mm($result->causes[0]->text) : ''];
        }
    }
    throw new LogicException("no reading $call");
}

it('knows a tape held at the one-inch mark', function () {
    expect(causeOf('tram BL CR', 25.4)[1])->toContain('One inch too long')
        ->and(causeOf('tram BL CR', -25.4)[1])->toContain('One inch too short');
});

it('knows edges taken for centres, at one end and at both', function () {
    expect(causeOf('tram BL CR', 7.0))->toBe(['edge', 'Taken to the far edge of BL instead of its centre (radius 7 mm).'])
        ->and(causeOf('tram BL CR', -14.0)[1])->toContain('Taken between the near edges of BL and CR');
});

it('knows the wrong hole when the prediction for another pair fits', function () {
    $at = Readings::truth(drilled());
    $error = $at['BL']->minus($at['CL'])->norm() - $at['BL']->minus($at['CR'])->norm();
    // On a straight frame BL – CL and BR – CR are alike, so either may be named.
    expect(causeOf('tram BL CR', $error)[1])->toMatch('/^Wrong hole: (CL was probably read in place of CR|BR was probably read in place of BL)/');
});

it('knows digits swapped on the way from ear to hand', function () {
    $at = Readings::truth(drilled());
    $true = $at['BL']->minus($at['CR'])->norm();
    $typed = (string) round($true, 1);
    $swapped = substr_replace($typed, $typed[2].$typed[1], 1, 2);
    expect(causeOf('tram BL CR', (float) $swapped - $true, new AsRead($swapped, LengthUnit::Millimetre)))->toBe(['digits', "Two digits swapped: $typed was called, $swapped was written."]);
});

it('knows swapped inches as they were typed, not as millimetres', function () {
    // 780 mm is 30.709 in; 30.079 in was written.
    expect(causeOf('tram AL AR', 30.079 * 25.4 - 780, new AsRead('30.079', LengthUnit::Inch))[1])->toContain('30.709 was called, 30.079 was written');
});

it('knows a whole centimetre or decimetre', function () {
    expect(causeOf('tram CL DR', 10.0)[0])->toBe('round')
        ->and(causeOf('tram CL DR', -100.0)[1])->toContain('One decimetre too little');
});

it('says nothing where nothing fits', function () {
    expect(causeOf('tram BL DR', 48.0)[0])->toBe('none');
});

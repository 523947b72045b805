<?php

declare(strict_types=1);

use Geodex\Core\Frame\Feature;
use Geodex\Core\Frame\FeatureKind;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Survey\Cause\CauseFinder;
use Geodex\Core\Survey\Cause\LikelyCause;
use Geodex\Core\Survey\Reading\AsRead;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Tests\Support\Kept;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;

/** A ladder of five rows with holes of unlike diameters; two points have none. */
function unlikeHoles(): Frame
{
    return new Frame(array_map(
        fn (Point $p, int $i): Point => new Point($p->id, $p->name, $p->side, $p->mate, $i > 7 ? null : new Feature(FeatureKind::Hole, Length::ofMillimetres(12.0 + 2 * $i)), $p->reference, $p->tolerance, $p->base),
        Readings::ladder(5)->points, range(0, 9),
    ));
}

it('tells of a mistake what is kept: its causes, the likeliest first', function (string $call, ?array $pointers) {
    $frame = unlikeHoles();
    $at = Readings::truth($frame);
    $reading = Readings::true($call, $at, 0.0, $pointers);
    $kept = [];
    $errors = [0.4, 6.0, -6.0, 7.2, 8.0, -13.0, 14.9, 25.4, -25.4, 25.0, 12.7, 50.8, 10.0, -10.0, 20.0, 90.0, 100.0, -100.0, 99.0, 254.0, 1000.0, 34.7, -77.0];
    foreach ([1.0, 0.3, 3.0] as $sigma) {
        foreach ([...$errors, -2 * $reading->value, 9 * $reading->value, $reading->value / 25.4 - $reading->value, $reading->value / 10 - $reading->value] as $error) {
            $value = $reading->value + $error;
            if ($reading->kind->implausible($value) === null) {
                $inch = number_format($value / 25.4, 3, '.', '');
                foreach ([null, new AsRead((string) round($value, 1), LengthUnit::Millimetre), new AsRead((string) round($value - 7.0, 1), LengthUnit::Millimetre, 7.0), new AsRead($inch, LengthUnit::Inch)] as $k => $asRead) {
                    $causes = (new CauseFinder)->find(new Reading('r', $reading->kind, $value, 1.0, null, $asRead), $frame, $at, $reading->value, $sigma, $k === 1);
                    if ($causes !== []) {
                        $kept[sprintf('%.1f %.2f %d', $sigma, $error, $k)] = array_map(fn (LikelyCause $one): array => [$one->kind, $one->error, Said::mm($one->text)], $causes);
                    }
                }
            }
        }
    }
    // Digits swapped: of what was called, each two neighbours.
    $digits = (string) round(abs($reading->value), 1);
    for ($i = 1; $i < strlen($digits); $i++) {
        $swapped = substr_replace($digits, $digits[$i].$digits[$i - 1], $i - 1, 2);
        if (is_numeric($swapped) && $reading->kind->implausible((float) $swapped) === null) {
            $causes = (new CauseFinder)->find(new Reading('r', $reading->kind, (float) $swapped, 1.0, null, new AsRead($swapped, LengthUnit::Millimetre)), $frame, $at, $reading->value, 0.5);
            $kept["swapped $i"] = array_map(fn (LikelyCause $one): array => [$one->kind, $one->error, Said::mm($one->text)], $causes);
        }
    }
    Kept::same('causes-'.str_replace(' ', '-', $call), $kept);
})->with([
    ['tram AL BR', null],
    ['tram CL EL', null],
    ['tram BR CL', [100.0, 180.0]],
    ['plan AL DR', null],
    ['height CR', null],
    ['offset BL', null],
    ['station DR', null],
    ['rise AL CR', null],
    ['slope AL BL', null],
    ['angle AL BL CR', null],
]);

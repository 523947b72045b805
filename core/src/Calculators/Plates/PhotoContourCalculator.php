<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** The contour of a plane face out of a picture, by points that were measured on it. */
final readonly class PhotoContourCalculator implements Calculator
{
    private const AGREES = 3.0;

    public static function name(): string
    {
        return 'photo-contour';
    }

    public static function title(): string
    {
        return 'Contour from a photograph';
    }

    public static function purpose(): string
    {
        return 'Where the corners of a part are on a plane face, out of a picture with points that were measured on it by tape, how sure each is, and whether a length kept out of the fit agrees. What stands off the face, bend radii and curled edges are not on it; stay within the middle of the picture.';
    }

    public static function source(): string
    {
        return 'Plane homography by weighted least squares (Hartley and Zisserman, Multiple View Geometry). 0.5 mm a tape, 0.5 pixel: shop defaults.';
    }

    public static function fields(): array
    {
        $pixel = fn (string $name, string $label): Field => Field::numbers($name, $label, 'px', 2);

        return [
            Field::listing('control', 'Points measured on the face', [$pixel('pixel', 'pixel'), Field::lengths('at', 'on the face', 2)], 4, 40), Field::number('pixelSigma', 'Uncertainty of a pixel', 'px')->positive()->defaults(0.5), Field::length('tapeSigma', 'of a tape')->positive()->defaults(0.5),
            Field::places('contour', 'Contour, pixel by pixel', 2), Field::truth('closed', 'It closes')->defaults(true),
            Field::group('check', 'A taped length that is kept out', [$pixel('from', 'from pixel'), $pixel('to', 'to pixel'), Field::length('length', 'reads')->positive(), Field::length('sigma', 'uncertainty')->positive()->defaults(0.5)])->optional(),
            Field::group('camera', 'Camera', [Field::lengths('above', 'above the face at', 2), Field::length('distance', 'away')->positive()])->optional(), Field::length('relief', 'Edge stands off the face by')->defaults(0.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('perimeter', 'Perimeter'), Result::number('area', 'Area', 'mm²'), Result::number('varianceFactor', 'Variance factor'), Result::count('redundancy', 'To spare'),
            Result::group('check', 'Length kept out', [Result::length('computed', 'computed'), Result::length('difference', 'more than taped'), Result::length('sigma', '± (1 σ)'), Result::truth('agrees', 'agrees')]),
            Result::table('points', 'Contour', [Result::lengths('at', 'at'), Result::lengths('sigma', '± (1 σ)'), Result::truth('inside', 'within the measured points'), Result::length('reliefError', 'shifted by its relief')]), Result::table('controls', 'Measured points', [Result::lengths('residual', 'off')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $pixels = array_map(fn (Values $one): array => [$one->numbers('pixel')[0], $one->numbers('pixel')[1]], $given->list('control'));
        $places = array_map(fn (Values $one): array => [$one->numbers('at')[0], $one->numbers('at')[1]], $given->list('control'));
        ControlPoints::mustCarry($pixels, 1.0, 'pixel');
        ControlPoints::mustCarry($places, 1.0, 'at');
        $relief = $given->number('relief');
        $camera = $given->group('camera');
        if (abs($relief) > 0.0 && $camera === null) {
            throw InvalidFields::at('camera', 'missing: an edge that stands off the face is shifted by where the camera was.');
        }
        if ($camera !== null && $relief >= $camera->number('distance')) {
            throw InvalidFields::at('relief', 'less than the camera is away.');
        }
        $face = Homography::fitted($pixels, $places, $given->number('pixelSigma'), $given->number('tapeSigma'));
        $contour = array_map(fn (array $one): array => [$one[0], $one[1]], $given->places('contour'));
        $check = $given->group('check');
        $this->mustLieBefore($face, [...$pixels, ...$contour, ...($check === null ? [] : [$check->numbers('from'), $check->numbers('to')])]);
        $points = array_map(fn (array $one): array => $this->point($face, $one, ControlPoints::surround($pixels, $one[0], $one[1]), $camera, $relief), $contour);
        $outline = array_column($points, 'at');
        $isClosed = $given->truth('closed');
        $spare = 2 * count($pixels) - 8;

        return [
            'controls' => array_map(fn (array $pixel, array $place): array => ['residual' => array_map(fn (float $is, float $was): float => $is - $was, $face->at(...$pixel), $place)], $pixels, $places),
            'redundancy' => $spare, 'varianceFactor' => $spare === 0 ? null : $face->squares($pixels, $places) / $spare, 'points' => $points, 'perimeter' => Outline::perimeter($outline, $isClosed), 'area' => $isClosed ? abs(Outline::area($outline)) : null,
            'check' => $check === null ? null : $this->checked($face, $check),
        ];
    }

    /** @param  list<list<float>>  $pixels */
    private function mustLieBefore(Homography $face, array $pixels): void
    {
        $sides = array_map(fn (array $one): int => $face->side($one[0], $one[1]), $pixels);
        if (array_diff($sides, [1]) !== [] && array_diff($sides, [-1]) !== []) {
            throw InvalidFields::at('control', 'the points do not lie on one side of the horizon: one of them is not what it is called.');
        }
    }

    /**
     * @param  array{float, float}  $pixel
     * @return array{at: array{float, float}, sigma: array{float, float}, inside: bool, reliefError: float}
     */
    private function point(Homography $face, array $pixel, bool $isInside, ?Values $camera, float $relief): array
    {
        $at = $face->at(...$pixel);
        $above = $camera?->numbers('above');

        return [
            'at' => $at, 'sigma' => [sqrt($face->variance($pixel[0], $pixel[1], 1.0, 0.0)), sqrt($face->variance($pixel[0], $pixel[1], 0.0, 1.0))], 'inside' => $isInside,
            'reliefError' => $camera === null || $above === null ? 0.0 : hypot($at[0] - $above[0], $at[1] - $above[1]) * $relief / ($camera->number('distance') - $relief),
        ];
    }

    /** @return array{computed: float, difference: float, sigma: float, agrees: bool} */
    private function checked(Homography $face, Values $check): array
    {
        [$from, $to] = [$check->numbers('from'), $check->numbers('to')];
        [[$x, $y], [$u, $v]] = [$face->at($from[0], $from[1]), $face->at($to[0], $to[1])];
        $computed = hypot($u - $x, $v - $y);
        if ($computed < 1e-9) {
            throw InvalidFields::at('check.to', 'is the pixel it starts from.');
        }
        $sigma = sqrt($face->lengthVariance($from, $to, ($u - $x) / $computed, ($v - $y) / $computed) + $check->number('sigma') ** 2);

        return ['computed' => $computed, 'difference' => $computed - $check->number('length'), 'sigma' => $sigma, 'agrees' => abs($computed - $check->number('length')) <= self::AGREES * $sigma];
    }
}

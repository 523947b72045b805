<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Simulation\Damage;
use Geodex\Core\Simulation\DamageMaker;
use Geodex\Core\Simulation\FrameBender;
use Geodex\Core\Simulation\FrameMaker;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\Datum\DatumDecision;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\StartingTour;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyStage;

/** Small surveys of bent frames, one for each way in which a survey differs from another. */
final class KeptSurveys
{
    public const NAMES = [
        'clean', 'one-inch-off', 'two-mistakes', 'in-the-wrong-unit', 'to-another-point', 'few-readings', 'trams-only', 'every-kind', 'no-chart', 'bent-base', 'base-decided',
        'struck-and-repeated', 'scatters', 'chart-slip', 'loose-point', 'centre-points', 'sister', 'far-rear', 'tour', 'tour-off', 'tour-off-elsewhere', 'tour-two-off', 'tour-half-read',
        'doubtful-base', 'sign-lost', 'lines-swapped', 'diamond', 'twisted-middle', 'short-and-sagging', 'numbered', 'numbered-and-bent',
        'three-mistakes', 'read-twice', 'uneven', 'tour-and-more', 'numbered-and-misplaced', 'no-chart-one-rail',
    ];

    private const DAMAGES = [
        'diamond' => [[Pattern::Diamond, Section::Rear, 11.0, null]],
        'twisted-middle' => [[Pattern::Twist, Section::Centre, 12.0, null], [Pattern::Sag, Section::Centre, -9.0, null]],
        'short-and-sagging' => [[Pattern::ShortRail, Section::Front, 13.0, 'left'], [Pattern::Sag, Section::Rear, 15.0, null], [Pattern::Sidesway, Section::Rear, -12.0, null]],
    ];

    /** @return array{Frame, Survey} */
    public static function of(string $name): array
    {
        $seed = 1 + (int) array_search($name, self::NAMES, true);
        $random = new RandomSource(900 + $seed);
        $frame = (new FrameMaker)->make($seed, $name === 'far-rear' ? 6 : 5, null, $name === 'trams-only' ? 60.0 : 0.0);
        $damages = self::DAMAGES[$name] ?? null;
        $bent = (new FrameBender)->bend($frame, $damages === null ? (new DamageMaker)->make($random, 1 + $seed % 2, 6.0, 14.0) : array_map(fn (array $one): Damage => new Damage(...$one), $damages), $random);
        $at = $bent->truth;
        $heights = ! in_array($name, ['trams-only', 'few-readings'], true);
        $readings = Readings::tour($at, fn (): float => $random->normal($name === 'scatters' ? 3.5 : 0.6), $heights);
        $wrong = fn (int $i, callable $say): Reading => new Reading($readings[$i]->id, $readings[$i]->kind, $say($readings[$i]->value), $readings[$i]->sigma);
        $survey = fn (array $all, array $blocked = [], array $datum = []): Survey => new Survey('before', SurveyStage::Before, array_values($all), $blocked, $datum);
        $first = $frame->points[0]->id;

        return match ($name) {
            'tour' => [$frame, $survey(self::startingTour($frame, $at, $random))],
            'tour-off' => [$frame, $survey(self::startingTour($frame, $at, $random, [6 => 25.4]))],
            'tour-off-elsewhere' => [$frame, $survey(self::startingTour($frame, $at, $random, [14 => -18.0]))],
            'numbered' => self::numbered($frame, $survey(self::startingTour($frame, $at, $random, [6 => 25.4]))),
            'numbered-and-bent' => self::numbered(self::moved($frame, 2, Vector3::of(9.0, 0.0, -11.0)), $survey([...$readings, $wrong(12, fn (float $mm): float => $mm + 2.0)])),
            'three-mistakes' => [$frame, $survey(array_replace($readings, [2 => $wrong(2, fn (float $mm): float => $mm + 21.0), 15 => $wrong(15, fn (float $mm): float => $mm - 33.0), 27 => $wrong(27, fn (float $mm): float => $mm + 100.0)]))],
            'read-twice' => [$frame, $survey([...$readings, ...array_map(fn (Reading $one, int $i): Reading => new Reading("$one->id again", $one->kind, $one->value + $random->normal(0.8) + ($i === 11 ? 26.0 : 0.0), 1.5), $readings, array_keys($readings))])],
            'uneven' => [$frame, $survey(array_map(fn (Reading $one, int $i): Reading => new Reading($one->id, $one->kind, $one->value + ($i === 13 ? 400.0 : 0.0), [0.5, 2.0, 5.0][$i % 3]), $readings, array_keys($readings)))],
            'tour-and-more' => [$frame, $survey([...self::startingTour($frame, $at, $random, [3 => 12.0, 20 => -25.4]), ...self::heights($at, 3), Readings::true('plan '.$first.' '.$frame->points[3]->id, $at, 0.4), Readings::true('plan '.$frame->points[1]->id.' '.$frame->points[4]->id, $at, -0.6)])],
            'no-chart-one-rail' => self::oneRail($random),
            'numbered-and-misplaced' => self::numbered(self::mirrored(self::swapped($frame, 4, 8), 7), $survey($readings)),
            'tour-two-off' => [$frame, $survey(self::startingTour($frame, $at, $random, [5 => 30.0, 16 => 22.0]))],
            'tour-half-read' => [$frame, $survey(array_slice(self::startingTour($frame, $at, $random), 0, 21))],
            'doubtful-base' => [self::moved($frame, 1, Vector3::of(0.0, 0.0, 16.0)), $survey($readings)],
            'sign-lost' => [self::mirrored($frame, 6), $survey($readings)],
            'lines-swapped' => [self::swapped($frame, 4, 6), $survey($readings)],
            'one-inch-off' => [$frame, $survey(array_replace($readings, [9 => $wrong(9, fn (float $mm): float => $mm + 25.4)]))],
            'two-mistakes' => [$frame, $survey(array_replace($readings, [4 => $wrong(4, fn (float $mm): float => $mm - 30.0), 19 => $wrong(19, fn (float $mm): float => $mm + 41.0)]))],
            'in-the-wrong-unit' => [$frame, $survey(array_replace($readings, [3 => $wrong(3, fn (float $mm): float => $mm * 25.4 > 20000 ? $mm / 25.4 : $mm * 25.4)]))],
            'to-another-point' => [$frame, $survey(array_replace($readings, [8 => $wrong(8, fn (): float => $readings[1]->value)]))],
            'few-readings' => [$frame, $survey([...array_slice($readings, 0, 22), ...self::heights($at, 4)])],
            'every-kind' => [$frame, $survey([...$readings, ...self::otherKinds($at)], ["tram $first DR"])],
            'no-chart' => [new Frame(array_map(fn (Point $point): Point => $point->at(null), $frame->points), $frame->axles, $frame->carried), $survey($readings)],
            'bent-base' => [self::moved($frame, 1, Vector3::of(0.0, 7.0, -5.0)), $survey($readings)],
            'base-decided' => [self::moved($frame, 2, Vector3::of(6.0, 0.0, 0.0)), $survey($readings, [], [new DatumDecision($frame->points[2]->id, true, 'Seen sound'), new DatumDecision($frame->points[0]->id, false, 'Hit')])],
            'struck-and-repeated' => [$frame, $survey([...$readings, new Reading('again', $readings[5]->kind, $readings[5]->value + 0.7, 1.0), new Reading('apart', $readings[6]->kind, $readings[6]->value + 14.0, 1.0), new Reading('out', $readings[2]->kind, $readings[2]->value + 90.0, 1.0, 'Misread')])],
            'chart-slip' => [self::moved($frame, 6, Vector3::of(0.0, 0.0, 100.0)), $survey($readings)],
            'loose-point' => [self::with($frame, new Point('X1', 'Bracket', Side::Left, null, null, Vector3::of(900, -300, 600), Tolerance::all(), false)), $survey([...$readings, Readings::true('tram '.$first.' X1', [...$at, 'X1' => Vector3::of(902, -301, 603)])])],
            'centre-points' => self::withCentre($frame, $at, $readings),
            'sister' => [new Frame(array_map(fn (Point $point): Point => $point->at($point->reference, Vector3::of(0.8, 0.9, 1.2), $point->base), $frame->points), $frame->axles, $frame->carried), $survey($readings)],
            default => [$frame, $survey($readings)],
        };
    }

    /**
     * @param  array<string, Vector3>  $at
     * @return list<Reading>
     */
    private static function heights(array $at, int $many): array
    {
        return array_map(fn (string $id): Reading => Readings::true("height $id", $at, 0.4), array_slice(array_keys($at), 0, $many));
    }

    /**
     * @param  array<string, Vector3>  $at
     * @return list<Reading>
     */
    private static function otherKinds(array $at): array
    {
        [$a, $b, $c, $d] = array_slice(array_keys($at), 0, 4);

        return [
            Readings::true("plan $a $d", $at, 0.5), Readings::true("rise $a $b", $at, -0.4), Readings::true("rise $c $d", $at, 0.3), Readings::true("offset $a", $at, 0.8),
            Readings::true("offset $b", $at, -0.9), Readings::true("station $c", $at, 1.0), Readings::true("slope $a $c", $at, 0.03), Readings::true("slope $b $d", $at, -0.05),
            Readings::true("tram $a $d", $at, 0.6, [100.0, 250.0], 'tilted'),
        ];
    }

    /**
     * @param  array<string, Vector3>  $at
     * @param  array<int, float>  $off  mistakes by place in the tour (mm)
     * @return list<Reading>
     */
    private static function startingTour(Frame $frame, array $at, RandomSource $random, array $off = []): array
    {
        $readings = [];
        foreach ((new StartingTour)->remaining($frame, new Survey('before', SurveyStage::Before, []), PHP_INT_MAX, new SurveyOptions) as $i => $next) {
            $readings[] = Readings::true($next->kind.' '.implode(' ', $next->points), $at, $random->normal(0.6) + ($off[$i] ?? 0.0));
        }

        return $readings;
    }

    /**
     * Points and readings called 11, 12, 21, 22 and so on, as some shops write them: what is kept by name has numbers for keys then.
     *
     * @return array{Frame, Survey}
     */
    private static function numbered(Frame $frame, Survey $survey): array
    {
        $number = [];
        foreach ($frame->points as $i => $point) {
            $number[$point->id] = (string) (10 * intdiv($i, 2) + 11 + $i % 2);
        }
        $points = array_map(fn (Point $point): Point => new Point($number[$point->id], $point->name, $point->side, $point->mate === null ? null : $number[$point->mate], $point->feature, $point->reference, $point->tolerance, $point->base), $frame->points);
        $readings = array_map(function (Reading $reading, int $i) use ($number): Reading {
            $kind = ReadingKinds::named($reading->kind::name());

            return new Reading((string) ($i + 1), $kind::between(array_map(fn (string $id): string => $number[$id], $reading->kind->points()), null), $reading->value, $reading->sigma);
        }, $survey->readings, array_keys($survey->readings));

        return [new Frame($points, $frame->axles, $frame->carried), new Survey($survey->id, $survey->stage, $readings)];
    }

    /**
     * Six rows without a chart, the front three taken as undamaged, the right rail pushed back and down behind them.
     *
     * @return array{Frame, Survey}
     */
    private static function oneRail(RandomSource $random): array
    {
        $ladder = Readings::ladder(6, 3);
        $at = Readings::truth($ladder);
        foreach (['DR' => 3.0, 'ER' => 6.0, 'FR' => 12.0] as $id => $mm) {
            $at[$id] = $at[$id]->plus(Vector3::of($mm, 0.3 * $mm, -0.6 * $mm));
        }
        $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null, null, $point->base), $ladder->points));

        return [$bare, new Survey('before', SurveyStage::Before, Readings::tour($at, fn (): float => $random->normal(0.4)))];
    }

    private static function mirrored(Frame $frame, int $i): Frame
    {
        return self::moved($frame, $i, Vector3::of(0.0, -2 * ($frame->points[$i]->reference->y ?? 0.0), 0.0));
    }

    private static function swapped(Frame $frame, int $i, int $j): Frame
    {
        $points = $frame->points;
        [$points[$i], $points[$j]] = [$points[$i]->at($points[$j]->reference, null, $points[$i]->base), $points[$j]->at($points[$i]->reference, null, $points[$j]->base)];

        return new Frame($points, $frame->axles, $frame->carried);
    }

    private static function moved(Frame $frame, int $i, Vector3 $by): Frame
    {
        $points = $frame->points;
        $points[$i] = $points[$i]->at($points[$i]->reference?->plus($by), null, $points[$i]->base);

        return new Frame($points, $frame->axles, $frame->carried);
    }

    private static function with(Frame $frame, Point $point): Frame
    {
        return new Frame([...$frame->points, $point], $frame->axles, $frame->carried);
    }

    /**
     * @param  array<string, Vector3>  $at
     * @param  list<Reading>  $readings
     * @return array{Frame, Survey}
     */
    private static function withCentre(Frame $frame, array $at, array $readings): array
    {
        [$l, $r] = [$frame->points[4], $frame->points[5]];
        $chart = ($l->reference ?? Vector3::of(0, 0, 0))->plus($r->reference ?? Vector3::of(0, 0, 0))->times(0.5);
        $place = $at[$l->id]->plus($at[$r->id])->times(0.5)->plus(Vector3::of(0.0, 6.0, 0.0));
        $all = [...$at, 'M' => $place];
        $to = array_map(fn (string $id): Reading => Readings::true("tram $id M", $all, 0.3), [$frame->points[0]->id, $frame->points[1]->id, $l->id, $r->id, $frame->points[6]->id]);

        return [self::with($frame, new Point('M', 'Middle', Side::Centre, null, null, $chart, Tolerance::all(), false)), new Survey('before', SurveyStage::Before, [...$readings, ...$to, Readings::true('height M', $all)])];
    }
}

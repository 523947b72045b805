<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Units\Length;

/** Reads a made-up frame as a person with a tool would: with slop, and wrong now and then. */
final readonly class FrameMeasurer
{
    /** A tram is read to half a millimetre, a level to a twentieth of a degree. */
    private const SCALE = ['length' => 0.5, 'angle' => 0.05];

    private const SEED_STEP = 7919;

    /** A mistake smaller than this many sigmas is no mistake but slop. */
    private const MIN_MISTAKE_SIGMAS = 6.0;

    public function __construct(private SimulatedFrame $simulated, private Person $person, private int $seed) {}

    /**
     * The reading with that number of the log; the same number gives the same reading.
     *
     * @throws DegenerateGeometry if the tool would have no direction
     */
    public function read(ReadingKind $kind, int $number): SimulatedReading
    {
        $random = new RandomSource($this->seed * self::SEED_STEP + $number);
        $true = $kind->linearise($this->simulated->truth)->predicted;
        $value = $true + $random->normal($kind::usualSigma() * $this->person->slop);
        $mistake = null;
        if ($random->share() < $this->person->misreads) {
            [$off, $what] = $this->mistake($kind, $true, $random);
            if (abs($off) >= self::MIN_MISTAKE_SIGMAS * $kind::usualSigma() * max(1.0, $this->person->slop)) {
                $value += $off;
                $mistake = $what;
            }
        }
        $scale = self::SCALE[$kind::quantity()];

        return new SimulatedReading(round($value / $scale) * $scale, $mistake);
    }

    /** @return array{float, string} how far off, and what was done */
    private function mistake(ReadingKind $kind, float $true, RandomSource $random): array
    {
        if ($kind::quantity() === 'angle') {
            return [$random->pick([-1.0, 1.0]), 'a whole degree misread'];
        }

        return match ($random->whole(0, 4)) {
            0 => [Length::MILLIMETRES_PER_INCH, 'the tape held at the one-inch mark'],
            1 => [$random->pick([-10.0, 10.0]), 'a centimetre misread'],
            2 => [$random->pick([-100.0, 100.0]), 'a decimetre misread'],
            3 => $this->edge($kind, $random),
            default => $this->wrongHole($kind, $true, $random),
        };
    }

    /** @return array{float, string} */
    private function edge(ReadingKind $kind, RandomSource $random): array
    {
        $diameters = array_map(fn (string $id): float => $this->simulated->frame->point($id)->feature->diameter->mm ?? 14.0, $kind->points());

        return [$random->pick([-1.0, 1.0]) * array_sum($diameters) / 2, 'edges taken for centres'];
    }

    /** @return array{float, string} */
    private function wrongHole(ReadingKind $kind, float $true, RandomSource $random): array
    {
        $points = $kind->points();
        $place = count($points) - 1;
        $near = [];
        foreach ($this->simulated->truth as $id => $at) {
            if (! in_array((string) $id, $points, true)) {
                $near[(string) $id] = $at->minus($this->simulated->truth[$points[$place]])->norm();
            }
        }
        asort($near);
        $other = $random->pick(array_map(strval(...), array_slice(array_keys($near), 0, 3)) ?: [$points[$place]]);
        $said = $points[$place];
        $points = [...array_slice($points, 0, $place), $other];

        return [$kind::between($points, null)->linearise($this->simulated->truth)->predicted - $true, "$other read in place of $said"];
    }
}

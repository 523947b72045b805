<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\ReadingKinds;

/** A made ladder frame with noisy readings, some of them wrong by a known amount; the same for the same sizes. */
final class MadeNetwork
{
    /** @return array<string, mixed> a job document in mm */
    public static function document(int $points, int $readings, int $wrong): array
    {
        mt_srand(1000 * $points + $readings);
        $chart = $truth = $entries = [];
        for ($i = 0; $i < $points; $i++) {
            [$row, $right] = [intdiv($i, 2), $i % 2 === 1];
            $id = 'P'.$row.($right ? 'R' : 'L');
            $place = [6000 / ($points / 2) * $row, ($right ? 1 : -1) * (400 + 12 * ($row % 3)), 480 + 35 * sin($row)];
            $chart[] = ['id' => $id, 'side' => $right ? 'right' : 'left', 'mate' => 'P'.$row.($right ? 'L' : 'R'), 'reference' => $place, 'base' => $row < $points / 4];
            $truth[$id] = Vector3::of($place[0] + self::noise(), $place[1] + self::noise(), $place[2] + self::noise());
        }
        $calls = self::calls(array_keys($truth), $truth, $readings);
        $liars = array_slice([7, intdiv($readings, 2), $readings - 9], 0, $wrong);
        foreach ($calls as $i => $call) {
            $class = ReadingKinds::named($call[0]);
            $kind = $class::between(array_slice($call, 1), null);
            $value = $kind->linearise($truth)->predicted + $class::usualSigma() * self::noise() + (in_array($i, $liars, true) ? 25.4 : 0);
            $entries[] = ['id' => "r$i", 'kind' => $call[0], ...(count($call) === 3 ? ['from' => $call[1], 'to' => $call[2]] : ['point' => $call[1]]), 'value' => $value];
        }

        return ['format' => 'geodex-job', 'version' => 1, 'title' => 'Made', 'units' => 'mm', 'points' => $chart, 'surveys' => [['id' => 'before', 'readings' => $entries]]];
    }

    /**
     * Heights of all points, trams across every row and to the next, and the rest of the trams drawn at random from those
     * that a bar of 2.5 m reaches.
     *
     * @param  list<string>  $ids
     * @param  array<string, Vector3>  $truth
     * @return list<list<string>>
     */
    private static function calls(array $ids, array $truth, int $count): array
    {
        $near = $far = [];
        foreach ($ids as $i => $from) {
            foreach (array_slice($ids, $i + 1) as $j => $to) {
                if ($truth[$from]->minus($truth[$to])->norm() < 2500) {
                    $j < 3 - $i % 2 ? $near[] = ['tram', $from, $to] : $far[] = ['tram', $from, $to];
                }
            }
        }
        usort($far, fn (array $a, array $b): int => md5(implode(' ', $a)) <=> md5(implode(' ', $b)));
        $heights = array_map(fn (string $id): array => ['height', $id], $ids);

        return [...array_slice([...$near, ...$far], 0, $count - count($heights)), ...$heights];
    }

    private static function noise(): float
    {
        return sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos(2 * M_PI * mt_rand() / mt_getrandmax()) * 0.7;
    }
}

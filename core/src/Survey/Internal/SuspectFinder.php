<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyOptions;

/**
 * Finds the readings that the others contradict: Baarda's data snooping, one at a time, and each suspect tried again at
 * the end (Baarda, A Testing Procedure for Use in Geodetic Networks; Ghilani, Adjustment Computations, chapter 21).
 */
final readonly class SuspectFinder
{
    public function __construct(private NetworkAdjuster $adjuster, private SurveyOptions $options) {}

    /**
     * @return list<int> positions of the suspect readings in the network, in the order of the log
     *
     * @throws CannotComputeSurvey
     */
    public function find(SolvedNetwork $solved): array
    {
        $reliability = new Reliability($solved);
        $readings = $solved->network->readings;
        $at = $solved->bench;
        $out = [];
        $most = (int) floor($this->options->greatestShare * count($readings));
        while (count($out) < $most) {
            $worst = $this->worst($readings, $at, $out, $reliability);
            if ($worst === null) {
                break;
            }
            $reliability->takeOut($worst);
            $out[$worst] = true;
            $at = $this->without($readings, $out, $at);
        }
        $out = $this->restore($readings, $out, $at, $reliability);
        ksort($out);

        return array_keys($out);
    }

    /**
     * @param  list<Reading>  $readings
     * @param  array<string, Vector3>  $at
     * @param  array<int, true>  $out
     */
    private function worst(array $readings, array $at, array $out, Reliability $reliability): ?int
    {
        $worst = null;
        $largest = $this->options->critical;
        foreach ($readings as $i => $reading) {
            if (isset($out[$i])) {
                continue;
            }
            $misfit = abs($this->misfit($reading, $at));
            $redundancy = 1 - $reliability->leverage($i);
            if ($redundancy > $this->options->leastRedundancy && $misfit > $largest * sqrt($redundancy)) {
                $largest = $misfit / sqrt($redundancy);
                $worst = $i;
            }
        }

        return $worst;
    }

    /**
     * A suspect that fits once the real liars are out is put back, the best fitting first.
     *
     * @param  list<Reading>  $readings
     * @param  array<int, true>  $out
     * @param  array<string, Vector3>  $at
     * @return array<int, true>
     */
    private function restore(array $readings, array $out, array $at, Reliability $reliability): array
    {
        while ($out !== []) {
            $fits = [];
            foreach ($out as $i => $_) {
                $fits[$i] = abs($this->misfit($readings[$i], $at)) / sqrt(1 + $reliability->leverage($i));
            }
            asort($fits);
            $best = (int) array_key_first($fits);
            if ($fits[$best] > $this->options->critical) {
                break;
            }
            $reliability->putBack($best);
            unset($out[$best]);
            $at = $this->without($readings, $out, $at);
        }

        return $out;
    }

    /** @param  array<string, Vector3>  $at */
    private function misfit(Reading $reading, array $at): float
    {
        return ($reading->kind->linearise($at)->predicted - $reading->value) / $reading->sigma;
    }

    /**
     * @param  list<Reading>  $readings
     * @param  array<int, true>  $out
     * @param  array<string, Vector3>  $at
     * @return array<string, Vector3> positions from the readings that are left
     */
    private function without(array $readings, array $out, array $at): array
    {
        return $this->adjuster->adjust(new Network(array_values(array_diff_key($readings, $out)), $at), $at)->at;
    }
}

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
    /** Positions this good tell a suspect from a good reading; the last adjustment is made to the end. */
    public const NEAR_ENOUGH_MM = 1e-3;

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
        $kept = $solved->adjustment;
        $out = [];
        $most = (int) floor($this->options->greatestShare * count($readings));
        while (count($out) < $most) {
            $worst = $this->worst($readings, $kept, $out, $reliability);
            if ($worst === null) {
                break;
            }
            $reliability->takeOut($worst);
            $out[$worst] = true;
            $kept = $this->without($readings, $out, $kept->at);
        }
        $out = $this->restore($readings, $out, $kept->at, $reliability);
        ksort($out);

        return array_keys($out);
    }

    /**
     * @param  list<Reading>  $readings
     * @param  Adjustment  $kept  of the readings that are not out
     * @param  array<int, true>  $out
     */
    private function worst(array $readings, Adjustment $kept, array $out, Reliability $reliability): ?int
    {
        $worst = null;
        $largest = $this->options->critical;
        $k = 0;
        foreach ($readings as $i => $reading) {
            if (isset($out[$i])) {
                continue;
            }
            $misfit = abs($kept->misclosures[$k++]);
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
            $at = $this->without($readings, $out, $at)->at;
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
     */
    private function without(array $readings, array $out, array $at): Adjustment
    {
        return $this->adjuster->adjust(new Network(array_values(array_diff_key($readings, $out)), $at), $at, self::NEAR_ENOUGH_MM);
    }
}

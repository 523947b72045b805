<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\SurveyOptions;

/**
 * Readings so far off that the linear theory does not hold for them. On a flat frame lengths check a height only in second order: the
 * redundancy number says that nothing checks it, and yet 400 mm bend every length at the point. Each is tested by what it adds to the
 * weighted sum when it is put back, which in the linear theory is its standardised residual squared.
 */
final readonly class GrossMistakes
{
    /** Positions this good tell a gross mistake. */
    private const NEAR_ENOUGH_MM = 1e-2;

    public function __construct(private NetworkAdjuster $adjuster, private SurveyOptions $options) {}

    /**
     * @param  list<int>  $gross  readings beyond anything that a bent frame gives
     * @param  array<string, Vector3>  $start  mm
     * @return list<int> those that the others contradict
     */
    public function among(Network $network, array $gross, array $start): array
    {
        if ($gross === [] || count($gross) > $this->options->maxShare * count($network->readings)) {
            return [];
        }
        try {
            $without = $this->adjuster->adjust($network->without($gross), $start, self::NEAR_ENOUGH_MM);
        } catch (CoreFailure) {
            return [];
        }
        $sum = $this->sum($without->misclosures);

        return array_values(array_filter($gross, fn (int $i): bool => $this->contradicts($network, array_values(array_diff($gross, [$i])), $without->at, $sum)));
    }

    /**
     * @param  list<int>  $out
     * @param  array<string, Vector3>  $at
     */
    private function contradicts(Network $network, array $out, array $at, float $sum): bool
    {
        try {
            $with = $this->adjuster->adjust($network->without($out), $at, self::NEAR_ENOUGH_MM);
        } catch (CoreFailure) {
            return true;
        }

        return $this->sum($with->misclosures) - $sum > $this->options->critical ** 2;
    }

    /** @param  list<float>  $misclosures */
    private function sum(array $misclosures): float
    {
        return array_sum(array_map(fn (float $w): float => $w * $w, $misclosures));
    }
}

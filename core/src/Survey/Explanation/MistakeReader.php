<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Cause\CauseFinder;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Reading\Reading;

/** Says of each reading that an explanation leaves out how far it is off, and what probably happened. */
final readonly class MistakeReader
{
    /**
     * @param  array<string, Vector3>  $bench
     * @return list<Mistake>
     */
    public function read(LeftOut $left, Frame $frame, Network $network, array $bench, Observed $pooled): array
    {
        $mistakes = [];
        foreach ($left->set as $a => $i) {
            array_push($mistakes, ...$this->mistaken(
                group: $pooled->behind($i),
                observation: $network->readings[$i],
                leverage: $left->inverse[$a][$a] - 1,
                frame: $frame,
                network: $network,
                bench: $bench,
            ));
        }
        foreach ($pooled->gross() as $group) {
            array_push($mistakes, ...$this->mistaken(group: $group, observation: $group[0], leverage: 0.0, frame: $frame, network: $network, bench: $bench));
        }

        return $mistakes;
    }

    /**
     * @param  non-empty-list<Reading>  $group  repeats of one observation
     * @param  float  $leverage  variance of what the others say, in units of that of the observation
     * @param  array<string, Vector3>  $bench
     * @return list<Mistake>
     */
    private function mistaken(array $group, Reading $observation, float $leverage, Frame $frame, Network $network, array $bench): array
    {
        $true = $observation->kind->linearise($bench)->predicted;
        $mistakes = [];
        foreach ($group as $reading) {
            $sigma = sqrt($reading->sigma ** 2 + max(0.0, $leverage) * $observation->sigma ** 2);
            $mistakes[] = new Mistake($reading->id, $reading->value - $true, $sigma, (new CauseFinder)->find($reading, $frame, array_intersect_key($bench, $network->columns), $true, $sigma, count($group) > 1));
        }

        return $mistakes;
    }
}

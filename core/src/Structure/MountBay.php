<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** Body mounts between two that stay: as few as the pitch allows, spread evenly, each pinned at a clear place where it meets something. A shop rule, not an optimum. */
final readonly class MountBay
{
    private const SAME = 1e-9;

    private const TRIALS = 51;

    /**
     * @param  float  $from  station of the fixed mount ahead (mm)
     * @param  float  $to  and behind
     */
    public function __construct(private float $from, private float $to, private float $maxPitch, private ClearPlaces $clear) {}

    /** How many it takes where nothing is in the way. */
    public function withoutObstacles(): int
    {
        return (int) max(0.0, ceil(($this->to - $this->from) / $this->maxPitch - self::SAME) - 1);
    }

    /** The least number that any layout could have, each as far on as it may be; null if none can. */
    public function fewest(): ?int
    {
        [$at, $many] = [$this->from, 0];
        while ($this->to - $at > $this->maxPitch * (1 + self::SAME)) {
            $next = $this->clear->atOrBefore($at + $this->maxPitch);
            if ($next <= $at + self::SAME) {
                return null;
            }
            [$at, $many] = [$next, $many + 1];
        }

        return $many;
    }

    /** @return ?array{stations: list<float>, moved: list<int>} the mounts added, and the places of those that were pinned; null if none is found */
    public function layout(): ?array
    {
        for ($trial = 0, $many = $this->withoutObstacles(); $trial < self::TRIALS; $trial++, $many++) {
            $found = $this->spread($many);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** @return ?array{stations: list<float>, moved: list<int>} */
    private function spread(int $many): ?array
    {
        $pinned = [-1 => $this->from, $many => $this->to];
        do {
            $stations = $this->between($pinned, $many);
            $blocked = null;
            foreach ($stations as $i => $at) {
                $move = isset($pinned[$i]) ? 0.0 : $this->clear->move($at);
                if ($move === null) {
                    return null;
                }
                if ($move !== 0.0) {
                    $blocked = $i;
                    $pinned[$i] = $at + $move;
                    break;
                }
            }
        } while ($blocked !== null);
        unset($pinned[-1], $pinned[$many]);
        $places = [$this->from, ...$stations, $this->to];
        for ($i = 1; $i < count($places); $i++) {
            $gap = $places[$i] - $places[$i - 1];
            if ($gap <= 0.0 || $gap > $this->maxPitch * (1 + self::SAME)) {
                return null;
            }
        }
        $moved = array_keys($pinned);
        sort($moved);

        return ['stations' => $stations, 'moved' => $moved];
    }

    /**
     * @param  array<int, float>  $pinned  by place, with the ends
     * @return list<float>
     */
    private function between(array $pinned, int $many): array
    {
        ksort($pinned);
        $stations = [];
        $places = array_keys($pinned);
        for ($k = 1; $k < count($places); $k++) {
            [$before, $after] = [$places[$k - 1], $places[$k]];
            for ($i = $before + 1; $i <= min($after, $many - 1); $i++) {
                $stations[] = $i === $after ? $pinned[$after] : $pinned[$before] + ($pinned[$after] - $pinned[$before]) * ($i - $before) / ($after - $before);
            }
        }

        return $stations;
    }
}

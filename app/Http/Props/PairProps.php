<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Job;

/** A left and a right mate; mm. */
final readonly class PairProps
{
    public function __construct(public string $left, public string $right, public ?float $station, public ?float $height) {}

    /** @return list<self> */
    public static function of(Job $job): array
    {
        $points = $job->points->keyBy('code');
        $pairs = [];
        foreach ($job->points as $point) {
            if ($point->side === 'left' && $point->mate_code !== null && $points->has($point->mate_code)) {
                $pairs[] = new self($point->code, $point->mate_code, $point->chart_x_mm, $point->chart_z_mm);
            }
        }

        return $pairs;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\DialReading;
use App\Models\Job;

/** What a dial has sent of a shaft: stations with angles and readings as the tool for run-out takes them; mm. */
final readonly class DialProps
{
    /** @param  list<DialStationProps>  $stations */
    public function __construct(public array $stations, public int $count, public ?string $last) {}

    public static function of(Job $job): self
    {
        $readings = DialReading::query()->where('job_id', $job->id)->orderBy('station')->orderBy('angle')->orderBy('id')->get();
        $places = [];
        foreach ($readings as $one) {
            $places[sprintf('%.2f', $one->station)][] = $one;
        }
        $stations = array_map(fn (array $of): DialStationProps => new DialStationProps($of[0]->station, array_map(fn (DialReading $one): float => $one->angle, $of), array_map(fn (DialReading $one): float => $one->value, $of)), array_values($places));

        return new self($stations, $readings->count(), $readings->sortBy('id')->last()?->created_at?->utc()->format('Y-m-d\TH:i:s\Z'));
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Chassis;

use App\Actions\Plan\KeepCrossing;
use App\Documents\StoredJob;
use App\Models\Job;
use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\ChassisParts;
use Geodex\Core\Chassis\ChassisReader;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\StationNames;
use Geodex\Core\Units\LengthUnit;

/** Puts lists of a frame in the place of those that are kept, if they go together with the rest. */
final readonly class SaveChassis
{
    public function __construct(private StoredJob $jobs, private KeepCrossing $crossing) {}

    /**
     * @param  array<string, list<array<string, mixed>>>  $lists  by name, as typed
     * @param  LengthUnit  $unit  what a bare number means
     *
     * @throws CoreFailure if something cannot be read or does not go together
     */
    public function handle(Job $job, array $lists, LengthUnit $unit, bool $typed = true): void
    {
        $stations = new StationNames($this->jobs->read($job)->frame);
        $kept = (new ChassisReader)->kept($lists, new FieldReader($unit, typed: $typed, stations: $stations), 'rows');
        $frame = [];
        foreach (ChassisParts::all() as $class) {
            $list = $class::list();
            $rows = array_key_exists($list, $lists) ? $kept[$list] ?? [] : $job->frame[$list] ?? [];
            if ($rows !== []) {
                $frame[$list] = $rows;
            }
        }
        try {
            // What another list has lost to a changed chart stands in nobody's way.
            Chassis::of((new ChassisReader)->standing($frame, new FieldReader(stations: $stations), ChassisParts::all(), 'rows')[0]);
        } catch (InvalidFields $invalid) {
            throw InvalidFields::with(array_map(fn (array $one): string => str_replace('frame.', 'rows.', $one['path']).": {$one['message']}", $invalid->problems()) ?: ['rows: does not go together.']);
        }
        $job->update(['frame' => $frame]);
        $this->crossing->handle($job);
    }
}

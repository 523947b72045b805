<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use Geodex\Core\Chassis\ChassisParts;
use Geodex\Core\Chassis\ChassisReader;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\FieldWriter;
use Geodex\Core\Frame\StationNames;
use Illuminate\Database\Eloquent\Model;

/**
 * The frame as metal: axles, rails, what is fastened to them and runs along them, by the fields of its parts.
 *
 * @implements SavedPart<Job>
 */
final readonly class FramePart implements JobPart, SavedPart
{
    public function name(): string
    {
        return 'the frame';
    }

    /** @param  Job  $owner */
    public function state(Model $owner): mixed
    {
        $lists = [];
        foreach ($owner->newQuery()->whereKey($owner->getKey())->firstOrFail(['frame'])->frame as $list => $rows) {
            $lists[$list] = array_column($rows, null, 'id');
        }

        return $lists;
    }

    public function layOut(Job $job, Layout $as): array
    {
        $writer = new FieldWriter(fn (float $mm): float|string => $as->length($mm) ?? $mm);
        $frame = [];
        foreach (ChassisParts::all() as $class) {
            $rows = array_map(fn (array $row): array => ['id' => $row['id'] ?? '', ...$writer->write($class::fields(), $row)], $job->frame[$class::list()] ?? []);
            if ($rows !== []) {
                $frame[$class::list()] = $rows;
            }
        }

        return ['frame' => $frame];
    }

    public function import(Job $stored, Import $from): void
    {
        $stations = new StationNames($from->job->frame);
        $stored->update(['frame' => (new ChassisReader)->kept($from->section('frame'), new FieldReader($from->job->units, stations: $stations))]);
    }
}

<?php

declare(strict_types=1);

use Geodex\Core\Chassis\ChassisReader;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The frame of a job was kept as its file had it, in the unit of that file; now it is kept in millimetres, by the fields of its parts. */
return new class extends Migration
{
    public function up(): void
    {
        // Which kinds there are is for their classes to say.
        Schema::table('plan_operations', fn (Blueprint $table) => $table->string('kind', 40)->change());
        foreach (DB::table('jobs')->get(['id', 'units', 'frame']) as $job) {
            $frame = json_decode(is_string($job->frame) ? $job->frame : '[]', true);
            $unit = LengthUnit::from(is_string($job->units) ? $job->units : 'mm');
            try {
                $kept = (new ChassisReader)->kept(is_array($frame) ? $frame : [], new FieldReader($unit));
            } catch (CoreFailure) {
                // What could not be read before cannot be read now; it stays, so that nothing is lost.
                continue;
            }
            DB::table('jobs')->where('id', $job->id)->update(['frame' => json_encode($kept, JSON_THROW_ON_ERROR)]);
        }
    }

    public function down(): void
    {
        DB::table('plan_operations')->whereNotIn('kind', ['stretch', 'shorten'])->delete();
        Schema::table('plan_operations', fn (Blueprint $table) => $table->enum('kind', ['stretch', 'shorten'])->change());
        foreach (DB::table('jobs')->get(['id', 'units', 'frame']) as $job) {
            $frame = json_decode(is_string($job->frame) ? $job->frame : '[]', true);
            $frame = is_array($frame) ? $frame : [];
            $length = fn (mixed $mm): mixed => is_numeric($mm) ? "$mm mm" : $mm;
            $lists = fn (string $name): array => is_array($frame[$name] ?? null) ? array_filter($frame[$name], is_array(...)) : [];
            $before = [
                'axles' => array_map(fn (array $axle): array => ['id' => $axle['id'] ?? '', ...array_map($length, array_intersect_key($axle, ['station' => 0, 'tyreRadius' => 0, 'track' => 0]))], array_values($lists('axles'))),
                'carried' => array_map(function (array $line) use ($length): array {
                    $path = is_array($line['path'] ?? null) ? array_values($line['path']) : [];
                    $end = fn (mixed $one): mixed => $length(is_array($one) ? $one['station'] ?? 0 : 0);

                    return ['feature' => $line['name'] ?? '', 'from' => $end($path[0] ?? null), 'to' => $end($path[count($path) - 1] ?? null)];
                }, array_values($lists('lines'))),
            ];
            DB::table('jobs')->where('id', $job->id)->update(['frame' => json_encode(array_filter($before), JSON_THROW_ON_ERROR)]);
        }
    }
};

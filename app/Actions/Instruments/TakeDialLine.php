<?php

declare(strict_types=1);

namespace App\Actions\Instruments;

use App\Models\DialReading;
use App\Models\Instrument;
use App\Models\Job;
use Geodex\Core\Frame\Code;
use Illuminate\Support\Facades\Validator;

/** Keeps one reading of a shaft that a dial sent; a line sent twice is kept once. */
final readonly class TakeDialLine
{
    private const MM_PER_INCH = 25.4;

    private const MOST = 20_000;

    /**
     * @param  array<mixed>  $line
     * @return array<string, mixed> the answer, one line
     */
    public function handle(Instrument $instrument, Job $job, array $line): array
    {
        $id = is_string($line['id'] ?? null) ? $line['id'] : '';
        $number = ['required', 'numeric'];
        $check = Validator::make($line, ['x' => [...$number, 'between:-20000,20000'], 'at' => [...$number, 'between:-720,720'], 'value' => [...$number, 'between:-50,50'], 'unit' => ['in:mm,in']]);
        $error = match (true) {
            ! Code::is($id) => 'id: '.Code::WORDS,
            $check->fails() => $check->errors()->first(),
            DialReading::where('job_id', $job->id)->count() >= self::MOST => 'This job keeps no more readings of a dial: put them into a sheet or throw them away.',
            default => null,
        };
        if ($error !== null) {
            return ['id' => $id, 'stored' => false, 'error' => $error];
        }
        $size = ($line['unit'] ?? 'mm') === 'in' ? self::MM_PER_INCH : 1.0;
        $told = fn (string $name): float => is_numeric($line[$name] ?? null) ? (float) $line[$name] : 0.0;
        DialReading::query()->firstOrCreate(['instrument_id' => $instrument->id, 'client_id' => $id], ['job_id' => $job->id, 'station' => $told('x') * $size, 'angle' => $told('at'), 'value' => $told('value') * $size]);

        return ['id' => $id, 'stored' => true];
    }
}

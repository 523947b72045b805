<?php

declare(strict_types=1);

namespace App\Actions\Instruments;

use App\Models\Instrument;
use Geodex\Core\Survey\Instrument\InstrumentCheck;
use Geodex\Core\Survey\Instrument\UnusableInstrument;
use Illuminate\Support\Carbon;

/** Checks a tool against a known length and keeps what that says of it. */
final readonly class CheckInstrument
{
    /**
     * @param  float  $known  mm, or degrees for a level
     * @param  list<float>  $read
     *
     * @throws UnusableInstrument
     */
    public function handle(Instrument $instrument, float $known, array $read): InstrumentCheck
    {
        $check = InstrumentCheck::of($known, $read, $instrument->kind->readsAngles() ? '°' : 'mm');
        $instrument->update([
            'sigma' => $check->sigma,
            'offset' => $check->offset,
            'checked_at' => Carbon::now(),
            'last_check' => ['known' => $known, 'read' => $read],
        ]);

        return $check;
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Survey\RecordReading;
use App\Documents\StoredJob;
use App\Models\BenchRound;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Units\LengthUnit;

/** Takes the plumb-bob offsets and heights of a setting round into a survey, as readings of its log. */
final readonly class CarryIntoSurvey
{
    public function __construct(private StoredJob $jobs, private RecordReading $record) {}

    /**
     * Carrying the same round twice stores nothing twice: the ids follow from the round.
     *
     * @return int readings that the round gives
     *
     * @throws CoreFailure if a point is not one of the job
     */
    public function handle(BenchRound $round, Survey $survey, User $user): int
    {
        $reader = new CallReader($this->jobs->read($survey->job)->frame);
        $entries = [];
        foreach (['front', 'rear'] as $end) {
            foreach (['Left' => -1, 'Right' => 1] as $side => $sign) {
                $point = $round->input["$end{$side}Point"] ?? null;
                if (! is_string($point) || $point === '') {
                    continue;
                }
                foreach (['o' => [$round->input["$end$side"] ?? null, $sign], 'h' => [$round->input["$end{$side}Height"] ?? null, 1]] as $letter => [$mm, $turn]) {
                    if (is_numeric($mm)) {
                        $entries[] = ['id' => "bench-{$round->id}-$end-$side-$letter", 'called' => $reader->read("$letter $point ".$turn * (float) $mm, LengthUnit::Millimetre), 'unit' => 'mm'];
                    }
                }
            }
        }

        if ($entries !== []) {
            $this->record->all($survey, $user, $entries);
        }

        return count($entries);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Bench\BenchWork;
use App\Documents\Parts\BenchPart;
use App\Documents\Parts\Revision;
use App\Models\BenchRound;
use App\Models\Job;
use Geodex\Core\Bench\UnusableBench;

/** The bench of a job, and the rounds that brought it level, square and loaded; mm. */
final readonly class BenchProps
{
    /**
     * @param  list<BenchRoundProps>  $rounds  the oldest first
     * @param  list<PairProps>  $pairs  of the job, to set the vehicle by
     */
    public function __construct(public ?JigProps $jig, public array $rounds, public array $pairs, public string $revision) {}

    public static function from(Job $job): self
    {
        $job->loadMissing(['points', 'benchRounds.user']);
        try {
            $jig = $job->bench === null ? null : JigProps::from(BenchWork::jig($job));
        } catch (UnusableBench) {
            $jig = null;
        }
        $rounds = $jig === null ? [] : $job->benchRounds->map(fn (BenchRound $round): BenchRoundProps => BenchRoundProps::from($job, $round))->values()->all();

        return new self($jig, array_values($rounds), PairProps::of($job), Revision::of(new BenchPart, $job));
    }
}

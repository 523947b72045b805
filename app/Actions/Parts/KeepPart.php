<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Saving\StaleSave;
use App\Documents\MeasuredFrame;
use App\Documents\Parts\Revision;
use App\Models\Job;
use App\Models\Part;
use App\Models\User;
use Geodex\Core\Calculators\RunningGear\SheetPoints;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Parts\PartState;
use Geodex\Core\Parts\ProposedPart;
use Illuminate\Support\Facades\DB;

/** Keeps a part: a new one, one that is asked for, or one whose numbers were changed, which has to be tried again. */
final readonly class KeepPart
{
    private const MOST_PARTS = 300;

    /**
     * @param  array{tool: string, title: string, given: array<string, mixed>, count: int, side: string, material: string, used: string, stock: string}  $entered
     * @param  SheetPoints  $points  which places of it are the survey's
     * @param  ?Part  $part  that is changed; null for a new one
     * @param  ?string  $readAt  revision that the change was made from
     *
     * @throws CoreFailure if nothing can be worked out of it
     * @throws StaleSave if somebody else changed the part since
     */
    public function handle(Job $job, User $user, array $entered, ?Part $part = null, ?string $readAt = null, bool $isCorrection = false, SheetPoints $points = new SheetPoints([])): Part
    {
        abort_if($part === null && $job->parts()->count() >= self::MOST_PARTS, 422, sprintf('A job keeps no more than %d parts.', self::MOST_PARTS));

        if ($points->points !== []) {
            $entered['given'] = $points->filled($entered['tool'], $entered['given'], app(MeasuredFrame::class)->surveyed($job));
        }

        return DB::transaction(function () use ($job, $user, $entered, $part, $readAt, $isCorrection, $points): Part {
            $kept = $part === null ? new Part(['job_id' => $job->id, 'state' => PartState::Drawn]) : Part::query()->lockForUpdate()->findOrFail($part->id);
            $theirs = $part === null ? null : $kept->entered();
            $isOther = $part !== null && Revision::ofState($kept->given) !== Revision::ofState($entered['given']);
            $kept->fill([...$entered, 'points' => $points->points === [] ? null : $points->points, 'user_id' => $user->id]);
            if ($theirs !== null && $readAt !== null && Revision::ofState($theirs) !== $readAt && Revision::ofState($theirs) !== Revision::ofState($kept->entered())) {
                throw new StaleSave('this part', $theirs, $kept->entered());
            }
            if ($isOther && ! ($isCorrection && $kept->state === PartState::FirstArticle)) {
                $this->back($kept);
            }
            $kept->drawings();
            $kept->save();
            if ($isOther) {
                $kept->images()->get()->each(function (Part $image): void {
                    $this->back($image);
                    $image->save();
                });
            }

            return $kept;
        });
    }

    public function take(Job $job, User $user, ProposedPart $asked): Part
    {
        $kept = $this->handle($job, $user, ['tool' => $asked->tool, 'title' => mb_strimwidth($asked->title, 0, 120, '…'), 'given' => $asked->given, 'count' => $asked->count, 'side' => 'either', 'material' => '', 'used' => '', 'stock' => '']);
        $kept->fill(['facts' => $asked->given, 'asked_by' => $asked->key])->save();

        return $kept;
    }

    private function back(Part $part): void
    {
        $part->state = PartState::Drawn;
        $part->first_article = null;
    }
}

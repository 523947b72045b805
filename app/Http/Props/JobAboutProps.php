<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\Parts\AboutPart;
use App\Documents\Parts\Revision;
use App\Models\Job;
use App\Models\User;

/** What a job is called and about. */
final readonly class JobAboutProps
{
    public function __construct(public int $id, public string $title, public string $vehicle, public string $plate, public string $frameNumber, public string $odometer, public string $customerReference, public string $notes, public string $revision, public bool $canWork) {}

    public static function from(Job $job, User $user): self
    {
        return new self(
            id: $job->id, title: $job->title, vehicle: $job->vehicle, plate: $job->plate, frameNumber: $job->frame_number, odometer: $job->odometer, customerReference: $job->customer_reference, notes: $job->notes ?? '',
            revision: Revision::ofState((new AboutPart)->state($job)), canWork: $user->can('work', $job),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Documents\Parts;

/** The one place where the parts of a job are registered, in the order of the job file. */
final readonly class JobParts
{
    /** @return list<JobPart> */
    public static function all(): array
    {
        return [new HeadPart, new AboutPart, new PointsPart, new SurveysPart, new ReferencesPart, new BenchPart, new FramePart, new PlanPart, new DrivelinePart, new GearPart, new PartsPart, new RunPart];
    }
}

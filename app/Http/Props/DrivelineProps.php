<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\MeasuredFrame;
use App\Documents\Parts\DrivelinePart;
use App\Documents\Parts\Revision;
use App\Documents\StoredJob;
use App\Models\Job;
use Geodex\Core\Driveline\DrivelineLimits;
use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Plan\FramePlanner;

/** The driveshaft of a job, before and after its plan. */
final readonly class DrivelineProps
{
    /** @param  list<LimitProps>  $limits */
    public function __construct(
        public ShaftFormProps $form,
        public ?ShaftResultProps $before,
        public ?ShaftResultProps $after,
        public array $limits,
        public ?TroubleProps $trouble,
        public string $revision,
    ) {}

    public static function from(Job $job): self
    {
        $shaft = $job->driveline['shaft'] ?? null;
        $form = ShaftFormProps::from(is_array($shaft) ? $shaft : null);
        $limits = self::limits($job);
        $shown = [];
        foreach (DrivelineLimits::shopDefaults() as $default) {
            $shown[] = LimitProps::from($default, $job->workshop->shop());
        }
        try {
            $core = (new StoredJob(new JobReader))->read($job);
            if ($core->shaft === null) {
                return new self(form: $form, before: null, after: null, limits: $shown, trouble: null, revision: Revision::of(new DrivelinePart, $job));
            }
            $calculator = new ShaftCalculator($limits);
            $plan = $core->operations === [] ? null : (new FramePlanner($job->workshop->shop()))->plan(app(MeasuredFrame::class)->start($job, $core->frame), $core->operations, $core->chassis);

            return new self(
                form: $form,
                before: ShaftResultProps::from($calculator->calculate($core->shaft)),
                after: $plan === null ? null : ShaftResultProps::from($calculator->calculate($core->shaft, $plan)),
                limits: $shown, trouble: null, revision: Revision::of(new DrivelinePart, $job),
            );
        } catch (CoreFailure $failure) {
            return new self(form: $form, before: null, after: null, limits: $shown, trouble: TroubleProps::from($failure), revision: Revision::of(new DrivelinePart, $job));
        }
    }

    public static function limits(Job $job): DrivelineLimits
    {
        return DrivelineLimits::of($job->workshop->shop());
    }
}

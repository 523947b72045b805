<?php

declare(strict_types=1);

use Geodex\Core\JobFile\JobFrames;
use Geodex\Core\JobFile\JobReader;

/**
 * The demo library with a stretch of 640 at 1350.
 *
 * @param  array<string, mixed>  $plan
 */
function framesOf(array $plan = [], string $against = 'chart'): array
{
    $document = json_decode((string) file_get_contents(__DIR__.'/../../../database/demo/mobile-library.job.json'), true);
    $document['plan'] = ['operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => 1350, 'length' => 640]], ...$plan];
    $document['surveys'][] = ['id' => 'done', 'stage' => 'after', 'against' => $against, 'readings' => []];
    $job = (new JobReader)->fromDocument($document);

    return [$job, new JobFrames($job)];
}

it('holds a survey against the chart, or against the target where it says so', function () {
    [$job, $frames] = framesOf();
    expect($frames->against($job->survey('done')))->toBe($job->frame);
    [$job, $frames] = framesOf(against: 'target');
    $target = $frames->against($job->survey('done'));
    expect($target->point('ML')->reference->x - $job->frame->point('ML')->reference->x)->toBe(640.0)->and($target->point('EL')->reference)->toEqual($job->frame->point('EL')->reference)
        ->and($frames->against($job->survey('before')))->toBe($job->frame);
});

it('starts a plan from a survey as measured', function () {
    [$job, $frames] = framesOf(['from' => 'before']);
    expect($job->planFrom)->toBe('before');
    $moved = array_filter($job->frame->points, fn ($point): bool => $frames->start()->point($point->id)->reference->toArray() !== $point->reference->toArray());
    expect(count($moved))->toBeGreaterThan(4)->toBeLessThanOrEqual(count($job->frame->points));
});

it('knows no plan that starts from a survey which is not there', function () {
    expect(fn () => framesOf(['from' => 'never']))->toThrow(Geodex\Core\JobFile\InvalidFile::class, '“never” is no survey of this job');
});

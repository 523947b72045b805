<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\RunningGear\GearFacts;
use Geodex\Core\Calculators\RunningGear\GearPage;
use Geodex\Core\Calculators\RunningGear\GearSheet;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Stretch;

/** @return array{GearFacts, GearFacts} of the demo library, before and after a stretch of 640 */
function libraryFacts(): array
{
    $job = (new JobReader)->fromDocument(json_decode((string) file_get_contents(__DIR__.'/../../../database/demo/mobile-library.job.json'), true));
    $plan = (new FramePlanner)->plan($job->frame, [new Stretch('op1', 1350, 640)], $job->chassis);

    return [GearFacts::before($job->chassis, $job->shaft), GearFacts::after($plan, $job->shaft)];
}

it('has a page for every tool of the running gear, for the arch of a crossmember, and for what the run sheet keeps', function () {
    foreach (Calculators::all() as $class) {
        expect(GearPage::of($class::name()) !== null)->toBe(Calculators::group($class) === 'Running gear' || in_array($class::name(), ['arch', 'preheat', 'duty', 'consumables', 'torque', 'fit-forecast'], true), $class::name());
    }
});

it('starts a sheet with what the job knows, and with nothing else', function () {
    [$before, $after] = libraryFacts();
    expect($before->of('turning'))->toBe(['wheelbases' => [3300.0]])->and($after->of('turning'))->toBe(['wheelbases' => [3300.0, 3940.0]])
        ->and($after->of('weights'))->toBe(['wheelbase' => 3300.0, 'newWheelbase' => 3940.0, 'frontTrack' => 1700.0, 'rearTrack' => 1560.0, 'ratings' => ['front' => 2100.0, 'rear' => 4200.0]])
        ->and($after->of('linkage')['wheels']['left'])->toBe([3940.0, -780.0, 380.0])->and($after->of('springing'))->toBe([]);
});

it('works out what its facts and a person\'s numbers say, before and after', function () {
    [$before, $after] = libraryFacts();
    $sheet = new GearSheet('weights', [...$after->of('weights'), 'wheels' => ['frontLeft' => 600, 'frontRight' => 600, 'rearLeft' => 750, 'rearRight' => 750]], $after->of('weights'));
    expect($sheet->worked($sheet->values)['after']['front'])->toEqualWithDelta(2700 - 2700 * 1833.333 / 3940, 0.1);
    $links = new GearSheet('rack', ['wheelbase' => 3940.0], ['wheelbase' => 3940.0]);
    expect($links->asBefore($before->of('rack'), $after->of('rack')))->toBe(['wheelbase' => 3300.0])
        ->and((new GearSheet('rack', ['wheelbase' => 3500.0], []))->asBefore($before->of('rack'), $after->of('rack')))->toBeNull();
});

it('goes stale where the plan says something else, and not where a person did', function () {
    [, $after] = libraryFacts();
    $kept = new GearSheet('turning', ['kingpinTrack' => 1480.0, 'innerAngle' => 36.0, 'wheelbases' => [3300.0, 3800.0]], ['wheelbases' => [3300.0, 3800.0]]);
    expect($kept->stale($after->of('turning')))->toBe(['wheelbases' => ['was' => [3300.0, 3800.0], 'is' => [3300.0, 3940.0]]])->and($kept->takenOver($after->of('turning'))['wheelbases'])->toBe([3300.0, 3940.0])
        ->and((new GearSheet('turning', ['wheelbases' => [3000.0]], ['wheelbases' => [3300.0, 3800.0]]))->stale($after->of('turning')))->toBe([])
        ->and((new GearSheet('turning', ['wheelbases' => [3300.0, 3940.0]], ['wheelbases' => [3300.0, 3940.0]]))->stale($after->of('turning')))->toBe([]);
});

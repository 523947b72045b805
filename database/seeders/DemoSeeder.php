<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Gear\KeepWorksheet;
use App\Actions\Instruments\CheckInstrument;
use App\Actions\Jobs\ImportJob;
use App\Actions\Parts\KeepPart;
use App\Actions\Parts\MirrorPart;
use App\Actions\Parts\MovePart;
use App\Actions\Plan\SavePlan;
use App\Actions\Plan\SwitchVariant;
use App\Actions\Reference\AddSource;
use App\Actions\RunSheet\RecordEntry;
use App\Documents\AskedParts;
use App\Documents\PlannedJob;
use App\Documents\RunOfJob;
use App\Documents\WrittenEntry;
use App\Models\Job;
use App\Models\User;
use App\Models\Workshop;
use Geodex\Core\Calculators\HeatInputCalculator;
use Geodex\Core\Calculators\RunningGear\SheetPoints;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Parts\PartState;
use Geodex\Core\Parts\ProposedPart;
use Geodex\Core\RunSheet\Heat\Zone;
use Geodex\Core\RunSheet\Holds\HoldVerdict;
use Geodex\Core\RunSheet\RunSheet;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Database\Seeder;

/** The made-up workshop: no real make, place or person. */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'slate-yard-42';

    public const USERS = [
        ['name' => 'Technician', 'email' => 'technician@slate-yard.example', 'role' => 'technician'],
        ['name' => 'Second technician', 'email' => 'second@slate-yard.example', 'role' => 'technician'],
        ['name' => 'Inspector', 'email' => 'inspector@slate-yard.example', 'role' => 'inspector'],
        ['name' => 'Owner', 'email' => 'owner@slate-yard.example', 'role' => 'owner'],
    ];

    /** Variant A stretches behind the gearbox; B sets the axle back and leaves the rails whole. */
    private const LIBRARY = [
        'B' => [
            ['id' => 'op1', 'kind' => 'move-axle', 'axle' => 'rear', 'by' => '500'],
            ['id' => 'op2', 'kind' => 'remove-feature', 'feature' => 'X5', 'instead' => 'the new crossmember B5, in place first'],
            ['id' => 'B5', 'kind' => 'add-feature', 'new' => ['kind' => 'crossmember', 'name' => 'new middle crossmember', 'station' => '3500', 'length' => '80']],
        ],
        'A' => [
            ['id' => 'op1', 'kind' => 'stretch', 'at' => '230 behind EL', 'length' => '640', 'kerf' => '3', 'gap' => '2'],
            ['id' => 'A2', 'kind' => 'add-feature', 'new' => ['kind' => 'crossmember', 'name' => 'crossmember of the insert', 'station' => '1490', 'length' => '80']],
            ['id' => 'A3', 'kind' => 'move-feature', 'feature' => 'B1', 'to' => '150 behind LL'],
            ['id' => 'A4', 'kind' => 'add-feature', 'new' => ['kind' => 'body-mount', 'name' => 'body mount, front', 'station' => '2000', 'length' => '90']],
            ['id' => 'A5', 'kind' => 'add-feature', 'new' => ['kind' => 'body-mount', 'name' => 'body mount, rear', 'station' => '5000', 'length' => '90']],
        ],
    ];

    private const TENDER = [
        'A' => [
            ['id' => 'op1', 'kind' => 'move-axle', 'axle' => 'rear', 'by' => '6'],
            ['id' => 'op2', 'kind' => 'move-feature', 'feature' => 'K2', 'to' => '3 behind FL'],
            ['id' => 'op3', 'kind' => 'plate', 'from' => '1 ahead of FL', 'to' => '9 behind FL', 'thickness' => '3/16'],
            ['id' => 'op4', 'kind' => 'move-feature', 'feature' => 'SB', 'to' => '-8'],
        ],
    ];

    /** Sheets of the running gear, mm: what the plan asks for at the shafts, the wheels and the scales. */
    private const LIBRARY_GEAR = [
        ['train', 'Two-piece shaft after the stretch', ['speed' => 3000, 'input' => ['fall' => 1.5], 'joints' => [['position' => [1250, 0, 468]], ['position' => [2500, 0, 436]], ['position' => [3690, 0, 392]]], 'shafts' => [['phase' => 0], ['phase' => 0]], 'output' => ['fall' => 1.2], 'wrap' => [0, 1, 2, 3]]],
        ['centre-bearing', 'Where its bearing hangs', ['speed' => 3000, 'frontJoint' => [1250, 0, 468], 'pinionJoint' => [3690, 0, 392], 'input' => ['fall' => 1.5], 'bearing' => ['x' => 2500, 'lowest' => 400, 'highest' => 470, 'step' => 2], 'pinion' => ['lowest' => 0, 'highest' => 6, 'step' => 0.1], 'tube' => ['outer' => 76.2, 'wall' => 2.5], 'torque' => 980, 'present' => ['z' => 436, 'fall' => 1.2]]],
        ['run-out', 'The old shaft on its bearings', ['outer' => 76.2, 'mass' => 9, 'speed' => 3000, 'stations' => [['x' => 150, 'step' => 45, 'values' => [0.05, 0.08, 0.04, 0.02, 0.01, 0.0, 0.02, 0.03]], ['x' => 900, 'step' => 45, 'values' => [0.62, 0.71, 0.55, 0.31, 0.12, 0.05, 0.2, 0.44]], ['x' => 1650, 'step' => 45, 'values' => [0.06, 0.07, 0.05, 0.03, 0.02, 0.01, 0.02, 0.04]]]]],
        ['turning', 'Kerb to kerb', ['kingpinTrack' => 1480, 'innerAngle' => 36, 'overhang' => 170, 'wheelbases' => [3300, 3940], 'trapezoid' => ['arm' => 150, 'aim' => 3000]]],
        ['weights', 'On the scales, empty', ['wheels' => ['frontLeft' => 606, 'frontRight' => 594, 'rearLeft' => 755, 'rearRight' => 745], 'wheelbase' => 3300, 'newWheelbase' => 3940, 'massShift' => 198, 'frontTrack' => 1700, 'rearTrack' => 1560, 'ratings' => ['front' => 2100, 'rear' => 4200], 'lift' => ['end' => 'rear', 'angle' => 12, 'gain' => 88, 'frontRadius' => 380], 'changes' => [['mass' => 18, 'at' => [1670, 0, 640]]]]],
        ['clearance', 'Shaft under the crossmembers', ['moving' => [['id' => 'rear shaft', 'radius' => 45, 'positions' => [['at' => 'droop', 'from' => [2500, 0, 436], 'to' => [3690, 0, 312]], ['at' => 'ride', 'from' => [2500, 0, 436], 'to' => [3690, 0, 392]], ['at' => 'bump', 'from' => [2500, 0, 436], 'to' => [3690, 0, 482]]]]], 'fixed' => [['id' => 'middle crossmember', 'kind' => 'capsule', 'from' => [3100, -400, 560], 'to' => [3100, 400, 560], 'radius' => 40], ['id' => 'fuel tank', 'kind' => 'box', 'lowest' => [2700, 160, 250], 'highest' => [3400, 460, 520]]]]],
    ];

    private const TENDER_GEAR = [
        ['linkage', 'New links for the moved axle', ['wheels' => ['left' => [2514.6, -762, 419.1], 'right' => [2514.6, 762, 419.1], 'ground' => 0], 'links' => [['id' => 'LL', 'frame' => [1760, -380, 440], 'axle' => [2495, -430, 365]], ['id' => 'LR', 'frame' => [1760, 380, 440], 'axle' => [2495, 430, 365]], ['id' => 'U', 'frame' => [1860, 0, 565], 'axle' => [2545, 0, 590]], ['id' => 'TB', 'frame' => [2620, -430, 480], 'axle' => [2620, 430, 455]]], 'wheelbase' => 2514.6, 'cgHeight' => 640, 'brakeShare' => 0.4, 'travel' => [['left' => 80, 'right' => 80], ['left' => -80, 'right' => -80], ['left' => 60, 'right' => -60]], 'driveline' => ['frontJoint' => [1290, 0, 485], 'pinionJoint' => [2330, 0, 430], 'input' => ['fall' => 3.0], 'output' => ['fall' => 3.5]], 'loads' => [['id' => 'brake', 'mass' => 760, 'braking' => 0.9], ['id' => 'drive', 'mass' => 760, 'driving' => 0.7]]]],
        ['hole-pattern', 'Holes of the gearbox mount', ['holes' => [['id' => 'A', 'diameter' => 13], ['id' => 'B', 'diameter' => 13], ['id' => 'C', 'diameter' => 13], ['id' => 'D', 'diameter' => 11]], 'tapes' => [['from' => 'A', 'to' => 'B', 'length' => 142], ['from' => 'A', 'to' => 'C', 'length' => 167.5], ['from' => 'B', 'to' => 'C', 'length' => 88.5], ['from' => 'A', 'to' => 'D', 'length' => 88], ['from' => 'B', 'to' => 'D', 'length' => 167], ['from' => 'C', 'to' => 'D', 'length' => 142.5]]]],
        ['removal-path', 'Gearbox out past the new crossmember', ['part' => ['lowest' => [620, -190, 300], 'highest' => [1180, 190, 640]], 'steps' => [['id' => 'lower it off its mount', 'up' => -60], ['id' => 'rearward off the clutch', 'rearward' => 190], ['id' => 'down and out', 'up' => -420]], 'stands' => [['id' => 'new crossmember', 'lowest' => [1420, -420, 380], 'highest' => [1500, 420, 460]], ['id' => 'left rail', 'lowest' => [0, -470, 420], 'highest' => [2600, -410, 540]]]]],
        ['track-bar', 'Its track bar', ['frame' => [2620, -430, 480], 'axle' => [2620, 430, 455], 'travel' => [80, 40, -40, -80]]],
        ['link-cut', 'Lower links', ['centres' => 741, 'tube' => ['outer' => 38, 'wall' => 4], 'ends' => [['out' => 54, 'thread' => ['diameter' => 20, 'pitch' => 1.5, 'hand' => 'right', 'shank' => 85, 'depth' => 45, 'leastOut' => 40]], ['out' => 54, 'thread' => ['diameter' => 20, 'pitch' => 1.5, 'hand' => 'left', 'shank' => 85, 'depth' => 45, 'leastOut' => 40]]], 'load' => 9000, 'adjust' => 4]],
        ['rack', 'Rack moved forward', ['inner' => [130, 350, 330], 'outer' => [130, 690, 320], 'upper' => [0, 660, 530], 'lower' => [0, 700, 280], 'wheelbase' => 2514.6, 'travel' => [60, -60], 'bump' => [60, -60], 'arms' => ['kind' => 'doubleArm', 'lowerInner' => [0, 380, 295], 'upperInner' => [0, 420, 510]], 'move' => ['x' => -76.2]]],
    ];

    /** Parts that nothing asks for, mm: title, calculator, what it is worked out of, how many, material and stock. */
    private const LIBRARY_PARTS = [
        ['Body bracket', 'offset-contour', ['contour' => [[0, 0], [260, 0], [260, 90], [110, 210], [0, 210]], 'offset' => 8, 'cornerRadius' => 12, 'thickness' => 6, 'windows' => [['at' => [62, 105], 'length' => 50, 'height' => 100, 'radius' => 20], ['at' => [190, 40], 'length' => 18, 'height' => 18, 'radius' => 9], ['at' => [228, 40], 'length' => 18, 'height' => 18, 'radius' => 9]], 'leastLigament' => 12], 6, 'mild steel', 'plate 6'],
        ['Brace behind the cab', 'cope', ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['shape' => 'box', 'width' => 70, 'height' => 200, 'cornerRadius' => 9], 'angle' => 62, 'nodeLength' => 640, 'other' => ['header' => ['shape' => 'round', 'diameter' => 60], 'angle' => 75, 'offset' => 4]], 1, 'mild steel', 'tube 38 x 2.5'],
        ['Step rail', 'tube-bend', ['diameter' => 38, 'wall' => 2.5, 'radius' => 114, 'legs' => [260, 900, 260], 'bends' => [['angle' => 90], ['angle' => 90]], 'springback' => ['asked' => 90, 'got' => 87.2]], 2, 'mild steel', 'tube 38 x 2.5'],
    ];

    private const TENDER_PARTS = [
        ['Link bracket', 'offset-contour', ['contour' => [[0, 0], [120, 0], [120, 60], [60, 150], [0, 150]], 'offset' => 0, 'cornerRadius' => 10, 'thickness' => 8, 'windows' => [['at' => [36, 112], 'length' => 18, 'height' => 18, 'radius' => 9], ['at' => [36, 72], 'length' => 18, 'height' => 18, 'radius' => 9]], 'leastLigament' => 12], 4, 'mild steel', 'plate 8'],
    ];

    /** What the shop has on its rack: name, length, width of a sheet, how many, whether it is what was left of one. */
    private const RACK = [['channel 200 x 70 x 6', 6000, null, 2, false], ['tube 38 x 2.5', 6000, null, null, false], ['tube 38 x 2.5', 1480, null, 1, true], ['tube 44.5 x 6.3', 3000, null, null, false], ['plate 6', 1250, 1000, 2, false], ['plate 8', 1000, 500, 1, false]];

    private const JOBS = ['mobile-library', 'beach-tender', 'trailer-tug'];

    public function __construct(private readonly ImportJob $import, private readonly JobReader $reader, private readonly AddSource $sources, private readonly CheckInstrument $checks, private readonly SavePlan $plans, private readonly SwitchVariant $variants, private readonly KeepWorksheet $sheets, private readonly KeepPart $parts, private readonly MovePart $steps, private readonly MirrorPart $mirror, private readonly RecordEntry $log) {}

    public function run(): void
    {
        $workshop = Workshop::create(['name' => 'Slate Yard Chassis']);
        $users = array_map(fn (array $user): User => $workshop->users()->create([...$user, 'password' => self::PASSWORD]), self::USERS);
        $jobs = array_map(fn (string $file): Job => $this->import->handle($workshop, $users[0], $this->reader->document((string) file_get_contents(database_path("demo/$file.job.json")))), self::JOBS);
        $this->plan($jobs[0]->load('workshop'), self::LIBRARY, LengthUnit::Millimetre);
        $this->plan($jobs[1]->load('workshop'), self::TENDER, LengthUnit::Inch);
        foreach ([[$jobs[0], self::LIBRARY_GEAR], [$jobs[1], self::TENDER_GEAR]] as [$job, $sheets]) {
            foreach ($sheets as [$tool, $title, $given]) {
                $this->sheets->handle($job, $users[0], $tool, $title, $given, new SheetPoints([]));
            }
        }
        foreach (self::RACK as [$stock, $length, $width, $count, $isRemnant]) {
            $workshop->stock()->create(['stock' => $stock, 'length' => $length, 'width' => $width, 'count' => $count, 'is_remnant' => $isRemnant]);
        }
        $this->parts($jobs[0]->refresh(), $users[0], self::LIBRARY_PARTS);
        $this->parts($jobs[1]->refresh(), $users[0], self::TENDER_PARTS);
        $this->underWay($jobs[0], $users[0]);
        $this->sister($jobs[2]);
        $this->instruments($workshop);
    }

    /** @param  array<'A'|'B'|'C', list<array<string, mixed>>>  $variants  the last one stays in force */
    private function plan(Job $job, array $variants, LengthUnit $unit): void
    {
        foreach ($variants as $letter => $operations) {
            $this->variants->handle($job, $letter);
            $this->plans->handle($job, $operations, $unit);
        }
    }

    /**
     * What is asked for, with its stock, and what is made besides; the last one for both sides, the first one tried.
     *
     * @param  list<array{string, string, array<string, mixed>, int, string, string}>  $besides
     */
    private function parts(Job $job, User $by, array $besides): void
    {
        foreach (array_filter(AskedParts::of(PlannedJob::of($job)), fn (ProposedPart $one): bool => $one->isFirst) as $asked) {
            $part = $this->parts->take($job, $by, $asked);
            $part->update(['material' => 'mild steel', 'stock' => match (true) {
                $part->tool === 'piece' && ($part->given['shape'] ?? '') === 'channel' => 'channel 200 x 70 x 6', $part->tool === 'piece' => 'tube 44.5 x 6.3', $part->tool === 'offset-contour' => 'plate 6', default => ''
            }]);
        }
        foreach ($besides as $i => [$title, $tool, $given, $count, $material, $stock]) {
            $part = $this->parts->handle($job, $by, ['tool' => $tool, 'title' => $title, 'given' => $given, 'count' => $count, 'side' => 'either', 'material' => $material, 'used' => '', 'stock' => $stock]);
            if ($tool === 'cope') {
                $this->mirror->handle($part->load('job'), $by);
            }
            if ($i === 0) {
                $this->steps->handle($part, $by, PartState::FirstArticle, 'Window 2 mm lower: the bolt head fouled its edge.');
            }
        }
    }

    /** The mobile library is cut and tacked, its lines are out, and the first runs of the root are in. */
    private function underWay(Job $job, User $by): void
    {
        $corners = ['frontWidth' => 830.0, 'rearWidth' => 830.0];
        $heights = ['bench' => ['frontLeft' => 402.0, 'frontRight' => 400.5, 'rearLeft' => 401.0, 'rearRight' => 402.0], 'posts' => ['frontLeft' => 512.0, 'frontRight' => 510.5, 'rearLeft' => 511.0, 'rearRight' => 512.1]];
        $job->update(['strip_list' => ['Rear mudguards with their stays'], 'coatings' => [['place' => 'Outside of the rails about the joints', 'what' => 'zinc primer, two coats', 'closed' => 'the body goes on']]]);
        $run = RunOfJob::of($job->refresh());
        foreach (RunSheet::of($run->steps, [])->steps as $i => $one) {
            $step = $one->step;
            if (in_array($step->kind, ['survey', 'make-safe', 'bench', 'support', 'strip', 'fuel', 'first-article', 'make', 'cut', 'prepare', 'tack'], true)) {
                $between = $step->hold?->goesOnBetween(HoldVerdict::SIGMA);
                $this->log->handle($job, $by, new WrittenEntry("demo-$step->id", $step->id, 'done', reading: $between === null ? null : round(($between[0] + $between[1]) / 2, 1), heights: isset($heights[$step->id]) ? ['heights' => $heights[$step->id], ...$corners] : null, isSeenTo: true, waited: 90_000.0 - 1_500.0 * $i));
            }
        }
        $this->log->handle($job, $by, new WrittenEntry('demo-note-posts', 'posts', 'note', 'Rear posts on packing of 12 mm: the floor falls away there.', waited: 80_000.0));
        foreach (['left-front-web', 'right-front-web', 'left-rear-web'] as $i => $zone) {
            $set = (new FieldReader(LengthUnit::Millimetre))->read(HeatInputCalculator::fields(), ['process' => 'mag', 'voltage' => 20.5, 'current' => 165, 'length' => 60, 'seconds' => 10.9]);
            $this->log->handle($job, $by, new WrittenEntry("demo-run-$i", 'op1-root', 'run', run: $set, zone: Zone::named($zone), waited: 400.0 - 120.0 * $i));
        }
        $job->logEntries()->update(['arrived_at' => null]);
        $job->update(['hand_over' => ['answers' => ['balance' => ['answer' => 'no', 'who' => 'driveline shop, ordered'], 'coating' => ['answer' => 'no', 'who' => 'Technician']], 'marks' => ['FL', 'FR', 'HL', 'HR']]]);
    }

    /** The trailer tug has no chart: it is held against its mirror image, and its sister stands ready as a reference. */
    private function sister(Job $job): void
    {
        $survey = $job->surveys()->where('code', 'sister')->firstOrFail();
        $this->sources->fromSurvey($job->load('points'), $survey->setRelation('job', $job->load('workshop')), 'Sister vehicle');
    }

    private function instruments(Workshop $workshop): void
    {
        $bar = $workshop->instruments()->create(['name' => 'Long tram bar', 'kind' => 'tram-bar', 'reach_mm' => 2500]);
        $this->checks->handle($bar, 1000.0, [1000.5, 1001.0, 1000.0, 1000.5, 1001.5]);
        $workshop->instruments()->create(['name' => 'Tape 5 m', 'kind' => 'tape', 'reach_mm' => 5000]);
        $workshop->instruments()->create(['name' => 'Stand-in tram', 'kind' => 'tram-bar', 'reach_mm' => 2500, 'simulated' => ['seed' => 7, 'slop' => 1.0, 'misreads' => 0.05, 'damage' => 'rear-twist=7']]);
        $workshop->instruments()->create(['name' => 'Stand-in dial', 'kind' => 'dial', 'simulated' => ['seed' => 4, 'slop' => 1.0, 'misreads' => 0.0, 'damage' => '']]);
    }
}

<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Ids;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SymmetricEigen;

/**
 * A rigid axle held by links (their lengths stay), guides (a point may not move one way) and balls (nor any way). Unknown are three moves
 * and three turns; the turns are counted in thousandths, so that both weigh alike. Methods of the running gear, section 12.
 */
final readonly class LinkedAxle
{
    /** mm for a turn of one. */
    private const TURN_MM = 1000.0;

    /** Singular values under it count as none. */
    private const RANK = 1e-6;

    private const GRAVITY = 9.80665;

    private const TURNS = 200;

    private const STILL = 1e-12;

    public Vector3 $middle;

    /**
     * @param  list<array{string, Vector3, Vector3, float}>  $links  name, ends at the frame and at the axle, length
     * @param  list<array{Vector3, Vector3}>  $guides  point and unit direction
     */
    private function __construct(private Vector3 $left, private Vector3 $right, public float $ground, private array $links, private array $guides)
    {
        $this->middle = $left->plus($right)->times(0.5);
    }

    /** @throws InvalidFields if nothing holds it, or a link is none */
    public static function of(Values $given): self
    {
        $wheels = $given->within('wheels');
        [$left, $right] = [self::point($wheels, 'left', 'wheels.left'), self::point($wheels, 'right', 'wheels.right')];
        if ($left->y >= $right->y) {
            throw InvalidFields::at('wheels.left', 'stands left of the right one.');
        }
        $ids = Ids::of($given->list('links'), 'link', 'links');
        $links = $guides = [];
        foreach ($given->list('links') as $i => $link) {
            [$frame, $end] = [self::point($link, 'frame', "links[$i].frame"), self::point($link, 'axle', "links[$i].axle")];
            $length = $end->minus($frame)->norm();
            $links[] = $length < 1e-9 ? throw InvalidFields::at("links[$i].axle", 'the link has no length.') : [$ids[$i], $frame, $end, $length];
        }
        foreach ($given->list('guides') as $i => $guide) {
            $way = self::point($guide, 'direction', "guides[$i].direction");
            $guides[] = $way->norm() < 1e-9 ? throw InvalidFields::at("guides[$i].direction", 'is no direction.') : [self::point($guide, 'point', "guides[$i].point"), $way->unit()];
        }
        foreach ($given->list('balls') as $i => $ball) {
            foreach ([Vector3::of(1.0, 0.0, 0.0), Vector3::of(0.0, 1.0, 0.0), Vector3::of(0.0, 0.0, 1.0)] as $way) {
                $guides[] = [self::point($ball, 'point', "balls[$i].point"), $way];
            }
        }

        return $links === [] && $guides === [] ? throw InvalidFields::at('links', 'nothing holds this axle: give a link, a guide or a ball.') : new self($left, $right, $wheels->number('ground'), $links, $guides);
    }

    public function constraints(): int
    {
        return count($this->links) + count($this->guides);
    }

    /** @return list<array{id: string, length: float}> of the links, centre to centre */
    public function lengths(): array
    {
        return array_map(fn (array $link): array => ['id' => $link[0], 'length' => $link[3]], $this->links);
    }

    /** How many of the constraints count, with both wheels held up too or not. */
    public function rank(bool $withWheels): int
    {
        $ride = AxlePose::atRide($this->middle);
        $rows = array_column($this->held($ride), 0);
        $rows = array_map($this->unit(...), $withWheels ? [...$rows, ...array_column($this->wheels($ride, 0.0, 0.0), 0)] : $rows);
        $square = array_fill(0, 6, array_fill(0, 6, 0.0));
        foreach ($rows as $row) {
            for ($i = 0; $i < 6; $i++) {
                for ($j = 0; $j < 6; $j++) {
                    $square[$i][$j] += $row[$i] * $row[$j];
                }
            }
        }

        return count(array_filter(SymmetricEigen::of($square)->values, fn (float $value): bool => $value > self::RANK ** 2));
    }

    /**
     * Velocity of the middle and turn for so much rise of each wheel at ride; of a free axle.
     *
     * @return array{Vector3, Vector3} mm and rad for each mm
     */
    public function motion(float $left, float $right): array
    {
        $ride = AxlePose::atRide($this->middle);
        $step = $this->step($ride, [$left, $right], true);

        return [Vector3::of($step[0], $step[1], $step[2]), Vector3::of($step[3], $step[4], $step[5])->times(1 / self::TURN_MM)];
    }

    /** With both wheels so much higher, and the constraints off by as little as may be. */
    public function posed(float $left, float $right): AxlePose
    {
        $pose = AxlePose::atRide($this->middle);
        for ($i = 0; $i < self::TURNS; $i++) {
            $step = $this->step($pose, [$left, $right], false);
            $size = max([0.0, ...array_map(abs(...), $step)]);
            // A step longer than the axle leads nowhere.
            $share = $size > self::TURN_MM / 2 ? self::TURN_MM / 2 / $size : 1.0;
            $pose = $pose->moved(Vector3::of($step[0], $step[1], $step[2])->times($share), Vector3::of($step[3], $step[4], $step[5])->times($share / self::TURN_MM));
            if ($size < self::STILL * self::TURN_MM) {
                break;
            }
        }

        return $pose->missing(max([0.0, ...array_map(fn (array $one): float => abs($one[1]), [...$this->held($pose), ...$this->wheels($pose, $left, $right)])]));
    }

    /** @return array{shift: array{float, float, float}, steer: float, roll: float, pinion: float} mm and degrees */
    public function told(AxlePose $pose): array
    {
        [$left, $right] = [$pose->place($this->left), $pose->place($this->right)];
        $across = $right->y - $left->y;

        return [
            'shift' => $pose->to->minus($pose->from)->toArray(), 'steer' => rad2deg(atan2($right->x - $left->x, $across)), 'roll' => rad2deg(atan2($right->z - $left->z, $across)), 'pinion' => rad2deg(atan2(-$pose->axes[0]->z, $pose->axes[0]->x)),
        ];
    }

    /**
     * How far each link swings at both its ends.
     *
     * @param  list<AxlePose>  $poses
     * @return list<array{id: string, frame: float, axle: float}> degrees
     */
    public function misalignment(array $poses): array
    {
        $angle = fn (Vector3 $one, Vector3 $other): float => rad2deg(atan2($one->cross($other)->norm(), $one->dot($other)));

        return array_map(function (array $link) use ($poses, $angle): array {
            [$id, $frame, $end] = $link;
            $ride = $end->minus($frame);
            $most = [0.0, 0.0];
            foreach ($poses as $pose) {
                if ($pose->mismatch <= 1e-3) {
                    $now = $pose->place($end)->minus($frame);
                    $most = [max($most[0], $angle($ride, $now)), max($most[1], $angle($ride, $pose->seen($now)))];
                }
            }

            return ['id' => $id, 'frame' => $most[0], 'axle' => $most[1]];
        }, $this->links);
    }

    /**
     * Links along their lines, springs upright at the wheels: six equations.
     *
     * @return array{links: list<array{id: string, force: float}>, springs: array{float, float}} N, tension positive
     */
    public function loaded(Values $load): array
    {
        $patch = $load->number('mass') * self::GRAVITY / 2;
        $force = Vector3::of($patch * ($load->number('braking') - $load->number('driving')), $patch * $load->number('cornering'), $patch);
        $given = array_fill(0, 6, 0.0);
        foreach ([$this->left, $this->right] as $wheel) {
            foreach ($this->wrench($force, Vector3::of($wheel->x, $wheel->y, $this->ground)) as $i => $one) {
                $given[$i] -= $one;
            }
        }
        $columns = [
            ...array_map(fn (array $link): array => $this->wrench($link[2]->minus($link[1])->unit()->times(-1.0), $link[2]), $this->links),
            ...array_map(fn (array $guide): array => $this->wrench($guide[1], $guide[0]), $this->guides),
            ...array_map(fn (Vector3 $wheel): array => $this->wrench(Vector3::of(0.0, 0.0, -1.0), $wheel), [$this->left, $this->right]),
        ];
        $solved = SmallSystem::solve(array_map(fn (int $i): array => array_column($columns, $i), range(0, 5)), $given);

        return ['links' => array_map(fn (array $link, int $i): array => ['id' => $link[0], 'force' => $solved[$i]], $this->links, array_keys($this->links)), 'springs' => [$solved[4], $solved[5]]];
    }

    /** @return list<float> force and moment about the middle, in thousandths */
    private function wrench(Vector3 $force, Vector3 $at): array
    {
        return [...$force->toArray(), ...$at->minus($this->middle)->cross($force)->times(1 / self::TURN_MM)->toArray()];
    }

    /**
     * One step of Gauss and Newton with both wheels exactly where they are asked.
     *
     * @param  array{float, float}  $rise
     * @return list<float> three moves, three turns in thousandths
     */
    private function step(AxlePose $pose, array $rise, bool $isMotion): array
    {
        $held = $this->held($pose);
        $wheels = $this->wheels($pose, $rise[0], $rise[1]);
        $system = array_fill(0, 8, array_fill(0, 8, 0.0));
        $right = array_fill(0, 8, 0.0);
        foreach ($held as [$row, $off]) {
            for ($i = 0; $i < 6; $i++) {
                $right[$i] -= $isMotion ? 0.0 : $row[$i] * $off;
                for ($j = 0; $j < 6; $j++) {
                    $system[$i][$j] += $row[$i] * $row[$j];
                }
            }
        }
        foreach ($wheels as $k => [$row, $off]) {
            $right[6 + $k] = -$off;
            for ($i = 0; $i < 6; $i++) {
                $system[6 + $k][$i] = $system[$i][6 + $k] = $row[$i];
            }
        }

        return array_slice(SmallSystem::solve($system, $right), 0, 6);
    }

    /** @return list<array{list<float>, float}> row and error (mm) of each constraint */
    private function held(AxlePose $pose): array
    {
        $held = [];
        foreach ($this->links as [, $frame, $end, $length]) {
            $at = $pose->place($end);
            $along = $at->minus($frame);
            $held[] = [$this->row($along->unit(), $at, $pose), $along->norm() - $length];
        }
        foreach ($this->guides as [$point, $way]) {
            $at = $pose->place($point);
            $held[] = [$this->row($way, $at, $pose), $way->dot($at->minus($point))];
        }

        return $held;
    }

    /** @return list<array{list<float>, float}> */
    private function wheels(AxlePose $pose, float $left, float $right): array
    {
        return array_map(function (Vector3 $wheel, float $rise) use ($pose): array {
            $at = $pose->place($wheel);

            return [$this->row(Vector3::of(0.0, 0.0, 1.0), $at, $pose), $at->z - $wheel->z - $rise];
        }, [$this->left, $this->right], [$left, $right]);
    }

    /** @return list<float> */
    private function row(Vector3 $way, Vector3 $at, AxlePose $pose): array
    {
        return [...$way->toArray(), ...$at->minus($pose->to)->cross($way)->times(1 / self::TURN_MM)->toArray()];
    }

    /**
     * @param  list<float>  $row
     * @return list<float>
     */
    private function unit(array $row): array
    {
        $size = sqrt(array_sum(array_map(fn (float $one): float => $one ** 2, $row)));

        return array_map(fn (float $one): float => $one / $size, $row);
    }

    private static function point(Values $given, string $name, string $path): Vector3
    {
        return $given->place($name) ?? throw InvalidFields::at($path, 'missing.');
    }
}

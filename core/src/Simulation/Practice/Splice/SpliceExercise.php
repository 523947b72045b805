<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice\Splice;

use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Parts\PartState;
use Geodex\Core\RunSheet\Holds\ShrinkageBook;
use Geodex\Core\RunSheet\PlannedCut;
use Geodex\Core\RunSheet\PlannedPart;
use Geodex\Core\RunSheet\StandardSteps;
use Geodex\Core\RunSheet\Step;
use Geodex\Core\RunSheet\StrippedItem;
use Geodex\Core\RunSheet\Welds\JointSite;
use Geodex\Core\RunSheet\Welds\SequenceSchool;
use Geodex\Core\RunSheet\Welds\WeldPlan;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Simulation\Practice\PracticeLevel;
use Geodex\Core\Simulation\RandomSource;

/** A splice to be made on a run sheet, with what nobody sees: what the joint will draw in, how it was tacked, and what the supports put in. The same seed and level give the same one. */
final readonly class SpliceExercise
{
    /** What the joint is told to draw in, half as much either way (mm). */
    private const ESTIMATE = 1.2;

    private const BEFORE = 200.0;

    private const STRETCHED_BY = 640.0;

    private const APART = 830.0;

    /** @var list<Step> */
    public array $steps;

    /** @var list<WeldPiece> pieces of the root, as listed */
    public array $pieces;

    /** What the witness marks draw in from the tack to cold (mm). */
    public float $drawsIn;

    /** What they are off by when it is first tacked (mm). */
    public float $misfit;

    /** What the posts wind the frame by, as first set (mm). */
    public float $twist;

    /** Of a reading of marks or heights (mm). */
    public float $sigma;

    public function __construct(public int $seed, public PracticeLevel $level)
    {
        $random = new RandomSource($seed + 53);
        $hard = match ($level) {
            PracticeLevel::Apprentice => 0.6,
            PracticeLevel::Journeyman => 1.0,
            PracticeLevel::Master => 1.5,
        };
        $this->drawsIn = max(0.1, self::ESTIMATE + $random->normal(0.25 * $hard * self::ESTIMATE));
        $this->misfit = self::ESTIMATE + $random->normal(1.6 * $hard);
        $this->twist = $random->share() < 0.5 ? $random->normal(0.4) : ($random->share() < 0.5 ? -1 : 1) * $random->between(4.0, 6.0 + 3.0 * $hard);
        $this->sigma = 0.15 + 0.1 * $hard;
        $cut = new PlannedCut('op1', 'stretch op1', true, self::BEFORE, self::BEFORE + self::STRETCHED_BY, ShrinkageBook::of(self::ESTIMATE, [], ''));
        $this->steps = StandardSteps::of([$cut], [new PlannedPart(1, 'Insert', 'op1', 2, PartState::Drawn, null)], [], StrippedItem::list(['fuel line', 'rear loom'], []), [], true, new Shop([]));
        $site = new JointSite(200.0, 70.0, 6.0, self::APART, 1.1e7, 2.0, 0.0, false, true, 1, 1, [], 0.5);
        $this->pieces = WeldPlan::of($site, SequenceSchool::AsListed, true, false)->sequence;
    }

    public function step(string $id): ?Step
    {
        foreach ($this->steps as $step) {
            if ($step->id === $id) {
                return $step;
            }
        }

        return null;
    }

    public function centre(): Vector3
    {
        return Vector3::of(0.0, 0.0, 0.0);
    }

    /** @return array{frontLeft: float, frontRight: float, rearLeft: float, rearRight: float} true heights with that twist in it */
    public static function heights(float $twist): array
    {
        return ['frontLeft' => 510.0 - $twist / 2, 'frontRight' => 510.0 + $twist / 2, 'rearLeft' => 510.0, 'rearRight' => 510.0];
    }

    public static function apart(): float
    {
        return self::APART;
    }
}

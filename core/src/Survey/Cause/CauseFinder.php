<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;

/** The one place where causes are registered, and the choice among them. */
final readonly class CauseFinder
{
    /** @var list<class-string<Cause>> */
    private const CAUSES = [InchMark::class, WrongUnit::class, SignLost::class, SwappedDigits::class, EdgeForCentre::class, LeftForRight::class, OtherPoint::class, RoundFigure::class];

    /** A cause fits when its error lies within three sigmas of the mistake seen. */
    private const FITS_SIGMAS = 3.0;

    /** Causes that fit worse than the best by more are not told: χ² of one degree of freedom at 95 %. */
    private const AS_WELL = 3.84;

    /**
     * The causes that fit a suspect reading, the likeliest first, several where they fit about equally: the misfit in sigmas squared, with two log of the number
     * of forms a cause could have taken, so that one with many forms does not win by chance (a log likelihood ratio).
     *
     * @param  array<string, Vector3>  $at  positions on the bench (mm)
     * @param  float  $true  what the others say it should read
     * @param  float  $sigma  standard uncertainty of read less true
     * @param  bool  $twice  whether it was read twice with the same result
     * @return list<LikelyCause>
     */
    public function find(Reading $reading, Frame $frame, array $at, float $true, float $sigma, bool $twice = false): array
    {
        $error = $reading->value - $true;
        $fitting = [];
        foreach (self::CAUSES as $class) {
            $forms = (new $class)->forms($reading, $frame, $at, $true);
            foreach ($forms as $cause) {
                $misfit = abs($error - $cause->error) / $sigma;
                if ($misfit <= self::FITS_SIGMAS) {
                    $fitting[] = [$misfit ** 2 + 2 * log(count($forms)), $cause];
                }
            }
        }
        usort($fitting, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $told = array_filter($fitting, fn (array $one): bool => $one[0] <= $fitting[0][0] + self::AS_WELL);

        return array_values(array_map(fn (array $one): LikelyCause => $twice ? $one[1]->madeTwice() : $one[1], $told));
    }
}

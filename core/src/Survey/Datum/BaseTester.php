<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Datum;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/**
 * Tests base points against each other: each is laid on all others, and dᵀ Σ⁻¹ d of what it is off by is held against χ² with three
 * degrees of freedom, Σ from the readings and the scatter that frames are built with. docs/formulas.md, "Datum".
 */
final readonly class BaseTester implements HasProvenance
{
    /** No more than one in so many of the base points is left out. */
    private const MAX_SHARE = 3;

    /** Points that are looked at, the most contradicted ones: a bound on time. */
    private const CANDIDATES = 6;

    public function __construct(private SurveyOptions $options) {}

    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'datum',
                title: 'Base points tested',
                formula: 'T = dᵀ Σ⁻¹ d of each base point laid on the others, in doubt over 16.3 (χ² of 3 at 99.9 %); Σ with 1 mm of build scatter, or the shop’s own',
                source: 'Congruence test; S-transformation, Baarda',
                limit: 'Four base points at least.',
            ),
        ];
    }

    /**
     * @param  array<string, Vector3>  $at  measured positions, near the axes of the chart (mm)
     * @param  array<int, array<int, float>>  $cofactors  of all coordinates, in the same axes (mm²)
     * @param  array<string, Vector3>  $chart  chart positions of the base points (mm)
     * @param  list<string>  $forced  points that a person keeps in the datum
     * @return non-empty-list<DatumChoice> the best first; one without doubtful points where all agree
     */
    public function choices(Network $network, array $at, array $cofactors, array $chart, array $forced = []): array
    {
        $base = array_map(strval(...), array_keys($chart));
        $all = new DatumChoice($base, []);
        if (count($base) < 4) {
            return [$all];
        }
        $agreement = new BaseAgreement(network: $network, at: $at, cofactors: $cofactors, chart: $chart, options: $this->options);
        if ($agreement->agree($base)) {
            return [$all];
        }
        $free = $this->worst(array_values(array_diff($base, $forced)), $agreement, $base);
        for ($size = 1; $size <= min(intdiv(count($base), self::MAX_SHARE), count($base) - 3, count($free)); $size++) {
            $passing = [];
            foreach ($this->subsets($free, $size) as $out) {
                $kept = array_values(array_diff($base, $out));
                $doubtful = $agreement->doubtful($kept, $out);
                if ($doubtful !== null && $agreement->agree($kept)) {
                    $passing[] = [$agreement->contradiction($kept) ?? 0.0, $kept, $doubtful];
                }
            }
            if ($passing === [] && $size === 1 && $agreement->isShape($base)) {
                return [$all];
            }
            if ($passing !== []) {
                usort($passing, fn (array $a, array $b): int => $a[0] <=> $b[0]);

                return array_map(fn (array $one): DatumChoice => new DatumChoice($one[1], array_map(
                    fn (array $point): DoubtfulBase => new DoubtfulBase($point[0], $point[1], $point[2], count($passing) === 1),
                    $one[2],
                )), $passing);
            }
        }

        // Where no few of them explain it, the section itself is out of shape, which is for the findings to say.
        return [$all];
    }

    /**
     * @param  list<string>  $free
     * @param  list<string>  $base
     * @return list<string> those that the others contradict most: nobody else is worth leaving out
     */
    private function worst(array $free, BaseAgreement $agreement, array $base): array
    {
        $tests = [];
        foreach ($free as $id) {
            $tests[$id] = $agreement->off(array_values(array_diff($base, [$id])), $id)[2] ?? 0.0;
        }
        arsort($tests);

        return array_map(strval(...), array_slice(array_keys($tests), 0, self::CANDIDATES));
    }

    /**
     * @param  list<string>  $of
     * @return list<list<string>>
     */
    private function subsets(array $of, int $size): array
    {
        if ($size === 0) {
            return [[]];
        }
        $subsets = [];
        foreach ($of as $k => $first) {
            foreach ($this->subsets(array_slice($of, $k + 1), $size - 1) as $rest) {
                $subsets[] = [$first, ...$rest];
            }
        }

        return $subsets;
    }
}

<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\LoadCase;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Plan\RailLine;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Provenance;
use Geodex\Core\Words\Sentence;

/**
 * Where both rails may be cut: what all rules leave, both rails at one station. Between the axles first, then by how little the rail bears
 * there; what lies in the longest bay without a crossmember comes after the others.
 */
final readonly class CutWindows implements HasProvenance
{
    /** A window shorter than this is none (mm). */
    private const SHORTEST_MM = 1.0;

    private const STEP_MM = 25.0;

    /** @var list<ForbiddenStretch> by station */
    public array $forbidden;

    /** @var list<CutWindow> best first */
    public array $windows;

    /**
     * @param  ?FrameLoads  $loads  where masses are entered
     */
    public function __construct(private Chassis $chassis, RailLine $line, Shop $shop, private ?FrameLoads $loads)
    {
        $bends = $line->crooked();
        $forbidden = array_merge(...array_map(fn (CutRule $rule): array => $rule->forbids($chassis, $shop, $bends), CutRules::all()));
        usort($forbidden, fn (ForbiddenStretch $a, ForbiddenStretch $b): int => [$a->from, $a->to] <=> [$b->from, $b->to]);
        $this->forbidden = $forbidden;
        $this->windows = $this->ranked($this->open());
    }

    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'window',
                title: 'Where to cut',
                formula: 'stations at which no rule is broken, both rails at one station; least φ ½ M / S first, the longest bay without a crossmember last',
                source: 'Rules by name with the shop\'s values; ranking: beam statics',
                limit: 'Only what is entered on the page Frame is kept clear of. The vehicle maker\'s body-builder instruction goes before all of it.',
            ),
        ];
    }

    /** @return list<ForbiddenStretch> that hold at a station */
    public function at(float $station): array
    {
        return array_values(array_filter($this->forbidden, fn (ForbiddenStretch $one): bool => $one->holds($station)));
    }

    /** @return list<array{float, float}> */
    private function open(): array
    {
        $span = $this->chassis->span();
        if ($span === null) {
            return [];
        }
        $open = [];
        $reached = $span[0];
        foreach ($this->forbidden as $one) {
            $open[] = [$reached, min($one->from, $span[1])];
            $reached = max($reached, $one->to);
        }

        return array_values(array_filter([...$open, [$reached, $span[1]]], fn (array $one): bool => $one[1] - $one[0] >= self::SHORTEST_MM));
    }

    /**
     * @param  list<array{float, float}>  $open
     * @return list<CutWindow>
     */
    private function ranked(array $open): array
    {
        $greatest = $this->loads?->worst(1)[0]->stress ?? null;
        $bay = $this->longestBay();
        $windows = array_map(fn (array $one): CutWindow => $this->window($one[0], $one[1], $greatest, $bay), $open);
        usort($windows, fn (CutWindow $a, CutWindow $b): int => [! $a->isBetweenAxles, $a->inLongestBay, $a->stress ?? 0.0, $a->from] <=> [! $b->isBetweenAxles, $b->inLongestBay, $b->stress ?? 0.0, $b->from]);

        return $windows;
    }

    /** @param  ?array{float, float}  $bay */
    private function window(float $from, float $to, ?float $greatest, ?array $bay): CutWindow
    {
        [$best, $stress] = [($from + $to) / 2, null];
        if ($this->loads !== null) {
            $stations = [...range($from, $to, min(self::STEP_MM, $to - $from)), $to];
            $stress = INF;
            foreach ($this->worstMoments($stations) as $i => $moment) {
                $here = $this->loads->stress($this->loads->fullest()->kind, $stations[$i], $moment)->stress ?? INF;
                if ($here < $stress - 1e-9) {
                    [$best, $stress] = [$stations[$i], $here];
                }
            }
            $stress = is_finite($stress) ? $stress : null;
        }
        $inBay = $bay !== null && $best > $bay[0] && $best < $bay[1];
        $between = $this->isBetweenAxles($best);
        $share = $stress !== null && $greatest > 0.0 ? $stress / $greatest : null;

        return new CutWindow(from: $from, to: $to, best: $best, stress: $stress, share: $share, inLongestBay: $inBay, isBetweenAxles: $between, text: Sentence::of(
            'cut.window', 'Between {from} and {to}, {length} long{bears}{bay}{axles}.',
            from: Measure::given(round($from)), to: Measure::given(round($to)), length: Measure::given(round($to - $from)),
            bears: $share === null ? '' : Sentence::of('cut.bears', ': at {best} the rail bears {stress} MPa, {share} of its greatest', best: Measure::given(round($best)), stress: sprintf('%.0f', $stress), share: sprintf('%.0f %%', 100 * $share)),
            axles: $between ? '' : '; outside the axles: it changes the overhang and not the wheelbase',
            bay: $inBay ? '; it lies in the longest bay without a crossmember, where the frame twists most' : '',
        ));
    }

    /** Without two axles every station counts as between them. */
    private function isBetweenAxles(float $station): bool
    {
        $axles = array_map(fn (Axle $axle): float => $axle->station, $this->chassis->axles);

        return count($axles) < 2 || ($station > min($axles) && $station < max($axles));
    }

    /**
     * The greatest moment at each station of all cases on the axles; a jack stands elsewhere the next time.
     *
     * @param  list<float>  $stations
     * @return list<float> N·m
     */
    private function worstMoments(array $stations): array
    {
        $worst = array_fill(0, count($stations), 0.0);
        foreach (array_filter($this->loads->cases ?? [], fn (LoadCase $case): bool => ! $case->kind->isJacked()) as $case) {
            foreach ($case->moments($stations) as $i => $moment) {
                $worst[$i] = max($worst[$i], abs($moment));
            }
        }

        return array_values($worst);
    }

    /** @return ?array{float, float} between two crossmembers (mm); null with fewer than three, of which none is longest */
    private function longestBay(): ?array
    {
        $at = array_map(fn (Fixture $one): float => $one->station, array_values(array_filter($this->chassis->fixtures, fn (Fixture $one): bool => $one->kind->bracesRails())));
        sort($at);
        if (count($at) < 3) {
            return null;
        }
        $longest = [$at[0], $at[1]];
        for ($i = 2; $i < count($at); $i++) {
            $longest = $at[$i] - $at[$i - 1] > $longest[1] - $longest[0] + self::SHORTEST_MM ? [$at[$i - 1], $at[$i]] : $longest;
        }

        return $longest;
    }
}

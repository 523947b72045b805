<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Chassis\Mass;
use Geodex\Core\Chassis\Rail;
use Geodex\Core\Fields\Field;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Structure\AxleSupport;
use Geodex\Core\Structure\BendingFrequency;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/**
 * A frame on its axles under its loads: reactions, moments, stress in the weaker rail, sag, first bending frequency. Two rails share
 * evenly; axles behind the first stand as one at their middle; a spring passes its load to the hangers nearest to its axle.
 */
final readonly class FrameLoads implements HasProvenance, HasShopDefaults
{
    /** Hangers farther from an axle are not its own (mm). */
    private const REACH_MM = 1300.0;

    /** Stations nearer to each other than this are one worst place (mm). */
    private const APART_MM = 300.0;

    private const STEP_MM = 100.0;

    private const ELASTIC_MPA = 210_000.0;

    private const RAIL_SHARE = 0.5;

    /** Masses that a spread is taken as for the frequency; two hundred give the same to three digits. */
    private const LUMPS = 40;

    /** Supports nearer to each other hold nothing steady (mm). */
    private const LEAST_SPAN_MM = 1.0;

    /** Nothing that bends (MPa). */
    private const NO_STRESS_MPA = 1e-6;

    private RailStrengths $strengths;

    /** @var list<AxleSupport> */
    public array $supports;

    /** @var non-empty-list<LoadCase> */
    public array $cases;

    /** @throws CannotLoad if axles or masses are missing */
    public function __construct(private Chassis $chassis, public Shop $shop = new Shop)
    {
        if (count($chassis->axles) < 2) {
            throw CannotLoad::noAxles();
        }
        if ($chassis->masses === []) {
            throw CannotLoad::noMass();
        }
        $this->strengths = new RailStrengths($chassis);
        $this->supports = $this->supports();
        $kinds = array_filter(LoadKind::cases(), fn (LoadKind $kind): bool => match ($kind) {
            LoadKind::Empty, LoadKind::JackedFront, LoadKind::JackedRear => true,
            LoadKind::Tipping => array_filter($chassis->masses, fn (Mass $mass): bool => $mass->tips && $mass->to !== null) !== [],
            LoadKind::Braking => false,
            default => array_filter($chassis->masses, fn (Mass $mass): bool => $mass->isLoad) !== [],
        });
        $cases = array_values(array_filter(array_map($this->case(...), $kinds)));
        $standing = array_values(array_filter($cases, fn (LoadCase $case): bool => in_array($case->kind, [LoadKind::Laden, LoadKind::Empty], true)));
        $braking = $standing === [] ? null : (new Braking($shop))->of($standing[count($standing) - 1], $chassis);
        array_splice($cases, count(array_filter($cases, fn (LoadCase $case): bool => ! $case->kind->isJacked())), 0, $braking === null ? [] : [$braking]);
        $this->cases = $cases === [] ? throw CannotLoad::noMass() : $cases;
    }

    public static function shopDefaults(): array
    {
        return [self::dynamicFactor()];
    }

    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'stress',
                title: 'Bending stress',
                formula: 'φ · ½ M / S of the weaker rail, as worn; margin = yield / stress',
                source: 'Macaulay\'s method; φ: body-builder practice, 2 to 3 on the road, 3 to 4 off it, shop default',
                limit: 'A margin is a number with these assumptions and never a release: static with a factor, no torsion, no fatigue, holes not taken out. The vehicle maker\'s instructions decide.',
            ),
            new Provenance('reaction', 'Axle load', 'moments about the other axle', 'Statics', 'Axles behind the first are taken together at their middle.'),
        ];
    }

    public static function dynamicFactor(): ShopDefault
    {
        return new ShopDefault('Structure', Field::number('dynamicFactor', 'Dynamic factor on stress')->between(1.0, 10.0)->defaults(2.5), 'Body-builder practice: 2 to 3 on the road, 3 to 4 off it; 1: static.');
    }

    /** φ of this shop. */
    public function factor(): float
    {
        return $this->shop->value(self::dynamicFactor());
    }

    /** What the stress of a case is multiplied by: a frame on a jack is not shaken. */
    public function factorOf(LoadKind $kind): float
    {
        return $kind->isJacked() ? 1.0 : $this->factor();
    }

    public function under(LoadKind $kind): ?LoadCase
    {
        foreach ($this->cases as $case) {
            if ($case->kind === $kind) {
                return $case;
            }
        }

        return null;
    }

    /** The case with the most on the axles: what the frame has to bear day by day. */
    public function fullest(): LoadCase
    {
        return $this->under(LoadKind::Laden) ?? $this->cases[0];
    }

    /** @return list<float> stations for a diagram: evenly along the frame, and at every support and load (mm) */
    public function stations(): array
    {
        [$front, $rear] = $this->ends();
        $stations = range($front, $rear, max(1.0, min(self::STEP_MM, $rear - $front)));
        array_push($stations, $rear, ...array_merge(...array_map(fn (AxleSupport $one): array => array_column($one->shares(), 0), $this->supports)));
        foreach ($this->chassis->masses as $mass) {
            array_push($stations, $mass->station, ...($mass->to === null ? [] : [$mass->to]));
        }
        foreach ($this->under(LoadKind::Braking)->couples ?? [] as $couple) {
            array_push($stations, $couple->from, $couple->to);
        }
        $stations = array_values(array_unique(array_map(fn (float $x): float => round($x, 3), $stations)));
        sort($stations);

        return $stations;
    }

    /**
     * The worst places of all cases, each once, worst first.
     *
     * @return list<StressPoint>
     */
    public function worst(int $many = 3): array
    {
        $stations = array_values(array_filter($this->stations(), fn (float $x): bool => $this->strengths->weaker($x) !== null));
        $all = [];
        foreach ($this->cases as $case) {
            foreach ($case->moments($stations) as $i => $moment) {
                $all[] = $this->stress($case->kind, $stations[$i], $moment);
            }
        }
        usort($all, fn (?StressPoint $a, ?StressPoint $b): int => ($b->stress ?? 0.0) <=> ($a->stress ?? 0.0));
        $worst = [];
        foreach ($all as $one) {
            if ($one !== null && count($worst) < $many && array_filter($worst, fn (StressPoint $other): bool => abs($other->station - $one->station) < self::APART_MM) === []) {
                $worst[] = $one;
            }
        }

        return $worst;
    }

    /** What the weaker rail bears at a station under a moment of both (N·m), with the factor of the case or another; null where no rail is entered. */
    public function stress(LoadKind $kind, float $station, float $moment, ?float $factor = null): ?StressPoint
    {
        $rail = $this->strengths->weaker($station);
        if ($rail === null) {
            return null;
        }
        $stress = ($factor ?? $this->factorOf($kind)) * self::RAIL_SHARE * abs($moment) * 1000 / $rail->modulus;

        return new StressPoint($kind, $station, $moment, $stress, $rail->rail->yield === null || $stress < self::NO_STRESS_MPA ? null : $rail->rail->yield / $stress, $rail);
    }

    /** The weaker of both rails at a station; null where none is entered. */
    public function weaker(float $station): ?RailStrength
    {
        return $this->strengths->weaker($station);
    }

    /**
     * Sag between the axles and first bending frequency, with the section midway between the axles all along.
     *
     * @return ?array{sag: float, frequency: ?float} mm, down positive, and Hz; null on a jack, while it brakes and where no rail is entered there
     */
    public function stiffness(LoadCase $case): ?array
    {
        $middle = ($this->supports[0]->station + $this->supports[1]->station) / 2;
        $rail = $this->strengths->weaker($middle);
        if ($rail === null || ! $case->kind->isStanding()) {
            return null;
        }
        $compliance = self::RAIL_SHARE / (self::ELASTIC_MPA * $rail->inertia);

        return ['sag' => -$case->beam->deflectionTimesStiffness($middle) * $compliance, 'frequency' => BendingFrequency::of($this->supports, $case->points, $case->spreads, $compliance, self::LUMPS)];
    }

    /** @return array{float, float} stations of the ends of frame and load (mm) */
    public function ends(): array
    {
        $span = $this->chassis->span();
        $stations = [...($span ?? []), ...array_map(fn (Axle $axle): float => $axle->station, $this->chassis->axles)];
        foreach ($this->chassis->masses as $mass) {
            array_push($stations, $mass->station, $mass->to ?? $mass->station);
        }

        return [min([INF, ...$stations]), max([-INF, ...$stations])];
    }

    /** @return list<AxleSupport> */
    private function supports(): array
    {
        $axles = $this->chassis->axles;
        usort($axles, fn (Axle $a, Axle $b): int => $a->station <=> $b->station);
        $rear = array_slice($axles, 1);
        $station = array_sum(array_map(fn (Axle $axle): float => $axle->station, $rear)) / count($rear);
        if ($station - $axles[0]->station < self::LEAST_SPAN_MM) {
            throw CannotLoad::oneStation();
        }

        return [
            new AxleSupport($axles[0]->id, $axles[0]->station, $this->hangers($axles[0]->station, $axles[0]->station)),
            new AxleSupport(implode(' and ', array_map(fn (Axle $axle): string => $axle->id, $rear)), $station, $this->hangers($rear[0]->station, $rear[count($rear) - 1]->station)),
        ];
    }

    /** @return ?array{float, float} nearest before the first and behind the last axle of a group (mm) */
    private function hangers(float $first, float $last): ?array
    {
        $before = $behind = null;
        foreach ($this->chassis->fixtures as $fixture) {
            if ($fixture->kind !== FixtureKind::SpringHanger) {
                continue;
            }
            $x = $fixture->station;
            $before = $x < $first && $first - $x <= self::REACH_MM ? max($before ?? -INF, $x) : $before;
            $behind = $x > $last && $x - $last <= self::REACH_MM ? min($behind ?? INF, $x) : $behind;
        }

        return $before === null || $behind === null ? null : [$before, $behind];
    }

    private function case(LoadKind $kind): ?LoadCase
    {
        $supports = $this->supportsOf($kind);
        if ($supports === null) {
            return null;
        }
        $points = $spreads = [];
        foreach ($this->chassis->masses as $mass) {
            if ($mass->isLoad && $kind->isEmpty()) {
                continue;
            }
            [$from, $to] = [$mass->station, $mass->to];
            if ($to !== null && $mass->isLoad) {
                $middle = ($from + $to) / 2;
                [$from, $to] = match ($kind) {
                    LoadKind::Forward => [$from, $middle],
                    LoadKind::Rearward => [$middle, $to],
                    LoadKind::Tipping => $mass->tips ? [$to, null] : [$from, $to],
                    default => [$from, $to],
                };
            }
            if ($to === null) {
                $points[] = [$from, $mass->mass];
            } else {
                $spreads[] = [$from, $to, $mass->mass];
            }
        }

        return $points === [] && $spreads === [] ? null : new LoadCase($kind, $supports, $points, $spreads);
    }

    /** @return ?list<AxleSupport> null where there is no rail to put a jack under */
    private function supportsOf(LoadKind $kind): ?array
    {
        if (! $kind->isJacked()) {
            return $this->supports;
        }
        $rails = $this->chassis->rails;
        if ($rails === []) {
            return null;
        }
        [$front, $rear] = $this->supports;
        $supports = $kind === LoadKind::JackedFront
            ? [new AxleSupport('jack', min(array_map(fn (Rail $rail): float => $rail->from, $rails)), null), $rear]
            : [$front, new AxleSupport('jack', max(array_map(fn (Rail $rail): float => $rail->to, $rails)), null)];

        return $supports[1]->station - $supports[0]->station < self::LEAST_SPAN_MM ? null : $supports;
    }
}

<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Chassis\Rail;
use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** Kicks, bends, tapers and jumps of the section, cracks, and the ends of the rails: the longest part of the splice lies flat on either side. */
final readonly class StraightLength implements CutRule
{
    private const BEYOND_MM = 50.0;

    public static function name(): string
    {
        return 'straightLength';
    }

    public static function label(): string
    {
        return 'kicks, tapers, jumps of the section and ends';
    }

    public static function shopDefaults(): array
    {
        return [new ShopDefault('Where to cut', Field::length('longestPart', 'Longest part of a splice, to one side of the joint')->between(0.0, 3000.0)->defaults(300.0), 'What the shop usually puts in; 50 mm more have to be straight.')];
    }

    public function forbids(Chassis $chassis, Shop $shop, array $bends): array
    {
        $clear = $shop->value(self::shopDefaults()[0]) + self::BEYOND_MM;
        $whose = $shop->whose(self::shopDefaults()[0]);
        $stretches = array_map(fn (array $bend): ForbiddenStretch => ForbiddenStretch::around(self::name(), $bend[0], $bend[1], $clear, 'rail that is not straight there', $whose), $bends);
        foreach ($chassis->fixtures as $one) {
            if ($one->kind === FixtureKind::Bend) {
                $stretches[] = ForbiddenStretch::around(self::name(), $one->front(), $one->rear(), $clear, $one->called(), $whose);
            }
            if ($one->kind === FixtureKind::Crack) {
                $stretches[] = ForbiddenStretch::on(self::name(), $one->front() - $clear, $one->rear() + $clear, Sentence::of('cut.crack', '{what} has to be mended first, or cut out whole', what: $one->called()));
            }
        }
        foreach ($chassis->rails as $rail) {
            if ($rail->tapers()) {
                $stretches[] = ForbiddenStretch::around(self::name(), $rail->from, $rail->to, $clear, "the taper of rail {$rail->id()}", $whose);
            }
        }

        return [...$stretches, ...$this->jumps($chassis, $clear, $whose)];
    }

    /** @return list<ForbiddenStretch> where one run of rail ends */
    private function jumps(Chassis $chassis, float $clear, string $whose): array
    {
        [$front, $rear] = $chassis->span() ?? [0.0, 0.0];
        $ends = array_merge([], ...array_map(fn (Rail $rail): array => [$rail->from, $rail->to], $chassis->rails));
        $jumps = [];
        foreach (array_unique(array_map(fn (float $at): float => round($at, 3), $ends)) as $at) {
            $isEnd = abs($at - $front) < 1.0 || abs($at - $rear) < 1.0;
            $jumps[] = ForbiddenStretch::on(self::name(), $at - $clear, $at + $clear, Sentence::of('cut.jump', 'within {clear} of {what} ({whose})', clear: Measure::given($clear), what: $isEnd ? 'the end of the rail' : 'where the section changes', whose: $whose));
        }

        return $jumps;
    }
}

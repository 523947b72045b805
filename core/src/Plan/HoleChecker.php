<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Chassis\Rail;
use Geodex\Core\Chassis\Steel;
use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** What a careful technician would say about a new hole in a rail: its edge, its neighbours, the bend of the flange, welds and hangers. */
final readonly class HoleChecker implements HasShopDefaults
{
    public function __construct(private Chassis $chassis, private Shop $shop) {}

    public static function shopDefaults(): array
    {
        return [
            self::pitch(), self::bend(), self::toWeld(), self::nearHanger(), self::largest(),
        ];
    }

    /** @return list<Sentence> */
    public function of(string $operation, Fixture $hole): array
    {
        $d = $hole->diameter ?? 0.0;
        if (! $hole->kind->isOpening() || $d <= 0.0) {
            return [];
        }
        $said = [];
        foreach ($hole->side->sides() as $side) {
            $rail = $this->chassis->rail($side, $hole->station);
            if ($rail !== null) {
                array_push($said, ...($hole->face === 'web' ? $this->inWeb($rail, $hole, $d) : $this->inFlange($rail)));

                break;
            }
        }
        foreach ($this->chassis->fixtures as $other) {
            if ($other->id() !== $hole->id() && $other->side->meets($hole->side)) {
                array_push($said, ...array_filter([$this->neighbour($hole, $d, $other)]));
            }
        }

        return array_map(fn (Sentence $one): Sentence => Sentence::of($one->code, '{operation}: {said}', operation: $operation, said: $one), $said);
    }

    /** @return list<Sentence> */
    private function inWeb(Rail $rail, Fixture $hole, float $d): array
    {
        $depth = $rail->depth($hole->station);
        $bend = $rail->insideRadius() + $rail->flangeThickness();
        // From the edge of the hole to where the corner begins to bend.
        $left = $depth / 2 - abs($hole->up) - $d / 2 - $bend;
        $least = $this->shop->value(self::bend()) * $rail->thickness();
        $said = [];
        if ($left < $least) {
            $said[] = Sentence::of('hole.bend', 'only {left} from its edge to the bend of the flange, {least} asked ({whose})', left: Measure::computed($left), least: Measure::given($least), whose: $this->shop->whose(self::bend()));
        }
        if ($d > $this->shop->value(self::largest()) * $depth) {
            $said[] = Sentence::of('hole.large', '⌀ {d} is more than {share} of the web ({whose})', d: Measure::given($d), share: sprintf('%.0f %%', 100 * $this->shop->value(self::largest())), whose: $this->shop->whose(self::largest()));
        }

        return $said;
    }

    /** @return list<Sentence> */
    private function inFlange(Rail $rail): array
    {
        return [$rail->steel === Steel::Mild
            ? Sentence::plain('hole.flange', 'a hole in a flange takes most where the rail bears most: only by calculation and the maker\'s leave')
            : Sentence::plain('hole.flange-refused', 'no hole in the flange of high-strength or heat-treated steel')];
    }

    private function neighbour(Fixture $hole, float $d, Fixture $other): ?Sentence
    {
        $apart = abs($other->station - $hole->station);
        if ($other->kind->isOpening() && $other->face === $hole->face) {
            $centres = hypot($apart, $other->up - $hole->up);
            $least = $this->shop->value(self::pitch()) * max($d, $other->diameter ?? 0.0);

            return $centres < $least ? Sentence::of('hole.pitch', '{apart} to the middle of {other}, {least} asked ({whose})', apart: Measure::computed($centres), other: $other->called(), least: Measure::given($least), whose: $this->shop->whose(self::pitch())) : null;
        }
        $gap = max($other->front() - $hole->rear(), $hole->front() - $other->rear());
        if ($other->kind === FixtureKind::Weld) {
            return $gap < $this->shop->value(self::toWeld()) ? Sentence::of('hole.weld', '{gap} to {other}, {least} asked ({whose})', gap: Measure::computed(max(0.0, $gap)), other: $other->called(), least: Measure::given($this->shop->value(self::toWeld())), whose: $this->shop->whose(self::toWeld())) : null;
        }
        $rail = $other->kind === FixtureKind::SpringHanger ? $this->chassis->rail($hole->side->sides()[0], $hole->station) : null;
        $least = $rail === null ? 0.0 : $this->shop->value(self::nearHanger()) * $rail->depth($hole->station);

        return $apart < $least ? Sentence::of('hole.hanger', '{apart} from {other}: no new hole within {least} ({whose})', apart: Measure::computed($apart), other: $other->called(), least: Measure::given($least), whose: $this->shop->whose(self::nearHanger())) : null;
    }

    private static function pitch(): ShopDefault
    {
        return new ShopDefault('Holes', Field::number('holePitch', 'Two holes, middle to middle', '× their diameter')->between(2.0, 20.0)->defaults(3.0), 'AISC 360 J3.3, preferred; 2⅔ at least.');
    }

    private static function bend(): ShopDefault
    {
        return new ShopDefault('Holes', Field::number('holeBend', 'Edge of a hole to the bend of the flange', '× wall')->between(0.0, 20.0)->defaults(2.5), 'Sheet-metal practice; to the tangent of the bend.');
    }

    private static function toWeld(): ShopDefault
    {
        return new ShopDefault('Holes', Field::length('holeWeld', 'Edge of a hole to a weld\'s toe')->between(0.0, 500.0)->defaults(25.0), 'Shop practice.');
    }

    private static function nearHanger(): ShopDefault
    {
        return new ShopDefault('Holes', Field::number('holeHanger', 'No new hole near a spring hanger', '× web depth')->between(0.0, 10.0)->defaults(3.0), 'Shop practice; the vehicle maker\'s instruction comes first.');
    }

    private static function largest(): ShopDefault
    {
        return new ShopDefault('Holes', Field::number('holeLargest', 'Largest hole in a web', '× web depth')->between(0.0, 1.0)->defaults(0.2), 'Shop practice.');
    }
}

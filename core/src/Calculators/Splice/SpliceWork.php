<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

use Geodex\Core\Fields\Field;
use Geodex\Core\Plan\Windows\AccessInside;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** What a way of joining asks of the welder: plugs, run of fillets, passes by the shop's own table, and whether a torch gets there. One rail. */
final readonly class SpliceWork implements HasShopDefaults
{
    private function __construct(public int $plugs, public float $fillets, public int $buttPasses, public int $filletPasses, public Sentence $access) {}

    public static function shopDefaults(): array
    {
        return [self::onePass(), self::eachPass()];
    }

    /** @param  list<array<string, mixed>>  $parts  as the calculator “splice” takes them */
    public static function of(SpliceSchool $school, SpliceSite $site, array $parts): self
    {
        $plugs = 0;
        $fillets = 0.0;
        foreach ($parts as $part) {
            /** @var array{plugs?: array{positions: list<array{float, float}>}, fillets?: list<array{length?: float, from?: array{float, float}, to?: array{float, float}}>} $each */
            $each = $part['each'];
            $plugs += 2 * count($each['plugs']['positions'] ?? []);
            foreach ($each['fillets'] ?? [] as $run) {
                $fillets += 2 * ($run['length'] ?? hypot(($run['to'][0] ?? 0.0) - ($run['from'][0] ?? 0.0), ($run['to'][1] ?? 0.0) - ($run['from'][1] ?? 0.0)));
            }
        }

        return new self($plugs, $fillets, $school::butt($site) > 0.0 ? self::passes($site, $site->thickness) : 0, $fillets > 0.0 ? self::passes($site, $site->leg) : 0, self::access($school, $site));
    }

    private static function passes(SpliceSite $site, float $thick): int
    {
        return 1 + (int) ceil(max(0.0, $thick - $site->shop->value(self::onePass())) / $site->shop->value(self::eachPass()) - 1e-9);
    }

    private static function access(SpliceSchool $school, SpliceSite $site): Sentence
    {
        if (! $school::weldsInside()) {
            return Sentence::plain('splice.outside', 'All of it is welded from outside.');
        }
        if ($site->kind === 'box') {
            return Sentence::plain('splice.closed', 'The edges inside a closed rail cannot be reached once it is pushed in: plugs alone, or another way.');
        }
        $room = [$site->depth - 2 * $site->thickness, $site->width - $site->thickness];
        $asked = AccessInside::room($site->shop);

        return min($room) >= $asked
            ? Sentence::of('splice.room', 'Welded inside the channel, which leaves {high} by {wide} for torch and hand.', high: Measure::computed($room[0]), wide: Measure::computed($room[1]))
            : Sentence::of('splice.narrow', 'Welded inside the channel, which leaves {high} by {wide} where torch and hand ask {asked} both ways: try the reach first, or weld from the tips.', high: Measure::computed($room[0]), wide: Measure::computed($room[1]), asked: Measure::given($asked));
    }

    private static function onePass(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::length('onePassUpTo', 'One pass fills a weld up to')->between(1.0, 20.0)->defaults(5.0), 'Shop practice; the welding procedure decides.');
    }

    private static function eachPass(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::length('eachFurtherPass', 'and each further pass')->between(1.0, 20.0)->defaults(3.0), 'Shop practice; the welding procedure decides.');
    }
}

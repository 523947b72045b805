<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Mass;
use Geodex\Core\Fields\Field;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/**
 * A laden frame that brakes: each mass m pushes forward with m a at its height u above the rails, and the ground holds each axle by its
 * share with the rails h above it. Both turn the frame nose down, by m a u and F h. What the axles then carry decides their shares, so
 * that those are found in turns. The push along the rails themselves is left out: it is small against their bending.
 */
final readonly class Braking implements HasShopDefaults
{
    private const TURNS = 30;

    public function __construct(private Shop $shop = new Shop) {}

    public static function shopDefaults(): array
    {
        return [self::deceleration()];
    }

    /** Null where a mass has no height, or no axle tells how high the rails are. */
    public function of(LoadCase $laden, Chassis $chassis): ?LoadCase
    {
        $rails = $chassis->railHeight();
        if ($rails === null || array_filter($chassis->masses, fn (Mass $mass): bool => $mass->above === null) !== []) {
            return null;
        }
        $share = $this->shop->value(self::deceleration());
        $pushed = array_map(fn (Mass $mass): Couple => $this->push($mass, $share * LoadCase::GRAVITY * $mass->mass * (float) $mass->above), $chassis->masses);
        $case = $laden;
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            $held = [];
            foreach ($laden->supports as $i => $axle) {
                $held[] = Couple::of($axle, $share * max(0.0, $case->beam->reactions[$i]) * $rails);
            }
            $case = $laden->turned(LoadKind::Braking, [...$pushed, ...$held]);
        }

        return $case;
    }

    private function push(Mass $mass, float $moment): Couple
    {
        return $mass->to === null ? Couple::at($mass->station, $moment) : Couple::over($mass->station, $mass->to, $moment);
    }

    private static function deceleration(): ShopDefault
    {
        return new ShopDefault('Structure', Field::number('brakeDeceleration', 'Firm braking', 'g')->between(0.1, 1.2)->defaults(0.6), 'What a laden truck is asked to do is about 0.5; 0.6 with something to spare. Shop practice.');
    }
}

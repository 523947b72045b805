<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * How a sleeve is made: folded from sheet, by the neutral line at k t from the inside of each bend, or from a stock tube that is slit along
 * both webs and closed up (methods of the plan, section 12).
 */
final readonly class SleeveMaking implements HasShopDefaults
{
    public static function shopDefaults(): array
    {
        return [self::neutral(), self::radius()];
    }

    /**
     * @param  array<string, mixed>  $sleeve  as the calculator “splice” takes it
     * @return list<Sentence>
     */
    public static function of(SpliceSite $site, array $sleeve): array
    {
        /** @var array{kind: string, depth: float, width: float, thickness: float} $section */
        $section = $sleeve['section'];
        [$h, $b, $t] = [$section['depth'], $section['width'], $section['thickness']];
        $radius = $site->shop->value(self::radius()) * $t;
        $said = [];
        if ($section['kind'] === 'channel') {
            $blank = ($h - 2 * ($radius + $t)) + 2 * ($b - ($radius + $t)) + M_PI * ($radius + $site->shop->value(self::neutral()) * $t);
            $said[] = Sentence::of('sleeve.folded', 'Folded: sheet {t}, blank {blank} wide, inside radius {radius}; grain across the bends, a trial bend decides ({whose}).', t: Measure::given($t), blank: Measure::computed($blank), radius: Measure::computed($radius), whose: $site->shop->whose(self::neutral()));
        }
        $outside = $radius + $t;
        $clearance = $outside < $site->insideRadius ? max(SpliceSite::FIT_MM, ($site->insideRadius - $outside) * (1 - M_SQRT1_2)) : SpliceSite::FIT_MM;
        $fits = $site->depth - 2 * $site->thickness - 2 * $clearance;
        $said[] = Sentence::of('sleeve.tube', 'From a stock tube: it has to be {fits} high to push in. A higher one is slit along both webs at mid-height, a strip of what it is too high taken out of each, kerf included, closed up and welded full length before it counts; a lower one is shimmed half the rest on each side.', fits: Measure::computed($fits));

        return $said;
    }

    private static function neutral(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::number('bendNeutral', 'Neutral line of a bend, of the wall')->between(0.2, 0.5)->defaults(0.42), 'Shop practice: 0.33 tight to 0.5 wide; a trial bend decides.');
    }

    private static function radius(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::number('bendRadius', 'Inside radius of a bend, of the wall')->between(0.5, 6.0)->defaults(1.0), 'Mild steel; 1.5 and more for high strength.');
    }
}

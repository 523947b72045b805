<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Fields\Field;
use Geodex\Core\RunSheet\Holds\Hold;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/**
 * The steps that a plan, its parts and its running gear ask for, by named rules: safe and surveyed before anything is touched, held before it is cut, parts there before they
 * are tacked, measured at the tack, the root and cold, coated before it is closed, on its wheels before links and shaft are made to length.
 */
final readonly class StandardSteps implements HasShopDefaults
{
    /** @return list<ShopDefault> */
    public static function shopDefaults(): array
    {
        return [self::witness(), self::cornerHeight(), self::supportTwist()];
    }

    /**
     * @param  list<PlannedCut>  $cuts
     * @param  list<PlannedPart>  $parts
     * @param  list<string>  $moved  what else the plan moves or adds, in words
     * @param  list<StrippedItem>  $stripped
     * @param  list<BoltedPattern>  $bolted
     * @return list<Step>
     */
    public static function of(array $cuts, array $parts, array $moved, array $stripped, array $bolted, bool $hasShaft, Shop $shop): array
    {
        $steps = [new Step('survey', 'Survey the frame as it came', 'survey', minutes: 90.0), new Step('safe', 'Make the vehicle safe', 'make-safe', minutes: 20.0)];
        if ($cuts === [] && $moved === [] && $parts === [] && $stripped === [] && $bolted === []) {
            return $steps;
        }
        if ($cuts !== []) {
            $steps[] = new Step('bench', 'Level and square the bench, set the vehicle on it', 'bench', needs: ['safe'], hold: new Hold('Vehicle stands as it was surveyed: heights of the four corners', ways: ['look', 'heights']), minutes: 60.0);
            $steps[] = new Step('posts', 'Set posts under both halves', 'support', state: 'posts', minutes: 45.0, needs: ['bench'], hold: new Hold('Both halves carried, and the four corners no more twisted than they stood', ways: ['look', 'heights']));
        }
        $out = array_map(fn (StrippedItem $one): Step => new Step($one->outId(), "Out of the way of the heat: $one->what, bag $one->bag", $one->burns() ? 'fuel' : 'strip', minutes: 20.0, needs: ['safe', 'survey']), $stripped);
        array_push($steps, ...$out);
        $tolerance = $shop->value(self::witness());
        foreach ($cuts as $cut) {
            array_push($steps, ...JointSteps::of($cut, array_values(array_filter($parts, fn (PlannedPart $one): bool => $one->operation === $cut->operation)), $tolerance, array_map(fn (Step $step): string => $step->id, $out)));
        }
        foreach ($moved as $i => $what) {
            $steps[] = new Step('change-'.($i + 1), $what, 'change', minutes: 60.0, needs: $cuts === [] ? ['safe'] : [], hold: new Hold('Stands where the target says', ways: ['look', 'survey']));
        }
        array_push($steps, ...PartSteps::of($parts), ...self::bolted($bolted, $steps));
        if ($cuts !== []) {
            $closed = array_map(fn (Step $step): string => $step->id, array_values(array_filter($steps, fn (Step $step): bool => $step->kind === 'close')));
            $steps[] = new Step('released', 'Take the posts off', 'release', state: 'posts', minutes: 20.0, needs: $closed, hold: new Hold('Nothing moved when the posts came off', ways: ['look', 'heights', 'survey']));
        }

        return [...$steps, ...self::back($stripped, $steps), ...self::end($hasShaft, array_map(fn (Step $step): string => $step->id, array_values(array_filter($steps, fn (Step $step): bool => $step->kind === 'change'))))];
    }

    /**
     * Holes when the rails are cold, bolts when the holes are there.
     *
     * @param  list<BoltedPattern>  $bolted
     * @param  list<Step>  $before
     * @return list<Step>
     */
    private static function bolted(array $bolted, array $before): array
    {
        $hot = array_map(fn (Step $step): string => $step->id, array_values(array_filter($before, fn (Step $step): bool => in_array($step->kind, ['weld', 'close'], true))));
        $drilled = array_map(fn (BoltedPattern $one): string => $one->id, array_values(array_filter($bolted, fn (BoltedPattern $one): bool => $one->isDrilled)));

        return array_map(fn (BoltedPattern $one): Step => $one->step()->after($one->isDrilled ? $hot : [...$hot, ...$drilled]), $bolted);
    }

    /** How well the height of a corner is read, one sigma. */
    public static function cornerHeight(): ShopDefault
    {
        return new ShopDefault('Run sheet', Field::length('cornerHeight', 'Height of a corner is read to, one sigma')->between(0.05, 5.0)->defaults(0.3), 'One staff and one level for all four: shop practice.');
    }

    /** What supports may twist the frame by. */
    public static function supportTwist(): ShopDefault
    {
        return new ShopDefault('Run sheet', Field::length('supportTwist', 'Supports may twist the frame by')->between(0.1, 20.0)->defaults(2.0), 'shop practice');
    }

    private static function witness(): ShopDefault
    {
        return new ShopDefault('Run sheet', Field::length('witnessTolerance', 'Witness marks at the end within')->between(0.1, 20.0)->defaults(2.0), 'shop practice');
    }

    /**
     * What came off goes back in reverse, when all is welded and coated.
     *
     * @param  list<StrippedItem>  $stripped
     * @param  list<Step>  $before
     * @return list<Step>
     */
    private static function back(array $stripped, array $before): array
    {
        $coats = array_map(fn (Step $step): string => $step->id, array_values(array_filter($before, fn (Step $step): bool => in_array($step->kind, ['coat', 'close', 'weld', 'change'], true))));
        $steps = [];
        $last = [];
        foreach (array_reverse($stripped) as $one) {
            $steps[] = new Step($one->backId(), "Back, longer or shorter: $one->what, bag $one->bag", 'refit', minutes: 30.0, needs: [...$coats, ...$last, $one->outId()]);
            $last = [$one->backId()];
        }

        return $steps;
    }

    /**
     * @param  list<string>  $changes  ids
     * @return list<Step>
     */
    private static function end(bool $hasShaft, array $changes): array
    {
        return [
            new Step('final', 'Survey it again, on its wheels, against the target', 'final-survey', state: 'wheels', minutes: 90.0, needs: $changes, hold: new Hold('Every point against the target', ways: ['survey', 'look'])),
            ...($hasShaft ? [new Step('shaft', 'Driveshaft to the final survey: made, balanced, fitted', 'fit', state: 'wheels', minutes: 60.0)] : []),
            new Step('eye', 'Walk round: bolts, lines, clearances, lamps', 'fit', state: 'wheels', minutes: 30.0, hold: new Hold('Seen by eye, with a picture of each place', ways: ['picture'])),
        ];
    }
}
